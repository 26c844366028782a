package honeylamp.lettering;

import honeylamp.geometry.Segment;

/**
 * A row of words or figures.
 *
 * @param text its words, parted by spaces; a question mark stands for one that could not be read
 * @param line the line it stands on from its first letter to its last, in full pixels of the picture
 * @param capPx the height of its capitals or figures, in full pixels of the picture
 * @param sure from 0 to 1, of its least sure letter
 */
public record Written(String text, Segment line, double capPx, double sure) {}
