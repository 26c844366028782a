/**
 * Files: the {@code .honeylamp} plan, the autosave journal, pictures to trace, and the machine-readable
 * report.
 *
 * <p><b>Holds</b> reading with limits, writing that never leaves half a file. <b>Leaves out</b> what the
 * contents mean. <b>Depends on</b> {@code plan} and {@code derive}, Jackson, the JDK's zip and picture
 * readers. <b>Promises</b> that bad input comes back as a {@code PlanProblem} with a sentence, and that
 * fields this version does not know survive a load and save.
 */
@NullMarked
package honeylamp.store;

import org.jspecify.annotations.NullMarked;
