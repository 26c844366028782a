package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Two rooms of 4,000 by 4,000 beside each other, 2,500 high; a lamp 300 high hangs in the left one. */
class HangingTest {
    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static Plan rooms() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 8100, 0, 8100, 4000, 0, 4000)
                .wall(4050, 0, 4050, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        var high = StoreyEdits.levels(plan, TestPlans.storey(plan), l -> l.withHeight(mm(2500)));
        return RoomEdits.markNew(high, TestPlans.storey(high), TestPlans.geometry(high));
    }

    private static Plan lamp(double bottom) {
        var plan = TestPlans.with(rooms(), "ceiling-lamp", 400, 400, 300, 2000, 2000, 0);
        return FurnishingEdits.raise(plan, TestPlans.storey(plan), List.of(id(plan)), mm(bottom))
                .orThrow();
    }

    private static FurnishingId id(Plan plan) {
        return piece(plan).id();
    }

    private static Furnishing piece(Plan plan) {
        return plan.storeys().getFirst().furnishings().getFirst();
    }

    private static Plan complete(Plan before, Plan after) {
        return new Completing(new GeometryCache()).of(before, after);
    }

    private static Plan high(Plan plan, double mm) {
        return complete(plan, StoreyEdits.levels(plan, TestPlans.storey(plan), l -> l.withHeight(mm(mm))));
    }

    private static Plan roomHigh(Plan plan, double x, double mm) {
        var room =
                TestPlans.geometry(plan).roomAt(Position.ofMm(x, 2000).point()).orElseThrow();
        return complete(
                plan, RoomEdits.fit(plan, TestPlans.storey(plan), room, f -> f.withHeight(Optional.of(mm(mm)))));
    }

    @Test
    void aLampFollowsTheCeilingOfItsStorey() {
        assertThat(piece(high(lamp(2200), 2800)).bottom()).isEqualTo(mm(2500));
        assertThat(piece(high(lamp(2200), 2300)).bottom()).isEqualTo(mm(2000));
        var raised = high(lamp(2200), 2800);
        assertThat(complete(raised, raised)).isEqualTo(raised);
    }

    @Test
    void andThatOfItsRoomWhereverItIsTaken() {
        var low = roomHigh(lamp(2200), 2000, 2300);
        assertThat(piece(low).bottom()).isEqualTo(mm(2000));
        var moved = complete(
                low, FurnishingEdits.add(low, TestPlans.storey(low), piece(low)).plan());
        assertThat(moved.storeys().getFirst().furnishings()).hasSize(2);
        var taken = complete(
                low,
                low.withStorey(
                        TestPlans.storey(low),
                        s -> s.change(Furnishing.class, id(low), f -> f.withAt(Position.ofMm(6000, 2000)))));
        assertThat(piece(taken).bottom()).isEqualTo(mm(2200));
    }

    @Test
    void madeLongerItReachesDeeperAndWhatSomebodyTypedStays() {
        var plan = lamp(2200);
        var at = TestPlans.storey(plan);
        var longer = complete(plan, FurnishingEdits.resize(plan, at, id(plan), mm(400), mm(400), mm(900)));
        assertThat(piece(longer).bottom()).isEqualTo(mm(1600));
        var typed = complete(
                plan,
                FurnishingEdits.raise(plan, at, List.of(id(plan)), mm(1800)).orThrow());
        assertThat(piece(typed).bottom()).isEqualTo(mm(1800));
        assertThat(piece(high(typed, 2800)).bottom()).isEqualTo(mm(1800)); // it hung no longer
    }

    @Test
    void whatHasAWallBehindItOrSomethingBelowItDoesNotHang() {
        var plan = TestPlans.with(rooms(), "wall-unit", 600, 350, 700, 2000, 4000 - 175, 0);
        plan = FurnishingEdits.raise(plan, TestPlans.storey(plan), List.of(id(plan)), mm(1800))
                .orThrow();
        assertThat(piece(high(plan, 2800)).bottom()).isEqualTo(mm(1800));
        var stacked = TestPlans.with(rooms(), "trunk", 900, 900, 2000, 2000, 2000, 0);
        stacked = TestPlans.with(stacked, "trunk", 500, 500, 500, 2000, 2000, 0);
        var upper = stacked.storeys().getFirst().furnishings().getLast().id();
        stacked = FurnishingEdits.raise(stacked, TestPlans.storey(stacked), List.of(upper), mm(2000))
                .orThrow();
        var above = high(stacked, 2800).storeys().getFirst().furnishings().getLast();
        assertThat(above.bottom()).isEqualTo(mm(2000));
    }

    /** On a cord its lower end is where it usually is, whatever the ceiling; close to it, its top is there. */
    @Test
    void kindsHangUnderTheCeilingOfTheirRoom() {
        var pendant = Furnishings.of("pendant").orElseThrow();
        assertThat(pendant.under(mm(3500), mm(900), Optional.empty()))
                .isEqualTo(new FurnishingKind.Hung(mm(1500), mm(2000)));
        assertThat(pendant.under(mm(3500), mm(900), Optional.of(mm(800))))
                .isEqualTo(new FurnishingKind.Hung(mm(2700), mm(800)));
        var close = Furnishings.of("ceiling-lamp").orElseThrow();
        assertThat(close.under(mm(2500), mm(110), Optional.empty()))
                .isEqualTo(new FurnishingKind.Hung(mm(2390), mm(110)));
        var table = Furnishings.of("side-table").orElseThrow();
        assertThat(table.under(mm(2500), mm(500), Optional.empty()))
                .isEqualTo(new FurnishingKind.Hung(Length.ZERO, mm(500)));
    }
}
