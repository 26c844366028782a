/**
 * The one state of the window and what changes it. <b>Holds</b> {@code Workspace}, an immutable
 * value, and {@code WorkspaceModel}, which swaps it. <b>Leaves out</b> nodes and pixels.
 * <b>Promises</b> that all changes happen on the interface thread and every edit can be undone.
 */
@NullMarked
package honeylamp.desktop.workspace;

import org.jspecify.annotations.NullMarked;
