package honeylamp.store;

/**
 * Something of a catalogue that is offered first.
 *
 * @param what the thing's key, led by the catalogue it stands in: {@code furnish/sofa}
 */
public record AtHand(String what, Why why) {
    /** Why it is offered first. */
    public enum Why {
        /** The person said so. */
        FAVOURITE,
        /** It was taken not long ago. */
        USED
    }
}
