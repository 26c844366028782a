/**
 * What is walked on: floors by their laying pattern, and surfaces out of doors.
 *
 * <p><b>Holds</b> {@code FloorArt}, {@code SiteArt}. <b>Leaves out</b> what stands on it. <b>Depends on</b>
 * {@code illustrate.paper}, {@code catalogue}. <b>Promises</b> patterns at true size, never finer than their
 * scale bears.
 */
@NullMarked
package honeylamp.illustrate.ground;

import org.jspecify.annotations.NullMarked;
