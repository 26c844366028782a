/**
 * The plan: immutable records of everything a person decided, and nothing that can be worked out.
 *
 * <p><b>Holds</b> {@code Plan} and its parts, with lengths in whole nanometres, x east, y north,
 * angles in degrees counter-clockwise from east. <b>Leaves out</b> areas, outlines, labels and
 * pictures, which are derived. <b>Depends on</b> {@code units} and {@code geometry}. <b>Promises</b>
 * that every value is valid, frozen, and safe to share between threads.
 */
@NullMarked
package honeylamp.plan;

import org.jspecify.annotations.NullMarked;
