package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.GroundId;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Crowns of trees over roofs, and courses of setts around what is paved. */
class CrownsAndBordersTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    private static List<Mark> marks(Plan plan, LayerKind kind) {
        Drawing drawing = Illustration.of(TestPlans.view(plan), FRAME, Lamp.COLOUR, 1);
        return drawing.layers().stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    /** A tree of 4 m right at the house's east wall: its crown reaches 1.5 m over the room. */
    private static Plan underATree() {
        return TestPlans.with(TestPlans.clearRectangle(5000, 4000), "tree", 4000, 4000, 6000, 5500, 2000, 0);
    }

    @Test
    void crownsReachOverRoofsOnlyIfTheViewHasThemThere() {
        var over = FRAME.paper(new Point(4500, 2000));
        var beside = FRAME.paper(new Point(6500, 2000));
        var shown = marks(underATree(), LayerKind.OVERHEAD);
        assertThat(shown).isNotEmpty().noneMatch(Mark.Clip.class::isInstance);
        var hidden =
                marks(ViewEdits.showing(underATree(), Showing.Kind.CROWNS, Showing.Degree.HIDDEN), LayerKind.OVERHEAD);
        assertThat(hidden).singleElement().isInstanceOfSatisfying(Mark.Clip.class, clip -> {
            assertThat(clip.inside()).isEqualTo(shown);
            assertThat(clip.path().encloses(beside, 8)).isTrue();
            assertThat(clip.path().encloses(over, 8)).isFalse();
        });
        var faint =
                marks(ViewEdits.showing(underATree(), Showing.Kind.CROWNS, Showing.Degree.FADED), LayerKind.OVERHEAD);
        assertThat(faint).hasSize(2);
        assertThat(((Mark.Clip) faint.getLast()).path().encloses(over, 8)).isTrue();
    }

    /** A terrace of 6 by 4 m has a course 210 mm wide around it: 24 m² less 5.58 by 3.58 m. */
    @Test
    void whatIsPavedHasACourseAroundIt() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var terrace = new Ground(
                new GroundId(plan.nextNumber()),
                Ground.Use.TERRACE,
                List.of(
                        Position.ofMm(8000, 0),
                        Position.ofMm(14_000, 0),
                        Position.ofMm(14_000, 4000),
                        Position.ofMm(8000, 4000)),
                Length.ZERO);
        var paved =
                plan.numbersTaken(1).withStorey(TestPlans.storey(plan), s -> s.with(Ground.class, List.of(terrace)));
        var band = 24.0 - 5.58 * 3.58;
        assertThat(marks(paved, LayerKind.GROUND))
                .filteredOn(Mark.Fill.class::isInstance)
                .extracting(m -> area((Mark.Fill) m) * 50 * 50 / 1e6)
                .anySatisfy(m2 -> assertThat(m2).isCloseTo(band, within(1e-6)));
        var lawn = plan.numbersTaken(1)
                .withStorey(TestPlans.storey(plan), s -> s.with(Ground.class, List.of(terrace.used(Ground.Use.DRIVE))));
        assertThat(marks(lawn, LayerKind.GROUND))
                .filteredOn(Mark.Fill.class::isInstance)
                .extracting(m -> area((Mark.Fill) m) * 50 * 50 / 1e6)
                .noneSatisfy(m2 -> assertThat(m2).isCloseTo(band, within(1e-6)));
    }

    private static double area(Mark.Fill fill) {
        var sum = new double[1];
        fill.path().walk(new Figure.Walker() {
            private Point start = Point.ORIGIN;
            private Point at = Point.ORIGIN;

            @Override
            public void moveTo(double x, double y) {
                start = new Point(x, y);
                at = start;
            }

            @Override
            public void lineTo(double x, double y) {
                var to = new Point(x, y);
                sum[0] += at.cross(to) / 2;
                at = to;
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                lineTo(x, y);
            }

            @Override
            public void close() {
                lineTo(start.x(), start.y());
            }
        });
        return Math.abs(sum[0]);
    }
}
