package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.PickedEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Finish;
import honeylamp.plan.Motion;
import honeylamp.plan.NoteForm;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomLabel;
import honeylamp.plan.Sheet;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Underlay;
import honeylamp.plan.View;
import honeylamp.plan.View.Crop;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What views and pages make of a plan on paper. */
class PagesTest {
    private static final PageId FIRST = new PageId(1);
    private static final ViewId GROUND = new ViewId(1);
    private static final ViewId FLAT = new ViewId(2);

    private static ComposedPage compose(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.COLOUR, 1);
    }

    private static Stream<Mark> marks(ComposedPage page, LayerKind kind) {
        return page.drawing().layers().stream().filter(l -> l.kind() == kind).flatMap(l -> l.marks().stream());
    }

    private static List<String> texts(ComposedPage page, LayerKind kind) {
        return words(page, kind).map(Mark.Text::text).toList();
    }

    private static Stream<Mark.Text> words(ComposedPage page, LayerKind kind) {
        return Mark.words(marks(page, kind).toList());
    }

    private static Plan noted(String text) {
        return PageEdits.layNote(SailclothYard.plan(), FIRST, text).orThrow();
    }

    /** Two pages of one storey: that of the same name as the drawing does not say it twice, the other says both. */
    @Test
    void aTitleDoesNotSayTheNameOfItsPageTwice() {
        var two = PageEdits.add(SailclothYard.plan(), GROUND).plan();
        var named = PageEdits.name(two, FIRST, "Upper floor");
        var page = LaidPlan.of(named).page(FIRST);
        assertThat(said(page)).contains("Upper floor, furnished").doesNotContain("Upper floor, Upper floor");
        var other = PageEdits.name(two, FIRST, "For the client");
        assertThat(said(LaidPlan.of(other).page(FIRST))).contains("For the client, Upper floor, furnished");
    }

    /** A wall that is new parts the room: before there is one, after there are two. */
    @Test
    void aPageWithBothBeforeAndAfterListsTheRoomsOfBoth() {
        var walled = TestPlans.walled(TestPlans.clearRectangle(6000, 4000), 3000, 0, 3000, 4000, TestPlans.PARTITION);
        var storey = TestPlans.storey(walled);
        var last = walled.storeys().getFirst().walls().getLast().id();
        var plan = walled.withStorey(storey, s -> s.change(Wall.class, last, w -> w.withWorks(Wall.Works.NEW)));
        for (var name : List.of("West", "East")) {
            var room = TestPlans.geometry(plan).rooms().stream()
                    .filter(r -> r.name().isBlank())
                    .findFirst()
                    .orElseThrow();
            plan = RoomEdits.name(plan, storey, room, name);
        }
        var before = ViewEdits.works(plan, new ViewId(1), Reach.THIS, View.Works.BEFORE);
        var copied = ViewEdits.copy(before, new ViewId(1));
        var after = ViewEdits.works(copied.plan(), copied.id(), Reach.THIS, View.Works.AFTER);
        var both = PageEdits.place(after, FIRST, copied.id()).orThrow();
        var page = SheetComposer.compose(LaidPlan.of(both).page(FIRST), Lamp.DRAFT, 1);
        assertThat(texts(page, LayerKind.SHEET)).contains("Rooms, before the works", "Rooms, after the works", "East");
        var same = PageEdits.place(
                        ViewEdits.works(after, copied.id(), Reach.THIS, View.Works.BEFORE), FIRST, copied.id())
                .orThrow();
        assertThat(texts(SheetComposer.compose(LaidPlan.of(same).page(FIRST), Lamp.DRAFT, 1), LayerKind.SHEET))
                .filteredOn(t -> t.startsWith("Rooms"))
                .containsExactly("Rooms"); // what is the same twice is listed once
    }

    private static String said(LaidPage page) {
        return String.join(" ", texts(SheetComposer.compose(page, Lamp.COLOUR, 1), LayerKind.SHEET));
    }

    /** The net area of the loft is that of its rooms: 95.13 m² as its list says. */
    @Test
    void aNoteOnThePageReadsThePlanAndLiesWhereItWasPut() {
        var plan = PageEdits.putNote(noted("# For the client\n- {total area} in all"), FIRST, 0, 150, 40)
                .orThrow();
        var edged = PageEdits.setNote(plan, FIRST, 0, f -> f.withEdge(NoteForm.Edge.LINE));
        var page = compose(edged);
        var written = words(page, LayerKind.LABELS)
                .filter(t -> t.text().startsWith("For the") || t.text().endsWith("in all"))
                .toList();
        assertThat(written).extracting(Mark.Text::text).containsExactly("For the client", "95.13 m\u00b2 in all");
        assertThat(written.getFirst().start().x()).isCloseTo(150, within(1e-6));
        assertThat(written.getFirst().at().y() - written.getFirst().capHeightMm())
                .isCloseTo(40, within(0.1));
        var box = new NoteBoxes(TestPlans.view(edged), TestPlans.page(edged).page(), "1:50")
                .box(edged.presentation().pages().getFirst().boxes().getFirst());
        assertThat(box.minX()).as("its edge has air").isCloseTo(148, within(1e-6));
        assertThat(box.width()).isCloseTo(64, within(1e-6));
    }

    /** 380 mm from the left on A3 is beyond the edge of A4, which is 297 wide: on it the note begins 30 mm from the edge. */
    @Test
    void whatLiesOnThePageStaysOnSmallerPaper() {
        var picture = new Underlay.Picture("0".repeat(64), "mark", 800, 600);
        var laid = PageEdits.layPicture(noted("Words"), FIRST, picture).orThrow();
        var far = PageEdits.putNote(
                        PageEdits.putPicture(laid, FIRST, 0, 350, 250, 60).orThrow(), FIRST, 0, 380, 20)
                .orThrow();
        var small = PageEdits.sheet(far, FIRST, Reach.THIS, s -> s.on(Sheet.Paper.A4, Sheet.Way.LANDSCAPE));
        var page = small.presentation().pages().getFirst();
        assertThat(page.boxes().getFirst().leftMm()).isEqualTo(267);
        assertThat(page.boxes().getFirst().downMm()).isEqualTo(20);
        assertThat(page.pictures().getFirst().leftMm()).isEqualTo(267);
        assertThat(page.pictures().getFirst().downMm()).isEqualTo(180);
    }

    @Test
    void aNoteOnThePageIsRefusedOffThePaperAndWithoutWords() {
        var plan = noted("Words");
        assertThat(PageEdits.putNote(plan, FIRST, 0, 500, 10).result()).isEmpty();
        assertThat(PageEdits.putNote(plan, FIRST, 0, -1, 10).result()).isEmpty();
        assertThat(PageEdits.rewriteNote(plan, FIRST, 0, "  ").result()).isEmpty();
        assertThat(PageEdits.rewriteNote(plan, FIRST, 0, "x".repeat(9000)).result())
                .isEmpty();
        assertThat(PageEdits.takeNote(plan, FIRST, 0)).isEqualTo(SailclothYard.plan());
        for (var i = 1; i < 24; i++) {
            plan = PageEdits.layNote(plan, FIRST, "Words").orThrow();
        }
        assertThat(PageEdits.layNote(plan, FIRST, "One more").result()).isEmpty();
    }

    private static Plan onePage() {
        var both = PageEdits.place(QuillbackLane.plan(), FIRST, FLAT).orThrow();
        return PageEdits.sheet(both, FIRST, Reach.THIS, s -> s.on(Sheet.Paper.A3, Sheet.Way.LANDSCAPE));
    }

    @Test
    void twoStoreysLieBesideEachOtherOnOnePageEachWithNameAndScale() {
        var laid = TestPlans.page(onePage());
        var page = SheetComposer.compose(laid, Lamp.COLOUR, 1);
        var sheet = texts(page, LayerKind.SHEET);
        assertThat(sheet).contains("Rooms, Ground floor", "Rooms, Upper floor");
        assertThat(sheet).filteredOn(t -> t.contains("=")).hasSizeGreaterThanOrEqualTo(2); // feet-inches scales
        var left = SheetComposer.frame(laid, GROUND);
        var right = SheetComposer.frame(laid, FLAT);
        assertThat(right.originX()).isGreaterThan(left.originX() + 100); // the shares are some 165 mm wide
        assertThat(SheetComposer.fits(laid, GROUND)).isTrue();
        assertThat(SheetComposer.fits(laid, FLAT)).isTrue();
        assertThat(texts(page, LayerKind.LABELS))
                .contains("TEA ROOM", "Ground floor", "Upper floor")
                .hasSizeGreaterThan(8);
        // stairs lie beside stairs: both plans at one place in their shares, at one scale
        assertThat(right.scale()).isEqualTo(left.scale());
        assertThat(right.originY()).isCloseTo(left.originY(), within(1e-9));
        assertThat(right.originX() - left.originX())
                .isCloseTo(share(laid, 1).minX() - share(laid, 0).minX(), within(1e-9));
    }

    private static Box share(LaidPage laid, int index) {
        return SheetLayout.of(laid, 0).cell(index, 2, Arrangement.Shares.ALIKE);
    }

    @Test
    void aHeldFrameMovesOnlyTheViewWorkedOn() {
        var laid = TestPlans.page(onePage());
        var held = SheetComposer.frame(laid, FLAT);
        var page = SheetComposer.compose(laid, FLAT, held, Lamp.COLOUR, 1);
        assertThat(page.frame()).isEqualTo(held);
        assertThat(page.drawing())
                .isEqualTo(SheetComposer.compose(laid, Lamp.COLOUR, 1).drawing());
    }

    /** On narrow paper lists are wished for; they lie in a band between plan and title block, and the plan above it. */
    @Test
    void narrowPaperHasItsListsInABandBelowThePlan() {
        for (var narrow : List.of(Sheet.Paper.A4, Sheet.Paper.LEGAL)) {
            var small = PageEdits.sheet(QuillbackLane.plan(), s -> s.on(narrow, Sheet.Way.PORTRAIT));
            assertThat(texts(compose(small), LayerKind.SHEET))
                    .as("what is listed stays listed on smaller paper")
                    .contains("Rooms", "Finishes");
            var bare = listing(small);
            assertThat(texts(compose(bare), LayerKind.SHEET)).doesNotContain("Rooms", "Finishes");
            var noted = PageEdits.notes(bare, FIRST, Reach.THIS, "All sizes to be checked on site.");
            var plan = listing(noted);
            var page = compose(plan);
            assertThat(texts(page, LayerKind.SHEET)).contains("Rooms", "Finishes", "Notes");
            var headings = marks(page, LayerKind.SHEET)
                    .flatMap(m -> m instanceof Mark.Text t
                                    && List.of("Rooms", "Finishes", "Notes").contains(t.text())
                            ? Stream.of(t.at())
                            : Stream.empty())
                    .toList();
            assertThat(headings).extracting(p -> p.x()).doesNotHaveDuplicates(); // side by side
            var top = headings.stream().mapToDouble(p -> p.y()).min().orElseThrow() - 4;
            assertThat(SheetComposer.fits(TestPlans.page(plan), GROUND)).isTrue();
            assertThat(marks(page, LayerKind.POCHE))
                    .isNotEmpty()
                    .allSatisfy(m -> assertThat(lowest(m)).isLessThan(top));
        }
    }

    /** With both lists if it had none, without them if it had both. */
    private static Plan listing(Plan plan) {
        return PageEdits.toggle(
                PageEdits.toggle(plan, FIRST, Reach.THIS, Listing.ROOMS), FIRST, Reach.THIS, Listing.FINISHES);
    }

    private static double lowest(Mark mark) {
        return switch (mark) {
            case Mark.Stroke(var path, var _, var _) -> path.bounds().maxY();
            case Mark.Fill(var path, var _) -> path.bounds().maxY();
            default -> Double.NEGATIVE_INFINITY;
        };
    }

    @Test
    void theSheetSaysOnceFromWhereToWhereRoomsAreMeasured() {
        var plan = SailclothYard.plan();
        assertThat(texts(compose(plan), LayerKind.SHEET)).containsOnlyOnce("Sizes of rooms clear, face to face");
        var view = plan.presentation().views().getFirst().id();
        var other = ViewEdits.annotation(
                plan,
                view,
                Reach.ALL,
                a -> a.withRooms(
                        new RoomLabel(List.of(RoomLabel.Part.NAME, RoomLabel.Part.AREA), AreaBasis.WALL_CENTRES)));
        assertThat(texts(compose(other), LayerKind.SHEET))
                .doesNotContain("Sizes of rooms clear, face to face")
                .containsOnlyOnce("Areas in rooms to: wall centres");
    }

    @Test
    void notesOnAPageReadThePlan() {
        var plan =
                PageEdits.notes(SailclothYard.plan(), FIRST, Reach.THIS, "All of {total area}, at {scale}, of {date}");
        assertThat(texts(compose(plan), LayerKind.SHEET)).anyMatch(t -> t.startsWith("All of 95.13 m\u00b2, at 1:50"));
    }

    /** Where ninety rooms fill the column, finishes and notes are left out, and the page says so above its title. */
    @Test
    void listsForWhichThereIsNoRoomAreNamedAndNotLaidOverTheTitle() {
        var ninety = ninetyRooms();
        for (var way : Sheet.Way.values()) {
            for (var paper : Sheet.Paper.standard()) {
                var plan = PageEdits.sheet(ninety, s -> s.on(paper, way));
                var page = plan.presentation().pages().getFirst();
                for (var list : Listing.values()) {
                    plan = page.lists().contains(list) ? plan : PageEdits.toggle(plan, FIRST, Reach.THIS, list);
                }
                plan = PageEdits.notes(plan, FIRST, Reach.THIS, "Walls as measured. ".repeat(400));
                var composed = SheetComposer.compose(TestPlans.page(plan), Lamp.DRAFT, 1);
                var texts = texts(composed, LayerKind.SHEET);
                assertThat(texts).anyMatch(t -> t.contains("without room on the page"));
                var laid = TestPlans.page(plan);
                var band = SheetLists.bandMm(laid, SheetLayout.bandWideMm(laid), SheetPen.Rows.USUAL, List.of());
                var title =
                        SheetLayout.of(laid, laid.page().hasColumn() ? 0 : band).title();
                var lists = marks(composed, LayerKind.SHEET)
                        .flatMap(m -> m instanceof Mark.Text t
                                        && (t.text().startsWith("Room ")
                                                || t.text().startsWith("Walls as"))
                                ? Stream.of(t.at().y())
                                : Stream.<Double>empty())
                        .toList();
                assertThat(lists).isNotEmpty().allSatisfy(y -> assertThat(y).isLessThan(title.minY()));
            }
        }
    }

    /** A tier put 12 mm farther in one view lies there in that view only, and the plan keeps its scale and place. */
    @Test
    void aTierLiesWhereAHandPutItInItsView() {
        var plan =
                ViewEdits.moveTier(QuillbackLane.plan(), FLAT, Side.WEST, 0, 12).orThrow();
        var usual = LaidPlan.of(QuillbackLane.plan());
        var moved = LaidPlan.of(plan);
        var frame = PaperFrame.atOrigin(100);
        assertThat(TierPlaces.of(moved.view(GROUND), frame)).isEqualTo(TierPlaces.of(usual.view(GROUND), frame));
        var before = TierPlaces.of(usual.view(FLAT), frame);
        var after = TierPlaces.of(moved.view(FLAT), frame);
        assertThat(after).hasSameSizeAs(before);
        for (var i = 0; i < before.size(); i++) {
            var isIt = before.get(i).tier().side() == Side.WEST && before.get(i).index() == 0;
            assertThat(after.get(i).line()).isCloseTo(before.get(i).line() - (isIt ? 12 : 0), within(1e-9));
        }
        var second = usual.pages().get(1);
        assertThat(SheetComposer.frame(moved.page(second.page().id()), FLAT))
                .isEqualTo(SheetComposer.frame(second, FLAT));
        assertThat(ViewEdits.tiersBack(plan, FLAT)).isEqualTo(QuillbackLane.plan());
    }

    /** A heading stands 3 mm below the top of its list, which begins where the outer wall of the building does. */
    @Test
    void listsBesideAPlanBeginAtTheTopOfTheBuilding() {
        var page = LaidPlan.of(SailclothYard.plan()).pages().getFirst();
        var composed = SheetComposer.compose(page, Lamp.COLOUR, 1);
        var shell = page.views().getFirst().storey().geometry().shellBounds().orElseThrow();
        var heading = composed.drawing().layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .filter(t -> t.text().equals("Rooms"))
                .findFirst()
                .orElseThrow();
        assertThat(heading.at().y()).isCloseTo(composed.frame().paper(shell).minY() + 3, within(1e-6));
    }

    /** By itself the flat, 42 ft long, would be larger: the plot keeps the ground floor smaller, and the flat with it. */
    @Test
    void theStoreysOfABuildingShareAScale() {
        var plan = PageEdits.sheet(QuillbackLane.plan(), s -> s.withWay(Sheet.Way.LANDSCAPE));
        assertThat(scales(plan)).containsExactly(96.0, 96.0);
        var alone = PageEdits.remove(
                        plan, plan.presentation().pages().getFirst().id())
                .orThrow();
        assertThat(scales(alone)).containsExactly(64.0);
        assertThat(scales(QuillbackLane.plan())).containsExactly(64.0, 64.0);
    }

    private static List<Double> scales(Plan plan) {
        return LaidPlan.of(plan).pages().stream()
                .map(page -> SheetComposer.frame(
                                page, page.views().getFirst().view().id())
                        .scale())
                .toList();
    }

    /** The list of rooms beside a view asks for its labels first: what was drawn of the view is kept all the same. */
    @Test
    void whatWasDrawnBesideAListOfRoomsIsKeptForTheNextPicture() {
        var page = LaidPlan.of(SailclothYard.plan()).pages().getFirst();
        assertThat(page.views().getFirst().hasRoomList()).isTrue();
        var view = page.views().getFirst().view().id();
        var frame = SheetComposer.frame(page, view);
        var remembered = new Remembered();
        var first = furniture(SheetComposer.compose(page, view, frame, Lamp.COLOUR, 1, remembered));
        var second = furniture(SheetComposer.compose(page, view, frame, Lamp.COLOUR, 1, remembered));
        assertThat(second).hasSameSizeAs(first).isNotEmpty();
        for (var i = 0; i < first.size(); i++) {
            assertThat(second.get(i)).isSameAs(first.get(i));
        }
    }

    private static List<Mark> furniture(ComposedPage page) {
        return page.drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.FURNITURE)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    /** A view turned on its page is the picture of the plan as if all of it had been turned by hand. */
    @Test
    void aTurnedViewIsThePictureOfTheTurnedPlan() {
        var plan = ViewEdits.tiers(QuillbackLane.plan(), GROUND, Reach.THIS, _ -> Tiers.USUAL);
        var byHand = plan;
        for (var storey : plan.storeys()) {
            var all = storey.elements().all().map(Element::id).collect(Collectors.toSet());
            byHand =
                    PickedEdits.turn(byHand, storey.id(), all, Point.ORIGIN, 90).orThrow();
            // marks of rooms are kept where their rooms are by completing an edit; here they are turned one by one
            for (var mark : storey.rooms()) {
                byHand = RoomEdits.change(byHand, storey.id(), mark.id(), m -> m.moved(Motion.turn(Point.ORIGIN, 90)));
            }
        }
        var turned = ViewEdits.turn(plan, GROUND, Reach.THIS, 90);
        var frame = PaperFrame.atOrigin(100);
        var expected = Illustration.of(LaidPlan.of(byHand).view(GROUND), frame, Lamp.LIT, 2);
        assertThat(Illustration.of(LaidPlan.of(turned).view(GROUND), frame, Lamp.LIT, 2))
                .isEqualTo(expected)
                .isNotEqualTo(Illustration.of(LaidPlan.of(plan).view(GROUND), frame, Lamp.LIT, 2));
        assertThat(LaidPlan.of(turned).page(FIRST).northDeg()).isEqualTo(plan.northDeg() + 90);
        assertThat(LaidPlan.of(turned).storeys()).isEqualTo(LaidPlan.of(plan).storeys());
        assertThat(Illustration.of(LaidPlan.of(turned).straight(GROUND), frame, Lamp.LIT, 2))
                .isEqualTo(Illustration.of(LaidPlan.of(plan).view(GROUND), frame, Lamp.LIT, 2));
    }

    /** Tiers and part turn along by quarters: north becomes west; all comes back with the fourth quarter. */
    @Test
    void whatWasPutByHandTurnsAlong() {
        var crop = new Crop(Position.ofMm(1000, 500), Position.ofMm(4000, 2500));
        var plan = ViewEdits.crop(QuillbackLane.plan(), GROUND, Optional.of(crop));
        plan = ViewEdits.moveTier(plan, GROUND, Side.NORTH, 1, 5).orThrow();
        var once = ViewEdits.turn(plan, GROUND, Reach.THIS, 90);
        var view = once.presentation().view(GROUND).orElseThrow();
        assertThat(view.awayMm(Side.WEST, 1)).isEqualTo(5);
        assertThat(view.crop()).contains(new Crop(Position.ofMm(-2500, 1000), Position.ofMm(-500, 4000)));
        assertThat(ViewEdits.turn(once, GROUND, Reach.THIS, 360)).isEqualTo(plan);
        var slanted = ViewEdits.turn(plan, GROUND, Reach.THIS, 30);
        assertThat(ViewEdits.moveTier(slanted, GROUND, Side.NORTH, 0, 3))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        no -> assertThat(no.sentence("No")).contains("turned at a slant"));
    }

    /** No text of a view turned by half stands on its head. */
    @Test
    void wordsStayUprightInATurnedView() {
        var page = compose(ViewEdits.turn(QuillbackLane.plan(), GROUND, Reach.ALL, 180));
        assertThat(marks(page, LayerKind.LABELS)).isNotEmpty();
        for (var layer : page.drawing().layers()) {
            Mark.words(layer.marks())
                    .forEach(t ->
                            assertThat(Math.cos(Math.toRadians(t.turnDeg()))).isGreaterThan(-0.01));
        }
    }

    /** Nine by ten rooms of 2 × 2 m, each named by its number. */
    private static Plan ninetyRooms() {
        var walls = TestPlans.start();
        for (var i = 0; i <= 10; i++) {
            walls.wall(0, i * 2000, 18000, i * 2000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        for (var i = 0; i <= 9; i++) {
            walls.wall(i * 2000, 0, i * 2000, 20000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        var plan = walls.plan();
        for (var i = 0; i < 90; i++) {
            plan = RoomEdits.mark(
                            plan,
                            TestPlans.storey(plan),
                            Position.ofMm(1000 + 2000 * (i % 9), 1000 + 2000 * (i / 9)),
                            "Room " + (i + 1),
                            Finish.of("oak"))
                    .plan();
        }
        return plan;
    }

    /** Ninety rooms have no room in a column of some 180 mm; the list says how many it leaves out, and ends above the title. */
    @Test
    void aListThatIsTooLongSaysWhatItLeavesOut() {
        var plan = PageEdits.sheet(ninetyRooms(), s -> s.on(Sheet.Paper.A3, Sheet.Way.LANDSCAPE));
        var page = compose(plan);
        var layout = SheetLayout.of(TestPlans.page(plan), 0);
        var more = texts(page, LayerKind.SHEET).stream()
                .filter(t -> t.endsWith("without room on the page"))
                .findFirst()
                .orElseThrow();
        var listed = texts(page, LayerKind.SHEET).stream()
                .filter(t -> t.matches("Room \\d+"))
                .count();
        assertThat(more).startsWith("and " + (90 - listed) + " more");
        assertThat(listed).isGreaterThan(20);
        assertThat(marks(page, LayerKind.SHEET)
                        .filter(m -> m instanceof Mark.Text t && t.text().startsWith("Gross")))
                .singleElement()
                .satisfies(m -> assertThat(((Mark.Text) m).at().y())
                        .isLessThan(layout.title().minY()));
    }

    @Test
    void whatIsHiddenIsNotDrawnAndThrowsNoShade() {
        var plan = PageEdits.sheet(QuillbackLane.plan(), s -> s.on(Sheet.Paper.A3, Sheet.Way.LANDSCAPE));
        for (var kind : List.of(Kind.FURNITURE, Kind.DIMENSIONS, Kind.ROOM_NAMES, Kind.FINISHES)) {
            plan = ViewEdits.showing(plan, kind, Degree.HIDDEN);
        }
        var page = compose(plan);
        assertThat(page.drawing().layers())
                .extracting(Layer::kind)
                .contains(LayerKind.POCHE, LayerKind.OPENINGS)
                .doesNotContain(
                        LayerKind.FURNITURE, LayerKind.RUGS, LayerKind.TOPS, LayerKind.FLOOR, LayerKind.DIMENSIONS);
        assertThat(texts(page, LayerKind.LABELS)).doesNotContain("TEA ROOM");
        assertThat(texts(page, LayerKind.SHEET)).doesNotContain("Finishes").contains("Rooms");
    }

    /** Of what is faint three tenths of the distance to the paper's colour are left, and it throws no shade. */
    @Test
    void whatIsFaintIsNearTheColourOfThePaper() {
        var plan = QuillbackLane.plan();
        var full = marks(compose(plan), LayerKind.POCHE).toList();
        var faint = marks(compose(ViewEdits.showing(plan, Kind.WALLS, Degree.FADED)), LayerKind.POCHE)
                .toList();
        assertThat(faint).hasSameSizeAs(full);
        var paper = ((Mark.Fill)
                        marks(compose(plan), LayerKind.PAPER).findFirst().orElseThrow())
                .ink()
                .rgb();
        for (var i = 0; i < full.size(); i++) {
            if (full.get(i) instanceof Mark.Fill before && faint.get(i) instanceof Mark.Fill after) {
                assertThat(after.path()).isEqualTo(before.path());
                for (var shift : List.of(0, 8, 16)) {
                    var from = paper >> shift & 0xff;
                    var share = (before.ink().rgb() >> shift & 0xff) - from;
                    assertThat((double) ((after.ink().rgb() >> shift & 0xff) - from))
                            .isCloseTo(0.3 * share, within(0.51));
                }
            }
        }
    }

    /** A part of 4 by 3 m lies alone in the middle of its page at the largest scale that fits; nothing sticks out. */
    @Test
    void aPartOfThePlanIsSeenAlone() {
        var crop = new Crop(Position.ofMm(500, 500), Position.ofMm(4500, 3500));
        var plan = ViewEdits.crop(TestPlans.clearRectangle(8000, 6000), GROUND, Optional.of(crop));
        var page = compose(plan);
        assertThat(page.frame().scale()).isEqualTo(20); // 4,000 mm are 200 mm wide, of 326 mm
        var seen = page.frame().paper(new Box(500, 500, 4500, 3500));
        assertThat(seen.centre().x())
                .isCloseTo(
                        SheetLayout.of(TestPlans.page(plan), 0).view().centre().x(), within(0.01));
        for (var layer : page.drawing().layers()) {
            if (layer.kind() != LayerKind.PAPER && layer.kind() != LayerKind.SHEET) {
                assertThat(layer.marks()).hasSize(1);
                var clip = (Mark.Clip) layer.marks().getFirst();
                assertThat(clip.path().bounds()).isEqualTo(seen);
            }
        }
        assertThat(page.drawing().layers()).extracting(Layer::kind).doesNotContain(LayerKind.DIMENSIONS);
    }

    @Test
    void aNameThatWasPutOutsideItsRoomHasALeaderIntoIt() {
        var plan = QuillbackLane.plan();
        var room = TestPlans.geometry(plan).rooms().stream()
                .filter(r -> r.name().equals("Tea room"))
                .findFirst()
                .orElseThrow();
        var at = Position.ofMm(-4000, 1000);
        var moved = ViewEdits.moveName(plan, GROUND, room.mark().orElseThrow().id(), Optional.of(at));
        var page = compose(moved);
        var name = words(page, LayerKind.LABELS)
                .filter(t -> t.text().equals("TEA ROOM"))
                .findFirst()
                .orElseThrow();
        assertThat(name.at().x()).isCloseTo(page.frame().paper(at.point()).x(), within(1e-9));
        var leaders = marks(page, LayerKind.LABELS)
                .filter(m -> m instanceof Mark.Stroke)
                .toList();
        assertThat(leaders).hasSize(1);
        var line = ((Mark.Stroke) leaders.getFirst()).path().bounds();
        var end = page.frame()
                .plan(new honeylamp.geometry.Point(line.maxX(), line.centre().y()));
        assertThat(room.outline().bounds().minX()).isLessThan(end.x());
        // in the other view and on other pages it lies where it finds room
        assertThat(TestPlans.view(plan).view().moved()).isEmpty();
    }

    @Test
    void listsAndNotesAreThePages() {
        var plan = QuillbackLane.plan();
        var wide = PageEdits.sheet(plan, s -> s.on(Sheet.Paper.A3, Sheet.Way.LANDSCAPE));
        var noted =
                PageEdits.notes(wide, FIRST, Reach.THIS, "All sizes to be checked on site before anything is ordered.");
        var bare = PageEdits.toggle(noted, FIRST, Reach.THIS, Listing.ROOMS);
        var sheet = texts(compose(bare), LayerKind.SHEET);
        assertThat(sheet).contains("Finishes", "Notes").doesNotContain("Rooms");
        assertThat(sheet).anyMatch(t -> t.startsWith("All sizes")).anyMatch(t -> t.endsWith("ordered."));
        var second = SheetComposer.compose(LaidPlan.of(bare).pages().get(1), Lamp.COLOUR, 1);
        assertThat(texts(second, LayerKind.SHEET)).contains("Rooms").doesNotContain("Notes");
    }

    @Test
    void marginsMakeRoomForTheView() {
        var usual = SheetLayout.of(TestPlans.page(QuillbackLane.plan()), 0);
        var narrow = SheetLayout.of(
                TestPlans.page(PageEdits.sheet(QuillbackLane.plan(), s -> s.withMargins(new Sheet.Margins(5, 5)))), 0);
        assertThat(narrow.view().width()).isCloseTo(usual.view().width() + 15 + 5, within(1e-9));
        assertThat(narrow.view().height()).isCloseTo(usual.view().height() + 5 + 5, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(
            mode = EnumSource.Mode.EXCLUDE,
            names = {"FIRST", "LISTS_ONLY"})
    void theSharesOfAPageAreAlikeAndLieApart(Arrangement.Shares shares) {
        var layout = SheetLayout.of(TestPlans.page(onePage()), 0);
        for (var count = 2; count <= PageEdits.MOST_VIEWS; count++) {
            for (var i = 0; i < count; i++) {
                var cell = layout.cell(i, count, shares);
                assertThat(layout.view().grown(1e-9).contains(cell.centre())).isTrue();
                assertThat(cell.width()).isCloseTo(layout.cell(0, count, shares).width(), within(1e-9));
                for (var j = 0; j < i; j++) {
                    assertThat(cell.meets(layout.cell(j, count, shares))).isFalse();
                }
            }
        }
    }
}
