/**
 * Points and planes in space.
 *
 * <p><b>Holds</b> {@code SpacePoint}, {@code Flat}. <b>Leaves out</b> what stands where. <b>Depends on</b> {@code
 * geometry}. <b>Promises</b> lengths are mm: x east, y north, z up from the plan's zero.
 */
@NullMarked
package honeylamp.geometry.space;

import org.jspecify.annotations.NullMarked;
