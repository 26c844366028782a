/**
 * Pieces cut to a surface: what stays whole, what is cut and how large, what is made of offcuts, where to begin.
 *
 * <p><b>Holds</b> {@code CutSurface}, {@code Cutting}, {@code Nesting}, {@code StartFinder}. <b>Leaves out</b> which
 * surfaces there are ({@code derive.listing}) and what is bought ({@code takeoff}). <b>Depends on</b> {@code
 * catalogue.pattern}, {@code geometry}. <b>Promises</b> areas right to a millionth of a square metre.
 */
@NullMarked
package honeylamp.takeoff.tiles;

import org.jspecify.annotations.NullMarked;
