/**
 * Reading what is written on a picture: words and figures set in type or a neat hand, level or upright.
 *
 * <p><b>Holds</b> how letters and figures look, blots of ink, rows of them, what they say, and which lengths are written
 * at which lines. <b>Leaves out</b> walls, and what is done with what was read. <b>Depends on</b> {@code underlay} for
 * the ink of a picture, {@code tracing} for being watched and ended, {@code plan}, {@code geometry} and {@code units}. <b>Promises</b> the same words for the same picture and the same faces of type.
 */
@NullMarked
package honeylamp.lettering;

import org.jspecify.annotations.NullMarked;
