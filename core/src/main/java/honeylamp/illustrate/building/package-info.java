/**
 * What is built: wall fills and outlines, symbols of openings, stairs, structures.
 *
 * <p><b>Holds</b> one class per kind. <b>Leaves out</b> furniture. <b>Depends on</b> {@code
 * illustrate.paper}, {@code illustrate.ground}. <b>Promises</b> cut lines are the heaviest.
 */
@NullMarked
package honeylamp.illustrate.building;

import org.jspecify.annotations.NullMarked;
