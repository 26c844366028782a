package honeylamp.illustrate;

import honeylamp.catalogue.Palette;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Pen;

/** The pens of the picture by role, in paper mm; one dial scales them all. */
record Pens(double dial, boolean large) {
    /** Coarser scales than this use the finer set of pens. */
    private static final double LARGE_SCALE_LIMIT = 75;

    static final Ink INK = Ink.of(Palette.INK.argb());

    static Pens of(double lineDial, double scale) {
        return new Pens(lineDial, scale <= LARGE_SCALE_LIMIT);
    }

    private Pen butt(double atLarge, double atSmall) {
        return Pen.butt(dial * (large ? atLarge : atSmall));
    }

    private Pen round(double atLarge, double atSmall) {
        return Pen.round(dial * (large ? atLarge : atSmall));
    }

    Pen cutWall() {
        return butt(0.50, 0.35);
    }

    Pen cutPost() {
        return butt(0.35, 0.25);
    }

    Pen hatch() {
        return butt(0.13, 0.10);
    }

    Pen leaf() {
        return butt(0.25, 0.18);
    }

    Pen swing() {
        return butt(0.13, 0.13);
    }

    Pen furniture() {
        return round(0.20, 0.15);
    }

    Pen furnitureInner() {
        return round(0.10, 0.08);
    }

    Pen grain() {
        return round(0.05, 0.05);
    }

    Pen overhead() {
        return butt(0.18, 0.18).dashed(2.0, 1.0);
    }

    Pen dimension() {
        return butt(0.13, 0.13);
    }

    Pen tick() {
        return butt(0.30, 0.30);
    }

    static Ink swingInk() {
        return INK.at(0.70);
    }

    static Ink furnitureInk() {
        return INK.at(0.85);
    }

    static Ink innerInk() {
        return INK.at(0.55);
    }

    static Ink dimensionInk() {
        return INK.at(0.80);
    }
}
