package honeylamp.illustrate.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A floor in broad strokes: it is covered, each stroke runs over the edge of the last, and all hang on the plan. */
class MarkerArtTest {
    private static final Oklch OAK = new Oklch(0.80, 0.06, 70);
    private static final Box ROOM = new Box(0, 0, 4000, 3000);

    private static List<Mark> strokes(PaperFrame frame) {
        var pens = Pens.of(Looks.MARKER, frame.scale());
        var whole = frame.paper(Figure.ring(ROOM.ring()));
        return new MarkerArt(frame.toPaper(), frame, pens, 7).over(OAK, ROOM, whole);
    }

    /** Of all its strokes together, by the corners of each (Gauss's area formula). */
    private static double area(Mark mark) {
        var sum = new double[1];
        ((Mark.Fill) mark).path().walk(new Figure.Walker() {
            private final List<Point> ring = new ArrayList<>();

            @Override
            public void moveTo(double x, double y) {
                ring.add(new Point(x, y));
            }

            @Override
            public void lineTo(double x, double y) {
                ring.add(new Point(x, y));
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                throw new AssertionError("strokes have straight edges from step to step");
            }

            @Override
            public void close() {
                sum[0] += new Ring(ring).area();
                ring.clear();
            }
        });
        return sum[0];
    }

    /** Paper below, then every second stroke, then those between, then what is drawn again; all in the ink of the look. */
    @Test
    void paperIsLaidThenStrokesBesideEachOther() {
        var marks = strokes(PaperFrame.atOrigin(50));
        assertThat(marks).hasSize(4);
        var palette = Looks.MARKER.palette();
        assertThat(((Mark.Fill) marks.getFirst()).ink().rgb())
                .isEqualTo(palette.of(Role.PAPER).argb() & 0xffffff);
        var ink = Looks.MARKER.colouring().of(OAK).argb() & 0xffffff;
        assertThat(((Mark.Fill) marks.get(1)).ink().rgb()).isEqualTo(ink);
        assertThat(((Mark.Fill) marks.get(2)).ink()).isEqualTo(((Mark.Fill) marks.get(1)).ink());
    }

    /** 80 by 60 mm on paper, strokes 3.3 mm apart and 3.85 wide: both kinds together cover 3.85 / 3.3 of it, and its rim. */
    @Test
    void strokesCoverAllAndRunOverEachOther() {
        var marks = strokes(PaperFrame.atOrigin(50));
        var even = ((Mark.Fill) marks.get(1)).path();
        var odd = ((Mark.Fill) marks.get(2)).path();
        var rows = even.bounds().union(odd.bounds());
        assertThat(rows.minY()).isLessThan(-60);
        assertThat(rows.maxY()).isGreaterThan(0);
        assertThat(rows.width()).isCloseTo(80, within(0.1));
        var strokes = Math.round(rows.height() / 3.3);
        assertThat(area(marks.get(1)) + area(marks.get(2)))
                .isCloseTo(strokes * 3.85 * 80, within(0.03 * strokes * 3.85 * 80));
    }

    @Test
    void theStrokesHangOnThePlan() {
        var here = strokes(PaperFrame.atOrigin(50));
        assertThat(strokes(PaperFrame.atOrigin(50))).isEqualTo(here);
        var there = strokes(new PaperFrame(50, 31, 17));
        for (var i = 1; i < here.size(); i++) {
            var moved = ((Mark.Fill) here.get(i))
                    .path()
                    .through(Affine.move(31, 17))
                    .bounds();
            var box = ((Mark.Fill) there.get(i)).path().bounds();
            assertThat(new Point(box.minX(), box.minY()).distance(new Point(moved.minX(), moved.minY())))
                    .isLessThan(1e-6);
            assertThat(area(there.get(i))).isCloseTo(area(here.get(i)), within(1e-6));
        }
    }
}
