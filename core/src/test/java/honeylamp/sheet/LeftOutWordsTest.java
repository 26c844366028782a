package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** What was to be written and found no place is told, never just missing. */
class LeftOutWordsTest {
    private static final ViewId FIRST = new ViewId(1);

    private static Plan saying(Plan plan, int scale, UnaryOperator<Annotation> change) {
        var scaled = plan.withPresentation(
                plan.presentation().changing(List.of(FIRST), v -> v.withScale(Optional.of(scale))));
        return ViewEdits.annotation(scaled, FIRST, Reach.ALL, change);
    }

    private static List<Snag> told(Plan plan) {
        return SheetSnags.all(LaidPlan.of(plan).all().getFirst(), Snags.USUAL_GAP_REACH).stream()
                .filter(s -> s.kind() == Snag.Kind.LABEL_WITHOUT_PLACE)
                .toList();
    }

    @Test
    void atAScaleWithRoomNothingIsLeftOut() {
        var room = TestPlans.clearRectangle(5000, 4000);
        var named = RoomEdits.name(
                room, TestPlans.storey(room), TestPlans.geometry(room).rooms().getFirst(), "Loft");
        assertThat(told(saying(named, 50, a -> a.withPairs(RoomPairs.ALL)))).isEmpty();
    }

    /** At 1:200 the laundry of 1.5 by 1.8 m is 8 by 9 mm: two lines with figures have no room in it beside what stands there. */
    @Test
    void sizesOfRoomsWithoutAPlaceAreTold() {
        assertThat(told(saying(SailclothYard.plan(), 200, a -> a.withPairs(RoomPairs.ALL))))
                .extracting(Snag::sentence)
                .anyMatch(s -> s.contains("the width and depth of Laundry"));
    }

    /** At 1:1000 the loft is 13 by 10 mm, and each of its tags about 4 mm wide. */
    @Test
    void tagsWithoutAPlaceAreTold() {
        var tagged = ViewEdits.showing(SailclothYard.plan(), Kind.TAGS, Degree.SHOWN);
        assertThat(told(saying(tagged, 1000, a -> a)))
                .extracting(Snag::sentence)
                .anyMatch(s -> s.contains("the tag D"));
        assertThat(told(saying(tagged, 50, a -> a))).extracting(Snag::sentence).noneMatch(s -> s.contains("the tag"));
    }

    /** At 1:500 a plan of 13 m is 26 mm wide: not all of its chairs can say that they are chairs. */
    @Test
    void namesOfPiecesWithoutAPlaceAreTold() {
        var plan = saying(SailclothYard.plan(), 500, a -> a.naming("seats"));
        assertThat(told(plan)).extracting(Snag::sentence).anyMatch(s -> s.contains("the name of"));
        assertThat(told(plan))
                .filteredOn(s -> s.sentence().contains("the name of"))
                .allSatisfy(s -> assertThat(s.about()).hasSize(1));
        assertThat(TestPlans.view(plan).view().scale()).contains(500);
    }
}
