package honeylamp.derive.fixed;

import static honeylamp.TestPlans.OUTER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.fixed.FixedParts.End;
import honeylamp.derive.pointing.TouchingWalls;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.Mending;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Outline;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Kind;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two storeys of 2,600 clear; the upper floor lies at 2,900. */
class FixedPartsTest {
    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static Plan house() {
        var plan = TestPlans.clearRectangle(9000, 6000);
        var ground = TestPlans.storey(plan);
        var added = StoreyEdits.copyOnTop(plan, ground, "Upper storey");
        return StoreyEdits.levels(added.plan(), added.id(), l -> l.withLevel(mm(2900)));
    }

    private static Plan withStair(Plan plan, Stair.Shape shape) {
        var begun = Stair.even(shape, Stair.Turn.RIGHT, Stair.Leads.UP, mm(900), mm(250), 8, mm(2900), Length.ZERO);
        return StructureEdits.add(
                        plan,
                        plan.storeys().getFirst().id(),
                        StairRule.stepped(begun, UnitSystem.MM),
                        Position.ofMm(4500, 3000),
                        90)
                .plan();
    }

    private static FixedParts on(Plan plan, int storey) {
        return FixedParts.on(plan, plan.storeys().get(storey));
    }

    private static List<Snag.Kind> snags(Plan plan, int storey) {
        return Snags.of(StoreyGeometry.of(plan, plan.storeys().get(storey)), plan).stream()
                .map(Snag::kind)
                .filter(k -> k != Snag.Kind.UNNAMED_ROOM)
                .toList();
    }

    @Test
    void aStairIsMetOnBothStoreys() {
        var plan = withStair(house(), Stair.Shape.STRAIGHT);
        assertThat(on(plan, 0).stairs()).extracting(FixedParts.Flights::seen).containsExactly(End.FOOT);
        var above = on(plan, 1).stairs();
        assertThat(above).extracting(FixedParts.Flights::seen).containsExactly(End.HEAD);
        // 17 risers of 170.6: three steps, 512, leave 2,000 under the ceiling at 2,600; 13 of 16 lie open
        assertThat(above.getFirst().openFrom()).isEqualTo(3);
        var well = above.getFirst().well().stream().mapToDouble(Outline::area).sum();
        assertThat(well).isCloseTo(13 * 290 * 900, within(1.0));
    }

    @Test
    void aStairThatLeadsDownIsMetBelowToo() {
        var plan = house();
        var stair = Stair.even(
                Stair.Shape.STRAIGHT, Stair.Turn.RIGHT, Stair.Leads.DOWN, mm(900), mm(290), 17, mm(2900), Length.ZERO);
        var down = StructureEdits.add(plan, plan.storeys().get(1).id(), stair, Position.ofMm(4500, 3000), 0)
                .plan();
        assertThat(on(down, 1).stairs()).extracting(FixedParts.Flights::seen).containsExactly(End.HEAD);
        assertThat(on(down, 0).stairs()).extracting(FixedParts.Flights::seen).containsExactly(End.FOOT);
        assertThat(on(down, 1).stairs().getFirst().openFrom()).isEqualTo(3);
    }

    @Test
    void theGapBetweenTwoFlightsIsOpenToo() {
        var plan = house();
        var begun =
                Stair.even(Stair.Shape.HALF, Stair.Turn.LEFT, Stair.Leads.UP, mm(900), mm(290), 17, mm(2900), mm(200));
        var with = StructureEdits.add(plan, TestPlans.storey(plan), begun, Position.ofMm(4500, 3000), 0)
                .plan();
        // 8 treads, landing, 7; the first three covered: five and seven goings and the landing of 2,000 x 900
        // lie open, and between the flights 200 along five goings
        var well = on(with, 1).stairs().getFirst().well();
        assertThat(well.stream().mapToDouble(Outline::area).sum())
                .isCloseTo(12 * 290 * 900 + 2000 * 900 + 5 * 290 * 200, within(1.0));
    }

    @Test
    void aChimneyStandsInEveryStoreyItReaches() {
        var plan = house();
        var ground = TestPlans.storey(plan);
        var tall = new Structure.Block(Kind.CHIMNEY, mm(900), mm(450), mm(7000));
        var low = new Structure.Block(Kind.LIFT_SHAFT, mm(1800), mm(1900), mm(2600));
        var post = new Structure.Block(Kind.POST, mm(200), mm(200), mm(7000));
        var with = StructureEdits.add(plan, ground, tall, Position.ofMm(1000, 1000), 0)
                .plan();
        with = StructureEdits.add(with, ground, low, Position.ofMm(4000, 1000), 0)
                .plan();
        with = StructureEdits.add(with, ground, post, Position.ofMm(6000, 1000), 0)
                .plan();
        assertThat(on(with, 0).blocks()).hasSize(3);
        assertThat(on(with, 1).blocks()).extracting(Structure::form).containsExactly(tall);
    }

    @Test
    void aStairThatNoLongerReachesIsASnagAndIsSteppedAnew() {
        var plan = withStair(house(), Stair.Shape.STRAIGHT);
        assertThat(snags(plan, 0)).isEmpty();
        var raised = StoreyEdits.levels(plan, plan.storeys().get(1).id(), l -> l.withLevel(mm(3050)));
        assertThat(snags(raised, 0)).containsExactly(Snag.Kind.STAIR_OFF_LEVEL);
        var geometry = StoreyGeometry.of(raised, raised.storeys().getFirst());
        var snag = Snags.of(geometry, raised).stream()
                .filter(s -> s.kind() == Snag.Kind.STAIR_OFF_LEVEL)
                .findFirst()
                .orElseThrow();
        var mended = Mending.of(raised, geometry, snag, Snags.USUAL_GAP_REACH)
                .orElseThrow()
                .plan();
        assertThat(snags(mended, 0)).isEmpty();
        var part = mended.storeys().getFirst().structures().getFirst();
        var stair = (Stair) part.form();
        assertThat(stair.rise()).isEqualTo(mm(3050));
        assertThat(stair.risers()).isEqualTo(17);
        assertThat(stair.going()).isEqualTo(mm(270));
        // the foot stays where it was, the head moves: turned to the west, it stood 16 x 290 / 2 east of the middle
        var foot = StairSteps.of(part, stair).risers().getFirst().middle();
        assertThat(foot.x()).isCloseTo(4500 + 2320, within(1e-3));
    }

    @Test
    void steepAndFlatStairsAreSnags() {
        var plan = TestPlans.clearRectangle(9000, 6000);
        var easy = Stair.even(
                Stair.Shape.STRAIGHT, Stair.Turn.RIGHT, Stair.Leads.UP, mm(900), mm(280), 16, mm(2800), Length.ZERO);
        for (var hard : List.of(
                easy.stepped(13, mm(280)), // 215 high
                easy.stepped(16, mm(210)), // little room for a foot
                easy.stepped(16, mm(340)))) { // 2 x 175 + 340 = 690
            var with = StructureEdits.add(plan, TestPlans.storey(plan), hard, Position.ofMm(4500, 3000), 90)
                    .plan();
            assertThat(snags(with, 0)).containsExactly(Snag.Kind.STAIR_HARD_TO_CLIMB);
        }
        var with = StructureEdits.add(plan, TestPlans.storey(plan), easy, Position.ofMm(4500, 3000), 90)
                .plan();
        assertThat(snags(with, 0)).isEmpty();
    }

    @Test
    void aSpiralThatTurnsTooFastIsASnag() {
        var plan = TestPlans.clearRectangle(9000, 6000);
        var spiral = Stair.even(
                Stair.Shape.SPIRAL, Stair.Turn.RIGHT, Stair.Leads.UP, mm(900), mm(290), 17, mm(2900), mm(100));
        var fast = StructureEdits.add(plan, TestPlans.storey(plan), spiral, Position.ofMm(4500, 3000), 0);
        assertThat(snags(fast.plan(), 0)).containsExactly(Snag.Kind.STAIR_HARD_TO_CLIMB);
        var slower = StructureEdits.form(fast.plan(), fast.id(), spiral.stepped(17, mm(250)));
        assertThat(snags(slower, 0)).isEmpty();
    }

    @Test
    void aWallOverTheStepsLeavesTooLittleForTheHead() {
        var plan = withStair(house(), Stair.Shape.STRAIGHT);
        var upper = plan.storeys().get(1).id();
        // the steps climb westwards from x = 6,820; the first three lie east of 5,950
        var overOpen = WallEdits.add(
                        plan, upper, Position.ofMm(4500, 0), Position.ofMm(4500, 6000), BodySide.CENTRE, OUTER)
                .orThrow();
        assertThat(snags(overOpen.plan(), 1)).contains(Snag.Kind.LOW_HEADROOM);
        var overCovered = WallEdits.add(
                        plan, upper, Position.ofMm(6400, 0), Position.ofMm(6400, 6000), BodySide.CENTRE, OUTER)
                .orThrow();
        assertThat(snags(overCovered.plan(), 1)).isEmpty();
    }

    @Test
    void aWallOnTheStepsIsASnagUnlessItStandsUnderHighOnes() {
        var plan = withStair(house(), Stair.Shape.STRAIGHT);
        var ground = TestPlans.storey(plan);
        // the steps climb westwards from x = 6,820, a going of 290 each; the eleventh and higher ones, west of 3,630,
        // rise above 1,876, the twelfth, west of 3,340, above 2,000
        var onSteps = WallEdits.add(
                        plan, ground, Position.ofMm(4500, 2000), Position.ofMm(4500, 4000), BodySide.CENTRE, OUTER)
                .orThrow();
        assertThat(snags(onSteps.plan(), 0)).contains(Snag.Kind.WALL_IN_STAIR);
        var under = WallEdits.add(
                        plan, ground, Position.ofMm(3000, 2000), Position.ofMm(3000, 4000), BodySide.CENTRE, OUTER)
                .orThrow();
        assertThat(snags(under.plan(), 0)).doesNotContain(Snag.Kind.WALL_IN_STAIR);
    }

    @Test
    void aRampSteeperThanOneInTwelveIsASnag() {
        var plan = TestPlans.clearRectangle(9000, 6000);
        var storey = TestPlans.storey(plan);
        var steep = new Structure.Block(Kind.RAMP, mm(1200), mm(3000), mm(300));
        var easy = new Structure.Block(Kind.RAMP, mm(1200), mm(3600), mm(300));
        assertThat(snags(
                        StructureEdits.add(plan, storey, steep, Position.ofMm(4500, 3000), 0)
                                .plan(),
                        0))
                .containsExactly(Snag.Kind.STEEP_RAMP);
        assertThat(snags(
                        StructureEdits.add(plan, storey, easy, Position.ofMm(4500, 3000), 0)
                                .plan(),
                        0))
                .isEmpty();
    }

    @Test
    void aPartPutNearWallsTouchesThem() {
        var plan = TestPlans.clearRectangle(9000, 6000);
        var block = new Structure.Block(Kind.VOID, mm(2000), mm(1000), mm(2600));
        var part = new Structure(new StructureId(99), block, Position.ofMm(1040, 5460), 0);
        // its west side lies 40 from the wall at x = 0, its north side 40 from that at y = 6,000
        var shift = TouchingWalls.shift(TestPlans.geometry(plan), part, 80).orElseThrow();
        assertThat(shift.x()).isCloseTo(-40, within(1e-6));
        assertThat(shift.y()).isCloseTo(40, within(1e-6));
        assertThat(TouchingWalls.shift(TestPlans.geometry(plan), part, 30)).isEmpty();
    }
}
