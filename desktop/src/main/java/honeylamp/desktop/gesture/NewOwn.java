package honeylamp.desktop.gesture;

import honeylamp.edit.OwnPieces;
import honeylamp.geometry.Point;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Role;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * How own pieces are drawn and placed next.
 *
 * @param placing the own piece placed next; empty if it is one that ships
 * @param fill what parts drawn next are made of; empty for lines alone
 * @param part the number of the part that is taken up, among those of the piece that is picked
 * @param reference what places are measured from, in plan mm; empty for the left front corner of the piece
 * @param rounded the radius corners are rounded by next
 * @param drawingWidth how wide what an SVG drawing shows truly is
 */
@RecordBuilder
public record NewOwn(
        Optional<OwnPiece> placing,
        Mode mode,
        Effect effect,
        Optional<Role> fill,
        OwnPart.Pen pen,
        Length bottom,
        Length top,
        int part,
        Optional<Point> reference,
        Length rounded,
        Length drawingWidth)
        implements NewOwnBuilder.With {
    /** The choices of a fresh start where one measures so. */
    public static NewOwn first(UnitSystem units) {
        return new NewOwn(
                Optional.empty(),
                Mode.RECTANGLE,
                Effect.ADDS,
                Optional.of(Role.TIMBER),
                OwnPart.Pen.OUTLINE,
                Length.ZERO,
                either(units, 750, 30),
                0,
                Optional.empty(),
                either(units, 50, 2),
                either(units, 1000, 36));
    }

    private static Length either(UnitSystem units, double mm, double inches) {
        return units.isMetric() ? Length.ofMm(mm) : Length.ofInches(inches);
    }

    /** What a click does. */
    public enum Mode {
        RECTANGLE("Rectangle", "Two corners, or width and depth"),
        OUTLINE("Outline", "Corner by corner, straight or bowed, round to the first"),
        LINE("Line", "Corner by corner, ended by Enter"),
        CIRCLE("Circle", "Its centre and its edge, or its radius"),
        ARC("Arc", "Its ends and a point on it, or its radius"),
        PART("Take a part up", "Click it, then drag it or change it on the card"),
        ROUND("Round a corner", "Click a corner; its radius is typed below the sheet"),
        REFERENCE("Reference point", "Click what the next places are measured from");

        private final String label;
        private final String hint;

        Mode(String label, String hint) {
            this.label = label;
            this.hint = hint;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** What one does, in a few words. */
        public String hint() {
            return hint;
        }
    }

    /** What becomes of what is drawn. */
    public enum Effect {
        ADDS("A part more"),
        CUTS("Cut out");

        private final String label;

        Effect(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** How parts are drawn next. */
    public OwnPieces.Style style() {
        return new OwnPieces.Style(fill, pen, bottom, Length.max(bottom, top));
    }

    /** The number of the part that is taken up, of a piece of so many. */
    public int part(OwnPiece own) {
        return Math.clamp(part, 0, own.parts().size() - 1);
    }
}
