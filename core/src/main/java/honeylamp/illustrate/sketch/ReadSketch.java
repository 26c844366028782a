package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.traced.Difference;
import honeylamp.derive.traced.ReadWalls;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.derive.traced.ReadWords;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Walls that were read from a picture, over it: sure ones in sage with a full edge, doubtful ones in brick with a
 * dashed one, those that are picked in honey; their openings as gaps with what is in them.
 */
public final class ReadSketch {
    private static final Ink SURE = Ink.of(ScreenColours.SAGE.argb());
    private static final Ink DOUBTFUL = Ink.of(ScreenColours.BRICK.argb());
    private static final Ink PICKED = Ink.of(ScreenColours.HONEY.argb());
    private static final double WASH = 0.35;
    private static final int ARC_PIECES = 10;
    /** A ring around a name, in pens. */
    private static final double NAME_RING = 30;

    private static final double TICK = 6;

    private final PaperFrame frame;
    private final Projective shown;
    private final double penMm;
    private final List<Mark> out = new ArrayList<>();

    private ReadSketch(PaperFrame frame, Projective shown, double penMm) {
        this.frame = frame;
        this.shown = shown;
        this.penMm = penMm;
    }

    /**
     * The walls, in paper mm.
     *
     * @param shown from where the walls will lie to where the picture shows them now, both in plan mm
     * @param picked the numbers of walls that are picked
     * @param opening which opening of the one picked wall is meant, if not the wall
     */
    public static List<Mark> marks(
            PaperFrame frame,
            ReadWalls walls,
            Projective shown,
            Set<Integer> picked,
            OptionalInt opening,
            double penMm) {
        var sketch = new ReadSketch(frame, shown, penMm);
        for (var wall : walls.walls()) {
            var isPicked = picked.contains(wall.number());
            sketch.wall(wall, isPicked && opening.isEmpty());
            for (var k = 0; k < wall.openings().size(); k++) {
                sketch.opening(wall, wall.openings().get(k), isPicked && opening.equals(OptionalInt.of(k)));
            }
        }
        return sketch.out;
    }

    /**
     * A length that is written on a picture, along its line: sage if it agrees with others, else dashed in brick.
     *
     * @param line in plan mm
     * @param text what it is read as
     */
    public static List<Mark> length(
            PaperFrame frame, Segment line, String text, boolean agrees, boolean isPicked, double penMm) {
        var ink = isPicked ? PICKED : agrees ? SURE : DOUBTFUL;
        var pen = Pen.butt((isPicked ? 2.6 : 1.6) * penMm);
        var out = new ArrayList<Mark>();
        out.add(new Mark.Stroke(
                frame.paper(Figure.line(line.a(), line.b())), agrees ? pen : pen.dashed(5 * penMm, 4 * penMm), ink));
        for (var end : List.of(line.a(), line.b())) {
            var at = frame.paper(end);
            out.add(new Mark.Stroke(
                    Figure.line(
                            at.plus(new Point(-TICK, TICK).times(penMm)), at.plus(new Point(TICK, -TICK).times(penMm))),
                    pen,
                    ink));
        }
        out.addAll(Sketches.words(frame, line.middle(), text, penMm));
        return out;
    }

    /**
     * Where a picture and the plan differ, with its number: sage where the picture alone has something, dashed in brick
     * where the plan alone has it, a thin line in brick where both have it but otherwise.
     */
    public static List<Mark> difference(
            PaperFrame frame, Difference difference, int number, boolean isPicked, double penMm) {
        var ink = isPicked ? PICKED : difference.isInPicture() ? SURE : DOUBTFUL;
        var wide = difference.isInPicture() || difference.isInPlan() ? 5 : 2.5;
        var pen = Pen.butt((isPicked ? 1.6 : 1) * wide * penMm);
        var line = difference.where();
        var out = new ArrayList<Mark>();
        out.add(new Mark.Stroke(
                frame.paper(Figure.line(line.a(), line.b())),
                difference.isInPlan() ? pen.dashed(8 * penMm, 5 * penMm) : pen,
                ink));
        out.addAll(Sketches.words(frame, line.middle(), String.valueOf(number), penMm));
        return out;
    }

    /** The names that are written in rooms, where they stand; the one that is picked is ringed. */
    public static List<Mark> names(
            PaperFrame frame, ReadWords words, Optional<ReadWords.Name> picked, Projective shown, double penMm) {
        var out = new ArrayList<Mark>();
        for (var name : words.names()) {
            var at = shown.apply(name.at());
            if (picked.filter(name::equals).isPresent()) {
                out.add(new Mark.Stroke(
                        Figure.circle(frame.paper(at), NAME_RING * penMm), Pen.butt(2.6 * penMm), PICKED));
            }
            out.addAll(Sketches.words(frame, at, name.name(), penMm));
        }
        return out;
    }

    private void wall(ReadWall wall, boolean isPicked) {
        var ink = isPicked ? PICKED : wall.isDoubtful() ? DOUBTFUL : SURE;
        var pen = pen(wall.isDoubtful(), isPicked);
        var from = 0.0;
        for (var o : wall.openings().stream()
                .sorted((a, b) ->
                        Double.compare(wall.line().along(a.first()), wall.line().along(b.first())))
                .toList()) {
            body(wall, from, wall.line().along(o.first()), ink, pen);
            from = wall.line().along(o.second());
        }
        body(wall, from, wall.line().length(), ink, pen);
        out.add(stroke(wall.line(), Pen.butt(penMm), ink));
    }

    private Pen pen(boolean doubtful, boolean picked) {
        var pen = Pen.butt((picked ? 2.6 : 1.3) * penMm);
        return doubtful ? pen.dashed(5 * penMm, 4 * penMm) : pen;
    }

    private void body(ReadWall wall, double from, double to, Ink ink, Pen pen) {
        if (to - from < 1) {
            return;
        }
        var part = wall.line().part(from, to);
        var left = part.shiftedLeft(wall.thicknessMm() / 2);
        var right = part.shiftedLeft(-wall.thicknessMm() / 2);
        var ring = Outline.of(Ring.of(left.a(), left.b(), right.b(), right.a())).through(shown);
        out.add(new Mark.Fill(frame.paper(ring), ink.at(WASH)));
        out.add(new Mark.Stroke(frame.paper(ring), pen, ink));
    }

    private void opening(ReadWall wall, ReadOpening o, boolean isPicked) {
        var ink = isPicked ? PICKED : o.isDoubtful() ? DOUBTFUL : SURE;
        var pen = pen(o.isDoubtful(), isPicked);
        var way = new Segment(o.first(), o.second());
        var half = wall.thicknessMm() / 2;
        if (o.kind() == OpeningKind.PLAIN || o.kind().isWindow()) {
            for (var off : o.kind().isWindow() ? new double[] {-half, 0, half} : new double[] {-half, half}) {
                out.add(stroke(way.shiftedLeft(off), pen, ink));
            }
            return;
        }
        var pair = o.kind() == OpeningKind.PAIR_DOOR;
        var leaf = pair ? way.length() / 2 : way.length();
        if (pair || o.hand() == Hand.FIRST) {
            leaf(way, true, leaf, half, o.swing(), pen, ink);
        }
        if (pair || o.hand() == Hand.SECOND) {
            leaf(way, false, leaf, half, o.swing(), pen, ink);
        }
    }

    private void leaf(Segment way, boolean first, double width, double half, Swing swing, Pen pen, Ink ink) {
        var side = swing.sign();
        var face = way.shiftedLeft(side * half);
        var hinge = first ? face.a() : face.b();
        var along = first ? way.unit() : way.unit().times(-1);
        var outwards = new Point(-way.unit().y(), way.unit().x()).times(side);
        var path = new ArrayList<Point>();
        path.add(hinge);
        for (var k = 0; k <= ARC_PIECES; k++) {
            var angle = Math.PI / 2 * (1 - (double) k / ARC_PIECES);
            path.add(hinge.plus(along.times(width * Math.cos(angle))).plus(outwards.times(width * Math.sin(angle))));
        }
        var points = path.stream().map(shown::apply).toArray(Point[]::new);
        out.add(new Mark.Stroke(frame.paper(Figure.line(points)), pen, ink));
    }

    private Mark stroke(Segment line, Pen pen, Ink ink) {
        return new Mark.Stroke(frame.paper(Figure.line(shown.apply(line.a()), shown.apply(line.b()))), pen, ink);
    }
}
