/**
 * A building as another program hands it over: bodies of walls with what is cut out of them, storey by storey, and the
 * plan that is made of them.
 *
 * <p><b>Holds</b> {@code BuildingModel}, what was handed over, and {@code ModelPlan}, the plan of it with what was left
 * out. <b>Leaves out</b> file formats ({@code store}). <b>Depends on</b> {@code derive.traced}, {@code edit} and
 * {@code catalogue}. <b>Promises</b> that walls lie where their bodies do, and that what could not be taken is told.
 */
@NullMarked
package honeylamp.model;

import org.jspecify.annotations.NullMarked;
