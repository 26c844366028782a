package honeylamp.drawing.ink;

import honeylamp.units.Checks;

/** A colour as sRGB {@code 0xRRGGBB} and how much it covers, from 0 to 1. */
public record Ink(int rgb, double opacity) {
    /** Refuses opacities outside 0 to 1. */
    public Ink {
        Checks.within("opacity", opacity, 0, 1);
        rgb &= 0xffffff;
    }

    /** An ink that covers fully. */
    public static Ink of(int rgb) {
        return new Ink(rgb, 1);
    }

    /** The same colour, covering so much. */
    public Ink at(double otherOpacity) {
        return new Ink(rgb, otherOpacity);
    }
}
