package honeylamp.demo.place;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.takeoff.Takeoff;
import honeylamp.takeoff.brightness.ActivityCheck;
import honeylamp.takeoff.brightness.LightLayers;
import honeylamp.takeoff.brightness.LightLayers.State;
import honeylamp.takeoff.lighting.FittingCheck;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.takeoff.lighting.NightWays;
import honeylamp.takeoff.way.Ways;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The finished lighting plans of the demo: nothing is said against them, and nothing is missing. */
class LamplitTest {
    private static final Plan TEA_ROOM = Lamplit.quillbackLane();
    private static final Plan FLAT = Lamplit.sailclothYard();

    static Stream<Plan> plans() {
        return Stream.of(TEA_ROOM, FLAT);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void noAlarmIsFalseOnThem(Plan plan) {
        for (var storey : LaidPlan.of(plan).all()) {
            assertThat(FittingCheck.of(storey).stream().map(Snag::sentence)).isEmpty();
            assertThat(ActivityCheck.of(storey).stream().map(Snag::sentence)).isEmpty();
            var ways = NightWays.of(Ways.of(storey));
            assertThat(ways).isNotEmpty();
            assertThat(ways.stream().flatMap(w -> w.walk().steps().stream()).map(s -> s.isGood() ? "" : s.sentence()))
                    .containsOnly("");
            assertThat(LightLayers.of(storey, plan.lighting()).stream()
                            .flatMap(l -> l.layers().stream())
                            .filter(l -> l.state() == State.MISSING))
                    .isEmpty();
        }
    }

    @Test
    void theTeaRoomHasAPageOfLightsForEachStoreyAndAScheduleOfBoth() {
        for (var storey : TEA_ROOM.storeys()) {
            assertThat(LightingViews.of(TEA_ROOM, storey.id()).orElseThrow().lists())
                    .contains(Listing.FITTINGS);
        }
        var last = TEA_ROOM.presentation().pages().getLast();
        assertThat(last.lists()).containsExactly(Listing.FITTING_SCHEDULE);
        assertThat(last.views()).hasSize(2);
        var rows = Takeoff.of(LaidPlan.of(TEA_ROOM), Schedule.Subject.FITTINGS).rows();
        assertThat(rows).hasSizeGreaterThan(30);
    }

    /** Light falls inside, and windows of lit rooms are warm, those of dark ones are not. */
    @Test
    void theFlatIsDarkWhereLightsAreOff() {
        var view = LaidPlan.of(FLAT).pages().getFirst().views().getFirst();
        var lamps = Illustration.of(view, PaperFrame.atOrigin(50), Lamp.LIT, 1).layers().stream()
                .filter(l -> l.kind() == LayerKind.LAMPS)
                .toList();
        assertThat(lamps).hasSizeGreaterThanOrEqualTo(2);
        var by = Illustration.of(
                        view.seenAs(view.view().withLight(view.view().light().withEvening(Optional.empty()))),
                        PaperFrame.atOrigin(50),
                        Lamp.LIT,
                        1)
                .layers();
        assertThat(by.stream().map(l -> l.kind()).toList()).doesNotContain(LayerKind.LAMPS);
        assertThat(FLAT.presentation()
                        .views()
                        .getFirst()
                        .light()
                        .evening()
                        .orElseThrow()
                        .off())
                .isNotEqualTo(List.of());
    }
}
