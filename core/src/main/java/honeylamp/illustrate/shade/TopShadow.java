package honeylamp.illustrate.shade;

import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
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
import java.util.function.DoubleFunction;

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

    private final DoubleFunction<PaperFrame> frame;
    private final Light light;
    private final Ink layerInk;
    private final Remembered remembered;

    /** What the shadows on a top depend on. */
    private record Asked(Solid top, List<Solid> higher, List<Outline> covering, Light light, Ink ink) {}

    /**
     * Draws with pens on paper.
     *
     * @param frame where the plan lies on paper at a height above the floor
     * @param strength from 0 to 1
     * @param remembered what was drawn before on this paper, with these pens
     */
    public TopShadow(DoubleFunction<PaperFrame> frame, Pens pens, Light light, double strength, Remembered remembered) {
        this.remembered = remembered;
        this.frame = frame;
        this.light = light;
        var share = 1 - Math.pow(1 - FULL * strength, 1.0 / SOFT_STEPS.length);
        this.layerInk = new Ink(pens.colour(Role.SHADOW).argb(), share);
    }

    /** The shadows that fall on the tops of pieces, from whatever is higher, top by top. */
    public List<Mark> onTops(Solids solids) {
        var all = solids.all();
        var walls = solids.walls().size();
        var index = new BoxIndex(all.size(), n -> all.get(n).footprint().bounds());
        var highest = all.stream().mapToDouble(Solid::heightMm).max().orElse(0);
        var marks = new ArrayList<Mark>();
        for (var i = walls; i < all.size(); i++) {
            var top = all.get(i);
            var box = top.footprint().bounds();
            var reach = shift(highest - top.heightMm(), SOFT_STEPS[SOFT_STEPS.length - 1]);
            var swept = new Box(
                    box.minX() - Math.max(0, reach.x()),
                    box.minY() - Math.max(0, reach.y()),
                    box.maxX() - Math.min(0, reach.x()),
                    box.maxY() - Math.min(0, reach.y()));
            var higher = new ArrayList<Solid>();
            var covering = new ArrayList<Outline>();
            for (var at : index.meeting(swept)) {
                var other = all.get(at);
                if (other.heightMm() > top.heightMm() + SAME_LEVEL_MM) {
                    higher.add(other);
                    if (at >= walls && other.footprint().bounds().meets(box)) {
                        covering.add(other.footprint());
                    }
                }
            }
            var asked = new Asked(top, higher, covering, light, layerInk);
            marks.addAll(remembered.answer(asked, () -> onTop(asked)));
        }
        return marks;
    }

    private List<Mark> onTop(Asked asked) {
        return Regions.difference(List.of(asked.top.footprint()), asked.covering).stream()
                .flatMap(seen -> onTop(seen, asked.top.heightMm(), asked.higher).stream())
                .toList();
    }

    private Optional<Mark> onTop(Outline top, double level, List<Solid> higher) {
        var fills = new ArrayList<Mark>();
        for (var step : SOFT_STEPS) {
            var path = Figure.builder();
            for (var solid : higher) {
                sides(path, level, solid, shift(solid.heightMm() - level, step), Optional.of(top.bounds()));
            }
            var shadow = path.build();
            if (!shadow.isEmpty()) {
                fills.add(new Mark.Fill(shadow, layerInk));
            }
        }
        return fills.isEmpty()
                ? Optional.empty()
                : Optional.of(new Mark.Clip(frame.apply(level).paper(top), fills));
    }

    private Point shift(double heightMm, double step) {
        return light.fall().times(heightMm * light.shadowPerHeight() * step);
    }

    /**
     * The parallelograms that edges sweep, all the same way round; only those near a box if one is given.
     * Edges that face the light sweep over their own footprint and what the far edges cover, so they are left
     * out. The solid lies left of its edges.
     */
    private void sides(Figure.Builder out, double level, Solid solid, Point shift, Optional<Box> near) {
        solid.footprint().rings().forEach(ring -> {
            for (var edge : ring.edges()) {
                var a = edge.a();
                var b = edge.b();
                if (b.minus(a).cross(shift) > -1 || near.isPresent() && !meets(near.get(), a, b, shift)) {
                    continue; // faces the light, sweeps next to nothing, or far away
                }
                out.path(frame.apply(level)
                        .paper(Figure.ring(new Ring(List.of(b, a, a.plus(shift), b.plus(shift))).counterClockwise())));
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
