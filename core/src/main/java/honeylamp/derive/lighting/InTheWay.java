package honeylamp.derive.lighting;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Furnishing;
import java.util.List;
import java.util.Set;

/**
 * What of a storey stops light: walls from floor to ceiling, open where doors and plain openings are, and pieces that are
 * taller than tables.
 *
 * @param walls their faces
 */
public record InTheWay(List<Segment> walls, List<Tall> pieces) {
    /** Lower pieces stop no light worth telling. */
    private static final double TALL_MM = 1_100;

    private static final double BEYOND_MM = 1;

    /** Light goes through leaves: such a piece is no box that throws a square shadow. */
    private static final Set<String> LEAFY = Set.of(
            "plant",
            "palm",
            "fig-tree",
            "fern",
            "sword-plant",
            "cactus",
            "plant-trough",
            "plant-stand",
            "hanging-plant",
            "tree",
            "orchard-tree",
            "pine",
            "shrub");

    /** A piece: light goes below and above it. */
    public record Tall(Ring ring, double bottomMm, double topMm) {}

    /** Freezes the lists. */
    public InTheWay {
        walls = List.copyOf(walls);
        pieces = List.copyOf(pieces);
    }

    /** What stands on a storey. */
    public static InTheWay of(StoreyGeometry geometry) {
        var open = geometry.cuts().stream()
                .filter(c -> !c.opening().kind().isWindow())
                .map(c -> Outline.of(c.ring(BEYOND_MM)))
                .toList();
        var walls = Regions.difference(geometry.network().poche(), open).stream()
                .flatMap(Outline::rings)
                .flatMap(r -> r.edges().stream())
                .toList();
        var tall = geometry.storey().furnishings().stream()
                .filter(f -> f.top().mm() >= TALL_MM && !LEAFY.contains(f.kind()))
                .map(f -> new Tall(footprint(f), f.bottom().mm(), f.top().mm()))
                .toList();
        return new InTheWay(walls, tall);
    }

    private static Ring footprint(Furnishing piece) {
        var w = piece.width().mm() / 2;
        var d = piece.depth().mm() / 2;
        return new Box(-w, -d, w, d).ring().through(piece.placing());
    }
}
