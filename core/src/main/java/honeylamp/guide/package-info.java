/**
 * The guide, read in the window as in docs/guide.
 *
 * <p><b>Holds</b> its pages as values, and the reader of their Markdown. <b>Leaves out</b> how they are shown, and which
 * page belongs to what a person does. <b>Depends on</b> nothing else of the program. <b>Promises</b> that every page, place
 * and picture a link names is there, or it is not opened at all.
 */
@NullMarked
package honeylamp.guide;

import org.jspecify.annotations.NullMarked;
