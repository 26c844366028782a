package honeylamp.catalogue;

import honeylamp.plan.DimensionStyle;
import honeylamp.plan.DimensionStyle.Ends;
import java.util.List;

/** The shipped ways to draw dimensions. */
public final class DimensionStyles {
    /** Ticks, tiers 10 mm apart: for those who build from the sheet. */
    public static final DimensionStyle WORKING = new DimensionStyle("Working", Ends.TICKS, 3, 10, 10, 2, 2);

    /** Small dots close to the walls: for those who only want to know how large it is. */
    public static final DimensionStyle LISTING = new DimensionStyle("Listing", Ends.DOTS, 1.1, 8, 8, 1.5, 1);

    /** Slender arrows. */
    public static final DimensionStyle ARROWS = new DimensionStyle("With arrows", Ends.ARROWS, 2.6, 10, 9, 2, 2);

    /** Short ticks, tiers close together, for small sheets. */
    public static final DimensionStyle CLOSE = new DimensionStyle("Close", Ends.TICKS, 2, 8, 7, 1.5, 1.5);

    private DimensionStyles() {}

    public static List<DimensionStyle> all() {
        return List.of(WORKING, LISTING, ARROWS, CLOSE);
    }
}
