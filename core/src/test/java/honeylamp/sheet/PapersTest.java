package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.Searches;
import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Finish;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages on every paper: those with a name, and those somebody types. */
class PapersTest {
    private static final PageId FIRST = new PageId(1);
    private static final double LITTLE_MM = 0.2;

    private static final String OWN_ROWS = """
            2x ## {project} | {scale bar}
            # {drawing} | Page: {page}
            Client: {client} | Drawn by: {drawn by} | Date: {date} | Rev.: {revision}
            {small print}
            """;

    static Plan withRooms(int many) {
        var across = (int) Math.ceil(Math.sqrt(many));
        var up = (many + across - 1) / across;
        var walls = TestPlans.start();
        for (var i = 0; i <= up; i++) {
            walls.wall(0, i * 3000, across * 3000, i * 3000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        for (var i = 0; i <= across; i++) {
            walls.wall(i * 3000, 0, i * 3000, up * 3000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        var plan = walls.plan();
        for (var i = 0; i < many; i++) {
            var at = Position.ofMm(1500 + 3000 * (i % across), 1500 + 3000 * (i / across));
            plan = RoomEdits.mark(plan, TestPlans.storey(plan), at, "Room " + (i + 1), Finish.of("oak"))
                    .plan();
        }
        return plan;
    }

    private static List<Paper> papers() {
        var own = Stream.of(Paper.ofSides(130, 130), Paper.ofSides(1000, 140), Paper.ofSides(2000, 2000));
        return Stream.concat(Paper.standard().stream(), own).toList();
    }

    /** Whole, in one line and left out; with six own fields; on every paper, both ways. */
    @ParameterizedTest
    @EnumSource(Sheet.Block.class)
    void everyTitleBlockHasItsWordsOnThePaperAndNoneOverAnother(Sheet.Block block) {
        var own = Stream.of("Job", "Checked by", "Permit", "Plot", "Stage", "Office")
                .map(label -> new Sheet.OwnField(label, label + " 2041"))
                .toList();
        for (var paper : papers()) {
            for (var way : Way.values()) {
                var plan = PageEdits.sheet(
                        withRooms(8),
                        s -> s.on(paper, way)
                                .withTitle(new Sheet.TitleBlock(
                                                "Weir Cottage",
                                                "Ground floor as it is to be",
                                                "Ada Lock",
                                                "Merrin Dole",
                                                "14 September 2026",
                                                "C")
                                        .with(t -> t.own(own)
                                                .block(block)
                                                .smallPrint("Sizes are as measured on the day. Check all on site "
                                                        + "before anything is ordered or cut.")
                                                .made(Optional.of(new Sheet.OwnBlock("Office", OWN_ROWS))))));
                var composed = SheetComposer.compose(LaidPlan.of(plan).page(FIRST), Lamp.DRAFT, 0.5);
                var words = Mark.words(composed.drawing().layers().stream()
                                .filter(l -> l.kind() == LayerKind.SHEET)
                                .flatMap(l -> l.marks().stream())
                                .toList())
                        .toList();
                var as = block + " on " + paper.label() + " " + way;
                var sheet = new Box(0, 0, composed.widthMm(), composed.heightMm());
                for (var i = 0; i < words.size(); i++) {
                    assertThat(sheet.contains(box(words.get(i))))
                            .as(as + ": " + words.get(i).text())
                            .isTrue();
                    for (var k = 0; k < i; k++) {
                        var shared = box(words.get(i)).shared(box(words.get(k)));
                        assertThat(shared.map(b -> Math.min(b.width(), b.height()))
                                        .orElse(0.0))
                                .as(as + ": " + words.get(i).text() + " over "
                                        + words.get(k).text())
                                .isLessThan(LITTLE_MM);
                    }
                }
                var said = words.stream().map(Mark.Text::text).toList();
                switch (block) {
                    case WHOLE, STRIP, CORNER -> {
                        assertThat(said).as(as).contains("Permit");
                        if (paper.shortMm() > 130) { // on the smallest paper words are cut short
                            assertThat(said).as(as).contains("Permit 2041", "14 September 2026");
                        }
                    }
                    case LINE, FOOTER, OWN -> assertThat(said).as(as).anyMatch(w -> w.startsWith("Weir Cottage"));
                    case NONE -> assertThat(said).as(as).noneMatch(w -> w.contains("Weir Cottage"));
                }
                assertThat(said).as(as).anyMatch(w -> w.startsWith("1:"));
            }
        }
    }

    @Test
    void severalPagesSayWhichTheyAre() {
        var laid = LaidPlan.of(QuillbackLane.plan());
        for (var i = 0; i < 2; i++) {
            var words = Mark.words(
                            SheetComposer.compose(laid.pages().get(i), Lamp.DRAFT, 0.5).drawing().layers().stream()
                                    .flatMap(l -> l.marks().stream())
                                    .toList())
                    .map(Mark.Text::text)
                    .toList();
            var of = (i + 1) + " of 2";
            assertThat(words).anyMatch(w -> w.endsWith(of));
        }
    }

    /**
     * Forty rooms of 3 by 3 m on A1 across: at 1:50 the house is 420 by 360 mm on paper of 841 by 594, so that another column
     * makes it no smaller, and all rooms, finishes and areas are listed.
     */
    @Test
    void longListsGetAnotherColumnWhereThePlanKeepsItsScale() {
        var plan = PageEdits.sheet(withRooms(40), s -> s.on(Paper.A1, Way.LANDSCAPE));
        var one = LaidPlan.of(plan).page(FIRST);
        var scale = SheetComposer.frame(one, one.views().getFirst().view().id()).scale();
        for (var list : List.of(Listing.AREAS, Listing.SQUARE, Listing.WALLS, Listing.SHOPPING)) {
            plan = PageEdits.toggle(plan, FIRST, Reach.THIS, list);
        }
        plan = PageEdits.notes(plan, FIRST, Reach.THIS, "Check all on site before work begins.\n".repeat(34));
        var laid = LaidPlan.of(plan).page(FIRST);
        var column = SheetLayout.of(laid, 0).lists();
        assertThat(SheetLists.columnMm(laid, column.width(), SheetPen.Rows.USUAL, SheetLists.Known.none(List.of())))
                .isGreaterThan(column.height());
        var page = SheetComposer.compose(laid, Lamp.DRAFT, 0.5);
        assertThat(page.frame().scale()).isEqualTo(scale);
        var words = Mark.words(page.drawing().layers().stream()
                        .filter(l -> l.kind() == LayerKind.SHEET)
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .toList();
        assertThat(words)
                .extracting(Mark.Text::text)
                .noneMatch(ComposedPage::isLeftOut)
                .contains("Checking square");
        assertThat(words.stream().map(t -> Math.round(t.at().x())).distinct().count())
                .as("they begin at the left edges of two columns")
                .isGreaterThan(2);
    }

    /** No word of the page's own lies over another or off the paper; each room is listed or counted among those left out. */
    @ParameterizedTest
    @ValueSource(ints = {1, 8, 40, 120})
    void onEveryPaperNothingOverprintsAndNothingIsLost(int rooms) {
        var plan = withRooms(rooms);
        for (var list : List.of(Listing.ROOMS, Listing.FINISHES)) {
            plan = has(plan, list) ? plan : PageEdits.toggle(plan, FIRST, Reach.THIS, list);
        }
        var listing = plan;
        var all = papers();
        var some = all.subList(all.size() - Searches.cases(rooms > 40 ? 4 : all.size(), all.size()), all.size());
        for (var paper : some) {
            for (var way : Way.values()) {
                var laid = PageEdits.sheet(listing, s -> s.on(paper, way));
                var as = rooms + " rooms on " + paper.label() + " " + way;
                var composed = SheetComposer.compose(LaidPlan.of(laid).page(FIRST), Lamp.DRAFT, 0.5);
                var words = Mark.words(composed.drawing().layers().stream()
                                .filter(l -> l.kind() == LayerKind.SHEET)
                                .flatMap(l -> l.marks().stream())
                                .toList())
                        .toList();
                var sheet = new Box(0, 0, composed.widthMm(), composed.heightMm());
                var boxes = words.stream().map(PapersTest::box).toList();
                for (var i = 0; i < boxes.size(); i++) {
                    assertThat(sheet.contains(boxes.get(i)))
                            .as(as + ": " + words.get(i).text() + " lies on the paper")
                            .isTrue();
                    for (var j = 0; j < i; j++) {
                        assertThat(boxes.get(i).meets(boxes.get(j)))
                                .as(as + ": " + words.get(i).text() + " over "
                                        + words.get(j).text())
                                .isFalse();
                    }
                }
                if (words.stream().noneMatch(t -> t.text().matches(".*lists? more, without.*"))) {
                    assertThat(told(words)).as(as).isEqualTo(rooms);
                } else {
                    assertThat(told(words)).as(as).isIn(0L, (long) rooms);
                }
            }
        }
    }

    private static boolean has(Plan plan, Listing list) {
        return plan.presentation().pages().getFirst().lists().contains(list);
    }

    /** The rooms that are listed, and those of which is said that there is no room for them. */
    private static long told(List<Mark.Text> words) {
        var listed = words.stream().filter(t -> t.text().matches("Room \\d+")).count();
        var more = words.stream()
                .map(Mark.Text::text)
                .filter(t -> t.matches("and \\d+ more, .*"))
                .mapToLong(t -> Long.parseLong(t.split(" ")[1]))
                .sum();
        return listed + more;
    }

    /** What words cover, a little less than they do. */
    private static Box box(Mark.Text text) {
        return text.ring().bounds().grown(-LITTLE_MM);
    }

    /** Sides as people type them: a size with a name goes by it, whichever side comes first. */
    @ParameterizedTest
    @CsvSource({
        "297, 420, A3",
        "1189, 841, A0",
        "215.9, 355.6, Legal",
        "914.4, 609.6, Arch D",
        "900, 600, 900 \u00d7 600 mm",
        "508, 254, 508 \u00d7 254 mm",
        "927.1, 508, 36.5 \u00d7 20 in",
        "333.3, 200, 333.3 \u00d7 200 mm"
    })
    void aSizeGoesByItsName(double one, double other, String label) {
        assertThat(Paper.ofSides(one, other).label()).isEqualTo(label);
    }

    /** ISO 216: each size is half the one before, rounded down to whole mm. */
    @Test
    void eachIsoSizeIsHalfTheOneBefore() {
        var sizes = List.of(Paper.A0, Paper.A1, Paper.A2, Paper.A3, Paper.A4);
        for (var i = 1; i < sizes.size(); i++) {
            assertThat(sizes.get(i).longMm()).isEqualTo(sizes.get(i - 1).shortMm());
            assertThat(sizes.get(i).shortMm())
                    .isEqualTo(Math.floor(sizes.get(i - 1).longMm() / 2));
        }
    }

    @Test
    void ownPaperIsSetByItsSides() {
        var plan = PageEdits.paper(QuillbackLane.plan(), FIRST, Reach.THIS, 600, 900)
                .orThrow();
        var sheet = plan.presentation().pages().getFirst().sheet();
        assertThat(sheet.widthMm()).isCloseTo(600, within(1e-9));
        assertThat(sheet.heightMm()).isCloseTo(900, within(1e-9));
        assertThat(plan.presentation().pages().getLast().sheet().paper()).isEqualTo(Paper.A3);
    }

    @ParameterizedTest
    @CsvSource({"129, 500", "500, 2001", "NaN, 300", "-5, 300"})
    void whatIsNoPaperIsRefusedInWords(double across, double up) {
        assertThat(PageEdits.paper(QuillbackLane.plan(), FIRST, Reach.THIS, across, up))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, no -> assertThat(no.why()).contains("from 130 to 2000 mm"));
    }

    /** 130 mm less two margins of 60 would leave 10: neither the paper nor the margins are taken. */
    @Test
    void paperWithoutRoomBetweenItsMarginsIsRefused() {
        var wide = PageEdits.margins(QuillbackLane.plan(), FIRST, Reach.ALL, 60, 60)
                .orThrow();
        assertThat(PageEdits.paper(wide, FIRST, Reach.THIS, 130, 130))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, no -> assertThat(no.why()).contains("between the margins"));
        var small = PageEdits.paper(QuillbackLane.plan(), FIRST, Reach.THIS, 130, 130)
                .orThrow();
        assertThat(PageEdits.margins(small, FIRST, Reach.THIS, 60, 10)).isInstanceOf(Outcome.Refused.class);
        for (var paper : Paper.standard()) {
            for (var way : Way.values()) {
                var composed = SheetComposer.compose(
                        LaidPlan.of(PageEdits.sheet(wide, s -> s.on(paper, way)))
                                .page(FIRST),
                        Lamp.COLOUR,
                        1);
                assertThat(composed.widthMm()).isPositive();
            }
        }
    }
}
