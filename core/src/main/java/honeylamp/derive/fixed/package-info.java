/**
 * What is built and is no wall: flights, steps and rules of stairs, what one meets of them on a storey.
 *
 * <p><b>Holds</b> {@code StairSteps}, {@code StairRule}, {@code FixedParts}. <b>Leaves out</b> how they are
 * drawn. <b>Depends on</b> {@code plan}. <b>Promises</b> the same steps on every storey that meets the stair.
 */
@NullMarked
package honeylamp.derive.fixed;

import org.jspecify.annotations.NullMarked;
