package honeylamp.derive.walls;

import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.List;

/**
 * The part of a wall between two neighbouring nodes, with its true corners.
 *
 * @param line the drawn line of this part, running as the wall runs
 * @param body the closed body, counter-clockwise; faces of arcs as chords
 */
public record WallPiece(Wall wall, Curve line, double leftMm, double rightMm, Corners corners, Ring body) {
    /** How far a chord may stray from the arc it stands for, in mm; areas of rooms are set right for it. */
    public static final double CHORD_ERROR_MM = 0.2;

    private static final double SAME_CORNER_MM = 1e-6;

    /** The four corners of a piece, seen along its line: where each face ends. */
    public record Corners(Point startLeft, Point startRight, Point endLeft, Point endRight) {}

    static WallPiece of(Wall wall, Curve line, double leftMm, double rightMm, Corners corners) {
        return new WallPiece(wall, line, leftMm, rightMm, corners, body(line, leftMm, rightMm, corners));
    }

    /** The body between four corners; a sliver without area if there are not three corners apart. */
    static Ring body(Curve line, double leftMm, double rightMm, Corners c) {
        var around = new ArrayList<Point>();
        around.add(line.a());
        around.add(c.startRight());
        around.addAll(face(line, -rightMm, c.startRight(), c.endRight()).between(CHORD_ERROR_MM));
        around.add(c.endRight());
        around.add(line.b());
        around.add(c.endLeft());
        around.addAll(face(line, leftMm, c.startLeft(), c.endLeft())
                .between(CHORD_ERROR_MM)
                .reversed());
        around.add(c.startLeft());
        var ring = new ArrayList<Point>();
        for (var p : around) {
            if (ring.isEmpty() || ring.getLast().distance(p) > SAME_CORNER_MM) {
                ring.add(p);
            }
        }
        if (ring.getLast().distance(ring.getFirst()) <= SAME_CORNER_MM) {
            ring.removeLast();
        }
        return ring.size() < 3 ? new Ring(List.of(line.a(), line.b(), line.a())) : new Ring(ring).counterClockwise();
    }

    /** The face so far left of a line, between two corners. */
    static Curve face(Curve line, double leftMm, Point start, Point end) {
        if (line instanceof Segment) {
            return new Segment(start, end);
        }
        var face = line.shiftedLeft(leftMm);
        return face.part(face.along(start), face.along(end));
    }

    /** The body cut off square, running on so far past its nodes. */
    public Ring running(double beyondStartMm, double beyondEndMm) {
        var longer = line.part(-beyondStartMm, line.length() + beyondEndMm);
        var left = longer.shiftedLeft(leftMm);
        var right = longer.shiftedLeft(-rightMm);
        return body(longer, leftMm, rightMm, new Corners(left.a(), right.a(), left.b(), right.b()));
    }

    /** Whether both faces run as the line does; where joints crowd, their corners may pass each other. */
    public boolean isOrdered() {
        return isLeftOrdered() && isRightOrdered();
    }

    /** Whether the left face runs as the line does. */
    boolean isLeftOrdered() {
        return line.along(corners.startLeft()) <= line.along(corners.endLeft());
    }

    /** Whether the right face runs as the line does. */
    boolean isRightOrdered() {
        return line.along(corners.startRight()) <= line.along(corners.endRight());
    }

    /** The thickness of the wall. */
    public double thicknessMm() {
        return leftMm + rightMm;
    }

    /** The left face between its corners, running as the wall runs. */
    public Curve leftFace() {
        return face(line, leftMm, corners.startLeft(), corners.endLeft());
    }

    /** The right face between its corners, running as the wall runs. */
    public Curve rightFace() {
        return face(line, -rightMm, corners.startRight(), corners.endRight());
    }

    /** Both faces. */
    public List<Curve> faces() {
        return List.of(leftFace(), rightFace());
    }
}
