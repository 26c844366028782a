/**
 * What follows from the drawing of an own piece: its lines as curves, and its parts at another size.
 *
 * <p><b>Holds</b> {@code OwnLines} (figures and rings of lines), {@code OwnSize} (what stays, grows and repeats), {@code
 * OwnPlace} (from the plan to the drawing and back). <b>Leaves out</b> how parts are painted ({@code catalogue}) and
 * changed ({@code edit}). <b>Depends on</b> {@code geometry}, {@code plan}, {@code units}. <b>Promises</b> round parts
 * and rounded corners keep their radius at every size.
 */
@NullMarked
package honeylamp.derive.own;

import org.jspecify.annotations.NullMarked;
