/**
 * Openings in the walls they live in: where they settle, what they cut, how their leaves sweep, their frame
 * and clear sizes.
 *
 * <p><b>Holds</b> {@code OpeningCut}, {@code OpeningPlaces} and what follows from them. <b>Leaves out</b>
 * symbols and rooms. <b>Depends on</b> {@code derive.walls}. <b>Promises</b> an opening keeps inside its wall
 * or is told to have no room.
 */
@NullMarked
package honeylamp.derive.openings;

import org.jspecify.annotations.NullMarked;
