package honeylamp.drawing.ink;

import java.awt.Font;
import java.util.ArrayList;
import java.util.List;

/** The shipped faces of type: one humanist family with tabular figures; other fonts step in for what it has not. */
public enum Typeface {
    /** For sizes, areas, dimensions and notes. */
    REGULAR(FontFile.OPEN_SANS_REGULAR),
    /** For room names. */
    MEDIUM(FontFile.OPEN_SANS_MEDIUM),
    /** For titles. */
    SEMIBOLD(FontFile.OPEN_SANS_SEMIBOLD);

    /** Height of a capital as a share of the size, read off the shipped fonts. */
    public static final double CAP_SHARE = 0.714;

    private final FontFile file;
    private final Font font;

    Typeface(FontFile file) {
        this.file = file;
        this.font = file.load();
    }

    public FontFile file() {
        return file;
    }

    /** The font itself, at {@link FontFile#MEASURING_SIZE}. */
    Font font() {
        return font;
    }

    /** The size of type whose capitals are so high; any unit. */
    public static double sizeOfCapHeight(double capHeight) {
        return capHeight / CAP_SHARE;
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
