/**
 * What a pointer means on a storey: what it picks, what it catches, where an opening, a piece or a unit would
 * go.
 *
 * <p><b>Holds</b> {@code Picking}, {@code Snapping}, places. <b>Leaves out</b> gestures and the screen.
 * <b>Depends on</b> {@code derive.storeys} and those before it. <b>Promises</b> ties end at an identity, so
 * the same press picks the same thing.
 */
@NullMarked
package honeylamp.derive.pointing;

import org.jspecify.annotations.NullMarked;
