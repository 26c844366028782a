package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.FreeMarkId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.Position;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What free marks look like at 1:50, in paper mm: the plan's origin is the paper's, and y points the other way. */
class FreeMarkArtTest {
    private static List<Mark> drawn(Shape shape, Line line, String word, double... xy) {
        var points = Stream.iterate(0, i -> i < xy.length, i -> i + 2)
                .map(i -> Position.of(new Point(xy[i], xy[i + 1])))
                .toList();
        return new FreeMarkArt(PaperFrame.atOrigin(50), Pens.usual(50))
                .marks(List.of(new FreeMark(new FreeMarkId(1), shape, points, line, word)));
    }

    private static Mark.Stroke stroke(List<Mark> marks) {
        return (Mark.Stroke) marks.getFirst();
    }

    @Test
    void anArrowEndsInATipAtItsSecondPoint() {
        var marks = drawn(Shape.ARROW, Line.FULL, "", 0, 0, 1000, 0);
        var head = ((Mark.Fill) marks.get(1)).path().bounds();
        assertThat(head.maxX()).isCloseTo(20, within(1e-9));
        assertThat(head.width()).isCloseTo(3.2, within(1e-9));
        assertThat(stroke(marks).path().bounds().maxX())
                .as("the line ends within the head")
                .isLessThan(20 - 1);
    }

    /** Sides of 20 and 10 mm make bows of 5 mm that are 130 of 360 degrees: each stands out by 5/2 · tan 32.5° = 1.593 mm. */
    @Test
    void aCloudBowsOutwardWhicheverWayItWasDrawn() {
        var rise = 2.5 * Math.tan(Math.toRadians(32.5));
        var around = new Box(-rise, -10 - rise, 20 + rise, rise);
        for (var marks : List.of(
                drawn(Shape.CLOUD, Line.FULL, "", 0, 0, 1000, 0, 1000, 500, 0, 500),
                drawn(Shape.CLOUD, Line.FULL, "", 0, 0, 0, 500, 1000, 500, 1000, 0))) {
            var box = stroke(marks).path().bounds();
            assertThat(box.minX()).isCloseTo(around.minX(), within(0.08)); // the arms of curves count
            assertThat(box.maxX()).isCloseTo(around.maxX(), within(0.08));
            assertThat(box.minY()).isCloseTo(around.minY(), within(0.08));
            assertThat(box.maxY()).isCloseTo(around.maxY(), within(0.08));
        }
    }

    @Test
    void aDashedLineIsDashedOnPaper() {
        assertThat(stroke(drawn(Shape.LINE, Line.DASHED, "", 0, 0, 1000, 0))
                        .pen()
                        .dashMm())
                .isNotEmpty();
        assertThat(stroke(drawn(Shape.LINE, Line.FULL, "", 0, 0, 1000, 0)).pen().dashMm())
                .isEmpty();
    }

    /** Drawn eastward one looks north: heads up the page. */
    @Test
    void aSectionLooksToTheLeftOfItsWayAndHasItsLetterTwice() {
        var marks = drawn(Shape.SECTION, Line.FULL, "A", 0, 0, 5000, 0);
        var heads = marks.stream().filter(Mark.Fill.class::isInstance).toList();
        assertThat(heads)
                .hasSize(2)
                .allSatisfy(
                        h -> assertThat(((Mark.Fill) h).path().bounds().minY()).isLessThan(-3));
        var letters = marks.stream()
                .filter(Mark.Text.class::isInstance)
                .map(Mark.Text.class::cast)
                .toList();
        assertThat(letters).extracting(Mark.Text::text).containsExactly("A", "A");
        assertThat(letters.getFirst().at().x()).isLessThan(-1);
        assertThat(letters.getLast().at().x()).isGreaterThan(101);
    }

    @Test
    void aLineByHandRunsThroughItsPoints() {
        var path = stroke(drawn(Shape.FREEHAND, Line.FULL, "", 0, 0, 500, 400, 1000, 0))
                .path();
        var box = path.bounds();
        assertThat(box.maxX()).isCloseTo(20, within(1e-9));
        assertThat(box.minY()).isLessThanOrEqualTo(-7.9);
    }
}
