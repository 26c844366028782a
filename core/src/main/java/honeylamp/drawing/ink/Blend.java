package honeylamp.drawing.ink;

/** How a layer, all its marks together, meets what lies below. */
public enum Blend {
    COVER,
    /** It darkens: levels are multiplied. */
    MULTIPLY,
    /** It lightens: what is missing to white is multiplied. */
    SCREEN
}
