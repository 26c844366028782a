/**
 * Spaces that are rooms: their outline, freest place and clear size, and the boundaries that part them
 * without a wall.
 *
 * <p><b>Holds</b> {@code Room}, {@code Boundaries}, {@code LabelSpot}. <b>Leaves out</b> areas by other
 * bases, which need a whole storey. <b>Depends on</b> {@code derive.walls}, {@code derive.fixed}.
 * <b>Promises</b> the freest place is the same on every run, ties settled.
 */
@NullMarked
package honeylamp.derive.rooms;

import org.jspecify.annotations.NullMarked;
