/**
 * Shade from heights: cast, corner and contact shade gathered into one layer for floors, and vector shadows
 * on tops.
 *
 * <p><b>Holds</b> {@code FloorShade} and {@code TopShadow}, the doors; searches over a grid of heights.
 * <b>Leaves out</b> colours, which the layer multiplies. <b>Depends on</b> {@code illustrate.paper}.
 * <b>Promises</b> no floor is darkened past the ceiling of its look.
 */
@NullMarked
package honeylamp.illustrate.shade;

import org.jspecify.annotations.NullMarked;
