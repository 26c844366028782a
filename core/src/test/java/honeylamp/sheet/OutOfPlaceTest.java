package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.store.CheckReport;
import honeylamp.units.Length;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Pieces in walls and far off, openings too wide for their wall, plans too large for their sheet. */
class OutOfPlaceTest {
    /** 5,000 by 4,000 clear, walls of 300. */
    private static final Plan ROOM = TestPlans.clearRectangle(5000, 4000);

    private static Plan with(double x, double y) {
        return FurnishingEdits.add(
                        ROOM,
                        TestPlans.storey(ROOM),
                        "sofa",
                        Length.ofMm(2000),
                        Length.ofMm(900),
                        Length.ofMm(800),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    private static List<Snag.Kind> kinds(Plan plan) {
        return CheckReport.snags(plan).stream()
                .map(Snag::kind)
                .filter(k -> k != Snag.Kind.UNNAMED_ROOM)
                .toList();
    }

    @Test
    void aPieceInAWallOrFarOffIsASnag() {
        assertThat(kinds(with(2500, 2000))).isEmpty();
        assertThat(kinds(with(2500, 3550))).isEmpty(); // its back on the face
        assertThat(kinds(with(2500, 0))).containsExactly(Snag.Kind.PIECE_IN_WALL);
        assertThat(kinds(with(5150, 2000))).containsExactly(Snag.Kind.PIECE_IN_WALL);
        var cut = WallEdits.add(
                        with(2500, 2000),
                        TestPlans.storey(ROOM),
                        Position.ofMm(2800, 0),
                        Position.ofMm(2800, 4000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        assertThat(kinds(cut)).containsExactly(Snag.Kind.PIECE_IN_WALL);
        assertThat(kinds(with(40_000, 2000))).containsExactly(Snag.Kind.PIECE_FAR_OFF);
    }

    /** The sofa's back is towards north, where the inner face lies at 4,000. */
    @Test
    void aPieceOffItsWallAfterTheWallMovedIsASnag() {
        var plan = with(2500, 4000 - 450);
        assertThat(kinds(plan)).isEmpty();
        var north = ROOM.storeys().getFirst().walls().stream()
                .filter(w -> w.line().middle().y() > 3900)
                .findFirst()
                .orElseThrow();
        var moved = WallEdits.moveWall(plan, TestPlans.storey(plan), north.id(), Length.ZERO, Length.ofMm(250))
                .orThrow();
        assertThat(kinds(moved)).containsExactly(Snag.Kind.PIECE_OFF_WALL);
        assertThat(CheckReport.snags(moved).stream().filter(s -> s.kind() == Snag.Kind.PIECE_OFF_WALL))
                .singleElement()
                .satisfies(s -> assertThat(s.sentence()).contains("Sofa stands 250 mm off the wall"));
        assertThat(kinds(with(2500, 4000 - 450 - 20))).isEmpty();
        assertThat(kinds(with(2500, 4000 - 450 - 400))).isEmpty(); // put there
    }

    @Test
    void aPlanThatLeavesItsSheetIsASnag() {
        assertThat(kinds(ROOM)).isEmpty();
        var locked = ViewEdits.scale(ROOM, Optional.of(10));
        assertThat(kinds(locked)).containsExactly(Snag.Kind.OFF_SHEET);
        assertThat(CheckReport.snags(locked).stream().filter(s -> s.kind() == Snag.Kind.OFF_SHEET))
                .singleElement()
                .satisfies(s -> assertThat(s.sentence()).contains("1:10").contains("choose the scale"));
    }

    @Test
    void theDemosAreInPlace() throws IOException {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan())) {
            assertThat(kinds(plan))
                    .doesNotContain(
                            Snag.Kind.PIECE_IN_WALL,
                            Snag.Kind.PIECE_FAR_OFF,
                            Snag.Kind.PIECE_OFF_WALL,
                            Snag.Kind.OFF_SHEET);
        }
    }

    @Test
    void anOpeningTooWideForItsWallCanBePickedWhereItWasWanted() {
        var plan = OpeningEdits.add(
                        ROOM,
                        TestPlans.storey(ROOM),
                        OpeningKind.DOOR,
                        TestPlans.wallId(ROOM, 0),
                        Length.ofMm(500),
                        Length.ofMm(900),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
        var id = plan.storeys().getFirst().openings().getFirst().id();
        var wide = OpeningEdits.setWidth(plan, TestPlans.storey(plan), id, Length.ofMm(7000));
        var geometry = TestPlans.geometry(wide);
        assertThat(geometry.places().homeless()).hasSize(1);
        assertThat(Snags.of(geometry, wide)).anyMatch(s -> s.kind() == Snag.Kind.OPENING_WITHOUT_ROOM);
        assertThat(Picking.at(geometry, new Point(2500, -60), 20, Opening.class::isInstance))
                .isNotEmpty();
        assertThat(Picking.at(geometry, new Point(2500, 2000), 20, Opening.class::isInstance))
                .isEmpty();
    }
}
