package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.FigureLines;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Side;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where tiers lie about a building that stands on a plot. Walls from -300 to 5,300 by 4,300; at 1:100. */
class TierPlacesTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(100);

    private static Plan ground(Plan plan, Use use, double x0, double y0, double x1, double y1) {
        return GroundEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        use,
                        List.of(
                                Position.ofMm(x0, y0),
                                Position.ofMm(x1, y0),
                                Position.ofMm(x1, y1),
                                Position.ofMm(x0, y1)))
                .plan();
    }

    private static double first(Plan plan, Side side) {
        return TierPlaces.of(TestPlans.view(plan), FRAME).stream()
                .filter(t -> t.tier().side() == side && t.index() == 0)
                .findFirst()
                .orElseThrow()
                .line();
    }

    /** A path 1.2 m wide in the west is passed; a garden that goes on 6 m in the north is not: 10 mm off either. */
    @Test
    void tiersLieBeyondGroundThatEndsNearTheBuilding() {
        var plan = ground(TestPlans.clearRectangle(5000, 4000), Use.PATH, -1500, -300, -300, 4300);
        plan = ground(plan, Use.LAWN, -1500, 4300, 5300, 10_300);
        assertThat(first(plan, Side.WEST)).isCloseTo(-15 - 10, within(1e-9));
        assertThat(first(plan, Side.NORTH)).isCloseTo(-43 - 10, within(1e-9));
        assertThat(first(plan, Side.EAST)).isCloseTo(53 + 10, within(1e-9));
        var hidden = ViewEdits.showing(plan, Kind.GROUND, Degree.HIDDEN);
        assertThat(first(hidden, Side.WEST)).isCloseTo(-3 - 10, within(1e-9));
    }

    @Test
    void noWitnessLineCrossesAHedge() {
        var plan = ground(TestPlans.clearRectangle(5000, 4000), Use.HEDGE, -300, 5300, 5300, 5900);
        var view = TestPlans.view(plan);
        var pens = Pens.of(view.look(), 100);
        var hedge = new Box(-3, -59, 53, -53);
        assertThat(new DimensionArt(FRAME, pens).tiers(view, TierPlaces.seen(view), List.of()))
                .filteredOn(Mark.Stroke.class::isInstance)
                .extracting(m -> ((Mark.Stroke) m).path().bounds())
                .isNotEmpty()
                .noneMatch(line -> line.meets(hedge));
    }

    /** A tree whose branches reach over the tiers: witness lines end before it, the lines with the figures go on. */
    @Test
    void aTreeDoesNotCutTheLineThatCarriesTheFigures() {
        var plan = FurnishingEdits.add(
                        TestPlans.clearRectangle(5000, 4000),
                        TestPlans.storey(TestPlans.clearRectangle(5000, 4000)),
                        "tree",
                        Length.ofMm(2500),
                        Length.ofMm(2500),
                        Length.ofMm(3500),
                        Position.ofMm(5000, 5300),
                        0)
                .plan();
        var view = TestPlans.view(plan);
        var marks = new DimensionArt(FRAME, Pens.of(view.look(), 100)).tiers(view, TierPlaces.seen(view), List.of());
        var above = TierPlaces.of(view, FRAME).stream()
                .filter(t -> t.tier().side() == Side.NORTH)
                .toList();
        assertThat(above).isNotEmpty();
        for (var tier : above) {
            // from outer face to outer face: the row's own line spans the building's 5.6 m, 56 mm on paper
            assertThat(marks)
                    .filteredOn(Mark.Stroke.class::isInstance)
                    .extracting(m -> ((Mark.Stroke) m).path())
                    .anyMatch(path -> FigureLines.of(path).stream()
                            .anyMatch(l -> Math.abs(l.a().y() - tier.line()) < 1e-6
                                    && Math.abs(l.b().y() - tier.line()) < 1e-6
                                    && Math.abs(l.length() - 56) < 1e-6));
        }
    }

    /** Only the sides that have tiers take paper. */
    @Test
    void aSideWithoutTiersLeavesItsPaperToThePlan() {
        var view = TestPlans.view(TestPlans.clearRectangle(5000, 4000));
        var sides = TierPlaces.seen(view);
        var all = TierPlaces.around(view, FRAME, sides, 2);
        var west = TierPlaces.around(
                view, FRAME, sides.stream().filter(s -> s.side() == Side.WEST).toList(), 2);
        assertThat(west.minX()).isEqualTo(all.minX()).isLessThan(-15);
        assertThat(west.maxX()).isCloseTo(53, within(1e-9));
        assertThat(west.minY()).isCloseTo(-43, within(1e-9));
    }
}
