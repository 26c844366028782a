/**
 * Packs: what leaves the house many at a time.
 *
 * <p><b>Holds</b> recipes, the brand they carry, what they ask of a plan, and the running of them. <b>Leaves out</b> how
 * recipes are written in files. <b>Depends on</b> {@code sheet}, {@code output} and {@code edit}. <b>Promises</b> that a plan is
 * never changed by a pack, that the same plan and recipe give the same files, and that what did not change is not written again.
 */
@NullMarked
package honeylamp.pack;

import org.jspecify.annotations.NullMarked;
