package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A kind of piece that somebody drew, or had made to measure: parts in the size they were drawn in. Within a plan it is
 * known by its name.
 *
 * @param width of the box around its parts; all of them begin at its left front corner
 * @param height of its highest part
 * @param bottom how high above the floor it usually is
 * @param parts the lowest drawn first
 * @param measured where and by whom it was measured, perhaps nothing
 * @param buying what is known of it as it is bought
 */
@RecordBuilder
public record OwnPiece(
        String name,
        Stand stand,
        Length width,
        Length depth,
        Length height,
        Length bottom,
        List<OwnPart> parts,
        Stretch across,
        Stretch deep,
        Stretch up,
        String measured,
        Buying buying)
        implements OwnPieceBuilder.With {
    /** A name is at most so many letters long. */
    public static final int LONGEST = 60;

    /** More parts than this no piece has. */
    public static final int MOST_PARTS = 400;

    private static final String OWN = "own:";
    /** Where it was measured takes at most so many letters. */
    public static final int MOST_WORDS = 500;

    /** Freezes the parts; refuses sizes of nothing, none or too many parts, and a name of nothing or without an end. */
    public OwnPiece {
        Checks.within("length of a name", name.strip().length(), 1, LONGEST);
        Checks.within("length of where it was measured", measured.length(), 0, MOST_WORDS);
        Checks.positive("width of an own piece", width);
        Checks.positive("depth of an own piece", depth);
        Checks.positive("height of an own piece", height);
        Checks.notNegative("height of an own piece above the floor", bottom);
        parts = List.copyOf(parts);
        Checks.within("parts of an own piece", parts.size(), 1, MOST_PARTS);
    }

    /** Its kind among all kinds of pieces. */
    public String key() {
        return OWN + name;
    }
}
