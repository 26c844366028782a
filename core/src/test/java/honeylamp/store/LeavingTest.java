package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.edit.PageEdits;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ReviewEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.output.Progress;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.View;
import honeylamp.store.Leaving.About;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is told before a plan leaves: one plan that is ready, and what is done to it one thing at a time. */
class LeavingTest {
    private static final Plan READY = QuillbackLane.plan();

    private static List<Leaving.Found> found(Plan plan) throws Exception {
        return Leaving.of(PlanDocument.of(plan), Progress.NONE);
    }

    private static List<String> about(Plan plan, About kind) throws Exception {
        return found(plan).stream()
                .filter(f -> f.about() == kind)
                .map(Leaving.Found::sentence)
                .toList();
    }

    @Test
    void aPlanThatIsReadyHasNothingToLookAt() throws Exception {
        assertThat(found(READY)).isEmpty();
    }

    @Test
    void aBarePlanIsToldItsNamesItsNorthAndItsTitle() throws Exception {
        var bare = TestPlans.clearRectangle(5000, 4000);
        assertThat(found(bare))
                .extracting(Leaving.Found::about)
                .contains(About.NAME, About.NORTH, About.TITLE, About.SNAG);
        assertThat(about(PlanEdits.north(bare, 30), About.NORTH)).isEmpty();
    }

    @Test
    void whatFindsNoRoomOnAPageIsTold() throws Exception {
        var first = new PageId(1);
        var plan = PageEdits.sheet(READY, s -> s.on(Paper.ofSides(200, 140), Way.LANDSCAPE));
        for (var list : List.of(Listing.SHOPPING, Listing.WALLS, Listing.COLOURS)) {
            plan = PageEdits.toggle(plan, first, Reach.ALL, list);
        }
        assertThat(about(plan, About.ROOM_ON_PAGE)).isNotEmpty().allMatch(w -> w.contains("without room on the page"));
    }

    @Test
    void aPageWithoutScaleIsTold() throws Exception {
        var view = READY.presentation().views().getFirst().id();
        assertThat(about(ViewEdits.fit(READY, view, Reach.THIS, View.Fit.FILLING), About.SCALE))
                .containsExactly("Ground floor keeps to no scale, and says so.");
    }

    @Test
    void anApprovalThatNoLongerHoldsIsTold() throws Exception {
        var page = READY.presentation().pages().getFirst().id();
        var stale = ReviewEdits.take(
                        READY, List.of(), List.of(new Approval(page, "Isolde", "2026-11-02", "0".repeat(64))))
                .orThrow();
        assertThat(about(stale, About.APPROVAL))
                .containsExactly("Ground floor has changed since Isolde approved it on 2026-11-02.");
    }
}
