package honeylamp.illustrate.words;

import honeylamp.derive.listing.ElevationNumbers;
import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.List;

/** The marks in a plan that say from where walls are seen in elevations, with the number each has. */
public final class ElevationMarks {
    private static final double RADIUS_PAPER_MM = 2.6;
    private static final double FROM_WALL_PAPER_MM = 9;

    /** So far beside a step its height is written. */
    private static final double STEP_WORDS_MM = 5;

    /** So much around a mark is its own. */
    private static final double CLEAR_PAPER_MM = 3.2;

    /** The line of a section is drawn heavily at its ends, and in long and short dashes between. */
    private static final double HEAVY_PAPER_MM = 7;

    private static final List<Double> CHAIN_MM = List.of(7.0, 1.4, 1.4, 1.4);

    private static final List<Double> AWAY_PAPER_MM = List.of(9.0, 6.5, 12.0, 16.0, 21.0, 27.0);
    private static final List<Double> BESIDE_SHARES = List.of(0.0, 0.12, -0.12, 0.24, -0.24, 0.36, -0.36);

    private ElevationMarks() {}

    /** The marks of all elevations that show a wall of the storey a view looks down on. */
    public static List<Mark> of(LaidView plan, PaperFrame frame, Pens pens) {
        var out = new ArrayList<Mark>();
        var presentation = plan.plan().drawn().presentation();
        var taken = new ArrayList<Point>();
        if (presentation.views().stream().anyMatch(v -> v.subject() instanceof View.Subject.Front)) {
            for (var step : FloorSteps.on(plan.storey())) {
                var middle = step.line().middle();
                var aside = step.line().unit().left().times(frame.planMm(STEP_WORDS_MM));
                taken.addAll(List.of(middle, middle.plus(aside), middle.minus(aside)));
            }
        }
        for (var view : presentation.views()) {
            if (view.subject() instanceof View.Subject.Front subject
                    && subject.storey().equals(plan.storey().id())) {
                for (var wall : WallElevation.all(plan.storey(), subject)) {
                    var at = place(plan, wall, taken, frame);
                    taken.add(at);
                    mark(
                            out,
                            wall.into(),
                            at,
                            ElevationNumbers.of(presentation, view).orElse(0),
                            frame,
                            pens);
                }
            }
            if (view.subject() instanceof Raised.Section section) {
                section(out, section, ElevationNumbers.of(presentation, view).orElse(0), frame, pens);
            }
        }
        return out;
    }

    /** Before the wall where nothing stands and no other mark lies, as near to its middle as can be. */
    private static Point place(LaidView plan, WallElevation wall, List<Point> taken, PaperFrame frame) {
        var geometry = plan.storey().geometry();
        var usual = wall.middle().plus(wall.into().times(frame.planMm(FROM_WALL_PAPER_MM)));
        var room = geometry.roomAt(usual);
        var reach = frame.planMm(CLEAR_PAPER_MM);
        var standing = geometry.storey().furnishings().stream()
                .map(Picking::footprint)
                .map(Outline::of)
                .filter(o -> o.bounds().grown(reach).contains(wall.middle())
                        || room.filter(r -> r.outline().bounds().meets(o.bounds()))
                                .isPresent())
                .toList();
        var along = wall.into().left();
        var apart = new ArrayList<Point>();
        for (var away : AWAY_PAPER_MM) {
            for (var beside : BESIDE_SHARES) {
                var at = wall.middle()
                        .plus(wall.into().times(frame.planMm(away)))
                        .plus(along.times(beside * wall.lengthMm()));
                var isApart =
                        geometry.roomAt(at).equals(room) && taken.stream().noneMatch(t -> t.distance(at) < 2 * reach);
                if (isApart
                        && room.map(r -> r.outline().edgeDistance(at) > reach).orElse(true)
                        && standing.stream().noneMatch(o -> o.contains(at) || o.edgeDistance(at) < reach)) {
                    return at;
                }
                if (isApart) {
                    apart.add(at);
                }
            }
        }
        return apart.isEmpty() ? usual : apart.getFirst(); // over a piece rather than over another mark
    }

    /** The line along which a building is cut, with its number at both ends, pointed to where one looks. */
    private static void section(List<Mark> out, Raised.Section section, int number, PaperFrame frame, Pens pens) {
        var line = new Segment(section.from().point(), section.to().point());
        var away = line.unit().left().times(-1);
        var pen = pens.overhead();
        var chain = new Pen(pen.widthMm(), pen.tip(), CHAIN_MM);
        out.add(new Mark.Stroke(frame.paper(Figure.line(line.a(), line.b())), chain, pens.ink()));
        var heavy = frame.planMm(HEAVY_PAPER_MM);
        for (var end : List.of(line, line.reversed())) {
            out.add(new Mark.Stroke(
                    frame.paper(Figure.line(end.a(), end.at(Math.min(heavy, line.length() / 3)))),
                    pens.cutWall(),
                    pens.ink()));
            mark(out, away, beside(end, frame), number, frame, pens);
        }
    }

    private static Point beside(Segment end, PaperFrame frame) {
        return end.a().minus(end.unit().times(frame.planMm(CLEAR_PAPER_MM)));
    }

    /** Where the number at the beginning of the line of a section lies, in paper mm. */
    public static Box number(Segment line, PaperFrame frame) {
        var at = frame.paper(beside(line, frame));
        return new Box(at.x(), at.y(), at.x(), at.y()).grown(RADIUS_PAPER_MM);
    }

    /**
     * A circle with a number, pointed to what is seen.
     *
     * @param into from what is seen to who looks
     */
    private static void mark(List<Mark> out, Point into, Point plan, int number, PaperFrame frame, Pens pens) {
        var at = frame.paper(plan);
        var towards = new Point(-into.x(), into.y()); // y is down on paper
        var side = towards.left();
        var r = RADIUS_PAPER_MM;
        var tip = Figure.ring(new Ring(List.of(
                at.plus(towards.times(1.75 * r)),
                at.plus(side.times(0.95 * r)).plus(towards.times(0.35 * r)),
                at.plus(side.times(-0.95 * r)).plus(towards.times(0.35 * r)))));
        out.add(new Mark.Fill(tip, pens.ink()));
        var circle = Figure.circle(at, r);
        out.add(new Mark.Fill(circle, Ink.of(pens.colour(Role.PAPER).argb())));
        out.add(new Mark.Stroke(circle, pens.leaf(), pens.ink()));
        var cap = pens.cap(TextRole.DIMENSION);
        out.add(new Mark.Text(
                String.valueOf(number),
                new Point(at.x(), at.y() + cap / 2),
                cap,
                pens.face(TextRole.TAG, Typeface.SEMIBOLD),
                0,
                Mark.Align.MIDDLE,
                0,
                pens.ink()));
    }
}
