/**
 * Pictures of raised views: the same hand as the plan, in three dimensions.
 *
 * <p><b>Holds</b> {@code RaisedArt} and what it draws with, and pictures in few pixels for while the hand goes on. <b>Leaves out</b> what is hidden, which {@code raised} works out.
 * <b>Depends on</b> {@code raised}, {@code illustrate.ground}, {@code illustrate.pen}. <b>Promises</b> surfaces are fills
 * and edges lines, in the look's own colours and pens.
 */
@NullMarked
package honeylamp.illustrate.raised;

import org.jspecify.annotations.NullMarked;
