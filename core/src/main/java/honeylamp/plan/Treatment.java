package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a picture to trace is shown; its own pixels are never changed.
 *
 * @param fade 0 shows it in full, 1 not at all
 * @param lie below or above the plan
 */
@RecordBuilder
public record Treatment(double fade, Tint tint, Lie lie, Tone tone) implements TreatmentBuilder.With {
    /** A colour all its lines are shown in. */
    public enum Tint {
        /** Its own colours. */
        NONE("Own colours", 0),
        /** Sage green. */
        SAGE("Sage", 0x3F5E45),
        /** Slate blue. */
        SLATE("Slate", 0x35506B),
        /** Brick red. */
        BRICK("Brick", 0x8A3B2C);

        private final String label;
        private final int ink;

        Tint(String label, int ink) {
            this.label = label;
            this.ink = ink;
        }

        /** What black turns into, as 0xRRGGBB. */
        public int ink() {
            return ink;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    public enum Lie {
        /** Below all that is drawn. */
        BELOW,
        /** Above all that is drawn. */
        ABOVE
    }

    /**
     * What is done to its lightness so that pencil reads.
     *
     * @param brightness -1 to 1, 0 leaves it
     * @param contrast -1 to 1, 0 leaves it
     * @param paper how much of the paper's tone and of uneven light is taken out, 0 to 1
     */
    @RecordBuilder
    public record Tone(double brightness, double contrast, double paper, Sense sense)
            implements TreatmentToneBuilder.With {
        /** Dark on light or light on dark. */
        public enum Sense {
            /** As it is. */
            AS_IS,
            /** Dark and light exchanged. */
            INVERTED
        }

        /** As the picture is. */
        public static final Tone PLAIN = new Tone(0, 0, 0, Sense.AS_IS);

        /** Refuses values out of range. */
        public Tone {
            Checks.within("brightness", brightness, -1, 1);
            Checks.within("contrast", contrast, -1, 1);
            Checks.within("paper removal", paper, 0, 1);
        }
    }

    /** A third faded, otherwise as it is. */
    public static final Treatment FIRST = new Treatment(0.35, Tint.NONE, Lie.BELOW, Tone.PLAIN);

    /** Refuses values out of range. */
    public Treatment {
        Checks.within("fade", fade, 0, 1);
    }
}
