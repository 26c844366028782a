package honeylamp.takeoff.fit;

import static honeylamp.derive.pointing.BesidePiece.Side.BACK;
import static honeylamp.derive.pointing.BesidePiece.Side.FRONT;
import static honeylamp.derive.pointing.BesidePiece.Side.LEFT;
import static honeylamp.derive.pointing.BesidePiece.Side.RIGHT;

import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.plan.Minimums;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The room that kinds of pieces need on their sides, in mm: values that are usual in homes, below which one bumps into
 * things. They warn and block nothing.
 */
public final class FitRules {
    private FitRules() {}

    /** Which of the sides a need speaks of must have the room. */
    public enum Of {
        /** Every one. */
        ALL,
        /** One of them is enough. */
        ONE
    }

    /**
     * A need.
     *
     * @param sides it is about
     * @param why what the room is for, as the end of "needs … "
     * @param wideMm of a side at least so much must have the room
     * @param except kinds that may stand nearer
     */
    public record Need(List<Side> sides, Of of, double mm, double wideMm, String why, Set<String> except) {
        public Need {
            sides = List.copyOf(sides);
            except = Set.copyOf(except);
        }

        /** Its sides by their names, as plans name them that ask for something else. */
        public String names() {
            return sides.stream().map(Side::label).collect(Collectors.joining(" "));
        }

        private Need with(double otherMm) {
            return new Need(sides, of, otherMm, wideMm, why, except);
        }
    }

    private static final double WHOLE = Double.POSITIVE_INFINITY;

    private static final Set<String> LOW_TABLES = Set.of(
            "low-table",
            "low-table-round",
            "low-table-oval",
            "side-table",
            "side-table-round",
            "nest-of-tables",
            "footstool",
            "pouffe",
            "table-lamp",
            "floor-lamp",
            "floor-lamp-arc",
            "reading-lamp");

    private static final Map<String, List<Need>> BY_KIND = rules();

    /** What a kind needs; nothing for kinds that need no room. */
    public static List<Need> of(String kind) {
        return BY_KIND.getOrDefault(kind, List.of());
    }

    /** What a kind needs where a plan asks for something else on some sides; a need of nothing is none. */
    public static List<Need> of(String kind, Minimums minimums) {
        return asked(kind, minimums).stream().filter(n -> n.mm() > 0).toList();
    }

    /** The same, with those needs that were set to nothing. */
    public static List<Need> asked(String kind, Minimums minimums) {
        return of(kind).stream()
                .map(n -> minimums.beside(kind, n.names())
                        .map(l -> n.with(l.mm()))
                        .orElse(n))
                .toList();
    }

    private static Map<String, List<Need>> rules() {
        Map<String, List<Need>> out = new LinkedHashMap<>();
        var doors = front(550, "to open its doors and stand before it");
        put(
                out,
                doors,
                "closet",
                "tall-run",
                "wardrobe",
                "corner-wardrobe",
                "display-cabinet",
                "dresser",
                "sideboard",
                "tall-unit");
        put(out, front(300, "to reach it"), "light-switch");
        put(out, front(100, "so that it warms the room"), "radiator", "radiator-column", "towel-rail");
        put(out, front(500, "to stand before it"), "wardrobe-sliding", "wardrobe-open", "bookcase", "office-shelf");
        put(
                out,
                front(700, "to draw out its drawers"),
                "chest-of-drawers",
                "tall-chest",
                "filing-cabinet",
                "base-drawers",
                "bed-drawers");
        put(
                out,
                front(750, "to open it and lift things out"),
                "oven-tall",
                "cooker",
                "dishwasher",
                "refrigerator",
                "refrigerator-double");
        put(
                out,
                front(900, 600, "to work at it"),
                "counter-run",
                "base-units",
                "base-unit",
                "sink-unit",
                "sink-double",
                "hob-unit");
        put(out, front(500, 500, "to stand before it"), "counter");
        put(out, front(700, 450, "to load it"), "washing-machine", "tumble-dryer", "washer-dryer");
        put(out, front(500, "for the knees of who sits on it"), "wc", "wc-hung", "bidet");
        put(out, sides(Of.ALL, 100, WHOLE, "for the elbows of who sits on it"), "wc", "wc-hung", "bidet");
        put(out, front(600, "to bend over it"), "basin", "basin-unit", "basin-double", "basin-bowl", "utility-sink");
        put(out, front(550, 600, "to get in and out"), "bath", "bath-two", "bath-shower", "bath-free", "bath-corner");
        put(out, front(550, 500, "to get in and dry off"), "shower", "shower-round", "shower-open");
        put(out, front(700, 600, "to draw out its chair"), "desk", "desk-standing", "writing-desk", "dressing-table");
        put(out, front(750, "to draw out its stool and play"), "piano-upright", "piano-grand", "keyboard");
        put(
                out,
                sides(Of.ONE, 450, 1000, "to get in at one side"),
                "bed",
                "bed-upholstered",
                "bed-drawers",
                "sofa-bed");
        put(out, front(450, 600, "to pass its foot"), "bed", "bed-upholstered", "wall-bed", "bed-four-poster");
        put(
                out,
                new Need(List.of(FRONT, BACK, LEFT, RIGHT), Of.ALL, 500, WHOLE, "to draw out its chairs", Set.of()),
                "dining-table",
                "dining-table-round",
                "dining-table-oval",
                "table-extending",
                "meeting-table",
                "cafe-table",
                "cafe-table-round");
        put(
                out,
                new Need(List.of(FRONT), Of.ALL, 600, WHOLE, "to pass before it", LOW_TABLES),
                "sofa",
                "corner-sofa",
                "chaise-sofa",
                "armchair",
                "recliner");
        put(out, front(800, "so that embers and heat meet nothing"), "stove", "stove-tiled");
        put(out, front(700, "to serve it"), "boiler-wall", "boiler", "meters", "distribution-board", "ventilation");
        put(out, new Need(List.of(FRONT, BACK), Of.ALL, 1200, WHOLE, "for the cues", Set.of()), "billiard-table");
        put(out, new Need(List.of(LEFT, RIGHT), Of.ALL, 1200, WHOLE, "for the cues", Set.of()), "billiard-table");
        put(out, new Need(List.of(LEFT, RIGHT), Of.ALL, 1500, WHOLE, "to play", Set.of()), "table-tennis");
        put(out, front(1500, "to turn a wheelchair"), "wc-step-free", "basin-step-free");
        Map<String, List<Need>> fixed = new LinkedHashMap<>();
        out.forEach((kind, needs) -> fixed.put(kind, List.copyOf(needs)));
        return Map.copyOf(fixed);
    }

    private static Need front(double mm, String why) {
        return front(mm, WHOLE, why);
    }

    private static Need front(double mm, double wideMm, String why) {
        return new Need(List.of(FRONT), Of.ALL, mm, wideMm, why, Set.of());
    }

    private static Need sides(Of of, double mm, double wideMm, String why) {
        return new Need(List.of(LEFT, RIGHT), of, mm, wideMm, why, Set.of());
    }

    private static void put(Map<String, List<Need>> into, Need need, String... kinds) {
        for (var kind : kinds) {
            into.computeIfAbsent(kind, _ -> new ArrayList<>()).add(need);
        }
    }
}
