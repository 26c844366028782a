package honeylamp.derive.pointing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
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
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * How far a piece stands from another thing.
 *
 * @param line from the edge of the piece to that of the thing, the shortest there is, in plan mm; of no length if they touch
 */
public record Apart(ElementId thing, Segment line) {
    /** A piece and a wall, an opening, another piece or a fixed part; empty for what has no edge. */
    public static Optional<Apart> of(StoreyGeometry geometry, Furnishing piece, ElementId thing) {
        var own = Picking.footprint(piece);
        return rings(geometry, thing).stream()
                .map(ring -> shortest(own, ring))
                .min(Comparator.comparingDouble(Segment::length))
                .map(line -> new Apart(thing, line));
    }

    /** What a piece can be measured from: of what lies at a point the uppermost that has an edge. */
    public static Optional<ElementId> thingAt(StoreyGeometry geometry, Furnishing piece, Point p, double reachMm) {
        return Picking.at(geometry, p, reachMm, e -> !e.id().equals(piece.id())).stream()
                .filter(id -> !rings(geometry, id).isEmpty())
                .findFirst();
    }

    /** The edges of what stands there, in plan mm; none of what has none. */
    public static List<Ring> rings(StoreyGeometry geometry, ElementId thing) {
        return geometry.storey()
                .elements()
                .find(thing)
                .map(element -> switch (element) {
                    case Wall wall ->
                        geometry.network().of(wall.id()).stream()
                                .map(WallPiece::body)
                                .toList();
                    case Opening opening ->
                        geometry.cuts().stream()
                                .filter(c -> c.opening().id().equals(opening.id()))
                                .map(OpeningCut::ring)
                                .toList();
                    case Furnishing piece -> List.of(Picking.footprint(piece));
                    case Structure part -> List.of(part.footprint());
                    case RoomMark _,
                            Underlay _,
                            Dimension _,
                            Note _,
                            FreeMark _,
                            RoundDimension _,
                            SettingOutLine _,
                            Boundary _,
                            Ground _,
                            Region _,
                            Fitting _,
                            Activity _,
                            Covering _ -> List.<Ring>of();
                })
                .orElse(List.of());
    }

    /** Of two outlines the ends of the shortest line lie on a corner of one of them, or they cross. */
    private static Segment shortest(Ring from, Ring to) {
        if (to.contains(from.corners().getFirst()) || from.contains(to.corners().getFirst())) {
            return new Segment(from.corners().getFirst(), from.corners().getFirst());
        }
        Segment best = null;
        for (var a : from.edges()) {
            for (var b : to.edges()) {
                var crossing = a.crossing(b);
                for (var line : crossing.isPresent()
                        ? List.of(new Segment(crossing.get(), crossing.get()))
                        : List.of(
                                new Segment(a.a(), b.nearest(a.a())),
                                new Segment(a.b(), b.nearest(a.b())),
                                new Segment(a.nearest(b.a()), b.a()),
                                new Segment(a.nearest(b.b()), b.b()))) {
                    if (best == null || line.length() < best.length()) {
                        best = line;
                    }
                }
            }
        }
        return Objects.requireNonNull(best);
    }
}
