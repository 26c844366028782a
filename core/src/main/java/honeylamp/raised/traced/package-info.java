/**
 * Light that falls on what is seen raised, found by tracing rays.
 *
 * <p><b>Holds</b> {@code TracedLight}, {@code LightSources}, {@code LightMap}. <b>Leaves out</b> how light is shown.
 * <b>Depends on</b> {@code raised}, {@code body}, {@code derive.lighting}. <b>Promises</b> the same scene in the same light
 * gives the same map, bit for bit, however many threads work on it.
 */
@NullMarked
package honeylamp.raised.traced;

import org.jspecify.annotations.NullMarked;
