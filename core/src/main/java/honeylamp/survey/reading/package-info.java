/**
 * What was read on site: legs, diagonals, stations on legs, holes, each with the line it was written on.
 *
 * <p><b>Holds</b> pure functions and values. <b>Leaves out</b> adjusting and plans. <b>Depends on</b> {@code units} and {@code plan}. <b>Promises</b>
 * that readings stay as they were written.
 */
@NullMarked
package honeylamp.survey.reading;

import org.jspecify.annotations.NullMarked;
