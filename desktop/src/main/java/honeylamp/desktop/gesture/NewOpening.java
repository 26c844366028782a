package honeylamp.desktop.gesture;

import honeylamp.plan.OpeningKind;
import honeylamp.plan.OpeningKind.Size;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;

/**
 * The opening put in next.
 *
 * @param product the name of a product of this size, or empty words
 */
public record NewOpening(OpeningKind kind, Size size, String product) {
    /** A kind at its usual size. */
    public static NewOpening of(OpeningKind kind, UnitSystem units) {
        return new NewOpening(kind, kind.usual(units), "");
    }

    public Length width() {
        return size.width();
    }

    /** The same, so wide. */
    public NewOpening wide(Length width) {
        return new NewOpening(kind, new Size(width, size.sill(), size.head()), "");
    }
}
