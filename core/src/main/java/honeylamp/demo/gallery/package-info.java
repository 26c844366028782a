/**
 * Six finished plans of made-up houses in Wrenmouth, in different looks, sizes and units.
 *
 * <p><b>Holds</b> a script for each: it reads the measures of the house, names and furnishes its rooms and lays
 * it out on its sheet, by edits that a person can make too. <b>Leaves out</b> how a script goes about it
 * ({@link honeylamp.demo.gallery.HouseScript}), and whatever the measures say. <b>Depends on</b> all of core.
 * <b>Promises</b> the same plan from the same measures.
 */
@NullMarked
package honeylamp.demo.gallery;

import org.jspecify.annotations.NullMarked;
