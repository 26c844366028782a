package honeylamp.illustrate;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Pen;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Palette;
import honeylamp.plan.Role;

/** The pens of the picture by role, in paper mm, and the colours of its look; one dial scales all pens. */
record Pens(double dial, boolean large, Palette palette) {
    /** Coarser scales than this use the finer set of pens. */
    private static final double LARGE_SCALE_LIMIT = 75;

    static Pens of(Look look, double scale) {
        return new Pens(look.lineDial(), scale <= LARGE_SCALE_LIMIT, look.palette());
    }

    /** For samples and marks above the picture. */
    static Pens usual(double scale) {
        return of(Looks.DAYLIGHT, scale);
    }

    /** The colour of a role. */
    Oklch colour(Role role) {
        return palette.of(role);
    }

    /** The ink of a role, covering fully. */
    Ink ink(Role role) {
        return Ink.of(colour(role).argb());
    }

    /** The ink of lines and text. */
    Ink ink() {
        return ink(Role.INK);
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

    Ink swingInk() {
        return ink().at(0.70);
    }

    Ink furnitureInk() {
        return ink().at(0.85);
    }

    Ink innerInk() {
        return ink().at(0.55);
    }

    Ink dimensionInk() {
        return ink().at(0.80);
    }
}
