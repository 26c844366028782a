package honeylamp.derive;

import honeylamp.geometry.Point;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One direction of a wall piece, leaving its node. Only {@link WallNetwork} fills it in; afterwards it
 * does not change.
 */
final class HalfEdge {
    final int node;
    final RawPiece piece;
    final Point unit;
    final double leftMm;
    final double rightMm;

    private @Nullable HalfEdge twin;
    private @Nullable HalfEdge successor;
    private List<Point> wedge = List.of();

    HalfEdge(int node, RawPiece piece, Point unit, double leftMm, double rightMm) {
        this.node = node;
        this.piece = piece;
        this.unit = unit;
        this.leftMm = leftMm;
        this.rightMm = rightMm;
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

    HalfEdge twin() {
        return set(twin);
    }

    HalfEdge successor() {
        return set(successor);
    }

    /** Corner points between this edge and the successor: first on its right face, last on our left face. */
    List<Point> wedge() {
        return wedge;
    }

    private static HalfEdge set(@Nullable HalfEdge edge) {
        if (edge == null) {
            throw new IllegalStateException("half-edge used before the network was joined");
        }
        return edge;
    }
}
