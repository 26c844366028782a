package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;

/**
 * What a look makes of the colours that materials and pieces bring with them; those of roles are in its palette.
 *
 * @param floors what is seen of floors
 * @param strength factor on how strong a colour is; 0 leaves greys, 1 the colours as they are
 * @param black how light black becomes
 * @param white how light white becomes; darker than {@code black} where light lines are drawn on dark paper
 * @param tint how much of one hue all take on, as chroma
 * @param tintHueDeg that hue
 */
@RecordBuilder
public record Colouring(Floors floors, double strength, double black, double white, double tint, double tintHueDeg)
        implements ColouringBuilder.With {
    /** Floors as they are laid, in their own colours. */
    public static final Colouring AS_LAID = new Colouring(Floors.LAID, 1, 0, 1, 0, 0);

    /** Stronger colours than this are no colours of a plan. */
    public static final double MOST_STRENGTH = 2;

    private static final double MOST_TINT = 0.2;

    /** What is seen of floors. */
    public enum Floors {
        /** Their pattern in its colours. */
        LAID("As laid"),
        /** Their joints alone, on the tone of the paper. */
        JOINTS("Joints alone"),
        /** A wash for what the room is used for. */
        BY_USE("By use of room");

        private final String label;

        Floors(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** As it is written in keys. */
        public String key() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Refuses what is no strength and no lightness. */
    public Colouring {
        Checks.within("strength of colours", strength, 0, MOST_STRENGTH);
        Checks.within("lightness of black", black, 0, 1);
        Checks.within("lightness of white", white, 0, 1);
        Checks.within("tint", tint, 0, MOST_TINT);
        Checks.finite("hue of the tint", tintHueDeg);
    }

    /** A colour as it is in the look. */
    public Oklch of(Oklch colour) {
        if (strength == 1 && black == 0 && white == 1 && tint == 0) {
            return colour; // to the last bit
        }
        var hue = Math.toRadians(colour.hueDeg());
        var towards = Math.toRadians(tintHueDeg);
        var a = strength * colour.chroma() * Math.cos(hue) + tint * Math.cos(towards);
        var b = strength * colour.chroma() * Math.sin(hue) + tint * Math.sin(towards);
        return new Oklch(
                black + (white - black) * colour.lightness(),
                Math.min(Math.hypot(a, b), Oklch.MOST_CHROMA),
                Math.toDegrees(Math.atan2(b, a)));
    }
}
