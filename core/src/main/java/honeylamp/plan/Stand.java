package honeylamp.plan;

/** Where a piece stands by nature. */
public enum Stand {
    /** Its back against a wall. */
    AT_WALL("At a wall"),
    /** Anywhere. */
    FREE("Free"),
    /** Flat below all else. */
    UNDERFOOT("Underfoot"),
    /** On top of other pieces. */
    ON_TOP("On top of others"),
    /** From the ceiling or high on a wall, above what stands below. */
    ABOVE("From above");

    private final String label;

    Stand(String label) {
        this.label = label;
    }

    /** The name shown to people. */
    public String label() {
        return label;
    }
}
