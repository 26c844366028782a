package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.SeenFromCorner;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised.Near;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Wall;
import honeylamp.raised.Looking;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class StoreyBodiesTest {
    private static final double MM3_PER_M3 = 1e9;

    private static List<Body> whole(LaidStorey storey, double cutMm, Near near, Point towards) {
        return StoreyBodies.cut(storey, cutMm).bodies(near, StoreyBodies.nearGround(storey, near, towards));
    }

    private static List<Body> walls(LaidStorey storey, double cutMm) {
        return StoreyBodies.whole(storey, cutMm, StoreyBodies.Below.DARK).stream()
                .filter(b -> b.kind() == Kind.WALLS)
                .toList();
    }

    private static double grossMm2(LaidStorey storey) {
        return storey.geometry().network().poche().stream()
                .mapToDouble(Outline::area)
                .sum();
    }

    /** Walls without openings enclose their ground times their height. */
    @Test
    void wallsEncloseTheirGroundTimesTheirHeight() {
        var storey = TestPlans.laid(TestPlans.clearRectangle(4200, 3300));
        for (var cut : new double[] {300, 1200, 2300}) {
            assertThat(Boxes.volumeMm3(walls(storey, cut)) / MM3_PER_M3)
                    .isCloseTo(grossMm2(storey) * cut / MM3_PER_M3, within(1e-6));
        }
    }

    /** A door of 900 by 2,000 and a window of 1,200 by 1,000 take their size times the wall's thickness. */
    @Test
    void openingsTakeTheirSizeTimesTheThickness() {
        var plan = withOpenings(TestPlans.clearRectangle(4200, 3300));
        var storey = TestPlans.laid(plan);
        var thick = plan.wallType(storey.storey().walls().getFirst().type())
                .thickness()
                .mm();
        var high = 2400.0;
        var taken = thick * (900 * 2000 + 1200 * 1000);
        assertThat(Boxes.volumeMm3(walls(storey, high)) / MM3_PER_M3)
                .isCloseTo((grossMm2(storey) * high - taken) / MM3_PER_M3, within(1e-4));
        var cut = 1200.0; // the door is 1,200 high there, and of the window 300 are left above its sill of 900
        var takenBelow = thick * (900 * cut + 1200 * 300);
        assertThat(Boxes.volumeMm3(walls(storey, cut)) / MM3_PER_M3)
                .isCloseTo((grossMm2(storey) * cut - takenBelow) / MM3_PER_M3, within(1e-4));
    }

    private static Plan withOpenings(Plan plan) {
        var door = TestPlans.opening(plan, 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        var both = TestPlans.opening(door, 2, OpeningKind.FIXED_WINDOW, 1500, 1200, Hand.FIRST, Swing.LEFT);
        var storey = both.storeys().getFirst();
        return both.withStorey(
                storey.id(),
                _ -> storey.with(
                        Opening.class,
                        storey.openings().stream()
                                .map(o -> o.kind().isWindow()
                                        ? o.withHeights(Length.ofMm(900), Length.ofMm(1900))
                                        : o.withHeights(Length.ZERO, Length.ofMm(2000)))
                                .toList()));
    }

    /** From each corner of a room two of its four walls stand, and no more. */
    @Test
    void twoWallsStandFromEachCorner() {
        var storey = TestPlans.laid(TestPlans.clearRectangle(4200, 3300));
        var room = storey.geometry().rooms().getFirst();
        for (var corner : SeenFromCorner.of(room)) {
            var towards = Looking.towards(corner.eye());
            var standing = StoreyBodies.cutaway(storey, room, Near.GONE, towards, 0).stream()
                    .filter(b -> b.kind() == Kind.WALLS)
                    .flatMap(b -> b.facets().stream())
                    .filter(f -> Math.abs(f.normal().z()) < 0.5 && f.skin().sort() == Skin.Sort.WHOLE)
                    .filter(f -> looksInto(room.outline(), f))
                    .mapToDouble(f -> f.outline().bounds().width())
                    .sum();
            assertThat(standing).as(corner.from()).isCloseTo(4200 + 3300, within(0.1));
        }
        assertThat(SeenFromCorner.of(room).stream().map(SeenFromCorner::from))
                .containsExactly("south-west", "north-west", "north-east", "south-east");
    }

    private static boolean looksInto(Outline room, Facet facet) {
        var middle = facet.flat().at(facet.outline().bounds().centre());
        var before = middle.plus(facet.normal().times(20));
        return room.contains(new Point(before.x(), before.y()));
    }

    /** Facets of whole demo storeys: none is bent, none without area, and what stands is closed from above and the sides. */
    @Test
    void wallsOfTheDemosEncloseTheirGround() {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            for (var storey : LaidPlan.of(plan).all()) {
                var floor = storey.storey().level().mm();
                var low = 250.0; // below all sills
                var bodies =
                        walls(storey, low).stream().map(b -> b.raised(-floor)).toList();
                var doors = storey.geometry().cuts().stream()
                        .filter(c -> c.opening().sill().mm() < low)
                        .mapToDouble(
                                c -> c.ring().area() * (low - c.opening().sill().mm()))
                        .sum();
                var ground = grossMm2(storey) * low - doors;
                assertThat(Boxes.volumeMm3(bodies) / ground)
                        .as(storey.storey().name())
                        .isCloseTo(1, within(0.004));
            }
        }
    }

    /** A low wall inside a room: all encloses what each wall encloses, and nothing is dark but tops and what was cut away. */
    @Test
    void wallsOfTwoHeightsEndPlainly() {
        var plan = TestPlans.walled(TestPlans.clearRectangle(4200, 3300), 2100, 0, 2100, 1500, TestPlans.PARTITION);
        var storey = plan.storeys().getFirst();
        var low = storey.walls().getLast().id();
        var both = plan.withStorey(storey.id(), s -> s.change(Wall.class, low, w -> w.withHeight(Length.ofMm(900))));
        var laid = TestPlans.laid(both);
        var bodies = walls(laid, 1200);
        var thin = laid.geometry().network().of(low).stream()
                .mapToDouble(p -> p.body().area())
                .sum();
        assertThat(Boxes.volumeMm3(bodies) / MM3_PER_M3)
                .isCloseTo(((grossMm2(laid) - thin) * 1200 + thin * 900) / MM3_PER_M3, within(0.003));
        assertThat(bodies.stream().flatMap(b -> b.facets().stream()))
                .filteredOn(f -> f.skin().sort() == Skin.Sort.CUT)
                .allMatch(f -> f.normal().z() > 0.5);
    }

    /** Looked at from the south-west, nothing of the south and the west wall is higher than a step; one may see through it. */
    @Test
    void oneLooksOverNearWalls() {
        var storey = TestPlans.laid(TestPlans.clearRectangle(6000, 4000));
        var towards = new Point(0.5, 0.866);
        var high = storey.storey().height().mm();
        for (var near : List.of(Near.LOW, Near.THROUGH)) {
            var walls = whole(storey, high, near, towards).stream()
                    .filter(b -> b.kind() == Kind.WALLS)
                    .flatMap(b -> b.facets().stream())
                    .toList();
            var solid = walls.stream().filter(f -> f.skin().sort() != Skin.Sort.CLEAR);
            assertThat(solid.flatMap(f -> f.inSpace(f.outline().shell()).stream())
                            .filter(p -> p.z() > 300.5))
                    .isNotEmpty()
                    .allSatisfy(p -> {
                        assertThat(p.x()).isGreaterThan(-0.02);
                        assertThat(p.y()).isGreaterThan(-0.02);
                    });
            assertThat(walls.stream().anyMatch(f -> f.skin().sort() == Skin.Sort.CLEAR))
                    .isEqualTo(near == Near.THROUGH);
        }
        assertThat(Boxes.volumeMm3(whole(storey, high, Near.STANDING, towards)))
                .isCloseTo(Boxes.volumeMm3(StoreyBodies.whole(storey, high, StoreyBodies.Below.DARK)), within(1.0));
    }

    /** Of the walls before a room 300 mm stand when they are cut low, and a film over them where one sees through. */
    @Test
    void wallsBeforeARoomAreGoneLowOrSeenThrough() {
        var storey = TestPlans.laid(TestPlans.clearRectangle(4200, 3300));
        var room = storey.geometry().rooms().getFirst();
        var towards = Looking.towards(SeenFromCorner.of(room).getFirst().eye());
        var all = grossMm2(storey);
        var high = storey.storey().height().mm();
        var gone = volume(StoreyBodies.cutaway(storey, room, Near.GONE, towards, 0));
        var standing = gone / high;
        assertThat(standing).isBetween(0.4 * all, 0.6 * all);
        for (var near : List.of(Near.LOW, Near.THROUGH)) {
            var bodies = StoreyBodies.cutaway(storey, room, near, towards, 0);
            assertThat(volume(bodies) - gone).as(near.label()).isCloseTo((all - standing) * 300, within(all * 0.5));
            assertThat(bodies.stream()
                            .filter(b -> b.kind() == Kind.WALLS)
                            .flatMap(b -> b.facets().stream())
                            .anyMatch(f -> f.skin().sort() == Skin.Sort.CLEAR))
                    .isEqualTo(near == Near.THROUGH);
        }
    }

    private static double volume(List<Body> bodies) {
        return Boxes.volumeMm3(bodies.stream()
                .filter(b -> b.kind() == Kind.WALLS)
                .filter(b -> b.facets().stream().noneMatch(f -> f.skin().sort() == Skin.Sort.CLEAR))
                .toList());
    }
}
