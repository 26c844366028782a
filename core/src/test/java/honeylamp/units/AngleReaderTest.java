package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AngleReaderTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"90|90", "22.5|22.5", "22,5|22.5", "-45\u00b0|-45", " 7 \u00b0 |7", "360|360"})
    void degreesReadAsTyped(String text, double deg) {
        assertThat(AngleReader.read(text)).isEqualTo(new AngleReading.Good(deg));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "north", "9 0", "NaN", "Infinity", "361", "-1e9"})
    void nonsenseIsRefused(String text) {
        assertThat(AngleReader.read(text)).isInstanceOf(AngleReading.Bad.class);
    }

    @Test
    void theRefusalSaysWhatWasTypedAndWhatToType() {
        assertThat(AngleReader.read("north"))
                .isEqualTo(new AngleReading.Bad("\"north\" is no angle; type degrees, for example 90 or 22.5."));
    }
}
