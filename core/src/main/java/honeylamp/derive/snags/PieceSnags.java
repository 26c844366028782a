package honeylamp.derive.snags;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Furnishing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What is probably wrong with where furniture stands. */
final class PieceSnags {
    /** A piece may lap over walls by this share, as one that fills a splayed bay does with its corners. */
    private static final double LAPPED_SHARE = 0.1;

    /** Walls are looked at in steps so long, in mm. */
    private static final double STEP_MM = 20;

    /** Nothing of a plan stands farther from what is built, in mm. */
    private static final double FAR_MM = 15_000;

    private PieceSnags() {}

    static List<Snag> of(StoreyGeometry geometry) {
        var out = new ArrayList<Snag>();
        var built = Stream.concat(
                        geometry.network().poche().stream().map(o -> o.shell().bounds()),
                        geometry.storey().grounds().stream().map(g -> g.ring().bounds()))
                .reduce(Box::union);
        for (var piece : geometry.storey().furnishings()) {
            if (built.isPresent()
                    && !built.get().grown(FAR_MM).contains(piece.at().point())) {
                out.add(new Snag(
                        Snag.Kind.PIECE_FAR_OFF,
                        piece.at().point(),
                        List.of(piece.id()),
                        "A piece stands far from everything built, off every sheet. Move it back, or delete it."));
            } else if (isCut(geometry, piece)
                    || lapped(geometry, piece)
                            > LAPPED_SHARE * Picking.footprint(piece).area()) {
                out.add(new Snag(
                        Snag.Kind.PIECE_IN_WALL,
                        piece.at().point(),
                        List.of(piece.id()),
                        "A piece stands in a wall, or a wall runs through it. Move it clear of the wall."));
            }
        }
        return out;
    }

    /** Whether the middle of a wall runs through half of the piece or more. */
    private static boolean isCut(StoreyGeometry geometry, Furnishing piece) {
        var footprint = Picking.footprint(piece);
        var least = Math.min(piece.width().mm(), piece.depth().mm()) / 2;
        for (var wall : geometry.network().near(footprint.bounds())) {
            var middle = wall.line().shiftedLeft((wall.leftMm() - wall.rightMm()) / 2);
            var inside = 0.0;
            for (var at = 0.0; at < middle.length(); at += STEP_MM) {
                inside += footprint.contains(middle.at(at)) ? STEP_MM : 0;
            }
            if (inside > least) {
                return true;
            }
        }
        return false;
    }

    private static double lapped(StoreyGeometry geometry, Furnishing piece) {
        var footprint = Picking.footprint(piece);
        var near = geometry.network().near(footprint.bounds()).stream()
                .map(p -> Outline.of(p.body()))
                .toList();
        if (near.isEmpty()) {
            return 0;
        }
        return Regions.intersection(List.of(Outline.of(footprint)), Regions.union(near)).stream()
                .mapToDouble(Outline::area)
                .sum();
    }
}
