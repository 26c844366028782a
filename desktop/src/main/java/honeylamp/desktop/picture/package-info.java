/**
 * The drawing pane: the sheet rendered off the interface thread, and a small overlay above it.
 * <b>Leaves out</b> what gestures mean.
 */
@NullMarked
package honeylamp.desktop.picture;

import org.jspecify.annotations.NullMarked;
