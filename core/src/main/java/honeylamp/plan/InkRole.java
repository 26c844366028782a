package honeylamp.plan;

/** What is drawn with less than the full ink; a look says with how much. */
public enum InkRole {
    /** Door swings, treads, and what hangs overhead. */
    SWING,
    /** Around furniture. */
    FURNITURE,
    /** Within furniture and on the site. */
    INNER,
    /** Dimensions and leaders. */
    DIMENSION,
    /** Quieter words on the sheet. */
    QUIET
}
