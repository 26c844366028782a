/**
 * Where the light of fittings goes.
 *
 * <p><b>Holds</b> the points that shine, their beams, what stands in their way, the light at a place. <b>Leaves out</b>
 * where fittings are ({@code derive.storeys}), what a room needs ({@code takeoff.lighting}) and how light is drawn
 * ({@code illustrate.shade}). <b>Depends on</b> the plan, geometry and the plan as it is laid out. <b>Promise</b> pure
 * functions of the plan; light is in lux, intensity in candela, lengths are in plan mm.
 */
@NullMarked
package honeylamp.derive.lighting;

import org.jspecify.annotations.NullMarked;
