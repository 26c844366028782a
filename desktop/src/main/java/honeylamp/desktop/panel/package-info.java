/**
 * Trail, tray, card, measure line, snags, find, lamp dial. <b>Holds</b> thin nodes that show the
 * workspace and send intents. <b>Leaves out</b> calculation.
 */
@NullMarked
package honeylamp.desktop.panel;

import org.jspecify.annotations.NullMarked;
