/**
 * Pictures to trace: their scale by known lengths with its doubt, the lines in them, traced against printed
 * lengths.
 *
 * <p><b>Holds</b> {@code ScaleFit}, {@code PictureLines}, {@code TracedLengths}. <b>Leaves out</b> pixels,
 * which {@code underlay} works on. <b>Depends on</b> {@code derive.pointing} and those before it.
 * <b>Promises</b> a fit names its doubt.
 */
@NullMarked
package honeylamp.derive.traced;

import org.jspecify.annotations.NullMarked;
