package honeylamp.store;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Look;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Region;
import honeylamp.plan.Sheet;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import honeylamp.units.Length;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans as JSON, as described in {@code docs/format.md}: lengths in mm, points as pairs, ids as words. */
final class PlanJson {
    /** The version this program writes. */
    public static final int VERSION = 6;

    static final String FORMAT = "honeylamp plan";

    private static final int DEEPEST_NESTING = 40;
    private static final int LONGEST_TEXT = 200_000;

    /** What stands in a copy of a unit, as a view may name it. */
    private static final java.util.regex.Pattern COPIED = java.util.regex.Pattern.compile("c([0-9]{1,9})\\.(.*)");

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST_NESTING)
                            .maxStringLength(LONGEST_TEXT)
                            .maxNumberLength(60)
                            .build())
                    .build())
            .addModule(module())
            .addMixIn(Structure.Form.class, FormNames.class)
            .addMixIn(View.Subject.class, SubjectNames.class)
            .addMixIn(Surface.class, SurfaceNames.class)
            .addMixIn(Region.On.class, RegionNames.class)
            .addMixIn(Fitting.On.class, FittedNames.class)
            .addMixIn(Pattern.class, PatternNames.class)
            .addMixIn(Storey.class, StoreyForm.Names.class)
            .addMixIn(Look.class, LookForm.Names.class)
            .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE)) // fields only
            .enable(EnumFeature.WRITE_ENUMS_TO_LOWERCASE)
            .enable(tools.jackson.databind.MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .disable(tools.jackson.databind.MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private PlanJson() {}

    /** How the form of a fixed part says which it is. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Structure.Block.class, name = "block"),
        @JsonSubTypes.Type(value = Stair.class, name = "stair"),
        @JsonSubTypes.Type(value = Structure.ParkingBay.class, name = "parking_bay")
    })
    private interface FormNames {}

    /** How a covering says what it covers. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Surface.Floor.class, name = "floor"),
        @JsonSubTypes.Type(value = Surface.Ceiling.class, name = "ceiling"),
        @JsonSubTypes.Type(value = Surface.Walls.class, name = "walls"),
        @JsonSubTypes.Type(value = Surface.WallSide.class, name = "wall_side"),
        @JsonSubTypes.Type(value = Surface.OuterSide.class, name = "outer_side"),
        @JsonSubTypes.Type(value = Surface.Plinth.class, name = "plinth"),
        @JsonSubTypes.Type(value = Surface.Reveal.class, name = "reveal"),
        @JsonSubTypes.Type(value = Surface.Threshold.class, name = "threshold"),
        @JsonSubTypes.Type(value = Surface.Counter.class, name = "counter"),
        @JsonSubTypes.Type(value = Surface.Site.class, name = "site"),
        @JsonSubTypes.Type(value = Surface.Edge.class, name = "region_edge"),
        @JsonSubTypes.Type(value = Surface.Riser.class, name = "riser"),
        @JsonSubTypes.Type(value = Surface.Tread.class, name = "tread"),
        @JsonSubTypes.Type(value = Surface.OwnRegion.class, name = "own_region")
    })
    private interface SurfaceNames {}

    /** How a region says what it lies on. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Region.Floors.class, name = "floors"),
        @JsonSubTypes.Type(value = Region.Ceilings.class, name = "ceilings"),
        @JsonSubTypes.Type(value = Region.Upright.class, name = "wall_side")
    })
    private interface RegionNames {}

    /** How a fitting says what it is fixed to. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Fitting.Ceiling.class, name = "ceiling"),
        @JsonSubTypes.Type(value = Fitting.Floor.class, name = "floor"),
        @JsonSubTypes.Type(value = Fitting.WallSide.class, name = "wall_side"),
        @JsonSubTypes.Type(value = Fitting.Piece.class, name = "piece"),
        @JsonSubTypes.Type(value = Fitting.InRoom.class, name = "in_room"),
        @JsonSubTypes.Type(value = Fitting.AlongWall.class, name = "along_wall"),
        @JsonSubTypes.Type(value = Fitting.AlongPiece.class, name = "along_piece"),
        @JsonSubTypes.Type(value = Fitting.Ring.class, name = "ring")
    })
    private interface FittedNames {}

    /** How a laying says its pattern. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Pattern.Seamless.class, name = "seamless"),
        @JsonSubTypes.Type(value = Pattern.Stack.class, name = "stack"),
        @JsonSubTypes.Type(value = Pattern.Diagonal.class, name = "diagonal"),
        @JsonSubTypes.Type(value = Pattern.Running.class, name = "running"),
        @JsonSubTypes.Type(value = Pattern.Herringbone.class, name = "herringbone"),
        @JsonSubTypes.Type(value = Pattern.Chevron.class, name = "chevron"),
        @JsonSubTypes.Type(value = Pattern.Basket.class, name = "basket"),
        @JsonSubTypes.Type(value = Pattern.Block.class, name = "block"),
        @JsonSubTypes.Type(value = Pattern.Windmill.class, name = "windmill"),
        @JsonSubTypes.Type(value = Pattern.Hexagon.class, name = "hexagon"),
        @JsonSubTypes.Type(value = Pattern.OctagonDot.class, name = "octagon_dot"),
        @JsonSubTypes.Type(value = Pattern.Triangle.class, name = "triangle"),
        @JsonSubTypes.Type(value = Pattern.Rhomb.class, name = "rhomb"),
        @JsonSubTypes.Type(value = Pattern.Plank.class, name = "plank"),
        @JsonSubTypes.Type(value = Pattern.RandomLengths.class, name = "random_lengths"),
        @JsonSubTypes.Type(value = Pattern.CoursedSlabs.class, name = "coursed_slabs"),
        @JsonSubTypes.Type(value = Pattern.Setts.class, name = "setts"),
        @JsonSubTypes.Type(value = Pattern.Fan.class, name = "fan"),
        @JsonSubTypes.Type(value = Pattern.Repeat.class, name = "repeat")
    })
    private interface PatternNames {}

    /** How a view says what it is a view of. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = View.Subject.StoreyPlan.class, name = "storey_plan"),
        @JsonSubTypes.Type(value = View.Subject.Elevation.class, name = "elevation"),
        @JsonSubTypes.Type(value = View.Subject.Unrolled.class, name = "unrolled"),
        @JsonSubTypes.Type(value = View.Subject.OuterFace.class, name = "outer_face"),
        @JsonSubTypes.Type(value = Raised.Cutaway.class, name = "cutaway"),
        @JsonSubTypes.Type(value = Raised.WholeStorey.class, name = "raised_storey"),
        @JsonSubTypes.Type(value = Raised.Building.class, name = "raised_building"),
        @JsonSubTypes.Type(value = Raised.RoofPlan.class, name = "roof_plan"),
        @JsonSubTypes.Type(value = Raised.Outside.class, name = "outside"),
        @JsonSubTypes.Type(value = Raised.Section.class, name = "section"),
        @JsonSubTypes.Type(value = Raised.Inside.class, name = "inside")
    })
    private interface SubjectNames {}

    /** The plan as a document. */
    public static ObjectNode write(Plan plan) {
        var root = MAPPER.createObjectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        root.set("plan", MAPPER.valueToTree(plan));
        return root;
    }

    /** The plan as a document, with every field of {@code original} kept that this version does not write. */
    static ObjectNode write(Plan plan, JsonNode original) {
        var fresh = write(plan);
        keepUnknown(original, fresh);
        return fresh;
    }

    /** What came of reading a plan. */
    sealed interface Read {
        /** A plan, the document it came from, and what was mended in it. */
        record Good(Plan plan, JsonNode document, List<String> mended) implements Read {}

        record Bad(PlanProblem problem) implements Read {}
    }

    static Read read(byte[] json, String where) {
        try {
            var root = MAPPER.readTree(json);
            var version = root.path("version");
            if (!FORMAT.equals(root.path("format").asString("")) || !version.isInt()) {
                return new Read.Bad(new PlanProblem(
                        "The file is no Honey Lamp plan", where, "Choose a file that Honey Lamp saved."));
            }
            if (version.asInt() > VERSION) {
                return new Read.Bad(new PlanProblem(
                        "The plan was saved by a newer version of Honey Lamp (format " + version.asInt()
                                + ", this one reads up to " + VERSION + ")",
                        where,
                        "Install the newer version to open it; the file was not touched."));
            }
            PlanUpgrade.toCurrent(root, version.asInt());
            FieldDefaults.fill(root);
            var plan = MAPPER.treeToValue(root.path("plan"), Plan.class);
            var wrong = plan == null ? Optional.of("it is empty") : PlanCheck.wrong(plan);
            if (plan == null || wrong.isPresent()) {
                return new Read.Bad(new PlanProblem(
                        "The plan does not hang together: " + wrong.orElse(""),
                        where,
                        "Open an earlier copy, or mend that place by hand."));
            }
            var checked = PlanCheck.mended(plan);
            return new Read.Good(checked.plan(), root, checked.mended());
        } catch (JacksonException e) {
            return new Read.Bad(new PlanProblem(
                    "The plan is damaged: " + reason(e),
                    where + place(e),
                    "Open an earlier copy, or mend that place by hand."));
        }
    }

    private static String reason(JacksonException e) {
        var cause = switch (e.getCause()) {
            case IllegalArgumentException i -> i.getMessage();
            case NullPointerException _ -> "something is null that must not be";
            case null, default -> e.getOriginalMessage();
        };
        var line = cause == null ? "unreadable" : cause.lines().findFirst().orElse("unreadable");
        return line.length() > 160 ? line.substring(0, 160) : line;
    }

    private static String place(JacksonException e) {
        var path = new StringBuilder();
        for (var step : e.getPath()) {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                path.append('[').append(step.getIndex()).append(']');
            }
        }
        var location = e.getLocation();
        var line = location == null || location.getLineNr() < 1 ? "" : ", line " + location.getLineNr();
        return path.isEmpty() ? line : ", at " + path;
    }

    /** Copies fields that only the old document has. */
    private static void keepUnknown(JsonNode old, JsonNode fresh) {
        if (old instanceof ObjectNode from && fresh instanceof ObjectNode to) {
            for (var entry : from.properties()) {
                var known = to.get(entry.getKey());
                if (known == null) {
                    to.set(entry.getKey(), entry.getValue());
                } else {
                    keepUnknown(entry.getValue(), known);
                }
            }
        } else if (old instanceof ArrayNode from && fresh instanceof ArrayNode to) {
            for (var i = 0; i < to.size(); i++) {
                var element = to.get(i);
                match(from, to, i).ifPresent(before -> keepUnknown(before, element));
            }
        }
    }

    /**
     * What an element of a list was before: what has its id; without ids what is as it is but for fields nobody knows,
     * or else what stood in its place in a list as long.
     */
    private static Optional<JsonNode> match(ArrayNode from, ArrayNode to, int index) {
        var element = to.get(index);
        if (element.path("id").isString()) {
            var id = element.path("id").asString();
            return from.valueStream()
                    .filter(e -> id.equals(e.path("id").asString("")))
                    .findFirst();
        }
        var same = from.valueStream().filter(e -> holds(e, element)).findFirst();
        return same.or(() -> from.size() == to.size() ? Optional.of(from.get(index)) : Optional.empty());
    }

    /** Whether a node is as another, but for fields that only it has. */
    private static boolean holds(JsonNode more, JsonNode less) {
        if (more instanceof ObjectNode a && less instanceof ObjectNode b) {
            return b.properties().stream().allMatch(e -> a.has(e.getKey()) && holds(a.get(e.getKey()), e.getValue()));
        }
        if (more instanceof ArrayNode a && less instanceof ArrayNode b) {
            return a.size() == b.size() && IntStream.range(0, a.size()).allMatch(i -> holds(a.get(i), b.get(i)));
        }
        return more.isNumber() && less.isNumber()
                ? more.decimalValue().compareTo(less.decimalValue()) == 0
                : more.equals(less);
    }

    /** An empty object. */
    static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    /** A part of a plan as it stands in a document. */
    static JsonNode tree(Object part) {
        return MAPPER.valueToTree(part);
    }

    /**
     * Any document as a tree, within the limits of plans.
     *
     * @throws JacksonException if it is none
     */
    static JsonNode tree(byte[] json) {
        return MAPPER.readTree(json);
    }

    static byte[] bytes(JsonNode document) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(document);
    }

    static byte[] compact(JsonNode document) {
        return MAPPER.writeValueAsBytes(document);
    }

    /**
     * The entries of a list; those that are nothing are left out.
     *
     * @param filling fills in what an older file lacks
     */
    static <T> List<T> list(byte[] json, Class<T[]> type, Consumer<JsonNode> filling) {
        var tree = MAPPER.readTree(json);
        filling.accept(tree);
        var read = MAPPER.treeToValue(tree, type);
        return read == null
                ? List.of()
                : Arrays.stream(read).filter(Objects::nonNull).toList();
    }

    static byte[] bytes(List<?> entries) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(entries);
    }

    private static SimpleModule module() {
        var module = new SimpleModule();
        module.addSerializer(Length.class, new LengthWriter());
        module.addDeserializer(Length.class, new LengthReading());
        module.addSerializer(Position.class, new PositionWriter());
        module.addDeserializer(Position.class, new PositionReading());
        module.addSerializer(Sheet.Paper.class, new PaperWriter());
        module.addDeserializer(Sheet.Paper.class, new PaperReading());
        for (var type : ElementId.class.getPermittedSubclasses()) {
            id(module, type.asSubclass(ElementId.class));
        }
        return module;
    }

    private static <I extends ElementId> void id(SimpleModule module, Class<I> type) {
        var letter = numbered(type, 1).text().substring(0, 1);
        module.addSerializer(type, new ValueSerializer<I>() {
            @Override
            public void serialize(I value, JsonGenerator out, SerializationContext context) {
                out.writeString(value.text());
            }
        });
        module.addDeserializer(type, new ValueDeserializer<I>() {
            @Override
            public I deserialize(JsonParser in, DeserializationContext context) {
                var text = in.getValueAsString("");
                var copied = COPIED.matcher(text);
                var own = copied.matches() ? copied.group(2) : text;
                if (!own.matches(letter + "[0-9]{1,9}")) {
                    return context.reportInputMismatch(type, "\"%s\" is no id of the form %s12", text, letter);
                }
                var number = Integer.parseInt(own.substring(1));
                return copied.matches()
                        ? made(
                                type,
                                Key.class,
                                new Key.Copied(new UnitCopyId(Integer.parseInt(copied.group(1))), number))
                        : numbered(type, number);
            }
        });
    }

    /** Every kind of id is made of a number. */
    private static <I extends ElementId> I numbered(Class<I> type, int number) {
        return made(type, int.class, number);
    }

    private static <I extends ElementId> I made(Class<I> type, Class<?> of, Object key) {
        try {
            return type.getConstructor(of).newInstance(key);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(type.getSimpleName() + " cannot be made of " + key, e);
        }
    }

    private static final class LengthWriter extends ValueSerializer<Length> {
        @Override
        public void serialize(Length value, JsonGenerator out, SerializationContext context) {
            out.writeNumber(new BigDecimal(value.mmText()));
        }
    }

    private static final class LengthReading extends ValueDeserializer<Length> {
        @Override
        public Length deserialize(JsonParser in, DeserializationContext context) {
            return length(in.getDecimalValue(), context);
        }
    }

    private static Length length(BigDecimal mm, DeserializationContext context) {
        try {
            return new Length(mm.movePointRight(6).longValueExact());
        } catch (ArithmeticException _) {
            return context.reportInputMismatch(Length.class, "%s mm is no length of whole nanometres", mm.toString());
        }
    }

    /** A size with a name goes by it, any other is its two sides in mm, the long one first. */
    private static final class PaperWriter extends ValueSerializer<Sheet.Paper> {
        @Override
        public void serialize(Sheet.Paper value, JsonGenerator out, SerializationContext context) {
            if (Sheet.Paper.standard().contains(value)) {
                out.writeString(key(value));
            } else {
                out.writeStartArray();
                out.writeNumber(value.longMm());
                out.writeNumber(value.shortMm());
                out.writeEndArray();
            }
        }
    }

    private static String key(Sheet.Paper paper) {
        return paper.label().toLowerCase(Locale.ROOT).replace(' ', '_');
    }

    private static final class PaperReading extends ValueDeserializer<Sheet.Paper> {
        @Override
        public Sheet.Paper deserialize(JsonParser in, DeserializationContext context) {
            if (in.isExpectedStartArrayToken()) {
                var sides = in.readValueAs(double[].class);
                return sides.length == 2 && isPaper(sides[0]) && isPaper(sides[1])
                        ? Sheet.Paper.ofSides(sides[0], sides[1])
                        : context.reportInputMismatch(
                                Sheet.Paper.class,
                                "paper has two sides from %s to %s mm, the long one first",
                                Sheet.Paper.LEAST_MM,
                                Sheet.Paper.MOST_MM);
            }
            var text = in.getValueAsString("");
            var named = Sheet.Paper.standard().stream()
                    .filter(p -> key(p).equals(text))
                    .findFirst();
            return named.isPresent()
                    ? named.get()
                    : context.reportInputMismatch(Sheet.Paper.class, "\"%s\" is no size of paper", text);
        }

        private static boolean isPaper(double sideMm) {
            return sideMm >= Sheet.Paper.LEAST_MM && sideMm <= Sheet.Paper.MOST_MM;
        }
    }

    private static final class PositionWriter extends ValueSerializer<Position> {
        @Override
        public void serialize(Position value, JsonGenerator out, SerializationContext context) {
            out.writeStartArray();
            out.writeNumber(new BigDecimal(value.x().mmText()));
            out.writeNumber(new BigDecimal(value.y().mmText()));
            out.writeEndArray();
        }
    }

    private static final class PositionReading extends ValueDeserializer<Position> {
        @Override
        public Position deserialize(JsonParser in, DeserializationContext context) {
            JsonNode node = in.readValueAsTree();
            if (!node.isArray()
                    || node.size() != 2
                    || !node.get(0).isNumber()
                    || !node.get(1).isNumber()) {
                return context.reportInputMismatch(Position.class, "a point is a pair [x, y] in mm");
            }
            return new Position(
                    length(node.get(0).decimalValue(), context),
                    length(node.get(1).decimalValue(), context));
        }
    }
}
