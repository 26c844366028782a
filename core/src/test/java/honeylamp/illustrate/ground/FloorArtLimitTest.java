package honeylamp.illustrate.ground;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Materials;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FloorArtLimitTest {
    /** Specks of 2 mm on 10 by 10 m are 25 million pieces: printed one to one they would fill all memory. */
    @Test
    void aFloorOfFarTooManyPiecesIsShownInTheirMeanTone() {
        var specks = Finish.of("tile-white").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 2, 2, 0)));
        var box = new Box(0, 0, 10_000, 10_000);
        var art = new FloorArt(PaperFrame.atOrigin(1), Pens.usual(1), 1);
        var mark = art.floor(
                Figure.ring(box.ring()), box, Materials.of("tile-white").orElseThrow(), specks, 1);
        assertThat(((Mark.Clip) mark).inside()).hasSize(1);
        var few = Finish.of("tile-white").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 200, 200, 0)));
        var drawn = art.floor(
                Figure.ring(box.ring()), box, Materials.of("tile-white").orElseThrow(), few, 1);
        assertThat(((Mark.Clip) drawn).inside()).hasSizeGreaterThan(2);
    }

    /** Veins of marble cover more the stronger they are asked for, and nothing at none. */
    @Test
    void grainAndVeinsShowAsStronglyAsTheyAreAskedFor() {
        assertThat(strongest(0)).isZero();
        assertThat(strongest(2)).isGreaterThan(strongest(1)).isLessThanOrEqualTo(1);
    }

    /** How much the strongest vein of marble covers. */
    private static double strongest(double figure) {
        var marble = Materials.of("marble-white").orElseThrow();
        var finish =
                Finish.of("marble-white").withLaying(Optional.of(marble.laying().withFigure(figure)));
        var box = new Box(0, 0, 3000, 3000);
        var art = new FloorArt(PaperFrame.atOrigin(20), Pens.usual(20), 1);
        return ((Mark.Clip) art.floor(Figure.ring(box.ring()), box, marble, finish, 1))
                .inside().stream()
                        .filter(Mark.Stroke.class::isInstance)
                        .mapToDouble(m -> ((Mark.Stroke) m).ink().opacity())
                        .max()
                        .orElseThrow();
    }
}
