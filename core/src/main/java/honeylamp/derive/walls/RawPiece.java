package honeylamp.derive.walls;

import honeylamp.geometry.Curve;
import honeylamp.plan.Wall;

/** A part of a wall between two nodes, before its corners are known; its line runs as the wall runs. */
public record RawPiece(Wall wall, int startNode, int endNode, Curve line, double leftMm, double rightMm) {}
