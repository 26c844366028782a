package honeylamp.tracing;

import honeylamp.underlay.InkPicture;

/**
 * A picture looked at so that the walls in question run down its columns: as it is for upright walls, with
 * rows and columns changed for each other for the lying ones.
 *
 * @param ink what is drawn
 * @param lines pixels of any line, one pixel wider all round
 * @param walls pixels of walls' bodies
 */
record Direction(InkPicture ink, Mask lines, Mask walls) {
    Direction transposed() {
        return new Direction(ink.transposed(), lines.transposed(), walls.transposed());
    }
}
