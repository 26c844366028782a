/**
 * What is probably wrong with a storey, with its place, in words.
 *
 * <p><b>Holds</b> {@code Snags}, the door, and one class per family of snags. <b>Leaves out</b> how they are
 * mended ({@code edit}). <b>Depends on</b> all rooms of {@code derive}. <b>Promises</b> nothing is reported
 * twice, and a copy never for its unit.
 */
@NullMarked
package honeylamp.derive.snags;

import org.jspecify.annotations.NullMarked;
