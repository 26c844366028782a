package honeylamp.takeoff.tiles;

import honeylamp.catalogue.pattern.Pieces;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What one reads along a line over a floor of tiles: how wide the cut pieces at its ends are, and how many whole ones lie
 * between.
 *
 * @param alongMm where the line begins, where the first cut piece ends, where the last begins and where it ends; what is
 *     not cut has no place of its own
 * @param wholes whole pieces between
 * @param firstIsCut whether a cut piece lies at the beginning
 * @param lastIsCut whether one lies at the end
 */
public record TileRun(List<Double> alongMm, int wholes, boolean firstIsCut, boolean lastIsCut) {
    /** Shorter parts of pieces are not seen. */
    private static final double LEAST_MM = 0.5;

    /** A piece is whole if no more than this of it is missing. */
    private static final double WHOLE_MM = 0.5;

    /** Freezes the places. */
    public TileRun {
        alongMm = List.copyOf(alongMm);
    }

    /** Whether a laying has rows one can measure: even ones of one size. */
    public static boolean isTold(Laying laying) {
        return laying.pattern() instanceof Pattern.Stack || laying.pattern() instanceof Pattern.Running;
    }

    /** A part of the line over one piece. */
    private record Over(double from, double to, boolean cut) {}

    /**
     * The pieces along a line; empty if none lies under it.
     *
     * @param line on the floor, from face to face, in plan mm, square to the sides of the pieces
     * @param directionDeg of the courses
     * @param start the corner of a piece
     */
    public static Optional<TileRun> along(Segment line, Laying laying, double directionDeg, Position start, long seed) {
        var toPlan = Affine.turn(directionDeg)
                .then(Affine.move(start.x().mm(), start.y().mm()));
        var there = toPlan.inverse();
        var in = new Segment(there.apply(line.a()), there.apply(line.b()));
        var cover = Box.around(List.of(in.a(), in.b()))
                .grown(laying.length().mm() + laying.width().mm());
        var over = new ArrayList<Over>();
        for (var piece : Pieces.of(laying, cover, seed)) {
            over(piece.ring(), in).ifPresent(over::add);
        }
        if (over.isEmpty()) {
            return Optional.empty();
        }
        over.sort(Comparator.comparingDouble(Over::from));
        var first = over.getFirst();
        var last = over.getLast();
        var stops = new ArrayList<Double>();
        stops.add(0.0);
        if (first.cut && over.size() > 1) {
            stops.add(first.to);
        }
        if (last.cut && over.size() > 1) {
            stops.add(last.from);
        }
        stops.add(line.length());
        var wholes = (int) over.stream().filter(o -> !o.cut).count();
        return Optional.of(new TileRun(stops, wholes, first.cut, over.size() > 1 && last.cut));
    }

    /** The part of a line over a convex piece, if it is long enough to be seen. */
    private static Optional<Over> over(Ring piece, Segment line) {
        var unit = line.unit();
        var crossings = piece.edges().stream()
                .filter(e -> Math.abs(e.unit().cross(unit)) > 1e-6)
                .flatMap(e -> e.lineCrossing(line).stream().filter(p -> isOn(e, p)))
                .mapToDouble(line::along)
                .sorted()
                .toArray();
        if (crossings.length < 2) {
            return Optional.empty();
        }
        var whole = new double[] {crossings[0], crossings[crossings.length - 1]};
        var from = Math.max(0, whole[0]);
        var to = Math.min(line.length(), whole[1]);
        return to - from < LEAST_MM
                ? Optional.empty()
                : Optional.of(new Over(from, to, to - from < whole[1] - whole[0] - WHOLE_MM));
    }

    private static boolean isOn(Segment edge, Point p) {
        var along = edge.along(p);
        return along >= -1e-6 && along <= edge.length() + 1e-6;
    }
}
