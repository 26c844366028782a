package honeylamp.drawing.ink;

/** How light colours are, and how well they stand out from each other. */
public final class Luminance {
    private Luminance() {}

    /**
     * The relative luminance of an sRGB colour, from 0 to 1.
     *
     * @see "WCAG 2.2, relative luminance"
     */
    public static double of(int rgb) {
        return 0.2126 * linear(rgb >> 16 & 0xff) + 0.7152 * linear(rgb >> 8 & 0xff) + 0.0722 * linear(rgb & 0xff);
    }

    private static double linear(int level) {
        var c = level / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    /**
     * The contrast of two luminances, from 1 to 21.
     *
     * @see "WCAG 2.2, contrast ratio"
     */
    public static double contrast(double a, double b) {
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }
}
