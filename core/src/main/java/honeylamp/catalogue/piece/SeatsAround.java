package honeylamp.catalogue.piece;

import honeylamp.plan.Furnishing;
import java.util.ArrayList;
import java.util.List;

/** Where the chairs stand that are drawn with a table. */
public final class SeatsAround {
    /** So much of its depth a chair is drawn out from the edge of the table, about its middle. */
    private static final double OUT_MM = PiecePen.CHAIR_DEEP * 0.24;

    /** From these halves on there is room for one at each end. */
    private static final double ENDS_DEEP_MM = 425;

    private static final double ENDS_WIDE_MM = 750;

    private SeatsAround() {}

    /**
     * A chair in the frame of its table.
     *
     * @param x of its middle, in mm
     * @param turnDeg of its back, counter-clockwise from the back of the table
     */
    public record Seat(double x, double y, double turnDeg) {}

    /** The chairs that belong to a table; none if it has none. */
    public static List<Seat> of(Furnishing table) {
        var w = table.width().mm() / 2;
        var d = table.depth().mm() / 2;
        return switch (table.kind()) {
            case "dining-table", "table-extending", "garden-table" -> box(w, d);
            case "dining-table-round", "dining-table-oval" -> oval(w, d);
            case "bistro-table", "cafe-table-two" -> ends(w);
            case "cafe-table" -> sides(w, d);
            case "cafe-table-round" -> aslant(w, d);
            default -> List.of();
        };
    }

    /** Along both long sides, and at the ends if there is room, tucked in by a third. */
    static List<Seat> box(double w, double d) {
        var out = new ArrayList<Seat>();
        var along = Math.max(1, (int) Math.floor((2 * w - 100) / PiecePen.DINER));
        for (var i = 0; i < along; i++) {
            var x = 2 * w * (i + 0.5) / along - w;
            out.add(new Seat(x, -d - OUT_MM, 180));
            out.add(new Seat(x, d + OUT_MM, 0));
        }
        if (d >= ENDS_DEEP_MM && w >= ENDS_WIDE_MM) {
            out.add(new Seat(-w - OUT_MM, 0, 90));
            out.add(new Seat(w + OUT_MM, 0, -90));
        }
        return out;
    }

    /** As many as there is elbow room around an oval. */
    static List<Seat> oval(double w, double d) {
        var round = Math.PI * (3 * (w + d) - Math.sqrt((3 * w + d) * (w + 3 * d))); // Ramanujan, 1914
        var many = Math.max(2, (int) Math.floor(round / PiecePen.DINER));
        var out = new ArrayList<Seat>();
        for (var i = 0; i < many; i++) {
            var a = Math.toRadians(90 + 360.0 * i / many);
            out.add(new Seat((w + OUT_MM) * Math.cos(a), (d + OUT_MM) * Math.sin(a), Math.toDegrees(a) - 90));
        }
        return out;
    }

    /** One at each end. */
    static List<Seat> ends(double w) {
        return List.of(new Seat(-w - OUT_MM, 0, 90), new Seat(w + OUT_MM, 0, -90));
    }

    /** One at each of four sides. */
    static List<Seat> sides(double w, double d) {
        var out = new ArrayList<>(ends(w));
        out.add(new Seat(0, -d - OUT_MM, 180));
        out.add(new Seat(0, d + OUT_MM, 0));
        return out;
    }

    /** Four around a round table, none of them square to it. */
    static List<Seat> aslant(double w, double d) {
        var out = new ArrayList<Seat>();
        for (var i = 0; i < 4; i++) {
            var a = Math.toRadians(45 + 90.0 * i);
            out.add(new Seat((w + OUT_MM) * Math.cos(a), (d + OUT_MM) * Math.sin(a), -45 + 90.0 * i));
        }
        return out;
    }
}
