/**
 * The display list: layers of marks in paper millimetres, from which screen, PNG, PDF and SVG are all
 * painted.
 *
 * <p><b>Holds</b> four kinds of marks and a clip, pens, inks, faces of type, and text widths. Paper
 * space is y down. <b>Leaves out</b> plans and rooms. <b>Depends on</b> {@code geometry}.
 * <b>Promises</b> that equal drawings paint equal pictures in every output.
 */
@NullMarked
package honeylamp.drawing;

import org.jspecify.annotations.NullMarked;
