/**
 * The command line: export, report and check plans without any window system.
 *
 * <p><b>Holds</b> argument reading and exit codes. <b>Leaves out</b> all calculation. <b>Depends on</b>
 * core only. <b>Promises</b> exit codes 0 done, 1 found something, 2 could not read or write.
 */
@NullMarked
package honeylamp.cli;

import org.jspecify.annotations.NullMarked;
