package honeylamp.takeoff;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words in braces that are read from the plan, so that what is written cannot contradict it. */
public final class PlanFields {
    private static final Pattern BRACED = Pattern.compile("\\{([^{}\\n]{1,40})}");

    /** So near to a wall it is meant. */
    private static final double NEAR_MM = 30;

    /** What cannot be read, such as the area of no room. */
    private static final String NOTHING = "\u2013";

    private PlanFields() {}

    /** What can be read. */
    public enum Field {
        /** Of what is pointed at: a product, a kind of piece, a wall type, a material. */
        NAME("name"),
        ROOM("room"),
        AREA("area"),
        CEILING("ceiling"),
        /** Of what is pointed at: how high an opening, a piece, a wall or a part is; of a floor what is clear above it. */
        HEIGHT("height"),
        /** Of an opening, above the floor. */
        SILL("sill"),
        /** Of an opening, above the floor. */
        HEAD("head"),
        /** Of the finished floor above the zero of the plan. */
        LEVEL("level"),
        FLOOR("floor"),
        WALL_TYPE("wall type"),
        THICKNESS("thickness"),
        STOREY("storey"),
        TOTAL_AREA("total area"),
        SCALE("scale"),
        DATE("date");

        private final String word;

        Field(String word) {
            this.word = word;
        }

        /** As it stands in braces. */
        public String word() {
            return word;
        }

        /** With its braces. */
        public String braced() {
            return "{" + word + "}";
        }
    }

    /**
     * Where words stand.
     *
     * @param storey empty for words of a whole page
     * @param at what they speak of, in plan mm
     * @param scale of the view, in words
     * @param date of the sheet
     */
    public record Source(Optional<LaidStorey> storey, Optional<Point> at, double totalMm2, String scale, String date) {}

    /** Words with all fields read; what is no field stays as it is. */
    public static String filled(String text, Source source) {
        return BRACED.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(
                        field(m.group(1)).map(f -> read(f, source)).orElse(m.group())));
    }

    /** What stands in braces and is no field. */
    public static List<String> unknown(String text) {
        return BRACED.matcher(text)
                .results()
                .map(m -> m.group(1))
                .filter(w -> field(w).isEmpty())
                .distinct()
                .toList();
    }

    /** The fields words have, each once, in the order they are written. */
    static List<Field> fields(String text) {
        return BRACED.matcher(text)
                .results()
                .flatMap(m -> field(m.group(1)).stream())
                .distinct()
                .toList();
    }

    private static Optional<Field> field(String word) {
        var plain = word.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(Field.values()).filter(f -> f.word.equals(plain)).findFirst();
    }

    private static String read(Field field, Source source) {
        var there = source.at;
        return switch (field) {
            case NAME ->
                source.storey.flatMap(s -> there.flatMap(p -> name(s, p))).orElse(NOTHING);
            case ROOM -> room(source).map(Room::name).filter(n -> !n.isBlank()).orElse(NOTHING);
            case AREA -> room(source).map(r -> area(source, r.areaMm2())).orElse(NOTHING);
            case CEILING ->
                source.storey
                        .flatMap(s -> there.map(p -> height(s, s.geometry().clearHeightAt(p))))
                        .orElse(NOTHING);
            case HEIGHT ->
                source.storey
                        .flatMap(s -> there.map(p -> height(s, high(s, p))))
                        .orElse(NOTHING);
            case SILL -> opening(source, Opening::sill);
            case HEAD -> opening(source, Opening::head);
            case LEVEL ->
                source.storey
                        .flatMap(s -> there.map(p ->
                                LevelText.of(FloorSteps.level(s, p), s.plan().units())))
                        .orElse(NOTHING);
            case FLOOR ->
                source.storey
                        .flatMap(s -> there.flatMap(p -> floor(s.geometry(), p)))
                        .orElse(NOTHING);
            case WALL_TYPE -> wall(source).map(WallType::name).orElse(NOTHING);
            case THICKNESS ->
                wall(source)
                        .flatMap(t -> source.storey.map(s -> height(s, t.thickness())))
                        .orElse(NOTHING);
            case STOREY -> source.storey.map(s -> s.storey().name()).orElse(NOTHING);
            case TOTAL_AREA -> area(source, source.totalMm2);
            case SCALE -> source.scale.isBlank() ? NOTHING : source.scale;
            case DATE -> source.date.isBlank() ? NOTHING : source.date;
        };
    }

    private static String area(Source source, double mm2) {
        return source.storey
                .map(s -> AreaText.rounded(mm2, s.plan().units()))
                .orElseGet(() -> AreaText.squareMetres(mm2));
    }

    private static String height(LaidStorey storey, Length height) {
        return LengthText.built(LengthText.roundedWithUnit(height, storey.plan().units()));
    }

    private static String opening(Source source, Function<Opening, Length> height) {
        return source.storey
                .flatMap(s -> source.at
                        .flatMap(p -> pointedAt(s.geometry(), p))
                        .flatMap(e -> e instanceof Opening o
                                ? Optional.of(height(s, height.apply(o)))
                                : Optional.<String>empty()))
                .orElse(NOTHING);
    }

    static Length high(LaidStorey storey, Point p) {
        return tall(storey, p)
                .flatMap(e -> told(storey, e).height())
                .orElseGet(() -> storey.geometry().clearHeightAt(p));
    }

    /** What is pointed at, if it has a height of its own. */
    static Optional<Element> tall(LaidStorey storey, Point p) {
        return pointedAt(storey.geometry(), p)
                .filter(e -> told(storey, e).height().isPresent());
    }

    /** What is written to tell how high something is: of an opening above the floor from where to where. */
    public static String heightWords(StoreyGeometry geometry, Point p) {
        return pointedAt(geometry, p).orElse(null) instanceof Opening o
                        && o.sill().nanometres() > 0
                ? "sill " + Field.SILL.braced() + ", head " + Field.HEAD.braced()
                : "h " + Field.HEIGHT.braced();
    }

    private static Optional<Room> room(Source source) {
        return source.storey.flatMap(s -> source.at.flatMap(p -> s.geometry().roomAt(p)));
    }

    private static Optional<WallType> wall(Source source) {
        return source.storey.flatMap(s -> source.at
                .flatMap(p -> Picking.wall(s.geometry(), p, NEAR_MM))
                .map(w -> s.plan().wallType(w.type())));
    }

    /** What is pointed at is called: a piece before the floor it stands on, a wall before the room beside it. */
    private static Optional<String> name(LaidStorey storey, Point p) {
        var geometry = storey.geometry();
        return pointedAt(geometry, p).map(e -> told(storey, e).name()).or(() -> floor(geometry, p));
    }

    static Optional<Element> pointedAt(StoreyGeometry geometry, Point p) {
        return Picking.at(geometry, p, NEAR_MM, PlanFields::isNamed).stream()
                .flatMap(id -> geometry.storey().elements().find(id).stream())
                .findFirst();
    }

    private static boolean isNamed(Element element) {
        return element instanceof Furnishing
                || element instanceof Opening
                || element instanceof Wall
                || element instanceof Structure
                || element instanceof Region r && r.on() instanceof Region.Level
                || element instanceof Ground g && g.use() != Ground.Use.PLOT;
    }

    /** What an element is called, and how high it is if it has a height of its own. */
    private record Told(String name, Optional<Length> height) {
        Told(String name) {
            this(name, Optional.empty());
        }

        Told(String name, Length height) {
            this(name, Optional.of(height));
        }
    }

    private static Told told(LaidStorey storey, Element element) {
        return switch (element) {
            case Furnishing f ->
                new Told(
                        f.buying().name().isBlank()
                                ? Furnishings.label(f)
                                : f.buying().name(),
                        f.height());
            case Opening o -> new Told(o.kind().label(), o.head().minus(o.sill()));
            case Wall w -> new Told(storey.plan().wallType(w.type()).name(), w.height());
            case Structure s -> new Told(PartKinds.label(s.form()), s.height());
            case Region r -> new Told(finish(storey.geometry(), r.id()).orElse("region"));
            case Ground g -> new Told(Grounds.label(g.use()));
            case Fitting f -> new Told(f.kind().label());
            case Activity a -> new Told(a.doing().label());
            case RoomMark _,
                    Underlay _,
                    Dimension _,
                    RoundDimension _,
                    Note _,
                    FreeMark _,
                    SettingOutLine _,
                    Boundary _,
                    Covering _ -> new Told(NOTHING);
        };
    }

    private static Optional<String> finish(StoreyGeometry geometry, ElementId region) {
        return geometry.storey().coverings().stream()
                .filter(c -> c.surface().host().equals(region))
                .findFirst()
                .map(c -> material(c.finish()));
    }

    private static Optional<String> floor(StoreyGeometry geometry, Point p) {
        return geometry.roomAt(p).flatMap(Room::mark).map(RoomMark::floor).map(PlanFields::material);
    }

    private static String material(Finish finish) {
        return Materials.of(finish)
                .map(Material::label)
                .orElseGet(() -> finish.material().replace('-', ' '));
    }
}
