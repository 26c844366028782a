/**
 * Measured surveys: readings taken on site become stations, walls and rooms, and what does not close is
 * shown and spread.
 *
 * <p><b>Holds</b> the readings, the traverse they make, the compass rule and least squares, and the plan
 * built from the result. <b>Leaves out</b> file formats ({@code store}). <b>Depends on</b>
 * {@code geometry}, {@code plan}, {@code edit} and {@code catalogue}. <b>Promises</b> that no closing
 * error is hidden: whatever was spread is in the result.
 */
@NullMarked
package honeylamp.survey;

import org.jspecify.annotations.NullMarked;
