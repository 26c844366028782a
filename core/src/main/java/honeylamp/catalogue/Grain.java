package honeylamp.catalogue;

/** What is seen on a material beside its tone, drawn at true size. */
public enum Grain {
    /** Nothing. */
    PLAIN,
    /** Fine lines along a board. */
    WOOD,
    /** The same with knots. */
    KNOTTY,
    /** Wandering veins of stone. */
    VEINS,
    /** Chips of other stones. */
    FLECK,
    /** Short tufts. */
    PILE,
    /** Threads that cross. */
    WEAVE,
    /** Wide clouds, as of trowelled screed. */
    CLOUDS,
    /** Fine straight lines all one way. */
    BRUSHED,
    /** Small pebbles. */
    PEBBLES,
    /** Long low waves. */
    RIPPLES
}
