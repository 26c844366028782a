/**
 * The only way from plan mm to paper mm, and how much of the picture is lit.
 *
 * <p><b>Holds</b> {@code PaperFrame}, {@code Lamp}. <b>Leaves out</b> pens and marks. <b>Depends on</b>
 * {@code plan}. <b>Promises</b> what is measured on paper is never measured in the plan.
 */
@NullMarked
package honeylamp.illustrate.paper;

import org.jspecify.annotations.NullMarked;
