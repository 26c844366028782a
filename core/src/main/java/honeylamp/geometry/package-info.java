/**
 * Points, outlines, paths and transforms in double millimetres, with the one bridge to JTS.
 *
 * <p><b>Holds</b> immutable values and pure helpers. <b>Leaves out</b> everything that knows what a
 * wall or a page is; the same types serve plan mm (y north) and paper mm (y down), and the caller's
 * names say which. <b>Depends on</b> {@code units} and JTS, whose types never leave this package.
 * <b>Promises</b> same input, same output.
 */
@NullMarked
package honeylamp.geometry;

import org.jspecify.annotations.NullMarked;
