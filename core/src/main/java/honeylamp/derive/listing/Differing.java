package honeylamp.derive.listing;

/** How something differs from one arrangement of a plan to another. */
public enum Differing {
    NEW("New"),
    GONE("Gone"),
    MOVED("Moved"),
    CHANGED("Changed");

    private final String label;

    Differing(String label) {
        this.label = label;
    }

    /** The word people see. */
    public String label() {
        return label;
    }
}
