/**
 * How runs of units are made up, and where they lie along walls.
 *
 * <p><b>Holds</b> {@code RunLayout}, {@code RunPath}. <b>Leaves out</b> how units are drawn ({@code catalogue.piece}).
 * <b>Depends on</b> {@code plan}, {@code derive.storeys}. <b>Promises</b> the widths of what makes up a run, fillers
 * among them, add up to the run exactly.
 */
@NullMarked
package honeylamp.derive.runs;

import org.jspecify.annotations.NullMarked;
