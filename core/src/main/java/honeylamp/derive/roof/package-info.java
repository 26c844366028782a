/**
 * Roofs over storeys: their slopes, and how high their undersides are.
 *
 * <p><b>Holds</b> {@code RoofShape}. <b>Leaves out</b> bodies and pictures. <b>Depends on</b> {@code geometry} and {@code
 * plan}. <b>Promises</b> slopes fill what no storey above covers.
 */
@NullMarked
package honeylamp.derive.roof;

import org.jspecify.annotations.NullMarked;
