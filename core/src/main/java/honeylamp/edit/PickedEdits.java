package honeylamp.edit;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Motion;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Moving, turning and mirroring whatever is picked, all at once; walls beside picked ones stretch. */
public final class PickedEdits {
    private static final double LEAST_AXIS_MM = 1e-3;

    private PickedEdits() {}

    /** Moves what is picked; refused if a wall beside it would shrink to nothing. */
    public static Outcome<Plan> move(Plan plan, StoreyId storey, Set<ElementId> picked, Length across, Length up) {
        return moved(plan, storey, picked, Motion.by(across, up));
    }

    /** Turns what is picked about a point, counter-clockwise; refused as a move is. */
    public static Outcome<Plan> turn(Plan plan, StoreyId storey, Set<ElementId> picked, Point about, double deg) {
        return moved(plan, storey, picked, Motion.turn(about, deg));
    }

    /**
     * Mirrors what is picked on a line; bodies, arcs and swings change sides, stairs turn to the other hand.
     * Refused if the line has no direction, and as a move is.
     */
    public static Outcome<Plan> mirror(Plan plan, StoreyId storey, Set<ElementId> picked, Segment axis) {
        return axis.length() < LEAST_AXIS_MM
                ? Outcome.refused("the line to mirror on has no direction")
                : moved(plan, storey, picked, Motion.mirror(axis));
    }

    private static Outcome<Plan> moved(Plan plan, StoreyId storey, Set<ElementId> picked, Motion motion) {
        return walls(plan, storey, picked, motion)
                .map(p -> p.withStorey(
                        storey, s -> s.with(s.elements().changed(e -> Optional.of(placed(e, picked, motion))))));
    }

    /** An element after a motion of what is picked; the ends of walls have been moved before, with those beside them. */
    private static Element placed(Element element, Set<ElementId> picked, Motion motion) {
        return switch (element) {
            case Wall w -> picked.contains(w.id()) && motion.mirrors() ? otherSide(w) : w;
            case Opening o -> picked.contains(o.host()) && motion.mirrors() ? o.mirrored() : o;
            case Region r -> picked.contains(r.carrier()) ? r.moved(motion) : r;
            case Covering c -> picked.contains(c.surface().host()) ? c.moved(motion) : c;
            case Fitting f -> picked.contains(f.on().host().orElse(f.id())) ? f.moved(motion) : f;
            case Activity a -> picked.contains(a.id()) ? a.moved(motion) : a;
            case RoomMark _, Underlay _ -> element; // a mark goes with its room, a picture has ways of its own
            case Structure _,
                    Furnishing _,
                    Dimension _,
                    RoundDimension _,
                    Note _,
                    FreeMark _,
                    SettingOutLine _,
                    Boundary _,
                    Ground _ -> picked.contains(element.id()) ? element.moved(motion) : element;
        };
    }

    private static Wall otherSide(Wall wall) {
        return wall.withBody(wall.body().flipped()).withSagitta(wall.sagitta().negated());
    }

    private static Outcome<Plan> walls(Plan plan, StoreyId storey, Set<ElementId> picked, Motion motion) {
        Map<Position, Position> moves = new HashMap<>();
        for (var wall : plan.storey(storey).walls()) {
            if (picked.contains(wall.id())) {
                wall.places().forEach(p -> moves.put(p, motion.of(p)));
            }
        }
        return moves.isEmpty() ? Outcome.done(plan) : WallEdits.moved(plan, storey, moves);
    }

    /** A plumb line through a point, to mirror on. */
    public static Segment plumb(Point through) {
        return Segment.through(through, new Point(0, 1), 1000);
    }

    /** A level line through a point, to mirror on. */
    public static Segment level(Point through) {
        return Segment.through(through, new Point(1, 0), 1000);
    }

    /** The middle of the box around what is picked; empty if nothing of it has a place of its own. */
    public static Optional<Point> middle(Storey storey, Set<ElementId> picked) {
        var points = storey.elements()
                .all()
                .filter(e -> picked.contains(e.id()))
                .flatMap(e -> e.places().stream())
                .map(Position::point)
                .toList();
        return points.isEmpty()
                ? Optional.empty()
                : Optional.of(Box.around(points).centre());
    }
}
