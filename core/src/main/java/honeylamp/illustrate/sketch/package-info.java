/**
 * Small pictures of things not yet there: what a gesture would make, samples for trays, where words lie.
 *
 * <p><b>Holds</b> {@code Sketches}, {@code PartSketches}, {@code Samples}, {@code Captions}. <b>Leaves out</b> the picture of a view. <b>Depends on</b> the stations before it.
 * <b>Promises</b> a sketch is drawn like the thing it becomes.
 */
@NullMarked
package honeylamp.illustrate.sketch;

import org.jspecify.annotations.NullMarked;
