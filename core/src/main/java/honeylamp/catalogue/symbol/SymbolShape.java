package honeylamp.catalogue.symbol;

import honeylamp.geometry.Figure;
import honeylamp.plan.Role;

/**
 * One shape of a furnishing, in the piece's own frame (mm about its centre, front at -y).
 *
 * @param level when it is drawn among the parts of all pieces
 * @param detail the least fineness of picture in which it appears
 */
public record SymbolShape(Figure path, Paint paint, Edge edge, Level level, Detail detail) {
    /** Whether a shape is filled, and with what. */
    public sealed interface Paint {
        /** No fill: a line only. */
        record None() implements Paint {}

        /** A fill of the colour of a role. */
        record Of(Role role) implements Paint {}
    }

    /** The roles of line. */
    public enum Edge {
        /** No line. */
        NONE,
        /** The outline of the piece. */
        OUTLINE,
        /** A finer line within it. */
        INNER,
        /** What lies below: dashed. */
        HIDDEN,
        /** The grain of timber. */
        GRAIN
    }

    /** The order of drawing. */
    public enum Level {
        /** Flat on the floor: rugs, trays. */
        FLOOR,
        /** Standing on the floor. */
        BODY,
        /** Lying on something. */
        TOP,
        /** Hanging above what stands: seen as dashes from above. */
        ABOVE,
        /** Leaves high above all else, which is seen through them. */
        CANOPY
    }

    /** How much is drawn. */
    public enum Detail {
        /** Always. */
        PLAIN,
        /** From 1:100 up. */
        DRAWN,
        /** From 1:50 up. */
        RICH
    }
}
