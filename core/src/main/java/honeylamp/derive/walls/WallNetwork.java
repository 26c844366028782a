package honeylamp.derive.walls;

import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * The walls of a storey as joined bodies.
 *
 * @param pieces wall parts between nodes, with their corners
 * @param poche the cut of all walls, joints united, openings not yet taken out
 * @param faces every enclosed space within its inner faces, by falling area
 * @param openEnds wall ends that meet nothing
 * @param byWall the pieces of each wall
 * @param index finds the pieces whose bodies come near a box, by their place in {@code pieces}
 * @param outerEdges wall pieces on the outside, each with its outward face
 */
public record WallNetwork(
        List<WallPiece> pieces,
        List<Outline> poche,
        List<Face> faces,
        List<OpenEnd> openEnds,
        List<OuterFace> outerEdges,
        List<Overlapping> overlaps,
        BoxIndex index,
        Map<WallId, List<WallPiece>> byWall) {
    /** A wall end that meets nothing; {@code unit} points out of the wall. */
    public record OpenEnd(Wall wall, Point at, Point unit) {}

    /** An enclosed space: its outline, arcs as chords, and its area in mm² as the arcs truly run. */
    public record Face(Outline outline, double areaMm2) {}

    /** The outward face of a piece, its chord if it is an arc; {@code outward} is a unit shift. */
    public record OuterFace(WallPiece piece, Segment face, Point outward) {}

    /** A wall that runs over another. */
    public record Overlapping(Wall kept, Wall covered, Curve where) {}

    /** Beyond this many thicknesses an outer corner is cut off instead of running to a spike. */
    private static final double MITRE_LIMIT = 2.6;

    /** Pieces whose directions differ by less than this sine run straight on; what rounding leaves is far below it. */
    private static final double STRAIGHT_SINE = 1e-7;

    /** The pieces whose bodies come within reach of a point. */
    public List<WallPiece> near(Point p, double reachMm) {
        return near(new Box(p.x(), p.y(), p.x(), p.y()).grown(reachMm));
    }

    /** The pieces whose bodies may meet a box. */
    public List<WallPiece> near(Box box) {
        return index.meeting(box).stream().map(pieces::get).toList();
    }

    /**
     * How long the faces of a wall are that can be seen, in mm, the shorter first: the same whichever line of
     * the wall was drawn, and whichever way.
     */
    public List<Double> faceLengthsMm(WallId wall) {
        var left = 0.0;
        var right = 0.0;
        for (var piece : of(wall)) {
            left += piece.leftFace().length();
            right += piece.rightFace().length();
        }
        return List.of(Math.min(left, right), Math.max(left, right));
    }

    /** The pieces of one wall, in no promised order. */
    public List<WallPiece> of(WallId wall) {
        return byWall.getOrDefault(wall, List.of());
    }

    /** The pieces that meet at each node. */
    public Map<Point, List<WallPiece>> joints() {
        Map<Point, List<WallPiece>> out = new LinkedHashMap<>();
        for (var piece : pieces) {
            out.computeIfAbsent(piece.line().a(), _ -> new ArrayList<>()).add(piece);
            out.computeIfAbsent(piece.line().b(), _ -> new ArrayList<>()).add(piece);
        }
        return out;
    }

    /** Joins walls into a network. */
    public static WallNetwork of(List<Wall> walls, ToDoubleFunction<Wall> thicknessMm) {
        var split = WallNodes.of(walls, thicknessMm);
        var edges = halfEdges(split, Sides::faces);
        var around = joinAround(split, edges);
        var pieces = pieces(edges);
        var ordered = split.pieces().stream().map(pieces::get).toList();
        var touching = TouchingEnd.among(split, edges, pieces);
        var faces = WallFaces.of(split, edges, pieces, touching);
        return new WallNetwork(
                ordered,
                faces.poche(),
                faces.rooms(),
                openEnds(split, around, touching),
                outerFaces(faces, pieces),
                split.overlaps(),
                new BoxIndex(ordered.size(), i -> ordered.get(i).body().bounds()),
                ordered.stream().collect(Collectors.groupingBy(p -> p.wall().id())));
    }

    /** How far the two sides of a piece lie from its line: its faces, or other lines along it. */
    public record Sides(double leftMm, double rightMm) {
        public static Sides faces(RawPiece raw) {
            return new Sides(raw.leftMm(), raw.rightMm());
        }
    }

    public static List<HalfEdge> halfEdges(WallNodes.Split split, Function<RawPiece, Sides> sides) {
        var edges = new ArrayList<HalfEdge>();
        for (var raw : split.pieces()) {
            var thick = raw.leftMm() + raw.rightMm();
            var side = sides.apply(raw);
            var out = new HalfEdge(raw.startNode(), raw, raw.line(), side.leftMm, side.rightMm, thick);
            var back = new HalfEdge(raw.endNode(), raw, raw.line().reversed(), side.rightMm, side.leftMm, thick);
            out.pair(back);
            edges.add(out);
            edges.add(back);
        }
        return edges;
    }

    /** Orders the edges of each node by direction and mitres the faces between neighbours. */
    public static Map<Integer, List<HalfEdge>> joinAround(WallNodes.Split split, List<HalfEdge> edges) {
        Map<Integer, List<HalfEdge>> around = new LinkedHashMap<>();
        for (var edge : edges) {
            around.computeIfAbsent(edge.node, _ -> new ArrayList<>()).add(edge);
        }
        around.forEach((node, star) -> {
            star.sort(Comparator.comparingDouble(HalfEdge::headingDeg));
            for (var i = 0; i < star.size(); i++) {
                var edge = star.get(i);
                var next = star.get((i + 1) % star.size());
                edge.join(next, corners(split.nodes().get(node), edge, next));
            }
        });
        return around;
    }

    /** The corner between an edge's left face and the next edge's right face: one point, or two. */
    static List<Point> corners(Point node, HalfEdge edge, HalfEdge next) {
        var onLeft = node.plus(edge.unit.left().times(edge.leftMm));
        var onRight = node.minus(next.unit.left().times(next.rightMm));
        if (edge == next) {
            return List.of(onRight, onLeft); // free end: cut off square
        }
        var sine = edge.unit.cross(next.unit);
        var opposite = edge.unit.dot(next.unit) < 0;
        var straight = Math.abs(sine) < STRAIGHT_SINE && (opposite || !curved(edge, next));
        var step = onLeft.distance(onRight) < WallNodes.SAME_MM ? List.of(onLeft) : List.of(onRight, onLeft);
        if (straight) {
            return step;
        }
        var left = edge.line.shiftedLeft(edge.leftMm);
        var right = next.line.shiftedLeft(-next.rightMm);
        var corner = left.carriedCrossings(right).stream().min(Comparator.comparingDouble(node::distance));
        if (corner.isEmpty()) {
            return step;
        }
        var thickest = Math.max(edge.thickMm, next.thickMm);
        if (corner.get().distance(node) > MITRE_LIMIT * thickest) {
            if (opposite) {
                return step; // nearly in line, faces apart: they would meet far from the joint
            }
            if (sine < 0) { // more than half a turn lies between: the outside of the joint
                return List.of(
                        onRight.minus(next.unit.times(thickest / 2)), onLeft.minus(edge.unit.times(thickest / 2)));
            }
        }
        return List.of(corner.get());
    }

    private static boolean curved(HalfEdge edge, HalfEdge next) {
        return edge.piece.wall().isCurved() || next.piece.wall().isCurved();
    }

    /** The pieces between the corners of joined edges. */
    public static Map<RawPiece, WallPiece> pieces(List<HalfEdge> edges) {
        var pieces = new IdentityHashMap<RawPiece, WallPiece>();
        for (var edge : edges) {
            pieces.computeIfAbsent(edge.piece, _ -> piece(edge));
        }
        return pieces;
    }

    private static WallPiece piece(HalfEdge any) {
        var raw = any.piece;
        var out = any.node == raw.startNode() && any.line == raw.line() ? any : any.twin();
        var back = out.twin();
        return WallPiece.of(
                raw.wall(),
                raw.line(),
                out.leftMm,
                out.rightMm,
                new WallPiece.Corners(leftCorner(out), rightCorner(out), rightCorner(back), leftCorner(back)));
    }

    private static Point leftCorner(HalfEdge edge) {
        return edge.wedge().getLast();
    }

    private static Point rightCorner(HalfEdge edge) {
        return HalfEdge.before(edge).wedge().getFirst();
    }

    private static List<OpenEnd> openEnds(
            WallNodes.Split split, Map<Integer, List<HalfEdge>> around, List<TouchingEnd> touching) {
        var joined = touching.stream().map(TouchingEnd::edge).toList();
        var out = new ArrayList<OpenEnd>();
        around.forEach((node, star) -> {
            if (star.size() == 1 && !joined.contains(star.getFirst())) {
                var edge = star.getFirst();
                out.add(new OpenEnd(edge.piece.wall(), split.nodes().get(node), edge.unit.times(-1)));
            }
        });
        return List.copyOf(out);
    }

    private static List<OuterFace> outerFaces(WallFaces faces, Map<RawPiece, WallPiece> pieces) {
        var out = new ArrayList<OuterFace>();
        for (var trace : faces.outside()) {
            for (var edge : trace.edges()) {
                var piece = pieces.get(edge.piece);
                if (piece == null) {
                    throw new IllegalStateException("a traced piece is missing from the network");
                }
                var face = edge.leftFace().chord();
                var outward = edge.line.chord().unit().left();
                out.add(new OuterFace(piece, face, outward));
            }
        }
        return List.copyOf(out);
    }
}
