package honeylamp.store;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Measure;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.output.WholeFile;
import honeylamp.plan.Plan;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.AreaText;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Schedules for spreadsheets: an XLSX file with a sheet for each, or one CSV file with the subject in its first
 * column. Lengths are in mm, or in feet and inches as words; areas in m².
 */
public final class ScheduleFile {
    private static final Pattern CREATED = Pattern.compile("<dcterms:(created|modified)[^>]*>[^<]*</dcterms:\\1>");
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private ScheduleFile() {}

    /** The kinds of file, known by their ending. */
    public enum Format {
        XLSX,
        CSV;

        /** The format a file name asks for by its ending. */
        public static Optional<Format> of(Path file) {
            var name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(f -> name.endsWith("." + f.name().toLowerCase(Locale.ROOT)))
                    .findFirst();
        }
    }

    /**
     * Writes all schedules of a plan, whole or not at all.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     */
    public static void write(Plan plan, Format format, Path file) throws IOException {
        write(plan, List.of(Subject.values()), "", format, file);
    }

    /**
     * Writes some schedules of a plan, whole or not at all.
     *
     * @param words that all rows say; none for all rows
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     */
    public static void write(Plan plan, List<Subject> subjects, String words, Format format, Path file)
            throws IOException {
        var laid = LaidPlan.of(plan);
        var schedules = subjects.stream().map(s -> Takeoff.of(laid, s, words)).toList();
        WholeFile.write(file, out -> {
            switch (format) {
                case XLSX -> workbook(schedules, plan.units(), out);
                case CSV -> csv(schedules, plan.units(), out);
            }
        });
    }

    private static void workbook(List<Schedule> schedules, UnitSystem units, OutputStream out) throws IOException {
        var made = Files.createTempFile("honeylamp", ".xlsx");
        try {
            try (var file = Files.newOutputStream(made);
                    var book = new Workbook(file, "Honey Lamp", "1.0")) {
                for (var schedule : schedules) {
                    fill(book.newWorksheet(schedule.subject().label()), schedule, units);
                }
            }
            timeless(made, out);
        } finally {
            Files.deleteIfExists(made);
        }
    }

    /** The same schedules give the same bytes: a workbook says when it was made, in its notes and of each of its entries. */
    private static void timeless(Path book, OutputStream out) throws IOException {
        var zip = new ZipOutputStream(out); // not closed: what is under it belongs to others
        try (var in = new ZipFile(book.toFile())) {
            for (var entry : Collections.list(in.entries())) {
                var copy = new ZipEntry(entry.getName());
                copy.setTimeLocal(NO_TIME);
                zip.putNextEntry(copy);
                try (var content = in.getInputStream(entry)) {
                    zip.write(undated(entry.getName(), content.readAllBytes()));
                }
                zip.closeEntry();
            }
        }
        zip.finish();
    }

    private static byte[] undated(String name, byte[] bytes) {
        return name.equals("docProps/core.xml")
                ? CREATED.matcher(new String(bytes, StandardCharsets.UTF_8))
                        .replaceAll("")
                        .getBytes(StandardCharsets.UTF_8)
                : bytes;
    }

    private static void fill(Worksheet sheet, Schedule schedule, UnitSystem units) {
        var columns = schedule.columns();
        for (var c = 0; c < columns.size(); c++) {
            sheet.value(0, c, heading(columns.get(c), units));
            sheet.style(0, c).bold().set();
        }
        sheet.freezePane(0, 1);
        for (var r = 0; r < schedule.rows().size(); r++) {
            fill(sheet, r + 1, schedule.rows().get(r).cells(), units);
        }
        if (schedule.subject().isTakeoff() && !schedule.rows().isEmpty()) {
            var last = schedule.rows().size() + 1;
            fill(sheet, last, schedule.total(), units);
            sheet.value(last, 0, "Together");
            sheet.range(last, 0, last, columns.size() - 1).style().bold().set();
        }
    }

    private static void fill(Worksheet sheet, int row, List<Cell> cells, UnitSystem units) {
        for (var c = 0; c < cells.size(); c++) {
            switch (cells.get(c)) {
                case Cell.Words(var text) -> sheet.value(row, c, text);
                case Cell.Long(var length) when units.isMetric() -> sheet.value(row, c, length.mm());
                case Cell.Long(var length) -> sheet.value(row, c, LengthText.rounded(length, units));
                case Cell.Wide(var area) -> {
                    sheet.value(row, c, squareMetres(area));
                    sheet.style(row, c).format("0.00").set();
                }
                case Cell.Number number -> {
                    if (number.value().isPresent()) {
                        sheet.value(row, c, new BigDecimal(number.text()));
                    }
                }
            }
        }
    }

    private static String heading(Schedule.Column column, UnitSystem units) {
        return switch (column.measure()) {
            case WORDS, NUMBER -> column.heading();
            case LENGTH -> column.heading() + (units.isMetric() ? ", mm" : ", ft-in");
            case AREA -> column.heading() + ", m\u00b2";
        };
    }

    private static BigDecimal squareMetres(double mm2) {
        return BigDecimal.valueOf(mm2 / AreaText.MM2_PER_M2).setScale(4, RoundingMode.HALF_UP);
    }

    private static void csv(List<Schedule> schedules, UnitSystem units, OutputStream out) throws IOException {
        var printer = new CSVPrinter(new OutputStreamWriter(out, StandardCharsets.UTF_8), CSVFormat.RFC4180);
        for (var schedule : schedules) {
            var head = new ArrayList<Object>();
            head.add("schedule");
            schedule.columns().forEach(c -> head.add(c.key() + sign(c.measure(), units)));
            printer.printRecord(head);
            for (var row : schedule.rows()) {
                var line = new ArrayList<Object>();
                line.add(schedule.subject().name().toLowerCase(Locale.ROOT));
                row.cells().forEach(c -> line.add(text(c, units)));
                printer.printRecord(line);
            }
        }
        printer.flush(); // not closed: the file is synced first
    }

    private static String sign(Measure measure, UnitSystem units) {
        return switch (measure) {
            case WORDS, NUMBER -> "";
            case LENGTH -> units.isMetric() ? "_mm" : "_ft_in";
            case AREA -> "_m2";
        };
    }

    private static String text(Cell cell, UnitSystem units) {
        return switch (cell) {
            case Cell.Words(var text) -> text;
            case Cell.Long(var length) -> units.isMetric() ? length.mmText() : LengthText.rounded(length, units);
            case Cell.Wide(var area) -> squareMetres(area).toPlainString();
            case Cell.Number number -> number.text();
        };
    }
}
