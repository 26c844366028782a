package honeylamp.derive.walls;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The bodies of wall pieces as surfaces to unite, where outlines cannot be traced. A face whose corners lie in
 * order ends at them; one whose corners have passed each other is cut off square at its nodes, and the outside of
 * the joints there is filled up to the mitre, so that no corner is left open.
 */
final class Bodies {
    private static final double LEAST_MM2 = 1e-3;

    private final Map<RawPiece, List<Outline>> solids = new IdentityHashMap<>();
    private final Set<HalfEdge> under = Collections.newSetFromMap(new IdentityHashMap<>());

    Bodies(WallNodes.Split split, List<HalfEdge> edges, Map<RawPiece, WallPiece> pieces, List<TouchingEnd> touching) {
        var nodes = split.nodes();
        pieces.keySet().forEach(raw -> solids.put(raw, new ArrayList<>()));
        edges.forEach(e -> wholeCorner(nodes.get(e.node), e));
        for (var edge : edges) {
            var piece = pieces.get(edge.piece);
            var next = pieces.get(edge.successor().piece);
            if (piece != null && next != null && !(piece.isOrdered() && next.isOrdered())) {
                mitre(nodes.get(edge.node), edge, edge.successor(), edge.wedge())
                        .ifPresent(corner -> add(edge, corner));
            }
            if (edge.line == edge.piece.line() && piece != null) {
                add(edge, Outline.of(body(piece, edge)));
            }
        }
        touching.forEach(t -> add(t.edge(), t.fill()));
    }

    /**
     * A body: faces that have crossed are cut off square, and so is what lies under a whole corner.
     *
     * @param edge runs as the piece runs
     */
    private Ring body(WallPiece piece, HalfEdge edge) {
        var line = piece.line();
        var c = piece.corners();
        var left = line.shiftedLeft(piece.leftMm());
        var right = line.shiftedLeft(-piece.rightMm());
        var back = edge.twin();
        var leftRuns = piece.isLeftOrdered();
        var rightRuns = piece.isRightOrdered();
        return WallPiece.body(
                line,
                piece.leftMm(),
                piece.rightMm(),
                new WallPiece.Corners(
                        leftRuns && !under.contains(edge) ? c.startLeft() : left.a(),
                        rightRuns && !under.contains(HalfEdge.before(edge)) ? c.startRight() : right.a(),
                        leftRuns && !under.contains(HalfEdge.before(back)) ? c.endLeft() : left.b(),
                        rightRuns && !under.contains(back) ? c.endRight() : right.b()));
    }

    /** The outside of a bend between an edge and a later one of its node, up to its corner. */
    private static Optional<Outline> mitre(Point node, HalfEdge edge, HalfEdge next, List<Point> wedge) {
        if (edge == next || edge.unit.cross(next.unit) >= 0) {
            return Optional.empty(); // a free end, or the inside of the bend
        }
        var around = new ArrayList<Point>();
        around.add(node);
        around.add(node.minus(next.unit.left().times(next.rightMm)));
        around.addAll(wedge);
        around.add(node.plus(edge.unit.left().times(edge.leftMm)));
        var ring = new Ring(around);
        return ring.area() > LEAST_MM2 ? Optional.of(Outline.of(ring)) : Optional.empty();
    }

    private void add(HalfEdge edge, Outline solid) {
        solids.getOrDefault(edge.piece, List.of()).add(solid);
    }

    /**
     * The corner of two walls stays whole where thinner walls meet it on its outside: it is filled as if they were
     * not there.
     */
    private void wholeCorner(Point node, HalfEdge edge) {
        var between = new ArrayList<HalfEdge>();
        var thickest = 0.0;
        for (var next = edge.successor(); next != edge && thickest < edge.thickMm; next = next.successor()) {
            if (next.thickMm > thickest && !between.isEmpty()) {
                mitre(node, edge, next, WallNetwork.corners(node, edge, next)).ifPresent(corner -> {
                    under.add(edge);
                    under.addAll(between);
                    between.forEach(b -> add(b, corner));
                });
            }
            between.add(next);
            thickest = Math.max(thickest, next.thickMm);
        }
    }

    /** Whether a corner filled for thicker walls lies over the wedge left of an edge. */
    boolean fillsBeside(HalfEdge edge) {
        return under.contains(edge);
    }

    /** The surfaces of the pieces along a face. */
    List<Outline> along(List<HalfEdge> edges) {
        var pieces = new LinkedHashSet<RawPiece>();
        edges.forEach(e -> {
            pieces.add(e.piece);
            pieces.add(e.successor().piece); // fills the outside of a bend
        });
        return pieces.stream()
                .flatMap(p -> solids.getOrDefault(p, List.of()).stream())
                .toList();
    }

    /** The surfaces of all pieces. */
    List<Outline> all() {
        return solids.values().stream().flatMap(List::stream).toList();
    }
}
