package honeylamp.illustrate.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Shade in strokes: where they lie, how close, and that they hang on the plan. */
class HatchingTest {
    private static final Ink GRAPHITE = Ink.of(0x333333);
    private static final double SIDE_MM = 40;

    private record Stroke(Point from, Point to) {
        double slopeDeg() {
            var way = to.minus(from);
            return Math.toDegrees(Math.atan2(-way.y(), way.x()));
        }
    }

    /** Light above the middle, so much lost below it. */
    private static List<Mark> hatched(PaperFrame frame, double loss) {
        var corner = frame.paper(new Point(0, 0));
        var box = new Box(corner.x(), corner.y(), corner.x() + SIDE_MM, corner.y() + SIDE_MM);
        var grid = ShadeGrid.over(box, 2, frame);
        var lost = new float[grid.count()];
        for (var i = lost.length / 2; i < lost.length; i++) {
            lost[i] = (float) loss;
        }
        return Hatching.of(grid, lost, Hatching.Tool.PENCIL, GRAPHITE);
    }

    private static List<Stroke> strokes(List<Mark> marks) {
        var out = new ArrayList<Stroke>();
        for (var mark : marks) {
            ((Mark.Stroke) mark).path().walk(new Figure.Walker() {
                private Point at = Point.ORIGIN;

                @Override
                public void moveTo(double x, double y) {
                    at = new Point(x, y);
                }

                @Override
                public void lineTo(double x, double y) {
                    throw new AssertionError("a hand draws no straight stroke");
                }

                @Override
                public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                    out.add(new Stroke(at, new Point(x, y)));
                }

                @Override
                public void close() {
                    throw new AssertionError("a stroke has two ends");
                }
            });
        }
        return out;
    }

    @Test
    void strokesLieInShadeAloneAndRunOneWayWhereItIsLight() {
        var strokes = strokes(hatched(PaperFrame.atOrigin(50), 0.10));
        assertThat(strokes).hasSizeGreaterThan(40).allSatisfy(s -> {
            assertThat(Math.max(s.from.y(), s.to.y())).isLessThan(SIDE_MM + 1);
            assertThat(Math.min(s.from.y(), s.to.y())).isGreaterThan(SIDE_MM / 2 - 1);
            assertThat(s.slopeDeg()).isCloseTo(49, within(3.0));
        });
        assertThat(hatched(PaperFrame.atOrigin(50), 0.03)).isEmpty();
    }

    /** 20 of 40 mm in shade: strokes 0.85 mm apart cover 40 x 20 / 0.85 = 941 mm, but for where the hand is lifted. */
    @Test
    void strokesLieAsCloseAsTheHandLaysThem() {
        var length = strokes(hatched(PaperFrame.atOrigin(50), 0.10)).stream()
                .mapToDouble(s -> s.from.distance(s.to))
                .sum();
        assertThat(length).isBetween(0.85 * 941, 1.02 * 941);
    }

    @Test
    void deepShadeIsCrossedByStrokesTheOtherWayAndDrawnHarder() {
        var deep = hatched(PaperFrame.atOrigin(50), 0.30);
        assertThat(strokes(deep)).anySatisfy(s -> assertThat(s.slopeDeg()).isCloseTo(-28, within(3.0)));
        var light = (Mark.Stroke) hatched(PaperFrame.atOrigin(50), 0.10).getFirst();
        var hard = (Mark.Stroke) deep.getLast();
        assertThat(hard.pen().widthMm()).isGreaterThan(light.pen().widthMm());
        assertThat(hard.ink().opacity()).isGreaterThan(light.ink().opacity());
    }

    /** The same strokes at another place of the paper, and at every redraw. */
    @Test
    void strokesHangOnThePlan() {
        var here = strokes(hatched(PaperFrame.atOrigin(50), 0.2));
        var there = strokes(hatched(new PaperFrame(50, 113, 71), 0.2));
        assertThat(strokes(hatched(PaperFrame.atOrigin(50), 0.2))).isEqualTo(here);
        assertThat(there).hasSameSizeAs(here);
        for (var i = 0; i < here.size(); i++) {
            assertThat(there.get(i).from.minus(new Point(113, 71)).distance(here.get(i).from))
                    .isLessThan(1e-6);
        }
    }
}
