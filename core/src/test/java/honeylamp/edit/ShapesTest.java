package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Point;
import honeylamp.plan.Position;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShapesTest {
    @Test
    void aRectangleRunsRoundItsFourCorners() {
        assertThat(Shapes.rectangle(new Point(0, 0), new Point(-4000, 3000)))
                .extracting(WallsAround.Edge::from)
                .containsExactly(
                        Position.ofMm(0, 0),
                        Position.ofMm(-4000, 0),
                        Position.ofMm(-4000, 3000),
                        Position.ofMm(0, 3000));
        assertThat(Shapes.rectangle(new Point(0, 0), new Point(4000, 0.2))).isEmpty();
        assertThat(Shapes.opposite(new Point(100, 100), new Point(0, 500), 4000, 3000))
                .isEqualTo(new Point(-3900, 3100));
    }

    /** An equilateral triangle in a circle of 1000 has sides of 1000 · √3. */
    @Test
    void aTriangleHasEqualSides() {
        assertThat(Shapes.polygon(new Point(500, 500), new Point(500, 1500), 3))
                .hasSize(3)
                .allSatisfy(e -> assertThat(e.from().point().distance(e.to().point()))
                        .isCloseTo(1000 * Math.sqrt(3), within(1e-5)));
    }

    @Test
    void aCircleIsTwoHalvesThroughThePoint() {
        var circle = Shapes.circle(new Point(0, 0), new Point(1200, 0));
        assertThat(circle).hasSize(2);
        assertThat(circle.get(0).line().middle().distance(new Point(0, -1200))).isLessThan(1e-9);
        assertThat(circle.get(1).line().middle().distance(new Point(0, 1200))).isLessThan(1e-9);
    }

    @Test
    void anOutlineNeedsThreeCorners() {
        assertThat(Shapes.outline(List.of(new Point(0, 0)), new Point(1, 1))).isEmpty();
        assertThat(Shapes.outline(List.of(new Point(0, 0), new Point(4000, 0)), new Point(0, 3000)))
                .hasSize(3);
    }
}
