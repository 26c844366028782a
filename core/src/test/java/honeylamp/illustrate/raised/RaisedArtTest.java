package honeylamp.illustrate.raised;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.derive.listing.SeenFromCorner;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Light;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing;
import honeylamp.plan.View;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RaisedArtTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    /** A room of 4.2 by 3.3 m with its view cut away from a corner. */
    private static LaidView cutaway(Plan bare, Rays rays) {
        var plan = RoomEdits.name(
                bare,
                bare.storeys().getFirst().id(),
                TestPlans.geometry(bare).rooms().getFirst(),
                "Room");
        var laid = TestPlans.laid(plan);
        var room = laid.geometry().rooms().getFirst();
        var eye = SeenFromCorner.of(room).getFirst().eye().with(rays);
        var subject =
                new Raised.Cutaway(laid.id(), room.mark().map(RoomMark::id).orElseThrow(), eye);
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), subject, "Room, cut away");
        return LaidPlan.of(added.plan())
                .view(added.plan().presentation().views().getLast().id());
    }

    private static Drawing drawn(LaidView view) {
        return Illustration.of(view, FRAME, Lamp.LIT, 1);
    }

    private static Stream<Mark> all(Mark mark) {
        return mark instanceof Mark.Clip(var _, var inside)
                ? Stream.concat(Stream.of(mark), inside.stream().flatMap(RaisedArtTest::all))
                : Stream.of(mark);
    }

    private static Stream<Mark> all(Drawing drawing) {
        return drawing.layers().stream().flatMap(l -> l.marks().stream()).flatMap(RaisedArtTest::all);
    }

    /** Fills and lines, and no picture: a PDF and an SVG hold all of it as vectors. */
    @Test
    void itIsDrawnInFillsAndLines() {
        for (var rays : Rays.values()) {
            var drawing = drawn(cutaway(TestPlans.clearRectangle(4200, 3300), rays));
            assertThat(all(drawing)).noneMatch(m -> m instanceof Mark.Image || m instanceof Mark.Picture);
            assertThat(drawing.layers().stream().map(l -> l.kind()))
                    .as(rays.label())
                    .contains(LayerKind.FACES, LayerKind.FLOOR, LayerKind.POCHE);
        }
    }

    /** A wash is darker towards the edges of the two walls, edges of the slab, and the floor; in other looks surfaces are even. */
    @Test
    void aLookThatWashesDoesSoInRaisedViewsToo() {
        var view = cutaway(TestPlans.clearRectangle(4200, 3300), Rays.PARALLEL);
        assertThat(rimmed(view, "Wash", LayerKind.FACES)).isGreaterThanOrEqualTo(2);
        assertThat(rimmed(view, "Wash", LayerKind.FLOOR)).isPositive();
        assertThat(rimmed(view, "Daylight", LayerKind.FACES)).isZero();
    }

    /** How many surfaces of a layer have soft lines within their edges, at least 20 mm long. */
    private static long rimmed(LaidView view, String look, LayerKind layer) {
        var plan = ViewEdits.look(view.plan().drawn(), view.view().id(), Reach.THIS, _ -> Looks.of(look));
        return drawn(LaidPlan.of(plan).view(view.view().id())).layers().stream()
                .filter(l -> l.kind() == layer)
                .flatMap(l -> l.marks().stream())
                .filter(m -> m instanceof Mark.Clip(var path, var inside)
                        && path.bounds().height() > 20
                        && inside.stream()
                                .anyMatch(i -> i instanceof Mark.Stroke(var _, var pen, var ink)
                                        && pen.widthMm() > 0.5
                                        && ink.opacity() < 1))
                .count();
    }

    /** The same plan gives the same picture. */
    @Test
    void theSamePlanGivesTheSameMarks() {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(4200, 3300), 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        assertThat(drawn(cutaway(plan, Rays.PARALLEL))).isEqualTo(drawn(cutaway(plan, Rays.PARALLEL)));
    }

    /** On the true plan the slab is as large as the plan has it, turned: 4.2 by 3.3 m and the walls around them. */
    @Test
    void onTheTruePlanTheFloorKeepsItsSize() {
        var plan = TestPlans.clearRectangle(4200, 3300);
        var view = cutaway(plan, Rays.ON_PLAN);
        var floor = drawn(view).layers().stream()
                .filter(l -> l.kind() == LayerKind.FLOOR)
                .flatMap(l -> l.marks().stream())
                .flatMap(m -> m instanceof Mark.Fill(var path, var _) ? Stream.of(path) : Stream.<Figure>empty())
                .mapToDouble(RaisedArtTest::areaMm2)
                .max()
                .orElseThrow();
        assertThat(floor * 50 * 50 / 1e6).isCloseTo(4.2 * 3.3, within(0.01));
    }

    private static double areaMm2(Figure path) {
        return path.flattened(1).area();
    }

    /** What it takes up is what is drawn of walls and floor: no line lies outside. */
    @Test
    void itStaysWithinWhatItTakesUp() {
        for (var rays : Rays.values()) {
            var view = cutaway(TestPlans.clearRectangle(4200, 3300), rays);
            var extent = Extent.of(view).orElseThrow();
            var room = extent.paper();
            var inner = FRAME.paper(extent.planMm()).grown(0.5);
            var box = new Box(
                    inner.minX() - room.left(),
                    inner.minY() - room.above(),
                    inner.maxX() + room.right(),
                    inner.maxY() + room.below());
            var drawn = all(drawn(view))
                    .flatMap(m -> m instanceof Mark.Stroke(var path, var _, var _)
                            ? Stream.of(path.bounds())
                            : Stream.<Box>empty())
                    .reduce(Box::union)
                    .orElseThrow();
            assertThat(box.contains(drawn))
                    .as(rays.label() + " " + drawn + " in " + box)
                    .isTrue();
        }
    }

    /** A room of 4.2 × 3.3 m and 2.5 m high says so along its three directions, and nothing in perspective. */
    @Test
    void itsMeasuresStandAlongItsThreeDirections() {
        var plan = TestPlans.clearRectangle(4200, 3300);
        var high = String.valueOf(Math.round(plan.storeys().getFirst().height().mm()));
        for (var rays : List.of(Rays.PARALLEL, Rays.ON_PLAN)) {
            assertThat(figures(cutaway(plan, rays))).containsExactlyInAnyOrder("4200", "3300", high);
        }
        assertThat(figures(cutaway(plan, Rays.PERSPECTIVE))).isEmpty();
        var bare = cutaway(plan, Rays.PARALLEL);
        var without =
                bare.view().withShowing(bare.view().showing().with(Showing.Kind.DIMENSIONS, Showing.Degree.HIDDEN));
        assertThat(figures(bare.seenAs(without)))
                .as("with dimensions they are hidden")
                .isEmpty();
    }

    private static List<String> figures(LaidView view) {
        return all(drawn(view))
                .flatMap(m -> m instanceof Mark.Text t ? Stream.of(t.text()) : Stream.<String>empty())
                .toList();
    }

    /** Walls that are hidden do not stand in the way; faint ones are drawn faintly. */
    @Test
    void whatIsHiddenIsNotThere() {
        var view = cutaway(TestPlans.clearRectangle(4200, 3300), Rays.PARALLEL);
        var hidden = view.seenAs(view.view().withShowing(new Showing(Set.of(), Set.of(Showing.Kind.WALLS), Set.of())));
        assertThat(drawn(hidden).layers()).noneMatch(l -> l.kind() == LayerKind.POCHE);
        var faint = view.seenAs(view.view().withShowing(new Showing(Set.of(Showing.Kind.WALLS), Set.of(), Set.of())));
        assertThat(drawn(faint)).isNotEqualTo(drawn(view));
    }

    /** A view of a room that is gone shows nothing, and its page can be composed. */
    @Test
    void aRoomThatIsGoneShowsNothing() {
        var view = cutaway(TestPlans.clearRectangle(4200, 3300), Rays.PARALLEL);
        var plan = view.plan().drawn();
        var gone = plan.withStorey(plan.storeys().getFirst().id(), s -> s.with(RoomMark.class, List.of()));
        var seen = LaidPlan.of(gone).view(view.view().id());
        assertThat(Extent.of(seen)).isEmpty();
        assertThat(drawn(seen).layers()).isEmpty();
    }

    /** Looking from elsewhere is an edit of the view alone. */
    @Test
    void lookingFromElsewhereChangesOnlyTheView() {
        var view = cutaway(TestPlans.clearRectangle(4200, 3300), Rays.PARALLEL);
        var plan = view.plan().drawn();
        var eye = new Eye(Rays.PERSPECTIVE, 200, 25);
        var looked = ViewEdits.lookedFrom(plan, view.view().id(), eye).orThrow();
        assertThat(looked.storeys()).isEqualTo(plan.storeys());
        var now = looked.presentation().views().getLast();
        assertThat(((Raised) now.subject()).eye()).isEqualTo(eye);
        assertThat(now.fit()).isEqualTo(View.Fit.FILLING);
        var first = plan.presentation().views().getFirst().id();
        assertThat(ViewEdits.lookedFrom(plan, first, eye).result()).isEmpty();
    }

    /** A page in perspective says that it is not to scale, and has no bar to measure with; a parallel one has both. */
    @Test
    void aPageInPerspectiveHasNoScale() {
        var plan = TestPlans.clearRectangle(4200, 3300);
        assertThat(words(cutaway(plan, Rays.PERSPECTIVE)))
                .contains("Not to scale")
                .noneMatch(w -> w.endsWith(" m"));
        assertThat(words(cutaway(plan, Rays.PARALLEL)))
                .anyMatch(w -> w.startsWith("1:"))
                .anyMatch(w -> w.endsWith(" m"));
    }

    private static List<String> words(LaidView view) {
        var page = view.plan().pageOf(view.view().id());
        var sheet = SheetComposer.compose(page, Lamp.LIT, 1).drawing();
        return sheet.layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .toList();
    }

    /** The first light that is known, and no better one. */
    private static final class Coarse implements Remembered.LongWork {
        private int asked;

        @Override
        public <V> Optional<V> answer(Object question, Work<V> work) {
            asked++;
            var first = new ArrayList<V>();
            work.run(sofar -> first.add(sofar.answer()), () -> first.isEmpty());
            return first.stream().findFirst();
        }
    }

    private static Drawing drawn(LaidView view, Remembered.LongWork light) {
        return Illustration.of(view, FRAME, Lamp.LIT, 1, new Remembered(light));
    }

    private static LaidView lit(LaidView view, UnaryOperator<View> change) {
        return view.seenAs(change.apply(view.view()));
    }

    /** Soft light is one picture between surfaces and lines: both stay as they are, and drawn shade goes. */
    @Test
    void softLightIsAPictureUnderTheSameLines() {
        var view = cutaway(TestPlans.clearRectangle(4200, 3300), Rays.PARALLEL);
        var soft = lit(view, v -> v.withLit(View.Lit.TRACED));
        var light = new Coarse();
        var drawing = drawn(soft, light);
        assertThat(light.asked).isEqualTo(1);
        var pictures = all(drawing).filter(Mark.Image.class::isInstance).toList();
        assertThat(pictures).hasSize(1);
        var shade = drawing.layers().stream()
                .filter(l -> l.blend() == Blend.MULTIPLY)
                .toList();
        assertThat(shade).hasSize(1);
        var lines = List.of(LayerKind.POCHE, LayerKind.OPENINGS, LayerKind.STRUCTURES, LayerKind.TOPS);
        assertThat(drawing.only(lines::contains)).isEqualTo(drawn(view).only(lines::contains));
        // as long as it is not known the shade is drawn
        assertThat(drawn(soft, Remembered.LongWork.NEVER)).isEqualTo(drawn(view));
        // and while one draws nobody waits for it
        Illustration.of(soft, FRAME, Lamp.COLOUR, 1, new Remembered(light));
        assertThat(light.asked).isEqualTo(1);
    }

    /** By how much there is more red than blue where there is so much red. */
    private static double warmth(int[] lit, int from, int to) {
        return Arrays.stream(lit)
                .filter(argb -> (argb >> 16 & 0xff) >= from && (argb >> 16 & 0xff) < to)
                .map(argb -> (argb >> 16 & 0xff) - (argb & 0xff))
                .average()
                .orElseThrow();
    }

    /** After dark a room is light around its lamp, warmer there than by day, and dark far from it. */
    @Test
    void afterDarkARoomIsLitByItsLamps() {
        var view = cutaway(TestPlans.clearRectangle(9000, 3300), Rays.ON_PLAN);
        var evening = lit(view, v -> v.withLight(v.light().withEvening(Optional.of(Light.Evening.ALL))));
        var image = all(drawn(evening, new Coarse()))
                .filter(Mark.Image.class::isInstance)
                .map(Mark.Image.class::cast)
                .findFirst()
                .orElseThrow();
        var pixels = image.pixels();
        var lit = Arrays.stream(pixels.argb()).filter(argb -> argb >>> 24 != 0).toArray();
        var red = Arrays.stream(lit).map(argb -> argb >> 16 & 0xff).summaryStatistics();
        assertThat(red.getMax()).isGreaterThan(200);
        assertThat(red.getMin()).isLessThan(140);
        assertThat(warmth(lit, 190, 230)).isGreaterThan(5);
        assertThat(warmth(lit, 0, 120)).isNegative();
    }

    /** Who stands in a closed room sees no sun; through a window it falls in, and leaves the ceiling dark. */
    @Test
    void theSunComesInThroughWindowsAndNotThroughCeilings() {
        assertThat(sunny(inside(TestPlans.clearRectangle(4200, 3300)))).isEmpty();
        var plan = TestPlans.clearRectangle(4200, 3300);
        for (var wall = 0; wall < 4; wall++) {
            plan = TestPlans.opening(plan, wall, OpeningKind.FIXED_WINDOW, 1200, 1400, Hand.FIRST, Swing.LEFT);
        }
        assertThat(sunny(inside(plan))).hasSize(1);
    }

    private static LaidView inside(Plan bare) {
        var storey = bare.storeys().getFirst().id();
        var plan = RoomEdits.name(bare, storey, TestPlans.geometry(bare).rooms().getFirst(), "Room");
        var subject = new Raised.Inside(storey, Position.ofMm(500, 2900), Length.ofMm(1600), 315, 100);
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), subject, "Inside");
        return LaidPlan.of(added.plan())
                .view(added.plan().presentation().views().getLast().id());
    }

    private static List<Mark> sunny(LaidView view) {
        var ink = Pens.of(view.look(), FRAME.scale()).ink(Role.SUNLIGHT).rgb();
        return drawn(view).layers().stream()
                .filter(l -> l.kind() == LayerKind.TOP_SHADOW)
                .flatMap(l -> l.marks().stream())
                .flatMap(RaisedArtTest::all)
                .filter(m -> m instanceof Mark.Fill fill
                        && fill.ink().rgb() == ink
                        && !fill.path().isEmpty())
                .toList();
    }

    /** A look that hatches the shade of its plans hatches that of its raised views; others lay it in tones. */
    @Test
    void looksThatHatchHatchRaisedToo() {
        var view = cutaway(TestPlans.clearRectangle(4200, 3300), Rays.PARALLEL);
        for (var look : List.of(Looks.PENCIL, Looks.MARKER, Looks.DAYLIGHT)) {
            var plan = ViewEdits.look(view.plan().drawn(), view.view().id(), Reach.THIS, _ -> look);
            var shade = drawn(LaidPlan.of(plan).view(view.view().id())).layers().stream()
                    .filter(l -> l.kind() == LayerKind.TOP_SHADOW)
                    .flatMap(l -> l.marks().stream())
                    .toList();
            assertThat(shade).as(look.name()).isNotEmpty();
            assertThat(shade.stream().allMatch(Mark.Stroke.class::isInstance))
                    .as(look.name())
                    .isEqualTo(look != Looks.DAYLIGHT);
        }
    }
}
