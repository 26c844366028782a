/**
 * Writes drawings: pixels (Java2D), PDF (PDFBox) and SVG (StAX), all from the same list of marks.
 *
 * <p><b>Holds</b> one painter per output, and pictures of what covers facets for while raised views turn. <b>Leaves out</b> what is drawn and why. <b>Depends on</b>
 * {@code drawing} and {@code sheet}. <b>Promises</b> the same bytes for the same page, and files that
 * are whole or not there: they are written beside their target and moved.
 */
@NullMarked
package honeylamp.output;

import org.jspecify.annotations.NullMarked;
