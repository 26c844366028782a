/**
 * Where the light of a picture comes from.
 *
 * <p><b>Holds</b> the place of the sun over a site at a time. <b>Leaves out</b> what is shaded ({@code illustrate.shade}).
 * <b>Depends on</b> the plan and a library of sun positions. <b>Promise</b> pure functions of the plan.
 */
@NullMarked
package honeylamp.derive.light;

import org.jspecify.annotations.NullMarked;
