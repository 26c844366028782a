package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.units.Checks;

/**
 * Where a picture lies in the plan and how large it is there.
 *
 * @param at where the picture's top left corner lies
 * @param mmPerPixelX scale along the picture's rows
 * @param mmPerPixelY scale along its columns; the same unless the axes are {@link Axes#SEPARATE}
 * @param turnDeg counter-clockwise
 */
public record Placing(Position at, double mmPerPixelX, double mmPerPixelY, double turnDeg, Axes axes) {
    /** Whether rows and columns of a picture have one scale. */
    public enum Axes {
        /** One scale, as a camera and a good scanner give. */
        ONE,
        /** Two scales, for a picture that was stretched. */
        SEPARATE
    }

    /** Refuses scales that are not above zero, and two scales where there is to be one. */
    public Placing {
        Checks.positive("mm per pixel", mmPerPixelX);
        Checks.positive("mm per pixel", mmPerPixelY);
        Checks.finite("underlay turn", turnDeg);
        if (axes == Axes.ONE && mmPerPixelX != mmPerPixelY) {
            throw new IllegalArgumentException("the scales along rows and columns differ");
        }
    }

    /** A placing with one scale. */
    public static Placing of(Position at, double mmPerPixel, double turnDeg) {
        return new Placing(at, mmPerPixel, mmPerPixel, turnDeg, Axes.ONE);
    }

    /** From (squared) picture pixels to plan mm. */
    public Affine affine() {
        return Affine.scale(mmPerPixelX, -mmPerPixelY)
                .then(Affine.turn(turnDeg))
                .then(Affine.move(at.x().mm(), at.y().mm()));
    }

    /** The one scale, or the mean of both. */
    public double mmPerPixel() {
        return Math.sqrt(mmPerPixelX * mmPerPixelY);
    }

    public Placing at(Position other) {
        return new Placing(other, mmPerPixelX, mmPerPixelY, turnDeg, axes);
    }

    /** Turned to another angle about the picture's corner. */
    public Placing turned(double otherDeg) {
        return new Placing(at, mmPerPixelX, mmPerPixelY, otherDeg, axes);
    }

    public Placing scaled(double x, double y, Axes other) {
        return new Placing(at, x, y, turnDeg, other);
    }
}
