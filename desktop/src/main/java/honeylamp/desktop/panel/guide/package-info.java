/**
 * The guide beside the drawing, and the tour of the demo.
 *
 * <p><b>Holds</b> how pages are shown, and the steps of the tour. <b>Leaves out</b>
 * the text ({@code honeylamp.guide}), and which page belongs to what is being done ({@code Topics}). <b>Depends on</b> the workspace and small parts of panels. <b>Promises</b>
 * that neither holds up the work: both are left at any moment, and the plan stays as it is.
 */
@NullMarked
package honeylamp.desktop.panel.guide;

import org.jspecify.annotations.NullMarked;
