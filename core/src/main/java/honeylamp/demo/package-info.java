/**
 * Made-up plans that show what the program does, and the generator of their scanned sheets.
 *
 * <p><b>Holds</b> the demo scenario as code, so that it never drifts from the model. <b>Leaves out</b>
 * everything a user's own plan needs. <b>Depends on</b> all of core. <b>Promises</b> the same plan and
 * the same sheet from the same seed.
 */
@NullMarked
package honeylamp.demo;

import org.jspecify.annotations.NullMarked;
