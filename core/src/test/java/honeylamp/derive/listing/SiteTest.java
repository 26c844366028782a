package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.snags.BayClearance;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.Areas;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.plan.Ground;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure.Car;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A house of 6,600 by 4,600 outside, its inner corner at the origin; outer walls are 300. */
class SiteTest {
    private static final Plan HOUSE = TestPlans.clearRectangle(6000, 4000);

    private static List<Position> box(double x0, double y0, double x1, double y1) {
        return List.of(Position.ofMm(x0, y0), Position.ofMm(x1, y0), Position.ofMm(x1, y1), Position.ofMm(x0, y1));
    }

    private static Plan ground(Plan plan, Use use, double x0, double y0, double x1, double y1) {
        return GroundEdits.add(plan, TestPlans.storey(plan), use, box(x0, y0, x1, y1))
                .plan();
    }

    private static Plan setBack(Plan plan, double mm) {
        var plot = plan.storeys().getFirst().grounds().getFirst();
        return GroundEdits.change(plan, TestPlans.storey(plan), plot.id(), g -> g.withSetback(Length.ofMm(mm)));
    }

    private static List<Snag> snags(Plan plan) {
        return Snags.of(TestPlans.geometry(plan), plan).stream()
                .filter(s -> s.kind() == Snag.Kind.SETBACK || s.kind() == Snag.Kind.NARROW_BAY)
                .toList();
    }

    @Test
    void theBuildingKeepsItsDistanceFromTheBoundary() {
        // the west face lies at -300, 2,700 from the boundary at -3,000; the others farther
        var plot = ground(HOUSE, Use.PLOT, -3000, -5000, 12_000, 10_000);
        assertThat(snags(setBack(plot, 2700))).isEmpty();
        var near = snags(setBack(plot, 3000));
        assertThat(near).extracting(Snag::kind).containsExactly(Snag.Kind.SETBACK);
        assertThat(near.getFirst().sentence()).contains("2700").contains("3000");
        var outside = snags(ground(HOUSE, Use.PLOT, -100, -5000, 12_000, 10_000));
        assertThat(outside.getFirst().sentence()).startsWith("The building leaves its plot by 200");
    }

    @Test
    void siteAreasAreApartFromThoseOfTheBuilding() {
        // the plot 20 x 15 m; a terrace of 10 x 5 m of which 6.6 x 2.3 lie under the house: its west face lies at
        // -300, its south at -300, so of the terrace from y = -3,000 to 2,000 the house covers 2,300
        var plan = ground(HOUSE, Use.PLOT, -5000, -5000, 15_000, 10_000);
        plan = ground(plan, Use.TERRACE, -2000, -3000, 8000, 2000);
        plan = ground(plan, Use.LAWN, -5000, 5000, 15_000, 10_000);
        plan = ground(plan, Use.LAWN, -5000, 4500, 0, 6000); // 1,000 of it lie in the first
        var site = SiteAreas.of(TestPlans.geometry(plan));
        assertThat(site.plotMm2()).isCloseTo(20_000.0 * 15_000, within(1.0));
        assertThat(site.builtMm2()).isCloseTo(6600.0 * 4600, within(1.0));
        assertThat(site.surfacesMm2().get(Use.TERRACE)).isCloseTo(10_000.0 * 5000 - 6600 * 2300, within(1.0));
        assertThat(site.surfacesMm2().get(Use.LAWN)).isCloseTo(20_000.0 * 5000 + 5000 * 500, within(1.0));
        var areas = Areas.of(plan, TestPlans.geometry(plan));
        assertThat(areas.externalGrossMm2()).isCloseTo(6600.0 * 4600, within(1.0));
        assertThat(TestPlans.geometry(plan).netAreaMm2()).isCloseTo(6000.0 * 4000, within(1.0));
    }

    private static BayClearance bay(Car car, double width, double x) {
        var bay = new ParkingBay(car, Length.ofMm(width), Length.ofMm(5400));
        var plan = StructureEdits.add(HOUSE, TestPlans.storey(HOUSE), bay, Position.ofMm(x, 2000), 0)
                .plan();
        var part = plan.storeys().getFirst().structures().getFirst();
        return BayClearance.of(TestPlans.geometry(plan), part, bay);
    }

    @Test
    void aBayWantsMoreBesideAWall() {
        // the east face lies at 6,300; free in the open: 2,500 for a car of 1,800 and 700 for its doors
        var free = bay(Car.MIDDLE, 2500, 9000);
        assertThat(free.walls()).isZero();
        assertThat(free.clearMm()).isEqualTo(2500);
        assertThat(free.wantedMm()).isEqualTo(2500);
        assertThat(free.suffices()).isTrue();
        // its side 100 from the wall: 100 more of room, but 300 more wanted
        var beside = bay(Car.MIDDLE, 2500, 6300 + 100 + 1250);
        assertThat(beside.walls()).isEqualTo(1);
        assertThat(beside.clearMm()).isCloseTo(2600, within(1e-6));
        assertThat(beside.wantedMm()).isEqualTo(2800);
        assertThat(beside.suffices()).isFalse();
        // a small car of 1,650 is content with 2,350 and 300
        assertThat(bay(Car.SMALL, 2500, 6300 + 150 + 1250).suffices()).isTrue();
        // half of it under the house: only what lies outside is clear
        assertThat(bay(Car.LARGE, 2700, 6300 + 1000).clearMm()).isCloseTo(1000 + 1350, within(1e-6));
    }

    @Test
    void theUsualBaysSufficeForTheirCars() {
        for (var units : List.of(UnitSystem.MM, UnitSystem.FEET_INCHES)) {
            for (var car : Car.values()) {
                var bay = PartKinds.bay(car, units);
                var plan = StructureEdits.add(HOUSE, TestPlans.storey(HOUSE), bay, Position.ofMm(12_000, 2000), 0)
                        .plan();
                assertThat(snags(plan)).as(car + " in " + units).isEmpty();
            }
        }
    }

    @Test
    void aShortBayIsTold() {
        var bay = new ParkingBay(Car.LARGE, Length.ofMm(2700), Length.ofMm(5000));
        var plan = StructureEdits.add(HOUSE, TestPlans.storey(HOUSE), bay, Position.ofMm(12_000, 2000), 0)
                .plan();
        assertThat(snags(plan)).hasSize(1);
        assertThat(snags(plan).getFirst().sentence()).contains("5000 long").contains("5300");
    }

    @Test
    void onlyAPlotHasASetbackAndGroundNeedsThreeCorners() {
        var plot = setBack(ground(HOUSE, Use.PLOT, 0, 0, 9000, 9000), 500)
                .storeys()
                .getFirst()
                .grounds()
                .getFirst();
        assertThat(plot.used(Use.LAWN).setback()).isEqualTo(Length.ZERO);
        assertThatThrownBy(() -> new Ground(plot.id(), Use.LAWN, box(0, 0, 1, 1).subList(0, 2), Length.ZERO))
                .hasMessageContaining("needs 3");
    }
}
