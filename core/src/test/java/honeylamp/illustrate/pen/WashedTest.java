package honeylamp.illustrate.pen;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.plan.Oklch;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Surfaces as water colour fills them. */
class WashedTest {
    private static final Figure TABLE = Figure.ring(new Box(0, 0, 30, 20).ring());
    private static final Ink TIMBER = Ink.of(0xc89a6c);
    private static final Ink PAPER = Ink.of(0xfdfaf2);

    private static double lightness(Ink ink) {
        return Oklch.ofRgb(ink.rgb()).lightness();
    }

    @Test
    void theMiddleIsPalerAndTheEdgeDarkerWithinTheSurfaceAlone() {
        var washed = Washed.of(List.of(new Mark.Fill(TABLE, TIMBER)), PAPER);
        assertThat(washed).hasSize(1);
        var clip = (Mark.Clip) washed.getFirst();
        assertThat(clip.path()).as("nothing leaves the surface").isEqualTo(TABLE);
        assertThat(clip.inside()).hasSize(3);
        assertThat(lightness(((Mark.Fill) clip.inside().getFirst()).ink())).isGreaterThan(lightness(TIMBER));
        assertThat(clip.inside().subList(1, 3)).allSatisfy(rim -> {
            assertThat(lightness(((Mark.Stroke) rim).ink())).isLessThan(lightness(TIMBER));
            assertThat(((Mark.Stroke) rim).ink().opacity()).isLessThan(0.5);
        });
    }

    @Test
    void linesSmallThingsAndWhatIsSeenThroughStayAsTheyAre() {
        var line = new Mark.Stroke(TABLE, Pen.butt(0.2), TIMBER);
        var small = new Mark.Fill(Figure.ring(new Box(0, 0, 1, 9).ring()), TIMBER);
        var glass = new Mark.Fill(TABLE, TIMBER.at(0.5));
        assertThat(Washed.of(List.of(line, small, glass), PAPER)).containsExactly(line, small, glass);
    }

    @Test
    void whatIsClippedIsWashedWithinItsClip() {
        var within = new Mark.Clip(TABLE, List.of(new Mark.Fill(TABLE, TIMBER)));
        var washed = (Mark.Clip) Washed.of(List.of(within), PAPER).getFirst();
        assertThat(washed.path()).isEqualTo(TABLE);
        assertThat(washed.inside().getFirst()).isInstanceOf(Mark.Clip.class);
    }
}
