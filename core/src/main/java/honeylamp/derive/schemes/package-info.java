/**
 * In what arrangements of a storey differ.
 *
 * <p><b>Holds</b> the comparison of two arrangements, element by element. <b>Leaves out</b> words, prices and marks.
 * <b>Depends on</b> laid-out storeys. <b>Promise</b> nothing but identity and equality of elements counts.
 */
@NullMarked
package honeylamp.derive.schemes;

import org.jspecify.annotations.NullMarked;
