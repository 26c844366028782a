package honeylamp.illustrate.pen;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.InkRole;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;

/** The pens of the picture by role, in paper mm, and the colours of its look; one dial scales all pens. */
public record Pens(double dial, boolean large, Look look) {
    /** So many times as broad as the outline of walls their outer faces on the shade side are drawn. */
    private static final double SHADE_SIDE = 1.8;

    /** How much of the ink joints take where nothing else of a surface is seen. */
    private static final double JOINT = 0.42;

    /** Coarser scales than this use the finer set of pens. */
    private static final double LARGE_SCALE_LIMIT = 75;

    public static Pens of(Look look, double scale) {
        return new Pens(look.lineDial(), scale <= LARGE_SCALE_LIMIT, look);
    }

    /** For samples and marks above the picture. */
    public static Pens usual(double scale) {
        return of(Looks.DAYLIGHT, scale);
    }

    /** The colour of a role. */
    public Oklch colour(Role role) {
        return look.palette().of(role);
    }

    /** The ink of a role, covering fully. */
    public Ink ink(Role role) {
        return Ink.of(colour(role).argb());
    }

    /** The ink of what has a colour of its own, as the look shows it. */
    public Ink of(Oklch own) {
        return Ink.of(look.colouring().of(own).argb());
    }

    /** The ink of a surface of a floor or a wall, which a look may leave as light as its paper. */
    public Ink surface(Oklch own) {
        return hasJointsAlone() ? ink(Role.PAPER) : of(own);
    }

    /** The ink of the joints between pieces of a surface. */
    public Ink joint(Oklch own) {
        return hasJointsAlone() ? new Ink(ink().rgb(), JOINT) : of(own);
    }

    /** Whether surfaces show nothing but their joints. */
    public boolean hasJointsAlone() {
        return look.colouring().floors() == Floors.JOINTS;
    }

    /** The ink of lines and text. */
    public Ink ink() {
        return ink(Role.INK);
    }

    /** The height of capitals, in paper mm. */
    public double cap(TextRole role) {
        return look.drafting().of(role);
    }

    /** The face words of a role are set in, as heavy as another. */
    public Typeface face(TextRole role, Typeface weight) {
        return weight.in(look.drafting().lettering().of(role.voice()));
    }

    /** How dimensions are drawn. */
    public DimensionStyle dimensions() {
        return look.drafting().dimensions();
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
            case CUT_WALL,
                    CUT_POST,
                    HATCH,
                    LEAF,
                    SWING,
                    TRIM,
                    DIMENSION,
                    TICK,
                    RULE,
                    HEADING_RULE,
                    TITLE_RULE,
                    NEEDLE -> Pen.butt(widthMm(role));
        };
    }

    private Ink ink(InkRole role) {
        return ink().at(look.drafting().of(role));
    }

    public Pen cutWall() {
        return pen(LineRole.CUT_WALL);
    }

    /** Along the outer faces of walls that look away from the light. */
    public Pen shadeSide() {
        return Pen.butt(SHADE_SIDE * cutWall().widthMm());
    }

    public Pen cutPost() {
        return pen(LineRole.CUT_POST);
    }

    public Pen hatch() {
        return pen(LineRole.HATCH);
    }

    public Pen leaf() {
        return pen(LineRole.LEAF);
    }

    public Pen swing() {
        return pen(LineRole.SWING);
    }

    public Pen furniture() {
        return pen(LineRole.FURNITURE);
    }

    public Pen furnitureInner() {
        return pen(LineRole.FURNITURE_INNER);
    }

    public Pen grain() {
        return pen(LineRole.GRAIN);
    }

    public Pen trim() {
        return pen(LineRole.TRIM);
    }

    public Pen overhead() {
        return pen(LineRole.OVERHEAD);
    }

    /** For walls that go in the works: a little finer than those that are cut, and dashed. */
    public Pen removed() {
        return Pen.butt(0.7 * widthMm(LineRole.CUT_WALL)).dashed(1.6, 0.9);
    }

    public Pen plot() {
        return pen(LineRole.PLOT);
    }

    public Pen dimension() {
        return pen(LineRole.DIMENSION);
    }

    public Pen tick() {
        return pen(LineRole.TICK);
    }

    public Ink swingInk() {
        return ink(InkRole.SWING);
    }

    public Ink furnitureInk() {
        return ink(InkRole.FURNITURE);
    }

    public Ink innerInk() {
        return ink(InkRole.INNER);
    }

    /** Figures on bare paper, mixed with it so that they print as one tone. */
    public Ink figureInk() {
        return Ink.of(
                Fading.mixed(ink().rgb(), ink(Role.PAPER).rgb(), look.drafting().of(InkRole.FIGURE)));
    }

    public Ink dimensionInk() {
        return ink(InkRole.DIMENSION);
    }
}
