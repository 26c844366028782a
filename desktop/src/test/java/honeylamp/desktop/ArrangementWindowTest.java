package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.edit.PageEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Sheet;
import honeylamp.plan.View;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PlanDocument;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The parts of a page put where somebody wants them, in the window. */
class ArrangementWindowTest {
    private static Page page(WindowDriver w) {
        return w.model().shown().page().page();
    }

    private static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()));
        w.press("stage-sheet");
        return w;
    }

    private static Box rooms(WindowDriver w) {
        return SheetComposer.lists(w.model().shown().page()).get(Listing.ROOMS);
    }

    private static void drag(WindowDriver w, Point from, Point to) throws Exception {
        var frame = w.model().now().frame();
        var a = frame.plan(from);
        var b = frame.plan(to);
        w.drag(a.x(), a.y(), b.x(), b.y());
    }

    /** A list is taken up where it stands, dragged, catches the margin, is typed, and put back. */
    @Test
    void aListIsDraggedTypedAndPutBack() throws Exception {
        try (var w = house()) {
            var stood = rooms(w);
            var margin = page(w).sheet().margins().bindingMm();
            var grip = new Point(stood.minX() + 5, stood.minY() + 6);
            drag(w, grip, new Point(margin + 5 + 0.4, stood.minY() - 60));
            var laid = page(w).arrangement().of(Listing.ROOMS).orElseThrow();
            assertThat(laid.leftMm()).isEqualTo(margin); // caught
            assertThat(laid.downMm()).isCloseTo(stood.minY() - 66, within(2.0));
            assertThat(laid.widthMm()).isEqualTo(stood.width());
            w.fill("laid-width-rooms", "90 mm");
            assertThat(page(w).arrangement().of(Listing.ROOMS).orElseThrow().widthMm())
                    .isEqualTo(90);
            w.fill("laid-left-rooms", "5000");
            assertThat(w.message()).contains("would not lie on the paper");
            w.press("laid-back-rooms");
            assertThat(page(w).arrangement().laid()).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(page(w).arrangement().laid()).hasSize(1);
        }
    }

    /** A view that is not the one worked on is dragged and typed as that is. */
    @Test
    void everyViewOfAPageIsDraggedAndTyped() throws Exception {
        var plan = QuillbackLane.plan();
        var pages = plan.presentation().pages();
        var other = pages.get(1).views().getFirst();
        var both = PageEdits.place(plan, pages.getFirst().id(), other).orThrow();
        try (var w = WindowDriver.with(PlanDocument.of(both))) {
            w.press("stage-sheet");
            var page = w.model().shown().page();
            assertThat(w.model().now().worked().view()).isNotEqualTo(other);
            var there = SheetComposer.taken(page, other).orElseThrow().centre();
            drag(w, there, there.plus(new Point(19, -16)));
            var nudge = w.plan().presentation().view(other).orElseThrow().nudge();
            assertThat(nudge.rightMm()).isCloseTo(19, within(5.0));
            assertThat(nudge.downMm()).isCloseTo(-16, within(5.0));
            w.write("4 mm");
            w.key(KeyCode.ENTER);
            assertThat(w.plan().presentation().view(other).orElseThrow().nudge())
                    .isEqualTo(new View.Nudge(4, nudge.downMm()));
            assertThat(w.model().now().worked().view()).isNotEqualTo(other);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(both);
        }
    }

    /** Delete lets a list go back where it goes by itself; of a setting-out line nothing is left. */
    @Test
    void deletePutsAListBackAndTakesALineAway() throws Exception {
        try (var w = house()) {
            var stood = rooms(w);
            drag(w, new Point(stood.minX() + 5, stood.minY() + 6), new Point(100, 60));
            assertThat(page(w).arrangement().laid()).hasSize(1);
            w.key(KeyCode.DELETE);
            assertThat(page(w).arrangement().laid()).isEmpty();
            w.press("page-line-down");
            assertThat(page(w).arrangement().lines())
                    .containsExactly(new Arrangement.Line(
                            Arrangement.Run.DOWN, page(w).sheet().widthMm() / 2));
            w.fill("page-line-0", "80 mm");
            assertThat(page(w).arrangement().lines().getFirst().mm()).isEqualTo(80);
            drag(w, new Point(80, 5), new Point(60, 5));
            assertThat(page(w).arrangement().lines().getFirst().mm()).isCloseTo(60, within(1.0));
            w.key(KeyCode.DELETE);
            assertThat(page(w).arrangement().lines()).isEmpty();
        }
    }

    @Test
    void listsGoBesideOrBelowAndAPageForListsIsAdded() throws Exception {
        try (var w = house()) {
            var was = w.model().now().frame();
            w.press("lists-left");
            assertThat(w.model().now().frame()).isNotEqualTo(was); // the plan makes room
            assertThat(page(w).arrangement().lists()).isEqualTo(Arrangement.Lists.LEFT);
            var pages = w.model().now().plan().presentation().pages().size();
            w.press("lists-page");
            assertThat(w.model().now().plan().presentation().pages()).hasSize(pages + 1);
            assertThat(page(w).arrangement().shares()).isEqualTo(Arrangement.Shares.LISTS_ONLY);
            assertThat(page(w).lists()).contains(Listing.DOORS);
            w.press("stage-walls"); // the view is there to be drawn in
            assertThat(page(w).showsViews()).isTrue();
        }
    }

    @Test
    void whatWasChangedIsListedAndMarked() throws Exception {
        try (var w = house()) {
            w.fill("revision-add", "Larder wider");
            var revision = w.model().now().plan().presentation().revisions().getFirst();
            assertThat(revision.mark()).isEqualTo("A");
            assertThat(revision.words()).isEqualTo("Larder wider");
            assertThat(page(w).lists()).contains(Listing.REVISIONS);
            w.fill("revision-words-0", "Larder 300 wider");
            assertThat(w.model()
                            .now()
                            .plan()
                            .presentation()
                            .revisions()
                            .getFirst()
                            .words())
                    .isEqualTo("Larder 300 wider");
            w.press("revision-away-0");
            assertThat(w.model().now().plan().presentation().revisions()).isEmpty();
        }
    }

    /** Rows are typed, refused if there are too many, kept under a name, and new plans begin with the office's. */
    @Test
    void ownRowsAreMadeKeptAndTheOfficesAreInNewPlans() throws Exception {
        try (var w = house()) {
            w.press("block-own");
            assertThat(page(w).sheet().title().block()).isEqualTo(Sheet.Block.OWN);
            w.fill("own-block-rows", "## {project} | Client: {client} | {scale bar}");
            assertThat(page(w).sheet().title().made().orElseThrow().rows()).startsWith("## {project}");
            w.fill("own-block-rows", " ");
            assertThat(w.message()).contains("from 1 to 8 rows");
            w.fill("own-block-name", "Quay");
            w.press("own-block-keep");
            assertThat(w.message()).contains("Quay");
            w.fill("title-small", "Check all on site.");
            w.press("office-keep");
            w.answers.unsaved = FileDialogs.Unsaved.DROP;
            w.press("new");
            var title = page(w).sheet().title();
            assertThat(title.author()).isEqualTo("Merrin Dole");
            assertThat(title.smallPrint()).isEqualTo("Check all on site.");
            assertThat(title.made().orElseThrow().name()).isEqualTo("Quay");
            assertThat(title.project()).isEmpty();
        }
    }
}
