package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.sheet.ComposedPage;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Contrasts of words with what lies under them, by hand. */
class LegibilityTest {
    private static Mark fill(int rgb, double x0, double x1) {
        return new Mark.Fill(Figure.ring(new Box(x0, 0, x1, 60).ring()), Ink.of(rgb));
    }

    private static Mark.Text text(int rgb, double turnDeg) {
        return new Mark.Text(
                "HHHH", new Point(50, 30), 4, Typeface.REGULAR, 0, Mark.Align.MIDDLE, turnDeg, Ink.of(rgb));
    }

    private static Legibility.Word word(Mark text, Mark... under) {
        var page = new ComposedPage(
                100,
                60,
                PaperFrame.atOrigin(50),
                "",
                "",
                new Drawing(
                        List.of(Layer.of(LayerKind.FLOOR, List.of(under)), Layer.of(LayerKind.LABELS, List.of(text)))));
        return Legibility.of(page).getFirst();
    }

    /** Black on white is 21; on the grey 0x777777, of luminance 0.1845, 0.2345 / 0.05 = 4.69. */
    @Test
    void blackOnWhiteAndOnGrey() {
        assertThat(word(text(0, 0), fill(0xFFFFFF, 0, 100)).contrast()).isCloseTo(21, within(0.01));
        assertThat(word(text(0, 0), fill(0x777777, 0, 100)).contrast()).isCloseTo(4.69, within(0.02));
        assertThat(word(text(0, -90), fill(0x777777, 0, 100)).contrast()).isCloseTo(4.69, within(0.02));
        assertThat(word(text(0, 0), fill(0xFFFFFF, 0, 100)).spread()).isZero();
    }

    /** Half of the word lies over grey: that half decides, and what lies under it is uneven. */
    @Test
    void theWorsePartDecides() {
        var word = word(text(0, 0), fill(0xFFFFFF, 0, 50), fill(0x777777, 50, 100));
        assertThat(word.contrast()).isCloseTo(4.69, within(0.02));
        assertThat(word.spread()).isCloseTo(1 - 0.1845, within(0.002));
        assertThat(word.at().x()).isCloseTo(50, within(1e-6));
    }

    /** What lies beneath a halo does not matter: grey letters in white on black. */
    @Test
    void aHaloIsWhatItsLettersAreReadAgainst() {
        var haloed = new Mark.Haloed(text(0x777777, 0), 0.4, Ink.of(0xFFFFFF));
        assertThat(word(haloed, fill(0, 0, 100)).contrast()).isCloseTo(1.05 / 0.2345, within(0.02));
    }
}
