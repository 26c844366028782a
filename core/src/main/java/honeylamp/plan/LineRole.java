package honeylamp.plan;

import java.util.Locale;

/** What a line of the picture is; a look says with which pen each is drawn. */
public enum LineRole {
    /** Around cut walls. */
    CUT_WALL,
    /** Around cut posts, shafts and frames. */
    CUT_POST,
    /** Within cut walls. */
    HATCH,
    /** Door leaves, window frames, edges of stairs. */
    LEAF,
    /** Door swings and treads. */
    SWING,
    /** Around furniture, fixtures and casework. */
    FURNITURE,
    /** Within furniture. */
    FURNITURE_INNER,
    /** Grain and joints of finishes. */
    GRAIN,
    /** Where one finish meets another in the same room. */
    TRIM,
    /** What hangs overhead. */
    OVERHEAD,
    /** The boundary of the plot. */
    PLOT,
    /** Dimension and witness lines, leaders. */
    DIMENSION,
    /** Ticks where dimensions end. */
    TICK,
    /** Between rows of lists on the sheet. */
    RULE,
    /** Below headings on the sheet. */
    HEADING_RULE,
    /** Above the title block. */
    TITLE_RULE,
    /** The north arrow. */
    NEEDLE;

    /** The name people see. */
    public String label() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
