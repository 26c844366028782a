/**
 * Whole storeys and plans, laid out with the copies of their units: the one type that may be shown, printed,
 * counted and listed.
 *
 * <p><b>Holds</b> {@code LaidPlan} with its storeys, views and pages; {@code StoreyGeometry}; areas by each
 * basis; copies of units; the cache that remembers by identity. <b>Leaves out</b> lists, snags and pictures.
 * <b>Depends on</b> the rooms before it. <b>Promises</b> what did not change is the same object again.
 */
@NullMarked
package honeylamp.derive.storeys;

import org.jspecify.annotations.NullMarked;
