package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.plan.Tiers.Ends;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What ends the lines of dimensions: a row with gaps of 20 mm and of 4 mm on paper. */
class DimensionEndsTest {
    private static List<Mark> row(Ends ends) {
        var out = new ArrayList<Mark>();
        var from = List.of(new Point(0, 0), new Point(20, 0), new Point(24, 0));
        var stops = List.of(new Point(0, 10), new Point(20, 10), new Point(24, 10));
        new DimensionArt(PaperFrame.atOrigin(50), Pens.usual(50), ends).row(out, from, stops, List.of("1000", "200"));
        return out;
    }

    private static List<Mark.Fill> fills(Ends ends) {
        return row(ends).stream()
                .filter(Mark.Fill.class::isInstance)
                .map(Mark.Fill.class::cast)
                .toList();
    }

    @Test
    void ticksAreStrokes() {
        assertThat(fills(Ends.TICKS)).isEmpty();
        assertThat(row(Ends.TICKS).stream().filter(Mark.Stroke.class::isInstance))
                .hasSize(2);
    }

    /** Between stops 20 apart an arrow at each, its tip at the stop; 4 is too narrow for two heads: dots. */
    @Test
    void arrowsPointToTheirStopsWhereTheyHaveRoom() {
        var fill = fills(Ends.ARROWS);
        assertThat(fill).hasSize(1);
        var box = fill.getFirst().path().bounds();
        assertThat(box.minX()).isCloseTo(0, within(1e-9)); // the tip of the first, nothing beyond it
        assertThat(box.maxX()).isGreaterThan(24); // a dot has its middle there
        assertThat(box.height()).isLessThan(1.2);
    }

    @Test
    void dotsLieOnTheirStops() {
        var box = fills(Ends.DOTS).getFirst().path().bounds();
        assertThat(box.minX()).isCloseTo(24 - box.maxX(), within(1e-6));
        assertThat(box.centre().y()).isCloseTo(10, within(1e-6));
    }
}
