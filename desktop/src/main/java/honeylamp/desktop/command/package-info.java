/**
 * What can be asked of the window: one table of commands that feeds keys, finder, tooltips, menus and the list of keys.
 *
 * <p><b>Holds</b> commands as values, and the actions of the window they call. <b>Leaves out</b> how panels look and
 * which events arrive. <b>Depends on</b> the workspace. <b>Promises</b> that words and keys of a command stand here
 * only, and that no two commands answer to the same keys at the same place.
 */
@NullMarked
package honeylamp.desktop.command;

import org.jspecify.annotations.NullMarked;
