/**
 * How bright rooms are, by lamps alone: an estimate.
 *
 * <p><b>Holds</b> the lumen method, what finishes give back, the light of rooms and of points on a grid. <b>Leaves out</b>
 * daylight, and how light is drawn ({@code illustrate}). <b>Depends on</b> {@code derive.lighting}, {@code catalogue}.
 * <b>Promises</b> pure functions of the plan; light in lux.
 */
@NullMarked
package honeylamp.takeoff.brightness;

import org.jspecify.annotations.NullMarked;
