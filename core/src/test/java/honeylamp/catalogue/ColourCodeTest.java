package honeylamp.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.plan.Oklch;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ColourCodeTest {
    @Test
    void everyCodeComesBackAsItWasWritten() {
        var random = new Random(7);
        for (var n = 0; n < 2000; n++) {
            var code = String.format("#%06X", random.nextInt(0x1000000));
            assertThat(ColourCode.of(ColourCode.read(code).orElseThrow())).isEqualTo(code);
        }
    }

    /** Values of the paper that defines the space: white is lightness 1, red 0.628 with chroma 0.258 at 29 degrees. */
    @Test
    void coloursAreWhereThePaperPutsThem() {
        assertThat(ColourCode.read("#FFFFFF").orElseThrow().lightness()).isCloseTo(1, within(1e-3));
        var red = ColourCode.read("f00").orElseThrow();
        assertThat(red.lightness()).isCloseTo(0.628, within(1e-3));
        assertThat(red.chroma()).isCloseTo(0.258, within(1e-3));
        assertThat(red.hueDeg()).isCloseTo(29.2, within(0.1));
        assertThat(new Oklch(0, 0, 0).argb()).isEqualTo(0xff000000);
    }

    @Test
    void whatIsNoCodeIsNone() {
        assertThat(ColourCode.read("green")).isEmpty();
        assertThat(ColourCode.read("#12345")).isEmpty();
        assertThat(ColourCode.read(" 7c9a82 ")).isPresent();
    }
}
