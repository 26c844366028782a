/**
 * Lengths, areas and angles as people write them.
 *
 * <p><b>Holds</b> {@code Length} (whole nanometres), the reader and the printer of
 * lengths in every unit the trade uses, and areas in words. <b>Leaves out</b> points and shapes.
 * <b>Depends on</b> the JDK only. <b>Promises</b> that what is printed exactly can be read back
 * exactly.
 */
@NullMarked
package honeylamp.units;

import org.jspecify.annotations.NullMarked;
