/**
 * What marks are made with: pens, inks, gradients, blends, grey and coloured pixels, typefaces and lines of
 * type.
 *
 * <p><b>Holds</b> values without a place on paper, and the shipped typefaces. <b>Leaves out</b> marks and
 * layers ({@code drawing}). <b>Depends on</b> {@code geometry}. <b>Promises</b> every character has a glyph
 * in some shipped typeface.
 */
@NullMarked
package honeylamp.drawing.ink;

import org.jspecify.annotations.NullMarked;
