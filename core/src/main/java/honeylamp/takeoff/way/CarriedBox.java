package honeylamp.takeoff.way;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;

/**
 * A box as it is carried: which of its sides is down, and how it lies.
 *
 * @param wideMm of what lies on the ground, across
 * @param deepMm the same, along
 * @param highMm what rises above
 */
record CarriedBox(double wideMm, double deepMm, double highMm) {
    /** What lies on the ground at a place, turned so far, in plan mm. */
    Ring at(Point middle, double deg) {
        return new Box(-wideMm / 2, -deepMm / 2, wideMm / 2, deepMm / 2)
                .ring()
                .through(Affine.turn(deg).then(Affine.move(middle.x(), middle.y())));
    }

    /** The same, so much larger on each side of what lies on the ground; never smaller than nothing. */
    CarriedBox grown(double mm) {
        return new CarriedBox(Math.max(1, wideMm + 2 * mm), Math.max(1, deepMm + 2 * mm), highMm);
    }

    /** Laid on the side that was its front. */
    CarriedBox onItsFront() {
        return new CarriedBox(wideMm, highMm, deepMm);
    }

    /** Stood on its end. */
    CarriedBox onItsEnd() {
        return new CarriedBox(highMm, deepMm, wideMm);
    }

    /** The greatest distance from its middle on the ground. */
    double reachMm() {
        return Math.hypot(wideMm, deepMm) / 2;
    }
}
