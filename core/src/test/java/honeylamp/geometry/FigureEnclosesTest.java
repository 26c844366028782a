package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Which points lie within a path. */
class FigureEnclosesTest {
    private static final Ring SQUARE = new Box(0, 0, 10, 10).ring();

    @Test
    void aHoleTurnedTheOtherWayIsOutsideAndASecondPartIsInside() {
        var path = Figure.builder()
                .ring(SQUARE.counterClockwise())
                .ring(new Box(4, 4, 6, 6).ring().counterClockwise().reversed())
                .ring(new Box(20, 0, 30, 10).ring().counterClockwise())
                .build();
        assertThat(path.encloses(new Point(2, 2), 6)).isTrue();
        assertThat(path.encloses(new Point(5, 5), 6)).isFalse();
        assertThat(path.encloses(new Point(25, 5), 6)).isTrue();
        assertThat(path.encloses(new Point(15, 5), 6)).isFalse();
    }

    /** A circle of 10: the corners of the box around it are outside, 9.5 from its middle is inside. */
    @Test
    void curvesCount() {
        var circle = Figure.circle(Point.ORIGIN, 10);
        for (var deg = 5; deg < 360; deg += 10) {
            assertThat(circle.encloses(Point.direction(deg).times(9.5), 6)).isTrue();
            assertThat(circle.encloses(Point.direction(deg).times(10.1), 6)).isFalse();
        }
        assertThat(circle.encloses(new Point(9, 9), 6)).isFalse();
    }

    @Test
    void aLineOrNothingEnclosesNothing() {
        assertThat(Figure.line(new Point(0, 0), new Point(10, 0)).encloses(new Point(5, 0), 6))
                .isFalse();
        assertThat(Figure.builder().build().encloses(Point.ORIGIN, 6)).isFalse();
    }
}
