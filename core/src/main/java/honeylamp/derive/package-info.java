/**
 * What follows from a plan. Its rooms, each using only those named before it: {@code walls}, {@code
 * openings}, {@code fixed}, {@code rooms}, {@code storeys}, {@code pointing}, {@code traced}, {@code
 * listing}, {@code snags}.
 *
 * <p><b>Holds</b> pure functions named after their result, in the packages below this one. <b>Leaves out</b>
 * pens, colours, paper. <b>Depends on</b> {@code plan}, {@code geometry} and {@code units}. <b>Promises</b>
 * equal plans give equal results, whichever way and in whichever order their walls were drawn.
 */
@NullMarked
package honeylamp.derive;

import org.jspecify.annotations.NullMarked;
