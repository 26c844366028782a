/**
 * The frame of the window: trail, top bar, measure line, snags, find, lamp dial, lists.
 *
 * <p><b>Holds</b> thin nodes that show the workspace and send intents; trays, cards and their parts are in
 * the packages below. <b>Leaves out</b> calculation. <b>Depends on</b> {@code workspace}, {@code command}.
 * <b>Promises</b> a panel is made anew only when what it shows has changed.
 */
@NullMarked
package honeylamp.desktop.panel;

import org.jspecify.annotations.NullMarked;
