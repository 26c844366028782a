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
    /** Figures of dimensions on bare paper; elsewhere they have the full ink. */
    FIGURE,
    /** Quieter words on the sheet. */
    QUIET
}
