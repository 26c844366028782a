/**
 * Gestures that change nothing built: measuring, seeing a part, trying a mend.
 *
 * <p><b>Holds</b> one class per tool. <b>Leaves out</b> the toolkit. <b>Depends on</b> {@code gesture}.
 * <b>Promises</b> a gesture left half way leaves nothing behind.
 */
@NullMarked
package honeylamp.desktop.gesture.look;

import org.jspecify.annotations.NullMarked;
