package honeylamp.plan;

/** Up to where an area is counted. */
public enum AreaBasis {
    /** Within the inner faces of the walls around: what a floor covers. */
    INNER_FACES("Inner faces", "within the inner faces of the walls around each room"),
    /** Up to the middles of the walls around. */
    WALL_CENTRES("Wall centres", "up to the middle of every wall around each room"),
    /** Up to the outer faces of outer walls, and to the middles of the others. */
    OUTER_FACES("Outer faces", "up to the outer face of outer walls and the middle of walls between rooms");

    private final String label;
    private final String definition;

    AreaBasis(String label, String definition) {
        this.label = label;
        this.definition = definition;
    }

    /** The name shown to people. */
    public String label() {
        return label;
    }

    /** What is counted, in words. */
    public String definition() {
        return definition;
    }
}
