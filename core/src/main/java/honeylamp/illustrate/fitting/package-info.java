/**
 * Lights, switches and outlets as symbols of one family, and the links from switches to lights.
 *
 * <p><b>Holds</b> {@code FittingArt}, {@code LinkArt}. <b>Leaves out</b> where fittings are ({@code derive.storeys}) and
 * which are linked ({@code derive.listing}). <b>Depends on</b> {@code illustrate.paper}, {@code illustrate.pen}.
 * <b>Promises</b> sizes in paper mm whatever the scale, and links that cross neither doors nor words.
 */
@NullMarked
package honeylamp.illustrate.fitting;

import org.jspecify.annotations.NullMarked;
