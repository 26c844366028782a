package honeylamp.plan;

import honeylamp.units.Checks;

/**
 * A change of what was sent before.
 *
 * @param mark its letter or number, as sheets show it
 * @param date as it is written
 * @param words what was changed
 */
public record Revision(String mark, String date, String words) {
    /** Older ones are in older files. */
    public static final int MOST = 40;

    public static final int LONGEST_MARK = 8;
    public static final int LONGEST_WORDS = 160;

    /** Refuses a revision without a mark, and words that have no room. */
    public Revision {
        Checks.within("letters of the mark of a revision", mark.length(), 1, LONGEST_MARK);
        Checks.within("letters of the date of a revision", date.length(), 0, LONGEST_WORDS);
        Checks.within("letters of a revision", words.length(), 0, LONGEST_WORDS);
    }
}
