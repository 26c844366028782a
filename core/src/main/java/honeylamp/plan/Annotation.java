package honeylamp.plan;

import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What a view says of its plan in words and figures, beside the tiers around it.
 *
 * @param words whether any words and figures are seen at all, tiers too
 * @param rooms what is written into rooms
 * @param pairs which rooms have their width and depth as dimensions
 * @param second the units lengths and areas are shown in once more, in brackets
 */
@RecordBuilder
public record Annotation(Words words, RoomLabel rooms, RoomPairs pairs, Optional<UnitSystem> second)
        implements AnnotationBuilder.With {
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
    public static final Annotation USUAL =
            new Annotation(Words.WRITTEN, RoomLabel.USUAL, RoomPairs.NONE, Optional.empty());
}
