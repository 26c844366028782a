package honeylamp.plan;

/** Whether what something was put on is still there. */
public enum Hold {
    /** It is, or nothing was ever there. */
    HELD,
    /** It is gone. */
    LOST
}
