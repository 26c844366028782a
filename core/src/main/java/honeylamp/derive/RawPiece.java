package honeylamp.derive;

import honeylamp.plan.Wall;

/** A part of a wall between two nodes, before its corners are known. */
record RawPiece(Wall wall, int startNode, int endNode, double leftMm, double rightMm) {}
