/**
 * What can be chosen: floor materials, furnishings, looks with their colours, pens and type, wall types.
 *
 * <p><b>Holds</b> true-size geometry that is made anew for every typed size, never a stretched
 * picture, and the one table of colours. <b>Leaves out</b> pens, paper and marks: parts carry roles,
 * and {@code illustrate} gives roles their pens. <b>Depends on</b> {@code units}, {@code geometry},
 * {@code plan}. <b>Promises</b> that randomness comes from seeds only.
 */
@NullMarked
package honeylamp.catalogue;

import org.jspecify.annotations.NullMarked;
