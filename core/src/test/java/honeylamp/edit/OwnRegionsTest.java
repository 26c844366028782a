package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Material;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Region.Upright;
import honeylamp.plan.Sense;
import honeylamp.plan.Surface;
import honeylamp.plan.Surface.OwnRegion;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.key.FinishKey;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A part of a surface that a person outlined is covered by itself and stays where it was through edits. */
class OwnRegionsTest {
    private static final Finish TILES = Finish.of("tile-white");

    /** A room of 5,000 × 4,000, its south wall drawn from west to east. */
    private static Plan room() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        return RoomEdits.mark(walls, TestPlans.storey(walls), Position.ofMm(2500, 2000), "Bath", Finish.of("bare"))
                .plan();
    }

    private static StoreyId storey(Plan plan) {
        return TestPlans.storey(plan);
    }

    private static WallId south(Plan plan) {
        return plan.storeys().getFirst().walls().getFirst().id();
    }

    private static List<Position> box(double fromX, double fromY, double toX, double toY) {
        return OwnRegions.rectangle(Length.ofMm(fromX), Length.ofMm(fromY), Length.ofMm(toX), Length.ofMm(toY));
    }

    /** With a field of tiles of 1,000 × 600 on the floor. */
    private static Added<RegionId> onFloor(Plan plan) {
        return OwnRegions.add(plan, storey(plan), new Region.Floors(), box(500, 500, 1500, 1100), TILES);
    }

    /** With a splash-back from 1,000 to 1,600 along the south wall, 900 to 1,500 above the floor. */
    private static Added<RegionId> onWall(Plan plan) {
        return OwnRegions.add(
                plan, storey(plan), new Upright(south(plan), Swing.LEFT), box(1000, 900, 1600, 1500), TILES);
    }

    private static Plan completed(Plan before, Plan after) {
        return new Completing(new GeometryCache()).of(before, after);
    }

    private static List<Surfaces.Found> found(Plan plan, Predicate<Surface> which) {
        return plan.storeys().stream()
                .flatMap(s -> Surfaces.on(LaidPlan.of(plan).on(s.id())).stream())
                .filter(f -> which.test(f.surface()))
                .toList();
    }

    private static double areaM2(Plan plan, Predicate<Surface> which) {
        return found(plan, which).stream().mapToDouble(Surfaces.Found::areaMm2).sum() / 1e6;
    }

    private static boolean isRegion(Surface surface) {
        return surface instanceof OwnRegion;
    }

    /** Where covered regions on walls lie: "from x,y to x,y" in plan mm, in order. */
    private static List<String> onWalls(Plan plan) {
        return found(plan, OwnRegionsTest::isRegion).stream()
                .filter(f -> f.frame().up() == Surfaces.Up.PLUMB && f.finish().equals(Optional.of(TILES)))
                .map(f -> {
                    var box = f.outline().getFirst().bounds();
                    var ends = List.of(at(f, box.minX()), at(f, box.maxX())).stream()
                            .sorted()
                            .toList();
                    return ends.getFirst() + " to " + ends.getLast() + ", " + Math.round(box.minY()) + " to "
                            + Math.round(box.maxY());
                })
                .sorted()
                .toList();
    }

    private static String at(Surfaces.Found found, double along) {
        var p = found.frame().origin().plus(found.frame().along().times(along));
        return Math.round(p.x()) + "," + Math.round(p.y());
    }

    private static final String WHERE = "1000,0 to 1600,0, 900 to 1500";

    @Test
    void aFieldIsTakenOutOfItsFloorAndAddsUpWithIt() {
        var plan = onFloor(room()).plan();
        assertThat(areaM2(plan, OwnRegionsTest::isRegion)).isCloseTo(0.6, within(1e-9));
        assertThat(areaM2(plan, s -> s instanceof Surface.Floor)).isCloseTo(20 - 0.6, within(1e-9));
        // what reaches beyond the room is not there
        var id = plan.storeys().getFirst().regions().getFirst().id();
        var over = OwnRegions.change(plan, storey(plan), id, r -> r.withCorners(box(4500, 3000, 6000, 5000)));
        assertThat(areaM2(over, OwnRegionsTest::isRegion)).isCloseTo(0.5 * 1.0, within(1e-9));
    }

    @Test
    void ofTwoThatLieOverEachOtherTheLaterCoversTheEarlier() {
        var first = onFloor(room()).plan();
        var both = OwnRegions.add(
                        first, storey(first), new Region.Floors(), box(1000, 800, 2000, 1400), Finish.of("slate"))
                .plan();
        var areas = found(both, OwnRegionsTest::isRegion).stream()
                .map(f -> Math.round(f.areaMm2()))
                .toList();
        assertThat(areas).containsExactly(600_000L - 500 * 300, 600_000L);
        assertThat(areaM2(both, s -> s instanceof Surface.Floor)).isCloseTo(20 - 0.6 - 0.6 + 0.15, within(1e-9));
    }

    @Test
    void aSplashBackLiesOnItsWallAndLeavesOpeningsOut() {
        var plan = onWall(room()).plan();
        assertThat(onWalls(plan)).containsExactly(WHERE);
        var side = areaM2(
                plan,
                s -> s.equals(new Surface.WallSide(
                        south(plan),
                        Swing.LEFT,
                        Optional.of(plan.storeys().getFirst().rooms().getFirst().id()))));
        var height = plan.storeys().getFirst().height().mm() / 1000;
        assertThat(side).isCloseTo(5 * height - 0.36, within(1e-9));
        // a window from 1,300 on, its sill at 1,200
        var window = OpeningEdits.add(
                plan,
                storey(plan),
                OpeningKind.CASEMENT_WINDOW,
                south(plan),
                Length.ofMm(1300),
                Length.ofMm(900),
                Hand.FIRST,
                Swing.LEFT);
        var high = window.plan()
                .withStorey(
                        storey(plan),
                        s -> s.change(
                                Opening.class, window.id(), o -> o.withHeights(Length.ofMm(1200), Length.ofMm(2000))));
        assertThat(areaM2(high, OwnRegionsTest::isRegion)).isCloseTo(0.36 - 0.3 * 0.3, within(1e-9));
    }

    @Test
    void aPartedWallHandsItToBothPartsAndAJoinedOneBack() {
        var plan = onWall(room()).plan();
        var parted = WallShaping.split(plan, storey(plan), south(plan), Length.ofMm(1300))
                .orThrow();
        var both = completed(plan, parted.plan());
        assertThat(both.storeys().getFirst().regions()).hasSize(2);
        assertThat(both.storeys().getFirst().coverings()).hasSize(2);
        assertThat(areaM2(both, OwnRegionsTest::isRegion)).isCloseTo(0.36, within(1e-9));
        for (var order : List.of(List.of(south(plan), parted.id()), List.of(parted.id(), south(plan)))) {
            var joined = completed(
                    both,
                    WallShaping.join(both, storey(plan), order.getFirst(), order.getLast())
                            .orThrow());
            assertThat(onWalls(joined)).containsExactly(WHERE);
            assertThat(joined.storeys().getFirst().regions()).hasSize(1);
            assertThat(joined.storeys().getFirst().coverings()).hasSize(1);
        }
        // parted beside it, one part only has it
        var beside = WallShaping.split(plan, storey(plan), south(plan), Length.ofMm(400))
                .orThrow();
        var one = completed(plan, beside.plan());
        assertThat(onWalls(one)).containsExactly(WHERE);
        assertThat(one.storeys().getFirst().regions()).hasSize(1);
    }

    @Test
    void aWallDrawnTheOtherWayOrBegunElsewhereKeepsItInItsPlace() {
        var plan = onWall(room()).plan();
        var reversed = plan.withStorey(storey(plan), s -> s.change(Wall.class, south(plan), Wall::reversed));
        assertThat(onWalls(completed(plan, reversed))).containsExactly(WHERE);
        var longer = WallEdits.moveCorner(plan, storey(plan), Position.ofMm(0, 0), Position.ofMm(-800, 0))
                .orThrow();
        assertThat(onWalls(completed(plan, longer))).containsExactly(WHERE);
        // a wall moved aside takes it along
        var aside = WallEdits.moveWall(plan, storey(plan), south(plan), Length.ZERO, Length.ofMm(-500))
                .orThrow();
        assertThat(onWalls(completed(plan, aside))).containsExactly("1000,-500 to 1600,-500, 900 to 1500");
    }

    @Test
    void itGoesWithWallsThatAreMirroredTurnedCopiedAndDeleted() {
        var plan = onWall(onFloor(room()).plan()).plan();
        Set<ElementId> all =
                plan.storeys().getFirst().walls().stream().map(Wall::id).collect(Collectors.toSet());
        var upright = new Segment(new Point(-1000, 0), new Point(-1000, 100));
        var mirrored = completed(
                plan, PickedEdits.mirror(plan, storey(plan), all, upright).orThrow());
        assertThat(onWalls(mirrored)).containsExactly("-3000,0 to -3600,0, 900 to 1500");
        var turned = completed(
                plan,
                PickedEdits.turn(plan, storey(plan), all, Point.ORIGIN, 90).orThrow());
        assertThat(onWalls(turned)).containsExactly("0,1000 to 0,1600, 900 to 1500");
        var pasted = Clipping.of(plan, storey(plan), all).into(plan, storey(plan), Length.ofMm(9000), Length.ZERO);
        assertThat(onWalls(completed(plan, pasted.plan()))).containsExactly(WHERE, "10000,0 to 10600,0, 900 to 1500");
        assertThat(pasted.ids()).hasSize(4);
        var gone = completed(plan, Deletion.of(plan, storey(plan), Set.of(south(plan))));
        assertThat(gone.storeys().getFirst().regions()).hasSize(1); // that on the floor
        assertThat(gone.storeys().getFirst().coverings()).hasSize(1);
    }

    @Test
    void oneOnAFloorIsPickedMovedCopiedAndDeletedByItself() {
        var added = onFloor(room());
        var plan = added.plan();
        var geometry = TestPlans.geometry(plan);
        assertThat(Picking.at(geometry, new Point(700, 700), 20, Region.class::isInstance))
                .containsExactly(added.id());
        assertThat(Picking.inBox(
                        geometry, new Box(400, 400, 1600, 1200), Picking.Within.INSIDE, Region.class::isInstance))
                .containsExactly(added.id());
        var moved = PickedEdits.move(plan, storey(plan), Set.of(added.id()), Length.ofMm(250), Length.ofMm(-100))
                .orThrow();
        assertThat(moved.storeys().getFirst().regions().getFirst().corners())
                .containsExactlyElementsOf(box(750, 400, 1750, 1000));
        var pasted = Clipping.of(plan, storey(plan), Set.of(added.id()))
                .into(plan, storey(plan), Length.ofMm(2000), Length.ZERO);
        assertThat(areaM2(completed(plan, pasted.plan()), OwnRegionsTest::isRegion))
                .isCloseTo(1.2, within(1e-9));
        assertThat(pasted.ids()).hasSize(1);
        assertThat(FinishKey.of(List.of(TestPlans.laid(
                        OwnRegions.add(plan, storey(plan), new Region.Floors(), box(3000, 500, 4000, 1500), oak())
                                .plan()))))
                .extracting(Material::key)
                .contains(oak().material());
        var gone = completed(plan, Deletion.of(plan, storey(plan), Set.of(added.id())));
        assertThat(gone.storeys().getFirst().regions()).isEmpty();
        assertThat(gone.storeys().getFirst().coverings()).isEmpty();
    }

    private static Finish oak() {
        return Finish.of("wide-plank-oak");
    }

    @Test
    void aWallThroughAFieldPartsItsRoomAndNotTheField() {
        var plan = onFloor(room()).plan();
        var walls = WallEdits.add(
                        plan,
                        storey(plan),
                        Position.ofMm(1000, 0),
                        Position.ofMm(1000, 4000),
                        BodySide.CENTRE,
                        PARTITION)
                .orThrow();
        var split = completed(plan, walls.plan());
        var thick = plan.wallTypes().stream()
                        .filter(t -> t.id().equals(PARTITION))
                        .findFirst()
                        .orElseThrow()
                        .thickness()
                        .mm()
                / 1000;
        assertThat(found(split, OwnRegionsTest::isRegion)).hasSize(2);
        assertThat(areaM2(split, OwnRegionsTest::isRegion)).isCloseTo(0.6 - thick * 0.6, within(1e-9));
        var merged = completed(split, Deletion.of(split, storey(plan), Set.of(walls.id())));
        assertThat(areaM2(merged, OwnRegionsTest::isRegion)).isCloseTo(0.6, within(1e-9));
    }

    /** Asked by itself a region is the same as among all surfaces of its storey. */
    @Test
    void aRegionAskedByItselfIsTheSame() {
        var plan = onWall(onFloor(room()).plan()).plan();
        var laid = LaidPlan.of(plan).on(storey(plan));
        for (var region : plan.storeys().getFirst().regions()) {
            assertThat(Surfaces.ofRegion(laid, region))
                    .isNotEmpty()
                    .isEqualTo(Surfaces.on(laid).stream()
                            .filter(f -> f.surface().equals(new OwnRegion(region.id())))
                            .toList());
        }
    }

    @Test
    void copiesOfUnitsAndOfStoreysHaveIt() {
        var plan = onWall(onFloor(room()).plan()).plan();
        var mark = plan.storeys().getFirst().rooms().getFirst().id();
        var made = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(mark), "Studio")
                .orThrow();
        for (var sense : Sense.values()) {
            var placed = UnitEdits.place(made.plan(), made.id(), storey(plan), Position.ofMm(12_000, 0), 0, sense)
                    .plan();
            // its origin is the middle of the room: 2,500, 2,000
            var from = sense == Sense.MIRRORED ? 12_900 : 10_500;
            var to = sense == Sense.MIRRORED ? 13_500 : 11_100;
            assertThat(onWalls(placed)).containsExactly(WHERE, from + ",-2000 to " + to + ",-2000, 900 to 1500");
            assertThat(areaM2(placed, OwnRegionsTest::isRegion)).isCloseTo(2 * (0.6 + 0.36), within(1e-9));
        }
        var top = StoreyEdits.copyOnTop(plan, storey(plan), "Upper");
        assertThat(areaM2(top.plan(), OwnRegionsTest::isRegion)).isCloseTo(2 * (0.6 + 0.36), within(1e-9));
    }

    @Test
    void oneOnACurvedWallIsMeasuredAlongIt() {
        var straight = room();
        var bent = straight.withStorey(
                storey(straight), s -> s.change(Wall.class, south(straight), w -> w.withSagitta(Length.ofMm(-500))));
        var length = bent.storeys().getFirst().walls().getFirst().line().length();
        var plan = OwnRegions.add(
                        bent,
                        storey(bent),
                        new Upright(south(bent), Swing.LEFT),
                        box(length / 4, 0, length / 2, 1000),
                        TILES)
                .plan();
        var side = found(plan, s -> s instanceof Surface.WallSide w && w.wall().equals(south(plan)))
                .getFirst();
        var whole = side.areaMm2() + areaM2(plan, OwnRegionsTest::isRegion) * 1e6;
        var faceLength = whole / plan.storeys().getFirst().height().mm();
        assertThat(areaM2(plan, OwnRegionsTest::isRegion) * 1000).isCloseTo(faceLength / 4, within(1.0));
    }

    @Test
    void whatLiesOnNoSurfaceIsASnag() {
        var added = onFloor(room());
        var away = OutlineEdits.move(
                added.plan(),
                storey(added.plan()),
                added.plan().storeys().getFirst().regions().getFirst(),
                Length.ofMm(9000),
                Length.ZERO);
        assertThat(Snags.of(TestPlans.geometry(away), away))
                .extracting(Snag::kind)
                .contains(Snag.Kind.REGION_OFF_SURFACE);
        assertThat(Snags.of(TestPlans.geometry(added.plan()), added.plan()))
                .extracting(Snag::kind)
                .doesNotContain(Snag.Kind.REGION_OFF_SURFACE);
    }

    @Test
    void twoCornersAreNoRegion() {
        assertThatThrownBy(() -> new Region(
                        new RegionId(7), new Region.Floors(), List.of(Position.ORIGIN, Position.ofMm(100, 0))))
                .hasMessageContaining("needs 3");
    }
}
