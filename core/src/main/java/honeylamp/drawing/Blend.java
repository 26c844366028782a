package honeylamp.drawing;

/** How a layer meets what lies below. */
public enum Blend {
    /** It covers. */
    COVER,
    /** It darkens: levels are multiplied. */
    MULTIPLY
}
