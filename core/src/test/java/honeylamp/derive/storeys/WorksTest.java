package honeylamp.derive.storeys;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Tags;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.drawing.Mark;
import honeylamp.edit.Completing;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallEdits;
import honeylamp.edit.WallShaping;
import honeylamp.edit.WallsAround;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.building.WallArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.View;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.key.WallKey;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Two rooms 3000 and 4900 wide and 4000 deep, 100 of wall with a door between them: what becomes of that wall. */
class WorksTest {
    private static final int BETWEEN = 4;
    private static final double LEFT = 3000 * 4000;
    private static final double RIGHT = 4900 * 4000;
    private static final double WHOLE = 8000 * 4000;

    private static Plan house() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 8000, 0, 8000, 4000, 0, 4000)
                .wall(3000, 0, 3000, 4000, BodySide.RIGHT, PARTITION)
                .plan();
        return TestPlans.opening(plan, BETWEEN, OpeningKind.DOOR, 1000, 800, Hand.FIRST, Swing.LEFT);
    }

    private static Plan with(Wall.Works works) {
        var plan = house();
        return WallEdits.setWorks(plan, TestPlans.storey(plan), List.of(TestPlans.wallId(plan, BETWEEN)), works);
    }

    private static List<Double> areas(StoreyGeometry geometry) {
        return geometry.rooms().stream().map(r -> r.areaMm2()).toList();
    }

    private static LaidView seen(Plan plan, View.Works works) {
        return TestPlans.view(ViewEdits.works(plan, TestPlans.view(plan).view().id(), Reach.ALL, works));
    }

    @Test
    void aWallThatGoesBoundsNoRoomAndTakesItsDoorAlong() {
        var plan = with(Wall.Works.REMOVED);
        var geometry = TestPlans.geometry(plan);
        assertThat(areas(geometry))
                .hasSize(1)
                .first()
                .satisfies(a -> assertThat(a).isCloseTo(WHOLE, within(1.0)));
        assertThat(geometry.cuts()).isEmpty();
        assertThat(geometry.places().homeless()).isEmpty();
        assertThat(Tags.of(LaidPlan.of(plan))).isEmpty();
        assertThat(Snags.of(geometry, plan)).extracting(Snag::kind).containsOnly(Snag.Kind.UNNAMED_ROOM);
        var stays = WallEdits.setWorks(
                plan, TestPlans.storey(plan), List.of(TestPlans.wallId(plan, BETWEEN)), Wall.Works.EXISTING);
        assertThat(stays).isEqualTo(house());
        assertThat(areas(TestPlans.geometry(stays))).hasSize(2);
    }

    /** One may say that a wall goes, and that it stays after all: what was said of both rooms is there again. */
    @Test
    void whatIsSaidOfTheRoomsOutlastsAWallThatGoesAndStaysAfterAll() {
        var completing = new Completing(new GeometryCache());
        var plan = completing.of(house(), house());
        var storey = TestPlans.storey(plan);
        for (var room : TestPlans.geometry(plan).rooms()) {
            plan = RoomEdits.name(plan, storey, room, room.areaMm2() > LEFT ? "Hall" : "Den");
        }
        var between = List.of(TestPlans.wallId(plan, BETWEEN));
        var gone = completing.of(plan, WallEdits.setWorks(plan, storey, between, Wall.Works.REMOVED));
        assertThat(TestPlans.geometry(gone).rooms()).extracting(Room::name).containsExactly("Hall");
        var back = completing.of(gone, WallEdits.setWorks(gone, storey, between, Wall.Works.EXISTING));
        assertThat(TestPlans.geometry(back).rooms()).extracting(Room::name).containsExactly("Hall", "Den");
    }

    @Test
    void aWallThatGoesIsPickedWhereItIsDashed() {
        var plan = with(Wall.Works.REMOVED);
        var picked = Picking.at(TestPlans.geometry(plan), new Point(3050, 2000), 10, e -> e instanceof Wall);
        assertThat(picked).containsExactly(TestPlans.wallId(plan, BETWEEN));
    }

    @Test
    void aViewShowsWhatIsThereBeforeOrAfterTheWorks() {
        var gone = with(Wall.Works.REMOVED);
        assertThat(areas(seen(gone, View.Works.BEFORE).storey().geometry())).containsExactly(RIGHT, LEFT);
        assertThat(seen(gone, View.Works.BEFORE).storey().geometry().cuts()).hasSize(1);
        assertThat(areas(seen(gone, View.Works.AFTER).storey().geometry())).containsExactly(WHOLE);
        assertThat(seen(gone, View.Works.AFTER).storey().geometry().removed().pieces())
                .isEmpty();
        var built = with(Wall.Works.NEW);
        assertThat(areas(seen(built, View.Works.BEFORE).storey().geometry())).containsExactly(WHOLE);
        assertThat(seen(built, View.Works.BEFORE).storey().geometry().cuts()).isEmpty();
        assertThat(areas(seen(built, View.Works.AFTER).storey().geometry())).containsExactly(RIGHT, LEFT);
        assertThat(seen(built, View.Works.AFTER).storey().storey().hasWorks()).isFalse();
    }

    @Test
    void oneDrawsInAPlanWithEveryWallWhateverAViewShows() {
        var plan = with(Wall.Works.REMOVED);
        var view = TestPlans.view(plan).view().id();
        var before = ViewEdits.works(plan, view, Reach.ALL, View.Works.BEFORE);
        assertThat(LaidPlan.of(before)
                        .straight(view)
                        .storey()
                        .geometry()
                        .removed()
                        .pieces())
                .hasSize(1);
    }

    /** Between the outer faces of what stands the dashes go round the wall's 100 by 4000. */
    @Test
    void whatGoesIsDashedWithinWhatStands() {
        var marks = new WallArt(PaperFrame.atOrigin(1), Pens.usual(50))
                .marks(TestPlans.laid(with(Wall.Works.REMOVED)), Lamp.LIT, Optional.empty());
        var dashed = marks.stream()
                .filter(m -> m instanceof Mark.Stroke s && !s.pen().dashMm().isEmpty())
                .map(m -> ((Mark.Stroke) m).path().bounds())
                .toList();
        assertThat(dashed).hasSize(1);
        assertThat(dashed.getFirst().width()).isCloseTo(100, within(1e-6));
        assertThat(dashed.getFirst().height()).isCloseTo(4000, within(1e-6));
    }

    /** Along their middles the outer walls are 2 · (8300 + 4300), what is between them 4000. */
    @Test
    void theKeySaysWhatBecomesOfWallsAndHowLongTheyAre() {
        var works = WallKey.works(List.of(TestPlans.laid(with(Wall.Works.NEW))));
        assertThat(works).containsOnlyKeys(Wall.Works.EXISTING, Wall.Works.NEW);
        assertThat(works.get(Wall.Works.NEW)).isCloseTo(4000, within(1e-6));
        assertThat(works.get(Wall.Works.EXISTING)).isCloseTo(25_200, within(1e-6));
        assertThat(WallKey.works(List.of(TestPlans.laid(house())))).isEmpty();
        assertThat(WallKey.types(List.of(TestPlans.laid(house())))).hasSize(2);
    }

    private static Plan door(Plan plan, int index, Wall.Works works) {
        var storey = plan.storeys().getFirst();
        return OpeningEdits.setWorks(
                plan, storey.id(), Set.of(storey.openings().get(index).id()), works);
    }

    private static double pocheMm2(StoreyGeometry geometry) {
        return geometry.poche().stream().mapToDouble(Outline::area).sum();
    }

    /** The door is 800 wide in a wall of 100: closed up, so much more is cut. */
    @Test
    void anOpeningThatIsClosedUpLeavesItsWallWhole() {
        var plan = door(house(), 0, Wall.Works.REMOVED);
        var geometry = TestPlans.geometry(plan);
        assertThat(geometry.cuts()).isEmpty();
        assertThat(pocheMm2(geometry) - pocheMm2(TestPlans.geometry(house()))).isCloseTo(800 * 100, within(1.0));
        assertThat(areas(geometry)).containsExactly(RIGHT, LEFT);
        assertThat(Tags.of(LaidPlan.of(plan))).isEmpty();
        assertThat(Snags.of(geometry, plan)).extracting(Snag::kind).containsOnly(Snag.Kind.UNNAMED_ROOM);
        var id = plan.storeys().getFirst().openings().getFirst().id();
        assertThat(Picking.at(geometry, new Point(3050, 1400), 10, e -> e instanceof Opening))
                .containsExactly(id);
        assertThat(seen(plan, View.Works.BEFORE).storey().geometry().cuts()).hasSize(1);
        assertThat(seen(plan, View.Works.AFTER).storey().geometry().cuts()).isEmpty();
        assertThat(seen(plan, View.Works.AFTER).storey().storey().openings()).isEmpty();
        assertThat(door(plan, 0, Wall.Works.EXISTING)).isEqualTo(house());
    }

    /** What fills it, 800 by 100, is as dark as what is new; what stays beside it is light. */
    @Test
    void whatFillsAClosedOpeningIsDrawnAsNew() {
        var plan = door(house(), 0, Wall.Works.REMOVED);
        var marks = new WallArt(PaperFrame.atOrigin(1), Pens.usual(50))
                .marks(TestPlans.laid(plan), Lamp.LIT, Optional.empty());
        var whole = marks.stream()
                .filter(Mark.Fill.class::isInstance)
                .map(m -> ((Mark.Fill) m).ink())
                .findFirst()
                .orElseThrow();
        var filled = marks.stream()
                .filter(Mark.Clip.class::isInstance)
                .flatMap(m -> ((Mark.Clip) m).inside().stream())
                .filter(m -> m instanceof Mark.Fill f && f.ink().equals(whole))
                .map(m -> ((Mark.Fill) m).path().bounds())
                .toList();
        assertThat(filled).hasSize(1);
        assertThat(filled.getFirst().width()).isCloseTo(100, within(2.0));
        assertThat(filled.getFirst().height()).isCloseTo(800, within(1e-6));
    }

    /** A door is put in where another, closed up, was in part; each is where it was put, and drawn. */
    @Test
    void aNewOpeningMayLieOverOneThatIsClosedUp() {
        var both = TestPlans.opening(house(), BETWEEN, OpeningKind.DOOR, 2500, 800, Hand.FIRST, Swing.LEFT);
        var plan = door(door(both, 0, Wall.Works.REMOVED), 1, Wall.Works.NEW);
        var storey = TestPlans.storey(plan);
        var over = plan.withStorey(
                storey, s -> s.change(Opening.class, s.openings().get(1).id(), o -> o.withOffset(Length.ofMm(1400))));
        var geometry = TestPlans.geometry(over);
        assertThat(geometry.places().moved()).isEmpty();
        assertThat(geometry.cuts()).extracting(c -> c.opening().offset().mm()).containsExactly(1400.0);
        assertThat(geometry.closed()).extracting(c -> c.opening().offset().mm()).containsExactly(1000.0);
        assertThat(seen(over, View.Works.BEFORE).storey().geometry().cuts())
                .extracting(c -> c.opening().offset().mm())
                .containsExactly(1000.0);
        assertThat(seen(over, View.Works.AFTER).storey().storey().hasWorks()).isFalse();
        var works = WallKey.works(List.of(TestPlans.laid(over)));
        assertThat(works.get(Wall.Works.NEW)).isEqualTo(800);
        assertThat(works.get(Wall.Works.REMOVED)).isEqualTo(800);
    }

    /** The list of doors says which are new, as soon as anything is; what is closed up is not in it. */
    @Test
    void theScheduleSaysWhatIsNew() {
        assertThat(Schedule.doors(LaidPlan.of(house())).columns())
                .extracting(Schedule.Column::key)
                .doesNotContain("works");
        var both = TestPlans.opening(house(), BETWEEN, OpeningKind.DOOR, 2500, 800, Hand.FIRST, Swing.LEFT);
        assertThat(works(door(both, 1, Wall.Works.NEW))).containsExactly("Existing", "New");
        assertThat(works(door(both, 0, Wall.Works.REMOVED))).containsExactly("Existing");
        assertThat(works(with(Wall.Works.NEW))).containsExactly("New");
    }

    private static List<String> works(Plan plan) {
        var doors = Schedule.doors(LaidPlan.of(plan));
        assertThat(doors.columns().getLast().key()).isEqualTo("works");
        return doors.rows().stream()
                .map(r -> ((Schedule.Cell.Words) r.cells().getLast()).text())
                .toList();
    }

    /** The dashes lie 0.6 on paper before both faces of the wall of 100, at 1:50 so 30 each: 160 by 800. */
    @Test
    void whatIsTakenOutForANewOpeningHasDashesAround() {
        var plan = door(house(), 0, Wall.Works.NEW);
        var dashed = new WallArt(PaperFrame.atOrigin(50), Pens.usual(50))
                .marks(TestPlans.laid(plan), Lamp.LIT, Optional.empty()).stream()
                        .filter(m ->
                                m instanceof Mark.Stroke s && !s.pen().dashMm().isEmpty())
                        .map(m -> ((Mark.Stroke) m).path().bounds())
                        .toList();
        assertThat(dashed).hasSize(1);
        assertThat(dashed.getFirst().width()).isCloseTo(160 / 50.0, within(1e-9));
        assertThat(dashed.getFirst().height()).isCloseTo(800 / 50.0, within(1e-9));
        var inNew = WallEdits.setWorks(
                plan, TestPlans.storey(plan), List.of(TestPlans.wallId(plan, BETWEEN)), Wall.Works.NEW);
        assertThat(TestPlans.geometry(inNew).taken()).isEmpty();
    }

    @Test
    void wallsAreJoinedOnlyIfTheSameBecomesOfThem() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, PARTITION, false, 0, 0, 4000, 0, 7000, 0)
                .plan();
        var storey = TestPlans.storey(plan);
        var other = WallEdits.setWorks(plan, storey, List.of(TestPlans.wallId(plan, 1)), Wall.Works.NEW);
        assertThat(WallShaping.join(plan, storey, TestPlans.wallId(plan, 0), TestPlans.wallId(plan, 1))
                        .result())
                .isPresent();
        assertThat(WallShaping.join(other, storey, TestPlans.wallId(plan, 0), TestPlans.wallId(plan, 1))
                        .refusal())
                .isPresent();
    }

    @Test
    void aNewRoomBesideAnOldOneSharesItsWallAndIsNewElsewhere() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        var corners = List.of(
                Position.ofMm(4300, 0), Position.ofMm(7000, 0), Position.ofMm(7000, 3000), Position.ofMm(4300, 3000));
        var both = WallsAround.add(
                        plan,
                        TestPlans.geometry(plan),
                        WallsAround.edges(corners),
                        DrawnFace.INNER,
                        OUTER,
                        Wall.Works.NEW)
                .orThrow();
        var walls = both.storeys().getFirst().walls();
        assertThat(walls.subList(0, 4)).allMatch(w -> w.works() == Wall.Works.EXISTING);
        assertThat(walls.subList(4, walls.size())).hasSize(3).allMatch(w -> w.works() == Wall.Works.NEW);
        assertThat(areas(TestPlans.geometry(both))).containsExactly(12e6, 2700 * 3000.0);
    }
}
