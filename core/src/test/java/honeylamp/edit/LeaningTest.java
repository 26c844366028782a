package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.Searches;
import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Run;
import honeylamp.plan.RunUnit;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Pieces in a room of 5,000 x 4,000 mm whose inner faces are drawn: south is wall 0, east 1, north 2, west 3. */
class LeaningTest {
    private static final int EAST = 1;
    private static final int NORTH = 2;

    private static Length mm(double v) {
        return Length.ofMm(v);
    }

    private static StoreyId at(Plan plan) {
        return TestPlans.storey(plan);
    }

    private static Plan after(Plan before, Plan edited) {
        return new Completing(new GeometryCache()).of(before, edited);
    }

    /** With a piece 1,000 wide and 600 deep whose back is at the north wall, its middle at x. */
    private static Plan withPieceAtNorth(double x) {
        return with(TestPlans.clearRectangle(5000, 4000), x, 3700, 0, 800);
    }

    private static Plan with(Plan plan, double x, double y, double turnDeg, double height) {
        return FurnishingEdits.add(
                        plan, at(plan), "sideboard", mm(1000), mm(600), mm(height), Position.ofMm(x, y), turnDeg)
                .plan();
    }

    private static Furnishing piece(Plan plan, int index) {
        return plan.storeys().getFirst().furnishings().get(index);
    }

    private static Furnishing only(Plan plan) {
        return piece(plan, 0);
    }

    private static Plan moved(Plan plan, int wall, double dx, double dy) {
        return after(
                plan,
                WallEdits.moveWall(plan, at(plan), TestPlans.wallId(plan, wall), mm(dx), mm(dy))
                        .orThrow());
    }

    private static void standsAt(Furnishing piece, double x, double y, double turnDeg) {
        assertThat(piece.at().x().mm()).isCloseTo(x, within(0.01));
        assertThat(piece.at().y().mm()).isCloseTo(y, within(0.01));
        assertThat(piece.turnDeg()).isCloseTo(turnDeg, within(0.001));
    }

    @Test
    void aPieceAtAWallThatIsMovedMovesWithItAndALooseOneStays() {
        var plan = with(withPieceAtNorth(1500), 3000, 2000, 0, 800);
        var now = moved(plan, NORTH, 0, 300);
        standsAt(piece(now, 0), 1500, 4000, 0);
        standsAt(piece(now, 1), 3000, 2000, 0);
    }

    /** A little off the wall, as for a skirting, is at the wall; a hand's breadth more is not. */
    @Test
    void itKeepsALittleDistanceFromItsWall() {
        var plan = with(with(TestPlans.clearRectangle(5000, 4000), 1500, 3650, 0, 800), 3500, 3600, 0, 800);
        var now = moved(plan, NORTH, 0, 300);
        standsAt(piece(now, 0), 1500, 3950, 0);
        standsAt(piece(now, 1), 3500, 3600, 0);
    }

    /** The east wall goes out by 600: what is nearer to it goes along, what is nearer to the west stays. */
    @Test
    void itKeepsItsDistanceFromTheNearerEndOfItsFace() {
        standsAt(only(moved(withPieceAtNorth(600), EAST, 600, 0)), 600, 3700, 0);
        standsAt(only(moved(withPieceAtNorth(4500), EAST, 600, 0)), 5100, 3700, 0);
        // drawn in until there is no room beside it, it stands in the corner
        standsAt(only(moved(withPieceAtNorth(600), EAST, -4300, 0)), 350, 3700, 0);
    }

    /** A run from wall to wall still is one after the east wall moved; one that leaves a gap keeps its length. */
    @Test
    void aRunFromWallToWallGrowsWithItsWall() {
        var run = new Run(Run.Series.METRIC, RunUnit.Kind.DOORS, Run.Front.HINGED, List.of(), Run.Edge.SQUARE);
        for (var wide : new double[] {5000, 4900}) {
            var plan = with(TestPlans.clearRectangle(5000, 4000), 2500, 3700, 0, 900);
            var laid = plan.withStorey(
                    at(plan),
                    s -> s.change(
                            Furnishing.class,
                            only(plan).id(),
                            f -> f.with(copy -> copy.width(mm(wide)).run(Optional.of(run)))));
            var out = only(moved(laid, EAST, 300, 0));
            assertThat(out.width().mm()).isCloseTo(wide == 5000 ? 5300 : 4900, within(0.01));
            if (wide == 5000) {
                standsAt(out, 2650, 3700, 0);
                var back = only(moved(moved(laid, EAST, 300, 0), EAST, -300, 0));
                assertThat(back.width().mm()).isCloseTo(5000, within(0.01));
                standsAt(back, 2500, 3700, 0);
            }
        }
    }

    @Test
    void itKeepsToTheMiddleOrToAnEndIfThatIsSaid() {
        var plan = withPieceAtNorth(1500);
        var id = only(plan).id();
        var centred =
                after(plan, FurnishingEdits.keep(plan, at(plan), List.of(id), Keeping.centred(Keeping.Between.WALLS)));
        standsAt(only(centred), 2500, 3700, 0);
        standsAt(only(moved(centred, EAST, 600, 0)), 2800, 3700, 0);
        // as one looks at the north wall its left end is in the west
        var fromLeft = after(plan, FurnishingEdits.keep(plan, at(plan), List.of(id), Keeping.fromFirst(mm(300))));
        standsAt(only(fromLeft), 800, 3700, 0);
        var fromRight = after(plan, FurnishingEdits.keep(plan, at(plan), List.of(id), Keeping.fromSecond(mm(300))));
        standsAt(only(fromRight), 4200, 3700, 0);
        standsAt(only(moved(fromRight, EAST, 600, 0)), 4800, 3700, 0);
    }

    @Test
    void moreThanTheWallLeavesIsRefusedInWords() {
        var plan = withPieceAtNorth(2000); // 5,000 less its 1,000 leaves 4,000
        var gaps = Leaning.gaps(
                        StoreyGeometry.of(plan, plan.storeys().getFirst()).network(), only(plan))
                .orElseThrow();
        assertThat(gaps.keepLeft(mm(4000), UnitSystem.MM)).isEqualTo(Outcome.done(Keeping.fromFirst(mm(4000))));
        assertThat(gaps.keepRight(mm(4000.3), UnitSystem.MM)).isEqualTo(Outcome.done(Keeping.fromSecond(mm(4000))));
        assertThat(gaps.keepRight(mm(4001), UnitSystem.MM).refusal().orElseThrow())
                .contains("4000 mm");
        assertThat(gaps.keepLeft(mm(9000), UnitSystem.FEET_INCHES).refusal().orElseThrow())
                .contains("13'");
    }

    @Test
    void whereItIsPutBecomesWhatItsRuleSays() {
        var plan = withPieceAtNorth(1500);
        var id = only(plan).id();
        var kept = after(plan, FurnishingEdits.keep(plan, at(plan), List.of(id), Keeping.fromFirst(mm(300))));
        var put = after(kept, FurnishingEdits.moveTo(kept, at(kept), id, Position.ofMm(2000, 3700)));
        assertThat(only(put).keeping()).isEqualTo(Keeping.fromFirst(mm(1500)));
        var away = after(kept, FurnishingEdits.moveTo(kept, at(kept), id, Position.ofMm(2000, 2000)));
        assertThat(only(away).keeping()).isEqualTo(Keeping.AS_PUT);
    }

    @Test
    void aSecondOneLikeItStandsBesideItNotInIt() {
        var plan = withPieceAtNorth(1500);
        var id = only(plan).id();
        var centred =
                after(plan, FurnishingEdits.keep(plan, at(plan), List.of(id), Keeping.centred(Keeping.Between.WALLS)));
        var two = after(
                centred, FurnishingEdits.duplicate(centred, at(centred), id).plan());
        standsAt(piece(two, 1), 2800, 3400, 0);
        assertThat(piece(two, 1).keeping()).isEqualTo(Keeping.AS_PUT);
    }

    /** Three of 1,000 in 5,000: gaps of 500 between them and at both ends. */
    @Test
    void severalKeepEqualGaps() {
        var plan = with(with(withPieceAtNorth(700), 2000, 3700, 0, 800), 4000, 3700, 0, 800);
        var ids = plan.storeys().getFirst().furnishings().stream()
                .map(Furnishing::id)
                .toList();
        var even = after(plan, FurnishingEdits.keepEven(plan, at(plan), ids));
        standsAt(piece(even, 0), 1000, 3700, 0);
        standsAt(piece(even, 1), 2500, 3700, 0);
        standsAt(piece(even, 2), 4000, 3700, 0);
        var wider = moved(even, EAST, 800, 0); // gaps of 700
        standsAt(piece(wider, 0), 1200, 3700, 0);
        standsAt(piece(wider, 2), 4600, 3700, 0);
    }

    @Test
    void itStaysAtItsFaceWhenItIsMadeDeeperOrItsWallThicker() {
        var plan = withPieceAtNorth(1500);
        var deeper =
                after(plan, FurnishingEdits.resize(plan, at(plan), only(plan).id(), mm(1000), mm(450), mm(800)));
        standsAt(only(deeper), 1500, 4000 - 225, 0);
        var centred = TestPlans.start()
                .chain(BodySide.CENTRE, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        var half = centred.wallType(OUTER).thickness().mm() / 2;
        var halfThin = centred.wallType(PARTITION).thickness().mm() / 2;
        var there = with(centred, 2500, 4000 - half - 300, 0, 800);
        var thinner =
                after(there, WallEdits.setType(there, at(there), List.of(TestPlans.wallId(there, NORTH)), PARTITION));
        standsAt(only(thinner), 2500, 4000 - halfThin - 300, 0);
    }

    /** The north wall turns about its west end until its inner face rises by 500 in 5,000. */
    @Test
    void itTurnsWithItsWall() {
        var plan = withPieceAtNorth(1500);
        var now = after(
                plan,
                WallEdits.moveCorner(plan, at(plan), Position.ofMm(5000, 4000), Position.ofMm(5000, 4500))
                        .orThrow());
        var slope = Math.toDegrees(Math.atan2(500, 5000));
        var piece = only(now);
        assertThat(piece.turnDeg()).isCloseTo(slope, within(0.01));
        var back = piece.placing().apply(new honeylamp.geometry.Point(0, 300));
        assertThat(back.y()).isCloseTo(4000 + back.x() / 10, within(0.05));
    }

    @Test
    void itStaysWhenItsWallIsPartedOrDrawnTheOtherWay() {
        var plan = withPieceAtNorth(1500);
        var wall = TestPlans.wallId(plan, NORTH);
        var parted = after(
                plan,
                WallShaping.split(plan, at(plan), wall, mm(2600)).orThrow().plan());
        standsAt(only(parted), 1500, 3700, 0);
        var moved = parted;
        for (var w : parted.storeys().getFirst().walls()) {
            if (w.from().y().mm() == 4000 && w.to().y().mm() == 4000) {
                moved = after(
                        moved,
                        WallEdits.moveWall(moved, at(moved), w.id(), mm(0), mm(0))
                                .orThrow());
            }
        }
        standsAt(only(moved), 1500, 3700, 0);
    }

    @Test
    void whatStandsOnAPieceGoesWhereThatGoes() {
        var plan = with(TestPlans.clearRectangle(5000, 4000), 2000, 2000, 0, 740);
        var lamp = new Furnishing(
                        new FurnishingId(9), "table-lamp", mm(300), mm(300), mm(480), Position.ofMm(2300, 2100), 10)
                .withBottom(mm(740));
        plan = FurnishingEdits.add(plan, at(plan), lamp).plan();
        var table = only(plan).id();
        var shifted = after(plan, FurnishingEdits.moveTo(plan, at(plan), table, Position.ofMm(3000, 1500)));
        standsAt(piece(shifted, 1), 3300, 1600, 10);
        // about the middle of the table by a quarter: (300, 100) becomes (-100, 300)
        var turned = after(plan, FurnishingEdits.place(plan, at(plan), table, Position.ofMm(2000, 2000), 90));
        standsAt(piece(turned, 1), 1900, 2300, 100);
        var higher = after(plan, FurnishingEdits.resize(plan, at(plan), table, mm(1000), mm(600), mm(900)));
        assertThat(piece(higher, 1).bottom()).isEqualTo(mm(900));
    }

    @Test
    void aLampOnASideboardFollowsTheWall() {
        var plan = withPieceAtNorth(1500);
        var lamp = new Furnishing(
                        new FurnishingId(9), "table-lamp", mm(300), mm(300), mm(480), Position.ofMm(1500, 3700), 0)
                .withBottom(mm(800));
        plan = FurnishingEdits.add(plan, at(plan), lamp).plan();
        var now = moved(plan, NORTH, 0, 300);
        standsAt(piece(now, 1), 1500, 4000, 0);
    }

    @Test
    void itStaysOnARoundWall() {
        var plan = withPieceAtNorth(2500);
        var bent = after(
                plan,
                WallEdits.bend(plan, at(plan), TestPlans.wallId(plan, NORTH), mm(-600))
                        .orThrow());
        var piece = only(bent);
        assertThat(piece.at().y().mm()).isNotCloseTo(3700, within(100.0));
        var back = piece.placing().apply(new honeylamp.geometry.Point(0, 300));
        var face = TestPlans.geometry(bent)
                .network()
                .of(TestPlans.wallId(bent, NORTH))
                .getFirst()
                .faces();
        assertThat(face.stream().mapToDouble(f -> f.distance(back)).min().orElseThrow())
                .isLessThan(0.01);
    }

    /** Through many edits of walls nothing is lost, and what stands in a wall is said. */
    @Test
    void throughManyEditsNothingIsLostAndWhatStandsInAWallIsSaid() {
        for (var seed = 0; seed < Searches.cases(8, 25); seed++) {
            var random = new Random(seed);
            var plan = with(with(withPieceAtNorth(1500), 4700, 2000, 270, 800), 2500, 300, 180, 800);
            for (var i = 0; i < 200; i++) {
                var before = plan;
                var next = edited(random, plan);
                plan = after(before, next);
                assertThat(plan.storeys().getFirst().furnishings()).hasSize(3);
            }
            var geometry = TestPlans.geometry(plan);
            for (var piece : plan.storeys().getFirst().furnishings()) {
                var middle = piece.at().point();
                if (geometry.network().poche().stream().anyMatch(o -> o.contains(middle))) {
                    assertThat(Snags.of(geometry, plan))
                            .anyMatch(s -> s.kind() == Snag.Kind.PIECE_IN_WALL
                                    && s.about().contains(piece.id()));
                }
            }
        }
    }

    private static Plan edited(Random random, Plan plan) {
        var walls = plan.storeys().getFirst().walls();
        WallId wall = walls.get(random.nextInt(walls.size())).id();
        return switch (random.nextInt(4)) {
            case 0 ->
                WallEdits.moveWall(plan, at(plan), wall, mm(random.nextInt(401) - 200), mm(random.nextInt(401) - 200))
                        .result()
                        .orElse(plan);
            case 1 ->
                WallShaping.split(plan, at(plan), wall, mm(500 + random.nextInt(2000)))
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            case 2 -> WallEdits.setType(plan, at(plan), List.of(wall), random.nextBoolean() ? OUTER : PARTITION);
            default ->
                WallShaping.join(
                                plan,
                                at(plan),
                                wall,
                                walls.get(random.nextInt(walls.size())).id())
                        .result()
                        .orElse(plan);
        };
    }

    /** A cushion lies on the seat, 430 high, of a sofa whose back is 800: it goes along by as much, turned as much. */
    @Test
    void aCushionGoesAlongWithItsSofa() {
        var plan = TestPlans.with(TestPlans.clearRectangle(5000, 4000), "sofa", 2100, 900, 800, 2500, 2000, 0);
        var storey = TestPlans.storey(plan);
        var sofa = plan.storeys().getFirst().furnishings().getFirst().id();
        plan = TestPlans.with(plan, "cushion", 450, 450, 150, 2000, 2000, 0);
        var cushion = plan.storeys().getFirst().furnishings().getLast().id();
        plan = FurnishingEdits.raise(plan, storey, List.of(cushion), Length.ofMm(430))
                .orThrow();
        var moved = after(plan, FurnishingEdits.move(plan, storey, List.of(sofa), Length.ofMm(300), Length.ofMm(-200)));
        var now = moved.storeys().getFirst().furnishings().stream()
                .filter(f -> f.id().equals(cushion))
                .findFirst()
                .orElseThrow();
        assertThat(now.at()).isEqualTo(Position.ofMm(2300, 1800));
        assertThat(now.bottom()).isEqualTo(Length.ofMm(430));
    }
}
