package honeylamp.illustrate.paper;

/** How much of the presentation is lit. */
public enum Lamp {
    /** Thin measured lines only. */
    DRAFT("Draft"),
    /** Finishes and furniture, no shade. */
    COLOUR("Colour"),
    /** Everything as it will print. */
    LIT("Lit");

    private final String label;

    Lamp(String label) {
        this.label = label;
    }

    /** The name people see. */
    public String label() {
        return label;
    }

    /** The next setting, after the last comes the first. */
    public Lamp next() {
        return values()[(ordinal() + 1) % values().length];
    }
}
