/**
 * How one walks through a storey: the widest ways from where one comes in, where they are narrow, where a wheelchair
 * turns, and whether a piece can be carried in.
 *
 * <p><b>Holds</b> {@code Ways}, {@code GettingIn} and what they find. <b>Leaves out</b> the room that pieces need on their
 * sides ({@code takeoff.fit}) and what a person sees of it. <b>Depends on</b> {@code derive}, {@code catalogue.piece}.
 * <b>Promises</b> to warn only; widths are measured between what stands there, not read off a raster.
 */
@NullMarked
package honeylamp.takeoff.way;

import org.jspecify.annotations.NullMarked;
