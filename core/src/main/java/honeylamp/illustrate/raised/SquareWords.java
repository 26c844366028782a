package honeylamp.illustrate.raised;

import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.PaperRoom;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Raised;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.raised.Scene;
import honeylamp.takeoff.LevelText;
import honeylamp.units.Length;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** What views straight from a side or from above say: levels beside them, and how roofs fall. */
public final class SquareWords {
    private static final double LEVELS_MM = 24;
    private static final double ALONG_MM = 11;
    private static final double FROM_MM = 4;
    private static final double LINE_MM = 7;
    private static final double TIP_MM = 2.2;
    private static final double APART_MM = 4.5;
    private static final double ARROW_MM = 11;
    private static final double HEAD_MM = 2;
    private static final double BESIDE_MM = 1.2;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;

    SquareWords(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
    }

    /** What they and the names beside it need around a view, in paper mm. */
    public static PaperRoom room(LaidView view, Raised subject) {
        var names = SideLabels.room(view, subject);
        var own = own(view, subject);
        return new PaperRoom(own.left() + names.left(), own.right() + names.right(), own.above(), own.below());
    }

    /** What they need alone. */
    static PaperRoom own(LaidView view, Raised subject) {
        if (!view.view().seen().shows(Kind.DIMENSIONS)) {
            return PaperRoom.around(0);
        }
        return switch (subject) {
            case Raised.Outside _, Raised.Section _ -> new PaperRoom(LEVELS_MM, 0, 0, 0);
            case Raised.RoofPlan _, Raised.Cutaway _, Raised.WholeStorey _, Raised.Building _, Raised.Inside _ ->
                PaperRoom.around(AlongDimensions.isFor(subject) ? ALONG_MM : 0);
        };
    }

    /** The words and signs of a view; none of one that is seen aslant. */
    List<Mark> of(Scene scene) {
        if (!view.view().seen().shows(Kind.DIMENSIONS) || !(view.view().subject() instanceof Raised raised)) {
            return List.of();
        }
        return switch (raised) {
            case Raised.Outside _, Raised.Section _ -> levels(scene);
            case Raised.RoofPlan _ -> falls(scene);
            case Raised.Cutaway _, Raised.WholeStorey _ ->
                AlongDimensions.isFor(raised)
                        ? new AlongDimensions(view, scene.projection(), frame, pens).of(raised)
                        : List.of();
            case Raised.Building _, Raised.Inside _ -> List.of();
        };
    }

    /** The levels of floors, of where roofs spring and of their tops, at the left edge. */
    private List<Mark> levels(Scene scene) {
        var heights = new TreeSet<Double>();
        for (var storey : view.plan().all()) {
            var floor = storey.storey().level().mm();
            heights.add(floor);
            storey.roof().ifPresent(roof -> {
                heights.add(floor
                        + roof.roof().springs().orElse(storey.storey().height()).mm());
                roof.slopes().stream()
                        .flatMap(s -> s.outline().shell().corners().stream().map(p -> s.underMm(p) + s.thickMm()))
                        .max(Double::compare)
                        .ifPresent(top -> heights.add(floor + top));
            });
        }
        var left = scene.bounds().map(frame::paper).map(Box::minX).orElse(0.0) - FROM_MM;
        var out = new ArrayList<Mark>();
        var last = Double.POSITIVE_INFINITY;
        for (var high : heights) {
            var y = frame.paper(scene.projection().of(new SpacePoint(0, 0, high)))
                    .y();
            if (last - y > APART_MM) {
                level(out, left, y, high);
                last = y;
            }
        }
        return out;
    }

    private void level(List<Mark> out, double right, double y, double high) {
        var left = right - LINE_MM;
        out.add(new Mark.Stroke(Figure.line(new Point(left, y), new Point(right, y)), pens.swing(), pens.ink()));
        var tip = new Ring(List.of(
                new Point(right - TIP_MM, y), new Point(right - 2 * TIP_MM, y - TIP_MM), new Point(right, y - TIP_MM)));
        out.add(new Mark.Fill(Figure.ring(tip), pens.ink()));
        text(
                out,
                LevelText.of(Length.ofMm(Math.rint(high)), view.plan().units()),
                new Point(left - 1, y),
                Mark.Align.RIGHT);
    }

    private void text(List<Mark> out, String words, Point at, Mark.Align align) {
        var cap = pens.cap(TextRole.DIMENSION);
        out.add(new Mark.Text(
                words,
                new Point(at.x(), at.y() + cap / 2),
                cap,
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                align,
                0,
                pens.ink()));
    }

    /** An arrow down each slope, with how steep it is. */
    private List<Mark> falls(Scene scene) {
        var out = new ArrayList<Mark>();
        for (var storey : view.plan().all()) {
            for (var slope : storey.roof().map(RoofShape::slopes).orElse(List.of())) {
                var free = Regions.freestPoint(slope.outline(), 100);
                if (free.radiusMm() > frame.planMm(ARROW_MM) / 2) {
                    fall(out, scene, free.centre(), slope);
                }
            }
        }
        return out;
    }

    private void fall(List<Mark> out, Scene scene, Point at, RoofShape.Slope slope) {
        var half = slope.eave().unit().left().times(-frame.planMm(ARROW_MM) / 2);
        var from = frame.paper(scene.projection().of(SpacePoint.of(at.minus(half), 0)));
        var to = frame.paper(scene.projection().of(SpacePoint.of(at.plus(half), 0)));
        var back = from.minus(to).unit().times(HEAD_MM);
        var side = back.left().times(0.4);
        out.add(new Mark.Stroke(Figure.line(from, to), pens.swing(), pens.ink()));
        out.add(new Mark.Stroke(
                Figure.line(to.plus(back).plus(side), to, to.plus(back).minus(side)), pens.swing(), pens.ink()));
        var middle = from.plus(to).times(0.5);
        var isUpright = Math.abs(from.x() - to.x()) < Math.abs(from.y() - to.y());
        var beside = isUpright ? new Point(BESIDE_MM, 0) : new Point(0, -2 * BESIDE_MM);
        text(
                out,
                Words.of("%.0f\u00b0", slope.pitchDeg()),
                middle.plus(beside),
                isUpright ? Mark.Align.LEFT : Mark.Align.MIDDLE);
    }
}
