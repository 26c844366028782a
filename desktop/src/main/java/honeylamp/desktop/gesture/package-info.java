/**
 * What a hand does, step by step, as values: pointer and typed text in, a preview and at last one edit out.
 *
 * <p><b>Holds</b> what all gestures share; the gestures themselves are in {@code draw}, {@code pick}, {@code
 * place}, {@code trace}, {@code look}, all immutable. <b>Leaves out</b> the toolkit, so that gestures are
 * tested without a window, and geometry, which core works out. <b>Depends on</b> core only. <b>Promises</b>
 * nothing changes the plan before a {@code Commit}.
 */
@NullMarked
package honeylamp.desktop.gesture;

import org.jspecify.annotations.NullMarked;
