/**
 * The link to a laser distance meter: readings arrive over a loopback socket and go to the measure line.
 *
 * <p><b>Holds</b> the link and its state. <b>Leaves out</b> the line format ({@code honeylamp.meter} in
 * core) and what a reading is used for. <b>Promises</b> that no meter, however slow or mad, holds up the
 * window.
 */
@NullMarked
package honeylamp.desktop.meter;

import org.jspecify.annotations.NullMarked;
