/**
 * How walls become bodies and the spaces between them: (1) wall ends, ends on other walls and crossings
 * become shared nodes; (2) walls are split at nodes into pieces; (3) around each node neighbouring faces are
 * mitred; (4) faces of the network are traced, and the mitred corners along a face are the inner outline of a
 * space; (5) the outermost trace less the spaces is the poché. No floating noding, no union of wall bodies.
 *
 * <p><b>Holds</b> {@code WallNetwork}, the door, and its steps; clear stretches along a wall; fills.
 * <b>Leaves out</b> openings and whatever stands in a space. <b>Depends on</b> {@code plan}, {@code geometry}
 * and {@code units}. <b>Promises</b> the same bodies whichever way a wall was drawn.
 */
@NullMarked
package honeylamp.derive.walls;

import org.jspecify.annotations.NullMarked;
