package honeylamp.edit;

import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Activity;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Motion;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.takeoff.brightness.LightLayers;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Marks of activities: with a sofa at 2,000, 1,000 that faces north, or with a place of their own. */
class ActivityEditsTest {
    private static Plan room() {
        return TestPlans.with(TestPlans.clearRectangle(5000, 4000), "sofa", 2000, 900, 800, 2000, 1000, 180);
    }

    private static Furnishing sofa(Plan plan) {
        return plan.storeys().getFirst().furnishings().getFirst();
    }

    private static Plan onSofa() {
        var plan = room();
        return ActivityEdits.add(
                        plan,
                        storey(plan),
                        new Activity(
                                new ActivityId(1),
                                Doing.READING,
                                Position.ofMm(500, 0),
                                270,
                                Optional.of(sofa(plan).id())))
                .plan();
    }

    private static Activity only(Plan plan) {
        return plan.storeys().getFirst().activities().getFirst();
    }

    private static void isAt(Plan plan, double x, double y, double facingDeg) {
        var at = ActivityPlaces.of(plan.storeys().getFirst(), only(plan)).orElseThrow();
        assertThat(at.at().distance(new Point(x, y))).isLessThan(1e-6);
        assertThat(((at.facingDeg() - facingDeg + 540) % 360 + 360) % 360 - 180).isCloseTo(0, within(1e-6));
    }

    /** The sofa is turned half: 500 to its own right is 500 to the west, and its front looks north. */
    @Test
    void itGoesWithItsPiece() {
        isAt(onSofa(), 1500, 1000, 90);
        var moved = FurnishingEdits.moveTo(
                onSofa(), storey(onSofa()), sofa(onSofa()).id(), Position.ofMm(3000, 1500));
        isAt(moved, 2500, 1500, 90);
        var turned = FurnishingEdits.turnBy(
                onSofa(), storey(onSofa()), List.of(sofa(onSofa()).id()), 90);
        isAt(turned, 2000, 500, 180);
    }

    @Test
    void aMirroredPieceMirrorsIt() {
        var plan = onSofa();
        var mirrored = plan.withStorey(
                storey(plan),
                s -> s.change(
                        Furnishing.class,
                        sofa(plan).id(),
                        f -> f.moved(Motion.mirror(new Segment(new Point(2000, 0), new Point(2000, 1))))));
        isAt(mirrored, 2500, 1000, 90);
    }

    @Test
    void itGoesWhenItsPieceGoes() {
        var plan = onSofa();
        var gone = Deletion.of(plan, storey(plan), Set.<ElementId>of(sofa(plan).id()));
        assertThat(gone.storeys().getFirst().activities()).isEmpty();
        var without = plan.withStorey(storey(plan), s -> s.with(Furnishing.class, List.of()));
        assertThat(new Completing(new GeometryCache())
                        .of(plan, without)
                        .storeys()
                        .getFirst()
                        .activities())
                .isEmpty();
    }

    @Test
    void takenOffItStaysWhereItIsAndFacesAsItDid() {
        var plan = onSofa();
        var free = ActivityEdits.loosened(plan, storey(plan), only(plan).id());
        assertThat(only(free).piece()).isEmpty();
        isAt(free, 1500, 1000, 90);
        var moved = FurnishingEdits.moveTo(free, storey(free), sofa(free).id(), Position.ofMm(4000, 3000));
        isAt(moved, 1500, 1000, 90);
    }

    @Test
    void movedItIsWhereItWasPutWithItsPieceOrNot() {
        var plan = onSofa();
        isAt(ActivityEdits.moved(plan, storey(plan), only(plan).id(), new Point(1234, 1100)), 1234, 1100, 90);
        var free = ActivityEdits.loosened(plan, storey(plan), only(plan).id());
        isAt(ActivityEdits.moved(free, storey(free), only(free).id(), new Point(200, 300)), 200, 300, 90);
    }

    /** Copied with its sofa it goes with the twin; alone it stands beside itself on the same one. */
    @Test
    void copiesGoWithTheTwinOfItsPiece() {
        var plan = onSofa();
        var both = Clipping.of(plan, storey(plan), Set.of(sofa(plan).id()))
                .into(plan, storey(plan), Length.ofMm(0), Length.ofMm(1500));
        var there = both.plan().storeys().getFirst();
        assertThat(there.activities()).hasSize(2);
        assertThat(there.activities().getLast().piece())
                .contains(there.furnishings().getLast().id());
        var alone = Clipping.of(plan, storey(plan), Set.of(only(plan).id()))
                .into(plan, storey(plan), Length.ofMm(300), Length.ofMm(0));
        assertThat(alone.plan().storeys().getFirst().activities())
                .hasSize(2)
                .allMatch(a -> a.piece().equals(Optional.of(sofa(plan).id())));
    }

    @Test
    void aFreeOneTurnsAndMirrorsWithTheRest() {
        var free = new Activity(new ActivityId(7), Doing.DINING, Position.ofMm(1000, 0), 0);
        var turned = free.moved(Motion.turn(Point.ORIGIN, 90));
        assertThat(turned.at().point().distance(new Point(0, 1000))).isLessThan(1e-6);
        assertThat(turned.facingDeg()).isCloseTo(90, within(1e-6));
        assertThat(free.facing(30)
                        .moved(Motion.mirror(new Segment(Point.ORIGIN, new Point(0, 1))))
                        .facingDeg())
                .isCloseTo(150, within(1e-3));
    }

    /** In a mirrored copy of a unit one sits mirrored, each room wants its own light, and what is copied is not edited there. */
    @Test
    void everyCopyOfAUnitHasItsOwnActivities() {
        var plan = onSofa();
        plan = RoomEdits.mark(plan, storey(plan), Position.ofMm(4000, 3000), "Living room", Finish.of("wide-oak"))
                .plan();
        var room = plan.storeys().getFirst().rooms().getFirst().id();
        var unit = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(room), "Flat")
                .orThrow();
        var placed = UnitEdits.place(unit.plan(), unit.id(), storey(plan), Position.ofMm(20_000, 0), 0, Sense.MIRRORED)
                .plan();
        var laid = LaidPlan.of(placed).all().getFirst();
        var there = ActivityPlaces.on(laid.geometry().storey());
        assertThat(there).hasSize(2);
        var drawn = there.stream()
                .filter(p -> !p.activity().id().isCopied())
                .findFirst()
                .orElseThrow();
        var copied = there.stream()
                .filter(p -> p.activity().id().isCopied())
                .findFirst()
                .orElseThrow();
        assertThat(copied.facingDeg()).as("it faces north, mirrored or not").isCloseTo(drawn.facingDeg(), within(1e-6));
        assertThat(drawn.at().x() - sofa(plan).at().point().x()).isCloseTo(-500, within(1e-6));
        assertThat(copied.at().x() - sofaOf(laid, copied).at().point().x()).isCloseTo(500, within(1e-6));
        assertThat(LightLayers.of(laid, placed.lighting()))
                .as("a living room each")
                .filteredOn(l -> l.room().name().equals("Living room"))
                .hasSize(2)
                .allSatisfy(l -> assertThat(l.layers()).isNotEmpty());
    }

    private static Furnishing sofaOf(LaidStorey laid, ActivityPlaces.Placed place) {
        var piece = place.activity().piece().orElseThrow();
        return laid.geometry().storey().furnishings().stream()
                .filter(f -> f.id().equals(piece))
                .findFirst()
                .orElseThrow();
    }
}
