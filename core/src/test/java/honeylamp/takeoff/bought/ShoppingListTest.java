package honeylamp.takeoff.bought;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.Runs;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.RunEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Oklch;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.View;
import honeylamp.plan.Wall;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.ReportJson;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Three chairs, two of them alike, and a sofa that goes, in a room of 5 by 4 m. */
class ShoppingListTest {
    private static final Buying CHAIR =
            new Buying("Marram chair", "Tidewood, Wrenmouth", "", 12_950, Buying.State.WANTED, Optional.empty());

    private static Plan chair(Plan plan, double x) {
        var kind = Furnishings.of("chair").orElseThrow();
        return FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        kind.key(),
                        kind.width(),
                        kind.depth(),
                        kind.height(),
                        Position.ofMm(x, 1000),
                        0)
                .plan();
    }

    private static Plan room() {
        var walls = TestPlans.clearRectangle(5000, 4000);
        var plan = RoomEdits.mark(
                        walls, TestPlans.storey(walls), Position.ofMm(2500, 2000), "Parlour", Finish.of("screed"))
                .plan();
        plan = chair(chair(chair(plan, 1000), 2000), 3000);
        plan = FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        "sofa",
                        Length.ofMm(2200),
                        Length.ofMm(950),
                        Length.ofMm(800),
                        Position.ofMm(2500, 3000),
                        0)
                .plan();
        var ids = ids(plan);
        var priced = FurnishingEdits.buy(plan, TestPlans.storey(plan), ids.subList(0, 2), CHAIR);
        return FurnishingEdits.setWorks(priced, TestPlans.storey(plan), ids.subList(3, 4), Wall.Works.REMOVED);
    }

    private static List<FurnishingId> ids(Plan plan) {
        return plan.storeys().getFirst().furnishings().stream()
                .map(Furnishing::id)
                .toList();
    }

    @Test
    void alikePiecesAreOneLineAndWhatGoesIsNotBought() {
        var list = ShoppingList.of(LaidPlan.of(room()));
        assertThat(list).hasSize(2);
        assertThat(list.getFirst().name()).isEqualTo("Marram chair");
        assertThat(list.getFirst().count()).isEqualTo(2);
        assertThat(list.getFirst().costCents()).isEqualTo(25_900);
        assertThat(list.getFirst().room()).isEqualTo("Parlour");
        assertThat(list.getLast().name()).isEqualTo("Chair");
        assertThat(list.getLast().costCents()).isZero();
    }

    @Test
    void theScheduleAddsUpCountsAndCosts() {
        var schedule = Takeoff.of(LaidPlan.of(room()), Subject.SHOPPING);
        var total = schedule.total();
        var keys = schedule.columns().stream().map(c -> c.key()).toList();
        assertThat(((Cell.Number) total.get(keys.indexOf("count"))).value()).hasValue(3);
        assertThat(((Cell.Number) total.get(keys.indexOf("cost"))).value()).hasValue(259);
        assertThat(Takeoff.of(LaidPlan.of(room()), Subject.SHOPPING, "tidewood").rows())
                .hasSize(1);
    }

    @Test
    void roomsAddUpWhatTheirPiecesCost() {
        var plan = room();
        var elsewhere = chair(plan, 9000);
        var bought = FurnishingEdits.buy(
                elsewhere,
                TestPlans.storey(elsewhere),
                ids(elsewhere).subList(0, 1),
                CHAIR.withState(Buying.State.BOUGHT));
        var schedule = Takeoff.of(LaidPlan.of(bought), Subject.ROOM_COSTS);
        var keys = schedule.columns().stream().map(c -> c.key()).toList();
        assertThat(schedule.rows()).hasSize(2);
        var parlour = schedule.rows().getFirst().cells();
        assertThat(parlour.get(keys.indexOf("room"))).isEqualTo(new Cell.Words("Parlour"));
        assertThat(((Cell.Number) parlour.get(keys.indexOf("pieces"))).value()).hasValue(3);
        assertThat(((Cell.Number) parlour.get(keys.indexOf("unpriced"))).value())
                .hasValue(1);
        assertThat(((Cell.Number) parlour.get(keys.indexOf("cost"))).value()).hasValue(259);
        assertThat(((Cell.Number) parlour.get(keys.indexOf("bought"))).value()).hasValue(129.5);
        assertThat(((Cell.Number) parlour.get(keys.indexOf("to_buy"))).value()).hasValue(129.5);
        assertThat(((Cell.Number) schedule.total().get(keys.indexOf("pieces"))).value())
                .hasValue(4);
    }

    @Test
    void thePageShowsTheListWithAPictureOfEachPiece() {
        var plan = room();
        var page = TestPlans.page(plan).page().id();
        var bare = texts(plan);
        var listed = PageEdits.toggle(plan, page, Reach.THIS, Page.Listing.SHOPPING);
        assertThat(bare).doesNotContain("Shopping list");
        assertThat(texts(listed)).contains("Shopping list", "2 \u00d7 Marram chair", "259.00");
    }

    @Test
    void thePageShowsUnitsOfRunsAndCostsOfRooms() {
        var plan = room();
        var page = TestPlans.page(plan).page().id();
        var like = new RunEdits.Like(
                Runs.COUNTER,
                Length.ofMm(600),
                Length.ofMm(900),
                Length.ZERO,
                Runs.of(Runs.COUNTER, UnitSystem.MM).orElseThrow(),
                new RunEdits.InCorner.Through());
        var run = RunEdits.lay(
                        plan,
                        TestPlans.storey(plan),
                        List.of(new Segment(new Point(1000, 0), new Point(3050, 0))),
                        like)
                .orThrow()
                .plan();
        var units = texts(PageEdits.toggle(run, page, Reach.THIS, Page.Listing.UNITS));
        // 2,050 by widths of the series: 2 x 800 + 450
        assertThat(units).contains("Units of runs", "2 \u00d7 Doors, counter run", "800", "Doors, counter run", "450");
        var costs = texts(PageEdits.toggle(run, page, Reach.THIS, Page.Listing.COSTS));
        assertThat(costs).contains("Cost by room", "Parlour", "259.00").doesNotContain("Together");
    }

    private static List<String> texts(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1).drawing().layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Text.class::isInstance)
                .map(m -> ((Mark.Text) m).text())
                .toList();
    }

    @Test
    void theReportTellsOfEachPiece() {
        var report = ReportJson.report(room());
        assertThat(report)
                .contains("Marram chair")
                .contains("\"bought\" : false")
                .contains("129.5");
    }

    @Test
    void aPieceHasColoursOfItsOwnAndOneThatGoesIsDashesOnly() {
        var sage = new Oklch(0.7, 0.05, 150);
        var plan = FurnishingEdits.tone(
                room(), TestPlans.storey(room()), ids(room()).subList(0, 1), Role.TEXTILE_WARM, Optional.of(sage));
        var art = new FurnitureArt(PaperFrame.atOrigin(50), Pens.usual(50), Lamp.COLOUR, new Remembered());
        var pieces = plan.storeys().getFirst().furnishings();
        assertThat(fills(art.marks(pieces.subList(0, 1), SymbolShape.Level.BODY)))
                .contains(Ink.of(sage.argb()));
        assertThat(fills(art.marks(pieces.subList(1, 2), SymbolShape.Level.BODY)))
                .doesNotContain(Ink.of(sage.argb()));
        var going = art.marks(pieces.subList(3, 4), SymbolShape.Level.BODY);
        assertThat(fills(going)).isEmpty();
        assertThat(going)
                .isNotEmpty()
                .allMatch(m -> m instanceof Mark.Stroke s && !s.pen().dashMm().isEmpty());
        var back = FurnishingEdits.tone(
                plan, TestPlans.storey(plan), ids(plan).subList(0, 1), Role.TEXTILE_WARM, Optional.empty());
        assertThat(back).isEqualTo(room());
    }

    private static List<Ink> fills(List<Mark> marks) {
        return marks.stream()
                .filter(Mark.Fill.class::isInstance)
                .map(m -> ((Mark.Fill) m).ink())
                .toList();
    }

    @Test
    void beforeTheWorksTheSofaIsThereAndAfterThemItIsGone() {
        var storey = room().storeys().getFirst();
        assertThat(View.Works.BEFORE.seen(storey).furnishings()).hasSize(4);
        assertThat(View.Works.AFTER.seen(storey).furnishings())
                .hasSize(3)
                .allMatch(f -> f.works() == Wall.Works.EXISTING);
        assertThat(View.Works.MARKED.seen(storey)).isSameAs(storey);
    }
}
