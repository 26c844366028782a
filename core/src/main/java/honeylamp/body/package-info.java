/**
 * What stands on a storey as bodies in space, derived from the plan and its heights and never stored.
 *
 * <p><b>Holds</b> {@code Facet}, {@code Body} and what makes them of walls and their layers, openings, floors, stairs and
 * their rails, fixed parts, fittings and pieces. <b>Leaves out</b> how they are seen and in which colour a look shows them. <b>Depends on</b> {@code derive},
 * {@code catalogue}. <b>Promises</b> facets look outwards, and none is bent.
 */
@NullMarked
package honeylamp.body;

import org.jspecify.annotations.NullMarked;
