/**
 * Dimension tiers of a storey, three to a side.
 *
 * <p><b>Holds</b> {@code DimensionTiers}. <b>Leaves out</b> how they are drawn ({@code illustrate.words}).
 * <b>Depends on</b> {@code derive.storeys} and those before it. <b>Promises</b> every tier sums to the
 * overall length.
 */
@NullMarked
package honeylamp.derive.tiers;

import org.jspecify.annotations.NullMarked;
