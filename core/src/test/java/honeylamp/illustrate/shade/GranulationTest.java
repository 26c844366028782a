package honeylamp.illustrate.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How pigment settles. */
class GranulationTest {
    @Test
    void itTakesSomeLightAndNeverMuch() {
        var all = IntStream.range(0, 250_000)
                .mapToDouble(i -> Granulation.taken(0.7 * (i % 500), 0.7 * (i / 500)))
                .summaryStatistics();
        assertThat(all.getMin()).isGreaterThanOrEqualTo(0);
        assertThat(all.getMax()).isLessThanOrEqualTo(0.25);
        assertThat(all.getAverage()).isBetween(0.02, 0.09);
        assertThat(all.getMax() - all.getMin()).as("clouds are seen").isGreaterThan(0.1);
    }

    /** A plan moved by 10 mm on paper has its clouds 10 mm farther: 20 pixels of half a mm. */
    @Test
    void itGoesWithThePlan() {
        var page = new Box(0, 0, 60, 40);
        var here = Granulation.of(ShadeGrid.over(page, 2, new PaperFrame(50, 0, 0)));
        var there = Granulation.of(ShadeGrid.over(page, 2, new PaperFrame(50, 10, 0)));
        for (var x = 20; x < 120; x++) {
            assertThat(there[30 * 120 + x]).isCloseTo(here[30 * 120 + x - 20], within(1e-5f));
        }
    }
}
