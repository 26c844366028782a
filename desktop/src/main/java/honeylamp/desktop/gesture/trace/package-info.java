/**
 * Gestures on the picture that is traced: level, scale, crop, square up.
 *
 * <p><b>Holds</b> one class per tool. <b>Leaves out</b> the toolkit. <b>Depends on</b> {@code gesture}.
 * <b>Promises</b> a gesture left half way leaves nothing behind.
 */
@NullMarked
package honeylamp.desktop.gesture.trace;

import org.jspecify.annotations.NullMarked;
