package honeylamp.illustrate.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.FittingKind;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** One family of symbols: each different, none larger than a fingernail, none finer than can be printed. */
class FittingArtTest {
    private static List<Mark> symbol(FittingKind kind, double scale) {
        return FittingArt.sample(kind, Point.ORIGIN, Pens.of(Looks.INK, scale), 5);
    }

    private static Box bounds(List<Mark> marks) {
        return marks.stream()
                .map(m -> switch (m) {
                    case Mark.Fill fill -> fill.path().bounds();
                    case Mark.Stroke stroke -> stroke.path().bounds();
                    default -> throw new AssertionError("a symbol has no " + m);
                })
                .reduce(Box::union)
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void aSymbolIsOfOneSizeAtAllScales(FittingKind kind) {
        var box = bounds(symbol(kind, 50));
        assertThat(Math.max(box.width(), box.height())).isBetween(1.7, 5.4);
        assertThat(box.grown(2.5).contains(Point.ORIGIN)).isTrue();
        assertThat(bounds(symbol(kind, 100))).isEqualTo(box);
    }

    @Test
    void noTwoAreAlike() {
        var seen = new HashSet<List<Mark>>();
        for (var kind : FittingKind.values()) {
            assertThat(seen.add(symbol(kind, 50))).as(kind.label()).isTrue();
        }
    }
}
