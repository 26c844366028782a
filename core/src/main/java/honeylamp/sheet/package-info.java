/**
 * Composes the page that leaves the house: views at standard scales, title block, lists, legend, notes.
 *
 * <p><b>Holds</b> layout in paper millimetres. <b>Leaves out</b> how a plan is pictured and how a page
 * is written to a file. <b>Depends on</b> all packages above it. <b>Promises</b> that every view is
 * true to the stated scale.
 */
@NullMarked
package honeylamp.sheet;

import org.jspecify.annotations.NullMarked;
