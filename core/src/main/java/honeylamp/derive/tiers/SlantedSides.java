package honeylamp.derive.tiers;

import honeylamp.derive.pointing.CrossedWalls;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork.OuterFace;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.units.Length;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The dimensions along outer faces that look to none of the four sides, each along its own face. */
public final class SlantedSides {
    /** Faces that look so nearly to a side are measured there: 8 degrees. */
    private static final double SQUARE_COSINE = Math.cos(Math.toRadians(8));

    /** Shorter faces, as those of bays, stay quiet. */
    private static final double LEAST_MM = 1500;

    /** Faces of pieces of one wall lie on one line to this sine, and to this far beside it in mm. */
    private static final double IN_LINE_SINE = 1e-4;

    private static final double IN_LINE_MM = 0.5;

    /** Stops nearer than this are one stop. */
    private static final double SAME_STOP_MM = 2;

    /** So far within the outer wall one meets the walls behind it. */
    private static final double WITHIN_MM = 1;

    private SlantedSides() {}

    /**
     * A tier along a face.
     *
     * @param along the wall, or the first of the walls, whose face it is
     * @param stops on the face, from its first end to its last
     * @param outward away from the building, at length one
     * @param texts between neighbouring stops; as shown they add up to the total
     */
    public record SlantedTier(
            WallId along, Kind kind, List<Point> stops, Point outward, List<String> texts, String total) {
        /** That it adds up, as a sum that anybody can do again. */
        public String sum() {
            return String.join(" + ", texts) + " = " + total;
        }
    }

    /** The tiers of each such face that has any, the innermost first. */
    public static List<List<SlantedTier>> of(StoreyGeometry geometry, ShownIn in, Tiers wanted) {
        var out = new ArrayList<List<SlantedTier>>();
        if (!wanted.slanted().isEmpty()) {
            for (var run : runs(geometry)) {
                var tiers = tiers(geometry, run, in, wanted);
                if (!tiers.isEmpty()) {
                    out.add(tiers);
                }
            }
        }
        return List.copyOf(out);
    }

    /** A whole face, and the faces of the pieces that make it. */
    private record Run(Segment face, Point outward, double thickMm, List<OuterFace> of) {}

    private static List<Run> runs(StoreyGeometry geometry) {
        var open = new ArrayList<>(geometry.network().outerEdges().stream()
                .filter(f -> !(f.piece().line() instanceof Arc) && isSlanted(f.outward()))
                .toList());
        var out = new ArrayList<Run>();
        while (!open.isEmpty()) {
            var first = open.getFirst();
            var same = open.stream().filter(f -> isInLine(first, f)).toList();
            open.removeAll(same);
            whole(first, same).ifPresent(out::add);
        }
        return out;
    }

    private static boolean isSlanted(Point outward) {
        return Math.max(Math.abs(outward.x()), Math.abs(outward.y())) < SQUARE_COSINE;
    }

    private static boolean isInLine(OuterFace a, OuterFace b) {
        return a.outward().dot(b.outward()) > 0
                && Math.abs(a.outward().cross(b.outward())) < IN_LINE_SINE
                && Math.abs(b.face().a().minus(a.face().a()).dot(a.outward())) < IN_LINE_MM;
    }

    private static Optional<Run> whole(OuterFace first, List<OuterFace> same) {
        var way = first.outward().left();
        var ends = same.stream()
                .flatMap(f -> Stream.of(f.face().a(), f.face().b()))
                .sorted(Comparator.comparingDouble(way::dot))
                .toList();
        var face = new Segment(ends.getFirst(), ends.getLast());
        return face.length() < LEAST_MM
                ? Optional.empty()
                : Optional.of(new Run(face, first.outward(), first.piece().thicknessMm(), same));
    }

    private static List<SlantedTier> tiers(StoreyGeometry geometry, Run run, ShownIn in, Tiers wanted) {
        var ends = List.of(run.face.a(), run.face.b());
        var out = new ArrayList<SlantedTier>();
        if (wanted.slanted().contains(Kind.OPENINGS)) {
            var jambs = run.of.stream()
                    .flatMap(f -> DimensionTiers.jambs(geometry, f, wanted.openings()).stream())
                    .toList();
            if (!jambs.isEmpty()) {
                out.add(tier(Kind.OPENINGS, run, between(run, ends, jambs), in));
            }
        }
        if (wanted.slanted().contains(Kind.WALLS)) {
            var within = run.face.shiftedLeft(
                    run.face.unit().left().dot(run.outward) > 0 ? -run.thickMm - WITHIN_MM : run.thickMm + WITHIN_MM);
            var stops = between(run, ends, CrossedWalls.along(geometry, within));
            if (stops.size() > 2) {
                out.add(tier(Kind.WALLS, run, stops, in));
            }
        }
        if (wanted.slanted().contains(Kind.OVERALL)) {
            out.add(tier(Kind.OVERALL, run, ends, in));
        }
        return List.copyOf(out);
    }

    /** The ends, and what lies between them, all on the face. */
    private static List<Point> between(Run run, List<Point> ends, List<Point> others) {
        var length = run.face.length();
        var along = new ArrayList<Double>();
        along.add(0.0);
        others.stream()
                .map(run.face::along)
                .filter(a -> a > SAME_STOP_MM && a < length - SAME_STOP_MM)
                .sorted()
                .filter(a -> a - along.getLast() > SAME_STOP_MM)
                .forEach(along::add);
        var out = new ArrayList<Point>();
        along.forEach(a -> out.add(run.face.at(a)));
        out.add(ends.getLast());
        return out;
    }

    private static SlantedTier tier(Kind kind, Run run, List<Point> stops, ShownIn in) {
        var parts = new ArrayList<Length>();
        for (var i = 1; i < stops.size(); i++) {
            parts.add(RoundedParts.part(stops.get(i).distance(stops.get(i - 1))));
        }
        var along = run.of.stream()
                .map(f -> f.piece().wall().id())
                .min(ElementId.ORDER)
                .orElseThrow();
        return new SlantedTier(
                along,
                kind,
                List.copyOf(stops),
                run.outward,
                RoundedParts.of(parts, in),
                RoundedParts.total(parts, in));
    }
}
