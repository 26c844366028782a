package honeylamp.illustrate.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Look;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** In pencil what is cut is strokes over a tone, in other looks one tone. */
class PencilledWallsTest {
    private static List<Mark.Clip> strokes(Look look, Lamp lamp, PaperFrame frame) {
        var storey = TestPlans.laid(TestPlans.clearRectangle(5000, 4000));
        return new WallArt(frame, Pens.of(look, 50))
                .marks(storey, lamp, Optional.empty()).stream()
                        .filter(Mark.Clip.class::isInstance)
                        .map(Mark.Clip.class::cast)
                        .filter(clip -> clip.inside().getFirst() instanceof Mark.Stroke)
                        .toList();
    }

    private static Box lines(PaperFrame frame) {
        return ((Mark.Stroke) strokes(Looks.PENCIL, Lamp.LIT, frame)
                        .getFirst()
                        .inside()
                        .getFirst())
                .path()
                .bounds();
    }

    @Test
    void onlyAPencilStrokesItsWallsAndNoDraftDoes() {
        var frame = PaperFrame.atOrigin(50);
        assertThat(strokes(Looks.PENCIL, Lamp.LIT, frame)).hasSize(1);
        assertThat(strokes(Looks.PENCIL, Lamp.COLOUR, frame)).hasSize(1);
        assertThat(strokes(Looks.PENCIL, Lamp.DRAFT, frame)).isEmpty();
        assertThat(strokes(Looks.DAYLIGHT, Lamp.LIT, frame)).isEmpty();
    }

    /** Wherever the plan lies on the page, the strokes lie on it alike. */
    @Test
    void strokesHangOnThePlan() {
        var here = lines(PaperFrame.atOrigin(50));
        var there = lines(new PaperFrame(50, 37.3, 81.9));
        assertThat(there.minX() - 37.3).isCloseTo(here.minX(), within(1e-9));
        assertThat(there.maxY() - 81.9).isCloseTo(here.maxY(), within(1e-9));
    }
}
