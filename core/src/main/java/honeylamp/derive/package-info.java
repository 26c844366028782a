/**
 * What follows from a plan: joints and wall bodies, rooms and areas, opening cuts, dimension tiers,
 * label places, snags, surfaces that can be covered, and the views and pages with what is laid in them.
 *
 * <p>How walls become rooms: (1) wall ends, ends on other walls and crossings become shared nodes;
 * (2) walls are split at nodes into pieces; (3) around each node neighbouring faces are mitred; (4)
 * faces of the network are traced, and the mitred corners along a face are the room's inner outline;
 * (5) the outermost trace less the rooms is the poché. No floating noding, no union of wall bodies.
 *
 * <p><b>Holds</b> pure functions named after their result. <b>Leaves out</b> pens, colours, paper.
 * <b>Depends on</b> {@code units}, {@code geometry}, {@code plan}. <b>Promises</b> equal plans give
 * equal results, whichever way and in whichever order their walls were drawn.
 */
@NullMarked
package honeylamp.derive;

import org.jspecify.annotations.NullMarked;
