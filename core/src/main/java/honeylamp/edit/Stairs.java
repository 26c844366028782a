package honeylamp.edit;

import honeylamp.derive.fixed.StairSteps;
import honeylamp.geometry.Point;
import honeylamp.plan.Position;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;

/** Stairs that change without going astray. */
final class Stairs {
    private Stairs() {}

    /** A stair in another form, the middle of its fixed end where it was: the foot, or the head if it leads down. */
    static Structure formed(Structure part, Stair before, Stair after) {
        var was = end(part, before);
        var formed = part.withForm(after);
        var is = end(formed, after);
        return formed.withAt(Position.of(part.at().point().plus(was.minus(is))));
    }

    private static Point end(Structure part, Stair stair) {
        var risers = StairSteps.of(part, stair).risers();
        return (stair.leads() == Stair.Leads.UP ? risers.getFirst() : risers.getLast()).middle();
    }
}
