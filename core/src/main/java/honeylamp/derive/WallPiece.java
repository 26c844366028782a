package honeylamp.derive;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Wall;
import java.util.List;

/**
 * The part of a wall between two neighbouring nodes, with its true corners.
 *
 * @param line the drawn line of this part, running as the wall runs
 * @param body the closed body, counter-clockwise
 */
public record WallPiece(Wall wall, Segment line, double leftMm, double rightMm, Corners corners, Ring body) {
    /** The four corners of a piece, seen along its line: where each face ends. */
    public record Corners(Point startLeft, Point startRight, Point endLeft, Point endRight) {}

    /** The thickness of the wall. */
    public double thicknessMm() {
        return leftMm + rightMm;
    }

    /** The left face between its corners, running as the wall runs. */
    public Segment leftFace() {
        return new Segment(corners.startLeft(), corners.endLeft());
    }

    /** The right face between its corners, running as the wall runs. */
    public Segment rightFace() {
        return new Segment(corners.startRight(), corners.endRight());
    }

    /** Both faces. */
    public List<Segment> faces() {
        return List.of(leftFace(), rightFace());
    }
}
