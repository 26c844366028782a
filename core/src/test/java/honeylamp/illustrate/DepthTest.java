package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.pointing.Picking;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.plan.Plan;
import honeylamp.plan.Structure;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/** A plan with depth: what is cut stays true, what lies below is smaller about the middle, as an eye above sees it. */
class DepthTest {
    private static final PaperFrame FRAME = new PaperFrame(50, 120, 200);

    private static Plan deep(Plan plan, double amount) {
        return ViewEdits.depth(plan, plan.presentation().views().getFirst().id(), Reach.ALL, amount);
    }

    private static Drawing picture(Plan plan, Lamp lamp) {
        return Illustration.of(TestPlans.view(plan), FRAME, lamp, 2);
    }

    private static List<Mark> marks(Drawing drawing, LayerKind kind) {
        return drawing.layers().stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    /** By similar triangles: an eye 10 m above a cut at 1,200 sees the floor 10,000 / 11,200 as large, its middle in place. */
    @Test
    void aPointIsSeenWhereItsRayToTheEyeMeetsTheCut() {
        var middle = new Point(4000, 3000);
        var depth = new Depth(FRAME, middle, 10_000, 1200);
        assertThat(depth.at(1200)).isEqualTo(FRAME);
        assertThat(depth.at(2400)).as("what is higher is cut").isEqualTo(FRAME);
        assertThat(depth.at(0).paper(middle).distance(FRAME.paper(middle))).isLessThan(1e-9);
        var p = new Point(9600, 3000);
        var seen = depth.at(0).paper(p);
        assertThat(seen.x())
                .isCloseTo(
                        FRAME.paper(new Point(4000 + 5600 * 10_000 / 11_200.0, 3000))
                                .x(),
                        within(1e-9));
        var table = depth.at(740).paper(p);
        assertThat(table.x())
                .isCloseTo(
                        FRAME.paper(new Point(4000 + 5600 * 10_000 / 10_460.0, 3000))
                                .x(),
                        within(1e-9));
    }

    /** Four faces of an empty room: together with the floor, which is smaller by the square of the share, they fill it. */
    @Test
    void facesAndFloorFillTheRoom() {
        var plan = deep(TestPlans.clearRectangle(5000, 4000), 1);
        var faces = marks(picture(plan, Lamp.LIT), LayerKind.FACES);
        assertThat(faces).hasSize(1);
        var fills = ((Mark.Clip) faces.getFirst())
                .inside().stream()
                        .filter(Mark.Fill.class::isInstance)
                        .map(m -> area((Mark.Fill) m))
                        .toList();
        assertThat(fills).hasSize(4);
        var cut = TestPlans.geometry(plan).storey().levels().cut().mm();
        var share = 11_000 / (11_000 + cut);
        var room = 5000.0 / 50 * 4000 / 50;
        assertThat(fills.stream().mapToDouble(Double::doubleValue).sum())
                .isCloseTo(room * (1 - share * share), within(1e-6));
    }

    private static double area(Mark.Fill fill) {
        return new Ring(fill.path().flattened(1).corners()).area();
    }

    /** Walls, openings, dimensions and words are the same, mark by mark. */
    @ParameterizedTest
    @EnumSource(
            value = LayerKind.class,
            names = {"POCHE", "OPENINGS", "DIMENSIONS", "OVERHEAD"},
            mode = Mode.INCLUDE)
    void whatIsCutStaysTrue(LayerKind kind) {
        var flat = marks(picture(SailclothYard.plan(), Lamp.LIT), kind);
        assertThat(flat).isNotEmpty();
        // at more depth a name goes beside its room, and witness lines end at it
        assertThat(marks(picture(deep(SailclothYard.plan(), 0.2), Lamp.LIT), kind))
                .isEqualTo(flat);
    }

    @Test
    void whileOneDrawsThereIsNoDepth() {
        assertThat(picture(deep(SailclothYard.plan(), 1), Lamp.COLOUR).layers())
                .extracting(Layer::kind)
                .doesNotContain(LayerKind.FACES);
    }

    /** At full depth the eye is 11 m above the cut: by similar triangles every piece from its foot to its top, and the floor. */
    @Test
    void namesKeepOffWhatStandsUpAndOffTheFacesOfWalls() {
        var view = TestPlans.view(deep(SailclothYard.plan(), 1));
        var geometry = view.storey().geometry();
        var middle = geometry.shellBounds().orElseThrow().centre();
        var cut = geometry.storey().levels().cut().mm();
        var pens = Pens.of(view.look(), 50);
        var frame = PaperFrame.atOrigin(50);
        var inside = new LabelArt(view, frame, pens)
                .placed().stream().filter(p -> p.leader().isEmpty()).toList();
        assertThat(inside).hasSizeGreaterThan(5).allSatisfy(label -> {
            var corners = label.box().ring().corners().stream().map(frame::plan).toList();
            var box = Outline.of(new Ring(corners).counterClockwise());
            for (var piece : geometry.storey().furnishings()) {
                var seen = Stream.of(piece.bottom().mm(), piece.top().mm())
                        .flatMap(high -> Picking.footprint(piece).corners().stream()
                                .map(p -> seen(p, middle, Math.max(0, cut - high))))
                        .toList();
                assertThat(Regions.intersection(List.of(box), List.of(Outline.of(Regions.hull(seen)))))
                        .as(label.words() + " over " + piece.kind())
                        .isEmpty();
            }
            assertThat(corners)
                    .allMatch(p -> label.room()
                            .outline()
                            .contains(middle.plus(p.minus(middle).times((11_000 + cut) / 11_000))));
        });
    }

    private static Point seen(Point p, Point middle, double belowMm) {
        return middle.plus(p.minus(middle).times(11_000 / (11_000 + belowMm)));
    }

    /** The light of lamps lies over all that is drawn, the ground outside too. */
    @Test
    void lampLightLiesOverTheSameGroundAsWithoutDepth() {
        var plan = ViewEdits.look(QuillbackLane.plan(), _ -> Looks.DUSK);
        assertThat(marks(picture(deep(plan, 1), Lamp.LIT), LayerKind.LAMPS))
                .extracting(m -> ((Mark.Clip) m).path().bounds())
                .isEqualTo(marks(picture(plan, Lamp.LIT), LayerKind.LAMPS).stream()
                        .map(m -> ((Mark.Clip) m).path().bounds())
                        .toList());
    }

    /** A bed in the north of the room: its foot end, nearer to the middle, shows its side; its top lies higher than the floor. */
    @Test
    void furnitureGainsHeight() {
        var plan = TestPlans.with(TestPlans.clearRectangle(5000, 4000), "wardrobe", 1200, 600, 2100, 2500, 3600, 0);
        var flat = marks(picture(plan, Lamp.LIT), LayerKind.FURNITURE);
        var deep = marks(picture(deep(plan, 1), Lamp.LIT), LayerKind.FURNITURE);
        assertThat(deep).hasSize(1);
        var inside = ((Mark.Clip) deep.getFirst()).inside();
        assertThat(inside).hasSizeGreaterThan(flat.size());
        // as high as the cut and more: its top lies where a plan without depth has it
        assertThat(inside).containsAll(flat);
    }

    /**
     * The back of a sofa, 1,850 north of the middle and 850 high: by similar triangles its upper edge is seen 1,850 × 11,000 /
     * (11,000 + cut - 850) from it, farther than anything of a seat at 450.
     */
    @Test
    void backsOfSeatsStandUpOverTheirSeats() {
        var plan = deep(TestPlans.with(TestPlans.clearRectangle(5000, 4000), "sofa", 2000, 900, 850, 2500, 3400, 0), 1);
        var middle = new Point(2500, 2000);
        var cut = TestPlans.geometry(plan).storey().levels().cut().mm();
        var clip =
                (Mark.Clip) marks(picture(plan, Lamp.LIT), LayerKind.FURNITURE).getFirst();
        var farthest = clip.inside().stream()
                .filter(Mark.Fill.class::isInstance)
                .mapToDouble(m -> ((Mark.Fill) m).path().bounds().minY())
                .min()
                .orElseThrow();
        var back = FRAME.paper(seen(new Point(2500, 3850), middle, cut - 850)).y();
        var asSeat = FRAME.paper(seen(new Point(2500, 3850), middle, cut - 450)).y();
        assertThat(asSeat - back).isGreaterThan(1);
        assertThat(farthest).isCloseTo(back, within(0.2));
    }

    /** Steps up from the tea room and down from the loft: each tread lies where an eye over the building sees its height. */
    @Test
    void eachStepOfAStairLiesAtItsHeight() {
        for (var drawn : List.of(QuillbackLane.plan(), SailclothYard.plan())) {
            var plan = deep(drawn, 1);
            var view = TestPlans.view(plan);
            var geometry = view.storey().geometry();
            var middle = geometry.shellBounds().orElseThrow().centre();
            var cut = geometry.storey().levels().cut().mm();
            var flights = view.storey().fixedParts().stairs().getFirst();
            var isUp = flights.seen() == FixedParts.End.FOOT;
            var floorMm = isUp ? 0 : flights.stair().rise().mm();
            var drawnAt = fills(marks(picture(plan, Lamp.LIT), LayerKind.STRUCTURES))
                    .map(fill -> fill.path().bounds())
                    .toList();
            var treads = flights.steps().treads();
            for (var tread : isUp ? treads.subList(0, 4) : treads.subList(treads.size() - 4, treads.size())) {
                var corners = tread.outline().corners().stream()
                        .map(p -> FRAME.paper(seen(p, middle, cut + floorMm - tread.topMm())))
                        .toList();
                assertThat(drawnAt)
                        .as("the step at " + tread.topMm() + " of " + plan.name())
                        .anyMatch(box -> isSame(box, Box.around(corners)));
            }
        }
    }

    /** The ground lies at the floor's level: the yard of the tea room is as much smaller about the middle as the floor is. */
    @Test
    void groundLiesBelowTheCutAndCarsStandOnIt() {
        var plan = deep(QuillbackLane.plan(), 1);
        var geometry = TestPlans.view(plan).storey().geometry();
        var middle = geometry.shellBounds().orElseThrow().centre();
        var cut = geometry.storey().levels().cut().mm();
        var picture = picture(plan, Lamp.LIT);
        var grounds = geometry.storey().grounds().stream()
                .map(g -> Box.around(g.ring().corners().stream()
                        .map(p -> FRAME.paper(seen(p, middle, cut)))
                        .toList()))
                .toList();
        var drawn = fills(marks(picture, LayerKind.GROUND))
                .map(f -> f.path().bounds())
                .toList();
        assertThat(grounds)
                .filteredOn(g -> drawn.stream().anyMatch(box -> isSame(box, g)))
                .as("what is not laid of stones is one fill")
                .isNotEmpty();
        var bay = geometry.storey().structures().stream()
                .filter(s -> s.form() instanceof Structure.ParkingBay)
                .findFirst()
                .orElseThrow();
        var at = bay.placing().apply(Point.ORIGIN);
        var foot = FRAME.paper(seen(at, middle, cut));
        var roof = FRAME.paper(seen(at, middle, 0));
        var highest = fills(marks(picture, LayerKind.STRUCTURES))
                .filter(f -> f.path().bounds().contains(roof))
                .reduce((_, last) -> last)
                .orElseThrow();
        assertThat(highest.path().bounds().centre().distance(foot))
                .as("its roof is seen farther out than where it stands")
                .isGreaterThan(0.5 * roof.distance(foot));
    }

    private static Stream<Mark.Fill> fills(List<Mark> marks) {
        return marks.stream().flatMap(m -> switch (m) {
            case Mark.Fill fill -> Stream.of(fill);
            case Mark.Clip clip -> fills(clip.inside());
            default -> Stream.empty();
        });
    }

    private static boolean isSame(Box a, Box b) {
        return Math.abs(a.minX() - b.minX()) < 1e-6
                && Math.abs(a.minY() - b.minY()) < 1e-6
                && Math.abs(a.maxX() - b.maxX()) < 1e-6
                && Math.abs(a.maxY() - b.maxY()) < 1e-6;
    }
}
