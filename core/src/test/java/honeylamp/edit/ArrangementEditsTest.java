package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Arrangement.Line;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Revision;
import org.junit.jupiter.api.Test;

/** Lists, setting-out lines and further pages, and what was changed since a plan was sent. */
class ArrangementEditsTest {
    private static final PageId FIRST = new PageId(1);
    private static final Plan PLAN = QuillbackLane.plan();

    private static Arrangement of(Plan plan) {
        return plan.presentation().page(FIRST).orElseThrow().arrangement();
    }

    @Test
    void aListIsPutOnThePaperOnly() {
        var put = ArrangementEdits.put(PLAN, FIRST, Listing.ROOMS, 40, 50, 60).orThrow();
        assertThat(of(put).laid()).containsExactly(new Arrangement.LaidList(Listing.ROOMS, 40, 50, 60));
        var again = ArrangementEdits.put(put, FIRST, Listing.ROOMS, 45, 50, 60).orThrow();
        assertThat(of(again).laid()).hasSize(1);
        assertThat(ArrangementEdits.put(PLAN, FIRST, Listing.ROOMS, 40, 50, 20).refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("30 mm"));
        assertThat(ArrangementEdits.put(PLAN, FIRST, Listing.ROOMS, 900, 50, 60).refusal())
                .isPresent();
        assertThat(ArrangementEdits.put(PLAN, FIRST, Listing.ROOMS, Double.NaN, 50, 60)
                        .refusal())
                .isPresent();
        assertThat(ArrangementEdits.lift(put, FIRST, Listing.ROOMS)).isEqualTo(PLAN);
        var hidden = PageEdits.toggle(put, FIRST, Reach.THIS, Listing.ROOMS);
        assertThat(of(hidden).laid()).isEmpty();
    }

    @Test
    void settingOutLinesComeMoveAndGo() {
        var one = ArrangementEdits.addLine(PLAN, FIRST, new Line(Run.DOWN, 100)).orThrow();
        var moved = ArrangementEdits.putLine(one, FIRST, 0, 120).orThrow();
        assertThat(of(moved).lines()).containsExactly(new Line(Run.DOWN, 120));
        assertThat(ArrangementEdits.takeLine(moved, FIRST, 0)).isEqualTo(PLAN);
        for (var nonsense : new double[] {5000, 1e9, Double.NaN, Double.POSITIVE_INFINITY}) { // on no paper there is
            assertThat(ArrangementEdits.putLine(one, FIRST, 0, nonsense).refusal())
                    .isPresent();
        }
        assertThat(ArrangementEdits.putLine(one, FIRST, 0, -1).refusal()).isPresent();
        assertThat(ArrangementEdits.addLine(PLAN, FIRST, new Line(Run.ACROSS, 1900))
                        .refusal())
                .isPresent();
        var many = PLAN;
        for (var i = 0; i < Arrangement.MOST_LINES; i++) {
            many = ArrangementEdits.addLine(many, FIRST, new Line(Run.DOWN, i)).orThrow();
        }
        assertThat(ArrangementEdits.addLine(many, FIRST, new Line(Run.DOWN, 1)).refusal())
                .isPresent();
    }

    /** What goes on is a page after the first; it goes with it, has its views, and there is no second one. */
    @Test
    void aPageThatGoesOnBelongsToTheFirst() {
        var added = ArrangementEdits.goOn(PLAN, FIRST).orThrow();
        assertThat(added.plan().presentation().pages()).extracting(Page::id).startsWith(FIRST, added.id());
        assertThat(ArrangementEdits.goOn(added.plan(), FIRST).refusal()).isPresent();
        var other = PLAN.presentation().views().getLast().id();
        var placed = PageEdits.place(added.plan(), FIRST, other).orThrow();
        assertThat(placed.presentation().page(added.id()).orElseThrow().views())
                .isEqualTo(placed.presentation().page(FIRST).orElseThrow().views());
        var without = PageEdits.remove(added.plan(), FIRST).orThrow();
        assertThat(without.presentation().page(added.id())).isEmpty();
        var alone = PageEdits.remove(
                        added.plan(), PLAN.presentation().pages().getLast().id())
                .orThrow();
        assertThat(PageEdits.remove(alone, FIRST).refusal()).isPresent();
    }

    /** A, B … Z, AA; numbers go on as numbers; the block says the last one's mark. */
    @Test
    void revisionsAreMarkedOneAfterTheOther() {
        var plan = PLAN;
        for (var i = 0; i < 28; i++) {
            plan = RevisionEdits.add(plan, "day " + i, "change " + i).orThrow();
        }
        assertThat(plan.presentation().revisions())
                .extracting(Revision::mark)
                .startsWith("A", "B", "C")
                .endsWith("Y", "Z", "AA", "AB");
        assertThat(plan.presentation().pages()).allSatisfy(p -> {
            assertThat(p.sheet().title().revision()).isEqualTo("AB");
            assertThat(p.lists()).contains(Listing.REVISIONS);
        });
        var numbered = RevisionEdits.mark(RevisionEdits.add(PLAN, "", "first").orThrow(), 0, "7")
                .orThrow();
        assertThat(RevisionEdits.add(numbered, "", "second")
                        .orThrow()
                        .presentation()
                        .revisions()
                        .getLast()
                        .mark())
                .isEqualTo("8");
        assertThat(RevisionEdits.add(PLAN, "", "  ").refusal()).isPresent();
        assertThat(RevisionEdits.add(PLAN, "", "x".repeat(161)).refusal()).isPresent();
    }

    @Test
    void aRevisionThatIsTakenAwayIsNoLongerSaid() {
        var two = RevisionEdits.add(RevisionEdits.add(PLAN, "1", "one").orThrow(), "2", "two")
                .orThrow();
        var one = RevisionEdits.take(two, 1);
        assertThat(one.presentation().revisions()).extracting(Revision::words).containsExactly("one");
        assertThat(one.presentation().pages().getFirst().sheet().title().revision())
                .isEqualTo("A");
        var renamed = RevisionEdits.mark(two, 1, "P2").orThrow();
        assertThat(renamed.presentation().pages().getLast().sheet().title().revision())
                .isEqualTo("P2");
        assertThat(RevisionEdits.rewrite(two, 0, "other")
                        .orThrow()
                        .presentation()
                        .revisions()
                        .getFirst()
                        .words())
                .isEqualTo("other");
        assertThat(RevisionEdits.date(two, 0, "5 May 2027")
                        .orThrow()
                        .presentation()
                        .revisions()
                        .getFirst()
                        .date())
                .isEqualTo("5 May 2027");
    }
}
