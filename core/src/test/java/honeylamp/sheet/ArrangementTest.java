package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.ArrangementEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Drafting;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How the parts of pages stand: by themselves on any paper, where somebody puts them, and on further pages. */
class ArrangementTest {
    private static final PageId FIRST = new PageId(1);
    private static final double LITTLE_MM = 0.2;

    private static Plan withRooms(int many) {
        return PapersTest.withRooms(many);
    }

    private static Plan withWalls(UnaryOperator<Sheet> paper) {
        return PageEdits.toggle(PageEdits.sheet(withRooms(8), paper), FIRST, Reach.THIS, Listing.WALLS);
    }

    private static ComposedPage compose(Plan plan, PageId page) {
        return SheetComposer.compose(LaidPlan.of(plan).page(page), Lamp.DRAFT, 0.5);
    }

    private static List<Mark.Text> words(ComposedPage page, LayerKind kind) {
        return Mark.words(page.drawing().layers().stream()
                        .filter(l -> l.kind() == kind)
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .toList();
    }

    private static List<String> said(ComposedPage page) {
        return words(page, LayerKind.SHEET).stream().map(Mark.Text::text).toList();
    }

    private static Box box(Mark.Text text) {
        return text.ring().bounds();
    }

    /** 120 rooms have no room on A4 upright: with pages to go on, each is listed once, and no page says that anything is lost. */
    @ParameterizedTest
    @CsvSource({"A4, PORTRAIT", "A4, LANDSCAPE", "A3, LANDSCAPE", "Letter, PORTRAIT"})
    void whatHasNoRoomGoesOnOnFurtherPagesAndNothingIsLost(String name, Way way) {
        var paper = Paper.standard().stream()
                .filter(p -> p.label().equals(name))
                .findFirst()
                .orElseThrow();
        var plan = PageEdits.sheet(withRooms(120), s -> s.on(paper, way));
        plan = PageEdits.toggle(plan, FIRST, Reach.THIS, Listing.AREAS);
        var last = FIRST;
        var pages = new ArrayList<>(List.of(FIRST));
        while (SheetComposer.goesOver(LaidPlan.of(plan).page(last))) {
            var added = ArrangementEdits.goOn(plan, last).orThrow();
            plan = added.plan();
            last = added.id();
            pages.add(last);
            assertThat(pages).hasSizeLessThan(6);
        }
        assertThat(pages).hasSizeGreaterThan(1);
        var rooms = new ArrayList<String>();
        for (var page : pages) {
            var composed = compose(plan, page);
            var said = said(composed);
            assertThat(said).as(page.text()).noneMatch(ComposedPage::isLeftOut);
            said.stream().filter(w -> w.startsWith("Room ")).forEach(rooms::add);
            if (!page.equals(last)) {
                var next = plan.presentation().pages().stream()
                                .map(Page::id)
                                .toList()
                                .indexOf(pages.get(1 + pages.indexOf(page)))
                        + 1;
                assertThat(said).anyMatch(w -> w.endsWith(" more, on page " + next));
            }
        }
        assertThat(rooms)
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.rangeClosed(1, 120).mapToObj(i -> "Room " + i).toList());
    }

    /** The notes of a page go on where their column ended, word for word. */
    @Test
    void notesGoOnWordForWord() {
        var words = IntStream.range(0, 700).mapToObj(i -> "w" + i).toList();
        var plan = PageEdits.sheet(withRooms(4), s -> s.on(Paper.A4, Way.PORTRAIT));
        plan = PageEdits.notes(
                plan,
                FIRST,
                Reach.THIS,
                String.join(" ", words.subList(0, 400)) + "\n" + String.join(" ", words.subList(400, 700)));
        var added = ArrangementEdits.goOn(plan, FIRST).orThrow();
        var all = Stream.of(FIRST, added.id())
                .flatMap(id -> said(compose(added.plan(), id)).stream())
                .flatMap(line -> Stream.of(line.split(" ")))
                .filter(w -> w.matches("w\\d+"))
                .toList();
        assertThat(all).containsExactlyElementsOf(words);
    }

    /** On every paper, wherever lists are wanted: all words lie on the paper, none over another, and no list is lost. */
    @ParameterizedTest
    @EnumSource(Arrangement.Lists.class)
    void listsStandWhereTheyAreWantedOnEveryPaper(Arrangement.Lists lists) {
        for (var paper : List.of(Paper.A4, Paper.A3, Paper.A1, Paper.LEGAL, Paper.ofSides(130, 130))) {
            for (var way : Way.values()) {
                var plan = ArrangementEdits.lists(withWalls(s -> s.on(paper, way)), FIRST, Reach.ALL, lists);
                var composed = compose(plan, FIRST);
                var as = lists + " on " + paper.label() + " " + way;
                apart(composed, as);
                if (paper.shortMm() > 130) {
                    assertThat(said(composed)).as(as).contains("Rooms", "Walls", "Room 8");
                }
                var built = composed.frame()
                        .paper(TestPlans.geometry(plan).shellBounds().orElseThrow());
                var rooms = words(composed, LayerKind.SHEET).stream()
                        .filter(t -> t.text().equals("Rooms"))
                        .findFirst()
                        .map(Mark.Text::at);
                var hasColumn = LaidPlan.of(plan).page(FIRST).page().hasColumn();
                rooms.ifPresent(at -> {
                    if (lists == Arrangement.Lists.RIGHT && hasColumn) {
                        assertThat(at.x()).as(as).isGreaterThan(built.maxX());
                    } else if (lists == Arrangement.Lists.LEFT && hasColumn) {
                        assertThat(at.x()).as(as).isLessThan(built.minX());
                    } else if (lists == Arrangement.Lists.BELOW) {
                        assertThat(at.y()).as(as).isGreaterThan(built.maxY());
                    }
                });
            }
        }
    }

    private static void apart(ComposedPage composed, String as) {
        var sheet = new Box(0, 0, composed.widthMm(), composed.heightMm());
        var words = words(composed, LayerKind.SHEET);
        for (var i = 0; i < words.size(); i++) {
            assertThat(sheet.contains(box(words.get(i))))
                    .as(as + ": " + words.get(i).text())
                    .isTrue();
            for (var k = 0; k < i; k++) {
                var shared = box(words.get(i)).shared(box(words.get(k)));
                assertThat(shared.map(b -> Math.min(b.width(), b.height())).orElse(0.0))
                        .as(as + ": " + words.get(i).text() + " over "
                                + words.get(k).text())
                        .isLessThan(LITTLE_MM);
            }
        }
    }

    /** A4 across has a column because of its width; asked for below, the plan gets the 54 mm of it and the air beside it. */
    @Test
    void aPlanIsTheLargerTheLessRoomListsTakeBesideIt() {
        var plan = PageEdits.sheet(withRooms(8), s -> s.on(Paper.A4, Way.LANDSCAPE));
        var beside = SheetLayout.of(LaidPlan.of(plan).page(FIRST), 0).view();
        var below = SheetLayout.of(
                        LaidPlan.of(ArrangementEdits.lists(plan, FIRST, Reach.THIS, Arrangement.Lists.BELOW))
                                .page(FIRST),
                        0)
                .view();
        assertThat(below.width() - beside.width()).isEqualTo(54 + 6);
    }

    /** A list put somewhere stands there, as wide as it was made, and those below it close up. */
    @Test
    void aListStandsWhereItWasPutAndOthersCloseUp() {
        var plan = withWalls(s -> s.on(Paper.A3, Way.LANDSCAPE));
        var before = SheetComposer.lists(LaidPlan.of(plan).page(FIRST));
        var put = ArrangementEdits.put(plan, FIRST, Listing.ROOMS, 30, 180, 70).orThrow();
        var composed = compose(put, FIRST);
        var heading = words(composed, LayerKind.SHEET).stream()
                .filter(t -> t.text().equals("Rooms"))
                .findFirst()
                .orElseThrow();
        assertThat(heading.at().x()).isEqualTo(30);
        assertThat(heading.at().y()).isEqualTo(183); // the line of a heading is 3 mm below its top
        var area = words(composed, LayerKind.SHEET).stream()
                .filter(t -> t.text().endsWith("m\u00b2") && t.at().y() > 183)
                .findFirst()
                .orElseThrow();
        assertThat(box(area).maxX()).isCloseTo(100, within(0.3));
        var now = SheetComposer.lists(LaidPlan.of(put).page(FIRST));
        assertThat(now.get(Listing.WALLS).minY())
                .isEqualTo(before.get(Listing.ROOMS).minY());
        assertThat(compose(ArrangementEdits.lift(put, FIRST, Listing.ROOMS), FIRST)
                        .drawing())
                .isEqualTo(compose(plan, FIRST).drawing());
        var smaller = PageEdits.sheet(
                ArrangementEdits.put(plan, FIRST, Listing.ROOMS, 300, 250, 90).orThrow(),
                s -> s.on(Paper.A4, Way.PORTRAIT));
        var laid = smaller.presentation()
                .pages()
                .getFirst()
                .arrangement()
                .of(Listing.ROOMS)
                .orElseThrow();
        assertThat(laid.leftMm() + laid.widthMm()).isLessThanOrEqualTo(210);
    }

    /** Of three views on A3 across, between the margins and beside the column, the first has two thirds of the width. */
    @Test
    void theFirstViewIsTheLargeOne() {
        var layout = SheetLayout.of(LaidPlan.of(QuillbackLane.plan()).pages().getFirst(), 0);
        var all = IntStream.range(0, 3)
                .mapToObj(i -> layout.cell(i, 3, Arrangement.Shares.FIRST))
                .toList();
        var view = layout.view();
        var isWide = view.width() > view.height();
        var large = isWide ? all.getFirst().width() : all.getFirst().height();
        var whole = isWide ? view.width() : view.height();
        assertThat(large).isCloseTo(0.66 * (whole - SheetLayout.GUTTER_MM), within(1e-9));
        for (var i = 0; i < 3; i++) {
            assertThat(view.grown(1e-9).contains(all.get(i))).isTrue();
            for (var k = 0; k < i; k++) {
                assertThat(all.get(i).meets(all.get(k))).isFalse();
            }
        }
    }

    /** A page for lists has no plan, no scale and no north, but its lists and its title. */
    @Test
    void aPageForListsHasNoPlan() {
        var added = ArrangementEdits.listsPage(
                QuillbackLane.plan(), FIRST, Set.of(Listing.ROOMS, Listing.DOORS, Listing.WINDOWS));
        var composed = compose(added.plan(), added.id());
        assertThat(composed.drawing().layers()).noneMatch(l -> l.kind() == LayerKind.POCHE);
        var said = said(composed);
        assertThat(said).contains("Rooms", "Doors", "Windows", "Tea room").noneMatch(w -> w.contains("\u2033 = 1"));
        var doors = Schedule.doors(LaidPlan.of(added.plan())).rows().stream()
                .filter(r -> r.storey().equals(added.plan().storeys().getFirst().id()))
                .count();
        assertThat(said.stream().filter(w -> w.matches("[DO]\\d+")).count()).isEqualTo(doors);
    }

    /** In a wide place a schedule is a table: all that is said of an opening stands on one line. */
    @Test
    void aScheduleIsATableWhereItHasTheWidth() {
        var plan = PageEdits.toggle(QuillbackLane.plan(), FIRST, Reach.THIS, Listing.DOORS);
        plan = ArrangementEdits.put(plan, FIRST, Listing.DOORS, 30, 150, 200).orThrow();
        var words = words(compose(plan, FIRST), LayerKind.SHEET);
        var first =
                words.stream().filter(t -> t.text().equals("D1")).findFirst().orElseThrow();
        var line = words.stream()
                .filter(t -> t.at().y() == first.at().y())
                .map(Mark.Text::text)
                .toList();
        assertThat(line).hasSizeGreaterThan(5);
    }

    /** Views of two scales on a page have a bar each, true to scale: at 1:20 two metres are 100 mm, at 1:50 they are 40. */
    @Test
    void viewsOfSeveralScalesHaveABarEach() {
        var plan = PageEdits.sheet(withRooms(4), s -> s.on(Paper.A1, Way.LANDSCAPE));
        var view = plan.presentation().views().getFirst().id();
        var copied = ViewEdits.copy(plan, view);
        plan = PageEdits.place(copied.plan(), FIRST, copied.id()).orThrow();
        plan = ViewEdits.scale(plan, view, Reach.THIS, Optional.of(20));
        plan = ViewEdits.scale(plan, copied.id(), Reach.THIS, Optional.of(50));
        var composed = compose(plan, FIRST);
        assertThat(words(composed, LayerKind.LABELS).isEmpty()).isFalse();
        var said = said(composed);
        assertThat(said)
                .contains("1:20", "1:50", "Scales as written on A1")
                .filteredOn(w -> w.endsWith(" m"))
                .hasSize(2);
    }

    /** The part that a view shows is tinted in the key plan where it is in the house: here the lower left quarter. */
    @Test
    void aKeyPlanShowsWhereAPartIs() {
        var plan = PageEdits.toggle(withRooms(4), FIRST, Reach.THIS, Listing.KEY_PLAN);
        assertThat(said(compose(plan, FIRST))).doesNotContain("Key plan"); // all of it is seen
        var view = plan.presentation().views().getFirst().id();
        plan = ViewEdits.crop(plan, view, Optional.of(new View.Crop(Position.ofMm(0, 0), Position.ofMm(3000, 3000))));
        var page = LaidPlan.of(plan).page(FIRST);
        assertThat(said(compose(plan, FIRST))).contains("Key plan");
        var place = SheetComposer.lists(page).get(Listing.KEY_PLAN);
        var marks = compose(plan, FIRST).drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.SHEET)
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Fill.class::isInstance)
                .map(m -> ((Mark.Fill) m).path().bounds())
                .filter(b -> place.grown(1e-6).contains(b))
                .toList();
        var shell = TestPlans.geometry(plan).shellBounds().orElseThrow();
        var walls = marks.stream().skip(1).reduce(Box::union).orElseThrow();
        var part = marks.getFirst();
        var scale = shell.width() / walls.width();
        assertThat(part.width() * scale).isCloseTo(3000, within(1.0));
        assertThat((part.minX() - walls.minX()) * scale).isCloseTo(-shell.minX(), within(1.0));
        assertThat((walls.maxY() - part.maxY()) * scale).isCloseTo(-shell.minY(), within(1.0));
    }

    /** Closer rows hold more: a list that is a little too long is written smaller before it goes over, never under 1.8 mm. */
    @Test
    void aListThatIsALittleTooLongIsWrittenCloser() {
        var sizes = new HashSet<Double>();
        for (var many = 8; many <= 20; many++) {
            var plan = PageEdits.sheet(withRooms(many), s -> s.on(Paper.A4, Way.LANDSCAPE));
            var composed = compose(plan, FIRST);
            words(composed, LayerKind.SHEET).stream()
                    .filter(t -> t.text().startsWith("Room "))
                    .forEach(t -> sizes.add(t.capHeightMm()));
        }
        assertThat(sizes).hasSize(2).allSatisfy(mm -> assertThat(mm).isGreaterThanOrEqualTo(Drafting.LEAST_CAP_MM));
    }
}
