package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Arrangement.Line;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Sheet.Way;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is dragged on a page catches: A4 across, 297 by 210 mm, margins 20 at the left and 10 elsewhere. */
class PageCatchTest {
    private static final Sheet A4 = new Sheet(Paper.A4, Way.LANDSCAPE, TitleBlock.of("x"));

    private static PageCatch caught(Box moved, List<Box> others, Arrangement arrangement) {
        return PageCatch.of(moved, others, arrangement, A4, 2);
    }

    @Test
    void marginsAreCaughtWithTheNearEdge() {
        var left = caught(new Box(21.5, 60, 61.5, 80), List.of(), Arrangement.USUAL);
        assertThat(left.shift()).isEqualTo(new Point(-1.5, 0));
        assertThat(left.words()).isEqualTo("margin");
        var right = caught(new Box(246, 9, 286, 29), List.of(), Arrangement.USUAL); // right edge 286, margin 287
        assertThat(right.shift()).isEqualTo(new Point(1, 1));
        assertThat(right.lines()).hasSize(2);
    }

    @Test
    void theMiddleOfThePageIsCaughtWithTheOwnMiddle() {
        var caught = caught(new Box(129, 40, 169, 60), List.of(), Arrangement.USUAL); // middle 149, page 148.5
        assertThat(caught.shift()).isEqualTo(new Point(-0.5, 0));
        assertThat(caught.words()).isEqualTo("middle of the page");
    }

    @Test
    void edgesOfOthersAreCaughtAndFartherOnesAreNot() {
        var other = new Box(100, 50, 140, 90);
        var caught = caught(new Box(141, 51.5, 160, 71.7), List.of(other), Arrangement.USUAL);
        assertThat(caught.shift()).isEqualTo(new Point(-1, -1.5));
        assertThat(caught.words()).isEqualTo("along");
        assertThat(caught(new Box(143, 53, 160, 74), List.of(other), Arrangement.USUAL))
                .isEqualTo(PageCatch.nothing());
    }

    /** As near as a margin, a setting-out line comes first; where nothing is near, steps are kept. */
    @Test
    void settingOutLinesComeFirstAndStepsLast() {
        var lines = Arrangement.USUAL.with(a -> a.lines(List.of(new Line(Run.DOWN, 22), new Line(Run.ACROSS, 100)))
                .stepMm(5));
        var between = caught(new Box(21, 61, 61, 81), List.of(), lines); // 1 mm to the margin, 1 mm to the line
        assertThat(between.words()).isEqualTo("setting-out line");
        assertThat(between.shift()).isEqualTo(new Point(1, -1)); // 61 goes to 60
        var free = caught(new Box(203, 47, 230, 52), List.of(), lines);
        assertThat(free.words()).isEqualTo("step");
        assertThat(free.shift()).isEqualTo(new Point(2, -2));
    }

    /** Whatever is dragged goes no farther than it reaches, and lies on each line that is told. */
    @Test
    void whatIsToldIsTrue() {
        var random = new Random(7);
        for (var i = 0; i < 500; i++) {
            var x = random.nextDouble(250);
            var y = random.nextDouble(180);
            var moved = new Box(x, y, x + 5 + random.nextDouble(40), y + 5 + random.nextDouble(30));
            var other = new Box(90, 70, 130, 110);
            var arrangement = Arrangement.USUAL.withLines(List.of(new Line(Run.DOWN, random.nextDouble(297))));
            var caught = caught(moved, List.of(other), arrangement);
            assertThat(Math.abs(caught.shift().x())).isLessThanOrEqualTo(2);
            assertThat(Math.abs(caught.shift().y())).isLessThanOrEqualTo(2);
            for (var line : caught.lines()) {
                var isUpright = line.a().x() == line.b().x();
                var own = isUpright
                        ? List.of(moved.minX(), moved.centre().x(), moved.maxX())
                        : List.of(moved.minY(), moved.centre().y(), moved.maxY());
                var at = isUpright ? line.a().x() : line.a().y();
                var by = isUpright ? caught.shift().x() : caught.shift().y();
                assertThat(own.stream().anyMatch(v -> Math.abs(v + by - at) < 1e-9))
                        .isTrue();
            }
        }
    }
}
