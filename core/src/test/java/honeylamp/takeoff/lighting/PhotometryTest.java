package honeylamp.takeoff.lighting;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.edit.Outcome;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Photometric files of a light that shines as a matt disc does: I = 1000 cos, 3,142 lm. */
class PhotometryTest {
    private static final String HEAD = """
            IESNA:LM-63-2002
            [TEST] 17
            [MANUFAC] Gannet Lamps
            [LUMCAT] Gannet 40
            TILT=NONE
            """;

    private static String file(int around) {
        var up = 19;
        var angles =
                IntStream.range(0, up).mapToObj(i -> Integer.toString(5 * i)).collect(Collectors.joining(" "));
        var planes = IntStream.range(0, around)
                .mapToObj(i -> Integer.toString(90 * i))
                .collect(Collectors.joining(" "));
        var row = IntStream.range(0, up)
                .mapToObj(i -> String.format(Locale.ROOT, "%.3f", 500 * Math.cos(Math.toRadians(5.0 * i))))
                .collect(Collectors.joining("\n"));
        return HEAD + "1 -1 2 " + up + " " + around + " 1 2 0.1 0.1 0\n1 1 24.5\n" + angles + "\n" + planes + "\n"
                + (row + "\n").repeat(around);
    }

    private static Photometry read(String text) {
        return Photometry.read(text).result().orElseThrow();
    }

    @Test
    void itsLightIsWhatItsCurveAddsUpTo() {
        var read = read(file(1));
        assertThat(read.name()).isEqualTo("Gannet 40");
        assertThat(read.light().lumen()).isCloseTo((int) Math.round(Math.PI * 1000), Percentage.withPercentage(1));
        assertThat(read.light().watt()).isEqualTo(24.5);
        assertThat(read.light().beamDeg())
                .as("half of the middle at 60 degrees")
                .isEqualTo(120);
        assertThat(read.light().curve()).hasSize(37);
        assertThat(read.light().curve().getFirst()).as("cd for 1,000 lm").isBetween(315, 322);
        assertThat(read.light().curve().get(12)).isBetween(157, 162);
        assertThat(read.light().curve().get(30)).isZero();
    }

    @Test
    void planesAreAveraged() {
        assertThat(read(file(4)).light()).isEqualTo(read(file(1)).light());
    }

    @ParameterizedTest
    @CsvSource({
        "IESNA, WRONG, line 1",
        "TILT=NONE, TILT=shed.tlt, line 5 tilts",
        "TILT=NONE, '', no line TILT",
        "1 1 24.5, 1 1 lamp, 'line 7 says \"lamp\"'",
        "1 1 24.5, 1 1 NaN, 'line 7 says \"NaN\"'",
        "1 1 24.5, 1 1 1e999, 'line 7 says \"1e999\"'",
        "19 1 1 2, 19 1 2 2, type B",
        "19 1 1 2, 900 1 1 2, 900 by 1 angles",
        "19 1 1 2, 23 1 1 2, ends after",
        "0 5 10, 0 5 5, do not rise",
        "'2 19', '-2 19', less light than none",
        "'2 19', '0 19', adds up to 0 lm"
    })
    void whatIsNoneIsRefusedWithTheReason(String text, String other, String reason) {
        var wrong = file(1).replace(text, other);
        assertThat(Photometry.read(wrong))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        no -> assertThat(no.sentence("No")).contains(reason));
    }

    @Test
    void hugeAndEmptyFilesAreRefused() {
        assertThat(Photometry.read("")).isInstanceOf(Outcome.Refused.class);
        assertThat(Photometry.read("IES\n" + "1 ".repeat(1_500_000))).isInstanceOf(Outcome.Refused.class);
        assertThat(Photometry.read(HEAD)).isInstanceOf(Outcome.Refused.class);
    }
}
