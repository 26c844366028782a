package honeylamp.underlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Placing;
import honeylamp.plan.Position;
import honeylamp.plan.Squaring;
import honeylamp.plan.Treatment;
import honeylamp.plan.Treatment.Tint;
import honeylamp.plan.Treatment.Tone;
import honeylamp.plan.Underlay;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("The heap is that of the whole JVM")
class UnderlayPainterTest {
    private static final int SIZE = 200;

    /** A picture whose colour says where one is: red by column, green by row. */
    private static BufferedImage ramp() {
        var image = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_RGB);
        for (var y = 0; y < SIZE; y++) {
            for (var x = 0; x < SIZE; x++) {
                image.setRGB(x, y, x << 16 | y << 8 | 128);
            }
        }
        return image;
    }

    private static Underlay underlay(Treatment treatment) {
        return Underlay.of(
                        new UnderlayId(1),
                        new Underlay.Picture("a".repeat(64), "ramp", SIZE, SIZE),
                        Placing.of(Position.ofMm(0, 2000), 10, 0))
                .withTreatment(treatment);
    }

    private static final Treatment FULL = Treatment.FIRST.withFade(0);

    /** 10 mm of the plan is a pixel of the picture and a pixel of the screen. */
    private static BufferedImage painted(Underlay underlay, BufferedImage picture) {
        var image = new BufferedImage(SIZE + 40, SIZE + 40, BufferedImage.TYPE_INT_ARGB_PRE);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.dispose();
        UnderlayPainter.paint(underlay, TracedPicture.of(picture), image, new Affine(0.1, 0, 0, -0.1, 20, 220));
        return image;
    }

    private static Color at(BufferedImage image, int x, int y) {
        return new Color(image.getRGB(20 + x, 20 + y));
    }

    @Test
    void everyPixelLiesWhereItBelongs() {
        var image = painted(underlay(FULL), ramp());
        for (var p : new int[][] {{0, 0}, {199, 199}, {40, 150}, {120, 7}}) {
            assertThat(at(image, p[0], p[1])).isEqualTo(new Color(p[0], p[1], 128));
        }
        assertThat(at(image, -2, 50)).isEqualTo(Color.WHITE);
        assertThat(at(image, 201, 50)).isEqualTo(Color.WHITE);
    }

    @Test
    void aCropShowsNoMore() {
        var image = painted(underlay(FULL).withCrop(Optional.of(new Box(50, 60, 120, 130))), ramp());
        assertThat(at(image, 60, 70)).isEqualTo(new Color(60, 70, 128));
        assertThat(at(image, 45, 70)).isEqualTo(Color.WHITE);
        assertThat(at(image, 60, 140)).isEqualTo(Color.WHITE);
    }

    /** Each screen pixel of a squared picture shows the raw pixel its slant says, computed here point by point. */
    @Test
    void aSlantIsSquaredUpPixelByPixel() {
        var squaring = new Squaring(
                List.of(new Point(30, 40), new Point(170, 20), new Point(190, 180), new Point(10, 160)), 150, 140);
        var image = painted(underlay(FULL).withSquaring(Optional.of(squaring)), ramp());
        var back = squaring.projective().inverse();
        for (var p : new int[][] {{40, 50}, {100, 100}, {170, 160}}) {
            var raw = back.apply(new Point(p[0] + 0.5, p[1] + 0.5));
            var seen = at(image, p[0], p[1]);
            assertThat((double) seen.getRed()).isCloseTo(raw.x() - 0.5, within(1.5));
            assertThat((double) seen.getGreen()).isCloseTo(raw.y() - 0.5, within(1.5));
        }
    }

    private static BufferedImage flat(int grey) {
        var image = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(new Color(grey, grey, grey));
        g.fillRect(0, 0, SIZE, SIZE);
        g.dispose();
        return image;
    }

    @Test
    void toneMakesItDarkerLighterAndInverted() {
        assertThat(at(painted(underlay(FULL), flat(100)), 50, 50).getRed()).isEqualTo(100);
        var brighter = underlay(FULL.withTone(Tone.PLAIN.withBrightness(0.4)));
        assertThat(at(painted(brighter, flat(100)), 50, 50).getRed()).isGreaterThan(140);
        var contrast = underlay(FULL.withTone(Tone.PLAIN.withContrast(0.5)));
        assertThat(at(painted(contrast, flat(150)), 50, 50).getRed()).isLessThan(80);
        assertThat(at(painted(contrast, flat(240)), 50, 50).getRed()).isGreaterThan(245);
        var inverted = underlay(FULL.withTone(Tone.PLAIN.withSense(Tone.Sense.INVERTED)));
        assertThat(at(painted(inverted, flat(30)), 50, 50).getRed()).isEqualTo(225);
        assertThat(at(painted(underlay(FULL.withFade(0.5)), flat(55)), 50, 50).getRed())
                .isBetween(154, 156);
        var tinted = at(painted(underlay(FULL.withTint(Tint.SAGE)), flat(0)), 50, 50);
        assertThat(tinted.getGreen()).isGreaterThan(tinted.getRed());
    }

    /** Paper that falls from 240 to 130 across the picture, with a pencil line 45 % darker than it. */
    @Test
    void unevenPaperComesOutCleanAndTheLineStays() {
        var image = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
        for (var y = 0; y < 600; y++) {
            for (var x = 0; x < 900; x++) {
                var paper = 240 - 110 * x / 900;
                var v = Math.abs(y - 300) < 2 ? (int) (paper * 0.55) : paper;
                image.setRGB(x, y, v * 0x010101);
            }
        }
        var underlay = Underlay.of(
                        new UnderlayId(1),
                        new Underlay.Picture("a".repeat(64), "sheet", 900, 600),
                        Placing.of(Position.ofMm(0, 600), 1, 0))
                .withTreatment(FULL.withTone(Tone.PLAIN.withPaper(1)));
        var out = new BufferedImage(900, 600, BufferedImage.TYPE_INT_ARGB_PRE);
        UnderlayPainter.paint(underlay, TracedPicture.of(image), out, new Affine(1, 0, 0, -1, 0, 600));
        for (var x : new int[] {30, 450, 870}) {
            assertThat(new Color(out.getRGB(x, 100)).getRed())
                    .as("paper at %d", x)
                    .isGreaterThan(238);
            assertThat(new Color(out.getRGB(x, 300)).getRed())
                    .as("line at %d", x)
                    .isBetween(120, 150);
        }
    }

    @Test
    void smallerLevelsAreTheMeansOfLargerOnes() {
        var pyramid = Pyramid.of(ramp());
        assertThat(pyramid.levels()).extracting(Pyramid.Level::width).containsExactly(200, 100, 50);
        var half = new int[1];
        pyramid.levels().get(1).copy(20, 30, 1, 1, half);
        // of columns 40 and 41 and rows 60 and 61: 40.5 and 60.5, rounded up
        assertThat(half[0]).isEqualTo(41 << 16 | 61 << 8 | 128);
        var odd = Pyramid.of(new BufferedImage(201, 3, BufferedImage.TYPE_INT_RGB));
        assertThat(odd.levels().getFirst().height()).isEqualTo(3);
    }

    /** A large picture is kept outside the heap: 60 million pixels are 240 MB. */
    @Test
    void aLargePictureStaysOutOfTheHeap() {
        var runtime = Runtime.getRuntime();
        System.gc();
        var before = runtime.totalMemory() - runtime.freeMemory();
        var level = Pyramid.room(10_000, 6_000, 1);
        var row = new int[10_000];
        java.util.Arrays.fill(row, 0x336699);
        for (var y = 0; y < 6_000; y++) {
            level.put(y, row, 1);
        }
        var pyramid = Pyramid.above(level);
        System.gc();
        var after = runtime.totalMemory() - runtime.freeMemory();
        assertThat(after - before).isLessThan(60_000_000L); // the smaller levels are kept at hand
        var pixel = new int[1];
        pyramid.levels().get(3).copy(600, 400, 1, 1, pixel);
        assertThat(pixel[0]).isEqualTo(0x336699);
    }
}
