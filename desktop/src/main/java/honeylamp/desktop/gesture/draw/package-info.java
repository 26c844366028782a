/**
 * Gestures that draw what is built: walls, bays, shapes, boundaries, ground, setting-out lines.
 *
 * <p><b>Holds</b> one class per tool. <b>Leaves out</b> the toolkit. <b>Depends on</b> {@code gesture}.
 * <b>Promises</b> a gesture left half way leaves nothing behind.
 */
@NullMarked
package honeylamp.desktop.gesture.draw;

import org.jspecify.annotations.NullMarked;
