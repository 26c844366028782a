package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.SchemeEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Schemes;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The lists of a page that shows a storey in two schemes, or in one that is not laid open. */
class SchemesOnPageTest {
    /** A parlour of 5 by 4 m in carpet with four low tables and a door; in scheme A one table, cork, and two doors. */
    private static Plan both() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var storey = TestPlans.storey(plan);
        plan = RoomEdits.name(plan, storey, TestPlans.geometry(plan).rooms().getFirst(), "Parlour");
        for (var x = 1000; x <= 4000; x += 1000) {
            plan = TestPlans.with(plan, "low-table", 600, 600, 400, x, 2000, 0);
        }
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 500, 900, Opening.Hand.FIRST, Opening.Swing.LEFT);
        plan = floored(plan, "carpet-oat");
        var inA = SchemeEdits.add(plan, "A", Optional.empty()).orThrow();
        inA = inA.withStorey(
                storey, s -> s.with(Furnishing.class, s.furnishings().subList(0, 1)));
        inA = TestPlans.opening(inA, 0, OpeningKind.DOOR, 2500, 800, Opening.Hand.FIRST, Opening.Swing.LEFT);
        return floored(inA, "cork");
    }

    private static Plan floored(Plan plan, String material) {
        var storey = plan.storeys().getFirst();
        return RoomEdits.change(
                plan, storey.id(), storey.rooms().getFirst().id(), m -> m.withFloor(Finish.of(material)));
    }

    private static Plan listing(Plan plan, PageId page, Listing... wanted) {
        var out = plan;
        for (var listing : Listing.values()) {
            var has = out.presentation().page(page).orElseThrow().lists().contains(listing);
            if (has != List.of(wanted).contains(listing)) {
                out = PageEdits.toggle(out, page, Reach.THIS, listing);
            }
        }
        return out;
    }

    private static List<String> said(Plan plan, PageId page) {
        return Mark.words(SheetComposer.compose(LaidPlan.of(plan).page(page), Lamp.DRAFT, 1).drawing().layers().stream()
                        .filter(l -> l.kind() == LayerKind.SHEET)
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .map(Mark.Text::text)
                .toList();
    }

    private static List<String> sideBySide(Listing... wanted) {
        var plan = both();
        var view = plan.presentation().views().getFirst().id();
        var made = SchemeEdits.sideBySide(
                plan, view, Schemes.AS_DRAWN, plan.schemes().open());
        return said(listing(made.plan(), made.id(), wanted), made.id());
    }

    @Test
    void eachSchemeHasItsOwnListOfWhatIsBought() {
        assertThat(sideBySide(Listing.SHOPPING))
                .containsSubsequence("Shopping list, As drawn", "4 \u00d7 Low table", "Shopping list, A", "Low table");
    }

    @Test
    void bothFloorsAreInOneKeyAndEachIsOrderedForItself() {
        assertThat(sideBySide(Listing.FINISHES)).contains("Finishes", "Cork", "Carpet, oat");
        var order = sideBySide(Listing.ORDER);
        assertThat(order).contains("To order, As drawn", "To order, A", "Cork", "Carpet, oat");
        assertThat(order.indexOf("Carpet, oat")).isLessThan(order.indexOf("To order, A"));
        assertThat(order.indexOf("Cork")).isGreaterThan(order.indexOf("To order, A"));
    }

    @Test
    void doorsOfBothAreListedAndWhatIsTheSameIsListedOnce() {
        var words = sideBySide(Listing.DOORS, Listing.AREAS);
        assertThat(words).contains("Doors, As drawn", "Doors, A");
        assertThat(words).filteredOn(w -> w.startsWith("Areas")).containsExactly("Areas of the house");
        assertThat(words).filteredOn(w -> w.startsWith("D")).contains("D1", "D2");
    }

    /** The lists of a page speak of the scheme one sees on it, whichever is laid open. */
    @Test
    void aPageOfASchemeThatIsNotOpenListsThatScheme() {
        var plan = both();
        var a = plan.schemes().open();
        var paged =
                SchemeEdits.pages(plan, plan.presentation().views().getFirst().id());
        var closed = paged;
        while (closed.schemes().open().equals(a)) {
            closed = SchemeEdits.next(closed, 1);
        }
        var ofA = closed.presentation().pages().stream()
                .filter(p ->
                        p.views().stream().anyMatch(v -> closedView(paged, v).equals(Optional.of(a))))
                .findFirst()
                .orElseThrow();
        var listed = listing(closed, ofA.id(), Listing.DOORS, Listing.SHOPPING);
        assertThat(said(listed, ofA.id()))
                .contains("Doors", "D2", "Shopping list", "Low table")
                .doesNotContain("4 \u00d7 Low table");
    }

    private static Optional<honeylamp.plan.ElementId.SchemeId> closedView(
            Plan plan, honeylamp.plan.ElementId.ViewId view) {
        return plan.presentation().view(view).orElseThrow().arranged().as();
    }

    @Test
    void whatDiffersAlikeIsOneLine() {
        assertThat(sideBySide(Listing.DIFFERENCES))
                .anySatisfy(w -> assertThat(w).startsWith("3 \u00d7 Low table"));
    }
}
