package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;

class SoftFillsTest {
    private static final Affine TO_PIXELS = new Affine(10, 0, 0, 10, 0, 0);
    private static final Ink SHADE = new Ink(0xff404048, 0.1);

    private static Figure box(double x0, double y0, double x1, double y1) {
        return Figure.ring(new Box(x0, y0, x1, y1).ring());
    }

    private static BufferedImage ground() {
        var image = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(new Color(220, 200, 160));
        g.fillRect(0, 0, 100, 100);
        g.dispose();
        return image;
    }

    /** Three fills of a tenth each let 0.9³ = 0.729 through: 220 → 64 + (220 − 64) × 0.729 = 177.7. */
    @Test
    void fillsOverEachOtherAreLaidOnTogether() {
        var marks = List.<Mark>of(
                new Mark.Fill(box(0, 0, 6, 10), SHADE),
                new Mark.Fill(box(0, 0, 5, 10), SHADE),
                new Mark.Fill(box(0, 0, 4, 10), SHADE));
        var image = ground();
        SoftFills.of(new Mark.Clip(box(0, 0, 10, 5), marks)).orElseThrow().paint(image, TO_PIXELS);
        assertThat(red(image, 20, 20)).isCloseTo(178, within(2));
        assertThat(red(image, 45, 20)).isCloseTo((int) Math.round(64 + 156 * 0.81), within(2));
        assertThat(red(image, 55, 20)).isCloseTo((int) Math.round(64 + 156 * 0.9), within(2));
        assertThat(red(image, 65, 20)).isEqualTo(220);
        assertThat(red(image, 20, 60)).isEqualTo(220); // outside the clip
    }

    /** Half a pixel of clip takes half of the shade. */
    @Test
    void theEdgeOfTheClipIsSmooth() {
        var marks = List.<Mark>of(new Mark.Fill(box(0, 0, 10, 10), SHADE), new Mark.Fill(box(0, 0, 10, 10), SHADE));
        var image = ground();
        SoftFills.of(new Mark.Clip(box(0, 0, 10, 5.05), marks)).orElseThrow().paint(image, TO_PIXELS);
        var full = 220 - red(image, 50, 30);
        assertThat(220 - red(image, 50, 50)).isCloseTo(full / 2, within(2));
    }

    @Test
    void onlyFillsOfOneColourAreTakenTogether() {
        var one = new Mark.Fill(box(0, 0, 1, 1), SHADE);
        var other = new Mark.Fill(box(0, 0, 1, 1), new Ink(0xffff0000, 0.1));
        var clip = box(0, 0, 2, 2);
        assertThat(SoftFills.of(new Mark.Clip(clip, List.of(one, one)))).isPresent();
        assertThat(SoftFills.of(new Mark.Clip(clip, List.of(one)))).isEmpty();
        assertThat(SoftFills.of(new Mark.Clip(clip, List.of(one, other)))).isEmpty();
        assertThat(SoftFills.of(new Mark.Clip(clip, List.of(one, new Mark.Clip(clip, List.of(one))))))
                .isEmpty();
    }

    @Test
    void whatLiesOffTheImageChangesNothing() {
        var marks = List.<Mark>of(new Mark.Fill(box(0, 0, 60, 60), SHADE), new Mark.Fill(box(0, 0, 60, 60), SHADE));
        var image = ground();
        SoftFills.of(new Mark.Clip(box(20, 20, 50, 50), marks)).orElseThrow().paint(image, TO_PIXELS);
        assertThat(red(image, 99, 99)).isEqualTo(220);
        SoftFills.of(new Mark.Clip(box(9, 9, 50, 50), marks)).orElseThrow().paint(image, TO_PIXELS);
        assertThat(red(image, 99, 99)).isLessThan(220);
    }

    private static int red(BufferedImage image, int x, int y) {
        return image.getRGB(x, y) >> 16 & 0xff;
    }
}
