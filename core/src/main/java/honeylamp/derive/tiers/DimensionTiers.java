package honeylamp.derive.tiers;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Side;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The outer dimensions of a storey: for each of its four sides an overall tier and, where there are
 * openings or steps, an opening tier.
 */
public final class DimensionTiers {
    /** Stops nearer than this are one stop. */
    private static final double SAME_STOP_MM = 2;

    /** A corner so near the building's edge is that of a wall a bit off square, and gets no stop of its own. */
    private static final double OFF_SQUARE_MM = 40;

    /** Faces shorter than this, where joints crowd, have no direction of their own. */
    private static final double SHORTEST_FACE_MM = 1e-3;

    /** Faces that look to a side by more than this give it their ends. */
    private static final double FACING_COSINE = Math.cos(Math.toRadians(60));

    /** Only openings in faces nearly square to a side are measured on it; others would show too short. */
    private static final double SQUARE_COSINE = Math.cos(Math.toRadians(8));

    private DimensionTiers() {}

    /**
     * One chain of dimensions.
     *
     * @param stopsMm coordinates along the side where witness lines stand, rising
     * @param witnessMm for each stop, the coordinate across the side where the building begins
     * @param texts the shown lengths between neighbouring stops; as shown they add up to {@link #total}
     */
    public record Tier(Side side, List<Double> stopsMm, List<Double> witnessMm, List<String> texts, String total) {}

    /** The tiers of one side, innermost first. */
    public record SideTiers(Side side, Box building, List<Tier> tiers) {}

    /** The tiers of all sides; none if there are no walls. */
    public static List<SideTiers> of(StoreyGeometry geometry, Rounding rounding) {
        var shells = geometry.network().poche().stream().map(Outline::shell).toList();
        if (shells.isEmpty()) {
            return List.of();
        }
        var building = shells.stream()
                .map(honeylamp.geometry.Ring::bounds)
                .reduce(Box::union)
                .orElseThrow();
        return Arrays.stream(Side.values())
                .map(side -> new SideTiers(side, building, tiers(geometry, side, building, rounding)))
                .toList();
    }

    private static List<Tier> tiers(StoreyGeometry geometry, Side side, Box building, Rounding rounding) {
        var least = side.alongX() ? building.minX() : building.minY();
        var most = side.alongX() ? building.maxX() : building.maxY();
        var edge = edge(side, building);
        var tiers = new ArrayList<Tier>();
        var stops = openingStops(geometry, side, least, most);
        if (!stops.isEmpty()) {
            stops.add(new Point(least, cornerDepth(geometry, side, least, edge)));
            stops.add(new Point(most, cornerDepth(geometry, side, most, edge)));
            tiers.add(tier(side, merged(stops), rounding));
        }
        var overall = new ArrayList<Point>();
        overall.add(new Point(least, cornerDepth(geometry, side, least, edge)));
        overall.add(new Point(most, cornerDepth(geometry, side, most, edge)));
        tiers.add(tier(side, overall, rounding));
        return List.copyOf(tiers);
    }

    private static double edge(Side side, Box building) {
        return switch (side) {
            case NORTH -> building.maxY();
            case EAST -> building.maxX();
            case SOUTH -> building.minY();
            case WEST -> building.minX();
        };
    }

    /** Along and across coordinates of a point as seen from a side. */
    private static Point seen(Side side, Point p) {
        return side.alongX() ? p : new Point(p.y(), p.x());
    }

    /** Corners of outer faces that look to this side, and jambs of openings in those square to it. */
    private static List<Point> openingStops(StoreyGeometry geometry, Side side, double least, double most) {
        var corners = shellCorners(geometry);
        var stops = new ArrayList<Point>();
        for (var outer : geometry.network().outerEdges()) {
            var facing = outer.outward().dot(side.outward());
            if (outer.face().length() < SHORTEST_FACE_MM || facing < FACING_COSINE || hidden(geometry, outer, side)) {
                continue;
            }
            for (var end : List.of(outer.face().a(), outer.face().b())) {
                var stop = seen(side, end);
                if (corners.stream().anyMatch(c -> c.distance(end) < SAME_STOP_MM)
                        && !offSquare(stop.x() - least)
                        && !offSquare(most - stop.x())) {
                    stops.add(stop);
                }
            }
            if (facing >= SQUARE_COSINE) {
                jambs(geometry, outer).forEach(jamb -> stops.add(seen(side, jamb)));
            }
        }
        return merged(stops).size() > 2 ? stops : new ArrayList<>();
    }

    /** Whether a corner stands so little off the building's edge that its wall is merely a bit off square. */
    private static boolean offSquare(double fromEdge) {
        return fromEdge > SAME_STOP_MM && fromEdge < OFF_SQUARE_MM;
    }

    private static List<Point> shellCorners(StoreyGeometry geometry) {
        return geometry.network().poche().stream()
                .flatMap(o -> o.shell().corners().stream())
                .toList();
    }

    private static List<Point> jambs(StoreyGeometry geometry, WallNetwork.OuterFace outer) {
        var out = new ArrayList<Point>();
        for (var cut : geometry.cuts()) {
            if (cut.host().id().equals(outer.piece().wall().id())) {
                for (var jamb : List.of(
                        cut.left().a(),
                        cut.left().b(),
                        cut.right().a(),
                        cut.right().b())) {
                    var along = outer.face().along(jamb);
                    if (Math.abs(outer.face().offset(jamb)) < 1
                            && along > -1
                            && along < outer.face().length() + 1) {
                        out.add(jamb);
                    }
                }
            }
        }
        return out;
    }

    /** Whether another outer face stands between this one and the side it looks to. */
    private static boolean hidden(StoreyGeometry geometry, WallNetwork.OuterFace face, Side side) {
        var middle = face.face().middle();
        var sight = new honeylamp.geometry.Segment(
                middle.plus(side.outward()), middle.plus(side.outward().times(1e6)));
        return geometry.network().outerEdges().stream()
                .anyMatch(o -> o != face
                        && o.face().length() > 1
                        && o.face().crossing(sight).isPresent());
    }

    /** How far out the building stands at one of its extreme coordinates. */
    private static double cornerDepth(StoreyGeometry geometry, Side side, double at, double edge) {
        return shellCorners(geometry).stream()
                .map(p -> seen(side, p))
                .filter(p -> Math.abs(p.x() - at) < SAME_STOP_MM)
                .mapToDouble(Point::y)
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a - edge), Math.abs(b - edge)))
                .orElse(edge);
    }

    private static List<Point> merged(List<Point> stops) {
        stops.sort(java.util.Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y));
        var out = new ArrayList<Point>();
        for (var stop : stops) {
            if (out.isEmpty() || stop.x() - out.getLast().x() > SAME_STOP_MM) {
                out.add(stop);
            }
        }
        return out;
    }

    /**
     * Rounds the running distance once per stop, so that what is shown adds up to the shown total. It runs from the
     * end from which the lengths come first in order, so that a mirrored plan has the mirrored texts.
     */
    private static Tier tier(Side side, List<Point> stops, Rounding rounding) {
        var lengths = new ArrayList<Length>();
        for (var i = 1; i < stops.size(); i++) {
            lengths.add(Length.ofMm(
                    Math.rint((stops.get(i).x() - stops.get(i - 1).x()) * 1000) / 1000));
        }
        var fromEnd = order(lengths.reversed(), lengths) < 0;
        var running = 0.0;
        var before = 0L;
        var texts = new ArrayList<String>();
        for (var length : fromEnd ? lengths.reversed() : lengths) {
            running += length.mm();
            var now = rounding.steps(Length.ofMm(running));
            texts.add(rounding.shown(rounding.of(now - before)));
            before = now;
        }
        return new Tier(
                side,
                stops.stream().map(Point::x).toList(),
                stops.stream().map(Point::y).toList(),
                List.copyOf(fromEnd ? texts.reversed() : texts),
                rounding.shown(rounding.of(before)));
    }

    private static int order(List<Length> a, List<Length> b) {
        for (var i = 0; i < a.size(); i++) {
            var by = a.get(i).compareTo(b.get(i));
            if (by != 0) {
                return by;
            }
        }
        return 0;
    }
}
