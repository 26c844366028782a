/**
 * Dialogs, autosave, window state and export behind small interfaces, so that tests can stand in
 * for them.
 */
@NullMarked
package honeylamp.desktop.files;

import org.jspecify.annotations.NullMarked;
