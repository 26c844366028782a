/**
 * How bodies are seen: what of them lies where in a picture, and what is hidden.
 *
 * <p><b>Holds</b> {@code Projection}, {@code Scene} (what is looked at, made ready), {@code FacetBuffer}, {@code SeenParts},
 * {@code SeenLines}. <b>Leaves out</b> colours, pens and paper. <b>Depends on</b> {@code body}. <b>Promises</b> what is
 * hidden is worked out exactly; a buffer of pixels only tells which facets may hide another.
 */
@NullMarked
package honeylamp.raised;

import org.jspecify.annotations.NullMarked;
