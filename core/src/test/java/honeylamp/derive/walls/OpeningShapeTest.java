package honeylamp.derive.walls;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.plan.OpeningKind;
import org.junit.jupiter.api.Test;

/** Areas by the formulas of circles and rectangles. */
class OpeningShapeTest {
    @Test
    void aRoundWindowIsACircleAndAnArchedOpeningHasAHalfRoundHead() {
        assertThat(OpeningShape.of(OpeningKind.ROUND_WINDOW, new Box(0, 1000, 800, 1800))
                        .area())
                .isCloseTo(Math.PI * 400 * 400, within(0.001 * Math.PI * 400 * 400));
        var arched = 1000 * 1700 + Math.PI * 500 * 500 / 2;
        assertThat(OpeningShape.of(OpeningKind.ARCHED, new Box(200, 0, 1200, 2200))
                        .area())
                .isCloseTo(arched, within(0.001 * arched));
        assertThat(OpeningShape.of(OpeningKind.DOOR, new Box(0, 0, 885, 2010)).area())
                .isCloseTo(885 * 2010, within(1e-6));
    }
}
