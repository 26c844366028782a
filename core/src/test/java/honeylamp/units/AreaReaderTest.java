package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AreaReaderTest {
    /** A foot is 304.8 mm, so a square foot 92,903.04 mm². */
    @ParameterizedTest
    @CsvSource({
        "12, MM, 12e6",
        "'12,5', M, 12.5e6",
        "12.5 m\u00b2, MM, 12.5e6",
        "100, FEET_INCHES, 9290304",
        "100 sq ft, MM, 9290304",
        "10 sq m, FEET_INCHES, 10e6",
        "'', MM, 0"
    })
    void areasAreReadInEitherUnit(String text, UnitSystem units, double mm2) {
        assertThat(AreaReader.read(text, units))
                .isInstanceOfSatisfying(
                        AreaReading.Good.class, a -> assertThat(a.areaMm2()).isCloseTo(mm2, within(1e-3)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"-3", "twelve", "12 m", "1e9", "99999999999 m2", "3 x 4"})
    void whatIsNoAreaIsSaidWithAnExample(String text) {
        assertThat(AreaReader.read(text, UnitSystem.MM))
                .isInstanceOfSatisfying(
                        AreaReading.Bad.class, bad -> assertThat(bad.sentence()).contains(text));
    }

    @Test
    void aModuleSaysWhatNeedsNoCut() {
        var module = new BoardModule(Length.ofMm(1200));
        assertThat(module.words(Length.ofMm(3600), UnitSystem.MM)).isEqualTo("3 \u00d7 1200 mm");
        assertThat(module.words(Length.ofMm(4050), UnitSystem.MM))
                .isEqualTo("3 \u00d7 1200 mm and 450 mm; nearest 3600 or 4800 mm");
        assertThat(module.words(Length.ofMm(700), UnitSystem.MM))
                .isEqualTo("0 \u00d7 1200 mm and 700 mm; nearest 1200 mm");
        assertThat(module.words(Length.ofMm(3599.8), UnitSystem.MM)).isEqualTo("3 \u00d7 1200 mm");
    }
}
