package honeylamp.takeoff.fit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.sheet.SheetSnags;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rooms with a door in the south wall and a window in the north wall. */
class StarterGroupTest {
    private static Plan room(double w, double d) {
        var walls = TestPlans.clearRectangle(w, d);
        var doored = TestPlans.opening(walls, 0, OpeningKind.DOOR, 300, 900, Hand.FIRST, Swing.LEFT);
        var lit = TestPlans.opening(doored, 2, OpeningKind.CASEMENT_WINDOW, w / 2 - 600, 1200, Hand.FIRST, Swing.LEFT);
        return RoomEdits.mark(lit, TestPlans.storey(lit), Position.ofMm(w / 2, d / 2), "Room", Finish.of("screed"))
                .plan();
    }

    private static StarterGroup.Furnished furnished(Plan plan, String use) {
        var room = StoreyGeometry.of(plan, plan.storeys().getFirst()).rooms().getFirst();
        return StarterGroup.in(plan, TestPlans.storey(plan), room, use);
    }

    @ParameterizedTest
    @CsvSource({
        "bedroom, 4000, 3500, 4", "bedroom, 3000, 3200, 2", "living, 5500, 4200, 5", "living, 3200, 3000, 2",
        "dining, 4500, 4000, 2", "bath, 2600, 2400, 3", "work, 3500, 3000, 3", "kitchen, 4500, 3500, 2",
        "service, 2500, 2000, 2"
    })
    void aRoomIsFurnishedWithoutAnythingInItsWayOrTooTight(String use, double w, double d, int least) {
        var result = furnished(room(w, d), use);
        assertThat(result.placed()).hasSizeGreaterThanOrEqualTo(least);
        var laid = TestPlans.laid(result.plan());
        assertThat(FitCheck.of(laid)).extracting(Snag::sentence).isEmpty();
        assertThat(SheetSnags.all(laid, Length.ofMm(100)))
                .extracting(Snag::kind)
                .doesNotContain(Snag.Kind.PIECE_IN_WALL, Snag.Kind.LEAF_AGAINST_PIECE, Snag.Kind.PIECE_OFF_WALL);
        apart(laid.storey().furnishings());
    }

    private static void apart(List<Furnishing> pieces) {
        for (var a : pieces) {
            for (var b : pieces) {
                if (!a.id().equals(b.id())
                        && a.bottom().compareTo(b.top()) < 0
                        && b.bottom().compareTo(a.top()) < 0) {
                    var common = Regions.intersection(
                            List.of(Outline.of(Picking.footprint(a))), List.of(Outline.of(Picking.footprint(b))));
                    assertThat(common.stream().mapToDouble(Outline::area).sum())
                            .as(a.kind() + " in " + b.kind())
                            .isLessThan(20_000);
                }
            }
        }
    }

    @Test
    void aLargerRoomGetsLargerPieces() {
        assertThat(sofa(furnished(room(6000, 5000), "living").plan()))
                .isGreaterThan(sofa(furnished(room(2200, 2300), "living").plan()));
    }

    private static Length sofa(Plan plan) {
        return plan.storeys().getFirst().furnishings().stream()
                .filter(f -> f.kind().equals("sofa"))
                .findFirst()
                .orElseThrow()
                .width();
    }

    @Test
    void whatIsThereStaysAndIsNotPlacedAgainAndWhatFindsNoRoomIsSaid() {
        var once = furnished(room(4000, 3500), "bedroom");
        var twice = furnished(once.plan(), "bedroom");
        assertThat(twice.plan().storeys().getFirst().furnishings())
                .containsAll(once.plan().storeys().getFirst().furnishings());
        assertThat(twice.placed()).hasSizeLessThan(once.placed().size());
        var closet = furnished(room(1300, 1400), "bedroom");
        assertThat(closet.leftOut()).contains("Bed");
        assertThat(furnished(room(3000, 3000), "store").placed()).isEmpty();
    }

    @Test
    void theSameRoomIsFurnishedTheSame() {
        assertThat(furnished(room(5500, 4200), "living").plan())
                .isEqualTo(furnished(room(5500, 4200), "living").plan());
    }
}
