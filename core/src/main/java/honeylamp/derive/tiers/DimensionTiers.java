package honeylamp.derive.tiers;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.units.Length;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The outer dimensions of a storey, for each of its four sides: openings or steps and what lies between, walls and what is
 * clear between them, and the whole.
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
    public record Tier(
            Side side, Kind kind, List<Double> stopsMm, List<Double> witnessMm, List<String> texts, String total) {
        /** That it adds up, as a sum that anybody can do again. */
        public String sum() {
            return String.join(" + ", texts) + " = " + total;
        }
    }

    /** A place where a witness line may stand; a corner gives way to others near it. */
    private record Stop(Point at, boolean isCorner) {}

    /** The tiers of one side, innermost first. */
    public record SideTiers(Side side, Box building, List<Tier> tiers) {}

    /** The tiers of all sides that are wanted; none if there are no walls. */
    public static List<SideTiers> of(StoreyGeometry geometry, ShownIn in, Tiers wanted) {
        var shells = geometry.network().poche().stream().map(Outline::shell).toList();
        if (shells.isEmpty()) {
            return List.of();
        }
        var building = shells.stream()
                .map(honeylamp.geometry.Ring::bounds)
                .reduce(Box::union)
                .orElseThrow();
        return Arrays.stream(Side.values())
                .map(side -> new SideTiers(side, building, tiers(geometry, side, building, in, wanted)))
                .toList();
    }

    private static List<Tier> tiers(StoreyGeometry geometry, Side side, Box building, ShownIn in, Tiers wanted) {
        var least = side.alongX() ? building.minX() : building.minY();
        var most = side.alongX() ? building.maxX() : building.maxY();
        var edge = edge(side, building);
        var ends = List.of(
                new Point(least, cornerDepth(geometry, side, least, edge)),
                new Point(most, cornerDepth(geometry, side, most, edge)));
        var tiers = new ArrayList<Tier>();
        if (wanted.has(side, Kind.OPENINGS)) {
            var stops = openingStops(geometry, side, least, most, wanted);
            if (!stops.isEmpty()) {
                tiers.add(tier(side, Kind.OPENINGS, between(side, ends, stops), in));
            }
        }
        if (wanted.has(side, Kind.WALLS)) {
            var stops = between(
                    side, ends, WallRuns.stops(geometry, side, wanted.jog().mm()));
            if (stops.size() > 2) {
                tiers.add(tier(side, Kind.WALLS, stops, in));
            }
        }
        if (wanted.has(side, Kind.OVERALL)) {
            tiers.add(tier(side, Kind.OVERALL, ends, in));
        }
        return List.copyOf(tiers);
    }

    /** The two ends with the stops that lie between them. */
    private static List<Point> between(Side side, List<Point> ends, List<Point> stops) {
        var out = new ArrayList<>(ends);
        stops.stream()
                .filter(p -> p.x() > ends.getFirst().x() + SAME_STOP_MM
                        && p.x() < ends.getLast().x() - SAME_STOP_MM)
                .forEach(out::add);
        return merged(side, out);
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
    private static List<Point> openingStops(
            StoreyGeometry geometry, Side side, double least, double most, Tiers wanted) {
        var corners = shellCorners(geometry);
        var stops = new ArrayList<Stop>();
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
                    stops.add(new Stop(stop, true));
                }
            }
            if (facing >= SQUARE_COSINE) {
                jambs(geometry, outer, wanted.openings()).forEach(jamb -> stops.add(new Stop(seen(side, jamb), false)));
            }
        }
        var told = withoutJogs(side, stops, least, most, wanted.jog().mm());
        return merged(side, new ArrayList<>(told)).size() > 2 ? told : List.of();
    }

    /** Corners go that stand less than a jog beside a nearer stop, or beside the end of the building. */
    private static List<Point> withoutJogs(Side side, List<Stop> stops, double least, double most, double jogMm) {
        var sorted = stops.stream()
                .sorted(Comparator.comparingDouble((Stop s) -> s.at.x())
                        .thenComparing(Stop::isCorner)
                        .thenComparing(Stop::at, outermostFirst(side)))
                .toList();
        var kept = new ArrayList<Stop>();
        for (var stop : sorted) {
            var x = stop.at.x();
            var isAtEnd = x - least < jogMm && x > least + SAME_STOP_MM || most - x < jogMm && x < most - SAME_STOP_MM;
            var isBesideLast = !kept.isEmpty() && x - kept.getLast().at.x() < jogMm;
            var isNearer = isBesideLast
                    && kept.getLast().isCorner
                    && outermostFirst(side).compare(stop.at, kept.getLast().at) < 0;
            if (stop.isCorner && (isAtEnd || isBesideLast && !isNearer)) {
                continue;
            }
            if (isBesideLast && kept.getLast().isCorner) {
                kept.removeLast();
            }
            kept.add(stop);
        }
        return kept.stream().map(Stop::at).toList();
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

    /** The jambs of the openings in an outer face, or their middles. */
    static List<Point> jambs(StoreyGeometry geometry, WallNetwork.OuterFace outer, Tiers.Openings measured) {
        var out = new ArrayList<Point>();
        for (var cut : geometry.cuts()) {
            if (cut.host().id().equals(outer.piece().wall().id())) {
                var found = new ArrayList<Point>();
                for (var jamb : List.of(
                        cut.left().a(),
                        cut.left().b(),
                        cut.right().a(),
                        cut.right().b())) {
                    var along = outer.face().along(jamb);
                    if (Math.abs(outer.face().offset(jamb)) < 1
                            && along > -1
                            && along < outer.face().length() + 1) {
                        found.add(jamb);
                    }
                }
                if (measured == Tiers.Openings.CENTRES && found.size() == 2) {
                    out.add(found.getFirst().towards(found.getLast(), 0.5));
                } else {
                    out.addAll(found);
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

    /** How far out the building stands at one of its extreme coordinates, or where its wall is merely a bit off square. */
    private static double cornerDepth(StoreyGeometry geometry, Side side, double at, double edge) {
        return shellCorners(geometry).stream()
                .map(p -> seen(side, p))
                .filter(p -> Math.abs(p.x() - at) < OFF_SQUARE_MM)
                .mapToDouble(Point::y)
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a - edge), Math.abs(b - edge)))
                .orElse(edge);
    }

    /** Points seen from a side: where several stand in line their witness line begins at the nearest, and runs along no wall. */
    private static Comparator<Point> outermostFirst(Side side) {
        var sign = side.outward().x() + side.outward().y();
        return Comparator.comparingDouble(p -> -sign * p.y());
    }

    private static List<Point> merged(Side side, List<Point> stops) {
        stops.sort(Comparator.comparingDouble(Point::x).thenComparing(outermostFirst(side)));
        var out = new ArrayList<Point>();
        for (var stop : stops) {
            if (out.isEmpty() || stop.x() - out.getLast().x() > SAME_STOP_MM) {
                out.add(stop);
            }
        }
        return out;
    }

    private static Tier tier(Side side, Kind kind, List<Point> stops, ShownIn in) {
        var lengths = new ArrayList<Length>();
        for (var i = 1; i < stops.size(); i++) {
            lengths.add(RoundedParts.part(stops.get(i).x() - stops.get(i - 1).x()));
        }
        return new Tier(
                side,
                kind,
                stops.stream().map(Point::x).toList(),
                stops.stream().map(Point::y).toList(),
                RoundedParts.of(lengths, in),
                RoundedParts.total(lengths, in));
    }
}
