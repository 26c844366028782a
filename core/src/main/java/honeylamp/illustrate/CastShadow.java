package honeylamp.illustrate;

import honeylamp.catalogue.Palette;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.Solids.Solid;
import honeylamp.plan.Light;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;

/**
 * Cast shadows as vector shapes: each footprint swept along the fall of light by height ÷ tan(altitude),
 * all shadows of one level as one path filled by the non-zero rule, so that overlaps do not darken twice.
 */
final class CastShadow {
    /** Shapes of slightly different length laid over each other give the far edge its softness. */
    private static final double[] SOFT_STEPS = {0.86, 0.95, 1.04, 1.13};

    /** How dark a shadow of full strength is. */
    private static final double FULL = 0.36;

    private static final double SAME_LEVEL_MM = 30;

    private final PaperFrame frame;
    private final Light light;
    private final Ink layerInk;

    CastShadow(PaperFrame frame, Light light, double strength) {
        this.frame = frame;
        this.light = light;
        var share = 1 - Math.pow(1 - FULL * strength, 1.0 / SOFT_STEPS.length);
        this.layerInk = new Ink(Palette.SHADOW.argb(), share);
    }

    /** The shadows of all solids on a surface at floor level, clipped to it. */
    List<Mark> onFloor(Path surface, Collection<Solid> solids) {
        return surface.isEmpty() ? List.of() : List.of(new Mark.Clip(surface, sweeps(solids, 0)));
    }

    /** The shadows that fall on the tops of pieces, from whatever is higher. */
    List<Mark> onTops(Solids solids) {
        var marks = new ArrayList<Mark>();
        for (double level : levels(solids.pieces())) {
            var tops = solids.pieces().stream()
                    .filter(s -> sameLevel(s, level))
                    .map(Solid::footprint)
                    .toList();
            var higher = solids.all().stream()
                    .filter(s -> s.heightMm() > level + SAME_LEVEL_MM)
                    .toList();
            var covering = solids.pieces().stream()
                    .filter(s -> s.heightMm() > level + SAME_LEVEL_MM)
                    .map(Solid::footprint)
                    .toList();
            if (!higher.isEmpty()) {
                var clip = Path.builder();
                for (var outline : Regions.difference(Regions.union(tops), covering)) {
                    clip.path(frame.paper(outline));
                }
                var path = clip.build();
                if (!path.isEmpty()) {
                    marks.add(new Mark.Clip(path, sweeps(higher, level)));
                }
            }
        }
        return marks;
    }

    private static boolean sameLevel(Solid solid, double level) {
        return Math.abs(solid.heightMm() - level) <= SAME_LEVEL_MM / 2;
    }

    private static TreeSet<Double> levels(List<Solid> pieces) {
        var out = new TreeSet<Double>();
        for (var piece : pieces) {
            out.add(Math.rint(piece.heightMm() / SAME_LEVEL_MM) * SAME_LEVEL_MM);
        }
        return out;
    }

    private List<Mark> sweeps(Collection<Solid> solids, double level) {
        var marks = new ArrayList<Mark>();
        for (var step : SOFT_STEPS) {
            var path = Path.builder();
            for (var solid : solids) {
                var reach = (solid.heightMm() - level) * light.shadowPerHeight() * step;
                sweep(path, solid.footprint(), light.fall().times(reach));
            }
            marks.add(new Mark.Fill(path.build(), layerInk));
        }
        return marks;
    }

    /** The footprint at both ends of the shift and every edge's parallelogram, all the same way round. */
    private void sweep(Path.Builder out, Outline footprint, Point shift) {
        out.path(frame.paper(footprint));
        footprint.rings().forEach(ring -> {
            for (var edge : ring.edges()) {
                var side = new Ring(List.of(
                        edge.a(), edge.b(), edge.b().plus(shift), edge.a().plus(shift)));
                if (side.area() > 1) {
                    out.path(frame.paper(Path.ring(side.counterClockwise())));
                }
            }
        });
    }
}
