/**
 * What is bought and counted piece by piece: shopping, units, costs per room, and the ways in for what is large.
 *
 * <p><b>Holds</b> pure functions over laid-out plans. <b>Leaves out</b> finishes and their areas. <b>Depends on</b> {@code derive} and {@code catalogue}.
 * <b>Promises</b> that the same plan gives the same rows in the same order.
 */
@NullMarked
package honeylamp.takeoff.bought;

import org.jspecify.annotations.NullMarked;
