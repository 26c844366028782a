package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What covers the joint where two floors that differ meet.
 *
 * @param width that is seen of it; empty for what is usual with its form
 * @param material its key in the catalogue
 */
@RecordBuilder
public record FloorStrip(Form form, Optional<Length> width, String material) implements FloorStripBuilder.With {
    /** How such a strip is made; the widths are those that are sold most. */
    public enum Form {
        /** Lies on both floors. */
        FLAT("Flat strip", 25),
        /** Its stem stands in the joint. */
        TEE("T strip", 14),
        /** Only the upper edge of an angle is seen, level with both floors. */
        FLUSH("Flush edge", 3),
        /** Slopes down from the higher floor to the lower. */
        RAMP("Ramped strip", 40),
        NONE("No strip", 0);

        private final String label;
        private final Length usual;

        Form(String label, double usualMm) {
            this.label = label;
            this.usual = Length.ofMm(usualMm);
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** Wider none is. */
    public static final Length WIDEST = Length.ofMm(300);

    /** A flat strip of steel. */
    public static final FloorStrip USUAL = new FloorStrip(Form.FLAT, Optional.empty(), "metal-steel");

    /** Refuses a strip without width, and one that is wider than any. */
    public FloorStrip {
        width.ifPresent(w -> {
            Checks.positive("width of a strip", w);
            if (w.compareTo(WIDEST) > 0) {
                throw new IllegalArgumentException("a strip is " + w.mm() + " mm wide, at most " + WIDEST.mm());
            }
        });
    }

    /** The width that is seen of it; nothing of none. */
    public Length seen() {
        return form == Form.NONE ? Length.ZERO : width.orElse(form.usual);
    }

    /** Of another form, as wide as is usual with it. */
    public FloorStrip formed(Form other) {
        return with(copy -> copy.form(other).width(Optional.empty()));
    }
}
