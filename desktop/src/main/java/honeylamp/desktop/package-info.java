/**
 * The window: start-up and wiring.
 *
 * <p><b>Holds</b> the entry points. Sub-packages: {@code gesture} (what a hand does), {@code workspace}
 * (the one state), {@code picture} (the drawing pane), {@code panel} (trail, tray, card and the rest),
 * {@code files} (dialogs, autosave, export). <b>Leaves out</b> all calculation, which core does.
 */
@NullMarked
package honeylamp.desktop;

import org.jspecify.annotations.NullMarked;
