/**
 * Turns a view of a plan into a picture: a {@code LaidView} with its look and light in, a {@code Drawing} out.
 *
 * <p><b>Holds</b> one class per station of the picture (floors, furniture, walls, openings, shade,
 * dimensions, labels) and the pens by role. Everything that enters is plan mm and everything that
 * leaves is paper mm; {@code PaperFrame} is the only way from one to the other. <b>Leaves out</b>
 * pages, files and screens. <b>Depends on</b> all packages above it. <b>Promises</b> the same plan
 * gives the same marks.
 */
@NullMarked
package honeylamp.illustrate;

import org.jspecify.annotations.NullMarked;
