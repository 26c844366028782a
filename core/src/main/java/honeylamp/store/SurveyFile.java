package honeylamp.store;

import honeylamp.plan.OpeningKind;
import honeylamp.survey.SurveyException;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Reading;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.DuplicateHeaderMode;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads measured surveys from CSV and JSON, as described in {@code docs/survey.md}. */
public final class SurveyFile {
    /** The endings of survey files. */
    public static final List<String> ENDINGS = List.of("csv", "json");

    private static final String FORMAT = "honeylamp survey";
    private static final long MOST_BYTES = 5L << 20;
    private static final int MOST_ROWS = 20_000;
    private static final Length USUAL_HEIGHT = Length.ofMm(2600);
    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(
                            StreamReadConstraints.builder().maxNestingDepth(8).build())
                    .build())
            .build();

    private String name = "Survey";
    private UnitSystem units = UnitSystem.MM;
    private Length height = USUAL_HEIGHT;
    private Length thickness = Survey.USUAL_THICKNESS;
    private final List<Reading> readings = new ArrayList<>();

    private SurveyFile() {}

    /** What came of reading a survey. */
    public sealed interface Result {
        /** A survey, and the units its bare numbers are in. */
        record Good(Survey survey, UnitSystem units) implements Result {}

        /** No survey; the sentence says why, where and what to do. */
        record Refused(PlanProblem problem) implements Result {}
    }

    private record Row(int line, Map<String, String> fields) {
        String get(String field) {
            return fields.getOrDefault(field, "").strip();
        }
    }

    /** Reads a file; what it holds decides, not its name. */
    public static Result read(Path file) {
        var where = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > MOST_BYTES) {
                return refused("The survey is too large (at most 5 MB)", where, "Split it into parts.");
            }
            return read(Files.readAllBytes(file), where);
        } catch (IOException e) {
            return refused(
                    "The survey cannot be read: " + e.getMessage(), where, "Check that the file is there and whole.");
        }
    }

    /** Reads a survey from its bytes. */
    public static Result read(byte[] bytes, String where) {
        try {
            var text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString()
                    .replace("\ufeff", "");
            var rows = text.stripLeading().startsWith("{") ? json(text) : csv(text);
            if (rows.size() > MOST_ROWS) {
                return refused("The survey has more than " + MOST_ROWS + " rows", where, "Split it into parts.");
            }
            var reader = new SurveyFile();
            for (var row : rows) {
                reader.row(row);
            }
            return new Result.Good(new Survey(reader.name, reader.height, reader.readings), reader.units);
        } catch (CharacterCodingException _) {
            return refused("The survey is no text", where, "Save it as CSV or JSON in UTF-8.");
        } catch (SurveyException e) {
            return new Result.Refused(problem(e, where));
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            return refused(
                    "The survey is no readable CSV: " + e.getMessage(), where, "See docs/survey.md for its form.");
        } catch (JacksonException e) {
            return refused(
                    "The survey is no readable JSON: " + e.getOriginalMessage(),
                    where + ", line "
                            + (e.getLocation() == null ? 0 : e.getLocation().getLineNr()),
                    "See docs/survey.md for its form.");
        }
    }

    /** The sentence for readings that cannot be put together. */
    public static PlanProblem problem(SurveyException e, String where) {
        return new PlanProblem(
                "The survey cannot be put together: " + e.what(),
                e.line() > 0 ? where + ", line " + e.line() : where,
                "Correct that line; docs/survey.md shows the form.");
    }

    private static Result refused(String what, String where, String todo) {
        return new Result.Refused(new PlanProblem(what, where, todo));
    }

    private static List<Row> csv(String text) throws IOException, SurveyException {
        var format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setAllowMissingColumnNames(true) // spreadsheets write a comma too many
                .setDuplicateHeaderMode(DuplicateHeaderMode.ALLOW_EMPTY)
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .setCommentMarker('#')
                .setDelimiter(text.lines().findFirst().orElse("").contains(";") ? ";" : ",")
                .get();
        var out = new ArrayList<Row>();
        try (var parser = format.parse(new StringReader(text))) {
            if (!parser.getHeaderNames().contains("kind")) {
                throw new SurveyException(1, "the first line must name the columns kind,from,to,start,end,turn,note");
            }
            for (var row : parser) {
                out.add(new Row((int) parser.getCurrentLineNumber(), row.toMap()));
            }
        }
        return out;
    }

    private static List<Row> json(String text) throws SurveyException {
        var root = MAPPER.readTree(text);
        if (!FORMAT.equals(root.path("format").asString(""))
                || root.path("version").asInt(0) != 1) {
            throw new SurveyException(1, "the JSON must say \"format\": \"" + FORMAT + "\" and \"version\": 1");
        }
        var out = new ArrayList<Row>();
        for (var row : root.path("rows")) {
            out.add(new Row(
                    out.size() + 1,
                    row.properties().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> plain(e.getValue())))));
        }
        return out;
    }

    private static String plain(JsonNode value) {
        return value.isNull() ? "" : value.asString("");
    }

    private void row(Row row) throws SurveyException {
        try {
            switch (row.get("kind").toLowerCase(Locale.ROOT)) {
                case "survey" -> name = row.get("note").isEmpty() ? name : row.get("note");
                case "unit" -> units = unit(row);
                case "height" -> height = length(row, "end", LengthReader::positive);
                case "thickness" -> thickness = length(row, "end", LengthReader::positive);
                case "leg" ->
                    readings.add(new Survey.Leg(
                            row.line,
                            station(row, "from"),
                            station(row, "to"),
                            run(row),
                            turn(row),
                            thickness,
                            row.get("note")));
                case "diagonal" ->
                    readings.add(new Survey.Diagonal(row.line, station(row, "from"), station(row, "to"), run(row)));
                case "station" ->
                    readings.add(new Survey.OnLeg(
                            row.line,
                            station(row, "note"),
                            station(row, "from"),
                            station(row, "to"),
                            length(row, "end", LengthReader::notNegative)));
                case "door" -> readings.add(hole(row, OpeningKind.DOOR));
                case "window" -> readings.add(hole(row, OpeningKind.CASEMENT_WINDOW));
                case "doors" -> readings.add(hole(row, OpeningKind.PAIR_DOOR));
                case "opening" -> readings.add(hole(row, OpeningKind.PLAIN));
                default ->
                    throw new SurveyException(
                            row.line,
                            "\"" + row.get("kind")
                                    + "\" is no kind of row; known are survey, unit, height, thickness, leg, diagonal,"
                                    + " station, door, doors, window, opening");
            }
        } catch (IllegalArgumentException e) {
            throw new SurveyException(row.line, String.valueOf(e.getMessage()));
        }
    }

    private static UnitSystem unit(Row row) throws SurveyException {
        return switch (row.get("note").toLowerCase(Locale.ROOT)) {
            case "mm" -> UnitSystem.MM;
            case "cm" -> UnitSystem.CM;
            case "m" -> UnitSystem.M;
            case "ft-in" -> UnitSystem.FEET_INCHES;
            default ->
                throw new SurveyException(
                        row.line, "\"" + row.get("note") + "\" is no unit; known are mm, cm, m, ft-in");
        };
    }

    private static String station(Row row, String field) throws SurveyException {
        if (row.get(field).isEmpty()) {
            throw new SurveyException(row.line, "the column \"" + field + "\" must name a station");
        }
        return row.get(field);
    }

    private Survey.Hole hole(Row row, OpeningKind kind) throws SurveyException {
        return new Survey.Hole(
                row.line,
                kind,
                station(row, "from"),
                station(row, "to"),
                length(row, "start", LengthReader::notNegative),
                length(row, "end", LengthReader::positive));
    }

    /** A length as the difference of two running readings; without a start it begins at 0. */
    private Length run(Row row) throws SurveyException {
        var end = length(row, "end", LengthReader::positive);
        return row.get("start").isEmpty() ? end : end.minus(length(row, "start", LengthReader::notNegative));
    }

    private Length length(Row row, String field, BiFunction<String, UnitSystem, LengthReading> read)
            throws SurveyException {
        return switch (read.apply(row.get(field), units)) {
            case LengthReading.Good(var length) -> length;
            case LengthReading.Bad(var sentence) ->
                throw new SurveyException(row.line, "column \"" + field + "\": " + sentence.replaceFirst("\\.$", ""));
        };
    }

    private static OptionalDouble turn(Row row) throws SurveyException {
        var text = row.get("turn").replace("\u00b0", "");
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        try {
            var deg = Double.parseDouble(text);
            if (Math.abs(deg) <= 360) {
                return OptionalDouble.of(deg);
            }
        } catch (NumberFormatException _) {
            // said below
        }
        throw new SurveyException(row.line, "\"" + row.get("turn") + "\" is no turn in degrees between -360 and 360");
    }
}
