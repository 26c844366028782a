package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.Finish;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Note;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Repeats;
import honeylamp.plan.Sense;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A flat of 5,000 by 4,000 clear, with a closet of 1,000 by 1,500 in its north-west corner. */
class UnitEditsTest {
    /** With a door in the south wall and a bed; the middle of its walls is (2500, 2000). */
    private static Plan flat() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .wall(0, 2450, 1050, 2450, BodySide.CENTRE, PARTITION)
                .wall(1050, 2450, 1050, 4000, BodySide.CENTRE, PARTITION)
                .plan();
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 500, 885, Hand.FIRST, Swing.LEFT);
        var storey = TestPlans.storey(plan);
        plan = RoomEdits.mark(plan, storey, Position.ofMm(3000, 1000), "Studio", Finish.of("wide-plank-oak"))
                .plan();
        plan = RoomEdits.mark(plan, storey, Position.ofMm(500, 3200), "Closet", Finish.of("carpet-oat"))
                .plan();
        return FurnishingEdits.add(
                        plan,
                        storey,
                        "bed",
                        Length.ofMm(1600),
                        Length.ofMm(2050),
                        Length.ofMm(900),
                        Position.ofMm(4000, 2900),
                        0)
                .plan();
    }

    private static Added<UnitId> unit() {
        var plan = flat();
        var rooms = plan.storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals("Studio"))
                .map(r -> r.id())
                .toList();
        return UnitEdits.make(plan, TestPlans.geometry(plan), Set.copyOf(rooms), "Flat")
                .orThrow();
    }

    private static Added<UnitCopyId> placed(double x, double y, double turnDeg, Sense sense) {
        var made = unit();
        return UnitEdits.place(
                made.plan(), made.id(), TestPlans.storey(made.plan()), Position.ofMm(x, y), turnDeg, sense);
    }

    private static LaidPlan laid(Plan plan) {
        return LaidPlan.of(plan);
    }

    private static StoreyGeometry geometry(Plan plan) {
        return TestPlans.laid(plan).geometry();
    }

    private static List<Snag> snags(Plan plan) {
        return Snags.of(TestPlans.laid(plan), Snags.USUAL_GAP_REACH, () -> true).orElseThrow();
    }

    private static List<Double> areas(Plan plan) {
        return geometry(plan).rooms().stream().map(Room::areaMm2).toList();
    }

    @Test
    void takingOneCopyOutLeavesTheOthersTheirNumbers() {
        var made = placed(12_500, 2000, 0, Sense.AS_DRAWN);
        var two = UnitEdits.place(
                made.plan(),
                made.plan().repeats().units().getFirst().id(),
                TestPlans.storey(made.plan()),
                Position.ofMm(25_000, 2000),
                0,
                Sense.AS_DRAWN);
        var before = laid(two.plan()).storeys().getFirst().furnishings().getLast();
        var left = Deletion.of(two.plan(), TestPlans.storey(two.plan()), Set.of(made.id()));
        var after = laid(left).storeys().getFirst().furnishings().getLast();
        assertThat(after).isEqualTo(before); // the same id, so the same grain
    }

    @Test
    void aCopyHasTheSameRoomsWallsDoorsAndPieces() {
        var plan = placed(12_500, 2000, 0, Sense.AS_DRAWN).plan();
        // the plan itself is as it was; only laid out there is twice of everything
        assertThat(plan.storeys().getFirst().walls()).hasSize(6);
        var storey = laid(plan).storeys().getFirst();
        assertThat(storey.walls()).hasSize(12);
        assertThat(storey.openings()).hasSize(2);
        assertThat(storey.furnishings()).hasSize(2);
        // 20 m2 less the closet and its walls; the closet twice 1,000 x 1,500
        var rooms = areas(plan);
        assertThat(rooms).hasSize(4);
        assertThat(rooms.get(0)).isCloseTo(5000 * 4000 - 1100 * 1600, within(1.0));
        assertThat(rooms.get(1)).isCloseTo(rooms.get(0), within(1.0));
        assertThat(rooms.get(2)).isCloseTo(1000 * 1500, within(1.0));
        assertThat(rooms.get(3)).isCloseTo(1000 * 1500, within(1.0));
        assertThat(storey.furnishings().getLast().at()).isEqualTo(Position.ofMm(14_000, 2900));
    }

    @Test
    void theClosetThatOnlyItsWallsEncloseBelongsToIt() {
        // only the studio was picked
        assertThat(geometry(placed(12_500, 2000, 0, Sense.AS_DRAWN).plan()).rooms())
                .extracting(Room::name)
                .containsExactlyInAnyOrder("Studio", "Studio", "Closet", "Closet");
    }

    @Test
    void aTurnedCopyIsTurnedAndAMirroredOneMirrored() {
        var turned = geometry(placed(12_500, 2000, 90, Sense.AS_DRAWN).plan());
        // (4000, 2900) lies (1500, 900) from the origin; a quarter turn makes (-900, 1500) of it
        assertThat(turned.storey().furnishings().getLast().at()).isEqualTo(Position.ofMm(11_600, 3500));
        assertThat(turned.storey().furnishings().getLast().turnDeg()).isEqualTo(90);
        var mirrored = geometry(placed(12_500, 2000, 0, Sense.MIRRORED).plan());
        assertThat(mirrored.storey().furnishings().getLast().at()).isEqualTo(Position.ofMm(11_000, 2900));
        assertThat(mirrored.storey().furnishings().getLast().sense()).isEqualTo(Sense.MIRRORED);
        assertThat(mirrored.rooms().get(1).areaMm2()).isCloseTo(5000 * 4000 - 1100 * 1600, within(1.0));
        // the door's hinges are in the west; in the mirror in the east, and it still opens inward, to the north
        var cut = mirrored.cuts().stream()
                .filter(c -> c.opening().id().isCopied())
                .findFirst()
                .orElseThrow();
        var leaf = LeafSweep.of(cut).getFirst().area();
        // 500 to 1,385 from the west corner are 3,615 to 4,500 in the mirror: 13,615 to 14,500
        assertThat(leaf.bounds().centre().y()).isGreaterThan(0);
        assertThat(leaf.contains(new Point(14_400, 600))).isTrue();
        assertThat(leaf.contains(new Point(13_680, 600))).isFalse();
    }

    @Test
    void oneChangeChangesAll() {
        var plan = placed(12_500, 2000, 0, Sense.MIRRORED).plan();
        var storey = TestPlans.storey(plan);
        var bed = plan.storeys().getFirst().furnishings().getFirst().id();
        var moved = FurnishingEdits.moveTo(plan, storey, bed, Position.ofMm(4000, 2000));
        assertThat(laid(moved).storeys().getFirst().furnishings())
                .extracting(f -> f.at())
                .containsExactly(Position.ofMm(4000, 2000), Position.ofMm(11_000, 2000));
        // a wall that divides the studio divides it in the copy too
        var divided = WallEdits.add(
                        plan, storey, Position.ofMm(2500, 0), Position.ofMm(2500, 4000), BodySide.CENTRE, PARTITION)
                .orThrow()
                .plan();
        assertThat(areas(divided)).hasSize(6);
        assertThat(areas(divided).stream().mapToDouble(a -> a).sum())
                .isCloseTo(2 * (5000.0 * 4000 - 1100 * 1600 - 100 * 4000 + 1000 * 1500), within(2.0));
        var wall = plan.storeys().getFirst().walls().get(1).id();
        var wider = WallEdits.moveWall(plan, storey, wall, Length.ofMm(600), Length.ZERO)
                .orThrow();
        assertThat(areas(wider).get(1)).isCloseTo(5600 * 4000 - 1100 * 1600, within(1.0));
    }

    /** Clear 5,000 by 4,000; drawn along the middle of its walls, the party wall of two is one wall. */
    @Test
    void twoUnitsBackToBackShareTheirWall() {
        var room = TestPlans.start()
                .chain(BodySide.CENTRE, OUTER, true, 0, 0, 5300, 0, 5300, 4300, 0, 4300)
                .plan();
        var storey = TestPlans.storey(room);
        var named = RoomEdits.mark(room, storey, Position.ofMm(1000, 900), "Studio", Finish.of("wide-plank-oak"));
        var unit = UnitEdits.make(named.plan(), TestPlans.geometry(named.plan()), Set.of(named.id()), "Flat")
                .orThrow();
        var plan = UnitEdits.place(unit.plan(), unit.id(), storey, Position.ofMm(2650 + 5300, 2150), 0, Sense.MIRRORED)
                .plan();
        assertThat(laid(plan).storeys().getFirst().walls()).hasSize(7);
        assertThat(areas(plan))
                .allSatisfy(a -> assertThat(a).isCloseTo(5000 * 4000, within(1.0)))
                .hasSize(2);
        assertThat(geometry(plan).grossAreaMm2()).isCloseTo((2 * 5300.0 + 300) * 4600, within(2.0));
        assertThat(snags(plan)).isEmpty();
    }

    /** Two rooms behind one long wall: only the part along the western one, with its window, is repeated. */
    @Test
    void aWallThatGoesOnBeyondTheUnitIsPartedThere() {
        var row = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 8100, 0, 8100, 4000, 0, 4000)
                .wall(4050, 0, 4050, 4000, BodySide.CENTRE, PARTITION)
                .plan();
        row = TestPlans.opening(row, 0, OpeningKind.CASEMENT_WINDOW, 1000, 1200, Hand.FIRST, Swing.LEFT);
        row = TestPlans.opening(row, 0, OpeningKind.CASEMENT_WINDOW, 6000, 1200, Hand.FIRST, Swing.LEFT);
        var storey = TestPlans.storey(row);
        var named = RoomEdits.mark(row, storey, Position.ofMm(1000, 900), "Cell", Finish.of("wide-plank-oak"));
        var unit = UnitEdits.make(named.plan(), TestPlans.geometry(named.plan()), Set.of(named.id()), "Cell")
                .orThrow();
        assertThat(areas(unit.plan())).isEqualTo(areas(named.plan()));
        var plan = UnitEdits.place(unit.plan(), unit.id(), storey, Position.ofMm(2025, 12_000), 0, Sense.AS_DRAWN)
                .plan();
        // both rooms are 4,000 by 4,000
        assertThat(areas(plan)).hasSize(3).allSatisfy(a -> assertThat(a).isCloseTo(16e6, within(1.0)));
        var copied = laid(plan).storeys().getFirst();
        assertThat(copied.openings()).hasSize(3);
        assertThat(copied.walls()).hasSize(7 + 4);
    }

    /** Another wall meets the party wall from outside, in its middle; the unit still has all of its wall. */
    @Test
    void aWallThatOthersMeetFromOutsideStaysWhole() {
        var plan = TestPlans.start()
                .chain(BodySide.CENTRE, OUTER, true, 0, 0, 8000, 0, 8000, 4000, 0, 4000)
                .wall(4000, 0, 4000, 4000, BodySide.CENTRE, PARTITION)
                .wall(4000, 1500, 8000, 1500, BodySide.CENTRE, PARTITION)
                .plan();
        var storey = TestPlans.storey(plan);
        var named = RoomEdits.mark(plan, storey, Position.ofMm(1000, 900), "Cell", Finish.of("wide-plank-oak"));
        var unit = UnitEdits.make(named.plan(), TestPlans.geometry(named.plan()), Set.of(named.id()), "Cell")
                .orThrow();
        var copied = UnitEdits.place(unit.plan(), unit.id(), storey, Position.ofMm(2000, 12_000), 0, Sense.AS_DRAWN)
                .plan();
        // 4,000 less 150 and 50 by 4,000 less 300
        assertThat(geometry(copied).rooms().stream().filter(r -> r.name().equals("Cell")))
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.areaMm2()).isCloseTo(3800 * 3700, within(1.0)));
    }

    /** Drawn along its inner faces, the bodies of both party walls fill the same 300. */
    @Test
    void partyWallsDrawnFromBothSidesFillTheSamePlace() {
        var plan = placed(2500 + 5300, 2000, 0, Sense.MIRRORED).plan();
        assertThat(geometry(plan).rooms()).hasSize(4);
        assertThat(geometry(plan).grossAreaMm2()).isCloseTo((5300.0 + 5300 + 300) * 4600, within(2.0));
        assertThat(snags(plan)).isEmpty();
    }

    @Test
    void wordsOfACopyStayReadable() {
        var plan = placed(12_500, 2000, 180, Sense.MIRRORED).plan();
        var drawing = Illustration.of(TestPlans.view(plan), PaperFrame.atOrigin(50), Lamp.COLOUR, 1);
        assertThat(labels(drawing)).filteredOn(t -> t.text().equals("STUDIO")).hasSize(2);
        assertThat(labels(drawing)).allSatisfy(t -> assertThat(t.turnDeg()).isZero());
    }

    /** Said of the studio, at 3,000, 500, and measured from its west to its east face; the copy stands 10,000 further east. */
    @Test
    void whatIsSaidOfAUnitIsSaidOfItsCopies() {
        var made = unit();
        var storey = TestPlans.storey(made.plan());
        var noted = NoteEdits.add(made.plan(), storey, Position.ofMm(3000, 500), "Boards run north")
                .plan();
        var measured = NoteEdits.measure(
                        noted, storey, Position.ofMm(0, 1500), Position.ofMm(5000, 1500), Length.ofMm(200))
                .orThrow()
                .plan();
        var boxed = FreeMarkEdits.add(
                        measured,
                        storey,
                        FreeMark.Shape.BOX,
                        FreeMark.Line.DASHED,
                        Position.ofMm(2000, 300),
                        Position.ofMm(4000, 900))
                .orThrow()
                .plan();
        var plan = UnitEdits.place(boxed, made.id(), storey, Position.ofMm(12_500, 2000), 0, Sense.MIRRORED)
                .plan();
        var laid = geometry(plan).storey();
        assertThat(laid.notes()).extracting(Note::text).containsExactly("Boards run north", "Boards run north");
        // mirrored about its middle at 12,500: 3,000 lies 500 east of 2,500, so its twin 500 west of 12,500
        assertThat(laid.notes().getLast().at()).isEqualTo(Position.ofMm(12_000, 500));
        assertThat(laid.dimensions())
                .hasSize(2)
                .allSatisfy(d -> assertThat(d.line().length()).isCloseTo(5000, within(1e-6)));
        assertThat(laid.freeMarks()).hasSize(2);
        assertThat(snags(plan)).isEmpty();
        assertThat(plan.storeys().getFirst().notes()).hasSize(1);
    }

    private static List<Mark.Text> labels(Drawing drawing) {
        return drawing.layers().stream()
                .filter(l -> l.kind() == LayerKind.LABELS)
                .flatMap(l -> Mark.words(l.marks()))
                .toList();
    }

    @Test
    void schedulesCountCopies() {
        var plan = placed(12_500, 2000, 0, Sense.AS_DRAWN).plan();
        assertThat(Takeoff.of(LaidPlan.of(plan), Schedule.Subject.DOORS).rows()).hasSize(2);
        assertThat(Takeoff.of(LaidPlan.of(plan), Schedule.Subject.ROOMS).rows()).hasSize(4);
    }

    @Test
    void aReleasedCopyIsDrawnItselfAndNoLongerChanges() {
        var placed = placed(12_500, 2000, 0, Sense.MIRRORED);
        var cache = new GeometryCache();
        var laid = cache.units(placed.plan(), placed.plan().storeys().getFirst())
                .copies()
                .getFirst();
        var released = UnitEdits.release(placed.plan(), laid);
        assertThat(released.repeats().copies()).isEmpty();
        assertThat(released.storeys().getFirst().walls()).hasSize(12);
        assertThat(areas(released)).isEqualTo(areas(placed.plan()));
        var bed = released.storeys().getFirst().furnishings().getFirst().id();
        var moved = FurnishingEdits.moveTo(released, TestPlans.storey(released), bed, Position.ofMm(4000, 2000));
        assertThat(moved.storeys().getFirst().furnishings().getLast().at()).isEqualTo(Position.ofMm(11_000, 2900));
        var numbers = released.storeys().getFirst().walls().stream()
                .mapToInt(w -> w.id().number())
                .toArray();
        assertThat(numbers).doesNotHaveDuplicates();
        assertThat(released.nextNumber())
                .isGreaterThan(Arrays.stream(numbers).max().orElseThrow());
    }

    @Test
    void whatStandsInACopyKeepsItsIdentityWhenOtherCopiesGo() {
        var first = placed(12_500, 2000, 0, Sense.AS_DRAWN);
        var unit = first.plan().repeats().units().getFirst().id();
        var storey = TestPlans.storey(first.plan());
        var both = UnitEdits.place(first.plan(), unit, storey, Position.ofMm(22_500, 2000), 90, Sense.MIRRORED);
        var alone = Deletion.of(both.plan(), storey, Set.of(first.id()));
        var copied = TestPlans.laid(alone).storey().elements().all().filter(e -> e.id().isCopied());
        var known = TestPlans.laid(both.plan()).storey().elements();
        assertThat(copied.toList())
                .isNotEmpty()
                .allSatisfy(e -> assertThat(known.find(e.id())).hasValue(e));
    }

    @Test
    void whatStandsInACopyIsNoDrawnThing() {
        var plan = placed(12_500, 2000, 0, Sense.AS_DRAWN);
        var bed = plan.plan().storeys().getFirst().furnishings().getFirst();
        var copied = laid(plan.plan()).storeys().getFirst().furnishings().getLast();
        assertThat(copied.id())
                .isEqualTo(new FurnishingId(new Key.Copied(plan.id(), bed.id().number())));
        assertThat(copied.id().text())
                .isEqualTo(plan.id().text() + "." + bed.id().text());
        assertThat(copied.id()).isNotEqualTo(bed.id());
        assertThat(plan.plan().storeys().getFirst().elements().find(copied.id()))
                .isEmpty();
    }

    @Test
    void copiesGoWithTheirUnitAndItsStorey() {
        var placed = placed(12_500, 2000, 0, Sense.AS_DRAWN);
        var plan = placed.plan();
        var storey = TestPlans.storey(plan);
        assertThat(Deletion.of(plan, storey, Set.of(placed.id())).repeats().copies())
                .isEmpty();
        var unit = plan.repeats().units().getFirst().id();
        assertThat(Deletion.of(plan, storey, Set.of(unit)).repeats()).isEqualTo(Repeats.NONE);
        var two = StoreyEdits.addOnTop(plan, "Upper storey");
        var above = UnitEdits.place(two.plan(), unit, two.id(), Position.ofMm(2500, 2000), 0, Sense.AS_DRAWN);
        assertThat(laid(above.plan()).storeys().get(1).walls()).hasSize(6);
        var removed = StoreyEdits.remove(above.plan(), storey).orThrow();
        assertThat(removed.repeats()).isEqualTo(Repeats.NONE);
    }

    @Test
    void aUnitNeedsWalls() {
        var plan = flat();
        assertThat(UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(), "Nothing")
                        .refusal()
                        .orElseThrow())
                .contains("needs a room");
    }

    @Test
    void whatDidNotChangeIsRememberedWhenAChairMoves() {
        var plan = placed(12_500, 2000, 0, Sense.AS_DRAWN).plan();
        var cache = new GeometryCache();
        var before = cache.laidOut(plan).storeys().getFirst();
        var bed = plan.storeys().getFirst().furnishings().getFirst().id();
        var moved = FurnishingEdits.moveTo(plan, TestPlans.storey(plan), bed, Position.ofMm(4000, 2000));
        assertThat(cache.laidOut(moved).storeys().getFirst().walls()).isSameAs(before.walls());
    }

    /** The studio and its one copy are listed under the name of the unit. */
    @Test
    void theTakeoffIsFilteredByUnit() {
        var laid = placed(12_500, 2000, 0, Sense.AS_DRAWN).plan();
        var all = Takeoff.of(LaidPlan.of(laid), Schedule.Subject.FINISHES, "wide plank");
        var flats = Takeoff.of(LaidPlan.of(laid), Schedule.Subject.FINISHES, "flat wide plank");
        assertThat(all.rows()).hasSize(2);
        assertThat(flats.rows()).hasSize(2);
        assertThat(Takeoff.of(LaidPlan.of(laid), Schedule.Subject.FINISHES, "attic wide plank")
                        .rows())
                .isEmpty();
        assertThat(flats.columns()).extracting(Schedule.Column::heading).contains("Unit");
    }

    /** A threshold, a raised region with a tiled edge, and a plinth of the unit are in its mirrored copy too. */
    @Test
    void thresholdsRaisedRegionsAndPlinthsGoIntoCopies() {
        var flat = flat();
        var at = TestPlans.storey(flat);
        var door = flat.storeys().getFirst().openings().getFirst().id();
        var tray = OwnRegions.add(
                flat,
                at,
                new Region.Floors(),
                OwnRegions.rectangle(Length.ofMm(2000), Length.ofMm(500), Length.ofMm(2900), Length.ofMm(1400)),
                Finish.of("tile-white"));
        var raised = OwnRegions.change(tray.plan(), at, tray.id(), r -> r.withRaised(Length.ofMm(100)));
        var tiled = Optional.of(Finish.of("tile-white"));
        var covered = Coverings.cover(
                Coverings.cover(raised, at, new Surface.Threshold(door), tiled),
                at,
                new Surface.Edge(tray.id(), 1),
                tiled);
        var studio = covered.storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals("Studio"))
                .findFirst()
                .orElseThrow()
                .id();
        var made = UnitEdits.make(covered, TestPlans.geometry(covered), Set.of(studio), "Flat")
                .orThrow();
        var placed = UnitEdits.place(made.plan(), made.id(), at, Position.ofMm(12_500, 2000), 0, Sense.MIRRORED)
                .plan();
        var found = Surfaces.on(TestPlans.laid(placed));
        assertThat(found)
                .filteredOn(f ->
                        f.surface() instanceof Surface.Threshold && f.finish().isPresent())
                .hasSize(2);
        assertThat(found)
                .filteredOn(f -> f.surface() instanceof Surface.Edge)
                .hasSize(8)
                .filteredOn(f -> f.finish().isPresent())
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.areaMm2()).isCloseTo(900 * 100, within(1.0)));
    }
}
