/**
 * The pieces that ship with the program: what kinds there are, the sizes they are made in, and how each is drawn from
 * above, from the front and from its sides at any size.
 *
 * <p><b>Holds</b> {@code Furnishings}, {@code FurnishingKind}, one class per family of kinds. <b>Leaves out</b> where
 * pieces stand ({@code plan}) and with what pens they are drawn ({@code illustrate}). <b>Depends on</b>
 * {@code catalogue.symbol}, {@code catalogue.pattern}. <b>Promises</b> measures that people make by hand (arms, rims,
 * rails, ledges) stay as they are whatever the size; what can be counted (seats, drawers, doors) is counted anew.
 */
@NullMarked
package honeylamp.catalogue.piece;

import org.jspecify.annotations.NullMarked;
