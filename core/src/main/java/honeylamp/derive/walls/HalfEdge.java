package honeylamp.derive.walls;

import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One direction of a wall piece, leaving its node. Only {@link WallNetwork} fills it in; afterwards it
 * does not change.
 */
public final class HalfEdge {
    private static final double HEADING_MM = 20;

    public final int node;
    public final RawPiece piece;
    public final Curve line;
    public final Point unit;
    public final double leftMm;
    final double rightMm;

    /** The thickness of the wall, which {@code leftMm} and {@code rightMm} need not sum to. */
    final double thickMm;

    private @Nullable HalfEdge twin;
    private @Nullable HalfEdge successor;
    private List<Point> wedge = List.of();

    HalfEdge(int node, RawPiece piece, Curve line, double leftMm, double rightMm, double thickMm) {
        this.node = node;
        this.piece = piece;
        this.line = line;
        this.unit = line.unitAt(0);
        this.leftMm = leftMm;
        this.rightMm = rightMm;
        this.thickMm = thickMm;
    }

    /** Where the piece heads a little way from its node, so that arcs that leave along a line tell apart from it. */
    double headingDeg() {
        return line.at(Math.min(HEADING_MM, line.length() / 2)).minus(line.a()).angleDeg();
    }

    /** The face on the left, seen away from the node, between the corners at both ends. */
    Curve leftFace() {
        return WallPiece.face(
                line, leftMm, wedge.getLast(), before(twin()).wedge().getFirst());
    }

    /** The neighbour clockwise at the same node. */
    public static HalfEdge before(HalfEdge edge) {
        var before = edge;
        while (before.successor() != edge) {
            before = before.successor();
        }
        return before;
    }

    void pair(HalfEdge other) {
        twin = other;
        other.twin = this;
    }

    /** Sets the next edge counter-clockwise at the node and the corner points between the two. */
    void join(HalfEdge next, List<Point> corners) {
        successor = next;
        wedge = corners;
    }

    public HalfEdge twin() {
        return set(twin);
    }

    HalfEdge successor() {
        return set(successor);
    }

    /** Corner points between this edge and the successor: first on its right face, last on our left face. */
    public List<Point> wedge() {
        return wedge;
    }

    private static HalfEdge set(@Nullable HalfEdge edge) {
        if (edge == null) {
            throw new IllegalStateException("half-edge used before the network was joined");
        }
        return edge;
    }
}
