/**
 * What a picture to trace seems to show: walls by their centre lines, with their thicknesses, and the openings
 * in them, each with how sure that is.
 *
 * <p><b>Holds</b> {@code WallReader}, which reads, {@code Proposal}, what it reads, and the steps between: tones,
 * bodies of walls in several ways of drawing, bands, lines, pieces, gaps, joints. <b>Leaves out</b> what a plan
 * makes of it ({@code derive.traced}, {@code edit}) and the pixels themselves ({@code underlay}). <b>Depends on</b>
 * {@code geometry}, {@code plan} and {@code underlay}. <b>Promises</b> the same picture gives the same proposal; a
 * picture of no plan gives none.
 *
 * <p>Inside, everything is in pixels of a levelled frame; a proposal is in full pixels of the picture. What is done
 * for upright walls is done for lying ones with rows and columns changed for each other.
 */
@NullMarked
package honeylamp.tracing;

import org.jspecify.annotations.NullMarked;
