package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.plan.Pattern.Repeat;
import honeylamp.plan.Pattern.Repeat.Cell;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RepeatEditsTest {
    @Test
    void aRectangleOfModulesBecomesOnePieceAndFallsApartAgain() {
        var drawn = RepeatEdits.joined(RepeatEdits.first(), 2, 1, 1, 0).orThrow();
        assertThat(drawn.cells()).contains(new Cell(1, 0, 2, 2)).hasSize(16 - 4 + 1);
        var over = RepeatEdits.joined(drawn, 2, 0, 3, 0).orThrow();
        assertThat(over.cells())
                .contains(new Cell(2, 0, 2, 1))
                .doesNotContain(new Cell(1, 0, 2, 2))
                .hasSize(15);
        assertThat(RepeatEdits.joined(drawn, 1, 0, 2, 1).orThrow().cells()).hasSize(16);
        assertThat(RepeatEdits.joined(drawn, 0, 0, 4, 0)).isInstanceOf(Outcome.Refused.class);
    }

    @Test
    void aRepeatIsMadeLargerSmallerAndShifted() {
        var drawn = RepeatEdits.joined(RepeatEdits.first(), 2, 2, 3, 3).orThrow();
        assertThat(RepeatEdits.sized(drawn, 5, 6).orThrow().cells())
                .contains(new Cell(2, 2, 2, 2))
                .hasSize(30 - 3);
        assertThat(RepeatEdits.sized(drawn, 3, 3).orThrow().cells()).hasSize(9);
        assertThat(RepeatEdits.sized(drawn, 0, 3)).isInstanceOf(Outcome.Refused.class);
        assertThat(RepeatEdits.sized(drawn, 13, 3)).isInstanceOf(Outcome.Refused.class);
        assertThat(RepeatEdits.shifted(drawn, 2).orThrow().shift()).isEqualTo(2);
        assertThat(RepeatEdits.shifted(drawn, 5)).isInstanceOf(Outcome.Refused.class);
    }

    /** A piece over the right and the upper edge goes on at the left and below; drawn again it falls apart. */
    @Test
    void aPieceReachesOverTheEdgesOfTheRepeat() {
        var drawn = RepeatEdits.joined(RepeatEdits.first(), 3, 3, 4, 4).orThrow();
        assertThat(drawn.cells()).contains(new Cell(3, 3, 2, 2)).hasSize(16 - 4 + 1);
        assertThat(drawn.cells()).doesNotContain(new Cell(0, 0, 1, 1), new Cell(0, 3, 1, 1), new Cell(3, 0, 1, 1));
        // the same piece, as one sees it at the lower left corner
        assertThat(RepeatEdits.joined(drawn, -1, -1, 0, 0).orThrow().cells()).hasSize(16);
        // with rows shifted by one, what lies above module 0 is module 3 of the next row
        var shifted = RepeatEdits.shifted(RepeatEdits.first(), 1).orThrow();
        var over = RepeatEdits.joined(shifted, 0, 3, 0, 4).orThrow();
        assertThat(over.cells())
                .contains(new Cell(0, 3, 1, 2))
                .doesNotContain(new Cell(3, 0, 1, 1), new Cell(0, 3, 1, 1));
        // shifted back, the piece lies over nothing else still
        assertThat(RepeatEdits.shifted(over, 0).orThrow().cells())
                .contains(new Cell(0, 3, 1, 2))
                .hasSize(15);
    }

    /** Whatever is drawn fills the repeat once; the record itself refuses gaps and overlaps. */
    @Test
    void whateverIsDrawnFillsTheRepeatOnce() {
        var random = new Random(4);
        var repeat = RepeatEdits.first();
        for (var i = 0; i < 400; i++) {
            repeat = step(repeat, random);
            assertThat(repeat.cells().stream()
                            .mapToInt(c -> c.width() * c.height())
                            .sum())
                    .isEqualTo(repeat.across() * repeat.up());
        }
    }

    private static Repeat step(Repeat repeat, Random random) {
        return switch (random.nextInt(5)) {
            case 0 ->
                RepeatEdits.sized(repeat, 1 + random.nextInt(8), 1 + random.nextInt(8))
                        .orThrow();
            case 1 ->
                RepeatEdits.shifted(repeat, random.nextInt(repeat.across() + 1)).orThrow();
            default ->
                RepeatEdits.joined(
                                repeat,
                                random.nextInt(2 * repeat.across()),
                                random.nextInt(2 * repeat.up()),
                                random.nextInt(2 * repeat.across()),
                                random.nextInt(2 * repeat.up()))
                        .result()
                        .orElse(repeat);
        };
    }
}
