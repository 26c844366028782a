package honeylamp.derive.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.Difference.What;
import honeylamp.edit.Deletion;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.TakingWalls;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Placing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** A plan as it was taken from a picture, then changed: the picture still shows what it was. */
class DifferencesTest {
    private static final ReadWalls READ = ReadWalls.of(
            ReadWallsTest.proposal(),
            Underlay.of(
                    new UnderlayId(1),
                    new Picture("0".repeat(64), "scan", 2000, 1000),
                    Placing.of(Position.ofMm(0, 0), 10, 0)));

    private final StoreyId storey =
            NewPlan.in(UnitSystem.MM).storeys().getFirst().id();
    private final TakingWalls.Taken taken = TakingWalls.take(NewPlan.in(UnitSystem.MM), storey, READ.walls());
    private final TreeMap<Integer, WallId> ids = taken.ids();

    private Differences differences(Plan plan) {
        return Differences.of(StoreyGeometry.of(plan, plan.storey(storey)), READ);
    }

    @Test
    void whatWasTakenDoesNotDiffer() {
        assertThat(differences(taken.plan()).all()).isEmpty();
        assertThat(differences(taken.plan()).isShifted()).isFalse();
    }

    @Test
    void aWallThatWasPulledDownIsOnlyInThePictureAndSoIsItsDoor() {
        var plan = Deletion.of(taken.plan(), storey, Set.of(ids.get(4)));
        var all = differences(plan).all();
        assertThat(all)
                .extracting(Difference::what)
                .containsExactly(new What.WallInPicture(), new What.OpeningInPicture(OpeningKind.DOOR));
        assertThat(all.getFirst().where().length()).isCloseTo(5000, within(10.0)); // between centre lines
        assertThat(all.getFirst().isInPicture()).isTrue();
    }

    @Test
    void aNewWallIsOnlyInThePlan() {
        var type = taken.plan().storey(storey).walls().getFirst().type();
        var plan = WallEdits.add(
                        taken.plan(),
                        storey,
                        Position.ofMm(8000, -1000),
                        Position.ofMm(8000, -4000),
                        BodySide.CENTRE,
                        type)
                .orThrow()
                .plan();
        var all = differences(plan).all();
        assertThat(all).extracting(Difference::what).containsExactly(new What.WallInPlan());
        assertThat(all.getFirst().where().middle().x()).isCloseTo(8000, within(1.0));
        assertThat(all.getFirst().words(UnitSystem.MM)).contains("only in the plan");
    }

    @Test
    void aWiderDoorOneFartherAlongAndAClosedWindow() {
        var door = taken.plan().storey(storey).openings().stream()
                .filter(o -> o.kind() == OpeningKind.DOOR)
                .findFirst()
                .orElseThrow();
        var window = taken.plan().storey(storey).openings().stream()
                .filter(o -> o.kind().isWindow())
                .findFirst()
                .orElseThrow();
        var wider = OpeningEdits.setWidth(taken.plan(), storey, door.id(), Length.ofMm(1000));
        assertThat(differences(wider).all())
                .singleElement()
                .extracting(Difference::what)
                .satisfies(w -> {
                    var width = (What.Width) w;
                    assertThat(width.planMm()).isCloseTo(1000, within(1.0));
                    assertThat(width.pictureMm()).isCloseTo(800, within(5.0));
                });
        var moved = OpeningEdits.moveTo(
                taken.plan(), storey, door.id(), Length.ofMm(door.offset().mm() + 300));
        assertThat(differences(moved).all())
                .singleElement()
                .extracting(Difference::what)
                .satisfies(w -> assertThat(((What.Moved) w).byMm()).isCloseTo(-300, within(5.0)));
        var closed = Deletion.of(taken.plan(), storey, Set.of(window.id()));
        assertThat(differences(closed).all())
                .extracting(Difference::what)
                .containsExactly(new What.OpeningInPicture(OpeningKind.CASEMENT_WINDOW));
    }

    @Test
    void aPictureThatLiesOffThePlanIsComparedAsIfItDidNot() {
        var off = ReadWalls.of(
                ReadWallsTest.proposal(),
                Underlay.of(
                        new UnderlayId(1),
                        new Picture("0".repeat(64), "scan", 2000, 1000),
                        Placing.of(Position.ofMm(700, -350), 10, 0)));
        var found = Differences.of(StoreyGeometry.of(taken.plan(), taken.plan().storey(storey)), off);
        assertThat(found.all()).isEmpty();
        assertThat(found.shift().x()).isCloseTo(-700, within(2.0));
        assertThat(found.shift().y()).isCloseTo(350, within(2.0));
    }

    @Test
    void aWindowMadeADoorIsAnotherKind() {
        var window = taken.plan().storey(storey).openings().stream()
                .filter(o -> o.kind().isWindow())
                .findFirst()
                .orElseThrow();
        var plan = Deletion.of(taken.plan(), storey, Set.of(window.id()));
        var made = OpeningEdits.add(
                        plan,
                        storey,
                        OpeningKind.OUTER_DOOR,
                        window.host(),
                        window.offset(),
                        window.width(),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
        assertThat(differences(made).all())
                .extracting(Difference::what)
                .containsExactly(new What.OtherKind(OpeningKind.OUTER_DOOR, OpeningKind.CASEMENT_WINDOW));
    }

    @Test
    void theNearestIsFoundByAPoint() {
        var plan = Deletion.of(taken.plan(), storey, Set.of(ids.get(4)));
        assertThat(differences(plan).near(new Point(5000, -2000), 100)).containsExactly(0);
        assertThat(differences(plan).near(new Point(1000, -2000), 100)).isEmpty();
    }
}
