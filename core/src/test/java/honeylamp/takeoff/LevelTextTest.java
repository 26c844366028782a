package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Levels as they are written beside their marks. */
class LevelTextTest {
    @ParameterizedTest
    @CsvSource({
        "0, MM, \u00b10.000",
        "0.2, MM, \u00b10.000",
        "2800, MM, +2.800",
        "-150.5, CM, \u22120.150",
        "12345, M, +12.345",
        "0, FEET_INCHES, \u00b10\u2033",
        "2743.2, FEET_INCHES, +9\u2032 0\u2033",
        "-152.4, FEET_INCHES, \u22126\u2033"
    })
    void haveASignAndMetresOrFeet(double mm, UnitSystem units, String text) {
        assertThat(LevelText.of(Length.ofMm(mm), units)).isEqualTo(text);
    }
}
