/**
 * Keys of a page: what its finishes, uses, walls and things in the air or off their wall mean.
 *
 * <p><b>Holds</b> pure functions over laid-out plans. <b>Leaves out</b> paper and prices. <b>Depends on</b> {@code takeoff}.
 * <b>Promises</b> that every line stands once, in the order of the storeys.
 */
@NullMarked
package honeylamp.takeoff.key;

import org.jspecify.annotations.NullMarked;
