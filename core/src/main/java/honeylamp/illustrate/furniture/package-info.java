/**
 * Pieces: their symbols placed, turned, coloured.
 *
 * <p><b>Holds</b> {@code FurnitureArt}. <b>Leaves out</b> the symbols themselves ({@code catalogue}).
 * <b>Depends on</b> {@code illustrate.paper}. <b>Promises</b> rugs below, cushions above.
 */
@NullMarked
package honeylamp.illustrate.furniture;

import org.jspecify.annotations.NullMarked;
