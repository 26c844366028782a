/**
 * The lighting and power plan: where fittings go, how they are spread evenly, what they come to.
 *
 * <p><b>Holds</b> {@code FittingSpot}, {@code EvenLayout}, {@code FittingList}. <b>Leaves out</b> where fittings are in the
 * end ({@code derive.storeys}) and their symbols. <b>Depends on</b> {@code catalogue}, {@code derive}. <b>Promises</b> the
 * same answer for the same plan.
 */
@NullMarked
package honeylamp.takeoff.lighting;

import org.jspecify.annotations.NullMarked;
