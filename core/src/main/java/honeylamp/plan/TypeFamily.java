package honeylamp.plan;

/** A family of type that words can be set in. */
public enum TypeFamily {
    /** A humanist sans with figures of one width. */
    HUMANIST("Plain"),
    /** A narrow sans with figures of one width. */
    NARROW("Narrow"),
    /** As a steady hand letters. */
    HAND("By hand");

    private final String label;

    TypeFamily(String label) {
        this.label = label;
    }

    /** The word people see. */
    public String label() {
        return label;
    }
}
