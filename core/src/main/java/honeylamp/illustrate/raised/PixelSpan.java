package honeylamp.illustrate.raised;

import java.util.Arrays;

/**
 * Some pixels of a row on which one facet is nearest.
 *
 * @param left the middle of the first, in picture mm
 * @param pixelMm how wide one is, in picture mm
 * @param y the middle of all, in picture mm
 * @param argb the picture
 * @param at the first of them in it
 */
record PixelSpan(double left, double pixelMm, double y, int[] argb, int at, int many) {
    /** The middle of one of them, in picture mm. */
    double x(int nth) {
        return left + nth * pixelMm;
    }

    void fill(int colour) {
        Arrays.fill(argb, at, at + many, colour);
    }
}
