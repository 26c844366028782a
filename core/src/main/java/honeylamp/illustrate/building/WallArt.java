package honeylamp.illustrate.building;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallFills.Fill;
import honeylamp.derive.walls.WallFills.Level;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Role;
import honeylamp.plan.Wall.Works;
import honeylamp.plan.WallType.Poche;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Draws walls: the cut of each type filled in its way, one outline around all that is cut, low walls lightly. Where some
 * are removed or new, what stays is light, what is new is dark, and what goes is dashed.
 */
public final class WallArt {
    /** Lines of a hatch stand so far apart, in paper mm. */
    private static final double HATCH_SPACING = 0.9;

    /** So far from the tone of cut walls to that of the paper those that stay are drawn where others go or are new. */
    private static final double STAYING = 0.6;

    /** Strokes of a pencil lie over a tone so much lighter. */
    private static final double UNDER_STROKES = 0.15;

    /** So far before the faces of a wall lie the dashes around what is taken out of it, in paper mm. */
    private static final double BEFORE_FACES = 0.6;

    private static final double STROKE_SPACING_MM = 0.62;
    private static final double STROKE_MM = 0.38;
    private static final double STROKE_SHARE = 0.62;
    private static final long STROKE_SEED = 47;

    private final PaperFrame frame;
    private final Pens pens;

    public WallArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /**
     * The walls of a storey.
     *
     * @param fall where shade falls, at length one; none if nothing is lit
     */
    public List<Mark> marks(LaidStorey storey, Lamp lamp, Optional<Point> fall) {
        var out = new ArrayList<>(standing(storey, lamp, fall));
        out.addAll(removed(storey.geometry()));
        out.addAll(taken(storey.geometry()));
        return out;
    }

    /** What is taken out of a wall that stays for a new opening has dashes around it, a little before the faces. */
    private List<Mark> taken(StoreyGeometry geometry) {
        var taken = geometry.taken();
        if (taken.isEmpty()) {
            return List.of();
        }
        var path = Figure.builder();
        taken.forEach(c -> path.path(frame.paper(Figure.ring(c.ring(frame.planMm(BEFORE_FACES))))));
        return List.of(new Mark.Stroke(path.build(), pens.removed(), pens.ink()));
    }

    /** What an opening is closed up with is new wall between its jambs. */
    private List<Mark> closed(StoreyGeometry geometry, Ink solid) {
        var out = new ArrayList<Mark>();
        for (var cut : geometry.closed()) {
            if (cut.level() == OpeningCut.Level.CUT) {
                var jambs = Figure.builder();
                jambs.line(frame.paper(cut.left().a()), frame.paper(cut.right().a()));
                jambs.line(frame.paper(cut.left().b()), frame.paper(cut.right().b()));
                out.add(new Mark.Fill(frame.paper(Figure.ring(cut.generous())), solid));
                out.add(new Mark.Stroke(jambs.build(), pens.leaf(), pens.ink()));
            }
        }
        return out;
    }

    /** What goes is dashed as far as it shows beside what stands. */
    private List<Mark> removed(StoreyGeometry geometry) {
        if (geometry.removed().pieces().isEmpty()) {
            return List.of();
        }
        var shown = Regions.difference(
                geometry.removed().poche(), geometry.network().poche());
        return List.of(new Mark.Stroke(path(shown), pens.removed(), pens.ink()));
    }

    private List<Mark> standing(LaidStorey storey, Lamp lamp, Optional<Point> fall) {
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
        var isPencilled = lamp != Lamp.DRAFT && pens.look().shading() == Shading.HATCHED;
        var lighter = lamp == Lamp.DRAFT ? 0.45 : isPencilled ? UNDER_STROKES : 0;
        var ground = Ink.of(pens.colour(Role.POCHE).lighter(lighter).argb());
        out.add(new Mark.Fill(whole, ground));
        var light = lamp == Lamp.DRAFT
                ? List.<Mark>of()
                : lighter(fills, storey.storey().hasWorks(), ground);
        if (!light.isEmpty()) {
            out.add(new Mark.Clip(whole, light)); // the clip hides what rounding leaves beyond the outline
        }
        if (!geometry.closed().isEmpty()) {
            out.add(new Mark.Clip(whole, closed(geometry, ground)));
        }
        var painted = lamp == Lamp.DRAFT || storey.storey().hasWorks()
                ? List.<Mark>of()
                : PaintedCuts.of(storey, frame, pens);
        if (!painted.isEmpty()) {
            out.add(new Mark.Clip(whole, painted));
        }
        if (isPencilled) {
            out.add(new Mark.Clip(whole, List.of(pencilled(fills))));
        }
        var edges =
                WallEdges.of(cut, geometry.cuts(), frame.planMm(pens.cutWall().widthMm()));
        out.add(new Mark.Stroke(frame.paper(edges), pens.cutWall(), pens.ink()));
        fall.map(f -> frame.paper(ShadeSide.of(cut, geometry, f)))
                .filter(line -> !line.isEmpty())
                .ifPresent(line -> out.add(new Mark.Stroke(line, pens.shadeSide(), pens.ink())));
        return out;
    }

    /** Strokes of a pencil over what is cut, beside each other and a little uneven, so that the tone below shows between. */
    private Mark pencilled(List<Fill> fills) {
        var strokes = Figure.builder();
        for (var fill : fills) {
            for (var body : fill.bodies()) {
                strokes(strokes, body.through(frame.toPaper()).bounds());
            }
        }
        return new Mark.Stroke(
                strokes.build(), Pen.round(STROKE_MM), pens.ink(Role.POCHE).at(STROKE_SHARE));
    }

    /** On paper y points down, so rising strokes keep x + y; they hang on the plan. */
    private void strokes(Figure.Builder out, Box box) {
        var step = STROKE_SPACING_MM * Math.sqrt(2);
        var origin = frame.originX() + frame.originY();
        var first = (long) Math.ceil((box.minX() + box.minY() - origin) / step);
        var last = (long) Math.floor((box.maxX() + box.maxY() - origin) / step);
        for (var i = first; i <= last; i++) {
            var sum = origin + (i + 0.5 * Seeds.unit(STROKE_SEED, i, 0)) * step;
            var left = Math.max(box.minX(), sum - box.maxY());
            var right = Math.min(box.maxX(), sum - box.minY());
            if (left < right) {
                out.line(new Point(left, sum - left), new Point(right, sum - right));
            }
        }
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

    /** How a wall is filled: by its type; where some are marked what is new is solid, and what stays is lighter. */
    private static Poche poche(Fill fill, boolean marked) {
        var own = fill.type().poche();
        return !marked ? own : fill.works() == Works.NEW ? Poche.SOLID : own == Poche.SOLID ? Poche.TINT : own;
    }

    /** From the walls that end in others to those that run through, all but the dark ground they lie on. */
    private List<Mark> lighter(List<Fill> fills, boolean marked, Ink solid) {
        var cut = fills.stream().filter(f -> f.level() == Level.CUT).toList();
        if (cut.stream().allMatch(f -> poche(f, marked) == Poche.SOLID)) {
            return List.of();
        }
        var out = new ArrayList<Mark>();
        for (var fill : cut.reversed()) {
            var builder = Figure.builder();
            fill.bodies().forEach(b -> builder.path(frame.paper(Outline.of(b))));
            var boxes = fill.bodies().stream()
                    .map(b -> b.through(frame.toPaper()).bounds())
                    .toList();
            out.addAll(filled(
                    builder.build(),
                    boxes,
                    poche(fill, marked),
                    solid,
                    marked ? staying() : pens.ink(Role.POCHE_TINT)));
        }
        return out;
    }

    /** A cut filled in a way; of a hatch as much as the boxes hold, in paper mm. */
    private List<Mark> filled(Figure area, List<Box> boxes, Poche poche, Ink solid, Ink tint) {
        return switch (poche) {
            case SOLID -> List.of(new Mark.Fill(area, solid));
            case TINT -> List.of(new Mark.Fill(area, tint));
            case HATCH ->
                List.of(
                        new Mark.Fill(area, pens.ink(Role.PAPER)),
                        new Mark.Clip(area, List.of(new Mark.Stroke(hatch(boxes), pens.hatch(), pens.ink()))));
        };
    }

    /** The tint of walls that stay where others are new: told from those at a glance. */
    private Ink staying() {
        var cut = pens.colour(Role.POCHE);
        return Ink.of(cut.lighter(STAYING * (pens.colour(Role.PAPER).lightness() - cut.lightness()))
                .stronger(-cut.chroma() / 2)
                .argb());
    }

    /** A piece of wall of a type as it is drawn, for a legend: a box, in paper mm. */
    public List<Mark> sample(Box box, Poche poche) {
        return sample(box, poche, pens.ink(Role.POCHE_TINT));
    }

    /** A piece of wall as it is drawn where some go or are new, for a legend: a box, in paper mm. */
    public List<Mark> sample(Box box, Works works) {
        return switch (works) {
            case EXISTING -> sample(box, Poche.TINT, staying());
            case REMOVED -> List.of(new Mark.Stroke(Figure.ring(box.ring()), pens.removed(), pens.ink()));
            case NEW -> sample(box, Poche.SOLID, pens.ink());
        };
    }

    private List<Mark> sample(Box box, Poche poche, Ink tint) {
        var area = Figure.ring(box.ring());
        var out = new ArrayList<>(filled(area, List.of(box), poche, pens.ink(Role.POCHE), tint));
        out.add(new Mark.Stroke(area, pens.cutWall(), pens.ink()));
        return out;
    }

    /** Rising lines at 45 degrees over boxes; all lie on one pattern, fixed to the paper. */
    private static Figure hatch(List<Box> boxes) {
        var builder = Figure.builder();
        boxes.forEach(b -> lines(builder, b));
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
