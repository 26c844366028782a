package honeylamp.plan;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What a view says of its plan in words and figures, beside the tiers around it.
 *
 * @param words whether any words and figures are seen at all, tiers too
 * @param rooms what is written into rooms
 */
@RecordBuilder
public record Annotation(Words words, RoomLabel rooms) implements AnnotationBuilder.With {
    /** Whether words and figures are seen. */
    public enum Words {
        WRITTEN,
        LEFT_OUT;

        /** The other of the two. */
        public Words other() {
            return this == WRITTEN ? LEFT_OUT : WRITTEN;
        }
    }

    /** As new plans have it. */
    public static final Annotation USUAL = new Annotation(Words.WRITTEN, RoomLabel.USUAL);
}
