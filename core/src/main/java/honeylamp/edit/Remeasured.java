package honeylamp.edit;

import honeylamp.plan.Wall;
import honeylamp.units.Length;

/**
 * How places along a wall are measured along the wall it has become, or a part of it.
 *
 * @param startMm where the wall begins now, along the wall as it was
 * @param sense 1 if it still runs the same way, else -1
 */
record Remeasured(double startMm, int sense) {
    private static final double SAME_MM = 1;
    private static final Remeasured AS_IT_WAS = new Remeasured(0, 1);

    /** Anew where both lie on one line; else, as when a wall is moved aside, as it was. */
    static Remeasured of(Wall before, Wall now) {
        var line = before.line();
        if (line.equals(now.line()) || !isOn(before, now)) {
            return AS_IT_WAS;
        }
        var start = line.along(now.from().point());
        return new Remeasured(start, line.along(now.to().point()) < start ? -1 : 1);
    }

    private static boolean isOn(Wall before, Wall now) {
        return Math.abs(before.line().offset(now.from().point())) <= SAME_MM
                && Math.abs(before.line().offset(now.to().point())) <= SAME_MM;
    }

    /** A length from the first end as the wall was, from the first end as it is. */
    Length of(Length along) {
        return equals(AS_IT_WAS) ? along : Length.ofMm((along.mm() - startMm) * sense);
    }
}
