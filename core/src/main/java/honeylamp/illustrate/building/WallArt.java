package honeylamp.illustrate.building;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallFills.Fill;
import honeylamp.derive.walls.WallFills.Level;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import honeylamp.plan.WallType.Poche;
import java.util.ArrayList;
import java.util.List;

/** Draws walls: the cut of each type filled in its way, one outline around all that is cut, low walls lightly. */
public final class WallArt {
    /** Lines of a hatch stand so far apart, in paper mm. */
    private static final double HATCH_SPACING = 0.9;

    private final PaperFrame frame;
    private final Pens pens;

    public WallArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    public List<Mark> marks(LaidStorey storey, Lamp lamp) {
        var geometry = storey.geometry();
        if (geometry.poche().isEmpty()) {
            return List.of();
        }
        var fills = storey.wallFills();
        var seen = seen(geometry, fills);
        var cut = seen.isEmpty() ? geometry.poche() : Regions.difference(geometry.poche(), seen);
        var out = new ArrayList<Mark>();
        if (!seen.isEmpty()) {
            var low = path(seen);
            out.add(new Mark.Fill(low, pens.ink(Role.PAPER)));
            out.add(new Mark.Stroke(low, pens.leaf(), pens.ink()));
        }
        if (cut.isEmpty()) {
            return out;
        }
        var whole = path(cut);
        out.add(new Mark.Fill(
                whole,
                Ink.of((lamp == Lamp.DRAFT ? pens.colour(Role.POCHE).lighter(0.45) : pens.colour(Role.POCHE)).argb())));
        var light = lamp == Lamp.DRAFT ? List.<Mark>of() : lighter(fills);
        if (!light.isEmpty()) {
            out.add(new Mark.Clip(whole, light)); // the clip hides what rounding leaves beyond the outline
        }
        out.add(new Mark.Stroke(whole, pens.cutWall(), pens.ink()));
        return out;
    }

    /** The part of the poché that only low walls make up. */
    private static List<Outline> seen(StoreyGeometry geometry, List<Fill> fills) {
        var low = bodies(fills, Level.SEEN);
        return low.isEmpty()
                ? List.of()
                : Regions.difference(
                        Regions.intersection(geometry.poche(), Regions.union(low)),
                        Regions.union(bodies(fills, Level.CUT)));
    }

    private static List<Outline> bodies(List<Fill> fills, Level level) {
        return fills.stream()
                .filter(f -> f.level() == level)
                .flatMap(f -> f.bodies().stream())
                .map(Outline::of)
                .toList();
    }

    /** From the walls that end in others to those that run through, all but the dark ground they lie on. */
    private List<Mark> lighter(List<Fill> fills) {
        var cut = fills.stream().filter(f -> f.level() == Level.CUT).toList();
        if (cut.stream().allMatch(f -> f.type().poche() == Poche.SOLID)) {
            return List.of();
        }
        var out = new ArrayList<Mark>();
        for (var fill : cut.reversed()) {
            var builder = Figure.builder();
            fill.bodies().forEach(b -> builder.path(frame.paper(Outline.of(b))));
            var area = builder.build();
            switch (fill.type().poche()) {
                case SOLID -> out.add(new Mark.Fill(area, pens.ink(Role.POCHE)));
                case TINT -> out.add(new Mark.Fill(area, pens.ink(Role.POCHE_TINT)));
                case HATCH -> {
                    out.add(new Mark.Fill(area, pens.ink(Role.PAPER)));
                    out.add(new Mark.Clip(
                            area, List.of(new Mark.Stroke(hatch(fill.bodies()), pens.hatch(), pens.ink()))));
                }
            }
        }
        return out;
    }

    /** Rising lines at 45 degrees over the boxes of bodies; all lie on one pattern, fixed to the paper. */
    private Figure hatch(List<Ring> bodies) {
        var builder = Figure.builder();
        for (var body : bodies) {
            lines(builder, body.through(frame.toPaper()).bounds());
        }
        return builder.build();
    }

    /** On paper y points down, so rising lines keep x + y. */
    private static void lines(Figure.Builder builder, Box box) {
        var step = HATCH_SPACING * Math.sqrt(2);
        var from = step * Math.ceil((box.minX() + box.minY()) / step);
        for (var sum = from; sum <= box.maxX() + box.maxY(); sum += step) {
            var left = Math.max(box.minX(), sum - box.maxY());
            var right = Math.min(box.maxX(), sum - box.minY());
            builder.line(new Point(left, sum - left), new Point(right, sum - right));
        }
    }

    private Figure path(List<Outline> outlines) {
        var builder = Figure.builder();
        outlines.forEach(o -> builder.path(frame.paper(o)));
        return builder.build();
    }
}
