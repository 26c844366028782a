/**
 * What a hand does, step by step, as values: pointer and typed text in, a preview and at last one edit
 * out.
 *
 * <p><b>Holds</b> one class per gesture, all immutable. <b>Leaves out</b> the toolkit, so that gestures
 * are tested without a window, and geometry, which core works out. <b>Depends on</b> core only.
 * <b>Promises</b> that nothing changes the plan before a {@code Commit}.
 */
@NullMarked
package honeylamp.desktop.gesture;

import org.jspecify.annotations.NullMarked;
