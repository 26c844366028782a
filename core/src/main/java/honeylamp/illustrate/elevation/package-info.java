/**
 * Walls seen from the front.
 *
 * <p><b>Holds</b> {@code ElevationArt}, {@code ElevationMarks}. <b>Leaves out</b> what is seen from above. <b>Depends
 * on</b> {@code derive.listing}, {@code illustrate.ground}, {@code illustrate.words}. <b>Promises</b> the same finishes,
 * pens and numbers as in the plan.
 */
@NullMarked
package honeylamp.illustrate.elevation;

import org.jspecify.annotations.NullMarked;
