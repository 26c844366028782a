package honeylamp.illustrate;

import honeylamp.catalogue.Furnishings;
import honeylamp.derive.OpeningCut;
import honeylamp.derive.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;

/**
 * What stands on a storey and throws shade, with heights capped by the look.
 *
 * @param walls the cut of walls and what stands below windows
 * @param pieces furniture and posts
 */
record Solids(List<Solid> walls, List<Solid> pieces) {
    /** A footprint and the height of its top above the floor in mm. */
    record Solid(Outline footprint, double heightMm) {}

    /** Pieces lower than this throw nothing: rugs, trays. */
    private static final double FLAT_MM = 40;

    static Solids of(StoreyGeometry geometry, double heightCapMm) {
        var walls = new ArrayList<Solid>();
        var storey = geometry.storey();
        for (var part : geometry.poche()) {
            walls.add(new Solid(part, heightCapMm));
        }
        for (var cut : geometry.cuts()) {
            if (cut.opening().kind().isWindow()
                    && cut.level() == OpeningCut.Level.CUT
                    && cut.opening().sill().mm() > FLAT_MM) {
                walls.add(new Solid(
                        Outline.of(cut.ring()),
                        Math.min(heightCapMm, cut.opening().sill().mm())));
            }
        }
        return new Solids(List.copyOf(walls), pieces(storey, heightCapMm));
    }

    private static List<Solid> pieces(Storey storey, double cap) {
        var out = new ArrayList<Solid>();
        for (var piece : storey.furnishings()) {
            var kind = Furnishings.of(piece.kind());
            if (kind.isEmpty()) {
                continue;
            }
            for (var solid : kind.get().symbol(piece).solids()) {
                if (solid.heightMm() > FLAT_MM) {
                    out.add(new Solid(
                            Outline.of(solid.footprint().through(piece.placing())), Math.min(cap, solid.heightMm())));
                }
            }
        }
        for (var part : storey.structures()) {
            if (part.kind() == Structure.Kind.POST) {
                out.add(new Solid(Outline.of(StructureArt.footprint(part)), cap));
            }
        }
        return List.copyOf(out);
    }

    List<Solid> all() {
        var out = new ArrayList<>(walls);
        out.addAll(pieces);
        return out;
    }
}
