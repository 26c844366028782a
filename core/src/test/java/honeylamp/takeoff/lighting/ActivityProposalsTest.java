package honeylamp.takeoff.lighting;

import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.ActivityEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Doing;
import honeylamp.plan.Plan;
import honeylamp.takeoff.lighting.ActivityProposals.ActivityProposal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is proposed from what stands in rooms. */
class ActivityProposalsTest {
    private static List<ActivityProposal> proposed(Plan plan) {
        return ActivityProposals.of(TestPlans.laid(plan), plan.lighting());
    }

    private static List<Doing> doings(Plan plan) {
        return proposed(plan).stream().map(p -> p.activity().doing()).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "sofa, 2000, 900, 800, SITTING",
        "armchair, 900, 900, 800, SITTING READING",
        "dining-table, 1800, 900, 740, DINING",
        "low-table, 1100, 600, 400, ''",
        "bed, 1600, 2100, 550, READING",
        "wardrobe, 1200, 600, 2100, DRESSING",
        "basin, 600, 480, 850, GROOMING",
        "bath, 1700, 750, 580, BATHING",
        "desk, 1400, 700, 740, DESK_WORK",
        "cooker, 600, 600, 900, COOKING",
        "sink-unit, 800, 600, 900, WASHING_UP",
        "workbench, 1600, 700, 900, CRAFT",
        "treadmill, 800, 1800, 1400, EXERCISE",
        "toy-chest, 800, 400, 450, PLAY",
        "chair, 450, 500, 850, ''",
        "plant, 400, 400, 900, ''"
    })
    void eachPieceProposesWhatIsDoneThere(String kind, double w, double d, double h, String expected) {
        var plan = TestPlans.with(TestPlans.clearRectangle(6000, 5000), kind, w, d, h, 3000, 2500, 0);
        assertThat(String.join(
                        " ", doings(plan).stream().sorted().map(Doing::name).toList()))
                .isEqualTo(expected);
    }

    /** A sofa whose front, the south, looks at a screen; and one that looks away from it. */
    @Test
    void aSofaThatFacesAScreenIsWatchedFrom() {
        var room = TestPlans.with(TestPlans.clearRectangle(6000, 5000), "screen-unit", 1600, 400, 500, 3000, 300, 180);
        assertThat(doings(TestPlans.with(room, "sofa", 2000, 900, 800, 3000, 3500, 0)))
                .containsExactlyInAnyOrder(Doing.SITTING, Doing.WATCHING);
        assertThat(doings(TestPlans.with(room, "sofa", 2000, 900, 800, 3000, 3500, 180)))
                .containsExactly(Doing.SITTING);
    }

    /** Before a desk of 700 that faces south one sits 700 from its middle and looks north at it. */
    @Test
    void oneStandsBeforeWhatOneWorksAtAndFacesIt() {
        var plan = TestPlans.with(TestPlans.clearRectangle(6000, 5000), "desk", 1400, 700, 740, 3000, 2500, 0);
        var at = ActivityPlaces.of(
                        plan.storeys().getFirst(), proposed(plan).getFirst().activity())
                .orElseThrow();
        assertThat(at.at().distance(new Point(3000, 1800))).isLessThan(1e-6);
        assertThat(at.facingDeg()).isEqualTo(90);
    }

    @Test
    void whatIsTakenOrDroppedIsNotProposedAgain() {
        var plan = TestPlans.with(TestPlans.clearRectangle(6000, 5000), "armchair", 900, 900, 800, 3000, 2500, 0);
        var all = proposed(plan);
        assertThat(all).hasSize(2);
        var taken =
                ActivityEdits.addAll(plan, storey(plan), List.of(all.getFirst().activity()));
        assertThat(proposed(taken)).hasSize(1);
        assertThat(proposed(ActivityEdits.dropped(taken, all.getLast().dropped())))
                .isEmpty();
    }

    /** The demo: hob and sink in a run, the outer door, the passage. */
    @Test
    void theDemoProposesInEveryRoomWhatIsDoneThere() {
        var plan = SailclothYard.plan();
        var all = ActivityProposals.of(LaidPlan.of(plan).all().getFirst(), plan.lighting());
        assertThat(all.stream()
                        .filter(p -> p.room().startsWith("Kitchen"))
                        .map(p -> p.activity().doing()))
                .containsExactlyInAnyOrder(Doing.DINING, Doing.COOKING, Doing.WASHING_UP);
        assertThat(all.stream()
                        .filter(p -> p.room().equals("Entrance"))
                        .map(p -> p.activity().doing()))
                .containsExactlyInAnyOrder(Doing.ENTERING, Doing.PASSING);
        assertThat(all).allSatisfy(p -> assertThat(p.because()).isNotBlank());
    }
}
