package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class EditsTest {
    private final Plan plan = TestPlans.start()
            .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
            .wall(3000, 0, 3000, 4000, BodySide.CENTRE, PARTITION)
            .plan();
    private final StoreyId storey = TestPlans.storey(plan);

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static double areaM2(Plan plan) {
        return TestPlans.geometry(plan).netAreaMm2() / 1e6;
    }

    @Test
    void movingAWallStretchesItsNeighboursAndTakesStubsAlong() {
        // the upper wall goes up by 500: both rooms grow by 500 of their width, 2,950 each
        var top = TestPlans.wallId(plan, 2);
        var moved = WallEdits.moveWall(plan, storey, top, Length.ZERO, mm(500)).orThrow();
        assertThat(areaM2(moved)).isCloseTo(areaM2(plan) + 2 * 2.95 * 0.5, within(1e-6));
        assertThat(Snags.of(TestPlans.geometry(moved), moved))
                .noneMatch(s -> s.kind() == honeylamp.derive.snags.Snag.Kind.SHORT_END);
        var partition = moved.storeys().getFirst().walls().get(4);
        assertThat(partition.to()).isEqualTo(Position.ofMm(3000, 4500));
    }

    @Test
    void movingACornerTakesEveryWallThatEndsThere() {
        var moved = WallEdits.moveCorner(plan, storey, Position.ofMm(6000, 4000), Position.ofMm(6500, 4000))
                .orThrow();
        var walls = moved.storeys().getFirst().walls();
        assertThat(walls.get(1).to()).isEqualTo(Position.ofMm(6500, 4000));
        assertThat(walls.get(2).from()).isEqualTo(Position.ofMm(6500, 4000));
        // a triangle of 500 × 4,000 ÷ 2 is gained
        assertThat(areaM2(moved)).isCloseTo(areaM2(plan) + 1.0, within(1e-6));
    }

    @Test
    void aTypedLengthMovesTheChosenEnd() {
        var wall = TestPlans.wallId(plan, 0);
        var longer = WallEdits.setLength(plan, storey, wall, mm(7000), WallEdits.End.TO)
                .orThrow();
        assertThat(longer.storeys().getFirst().walls().getFirst().to()).isEqualTo(Position.ofMm(7000, 0));
        var other = WallEdits.setLength(plan, storey, wall, mm(7000), WallEdits.End.FROM)
                .orThrow();
        assertThat(other.storeys().getFirst().walls().getFirst().from()).isEqualTo(Position.ofMm(-1000, 0));
        assertThat(WallEdits.setLength(plan, storey, wall, mm(0.2), WallEdits.End.TO)
                        .refusal()
                        .orElseThrow())
                .contains("shorter than");
    }

    @Test
    void typeBodyAndHeightChangeOnlyThePickedWalls() {
        var wall = TestPlans.wallId(plan, 4);
        var changed = WallEdits.setHeight(
                WallEdits.setBody(
                        WallEdits.setType(plan, storey, List.of(wall), OUTER), storey, List.of(wall), BodySide.LEFT),
                storey,
                List.of(wall),
                mm(1200));
        var walls = changed.storeys().getFirst().walls();
        assertThat(walls.get(4).type()).isEqualTo(OUTER);
        assertThat(walls.get(4).body()).isEqualTo(BodySide.LEFT);
        assertThat(walls.get(4).height()).isEqualTo(mm(1200));
        assertThat(walls.subList(0, 4))
                .isEqualTo(plan.storeys().getFirst().walls().subList(0, 4));
    }

    private Added<ElementId.OpeningId> door(double offset) {
        return OpeningEdits.add(
                plan, storey, OpeningKind.DOOR, TestPlans.wallId(plan, 0), mm(offset), mm(885), Hand.FIRST, Swing.LEFT);
    }

    private static Opening opening(Plan plan) {
        return plan.storeys().getFirst().openings().getFirst();
    }

    @Test
    void openingsFollowTheirWall() {
        var door = door(500).plan();
        var moved = WallEdits.moveWall(door, storey, TestPlans.wallId(plan, 0), Length.ZERO, mm(-300))
                .orThrow();
        assertThat(opening(moved).offset()).isEqualTo(mm(500));
        var cut = TestPlans.geometry(moved).cuts().getFirst();
        assertThat(cut.left().a()).isEqualTo(new Point(500, -300));
    }

    @Test
    void openingsStayInTheirSpotWhenTheFirstEndMoves() {
        var door = door(500).plan();
        var moved = WallEdits.moveCorner(door, storey, Position.ORIGIN, Position.ofMm(-1000, 0))
                .orThrow();
        assertThat(opening(moved).offset()).isEqualTo(mm(1500));
    }

    @Test
    void openingsAreKeptInAWallThatShrinks() {
        var door = door(4500).plan();
        var shrunk = WallEdits.setLength(door, storey, TestPlans.wallId(plan, 0), mm(5000), WallEdits.End.TO)
                .orThrow();
        assertThat(opening(shrunk).end()).isEqualTo(mm(5000));
        assertThat(opening(shrunk).width()).isEqualTo(mm(885));
    }

    @Test
    void distancesFromEitherEndAreTakenFromFaces() {
        var added = door(500);
        var wall = plan.storeys().getFirst().walls().getFirst();
        var stretch = ClearDistances.around(TestPlans.geometry(plan).network(), wall, 900);
        var before = OpeningEdits.setBefore(added.plan(), storey, added.id(), stretch, mm(200));
        assertThat(opening(before).offset()).isEqualTo(mm(200));
        // the stretch ends at the partition's face at 2,950
        var after = OpeningEdits.setAfter(added.plan(), storey, added.id(), stretch, mm(100));
        assertThat(opening(after).end()).isEqualTo(mm(2850));
        assertThat(opening(after).keeping()).isEqualTo(Keeping.fromSecond(mm(100)));
    }

    /** The wall sets the most, and the sentence names it; nothing changes then. */
    @Test
    void anOpeningIsNoWiderThanItsWallHasRoomFor() {
        var added = door(500);
        var plan = added.plan();
        var host = plan.storey(storey).wall(opening(plan).host()).orElseThrow();
        var geometry = StoreyGeometry.of(plan, plan.storey(storey));
        var clear = ClearDistances.around(geometry.network(), host, host.line().length() / 2)
                .lengthMm();
        var ids = Set.of(added.id());
        assertThat(opening(OpeningLimits.setWidth(plan, storey, geometry, ids, mm(clear))
                                .orThrow())
                        .width()
                        .mm())
                .isEqualTo(clear);
        assertThat(OpeningLimits.setWidth(plan, storey, geometry, ids, mm(clear + 2))
                        .refusal()
                        .orElseThrow())
                .contains("room for at most %d mm".formatted(Math.round(clear)));
    }

    /** In feet and inches the most is told rounded down: typed as it is told, it is taken. */
    @Test
    void theMostThatIsToldCanBeTyped() {
        var added = door(500);
        var plan = added.plan().withUnits(UnitSystem.FEET_INCHES);
        var geometry = StoreyGeometry.of(plan, plan.storey(storey));
        var ids = Set.of(added.id());
        assertThat(OpeningLimits.setWidth(plan, storey, geometry, ids, mm(50_000))
                        .refusal()
                        .orElseThrow())
                .satisfies(sentence -> {
                    var told = sentence.replaceFirst(".*at most ", "").replaceFirst("[.]$", "");
                    var read = ((LengthReading.Good) LengthReader.positive(told, plan.units())).length();
                    assertThat(opening(OpeningLimits.setWidth(plan, storey, geometry, ids, read)
                                            .orThrow())
                                    .width())
                            .isEqualTo(read);
                });
    }

    /** A frame is 70 deep: it leaves that much less than the wall is thick. */
    @Test
    void aFrameStaysWithinItsWall() {
        var added = door(500);
        var plan = OpeningEdits.setKind(added.plan(), storey, added.id(), OpeningKind.CASEMENT_WINDOW);
        var geometry = StoreyGeometry.of(plan, plan.storey(storey));
        var most = geometry.cut(added.id()).orElseThrow().thicknessMm() - 70;
        assertThat(opening(OpeningLimits.setReveal(plan, storey, geometry, added.id(), mm(most))
                                .orThrow())
                        .build()
                        .reveal())
                .contains(mm(most));
        assertThat(OpeningLimits.setReveal(plan, storey, geometry, added.id(), mm(most + 1))
                        .refusal()
                        .orElseThrow())
                .contains("reveal of at most %d mm".formatted(Math.round(most)));
    }

    @Test
    void aWiderOpeningKeepsItsCentre() {
        var added = door(500);
        var wider = OpeningEdits.setWidth(added.plan(), storey, added.id(), mm(1085));
        assertThat(opening(wider).offset()).isEqualTo(mm(400));
        var flipped =
                OpeningEdits.flipSwing(OpeningEdits.flipHand(added.plan(), storey, added.id()), storey, added.id());
        assertThat(opening(flipped).hand()).isEqualTo(Hand.SECOND);
        assertThat(opening(flipped).swing()).isEqualTo(Swing.RIGHT);
        assertThat(OpeningEdits.setHeights(added.plan(), storey, added.id(), mm(2100), mm(2000))
                        .refusal()
                        .orElseThrow())
                .contains("above the sill");
    }

    @Test
    void deletingAWallTakesItsOpeningsAndSaysSo() {
        var added = door(500);
        Set<ElementId> gone = Set.of(TestPlans.wallId(plan, 0));
        assertThat(Deletion.alongWith(added.plan().storey(storey), gone)).isEqualTo("and the opening in it");
        var after = Deletion.of(added.plan(), storey, gone);
        assertThat(after.storeys().getFirst().walls()).hasSize(4);
        assertThat(after.storeys().getFirst().openings()).isEmpty();
        assertThat(Deletion.alongWith(plan.storey(storey), gone)).isEmpty();
    }

    @Test
    void namesAndFloorsGoToTheRoomsMark() {
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var named = RoomEdits.name(plan, storey, room, "  Parlour ");
        var again = TestPlans.geometry(named).rooms().stream()
                .filter(r -> r.mark().isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(again.name()).isEqualTo("Parlour");
        var floored = RoomEdits.floor(named, storey, again, Finish.of("screed"));
        assertThat(floored.storeys().getFirst().rooms()).hasSize(1);
        assertThat(floored.storeys().getFirst().rooms().getFirst().floor().material())
                .isEqualTo("screed");
        assertThat(floored.storeys().getFirst().rooms().getFirst().name()).isEqualTo("Parlour");
    }

    @Test
    void newRoomsAreMarkedOnce() {
        var marked = RoomEdits.markNew(plan, storey, TestPlans.geometry(plan));
        assertThat(marked.storeys().getFirst().rooms()).hasSize(2);
        assertThat(RoomEdits.markNew(marked, storey, TestPlans.geometry(marked)))
                .isEqualTo(marked);
    }

    @Test
    void namesSurviveWhenTheWallBetweenTwoRoomsGoes() {
        var marked = RoomEdits.markNew(plan, storey, TestPlans.geometry(plan));
        var named = RoomEdits.name(
                marked, storey, TestPlans.geometry(marked).rooms().getFirst(), "Parlour");
        var open = Deletion.of(named, storey, Set.of(TestPlans.wallId(plan, 4)));
        assertThat(TestPlans.geometry(open).rooms()).hasSize(1);
        assertThat(open.storeys().getFirst().rooms()).hasSize(2);
    }

    @Test
    void furnishingsMoveTurnResizeAndDouble() {
        var added =
                FurnishingEdits.add(plan, storey, "sofa", mm(2200), mm(950), mm(800), Position.ofMm(1000, 1000), 350);
        var turned = FurnishingEdits.turnBy(added.plan(), storey, List.of(added.id()), 90);
        assertThat(turned.storeys().getFirst().furnishings().getFirst().turnDeg())
                .isEqualTo(80);
        var moved = FurnishingEdits.move(turned, storey, List.of(added.id()), mm(-10), mm(5));
        assertThat(moved.storeys().getFirst().furnishings().getFirst().at()).isEqualTo(Position.ofMm(990, 1005));
        var two = FurnishingEdits.duplicate(moved, storey, added.id());
        assertThat(two.plan().storeys().getFirst().furnishings()).hasSize(2);
        assertThat(two.id()).isNotEqualTo(added.id());
        assertThatThrownBy(() -> FurnishingEdits.resize(moved, storey, added.id(), Length.ZERO, mm(1), mm(1)))
                .hasMessageContaining("furnishing width");
    }

    @Test
    void notesDimensionsAndPostsAreAdded() {
        var noted =
                NoteEdits.add(plan, storey, Position.ORIGIN, " north light ").plan();
        assertThat(noted.storeys().getFirst().notes().getFirst().text()).isEqualTo("north light");
        assertThat(NoteEdits.measure(plan, storey, Position.ORIGIN, Position.ORIGIN, mm(10))
                        .refusal()
                        .orElseThrow())
                .contains("same spot");
        var post = StructureEdits.add(
                plan,
                storey,
                new Structure.Block(Structure.Kind.POST, mm(200), mm(200), mm(2600)),
                Position.ofMm(1000, 1000),
                0);
        assertThat(post.plan().storeys().getFirst().structures()).hasSize(1);
        assertThat(post.plan().nextNumber()).isEqualTo(plan.nextNumber() + 1);
    }

    @Test
    void aPlanThatDoesNotHangTogetherIsRefused() {
        var door = door(500).plan();
        assertThatThrownBy(() -> door.withStorey(storey, s -> s.with(Wall.class, List.of())))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("hangs in no wall");
        assertThatThrownBy(() -> plan.withWallTypes(List.of())).hasMessageContaining("unknown type");
    }
}
