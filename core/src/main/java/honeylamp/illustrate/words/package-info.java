/**
 * What is written on a view: room labels, tags, notes, dimensions.
 *
 * <p><b>Holds</b> one class per kind of words. <b>Leaves out</b> title blocks and lists ({@code sheet}).
 * <b>Depends on</b> {@code illustrate.paper}. <b>Promises</b> no text below the least height, none upside
 * down.
 */
@NullMarked
package honeylamp.illustrate.words;

import org.jspecify.annotations.NullMarked;
