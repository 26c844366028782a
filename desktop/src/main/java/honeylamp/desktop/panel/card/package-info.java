/**
 * The card of what is picked, as typed values.
 *
 * <p><b>Holds</b> {@code Card}, the door, and one class per kind. <b>Leaves out</b> calculation. <b>Depends
 * on</b> {@code panel.part}. <b>Promises</b> a value typed is read once and refused in words.
 */
@NullMarked
package honeylamp.desktop.panel.card;

import org.jspecify.annotations.NullMarked;
