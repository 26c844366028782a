package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.SchemeEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Schemes;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.View.Arranged;
import honeylamp.sheet.SheetComposer;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SchemeMarksTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    /** A sofa of 2000 by 900 that is moved 1000 to the right, and a table that goes. */
    private static Plan moved() {
        var bare = TestPlans.clearRectangle(6000, 5000);
        var one = TestPlans.with(bare, "sofa", 2000, 900, 800, 1500, 1500, 0);
        var two = TestPlans.with(one, "low-table", 1000, 600, 400, 1500, 3500, 0);
        var storey = TestPlans.storey(two);
        var inA = SchemeEdits.add(two, "A", Optional.empty()).orThrow();
        var pieces = inA.storeys().getFirst().furnishings();
        var changed = inA.withStorey(
                storey, s -> s.with(Furnishing.class, List.of(pieces.getFirst().withAt(Position.ofMm(2500, 1500)))));
        var view = changed.presentation().views().getFirst().id();
        return SchemeEdits.show(changed, view, new Arranged(Optional.empty(), Optional.of(Schemes.AS_DRAWN)));
    }

    private static LaidView view(Plan plan) {
        return LaidPlan.of(plan).view(plan.presentation().views().getFirst().id());
    }

    @Test
    void whatMovedIsMarkedInBothPlacesAndWhatIsGoneWhereItWas() {
        var view = view(moved());
        var strokes = new SchemeMarks(FRAME, Pens.of(view.look(), 50))
                .of(view).stream().map(Mark.Stroke.class::cast).toList();
        var dashed = strokes.stream().filter(s -> !s.pen().dashMm().isEmpty()).toList();
        var bold = strokes.stream().filter(s -> s.pen().dashMm().isEmpty()).toList();
        // by hand, 0.7 mm of paper are 35 mm at 1:50
        assertThat(bold).singleElement().satisfies(s -> isAround(s, 2500, 1500, 2070, 970));
        assertThat(dashed).hasSize(3); // where the sofa and the table were, and the way of the sofa
        assertThat(dashed).anySatisfy(s -> isAround(s, 1500, 1500, 2070, 970));
        assertThat(dashed).anySatisfy(s -> isAround(s, 1500, 3500, 1070, 670));
        assertThat(dashed).anySatisfy(s -> isAround(s, 2000, 1500, 1000, 0));
    }

    private static void isAround(Mark.Stroke stroke, double x, double y, double width, double height) {
        var paper = stroke.path().bounds();
        var box = Box.around(List.of(
                FRAME.plan(new Point(paper.minX(), paper.minY())), FRAME.plan(new Point(paper.maxX(), paper.maxY()))));
        assertThat(box.centre().x()).isCloseTo(x, within(1.0));
        assertThat(box.centre().y()).isCloseTo(y, within(1.0));
        assertThat(box.width()).isCloseTo(width, within(2.0));
        assertThat(box.height()).isCloseTo(height, within(2.0));
    }

    /** Where furniture is hidden, nothing of it is marked; what differs in walls is marked still. */
    @Test
    void whatNobodySeesIsNotMarked() {
        var plan = moved();
        var view = plan.presentation().views().getFirst().id();
        var bare = ViewEdits.showing(plan, view, Reach.THIS, Kind.FURNITURE, Degree.HIDDEN);
        var laid = view(bare);
        assertThat(new SchemeMarks(FRAME, Pens.of(laid.look(), 50)).of(laid)).isEmpty();
    }

    /** From the front the sofa that went 1000 to the right is marked where it is, and dashed where it was. */
    @Test
    void wallsFromTheFrontAreMarkedToo() {
        var bare = TestPlans.clearRectangle(6000, 5000);
        var marked = RoomEdits.mark(bare, TestPlans.storey(bare), Position.ofMm(3000, 2500), "Room", Finish.of("oak"))
                .plan();
        var one = TestPlans.with(marked, "sofa", 2000, 900, 800, 1500, 550, 0);
        var laid = LaidPlan.of(one).all().getFirst();
        var walls = WallElevation.around(laid, laid.geometry().rooms().getFirst());
        var viewed = ViewEdits.elevations(one, new ViewId(1), List.copyOf(walls), List.of("a", "b", "c", "d"), "Room")
                .plan();
        var inA = SchemeEdits.add(viewed, "A", Optional.empty()).orThrow();
        var sofa = inA.storeys().getFirst().furnishings().getFirst();
        var changed = inA.withStorey(
                TestPlans.storey(viewed),
                s -> s.with(Furnishing.class, List.of(sofa.withAt(Position.ofMm(2500, 550)))));
        var found = 0;
        for (var each : changed.presentation().views()) {
            if (each.isPlan()) {
                continue;
            }
            var shown =
                    SchemeEdits.show(changed, each.id(), new Arranged(Optional.empty(), Optional.of(Schemes.AS_DRAWN)));
            var view = LaidPlan.of(shown).view(each.id());
            var strokes = Illustration.of(view, FRAME, Lamp.COLOUR, 1, new Remembered()).layers().stream()
                    .filter(l -> l.kind() == LayerKind.OVERHEAD)
                    .flatMap(l -> l.marks().stream())
                    .map(Mark.Stroke.class::cast)
                    .toList();
            var bold = strokes.stream().filter(s -> s.pen().dashMm().isEmpty()).toList();
            var dashed =
                    strokes.stream().filter(s -> !s.pen().dashMm().isEmpty()).toList();
            if (bold.size() == 1 && bold.getFirst().path().bounds().width() > 40) { // seen along its width
                found++;
                var is = bold.getFirst().path().bounds();
                var was = dashed.getFirst().path().bounds();
                assertThat(is.width() * 50).isCloseTo(2070, within(2.0));
                assertThat(Math.abs(is.minX() - was.minX()) * 50).isCloseTo(1000, within(2.0));
            }
        }
        assertThat(found).isPositive();
    }

    /** Two plans on a page are smaller; the page of one stays as large as it was. */
    @Test
    void aPageWithTwoSchemesLeavesTheOthersTheirScale() {
        var plan = moved();
        var like = plan.presentation().views().getFirst().id();
        var made = SchemeEdits.sideBySide(
                plan, like, Schemes.AS_DRAWN, plan.schemes().open());
        var before = SheetComposer.compose(LaidPlan.of(plan).pages().getFirst(), Lamp.DRAFT, 1);
        var after = SheetComposer.compose(LaidPlan.of(made.plan()).pages().getFirst(), Lamp.DRAFT, 1);
        var both = SheetComposer.compose(LaidPlan.of(made.plan()).page(made.id()), Lamp.DRAFT, 1);
        assertThat(after.frame().scale()).isEqualTo(before.frame().scale());
        assertThat(both.frame().scale()).isGreaterThan(before.frame().scale());
    }

    /** A table in the middle of a room goes: the room's name would stand just there. */
    @Test
    void namesKeepOffTheDashesOfWhatIsGone() {
        var bare = TestPlans.clearRectangle(5000, 4000);
        var storey = TestPlans.storey(bare);
        var named =
                RoomEdits.name(bare, storey, TestPlans.geometry(bare).rooms().getFirst(), "Parlour");
        var table = TestPlans.with(named, "low-table", 1600, 900, 400, 2500, 2000, 0);
        var inA = SchemeEdits.add(table, "A", Optional.empty()).orThrow();
        var cleared = inA.withStorey(storey, s -> s.with(Furnishing.class, List.of()));
        var view = cleared.presentation().views().getFirst().id();
        var plain = nameOf(cleared);
        var marked =
                nameOf(SchemeEdits.show(cleared, view, new Arranged(Optional.empty(), Optional.of(Schemes.AS_DRAWN))));
        var left = new Box(1700, 1550, 3300, 2450);
        assertThat(left.contains(plain)).isTrue();
        assertThat(left.contains(marked)).isFalse();
    }

    /** Where the name of the only room begins, in plan mm. */
    private static Point nameOf(Plan plan) {
        var page = SheetComposer.compose(LaidPlan.of(plan).pages().getFirst(), Lamp.DRAFT, 1);
        var at = Mark.words(page.drawing().layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .filter(t -> t.text().equals("PARLOUR"))
                .findFirst()
                .orElseThrow()
                .at();
        return page.frame().plan(at);
    }

    @Test
    void nothingIsMarkedInAViewThatIsMarkedAgainstNothing() {
        var plan = moved();
        var view = plan.presentation().views().getFirst().id();
        var plain = SchemeEdits.show(plan, view, Arranged.OPEN);
        assertThat(new SchemeMarks(FRAME, Pens.usual(50)).of(view(plain))).isEmpty();
    }

    @Test
    void aPageWithTwoSchemesListsWhatDiffersAndNamesBoth() {
        var plan = moved();
        var like = plan.presentation().views().getFirst().id();
        var made = SchemeEdits.sideBySide(
                plan, like, Schemes.AS_DRAWN, plan.schemes().open());
        var composed = SheetComposer.compose(LaidPlan.of(made.plan()).page(made.id()), Lamp.DRAFT, 1);
        var words = Mark.words(composed.drawing().layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .map(Mark.Text::text)
                .toList();
        assertThat(words).contains("What differs", "A", "beside As drawn", "Moved", "Gone");
        assertThat(words).anySatisfy(w -> assertThat(w).endsWith(": As drawn"));
        assertThat(words).anySatisfy(w -> assertThat(w).endsWith(": A"));
    }
}
