/**
 * What is read off a plan: schedules, tags, tiers of dimensions, surfaces, the working of an area, what of a
 * brief is there.
 *
 * <p><b>Holds</b> one class per list. <b>Leaves out</b> prices, names of finishes and paper. <b>Depends
 * on</b> {@code derive.storeys} and those before it. <b>Promises</b> sums are those of their parts, and every
 * copy of a unit is counted.
 */
@NullMarked
package honeylamp.derive.listing;

import org.jspecify.annotations.NullMarked;
