package honeylamp.illustrate.pen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.DrawnByHand.Lines;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Lines by an unsteady hand: how far they stray, and that they stray the same way whenever they are drawn. */
class DrawnByHandTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    /** The middle of a line by hand, and how broad it is there: it is a surface, one side forward and the other back. */
    private record Inked(List<Point> middle, List<Double> widths) {
        static Inked of(Mark mark) {
            var ring = ((Mark.Fill) mark).path().flattened(1).corners();
            var half = ring.size() / 2;
            var middle = new ArrayList<Point>();
            var widths = new ArrayList<Double>();
            for (var i = 0; i < half; i++) {
                var left = ring.get(i);
                var right = ring.get(2 * half - 1 - i);
                middle.add(left.plus(right).times(0.5));
                widths.add(left.distance(right));
            }
            return new Inked(middle, widths);
        }

        double mean() {
            return widths.stream().mapToDouble(w -> w).average().orElseThrow();
        }
    }

    private static Inked inked(PaperFrame frame, double unsteadyMm, Point... plan) {
        var path = frame.paper(Figure.line(plan));
        return Inked.of(DrawnByHand.of(
                        List.of(new Mark.Stroke(path, Pen.butt(0.2), Ink.of(0xff000000))),
                        unsteadyMm,
                        Lines.ONCE,
                        frame)
                .getFirst());
    }

    private static List<Point> drawn(PaperFrame frame, double unsteadyMm, Point... plan) {
        return inked(frame, unsteadyMm, plan).middle();
    }

    /** A level line of 100 mm on paper: its ends stay, it strays to both sides, and never farther than the hand does. */
    @Test
    void aLineKeepsItsEndsAndStraysNoFartherThanTheHand() {
        var line = drawn(FRAME, 0.3, new Point(0, 0), new Point(5000, 0));
        assertThat(line.getFirst().distance(new Point(0, 0))).isLessThan(1e-9);
        assertThat(line.getLast().distance(new Point(100, 0))).isLessThan(1e-9);
        assertThat(line).allSatisfy(p -> assertThat(Math.abs(p.y())).isLessThan(0.3 * 1.3));
        assertThat(line.stream().mapToDouble(Point::y).max().orElseThrow()).isGreaterThan(0.03);
        assertThat(line.stream().mapToDouble(Point::y).min().orElseThrow()).isLessThan(-0.03);
    }

    @Test
    void theSameLineIsDrawnTheSameWhereverThePaperLiesAndWhicheverWayItRuns() {
        var a = new Point(1200, 340.5);
        var b = new Point(4700, 2210);
        var here = drawn(FRAME, 0.3, a, b);
        var moved = new PaperFrame(50, 37.3, 61.7);
        var shift = moved.paper(Point.ORIGIN).minus(FRAME.paper(Point.ORIGIN));
        var there = drawn(moved, 0.3, a, b);
        var back = drawn(FRAME, 0.3, b, a).reversed();
        assertThat(there).hasSameSizeAs(here);
        assertThat(back).hasSameSizeAs(here);
        for (var i = 0; i < here.size(); i++) {
            assertThat(there.get(i).minus(shift).distance(here.get(i))).isCloseTo(0, within(1e-6));
            assertThat(back.get(i).distance(here.get(i))).isCloseTo(0, within(1e-6));
        }
    }

    private static Drawing picture(Plan plan) {
        return Illustration.of(TestPlans.view(plan), FRAME, Lamp.COLOUR, 1);
    }

    private static Stream<Mark> marks(Drawing drawing, Set<LayerKind> kinds) {
        return drawing.layers().stream().filter(l -> kinds.contains(l.kind())).flatMap(l -> l.marks().stream());
    }

    /** Walls, pieces and dimensions are drawn by hand; colours, floors and words lie where they lay. */
    @Test
    void aPlanByHandHasOtherLinesAndTheSameColoursAndWords() {
        var ruled = SailclothYard.plan();
        var plan = ViewEdits.look(ruled, l -> l.withDrafting(l.drafting().withUnsteadyMm(0.25)));
        var floors = Set.of(LayerKind.FLOOR, LayerKind.LABELS);
        assertThat(marks(picture(plan), floors))
                .containsExactlyElementsOf(marks(picture(ruled), floors).toList());
        for (var kind : List.of(LayerKind.POCHE, LayerKind.FURNITURE, LayerKind.OPENINGS, LayerKind.DIMENSIONS)) {
            var before = marks(picture(ruled), Set.of(kind)).toList();
            var after = marks(picture(plan), Set.of(kind)).toList();
            assertThat(after).hasSameSizeAs(before).isNotEqualTo(before);
            for (var i = 0; i < before.size(); i++) {
                if (!(before.get(i) instanceof Mark.Stroke) && !(before.get(i) instanceof Mark.Clip)) {
                    assertThat(after.get(i)).isEqualTo(before.get(i));
                }
            }
        }
        assertThat(picture(plan)).isEqualTo(picture(plan));
    }

    @Test
    void aSteadyHandChangesNothing() {
        var marks = List.<Mark>of(
                new Mark.Stroke(Figure.line(Point.ORIGIN, new Point(9, 9)), Pen.butt(1), Ink.of(0xff112233)));
        assertThat(DrawnByHand.of(marks, 0, Lines.ONCE, FRAME)).isSameAs(marks);
    }

    /** A square of 40 mm on paper: each side runs past both its corners, by no more than 1.3 mm and not at all of them alike. */
    @Test
    void linesRunPastTheirCornersAndNotPastLooseEnds() {
        var square = FRAME.paper(Figure.ring(new Box(0, 0, 2000, 2000).ring()));
        var mark = (Mark.Fill) DrawnByHand.of(
                        List.of(new Mark.Stroke(square, Pen.butt(0.2), Ink.of(0xff000000))), 0.12, Lines.ONCE, FRAME)
                .getFirst();
        var past = mark.path().bounds();
        assertThat(past.minX()).isBetween(-1.5, -0.1);
        assertThat(past.maxX()).isBetween(40.1, 41.5);
        assertThat(past.minY()).isBetween(-41.5, -40.1);
        assertThat(past.maxY()).isBetween(0.1, 1.5);
        var dashed = new Mark.Stroke(square, Pen.butt(0.2).dashed(2, 1), Ink.of(0xff000000));
        var kept = (Mark.Stroke)
                DrawnByHand.of(List.of(dashed), 0.12, Lines.ONCE, FRAME).getFirst();
        assertThat(kept.path().bounds().maxX()).isCloseTo(40, within(0.2));
    }

    /** A pen of 0.2 mm over 100 mm: within a quarter more or less on its way, and finer where it is set down and lifted. */
    @Test
    void theHandPressesHarderAndLighterAndLiftsAtTheEnds() {
        var line = inked(FRAME, 0.12, new Point(0, 0), new Point(5000, 0));
        var on = line.widths().subList(5, line.widths().size() - 5);
        assertThat(on).allSatisfy(w -> assertThat(w).isBetween(0.2 * 0.75, 0.2 * 1.25));
        assertThat(on.stream().mapToDouble(w -> w).max().orElseThrow()
                        - on.stream().mapToDouble(w -> w).min().orElseThrow())
                .isGreaterThan(0.02);
        assertThat(line.widths().getFirst()).isLessThan(0.13);
        assertThat(line.widths().getLast()).isLessThan(0.13);
        assertThat(inked(FRAME, 0.02, new Point(0, 0), new Point(5000, 0)).widths())
                .as("a steadier hand presses more evenly")
                .allSatisfy(w -> assertThat(w).isBetween(0.2 * 0.86, 0.2 * 1.05));
    }

    @Test
    void aLineDrawnTwiceIsRestatedFinerAndFainterAndBesideItself() {
        var line = new Mark.Stroke(
                FRAME.paper(Figure.line(new Point(0, 0), new Point(5000, 0))), Pen.butt(0.2), Ink.of(0xff000000));
        var twice = DrawnByHand.of(List.of(line), 0.12, Lines.TWICE, FRAME);
        assertThat(twice).hasSize(2);
        var first = Inked.of(twice.getFirst());
        var second = Inked.of(twice.getLast());
        assertThat(second.mean()).isLessThan(0.8 * first.mean());
        assertThat(((Mark.Fill) twice.getLast()).ink().opacity())
                .isLessThan(((Mark.Fill) twice.getFirst()).ink().opacity());
        assertThat(second.middle()).isNotEqualTo(first.middle());
        assertThat(DrawnByHand.of(List.of(line), 0.12, Lines.TWICE, FRAME)).isEqualTo(twice);
    }
}
