package honeylamp.survey;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.survey.MeterLine.Alive;
import honeylamp.survey.MeterLine.Nonsense;
import honeylamp.survey.MeterLine.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeterLineTest {
    @Test
    void readingsAreTextForTheMeasureLine() {
        assertThat(MeterLine.parse("distance 3.412 m")).isEqualTo(new Reading("3.412 m", false));
        assertThat(MeterLine.parse(" distance 134 in enter\r")).isEqualTo(new Reading("134 in", true));
        assertThat(MeterLine.parse("alive")).isEqualTo(new Alive());
        assertThat(MeterLine.parse("")).isEqualTo(new Alive());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "3.412 m",
                "distance m",
                "distance -3 m",
                "distance 1e9 m",
                "distance 3 miles",
                "distance 99999999 m",
                "distance 3 m enter enter",
                "distance 3 m; distance 4 m"
            })
    void anythingElseIsNonsense(String line) {
        assertThat(MeterLine.parse(line)).isInstanceOf(Nonsense.class);
    }
}
