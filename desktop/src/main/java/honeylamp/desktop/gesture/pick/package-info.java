/**
 * Gestures that pick what is there, and move, turn or type it.
 *
 * <p><b>Holds</b> {@code PickAndMove} and its parts; picking of rooms and words. <b>Leaves out</b> the
 * toolkit. <b>Depends on</b> {@code gesture}. <b>Promises</b> a gesture left half way leaves nothing behind.
 */
@NullMarked
package honeylamp.desktop.gesture.pick;

import org.jspecify.annotations.NullMarked;
