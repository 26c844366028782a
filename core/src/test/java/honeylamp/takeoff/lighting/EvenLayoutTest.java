package honeylamp.takeoff.lighting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.plan.Emission;
import honeylamp.plan.Emission.Dimming;
import honeylamp.units.Length;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Thirty rooms against a table made by hand: width and depth of the room, beam, height of the lights, then how many are
 * across and deep. At 90 degrees a beam is twice as wide as its height over 850 mm (tan 45 = 1), at 60 it is 1.1547 times
 * as wide (tan 30 = 0.57735); four fifths of that, and no more than one and a half times the height, is the spacing.
 */
class EvenLayoutTest {
    private static Emission beam(double deg) {
        return new Emission(600, 6, deg, 2700, Dimming.DIMMED);
    }

    @ParameterizedTest
    @CsvSource({
        // 90 degrees at 2450: 1600 over, beam 3200, spacing min(2560, 2400) = 2400
        "2400, 2400, 90, 2450, 1, 1",
        "2401, 2400, 90, 2450, 2, 1",
        "4800, 2400, 90, 2450, 2, 1",
        "5000, 4000, 90, 2450, 3, 2",
        "7200, 7201, 90, 2450, 3, 4",
        "9600, 4800, 90, 2450, 4, 2",
        "1200, 3000, 90, 2450, 1, 2",
        "2400, 7200, 90, 2450, 1, 3",
        "12000, 2400, 90, 2450, 5, 1",
        "3600, 3600, 90, 2450, 2, 2",
        // 60 degrees at 2450: 1600 over, beam 1847.5, spacing 1478.0
        "1478, 1478, 60, 2450, 1, 1",
        "1479, 1478, 60, 2450, 2, 1",
        "2956, 2956, 60, 2450, 2, 2",
        "2957, 4434, 60, 2450, 3, 3",
        "5000, 4000, 60, 2450, 4, 3",
        "7390, 1400, 60, 2450, 5, 1",
        "5912, 5913, 60, 2450, 4, 5",
        "900, 900, 60, 2450, 1, 1",
        "4000, 6000, 60, 2450, 3, 5",
        "8868, 2956, 60, 2450, 6, 2",
        // 60 degrees at 3850: 3000 over, beam 3464.1, spacing 2771.3
        "2771, 2771, 60, 3850, 1, 1",
        "2772, 5542, 60, 3850, 2, 2",
        "10000, 8000, 60, 3850, 4, 3",
        "5543, 2700, 60, 3850, 3, 1",
        "8313, 8314, 60, 3850, 3, 4",
        // all around at 2450: as far apart as is even, 2400; a pendant low over the floor counts as half a metre over
        "2400, 4801, 360, 2450, 1, 3",
        "4800, 2400, 360, 2450, 2, 1",
        "750, 750, 360, 1000, 1, 1",
        "751, 750, 360, 1000, 2, 1",
        "1500, 2251, 360, 1200, 2, 4"
    })
    void asManyAsTheTableSays(double wide, double deep, double beamDeg, double height, int across, int rows) {
        var layout = EvenLayout.of(new Box(0, 0, wide, deep), beam(beamDeg), height, 0.2);
        assertThat(layout.across()).isEqualTo(across);
        assertThat(layout.rows()).isEqualTo(rows);
    }

    @Test
    void theOverlapOfBeamsIsToldForWhatTheyAreApart() {
        // beam of 3200 at work height; 2400 apart leaves a quarter covered twice
        assertThat(EvenLayout.overlap(beam(90), 2450, 2400).orElseThrow()).isCloseTo(0.25, within(1e-9));
        assertThat(EvenLayout.overlap(beam(90), 2450, 3200)).contains(0.0);
        assertThat(EvenLayout.overlap(beam(90), 2450, 5000)).contains(0.0);
        assertThat(EvenLayout.overlap(beam(360), 2450, 1000)).isEqualTo(Optional.empty());
    }

    @Test
    void aWallIsWashedFromAThirdOfItsHeight() {
        assertThat(EvenLayout.washerAway(Length.ofMm(2700), 1.0 / 3)).isEqualTo(Length.ofMm(900));
        assertThat(EvenLayout.washerAway(Length.ofMm(2500), 1.0 / 3)).isEqualTo(Length.ofMm(833));
    }
}
