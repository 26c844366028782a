package honeylamp.catalogue.pattern;

import honeylamp.geometry.Ring;

/**
 * A piece of a laying, in the frame of the laying (mm).
 *
 * @param ring convex, counter-clockwise
 * @param i with {@code j} the name of the piece, the same wherever the surface ends
 * @param format which of the sizes of the laying it has, from 0
 * @param areaMm2 of the ring
 */
public record Piece(Ring ring, long i, long j, int format, double areaMm2) {}
