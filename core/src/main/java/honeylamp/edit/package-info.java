/**
 * Everything a person can do to a plan, as pure functions from plan to plan, and the history of them.
 *
 * <p><b>Holds</b> one class per family of operations. <b>Leaves out</b> pointers, keys and files.
 * <b>Depends on</b> {@code units}, {@code geometry}, {@code plan}, {@code derive}. <b>Promises</b> that
 * an operation either gives a whole, valid plan or says in words why it cannot be, and changes nothing.
 */
@NullMarked
package honeylamp.edit;

import org.jspecify.annotations.NullMarked;
