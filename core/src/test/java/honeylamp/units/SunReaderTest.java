package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Places, dates and times of day as people type them. */
class SunReaderTest {
    @ParameterizedTest
    @CsvSource({"50.4 N, 50.4", "33.87 s, -33.87", "-12, -12", "51°N, 51", "'48,5', 48.5", "90, 90", "0, 0"})
    void latitudesAreRead(String text, double deg) {
        assertThat(SunReader.latitude(text)).contains(deg);
    }

    @ParameterizedTest
    @CsvSource({"4.1 W, -4.1", "151.21, 151.21", "180 e, 180", "-0.13, -0.13"})
    void longitudesAreRead(String text, double deg) {
        assertThat(SunReader.longitude(text)).contains(deg);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "N", "91", "-90.5", "12 E", "12 13", "NaN", "1e9", "1234", "4.1W N"})
    void whatIsNoLatitudeIsNone(String text) {
        assertThat(SunReader.latitude(text)).isEmpty();
    }

    @Test
    void datesAreDaysThereAre() {
        assertThat(SunReader.date(" 2026-06-21 ")).contains(LocalDate.of(2026, 6, 21));
        assertThat(SunReader.date("2028-2-29")).contains(LocalDate.of(2028, 2, 29));
        assertThat(SunReader.date("2026-02-29")).isEmpty();
        assertThat(SunReader.date("2026-13-01")).isEmpty();
        assertThat(SunReader.date("21st of June")).isEmpty();
    }

    @Test
    void clocksAreTimesOfDay() {
        assertThat(SunReader.clock("9:05")).contains(LocalTime.of(9, 5));
        assertThat(SunReader.clock("15.30")).contains(LocalTime.of(15, 30));
        assertThat(SunReader.clock("24:00")).isEmpty();
        assertThat(SunReader.clock("12:60")).isEmpty();
        assertThat(SunReader.clock("noon")).isEmpty();
    }
}
