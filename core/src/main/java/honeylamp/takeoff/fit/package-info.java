/**
 * Whether pieces fit where they stand: what room each kind needs on its sides, and where there is less.
 *
 * <p><b>Holds</b> {@code FitRules}, {@code FitCheck}. <b>Leaves out</b> how far pieces are from each other ({@code
 * derive.pointing}) and what a person sees of it. <b>Depends on</b> {@code catalogue.piece}, {@code derive}.
 * <b>Promises</b> to warn only: no edit is refused for want of room.
 */
@NullMarked
package honeylamp.takeoff.fit;

import org.jspecify.annotations.NullMarked;
