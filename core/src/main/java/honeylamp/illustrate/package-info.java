/**
 * Turns a view of a plan into a picture: a {@code LaidView} with its look and light in, a {@code Drawing}
 * out.
 *
 * <p><b>Holds</b> {@code Illustration}, which puts the layers in order, and {@code LaidFloors}; their marks are made in the packages
 * below: {@code paper}, {@code pen}, {@code shade}, {@code ground}, {@code building}, {@code furniture}, {@code words},
 * {@code sketch}. <b>Leaves out</b> pages, files and screens. <b>Depends on</b> {@code derive}, {@code
 * catalogue}, {@code drawing}. <b>Promises</b> the same plan gives the same marks.
 */
@NullMarked
package honeylamp.illustrate;

import org.jspecify.annotations.NullMarked;
