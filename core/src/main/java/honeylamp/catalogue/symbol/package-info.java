/**
 * How a symbol of a piece is drawn: its parts, their edges, paints and levels, and the pen that puts them
 * together at the size of a piece.
 *
 * <p><b>Holds</b> {@code Symbol}, {@code SymbolShape}, {@code SymbolPen}. <b>Leaves out</b> the kinds of
 * pieces ({@code catalogue}). <b>Depends on</b> {@code geometry}, {@code plan}. <b>Promises</b> a symbol is
 * redrawn at every size, never stretched.
 */
@NullMarked
package honeylamp.catalogue.symbol;

import org.jspecify.annotations.NullMarked;
