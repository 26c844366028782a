package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A part of an own piece.
 *
 * @param label what it is, written on it where pieces are labelled; perhaps nothing
 * @param lines its outline, and then the holes cut out of it; or one open line
 * @param fill what it is made of; empty for a line alone
 * @param bottom above the foot of the piece
 * @param top the same as the bottom for what has no height
 */
@RecordBuilder
public record OwnPart(String label, List<OwnLine> lines, Optional<Role> fill, Pen pen, Length bottom, Length top)
        implements OwnPartBuilder.With {
    /** A label is at most so many letters long. */
    public static final int LONGEST = 60;

    private static final int MOST_LINES = 60;

    /** What it is drawn with. */
    public enum Pen {
        OUTLINE("Outline"),
        FINE("Fine line"),
        /** Below something else: dashed, never filled. */
        HIDDEN("Hidden"),
        NONE("No line");

        private final String label;

        Pen(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** Freezes the lines; refuses none, a top below the bottom, and words without an end. */
    public OwnPart {
        lines = List.copyOf(lines);
        Checks.within("lines of a part", lines.size(), 1, MOST_LINES);
        Checks.within("length of a label", label.length(), 0, LONGEST);
        Checks.notNegative("bottom of a part", bottom);
        Checks.notNegative("height of a part", top.minus(bottom));
    }

    /** Its outline, or its open line. */
    public OwnLine outer() {
        return lines.getFirst();
    }

    /** Whether it is a body that is filled, and not a line alone. */
    public boolean isFilled() {
        return fill.isPresent() && outer().isClosed() && pen != Pen.HIDDEN;
    }
}
