/**
 * Pens, inks and type by role in a look, and how much detail a scale bears.
 *
 * <p><b>Holds</b> {@code Pens}, {@code Detail}. <b>Leaves out</b> marks of things. <b>Depends on</b> {@code
 * plan}, {@code drawing}, {@code catalogue}. <b>Promises</b> a role has one pen and one colour in a look.
 */
@NullMarked
package honeylamp.illustrate.pen;

import org.jspecify.annotations.NullMarked;
