package honeylamp.underlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.plan.Oklch;
import honeylamp.units.Length;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.function.IntBinaryOperator;
import org.junit.jupiter.api.Test;

class FaceTonesTest {
    private static TracedPicture picture(int width, int height, IntBinaryOperator rgb) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                image.setRGB(x, y, rgb.applyAsInt(x, y));
            }
        }
        return TracedPicture.of(image);
    }

    @Test
    void aPictureIsTakenApartIntoCellsOfItsOwnTonesAndKeepsItsProportions() {
        var clay = new Color(0xb0, 0x60, 0x40).getRGB();
        var chalk = new Color(0xee, 0xea, 0xe0).getRGB();
        var face = FaceTones.of(
                picture(640, 320, (x, y) -> (x / 80 + y / 80) % 2 == 0 ? clay : chalk), "Chequer", Length.ofMm(800));
        assertThat(face.columns()).isEqualTo(128);
        assertThat(face.rows()).isEqualTo(64);
        assertThat(face.height().mm()).isCloseTo(400, within(1e-6));
        assertThat(face.stretched()).isZero();
        // the middle of the third square from the left, second row of squares: 3 + 1 is even
        var inClay = face.tones().get(face.tone(24, 56));
        assertThat(inClay.lightness()).isCloseTo(Oklch.ofRgb(clay & 0xffffff).lightness(), within(0.01));
        assertThat(inClay.hueDeg()).isCloseTo(Oklch.ofRgb(clay & 0xffffff).hueDeg(), within(2.0));
        var between = (Oklch.ofRgb(clay & 0xffffff).lightness()
                        + Oklch.ofRgb(chalk & 0xffffff).lightness())
                / 2;
        assertThat(face.mean().lightness()).isCloseTo(between, within(0.02));
    }

    /** From dark at the left to light at the right: laid beside itself it would show a hard line. */
    @Test
    void bothEndsOfARowPassIntoEachOther() {
        var face = FaceTones.of(
                picture(512, 256, (x, _) -> {
                    var level = 60 + x * 150 / 512;
                    return level << 16 | level << 8 | level;
                }),
                "Slope",
                Length.ofMm(500));
        for (var row = 0; row < face.rows(); row++) {
            var left = face.tones().get(face.tone(row, 0)).lightness();
            var right = face.tones().get(face.tone(row, face.columns() - 1)).lightness();
            assertThat(left).isCloseTo(right, within(0.02));
        }
        assertThat(face.tones().get(face.tone(5, 100)).lightness())
                .isGreaterThan(face.tones().get(face.tone(5, 28)).lightness() + 0.1);
    }

    @Test
    void theSamePictureGivesTheSameCells() {
        IntBinaryOperator noisy = (x, y) -> (x * 7919 + y * 104_729) * 31 & 0xffffff;
        assertThat(FaceTones.of(picture(300, 200, noisy), "Noise", Length.ofMm(300)))
                .isEqualTo(FaceTones.of(picture(300, 200, noisy), "Noise", Length.ofMm(300)));
    }
}
