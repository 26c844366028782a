/**
 * Small things of daily life that a picture shows and no plan holds.
 *
 * <p><b>Holds</b> rules of what lies on, beside and before pieces, doors and windows, and which of it has room.
 * <b>Leaves out</b> paper, words and how things are drawn. <b>Depends on</b> {@code derive}, {@code catalogue}.
 * <b>Promises</b> the same plan has the same things in the same places, and more of them never moves or takes away one
 * that was there with fewer.
 */
@NullMarked
package honeylamp.takeoff.lived;

import org.jspecify.annotations.NullMarked;
