/**
 * Gestures that put something from a catalogue: openings, pieces, parts, finishes, copies of units, notes.
 *
 * <p><b>Holds</b> one class per tool. <b>Leaves out</b> the toolkit. <b>Depends on</b> {@code gesture}.
 * <b>Promises</b> a gesture left half way leaves nothing behind.
 */
@NullMarked
package honeylamp.desktop.gesture.place;

import org.jspecify.annotations.NullMarked;
