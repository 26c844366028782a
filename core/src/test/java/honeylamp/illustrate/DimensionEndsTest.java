package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.DimensionStyles;
import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.DimensionStyle.Ends;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Wall.BodySide;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What ends the lines of dimensions: a row with gaps of 20 mm and of 4 mm on paper. */
class DimensionEndsTest {
    private static Pens pens(DimensionStyle style) {
        var look = Looks.DAYLIGHT;
        return Pens.of(look.withDrafting(look.drafting().withDimensions(style)), 50);
    }

    private static List<Mark> row(Ends ends) {
        var out = new ArrayList<Mark>();
        var from = List.of(new Point(0, 0), new Point(20, 0), new Point(24, 0));
        var stops = List.of(new Point(0, 10), new Point(20, 10), new Point(24, 10));
        new DimensionArt(PaperFrame.atOrigin(50), pens(DimensionStyles.WORKING.withEnds(ends)))
                .row(out, from, stops, List.of("1000", "200"));
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
        assertThat(box.height()).isLessThan(1.4);
    }

    @Test
    void dotsLieOnTheirStops() {
        var box = fills(Ends.DOTS).getFirst().path().bounds();
        assertThat(box.minX()).isCloseTo(24 - box.maxX(), within(1e-6));
        assertThat(box.centre().y()).isCloseTo(10, within(1e-6));
    }

    /** Witness lines of a style that begins them 1.5 mm off and takes them 1 mm past the line. */
    @Test
    void witnessLinesBeginAndEndAsTheStyleSays() {
        var out = new ArrayList<Mark>();
        new DimensionArt(PaperFrame.atOrigin(50), pens(DimensionStyles.LISTING))
                .row(
                        out,
                        List.of(new Point(0, 0), new Point(20, 0)),
                        List.of(new Point(0, 10), new Point(20, 10)),
                        List.of("1"));
        var lines = out.stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(m -> ((Mark.Stroke) m).path().bounds())
                .toList();
        assertThat(lines.getFirst().minY()).isCloseTo(1.5, within(1e-9));
        assertThat(lines.getFirst().maxY()).isCloseTo(11, within(1e-9));
    }

    /** Of every shipped style: the tiers of a plain house lie as far from it, and from each other, as the style says. */
    @Test
    void tiersLieAsFarOffAsTheirStyleSays() {
        for (var style : DimensionStyles.all()) {
            var plan = ViewEdits.look(
                    TestPlans.clearRectangle(6000, 4000),
                    l -> l.withDrafting(l.drafting().withDimensions(style)));
            var view = TestPlans.view(plan);
            var placed = TierPlaces.of(view, PaperFrame.atOrigin(50)).stream()
                    .filter(p -> p.tier().side() == Side.EAST)
                    .toList();
            var outside = PaperFrame.atOrigin(50)
                    .paper(TierPlaces.occupied(view, TierPlaces.seen(view)))
                    .maxX();
            assertThat(placed)
                    .extracting(p -> p.line() - outside)
                    .allSatisfy(mm -> assertThat(mm).isPositive());
            for (var i = 0; i < placed.size(); i++) {
                assertThat(placed.get(i).line() - outside)
                        .as(style.name())
                        .isCloseTo(style.firstMm() + i * style.betweenMm(), within(1e-9));
            }
        }
    }

    /** With a corner cut off: its tiers lie beside their own face, clear of those of the sides. */
    @Test
    void tiersOfASlantedFaceNeverCrossThoseOfTheSides() {
        for (var cut : List.of(2000, 3000, 4500)) {
            var plan = TestPlans.start()
                    .chain(
                            BodySide.LEFT,
                            TestPlans.OUTER,
                            true,
                            0,
                            0,
                            8000,
                            0,
                            8000,
                            6000 - cut,
                            8000 - cut,
                            6000,
                            0,
                            6000)
                    .plan();
            var three = ViewEdits.tiers(
                    plan,
                    plan.presentation().views().getFirst().id(),
                    Reach.ALL,
                    _ -> Tiers.of(Tiers.Kind.WALLS, Tiers.Kind.OVERALL));
            var view = TestPlans.view(three);
            var frame = PaperFrame.atOrigin(50);
            var sides = TierPlaces.seen(view);
            var marks = new DimensionArt(frame, Pens.of(view.look(), 50)).tiers(view, sides, List.of());
            var slanting = marks.stream()
                    .filter(Mark.Text.class::isInstance)
                    .map(Mark.Text.class::cast)
                    .filter(t -> Math.abs(t.turnDeg() % 90) > 1)
                    .toList();
            assertThat(slanting).as("cut by %d", cut).isNotEmpty();
            var north = TierPlaces.of(view, frame).stream()
                    .filter(p -> p.tier().side() == Side.NORTH)
                    .mapToDouble(TierPlaces.Placed::line)
                    .max()
                    .orElseThrow();
            assertThat(slanting).allSatisfy(t -> assertThat(t.at().y()).isGreaterThan(north + 1));
            assertThat(slanting).allSatisfy(t -> assertThat(t.turnDeg()).isBetween(-90.0, 90.0));
        }
    }
}
