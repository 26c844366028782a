package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How figures in rooms are measured is said once on every paper, and in second units if they are wanted. */
class HowMeasuredTest {
    private static final String SIZES = "Sizes of rooms clear, face to face";

    private static List<String> said(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1).drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.SHEET)
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .toList();
    }

    private static Plan sized() {
        var plan = SailclothYard.plan();
        return ViewEdits.annotation(plan, new ViewId(1), Reach.ALL, a -> a.withPairs(RoomPairs.ALL));
    }

    @ParameterizedTest
    @EnumSource
    void onEveryPaperItIsSaidOnce(Way way) {
        for (var paper : Paper.standard()) {
            var plan = PageEdits.sheet(sized(), s -> s.on(paper, way));
            assertThat(said(plan).stream().filter(t -> t.contains(SIZES)))
                    .as(paper.label())
                    .hasSize(1);
        }
    }

    @Test
    void withoutAListOfRoomsTheTitleBlockSaysIt() {
        var plan = PageEdits.toggle(sized(), new PageId(1), Reach.ALL, Listing.ROOMS);
        assertThat(said(plan)).doesNotContain("Rooms");
        assertThat(said(plan).stream().filter(SIZES::equals)).hasSize(1);
    }

    @Test
    void aPlanWithoutNamedRoomsSaysNothing() {
        assertThat(said(TestPlans.clearRectangle(5000, 4000))).noneMatch(t -> t.contains(SIZES));
    }

    /** The bathroom of 2,200 by 2,563 has 5.64 m²: 5,638,600 / 92,903.04 = 60.7 ft². */
    @Test
    void secondUnitsAreInTheListOfRoomsAndOnAScaleBarOfTheirOwn() {
        assertThat(said(SailclothYard.plan())).contains("5.64 m\u00b2").noneMatch(t -> t.endsWith(" ft"));
        var both = ViewEdits.annotation(
                sized(), new ViewId(1), Reach.ALL, a -> a.withSecond(Optional.of(UnitSystem.FEET_INCHES)));
        assertThat(said(both)).contains("5.64 m\u00b2 (60.7 ft\u00b2)");
        assertThat(said(both).stream().filter(t -> t.endsWith(" m") || t.endsWith(" ft")))
                .hasSize(2);
    }
}
