package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Margins;
import honeylamp.plan.Sheet.Paper;
import java.util.List;
import org.junit.jupiter.api.Test;

class PageEditsTest {
    private static final Plan HOUSE = QuillbackLane.plan();
    private static final PageId FIRST = new PageId(1);
    private static final PageId SECOND = new PageId(2);
    private static final ViewId GROUND = new ViewId(1);
    private static final ViewId FLAT = new ViewId(2);

    private static Page page(Plan plan, PageId id) {
        return plan.presentation().page(id).orElseThrow();
    }

    @Test
    void aSheetIsChangedOnOnePageOrOnAll() {
        var one = PageEdits.sheet(HOUSE, SECOND, Reach.THIS, s -> s.on(Paper.A4, s.way()));
        assertThat(page(one, FIRST).sheet().paper()).isEqualTo(Paper.A3);
        assertThat(page(one, SECOND).sheet().paper()).isEqualTo(Paper.A4);
        var named = PageEdits.sheet(one, FIRST, Reach.ALL, s -> s.withMargins(new Margins(15, 8)));
        assertThat(page(named, SECOND).sheet().paper()).isEqualTo(Paper.A4); // what was not changed stays
        assertThat(named.presentation().pages())
                .extracting(p -> p.sheet().margins())
                .containsOnly(new Margins(15, 8));
    }

    @Test
    void marginsThatLeaveNoPaperAreRefusedInWords() {
        assertThat(PageEdits.margins(HOUSE, FIRST, Reach.ALL, 61, 10).result()).isEmpty();
        assertThat(PageEdits.margins(HOUSE, FIRST, Reach.ALL, 0, 60).result()).isPresent();
    }

    @Test
    void pagesChangePlaces() {
        var turned = PageEdits.move(HOUSE, FIRST, 1).orThrow();
        assertThat(turned.presentation().pages()).extracting(Page::id).containsExactly(SECOND, FIRST);
        assertThat(PageEdits.move(HOUSE, FIRST, -1)).isEqualTo(Outcome.refused("it is the first page"));
        assertThat(PageEdits.move(HOUSE, SECOND, 1)).isEqualTo(Outcome.refused("it is the last page"));
    }

    @Test
    void viewsArePutOnAPageAndTakenOff() {
        var both = PageEdits.place(HOUSE, FIRST, FLAT).orThrow();
        assertThat(page(both, FIRST).views()).containsExactly(GROUND, FLAT);
        assertThat(PageEdits.place(both, FIRST, FLAT).orThrow()).isEqualTo(HOUSE);
        assertThat(PageEdits.place(HOUSE, FIRST, GROUND).result()).isEmpty();
        var full = HOUSE;
        for (var i = 1; i < PageEdits.MOST_VIEWS; i++) {
            var added = ViewEdits.copy(full, GROUND);
            full = PageEdits.place(added.plan(), FIRST, added.id()).orThrow();
        }
        assertThat(PageEdits.place(full, FIRST, FLAT).result()).isEmpty();
    }

    @Test
    void aPageIsCopiedAndTakenAway() {
        var added = PageEdits.copy(HOUSE, FIRST);
        assertThat(added.plan().presentation().pages())
                .extracting(Page::id)
                .containsExactly(FIRST, new PageId(3), SECOND);
        assertThat(PageEdits.remove(added.plan(), added.id()).orThrow()).isEqualTo(HOUSE);
        var last = PageEdits.remove(HOUSE, FIRST).orThrow();
        assertThat(last.presentation().views()).hasSize(2); // the views stay
        assertThat(PageEdits.remove(last, SECOND)).isEqualTo(Outcome.refused("a plan needs a page"));
    }

    @Test
    void listsNamesAndNotes() {
        var shorter = PageEdits.toggle(HOUSE, FIRST, Reach.THIS, Listing.FINISHES);
        assertThat(page(shorter, FIRST).lists()).containsExactly(Listing.ROOMS);
        var alike = PageEdits.toggle(shorter, SECOND, Reach.ALL, Listing.FINISHES);
        assertThat(alike.presentation().pages())
                .extracting(Page::lists)
                .containsOnly(List.of(Listing.ROOMS).stream().collect(java.util.stream.Collectors.toSet()));
        assertThat(page(PageEdits.name(HOUSE, FIRST, " Tea room "), FIRST).name())
                .isEqualTo("Tea room");
        assertThat(page(PageEdits.notes(HOUSE, FIRST, Reach.THIS, "Check on site. "), FIRST)
                        .notes())
                .isEqualTo("Check on site.");
    }
}
