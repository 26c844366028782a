package honeylamp.takeoff.bought;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.sheet.SheetComposer;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How one comes to rooms, over stairs too: Quillback Lane has a flat above, up a flight 3' wide between its jambs. */
class WayListTest {
    /** The stair of the demo so wide. */
    private static Plan flight(double mm) {
        var plan = QuillbackLane.plan();
        var storeys = plan.storeys().stream()
                .map(s -> s.with(
                        Structure.class,
                        s.structures().stream()
                                .map(part -> part.form() instanceof Stair stair
                                        ? part.withForm(stair.withFlight(Length.ofMm(mm)))
                                        : part)
                                .toList()))
                .toList();
        return plan.withStoreys(storeys);
    }

    private static List<WayList.Entry> upper(Plan plan) {
        var laid = LaidPlan.of(plan).all();
        return WayList.of(List.of(laid.getLast()));
    }

    @Test
    void whatLiesBeyondAStairIsNoWiderThanTheStair() {
        assertThat(upper(flight(600))).isNotEmpty().allSatisfy(e -> {
            assertThat(e.stairs()).isTrue();
            assertThat(e.leastMm().orElseThrow()).isLessThanOrEqualTo(600 + 0.001);
            assertThat(e.stepFree()).isNotEqualTo("yes");
        });
        var widest = upper(flight(600)).stream()
                .filter(e -> e.where().equals("on the stair"))
                .toList();
        assertThat(widest)
                .isNotEmpty()
                .allSatisfy(e -> assertThat(e.leastMm().orElseThrow()).isCloseTo(600, within(1e-6)));
    }

    /** With the stair as it is the door one comes in by is narrower: what is told of it is so on the ground floor too. */
    @Test
    void theDoorBelowCountsAbove() {
        var laid = LaidPlan.of(QuillbackLane.plan()).all();
        var below = WayList.of(List.of(laid.getFirst()));
        assertThat(below).isNotEmpty().noneMatch(WayList.Entry::stairs);
        var above = upper(QuillbackLane.plan());
        assertThat(above).allSatisfy(e -> assertThat(e.leastMm().orElseThrow()).isLessThan(914.4 + 0.001));
        assertThat(above)
                .anySatisfy(e -> assertThat(e.where())
                        .endsWith("on " + laid.getFirst().storey().name()));
    }

    @Test
    void thePageListsThem() {
        var plan = QuillbackLane.plan();
        var page = LaidPlan.of(plan).pages().getLast().page().id();
        var listed = PageEdits.toggle(plan, page, Reach.THIS, Page.Listing.WAYS);
        var words =
                SheetComposer.compose(LaidPlan.of(listed).pages().getLast(), Lamp.LIT, 1).drawing().layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .filter(Mark.Text.class::isInstance)
                        .map(m -> ((Mark.Text) m).text())
                        .toList();
        assertThat(words).contains("Ways to rooms");
        assertThat(Takeoff.of(LaidPlan.of(plan), Subject.WAYS).rows())
                .hasSize(WayList.of(LaidPlan.of(plan).all()).size());
    }
}
