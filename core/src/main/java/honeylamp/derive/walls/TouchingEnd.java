package honeylamp.derive.walls;

import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The free end of a wall whose body touches another body without a joint of their lines, as in the square of a
 * corner: it is joined there.
 *
 * @param edge leaves the node at the end
 * @param fill what closes the end up to the bodies it touches
 */
public record TouchingEnd(HalfEdge edge, Outline fill) {
    /** Bodies so near, in mm, touch. */
    private static final double TOUCH_MM = 1e-3;

    /** The end goes so far into what it touches, in mm, that rounding cannot part them. */
    private static final double INTO_MM = 0.01;

    /** An end whose square cut leaves a gap is carried on by at most so many of its thicknesses. */
    private static final double CARRIED_THICKNESSES = 3;

    public static List<TouchingEnd> among(
            WallNodes.Split split, List<HalfEdge> edges, Map<RawPiece, WallPiece> pieces) {
        var raws = split.pieces();
        var all = raws.stream().map(pieces::get).toList();
        var index = new BoxIndex(all.size(), i -> all.get(i).body().bounds());
        var out = new ArrayList<TouchingEnd>();
        for (var edge : edges) {
            if (edge.successor() != edge || edge.thickMm == 0) {
                continue; // not a free end
            }
            var end = new Segment(edge.wedge().getFirst(), edge.wedge().getLast());
            var reach = CARRIED_THICKNESSES * edge.thickMm;
            var near = new ArrayList<Ring>();
            for (int i : index.meeting(Box.around(List.of(end.a(), end.b())).grown(reach + TOUCH_MM))) {
                var raw = raws.get(i);
                if (raw != edge.piece && !sharesFarNode(raw, edge)) {
                    near.add(all.get(i).body());
                }
            }
            touching(edge, end, near, reach).ifPresent(out::add);
        }
        return out;
    }

    private static boolean sharesFarNode(RawPiece raw, HalfEdge edge) {
        var far = edge.twin().node;
        return raw.startNode() == far || raw.endNode() == far;
    }

    private static Optional<TouchingEnd> touching(HalfEdge edge, Segment end, List<Ring> near, double reach) {
        var away = edge.unit.times(-1);
        var across = end.unit().times(TOUCH_MM); // a body that only lies alongside is not met
        var on = away.times(INTO_MM);
        var pushed =
                new Segment(end.a().plus(across).plus(on), end.b().minus(across).plus(on));
        if (near.stream().noneMatch(b -> touches(pushed, b))) {
            return Optional.empty();
        }
        var a = end.a().plus(away.times(carried(end.a(), away, near, reach)));
        var b = end.b().plus(away.times(carried(end.b(), away, near, reach)));
        return Optional.of(new TouchingEnd(edge, Outline.of(Ring.of(end.a(), a, b, end.b()))));
    }

    private static boolean touches(Segment end, Ring body) {
        return body.contains(end.middle()) || body.edges().stream().anyMatch(e -> e.length() > 0 && e.touches(end));
    }

    /** How far a corner of the end must go on to reach a body; not at all if there is none ahead. */
    private static double carried(Point corner, Point away, List<Ring> near, double reach) {
        var ahead = new Segment(corner, corner.plus(away.times(reach)));
        var best = Double.POSITIVE_INFINITY;
        for (var body : near) {
            if (body.contains(corner) || body.edgeDistance(corner) <= TOUCH_MM) {
                return INTO_MM;
            }
            for (var edge : body.edges()) {
                if (edge.length() > 0) {
                    best = Math.min(
                            best, ahead.crossing(edge).map(corner::distance).orElse(Double.POSITIVE_INFINITY));
                }
            }
        }
        return best <= reach ? best + INTO_MM : 0;
    }
}
