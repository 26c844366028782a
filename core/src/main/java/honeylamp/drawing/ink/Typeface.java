package honeylamp.drawing.ink;

import honeylamp.plan.TypeFamily;
import java.awt.Font;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** The shipped faces of type, by family and weight; other fonts step in for what they have not. */
public enum Typeface {
    /** For sizes, areas, dimensions and notes. */
    REGULAR(FontFile.OPEN_SANS_REGULAR, TypeFamily.HUMANIST, Weight.REGULAR),
    /** For room names. */
    MEDIUM(FontFile.OPEN_SANS_MEDIUM, TypeFamily.HUMANIST, Weight.MEDIUM),
    /** For titles. */
    SEMIBOLD(FontFile.OPEN_SANS_SEMIBOLD, TypeFamily.HUMANIST, Weight.SEMIBOLD),
    NARROW_REGULAR(FontFile.ASAP_CONDENSED_REGULAR, TypeFamily.NARROW, Weight.REGULAR),
    NARROW_MEDIUM(FontFile.ASAP_CONDENSED_MEDIUM, TypeFamily.NARROW, Weight.MEDIUM),
    NARROW_SEMIBOLD(FontFile.ASAP_CONDENSED_SEMIBOLD, TypeFamily.NARROW, Weight.SEMIBOLD),
    /** The hand has one weight. */
    HAND(FontFile.PATRICK_HAND, TypeFamily.HAND, Weight.REGULAR);

    private enum Weight {
        REGULAR,
        MEDIUM,
        SEMIBOLD
    }

    /** Height of a capital as a share of the size, read off the fonts. */
    private static final double OPEN_SANS_CAP = 0.714;

    private static final double ASAP_CONDENSED_CAP = 0.704;

    /** Of the hand, the size at which its small letters are as high as those of the humanist family. */
    private static final double HAND_CAP = OPEN_SANS_CAP * 0.469 / 0.535;

    private final FontFile file;
    private final TypeFamily family;
    private final Weight weight;
    private final Font font;

    Typeface(FontFile file, TypeFamily family, Weight weight) {
        this.file = file;
        this.family = family;
        this.weight = weight;
        this.font = file.load();
    }

    /** The face of another family that is as heavy, or the only one it has. */
    public Typeface in(TypeFamily other) {
        return Arrays.stream(values())
                .filter(f -> f.family == other && (other == TypeFamily.HAND || f.weight == weight))
                .findFirst()
                .orElse(this);
    }

    public FontFile file() {
        return file;
    }

    /** One font of each look that the shipped faces have, to tell letters by. */
    public static List<Font> looks() {
        var out = new ArrayList<>(Stream.of(REGULAR, SEMIBOLD, NARROW_REGULAR, NARROW_SEMIBOLD, HAND)
                .map(Typeface::font)
                .toList());
        FontFile.stepIn(FontFile.DEJAVU_SANS).ifPresent(out::add);
        return out;
    }

    /** The font itself, at {@link FontFile#MEASURING_SIZE}. */
    Font font() {
        return font;
    }

    /** The height that counts as that of capitals, as a share of the size: in the hand, by its small letters. */
    public double capShare() {
        return switch (family) {
            case HUMANIST -> OPEN_SANS_CAP;
            case NARROW -> ASAP_CONDENSED_CAP;
            case HAND -> HAND_CAP;
        };
    }

    /** The size of type whose capitals are so high; any unit. */
    public double sizeOfCapHeight(double capHeight) {
        return capHeight / capShare();
    }

    /** Words in lines no wider than so much, broken between words only. */
    public List<String> wrapped(String text, double capHeightMm, double widthMm) {
        var lines = new ArrayList<String>();
        var line = "";
        for (var word : text.split(" ")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && widthMm(longer, capHeightMm, 0) > widthMm) {
                lines.add(line);
                line = word;
            } else {
                line = longer;
            }
        }
        lines.add(line);
        return lines;
    }

    /** The width of a line of text in paper mm. */
    public double widthMm(String text, double capHeightMm, double trackingEm) {
        return sizeOfCapHeight(capHeightMm)
                * TypeLine.of(this, text, trackingEm).widthEm();
    }
}
