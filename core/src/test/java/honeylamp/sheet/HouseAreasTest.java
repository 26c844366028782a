package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.PageSentences;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit.CountsAs;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a house comes to, worked out by hand, and the square that proves a print. */
class HouseAreasTest {
    private static final PageId FIRST = new PageId(1);

    /** 5,000 by 4,000 clear, within walls of 300. */
    private static final Plan ROOM = TestPlans.clearRectangle(5000, 4000);

    private static Plan counting(CountsAs as) {
        var room = TestPlans.geometry(ROOM).rooms().getFirst();
        return RoomEdits.use(ROOM, TestPlans.storey(ROOM), room, "", as);
    }

    private static List<String> words(Plan plan) {
        return HouseAreas.of(LaidPlan.of(plan)).rows(plan.units()).stream()
                .map(r -> r.words() + " " + r.figure())
                .toList();
    }

    @Test
    void aRoomIsNetAndItsWallsAreGross() {
        var areas = HouseAreas.of(LaidPlan.of(ROOM));
        assertThat(areas.netMm2()).isCloseTo(20e6, within(1.0));
        assertThat(areas.grossMm2()).isCloseTo(5600.0 * 4600, within(1.0)); // 25.76 m2
        assertThat(words(ROOM))
                .startsWith("Net indoors 20.00 m\u00b2 \u00b7 215.3 ft\u00b2") // 20 / 0.09290304
                .contains("Gross, outer faces 25.76 m\u00b2 \u00b7 277.3 ft\u00b2");
    }

    @Test
    void garagesOutdoorsAndLowRoomsAreCountedApart() {
        assertThat(words(counting(CountsAs.GARAGE)))
                .startsWith("Net indoors 0.00 m\u00b2 \u00b7 0.0 ft\u00b2")
                .contains(
                        "Garage 20.00 m\u00b2 \u00b7 215.3 ft\u00b2",
                        "With garage 20.00 m\u00b2 \u00b7 215.3 ft\u00b2");
        assertThat(HouseAreas.of(LaidPlan.of(counting(CountsAs.LOW_HEADROOM))).apart())
                .containsOnlyKeys(CountsAs.LOW_HEADROOM);
    }

    /** Storeys add up to the whole, and the whole to the schedule of rooms. */
    @Test
    void theNumbersAreThoseOfTheSchedules() {
        for (var plan : List.of(QuillbackLane.plan(), SailclothYard.plan())) {
            var laid = LaidPlan.of(plan);
            var areas = HouseAreas.of(laid);
            assertThat(areas.storeys().stream()
                            .mapToDouble(HouseAreas.StoreyArea::netMm2)
                            .sum())
                    .isCloseTo(areas.netMm2(), within(1e-6));
            var all = areas.netMm2()
                    + areas.apart().values().stream()
                            .mapToDouble(Double::doubleValue)
                            .sum();
            var scheduled = Schedule.rooms(laid).rows().stream()
                    .mapToDouble(row -> ((Schedule.Cell.Wide) row.cells().stream()
                                    .filter(Schedule.Cell.Wide.class::isInstance)
                                    .findFirst()
                                    .orElseThrow())
                            .areaMm2())
                    .sum();
            assertThat(all).isCloseTo(scheduled, within(1.0));
        }
    }

    @Test
    void theListIsOnThePage() {
        var page = compose(PageEdits.toggle(QuillbackLane.plan(), FIRST, Reach.THIS, Listing.AREAS));
        assertThat(texts(page)).contains("Areas of the house", "Ground floor", "Upper floor", "Net indoors");
    }

    /** 30 mm whatever the scale of the plan; an inch where the plan is in feet. */
    @Test
    void theCheckingSquareIsTrueAtEveryScale() {
        for (var scale : List.of(50, 75, 200)) {
            var plan = ViewEdits.scale(SailclothYard.plan(), Optional.of(scale));
            var page = compose(PageEdits.toggle(plan, FIRST, Reach.ALL, Listing.SQUARE));
            assertThat(texts(page)).contains("30 mm on a true print");
            assertThat(squares(page)).anySatisfy(box -> {
                assertThat(box.width()).isCloseTo(30, within(1e-9));
                assertThat(box.height()).isCloseTo(30, within(1e-9));
            });
        }
        var inches = compose(PageEdits.toggle(QuillbackLane.plan(), FIRST, Reach.ALL, Listing.SQUARE));
        assertThat(squares(inches)).anySatisfy(box -> assertThat(box.width()).isCloseTo(25.4, within(1e-9)));
    }

    @Test
    void aSentenceIsAddedOnceAndTakenAway() {
        var once = PageSentences.GUIDANCE.in("Check on site.");
        assertThat(once).isEqualTo("Check on site.\n" + PageSentences.GUIDANCE.sentence());
        assertThat(PageSentences.GUIDANCE.in(once)).isEqualTo("Check on site.");
    }

    private static ComposedPage compose(Plan plan) {
        return SheetComposer.compose(LaidPlan.of(plan).page(FIRST), Lamp.LIT, 0.5);
    }

    private static List<Mark> marks(ComposedPage page) {
        return page.drawing().only(k -> k == LayerKind.SHEET).layers().stream()
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    private static List<String> texts(ComposedPage page) {
        return Mark.words(marks(page)).map(Mark.Text::text).toList();
    }

    private static List<Box> squares(ComposedPage page) {
        return marks(page).stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(m -> ((Mark.Stroke) m).path().bounds())
                .filter(b -> Math.abs(b.width() - b.height()) < 1e-9 && b.width() > 20)
                .toList();
    }
}
