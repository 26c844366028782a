/**
 * How floors are laid: patterns as geometry at true size, with chance seeded from identities.
 *
 * <p><b>Holds</b> {@code LayingPattern}, {@code Seeds}. <b>Leaves out</b> colours and materials ({@code
 * catalogue}). <b>Depends on</b> {@code geometry}. <b>Promises</b> the same seed lays the same pieces.
 */
@NullMarked
package honeylamp.catalogue.pattern;

import org.jspecify.annotations.NullMarked;
