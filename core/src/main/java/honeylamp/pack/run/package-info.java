/**
 * Packs on their way into a folder.
 *
 * <p><b>Holds</b> which files a recipe makes of a plan, how the plan is drawn for them, and the writing, two at a time.
 * <b>Leaves out</b> windows and choices. <b>Depends on</b> {@code pack}, {@code output} and {@code store}. <b>Promises</b> that
 * the same plan and recipe give the same bytes, and that what is in the folder as it should be is left alone.
 */
@NullMarked
package honeylamp.pack.run;

import org.jspecify.annotations.NullMarked;
