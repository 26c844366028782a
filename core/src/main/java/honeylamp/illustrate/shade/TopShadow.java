package honeylamp.illustrate.shade;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.plan.Light;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Cast shadows on the tops of pieces as vector shapes: each footprint swept along the fall of light by height ÷ tan(altitude),
 * all shadows of one level as one path filled by the non-zero rule, so that overlaps do not darken twice.
 */
public final class TopShadow {
    /** Shapes of slightly different length laid over each other give the far edge its softness. */
    private static final double[] SOFT_STEPS = {0.84, 0.87, 0.90, 0.93, 0.96, 0.99, 1.02, 1.05, 1.08, 1.11};

    /** How dark a shadow of full strength is. */
    private static final double FULL = 0.32;

    private static final double SAME_LEVEL_MM = 30;

    private final PaperFrame frame;
    private final Light light;
    private final Ink layerInk;

    public TopShadow(PaperFrame frame, Pens pens, Light light, double strength) {
        this.frame = frame;
        this.light = light;
        var share = 1 - Math.pow(1 - FULL * strength, 1.0 / SOFT_STEPS.length);
        this.layerInk = new Ink(pens.colour(Role.SHADOW).argb(), share);
    }

    /** The shadows that fall on the tops of pieces, from whatever is higher, top by top. */
    public List<Mark> onTops(Solids solids) {
        var marks = new ArrayList<Mark>();
        for (var top : solids.pieces()) {
            var level = top.heightMm();
            var box = top.footprint().bounds();
            var higher = solids.all().stream()
                    .filter(s -> s.heightMm() > level + SAME_LEVEL_MM)
                    .toList();
            var covering = solids.pieces().stream()
                    .filter(s -> s.heightMm() > level + SAME_LEVEL_MM)
                    .map(Solid::footprint)
                    .filter(f -> f.bounds().meets(box))
                    .toList();
            for (var seen : Regions.difference(List.of(top.footprint()), covering)) {
                onTop(seen, level, higher).ifPresent(marks::add);
            }
        }
        return marks;
    }

    private Optional<Mark> onTop(Outline top, double level, List<Solid> higher) {
        var fills = new ArrayList<Mark>();
        for (var step : SOFT_STEPS) {
            var path = Figure.builder();
            for (var solid : higher) {
                sides(path, solid, shift(solid.heightMm() - level, step), Optional.of(top.bounds()));
            }
            var shadow = path.build();
            if (!shadow.isEmpty()) {
                fills.add(new Mark.Fill(shadow, layerInk));
            }
        }
        return fills.isEmpty() ? Optional.empty() : Optional.of(new Mark.Clip(frame.paper(top), fills));
    }

    private Point shift(double heightMm, double step) {
        return light.fall().times(heightMm * light.shadowPerHeight() * step);
    }

    /**
     * The parallelograms that edges sweep, all the same way round; only those near a box if one is given.
     * Edges that face the light sweep over their own footprint and what the far edges cover, so they are left
     * out. The solid lies left of its edges.
     */
    private void sides(Figure.Builder out, Solid solid, Point shift, Optional<Box> near) {
        solid.footprint().rings().forEach(ring -> {
            for (var edge : ring.edges()) {
                var a = edge.a();
                var b = edge.b();
                if (b.minus(a).cross(shift) > -1 || near.isPresent() && !meets(near.get(), a, b, shift)) {
                    continue; // faces the light, sweeps next to nothing, or far away
                }
                out.path(frame.paper(
                        Figure.ring(new Ring(List.of(b, a, a.plus(shift), b.plus(shift))).counterClockwise())));
            }
        });
    }

    /** Whether the box around a swept edge meets a box. */
    private static boolean meets(Box box, Point a, Point b, Point shift) {
        return Math.min(a.x(), b.x()) + Math.min(0, shift.x()) <= box.maxX()
                && Math.max(a.x(), b.x()) + Math.max(0, shift.x()) >= box.minX()
                && Math.min(a.y(), b.y()) + Math.min(0, shift.y()) <= box.maxY()
                && Math.max(a.y(), b.y()) + Math.max(0, shift.y()) >= box.minY();
    }
}
