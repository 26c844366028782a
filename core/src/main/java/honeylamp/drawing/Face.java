package honeylamp.drawing;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The shipped faces of type: one humanist family with tabular figures. */
public enum Face {
    /** For sizes, areas, dimensions and notes. */
    REGULAR("OpenSans-Regular.ttf", 400),
    /** For room names. */
    MEDIUM("OpenSans-Medium.ttf", 500),
    /** For titles. */
    SEMIBOLD("OpenSans-SemiBold.ttf", 600);

    /** The family's name, for SVG. */
    public static final String FAMILY = "Open Sans";

    /** Height of a capital as a share of the size, read off the shipped fonts. */
    public static final double CAP_SHARE = 0.714;

    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private static final float MEASURING_SIZE = 1000;

    private final String file;
    private final int weight;
    private final Font font;

    Face(String file, int weight) {
        this.file = file;
        this.weight = weight;
        this.font = load(file);
    }

    private static Font load(String file) {
        try (var in = open(file)) {
            return UnpackedFont.of(in.readAllBytes()).deriveFont(MEASURING_SIZE);
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped font " + file + " cannot be read: " + e.getMessage(), e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("the shipped font " + file + " is broken", e);
        }
    }

    private static InputStream open(String file) {
        var in = Face.class.getResourceAsStream("/honeylamp/fonts/" + file);
        if (in == null) {
            throw new IllegalStateException("the font " + file + " is missing from the program");
        }
        return in;
    }

    /** The font file, for embedding. */
    public InputStream open() {
        return open(file);
    }

    /** The weight as CSS counts it. */
    public int weight() {
        return weight;
    }

    /** The size of type whose capitals are so high; any unit. */
    public static double sizeOfCapHeight(double capHeight) {
        return capHeight / CAP_SHARE;
    }

    /** The width of a line of text in paper mm. */
    public double widthMm(String text, double capHeightMm, double trackingEm) {
        var size = sizeOfCapHeight(capHeightMm);
        var advance = font.createGlyphVector(EXACT, text).getLogicalBounds().getWidth() / MEASURING_SIZE;
        return size * (advance + trackingEm * Math.max(0, text.length() - 1));
    }

    /** The glyphs of a text at 1000 units to the em, for painting. */
    public GlyphVector glyphs(String text) {
        return font.createGlyphVector(EXACT, text);
    }
}
