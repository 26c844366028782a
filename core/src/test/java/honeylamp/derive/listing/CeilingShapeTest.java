package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Structure.Kind;
import honeylamp.plan.Surface;
import honeylamp.takeoff.TileEdges;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * A room of clear 5,000 x 4,000, 2,600 high, its ceiling sloping over the southern 2,400 down to 1,000 at the south wall:
 * areas by hand.
 */
class CeilingShapeTest {
    private static final double LEVEL = 2600;

    private static Plan room() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        return RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2500, 3500), "Loft", Finish.of("bare"))
                .plan();
    }

    private static Plan with(Kind kind, double width, double depth, double height, double x, double y) {
        var form = new Block(kind, Length.ofMm(width), Length.ofMm(depth), Length.ofMm(height));
        return StructureEdits.add(room(), TestPlans.storey(room()), form, Position.ofMm(x, y), 0)
                .plan();
    }

    private static Plan sloping() {
        return with(Kind.SLOPING_CEILING, 5000, 2400, 1000, 2500, 1200);
    }

    private static double side(Plan plan, String towards) {
        var laid = TestPlans.laid(plan);
        return Surfaces.on(laid).stream()
                .filter(f -> f.surface() instanceof Surface.WallSide s
                        && WallSides.of(laid.geometry(), laid.geometry().rooms().getFirst()).stream()
                                .anyMatch(w ->
                                        w.wall().equals(s.wall()) && w.towards().equals(towards)))
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }

    @Test
    void wallsReachUpToTheSlope() {
        var plan = sloping();
        assertThat(side(plan, "south")).isCloseTo(5000 * 1000, within(1.0));
        assertThat(side(plan, "north")).isCloseTo(5000 * LEVEL, within(1.0));
        for (var gable : List.of("east", "west")) {
            // 1,600 of it level, below the slope 1,000 to 2,600
            assertThat(side(plan, gable)).isCloseTo(1600 * LEVEL + 2400 * (1000 + LEVEL) / 2, within(1.0));
        }
        assertThat(side(room(), "south")).isCloseTo(5000 * LEVEL, within(1.0));
    }

    @Test
    void aTrayAwayFromTheWallsLeavesThemAsTheyAreAndOneUpToAWallRaisesIt() {
        var away = with(Kind.TRAY_CEILING, 3000, 2000, 2800, 2500, 2000);
        assertThat(side(away, "south")).isCloseTo(5000 * LEVEL, within(1.0));
        var upTo = with(Kind.TRAY_CEILING, 3000, 2000, 2800, 2500, 1000);
        assertThat(side(upTo, "south")).isCloseTo(5000 * LEVEL + 3000 * 200, within(1.0));
    }

    @Test
    void aSlopeIsLongerThanItsPlanAndATrayHasSides() {
        // 2,400 in plan and 1,600 up make 2,884.44
        assertThat(ceiling(sloping())).isCloseTo(5000 * (1600 + Math.hypot(2400, 1600)), within(1.0));
        assertThat(ceiling(with(Kind.TRAY_CEILING, 3000, 2000, 2800, 2500, 2000)))
                .isCloseTo(5000 * 4000 + 200 * 2 * (3000 + 2000), within(1.0));
        assertThat(ceiling(room())).isCloseTo(5000 * 4000, within(1.0));
    }

    private static double ceiling(Plan plan) {
        return Surfaces.on(TestPlans.laid(plan)).stream()
                .filter(f -> f.surface() instanceof Surface.Ceiling)
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }

    private static WallElevation seen(Plan plan, String towards, double depthMm) {
        var laid = TestPlans.laid(plan);
        return WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                .flatMap(s -> WallElevation.of(laid, s.deep(Length.ofMm(depthMm))).stream())
                .filter(w -> w.towards().equals(towards))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void fromTheFrontOneSeesTheSlopeRiseAndTheGableCutAlongIt() {
        var south = seen(sloping(), "south", 1200);
        assertThat(south.tops().wall()).containsExactly(new Point(0, 1000), new Point(5000, 1000));
        assertThat(south.tops().ceiling().getFirst().y()).isCloseTo(1800, within(1e-6)); // half way up
        assertThat(south.heightMm()).isCloseTo(1800, within(1e-6));
        assertThat(seen(sloping(), "north", 20_000).tops().ceiling().getFirst().y())
                .as("no farther than the south wall, where it is 1,000 high and 40 before it a little more")
                .isCloseTo(1000 + 1600 * 40 / 2400.0, within(1e-6));
        var east = seen(sloping(), "east", 1000);
        // looking east, north is at the left: level for 1,600, then down to 1,000
        assertThat(east.tops().wall())
                .usingElementComparator((a, b) -> a.distance(b) < 1e-6 ? 0 : 1)
                .containsExactly(new Point(0, LEVEL), new Point(1600, LEVEL), new Point(4000, 1000));
        assertThat(east.tops().face().area()).isCloseTo(side(sloping(), "east"), within(1.0));
    }

    @Test
    void whatIsAboveTheSlopeIsDrawnCut() {
        var laid = TestPlans.laid(sloping());
        var subject = WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                .filter(s -> WallElevation.name(laid, s).contains("east"))
                .findFirst()
                .orElseThrow();
        var made = ViewEdits.elevations(
                sloping(), TestPlans.view(sloping()).view().id(), List.of(subject), List.of("East"), "East");
        var view = LaidPlan.of(made.plan())
                .view(made.plan().presentation().views().getLast().id());
        var frame = PaperFrame.atOrigin(50);
        var cut = Illustration.of(view, frame, Lamp.COLOUR, 1).layers().stream()
                .filter(l -> l.kind() == LayerKind.POCHE)
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Fill.class::isInstance)
                .map(m -> ((Mark.Fill) m).path())
                .findFirst()
                .orElseThrow();
        assertThat(cut.encloses(frame.paper(new Point(3600, 2000)), 4))
                .as("above the slope")
                .isTrue();
        assertThat(cut.encloses(frame.paper(new Point(3600, 900)), 4))
                .as("below it")
                .isFalse();
        assertThat(cut.encloses(frame.paper(new Point(800, 2400)), 4))
                .as("below what is level")
                .isFalse();
    }

    @Test
    void tilesUpToTheSlopeHaveNoFreeEdgeThere() {
        var plan = sloping();
        var room = plan.storeys().getFirst().rooms().getFirst();
        var tiled = Coverings.cover(
                plan, TestPlans.storey(plan), new Surface.Walls(room.id()), Optional.of(Finish.of("tile-white")));
        var laid = TestPlans.laid(tiled);
        var there = laid.geometry().rooms().getFirst();
        assertThat(TileEdges.of(
                        laid, there, there.mark().map(RoomMark.class::cast).orElseThrow()))
                .isEmpty();
    }
}
