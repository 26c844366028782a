package honeylamp.derive.own;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where an own piece stands: from plan mm to its drawing and back.
 *
 * @param own how it is drawn
 */
public record OwnPlace(Furnishing piece, OwnPiece own) {
    /** From the left front corner of the piece, at its made size, to plan mm. */
    public Affine toPlan() {
        return Affine.move(-piece.width().mm() / 2, -piece.depth().mm() / 2).then(piece.placing());
    }

    private OwnSize size() {
        return OwnSize.of(
                own, piece.width().mm(), piece.depth().mm(), piece.height().mm());
    }

    /** All its parts at its made size, in the order in which they are drawn. */
    public List<OwnPart> parts() {
        return size().parts();
    }

    /** Where a point of the plan is in the drawing. */
    public Point drawn(Point plan) {
        return size().drawn(toPlan().inverse().apply(plan));
    }

    /** Where a line of the plan is in the drawing. */
    public OwnLine drawn(OwnLine plan) {
        var back = piece.sense() == Sense.MIRRORED;
        return plan.withCorners(plan.corners().stream()
                .map(c -> c.with(copy -> copy.at(Position.of(drawn(c.at().point())))
                        .bow(back ? c.bow().negated() : c.bow())))
                .toList());
    }

    /** Where a line at the made size is in the plan. */
    public OwnLine inPlan(OwnLine made) {
        var back = piece.sense() == Sense.MIRRORED;
        return made.withCorners(made.corners().stream()
                .map(c -> c.with(copy -> copy.at(Position.of(toPlan().apply(c.at().point())))
                        .bow(back ? c.bow().negated() : c.bow())))
                .toList());
    }

    /** Where its left front corner is, in plan mm. */
    public Point leftFront() {
        return toPlan().apply(Point.ORIGIN);
    }

    /** What of the piece a pointer catches. */
    public enum Kind {
        CORNER,
        MIDDLE,
        CENTRE,
        ALONG
    }

    /** A place of the piece that is caught, in plan mm. */
    public record Spot(Point at, Kind kind) {}

    /** What of its parts lies nearest to a point of the plan, within reach: corners first. */
    public Optional<Spot> caught(Point plan, double reachMm) {
        var out = new ArrayList<Spot>();
        var at = toPlan().inverse().apply(plan);
        for (var part : parts()) {
            for (var line : part.lines()) {
                if (mayReach(line, at, reachMm)) {
                    spots(inPlan(line), plan, out);
                }
            }
        }
        return out.stream()
                .filter(s -> s.at.distance(plan) <= reachMm)
                .min(Comparator.comparing(Spot::kind).thenComparingDouble(s -> s.at.distance(plan)));
    }

    /** A quick look, so that drawings of many corners keep up with the pointer. */
    private static boolean mayReach(OwnLine line, Point at, double reachMm) {
        var left = Double.POSITIVE_INFINITY;
        var right = -left;
        var front = left;
        var back = -left;
        var bow = 0.0;
        for (var corner : line.corners()) {
            var p = corner.at().point();
            left = Math.min(left, p.x());
            right = Math.max(right, p.x());
            front = Math.min(front, p.y());
            back = Math.max(back, p.y());
            bow = Math.max(bow, Math.abs(corner.bow().mm()));
        }
        var reach = reachMm + bow;
        return at.x() >= left - reach && at.x() <= right + reach && at.y() >= front - reach && at.y() <= back + reach;
    }

    private static void spots(OwnLine line, Point near, List<Spot> out) {
        for (var curve : OwnLines.curves(line)) {
            if (!line.isRound()) {
                out.add(new Spot(curve.a(), Kind.CORNER));
                out.add(new Spot(curve.b(), Kind.CORNER));
            }
            switch (curve) {
                case Arc arc -> out.add(new Spot(arc.centre(), Kind.CENTRE));
                case Segment segment -> out.add(new Spot(segment.middle(), Kind.MIDDLE));
            }
            out.add(new Spot(curve.nearest(near), Kind.ALONG));
        }
    }

    /** The number of the part that lies uppermost at a point of the plan, among those drawn; -1 if none does. */
    public int partAt(Point plan, double reachMm) {
        var at = drawn(plan);
        for (var i = own.parts().size() - 1; i >= 0; i--) {
            if (lies(own.parts().get(i), at, reachMm)) {
                return i;
            }
        }
        return -1;
    }

    private static boolean lies(OwnPart part, Point at, double reachMm) {
        if (part.isFilled()
                && OwnLines.outline(part).filter(o -> o.contains(at)).isPresent()) {
            return true;
        }
        return part.lines().stream().flatMap(l -> OwnLines.curves(l).stream()).anyMatch(c -> c.distance(at) <= reachMm);
    }
}
