package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Coverings;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import honeylamp.takeoff.CutNumbers;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Rows of tiles on floors: tiles of 300 with joints of 4. */
class TileRowsTest {
    private static Plan tiled(double w, double d, double x, double y) {
        var plan = TestPlans.clearRectangle(w, d);
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var named = RoomEdits.name(plan, TestPlans.storey(plan), room, "Bath");
        var there = TestPlans.geometry(named).rooms().getFirst();
        var laid = RoomEdits.floor(
                named, TestPlans.storey(named), there, new Finish("square-tile", 0, Position.ofMm(x, y)));
        return ViewEdits.annotation(
                laid, TestPlans.view(laid).view().id(), Reach.ALL, a -> a.withTiles(Annotation.Tiles.MEASURED));
    }

    private static OtherWords words(Plan plan, double scale) {
        var view = TestPlans.view(plan);
        return OtherWords.of(view, PaperFrame.atOrigin(scale), Pens.of(view.look(), scale));
    }

    private static List<String> said(Plan plan, double scale) {
        return Mark.words(words(plan, scale).figures()).map(Mark.Text::text).toList();
    }

    /**
     * Across, a tile begins at 100: 96 are cut before it, 16 whole ones follow up to 4,960 with their last joint at 4,964,
     * and 36 of 5,000 are left. Up, one begins at 0: thirteen tiles and their joints reach 3,952, and 48 are left.
     */
    @Test
    void bothWaysAreTold() {
        assertThat(said(tiled(5000, 4000, 100, 0), 50))
                .containsExactlyInAnyOrder("96", "4868 (16 whole)", "36", "3952 (13 whole)", "48");
    }

    /**
     * A border of 200 along all edges leaves a field from 200 to 4,800 and from 200 to 3,800. Across, 200 of the tile that
     * ends at 400 are left, 14 whole ones follow, and the last begins at 4,660; up, 100, 11 whole ones and 152.
     */
    @Test
    void theyAreToldOfTheFieldWithinItsBorder() {
        var plan = tiled(5000, 4000, 100, 0);
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var floor = room.mark().orElseThrow().floor();
        var ink = Materials.of("tile-ink").orElseThrow().laying();
        var border = new Finish.Course("tile-ink", ink, Optional.empty(), Length.ofMm(200), Finish.Begins.LEFT);
        var bordered = RoomEdits.floor(plan, TestPlans.storey(plan), room, floor.withCourses(List.of(border)));
        assertThat(said(bordered, 50))
                .containsExactlyInAnyOrder("200", "4260 (14 whole)", "140", "100", "3348 (11 whole)", "152");
    }

    @Test
    void withoutPlaceTheyAreLeftOutAndTold() {
        var words = words(tiled(1000, 800, 100, 0), 200);
        assertThat(words.figures()).isEmpty();
        assertThat(words.leftOut().tiles()).hasSize(1);
        assertThat(words(tiled(5000, 4000, 100, 0), 50).leftOut().tiles()).isEmpty();
    }

    @Test
    void otherFloorsSayNothing() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var asked = ViewEdits.annotation(
                plan, TestPlans.view(plan).view().id(), Reach.ALL, a -> a.withTiles(Annotation.Tiles.MEASURED));
        assertThat(said(asked, 50)).isEmpty();
    }

    /** Slabs of 900 by 1,000 on 4,000 by 3,000: three strips of 400 at the right edge, two of them out of one slab. */
    private static Plan slabs(double directionDeg) {
        var plan = TestPlans.clearRectangle(4000, 3000);
        var slabs = Finish.of("stone-slabs")
                .withLaying(Optional.of(Laying.of(new Pattern.Stack(), 1000, 900, 0)))
                .turnedTo(directionDeg);
        var laid = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Hall", slabs)
                .plan();
        return ViewEdits.annotation(
                laid, TestPlans.view(laid).view().id(), Reach.ALL, a -> a.withTiles(Annotation.Tiles.NUMBERED));
    }

    @Test
    void cutPiecesHaveTheNumberOfTheWholeOneTheyComeOutOfAndALetterEach() {
        var plan = slabs(0);
        var numbered = CutNumbers.of(LaidPlan.of(plan));
        assertThat(numbered).extracting(CutNumbers.Numbered::number).containsExactlyInAnyOrder("1a", "1b", "2");
        assertThat(numbered)
                .extracting(CutNumbers.Numbered::middle)
                .containsExactlyInAnyOrder(new Point(3800, 500), new Point(3800, 1500), new Point(3800, 2500));
        assertThat(said(plan, 50)).containsExactlyInAnyOrder("1a", "1b", "2");
        assertThat(said(plan, 200)).isEmpty(); // 400 mm are 2 mm on paper: there is no room
        var listed = Takeoff.of(LaidPlan.of(plan), Schedule.Subject.CUTS);
        assertThat(listed.rows())
                .extracting(r -> r.cells().get(1))
                .containsExactlyInAnyOrder(new Schedule.Cell.Words("1"), new Schedule.Cell.Words("2"));
    }

    /** Turned, each number still lies in its piece: all in the room, and near an edge of it, as cut pieces are. */
    @Test
    void numbersOfASlantedFloorLieInTheirPieces() {
        for (var deg : List.of(30.0, 45.0, 90.0)) {
            var numbered = CutNumbers.of(LaidPlan.of(slabs(deg)));
            assertThat(numbered).hasSizeGreaterThan(2).allSatisfy(n -> {
                var p = n.middle();
                var edge = Math.min(Math.min(p.x(), 4000 - p.x()), Math.min(p.y(), 3000 - p.y()));
                assertThat(edge).as(deg + ": " + n).isBetween(1.0, 800.0);
                assertThat(n.along().length()).isCloseTo(1, within(1e-9));
            });
        }
    }

    /**
     * A wall of 4,000 by 2,600 with the same slabs, 900 along it: of the fifth column 400 are left, of the third course
     * 600. Seen from the front each of the seven cuts has its number in its middle, but for those behind a chest.
     */
    @Test
    void cutPiecesOfAWallHaveTheirNumbersWhereOneSeesItFromTheFront() {
        var walled = walled(TestPlans.clearRectangle(4000, 3000));
        var all = inFront(walled);
        assertThat(all.keySet())
                .containsExactlyInAnyOrder(
                        new Point(3800, 500),
                        new Point(3800, 1500),
                        new Point(3800, 2300),
                        new Point(450, 2300),
                        new Point(1350, 2300),
                        new Point(2250, 2300),
                        new Point(3150, 2300));
        assertThat(all.values()).doesNotHaveDuplicates();
        var numbered = CutNumbers.of(LaidPlan.of(walled)).stream()
                .collect(Collectors.toMap(CutNumbers.Numbered::middle, CutNumbers.Numbered::number));
        assertThat(all).isEqualTo(numbered);
        // as one looks south, west is at the right: the chest hides the lowest cut of the last column
        var hidden = TestPlans.with(walled, "chest-of-drawers", 800, 450, 900, 420, 240, 180);
        assertThat(inFront(hidden).keySet()).hasSize(6).doesNotContain(new Point(3800, 500));
    }

    private static Plan walled(Plan plan) {
        var slabs = Finish.of("stone-slabs").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 1000, 900, 0)));
        var storey = TestPlans.storey(plan);
        var marked = RoomEdits.mark(plan, storey, Position.ofMm(2000, 1500), "Hall", Finish.of("bare"));
        var laid = TestPlans.laid(marked.plan());
        var front = south(laid);
        var side = new Surface.WallSide(front.wall(), front.side(), Optional.of(marked.id()));
        return Coverings.cover(marked.plan(), storey, side, Optional.of(slabs));
    }

    private static Subject.Elevation south(LaidStorey laid) {
        return WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                .filter(s -> WallElevation.name(laid, s).contains("south"))
                .findFirst()
                .orElseThrow();
    }

    /** What numbers are written on the wall in the south, by their places on it, to whole mm. */
    private static Map<Point, String> inFront(Plan plan) {
        var made = ViewEdits.elevations(
                plan,
                TestPlans.view(plan).view().id(),
                List.of(south(TestPlans.laid(plan))),
                List.of("South"),
                "South");
        var view = made.plan().presentation().views().getLast().id();
        var asked = ViewEdits.annotation(made.plan(), view, Reach.ALL, a -> a.withTiles(Annotation.Tiles.NUMBERED));
        var frame = PaperFrame.atOrigin(50);
        var drawing = Illustration.of(LaidPlan.of(asked).view(view), frame, Lamp.COLOUR, 1);
        return drawing.layers().stream()
                .filter(l -> l.kind() == LayerKind.DIMENSIONS)
                .flatMap(l -> l.marks().stream())
                .flatMap(m ->
                        m instanceof Mark.Text t && t.text().matches("[0-9]+[a-z]*") ? Stream.of(t) : Stream.empty())
                .filter(t ->
                        frame.plan(middle(t)).y() > 0 && frame.plan(middle(t)).x() > 0)
                .collect(Collectors.toMap(
                        t -> new Point(
                                Math.rint(frame.plan(middle(t)).x()),
                                Math.rint(frame.plan(middle(t)).y())),
                        Mark.Text::text));
    }

    private static Point middle(Mark.Text text) {
        return text.ring().bounds().centre();
    }
}
