/**
 * The tray of the active stage.
 *
 * <p><b>Holds</b> {@code Tray}, the door, and one class per stage. <b>Leaves out</b> calculation. <b>Depends
 * on</b> {@code panel.part}. <b>Promises</b> a value typed is read once and refused in words.
 */
@NullMarked
package honeylamp.desktop.panel.tray;

import org.jspecify.annotations.NullMarked;
