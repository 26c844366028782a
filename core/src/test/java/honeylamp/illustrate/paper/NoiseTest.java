package honeylamp.illustrate.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Smooth randomness. */
class NoiseTest {
    /** Between lattice points no value is beyond 1, and no step of a thousandth changes it by more than 0.4 %. */
    @Test
    void itIsBoundedAndSmooth() {
        var random = new Random(4);
        for (var i = 0; i < 4000; i++) {
            var x = 200 * random.nextDouble() - 100;
            var y = 200 * random.nextDouble() - 100;
            var here = Noise.at(9, x, y);
            assertThat(here).isBetween(-1.0, 1.0);
            assertThat(Noise.at(9, x + 0.001, y)).isCloseTo(here, within(0.004)); // slope at most 2 times 1.5
            assertThat(Noise.layered(9, x, y)).isBetween(-1.0, 1.0);
        }
    }

    @Test
    void seedsGiveDifferentValuesAndTheSameSeedTheSame() {
        assertThat(Noise.at(1, 0.5, 0.5)).isNotEqualTo(Noise.at(2, 0.5, 0.5)).isEqualTo(Noise.at(1, 0.5, 0.5));
    }

    @Test
    void aStepIsFlatOutsideItsPassage() {
        assertThat(Noise.step(2, 4, 1)).isZero();
        assertThat(Noise.step(2, 4, 3)).isEqualTo(0.5);
        assertThat(Noise.step(2, 4, 9)).isEqualTo(1);
    }
}
