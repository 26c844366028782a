/**
 * Roofs over storeys: their slopes, and how high it is below them.
 *
 * <p><b>Holds</b> {@code RoofShape} and {@code Headroom}. <b>Leaves out</b> bodies and pictures. <b>Depends on</b> {@code
 * derive.storeys}. <b>Promises</b> slopes fill what no storey above covers.
 */
@NullMarked
package honeylamp.derive.roof;

import org.jspecify.annotations.NullMarked;
