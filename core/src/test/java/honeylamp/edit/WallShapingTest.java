package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WallShapingTest {
    private static List<Wall> walls(Plan plan) {
        return plan.storeys().getFirst().walls();
    }

    private static Plan door(Plan plan, int wall, double offset) {
        return OpeningEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        OpeningKind.DOOR,
                        TestPlans.wallId(plan, wall),
                        Length.ofMm(offset),
                        Length.ofMm(900),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
    }

    private static Point jamb(Plan plan, int opening) {
        Opening o = plan.storeys().getFirst().openings().get(opening);
        return plan.storeys()
                .getFirst()
                .wall(o.host())
                .orElseThrow()
                .line()
                .at(o.offset().mm());
    }

    @Test
    void aSplitWallKeepsItsOpeningsWhereTheyAre() {
        var plan = door(door(TestPlans.clearRectangle(6000, 4000), 0, 500), 0, 4000);
        var split = WallShaping.split(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 0), Length.ofMm(2500))
                .orThrow();
        assertThat(walls(split.plan())).hasSize(5);
        assertThat(walls(split.plan()).get(0).length().mm()).isEqualTo(2500);
        assertThat(walls(split.plan()).get(4).length().mm()).isEqualTo(3500);
        assertThat(jamb(split.plan(), 0)).isEqualTo(new Point(500, 0));
        assertThat(jamb(split.plan(), 1)).isEqualTo(new Point(4000, 0));
        assertThat(TestPlans.geometry(split.plan()).rooms().getFirst().areaMm2())
                .isCloseTo(24e6, within(1.0));
    }

    @Test
    void anOpeningIsNotCutInTwo() {
        var plan = door(TestPlans.clearRectangle(6000, 4000), 0, 2000);
        assertThat(WallShaping.split(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 0), Length.ofMm(2300))
                        .refusal()
                        .orElseThrow())
                .contains("lies across");
    }

    /** Law: joining what was split gives back the plan, whichever way the parts run. */
    @Test
    void joiningUndoesSplitting() {
        var plan = door(TestPlans.clearRectangle(6000, 4000), 0, 4000);
        var storey = TestPlans.storey(plan);
        var id = TestPlans.wallId(plan, 0);
        var split = WallShaping.split(plan, storey, id, Length.ofMm(2500)).orThrow();
        var joined = WallShaping.join(split.plan(), storey, id, split.id()).orThrow();
        assertThat(walls(joined)).isEqualTo(walls(plan));
        assertThat(joined.storeys().getFirst().openings())
                .isEqualTo(plan.storeys().getFirst().openings());
        var second = split.plan().storeys().getFirst().wall(split.id()).orElseThrow();
        var round = WallShaping.turnedRound(split.plan(), storey, second);
        assertThat(jamb(round, 0)).isEqualTo(new Point(4900, 0)); // measured from the other end
        assertThat(WallShaping.join(round, storey, id, split.id()).orThrow()).isEqualTo(joined);
    }

    @Test
    void halfACircleSplitsIntoQuartersAndBack() {
        var plan = TestPlans.start().wall(0, 0, 2000, 0, BodySide.CENTRE, OUTER).plan();
        var storey = TestPlans.storey(plan);
        var id = TestPlans.wallId(plan, 0);
        var arc = plan.withStorey(
                storey, s -> s.with(Wall.class, List.of(s.walls().getFirst().withSagitta(Length.ofMm(1000)))));
        var split =
                WallShaping.split(arc, storey, id, Length.ofMm(500 * Math.PI)).orThrow();
        var quarter = walls(split.plan()).getFirst();
        assertThat(quarter.to().point().distance(new Point(1000, 1000))).isLessThan(1e-3);
        assertThat(quarter.sagitta().mm()).isCloseTo(1000 * (1 - Math.sqrt(0.5)), within(1e-3));
        var joined = walls(
                        WallShaping.join(split.plan(), storey, id, split.id()).orThrow())
                .getFirst();
        assertThat(joined.sagitta().mm()).isCloseTo(1000, within(0.01));
    }

    @Test
    void wallsRoundACornerOrOfOtherTypesAreNotJoined() {
        var plan = TestPlans.start()
                .wall(0, 0, 3000, 0, BodySide.CENTRE, OUTER)
                .wall(3000, 0, 3000, 2000, BodySide.CENTRE, OUTER)
                .wall(3000, 0, 5000, 0, BodySide.CENTRE, PARTITION)
                .plan();
        var storey = TestPlans.storey(plan);
        assertThat(WallShaping.join(plan, storey, TestPlans.wallId(plan, 0), TestPlans.wallId(plan, 1))
                        .refusal()
                        .orElseThrow())
                .contains("one line");
        assertThat(WallShaping.join(plan, storey, TestPlans.wallId(plan, 0), TestPlans.wallId(plan, 2))
                        .refusal()
                        .orElseThrow())
                .contains("types");
    }

    @Test
    void growingMovesBothEndsAndWhatJoinsThere() {
        var plan = TestPlans.start()
                .wall(0, 0, 3000, 0, BodySide.CENTRE, OUTER)
                .wall(3000, 0, 3000, 2000, BodySide.CENTRE, OUTER)
                .plan();
        var grown = WallShaping.grow(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 0), Length.ofMm(250))
                .orThrow();
        assertThat(walls(grown).get(0).from()).isEqualTo(Position.ofMm(-250, 0));
        assertThat(walls(grown).get(0).to()).isEqualTo(Position.ofMm(3250, 0));
        assertThat(walls(grown).get(1).from()).isEqualTo(Position.ofMm(3250, 0));
    }

    /** A partition of 100 centred at x = 3050 has its right face at 3100; the outer wall's left face is at 850. */
    @Test
    void aligningPutsFaceOnFace() {
        var plan = TestPlans.start()
                .wall(1000, 0, 1000, 2000, BodySide.CENTRE, OUTER)
                .wall(3050, 3000, 3050, 5000, BodySide.CENTRE, PARTITION)
                .plan();
        var aligned = WallShaping.align(
                        plan,
                        TestPlans.storey(plan),
                        TestPlans.wallId(plan, 1),
                        WallShaping.Face.RIGHT,
                        TestPlans.wallId(plan, 0),
                        WallShaping.Face.LEFT)
                .orThrow();
        assertThat(walls(aligned).get(1).from()).isEqualTo(Position.ofMm(800, 3000));
    }

    /** The drawn line stays; a body of 100 left of a line running up goes from x -100..0 to 0..100. */
    @Test
    void reversingPutsTheBodyOnTheOtherSideOfItsLine() {
        var plan =
                TestPlans.start().wall(0, 0, 0, 2000, BodySide.LEFT, PARTITION).plan();
        var other = WallShaping.reverseFace(plan, TestPlans.storey(plan), Set.of(TestPlans.wallId(plan, 0)));
        assertThat(walls(other).getFirst().from()).isEqualTo(Position.ofMm(0, 0));
        var box = TestPlans.geometry(other).poche().getFirst().bounds();
        assertThat(box.minX()).isCloseTo(0, within(1e-9));
        assertThat(box.maxX()).isCloseTo(100, within(1e-9));
    }

    @Test
    void parallelCopiesKeepTheirDistance() {
        var plan =
                TestPlans.start().wall(0, 0, 0, 2000, BodySide.LEFT, PARTITION).plan();
        var copies = WallCopies.parallel(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 0), Length.ofMm(-900), 3)
                .orThrow();
        assertThat(copies.ids()).hasSize(3);
        assertThat(walls(copies.plan())).extracting(w -> w.from().x().mm()).containsExactly(0.0, 900.0, 1800.0, 2700.0);
    }

    /** A lining of 100 against the right face of a wall of 300 drawn in its middle: its own left face lies there. */
    @Test
    void aWallAlongAnotherStandsAgainstItsFace() {
        var plan = TestPlans.start().wall(0, 0, 3000, 0, BodySide.CENTRE, OUTER).plan();
        var lined = WallCopies.along(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 0), false, PARTITION)
                .orThrow();
        var lining = walls(lined.plan()).getLast();
        assertThat(lining.from()).isEqualTo(Position.ofMm(0, -150));
        assertThat(lining.body()).isEqualTo(BodySide.RIGHT);
        var poche = TestPlans.geometry(lined.plan()).poche().stream()
                .mapToDouble(o -> o.area())
                .sum();
        assertThat(poche).isCloseTo(3000.0 * 400, within(1.0));
    }

    /** 9000 between centres, outer walls 300, partitions 100: clear widths are (9000 - 300 - 200) / 3. */
    @Test
    void aSpaceIsDividedByCentresOrByClearWidths() {
        var plan = TestPlans.start()
                .wall(0, 0, 0, 4000, BodySide.CENTRE, OUTER)
                .wall(9000, 0, 9000, 4000, BodySide.CENTRE, OUTER)
                .plan();
        var storey = TestPlans.storey(plan);
        var a = TestPlans.wallId(plan, 0);
        var b = TestPlans.wallId(plan, 1);
        var centres = WallCopies.divide(plan, storey, a, b, 3, WallCopies.Spacing.CENTRES, PARTITION)
                .orThrow();
        assertThat(walls(centres.plan()).subList(2, 4))
                .extracting(w -> w.from().x().mm())
                .containsExactly(3000.0, 6000.0);
        var clear = WallCopies.divide(plan, storey, a, b, 3, WallCopies.Spacing.CLEAR_WIDTHS, PARTITION)
                .orThrow();
        var width = (9000 - 300 - 200) / 3.0;
        assertThat(walls(clear.plan()).get(2).from().x().mm()).isCloseTo(150 + width + 50, within(1e-5));
        assertThat(walls(clear.plan()).get(3).from().x().mm()).isCloseTo(150 + 2 * width + 150, within(1e-5));
        assertThat(WallCopies.divide(plan, storey, a, b, 95, WallCopies.Spacing.CENTRES, PARTITION)
                        .refusal()
                        .orElseThrow())
                .contains("no room");
    }

    @Test
    void aChainStopsWhereAThirdWallMeets() {
        var plan = TestPlans.start()
                .chain(BodySide.CENTRE, OUTER, false, 0, 0, 1000, 0, 2000, 0, 3000, 500)
                .wall(2000, 0, 2000, -900, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(WallShaping.chain(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 0)))
                .containsExactlyInAnyOrder(TestPlans.wallId(plan, 0), TestPlans.wallId(plan, 1));
    }

    @Test
    void whatIsPickedMovesTurnsAndMirrorsTogether() {
        var plan = door(TestPlans.clearRectangle(6000, 4000), 0, 500);
        var storey = TestPlans.storey(plan);
        Set<ElementId> all = new HashSet<>();
        walls(plan).forEach(w -> all.add(w.id()));
        var moved = PickedEdits.move(plan, storey, all, Length.ofMm(100), Length.ofMm(-50))
                .orThrow();
        assertThat(walls(moved).getFirst().from()).isEqualTo(Position.ofMm(100, -50));
        assertThat(jamb(moved, 0)).isEqualTo(new Point(600, -50));
        var turned = PickedEdits.turn(plan, storey, all, new Point(0, 0), 90).orThrow();
        assertThat(walls(turned).getFirst().to()).isEqualTo(Position.ofMm(0, 6000));
        var mirrored = PickedEdits.mirror(plan, storey, all, new Segment(new Point(0, 0), new Point(0, 1)))
                .orThrow();
        assertThat(walls(mirrored).getFirst().to()).isEqualTo(Position.ofMm(-6000, 0));
        assertThat(StoreyGeometry.of(mirrored, mirrored.storeys().getFirst())
                        .rooms()
                        .getFirst()
                        .areaMm2())
                .isCloseTo(24e6, within(1.0)); // bodies changed sides, so inner faces stay inner
        assertThat(jamb(mirrored, 0)).isEqualTo(new Point(-500, 0));
        // the leaf opened up, to the left of a wall running east; up is now right of it, running west
        assertThat(mirrored.storeys().getFirst().openings().getFirst().swing()).isEqualTo(Swing.RIGHT);
        var twice = PickedEdits.mirror(mirrored, storey, all, new Segment(new Point(0, 0), new Point(0, 1)))
                .orThrow();
        assertThat(twice).isEqualTo(plan);
    }

    @Test
    void aCopyIsPastedIntoAnotherPlanWithItsTypesAndOpenings() {
        var plan = door(TestPlans.clearRectangle(6000, 4000), 0, 500);
        var clip = Clipping.of(plan, TestPlans.storey(plan), Set.of(TestPlans.wallId(plan, 0)));
        var other = TestPlans.start().plan();
        var without = other.withWallTypes(
                other.wallTypes().stream().filter(t -> !t.id().equals(OUTER)).toList());
        var pasted = clip.into(without, TestPlans.storey(without), Length.ofMm(1000), Length.ZERO);
        assertThat(walls(pasted.plan())).hasSize(1);
        assertThat(walls(pasted.plan()).getFirst().from()).isEqualTo(Position.ofMm(1000, 0));
        assertThat(pasted.plan().storeys().getFirst().openings()).hasSize(1);
        assertThat(pasted.plan().wallTypes()).hasSize(4);
        assertThat(pasted.plan()
                        .wallType(walls(pasted.plan()).getFirst().type())
                        .name())
                .isEqualTo("Outer wall");
        assertThat(pasted.ids()).hasSize(1);
        var same = clip.into(other, TestPlans.storey(other), Length.ZERO, Length.ZERO);
        assertThat(same.plan().wallTypes()).isEqualTo(other.wallTypes()); // the type is there already
    }
}
