package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lengths in two units, and as they are set on a drawing. */
class ShownInTest {
    @Test
    void aSecondUnitStandsInBrackets() {
        var metres = new ShownIn(Rounding.finest(UnitSystem.M), Optional.of(Rounding.finest(UnitSystem.FEET_INCHES)));
        // 3,650 mm are 143.70 in: 11' 11 11/16", 3,650.06 mm
        assertThat(metres.one(Length.ofMm(3650))).isEqualTo("3.650 (11' 11 11/16\")");
        var feet = new ShownIn(Rounding.finest(UnitSystem.FEET_INCHES), Optional.of(Rounding.finest(UnitSystem.CM)));
        assertThat(feet.one(Length.ofMm(3048))).isEqualTo("10' 0\" (304.8 cm)");
        assertThat(ShownIn.only(Rounding.finest(UnitSystem.MM)).one(Length.ofMm(12)))
                .isEqualTo("12");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "11' 11 3/4\"|11\u2032 11\u2009\u00b3\u2044\u2084\u2033",
                "3/16\"|\u00b3\u2044\u2081\u2086\u2033",
                "-2' 0\"|\u22122\u2032 0\u2033",
                "3650 (11' 0 1/2\")|3650 (11\u2032 0\u2009\u00b9\u2044\u2082\u2033)",
                "3650|3650"
            })
    void feetAndInchesAreSetWithPrimesAndBuiltFractions(String shown, String built) {
        assertThat(LengthText.built(shown)).isEqualTo(built);
    }
}
