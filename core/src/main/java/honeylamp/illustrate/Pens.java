package honeylamp.illustrate;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Pen;
import honeylamp.plan.InkRole;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;

/** The pens of the picture by role, in paper mm, and the colours of its look; one dial scales all pens. */
record Pens(double dial, boolean large, Look look) {
    /** Coarser scales than this use the finer set of pens. */
    private static final double LARGE_SCALE_LIMIT = 75;

    static Pens of(Look look, double scale) {
        return new Pens(look.lineDial(), scale <= LARGE_SCALE_LIMIT, look);
    }

    /** For samples and marks above the picture. */
    static Pens usual(double scale) {
        return of(Looks.DAYLIGHT, scale);
    }

    /** The colour of a role. */
    Oklch colour(Role role) {
        return look.palette().of(role);
    }

    /** The ink of a role, covering fully. */
    Ink ink(Role role) {
        return Ink.of(colour(role).argb());
    }

    /** The ink of lines and text. */
    Ink ink() {
        return ink(Role.INK);
    }

    /** The height of capitals, in paper mm. */
    double cap(TextRole role) {
        return look.drafting().of(role);
    }

    private double widthMm(LineRole role) {
        var line = look.drafting().of(role);
        return dial * (large ? line.largeMm() : line.smallMm());
    }

    /** What a line of a role is drawn with: round for furniture, square for what is built. */
    Pen pen(LineRole role) {
        return switch (role) {
            case FURNITURE, FURNITURE_INNER, GRAIN -> Pen.round(widthMm(role));
            case OVERHEAD -> Pen.butt(widthMm(role)).dashed(2.0, 1.0);
            case PLOT -> Pen.butt(widthMm(role)).dashed(6, 1.6);
            case CUT_WALL, CUT_POST, HATCH, LEAF, SWING, DIMENSION, TICK, RULE, HEADING_RULE, TITLE_RULE, NEEDLE ->
                Pen.butt(widthMm(role));
        };
    }

    private Ink ink(InkRole role) {
        return ink().at(look.drafting().of(role));
    }

    Pen cutWall() {
        return pen(LineRole.CUT_WALL);
    }

    Pen cutPost() {
        return pen(LineRole.CUT_POST);
    }

    Pen hatch() {
        return pen(LineRole.HATCH);
    }

    Pen leaf() {
        return pen(LineRole.LEAF);
    }

    Pen swing() {
        return pen(LineRole.SWING);
    }

    Pen furniture() {
        return pen(LineRole.FURNITURE);
    }

    Pen furnitureInner() {
        return pen(LineRole.FURNITURE_INNER);
    }

    Pen grain() {
        return pen(LineRole.GRAIN);
    }

    Pen overhead() {
        return pen(LineRole.OVERHEAD);
    }

    Pen plot() {
        return pen(LineRole.PLOT);
    }

    Pen dimension() {
        return pen(LineRole.DIMENSION);
    }

    Pen tick() {
        return pen(LineRole.TICK);
    }

    Ink swingInk() {
        return ink(InkRole.SWING);
    }

    Ink furnitureInk() {
        return ink(InkRole.FURNITURE);
    }

    Ink innerInk() {
        return ink(InkRole.INNER);
    }

    Ink dimensionInk() {
        return ink(InkRole.DIMENSION);
    }
}
