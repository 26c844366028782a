/**
 * Speed as ratios in one run: each station of the work against a plain operation on the same data.
 *
 * <p><b>Depends on</b> core. <b>Leaves out</b> absolute limits, which depend on the machine.
 */
@NullMarked
package honeylamp.bench;

import org.jspecify.annotations.NullMarked;
