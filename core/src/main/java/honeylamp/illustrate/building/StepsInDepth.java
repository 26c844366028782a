package honeylamp.illustrate.building;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Steps as one sees them who looks down into a storey: each tread at its height, with its riser and sides below it. */
record StepsInDepth(Depth depth, Pens pens) {
    private static final int NEWEL_SIDES = 24;

    /** The sides of a well grow darker downwards in so many bands, by so much in all. */
    private static final int BANDS = 5;

    private static final double DARK_BELOW = 0.24;

    /**
     * A step.
     *
     * @param parts its tread, in plan mm
     * @param belowMm how high the step before it ends above the floor of the storey
     * @param topMm the same of its own tread
     */
    record Step(List<Outline> parts, double belowMm, double topMm, Ink ink) {}

    /** Steps that stand on the floor, the lowest first. */
    List<Mark> standing(List<Step> steps) {
        var out = new ArrayList<Mark>();
        steps.forEach(step -> body(out, step, 0));
        out.addAll(hanging(steps));
        return out;
    }

    /** Steps with nothing below their risers, the lowest first: higher ones hide lower ones. */
    List<Mark> hanging(List<Step> steps) {
        var out = new ArrayList<Mark>();
        for (var step : steps) {
            body(out, step, step.belowMm);
            var there = depth.at(step.topMm);
            for (var part : step.parts) {
                out.add(new Mark.Fill(there.paper(part), step.ink));
                out.add(new Mark.Stroke(there.paper(part), pens.swing(), pens.swingInk()));
            }
        }
        return out;
    }

    private void body(List<Mark> out, Step step, double fromMm) {
        for (var part : step.parts) {
            var hull = Figure.ring(depth.body(part.shell(), fromMm, step.topMm));
            out.add(new Mark.Fill(hull, side()));
            out.add(new Mark.Stroke(hull, pens.furnitureInner(), pens.innerInk()));
        }
    }

    /** The sides of a well in the floor that are seen, down to the floor below: darker the deeper they are. */
    List<Mark> sidesOf(Ring well, double downMm) {
        var out = new ArrayList<Mark>();
        var tone = pens.colour(Role.WALL_SIDE);
        for (var edge : well.counterClockwise().edges()) {
            if (depth.sees(edge.middle(), edge.unit().left())) {
                for (var band = 0; band < BANDS; band++) {
                    var high = depth.at(-downMm * band / BANDS);
                    var low = depth.at(-downMm * (band + 1) / BANDS);
                    var face = Figure.ring(new Ring(List.of(
                            low.paper(edge.a()), low.paper(edge.b()), high.paper(edge.b()), high.paper(edge.a()))));
                    out.add(new Mark.Fill(face, pens.of(tone.lighter(-DARK_BELOW * (band + 0.5) / BANDS))));
                }
            }
        }
        return out;
    }

    private Ink side() {
        return pens.of(pens.colour(Role.STEP).lighter(-Depth.SIDE_DARKER));
    }

    /** The post in the middle of a spiral stair, up to the cut. */
    List<Mark> newel(Point middle, double radiusMm) {
        var round = new Ring(IntStream.range(0, NEWEL_SIDES)
                .mapToObj(i ->
                        middle.plus(Point.direction(360.0 * i / NEWEL_SIDES).times(radiusMm)))
                .toList());
        var tone = pens.colour(Role.NEWEL);
        var body = Figure.ring(depth.body(round, 0, depth.cutMm()));
        var top = depth.frame().paper(Figure.circle(middle, radiusMm));
        return List.of(
                new Mark.Fill(body, pens.of(tone.lighter(-Depth.SIDE_DARKER))),
                new Mark.Fill(top, pens.of(tone)),
                new Mark.Stroke(top, pens.leaf(), pens.ink()));
    }

    /**
     * A line along steps as it is seen, in plan mm of the cut.
     *
     * @param fromMm the height above the floor where it begins, and where it ends; it climbs evenly
     */
    List<Point> seen(List<Point> line, double fromMm, double toMm) {
        var whole = 0.0;
        for (var i = 1; i < line.size(); i++) {
            whole += line.get(i).distance(line.get(i - 1));
        }
        var out = new ArrayList<Point>();
        var along = 0.0;
        for (var i = 0; i < line.size(); i++) {
            along += i == 0 ? 0 : line.get(i).distance(line.get(i - 1));
            out.add(depth.seenAt(line.get(i), fromMm + along / whole * (toMm - fromMm)));
        }
        return out;
    }
}
