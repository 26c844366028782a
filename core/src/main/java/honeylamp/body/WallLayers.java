package honeylamp.body;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.BuildUpLayer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Where the light ones of the layers of walls lie, as strips along them that are mitred as the walls are. The thickest
 * layer of a wall is dark, and so is every second one from it: between two of one tone lies one of the other.
 */
final class WallLayers {
    /** Strips run on so many thicknesses past the ends of a wall, there to be cut off where its body ends. */
    private static final double BEYOND = 4;

    private WallLayers() {}

    /** The light layers of the walls under a part of the ground. */
    static List<Outline> light(LaidStorey storey, Collection<Outline> ground) {
        return ground.stream()
                .map(Outline::bounds)
                .reduce(Box::union)
                .map(box -> light(storey, box))
                .orElse(List.of());
    }

    /** The light layers of the walls of a storey that come within a box, in plan mm; none of types without layers. */
    static List<Outline> light(LaidStorey storey, Box within) {
        var network = storey.geometry().network();
        var outerIsRight = outerIsRight(network);
        var strips = new ArrayList<Outline>();
        for (var piece : network.pieces()) {
            if (!piece.body().bounds().meets(within)) {
                continue; // of a large storey mostly one room is looked at
            }
            var layers = storey.plan().drawn().wallType(piece.wall().type()).layers();
            for (var band : light(layers)) {
                strips.addAll(strip(piece, band, outerIsRight.contains(piece)));
            }
        }
        return Regions.union(strips);
    }

    /**
     * A layer by where it begins and ends below the face from which layers are told.
     *
     * @param fromMm from that face
     */
    record Band(double fromMm, double toMm) {}

    /** The light ones of some layers; none of fewer than two. */
    static List<Band> light(List<BuildUpLayer> layers) {
        var out = new ArrayList<Band>();
        var thickest = 0;
        for (var i = 1; i < layers.size(); i++) {
            if (layers.get(i).thickness().compareTo(layers.get(thickest).thickness()) > 0) {
                thickest = i;
            }
        }
        var from = 0.0;
        for (var i = 0; i < layers.size(); i++) {
            var to = from + layers.get(i).thickness().mm();
            if ((i - thickest) % 2 != 0) {
                out.add(new Band(from, to));
            }
            from = to;
        }
        return out;
    }

    /** Pieces whose outer face is the right one; of those within the house and of free walls it is the left. */
    private static Set<WallPiece> outerIsRight(WallNetwork network) {
        var out = new HashSet<WallPiece>();
        var left = new HashSet<WallPiece>();
        for (var edge : network.outerEdges()) {
            var isLeft = edge.outward().dot(edge.piece().line().unitAt(0).left()) > 0;
            (isLeft ? left : out).add(edge.piece());
        }
        out.removeAll(left);
        return out;
    }

    private static List<Outline> strip(WallPiece piece, Band band, boolean outerIsRight) {
        var beyond = BEYOND * piece.thicknessMm();
        var line = piece.line().part(-beyond, piece.line().length() + beyond);
        var near = outerIsRight ? band.fromMm() - piece.rightMm() : piece.leftMm() - band.fromMm();
        var far = outerIsRight ? band.toMm() - piece.rightMm() : piece.leftMm() - band.toMm();
        var left = line.shiftedLeft(Math.max(near, far));
        var right = line.shiftedLeft(Math.min(near, far));
        return Regions.intersection(
                List.of(Outline.of(piece.body())),
                List.of(Outline.of(Ring.between(right, left, WallPiece.CHORD_ERROR_MM))));
    }
}
