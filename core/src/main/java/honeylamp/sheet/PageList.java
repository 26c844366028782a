package honeylamp.sheet;

import honeylamp.geometry.Box;
import honeylamp.plan.Page.Listing;
import java.util.List;
import java.util.Optional;

/** A list of a page. It begins on one page and may go on on the next: it keeps which of its rows it has drawn. */
interface PageList {
    /** A heading and two rows, in paper mm: a list with less room is not begun. */
    double LEAST_MM = 18;

    /** What it lists; nothing of the notes of a page. */
    Optional<Listing> listing();

    /**
     * What it stands in, column by column.
     *
     * @param columns that lie side by side, of which it may have so many
     */
    List<Part> parts(int columns);

    /** The rows that have had no room so far. */
    int left();

    /** What had no room, to go on with on another page. */
    PageList rest();

    /**
     * What of a list stands in one column.
     *
     * @param leastMm the height below which it cannot be begun, in paper mm
     */
    record Part(double leastMm, Drawing drawing) {}

    /** Draws a part of a list from the top of a column. */
    interface Drawing {
        /**
         * Draws it.
         *
         * @return the y below it, in paper mm
         */
        double in(ListRows rows, Box column);
    }
}
