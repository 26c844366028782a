package honeylamp.illustrate.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Grey;
import honeylamp.geometry.Box;
import honeylamp.plan.DrawingPaper;
import honeylamp.plan.DrawingPaper.Kind;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The surface of papers. */
class ToothTest {
    private static final Box PAGE = new Box(0, 0, 297, 210);

    private static Grey grey(Kind kind, double tooth) {
        return ((Mark.Picture) Tooth.of(new DrawingPaper(kind, tooth, 0), PAGE).orElseThrow()).grey();
    }

    private static double mean(Grey grey) {
        return IntStream.range(0, grey.width() * grey.height())
                .map(i -> grey.level(i % grey.width(), i / grey.width()))
                .average()
                .orElseThrow();
    }

    @Test
    void smoothPaperHasNone() {
        assertThat(Tooth.of(DrawingPaper.BARE, PAGE)).isEmpty();
    }

    /** A tooth that takes more than a few hundredths of the light would fight the words. */
    @ParameterizedTest
    @EnumSource(Kind.class)
    void itTakesLittleAndTwiceAsMuchWhereItIsTwiceAsStrong(Kind kind) {
        var full = 255 - mean(grey(kind, 1));
        var half = 255 - mean(grey(kind, 0.5));
        assertThat(full).isBetween(2.0, 10.0);
        assertThat(half).isCloseTo(full / 2, within(0.3));
        var strong = grey(kind, 1);
        assertThat(IntStream.range(0, strong.width()).map(x -> strong.level(x, 40)))
                .allMatch(level -> level >= 255 * (1 - 0.056))
                .contains(255);
    }

    /** No seam: where the surface begins anew its steps are no larger than elsewhere. */
    @ParameterizedTest
    @EnumSource(Kind.class)
    void itRepeatsWithoutASeam(Kind kind) {
        var grey = grey(kind, 1);
        var seam = 96 * 4;
        assertThat(grey.level(seam, 17)).isEqualTo(grey.level(0, 17));
        var steps = IntStream.range(0, grey.height())
                .map(y -> Math.abs(grey.level(seam, y) - grey.level(seam - 1, y)))
                .average()
                .orElseThrow();
        var usual = IntStream.range(0, grey.height())
                .map(y -> Math.abs(grey.level(200, y) - grey.level(199, y)))
                .average()
                .orElseThrow();
        assertThat(steps).isLessThan(2.5 * usual + 0.5);
    }

    @Test
    void papersDifferAndEachIsTheSameEveryTime() {
        assertThat(grey(Kind.LAID, 1)).isNotEqualTo(grey(Kind.ROUGH, 1));
        assertThat(grey(Kind.LAID, 1)).isEqualTo(grey(Kind.LAID, 1));
    }
}
