/**
 * The made-up places the demos show, drawn by code.
 *
 * <p><b>Holds</b> one class per place and per sheet of cases. <b>Leaves out</b> files ({@code demo}).
 * <b>Depends on</b> all of core. <b>Promises</b> the same plan on every run.
 */
@NullMarked
package honeylamp.demo.place;

import org.jspecify.annotations.NullMarked;
