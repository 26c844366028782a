package honeylamp.guide;

/** A run of words within a paragraph. */
public sealed interface Span {
    /** What is read. */
    String words();

    /** Plain words. */
    record Plain(String words) implements Span {}

    /** Words that stand in the window. */
    record Label(String words) implements Span {}

    /** Words of our own trade, or names. */
    record Leaning(String words) implements Span {}

    /** What is typed, or a key. */
    record Typed(String words) implements Span {}

    /** Words that lead to another place of the guide. */
    record Link(String words, Place to) implements Span {}
}
