/**
 * Pictures to trace as pixels: kept at several sizes, shown in place, and read for their lines.
 *
 * <p><b>Holds</b> the pyramid of a picture, its painting through any placing, the tone of its paper, the
 * search for lines and for the angle they run at. <b>Leaves out</b> file formats ({@code store}) and
 * what is decided from a picture ({@code edit}). <b>Depends on</b> {@code geometry} and {@code plan}.
 * <b>Promises</b> bounded heap whatever the picture's size, and never to change a picture.
 */
@NullMarked
package honeylamp.underlay;

import org.jspecify.annotations.NullMarked;
