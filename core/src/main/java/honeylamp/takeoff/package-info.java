/**
 * What a plan comes to once the catalogue is known: keys of finishes, rules of fit; later quantities and
 * cuts.
 *
 * <p><b>Holds</b> pure functions over laid-out plans and the catalogue. <b>Leaves out</b> prices, paper and
 * files. <b>Depends on</b> {@code derive}, {@code catalogue}. <b>Promises</b> every finish is listed once, in
 * the order of the storeys.
 */
@NullMarked
package honeylamp.takeoff;

import org.jspecify.annotations.NullMarked;
