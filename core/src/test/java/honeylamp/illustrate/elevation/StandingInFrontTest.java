package honeylamp.illustrate.elevation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import honeylamp.plan.View.Subject;
import honeylamp.units.Length;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The south wall of a room of 5 by 3 m, as one sees it who looks south from 1,000 before it: what stands 1,500 east of the
 * room's west wall is seen 3,500 from the left.
 */
class StandingInFrontTest {
    private static final double SCALE = 50;
    private static final PaperFrame FRAME = PaperFrame.atOrigin(SCALE);

    private static Plan room() {
        var plan = TestPlans.clearRectangle(5000, 3000);
        return RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Study");
    }

    private static Plan with(Plan plan, Structure.Kind kind, double w, double d, double h, double x, double y) {
        var form = new Structure.Block(kind, Length.ofMm(w), Length.ofMm(d), Length.ofMm(h));
        return StructureEdits.add(plan, TestPlans.storey(plan), form, Position.ofMm(x, y), 0)
                .plan();
    }

    private static LaidView south(Plan plan) {
        var laid = TestPlans.laid(plan);
        var subject = WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                .filter(s -> s.wall().equals(TestPlans.wallId(plan, 0)))
                .findFirst()
                .orElseThrow();
        return seen(plan, subject);
    }

    private static LaidView seen(Plan plan, Subject.Elevation subject) {
        var made = ViewEdits.elevations(
                        plan, plan.presentation().views().getFirst().id(), List.of(subject), List.of("South"), "South")
                .plan();
        return LaidPlan.of(made).view(made.presentation().views().getLast().id());
    }

    private static List<Mark> standing(LaidView view) {
        return Illustration.of(view, FRAME, Lamp.LIT, 1).layers().stream()
                .filter(l -> l.kind() == LayerKind.TOPS)
                .map(Layer::marks)
                .flatMap(List::stream)
                .flatMap(StandingInFrontTest::inside)
                .toList();
    }

    private static Stream<Mark> inside(Mark mark) {
        return mark instanceof Mark.Clip(var _, var in)
                ? in.stream().flatMap(StandingInFrontTest::inside)
                : Stream.of(mark);
    }

    /** The boxes of fills, in mm from the left and up. */
    private static List<Box> boxes(LaidView view) {
        return standing(view).stream()
                .filter(Mark.Fill.class::isInstance)
                .map(m -> ((Mark.Fill) m).path().bounds())
                .map(b -> new Box(b.minX() * SCALE, -b.maxY() * SCALE, b.maxX() * SCALE, -b.minY() * SCALE))
                .toList();
    }

    private static Predicate<Box> liesAt(double x0, double y0, double x1, double y1) {
        return b -> Math.abs(b.minX() - x0) < 0.01
                && Math.abs(b.minY() - y0) < 0.01
                && Math.abs(b.maxX() - x1) < 0.01
                && Math.abs(b.maxY() - y1) < 0.01;
    }

    @Test
    void postsStandAndBeamsHangBeforeTheWall() {
        var plan = with(room(), Structure.Kind.POST, 200, 200, 2400, 1500, 600);
        assertThat(boxes(south(plan))).hasSize(1).first().matches(liesAt(3400, 0, 3600, 2400));
        var beam = with(room(), Structure.Kind.BEAM, 3000, 160, 2100, 2500, 500);
        assertThat(boxes(south(beam))).hasSize(1).first().matches(liesAt(1000, 2100, 4000, 2260));
    }

    @Test
    void whatIsFartherThanOneStandsIsNotSeenAndWhatIsCutThereIsDark() {
        assertThat(boxes(south(with(room(), Structure.Kind.POST, 200, 200, 2400, 1500, 1600))))
                .isEmpty();
        var view = south(with(room(), Structure.Kind.POST, 200, 600, 2400, 1500, 1000));
        var poche = Pens.of(view.look(), SCALE).ink(Role.POCHE);
        assertThat(standing(view))
                .filteredOn(m -> m instanceof Mark.Fill(var _, var ink) && ink.equals(poche))
                .hasSize(1);
        assertThat(boxes(view)).hasSize(1).first().matches(liesAt(3400, 0, 3600, 2400));
    }

    @Test
    void whatIsNearerToTheEyeIsDrawnOverWhatIsFarther() {
        var chest = TestPlans.with(room(), "chest-of-drawers", 1000, 450, 800, 1500, 240, 180);
        var before = boxes(south(with(chest, Structure.Kind.POST, 200, 200, 2400, 1500, 700)));
        assertThat(before.getLast()).matches(liesAt(3400, 0, 3600, 2400));
        var behind = TestPlans.with(room(), "chest-of-drawers", 1000, 450, 800, 1500, 640, 180);
        var seen = boxes(south(with(behind, Structure.Kind.POST, 200, 200, 2400, 1500, 200)));
        assertThat(seen.getFirst()).matches(liesAt(3400, 0, 3600, 2400));
    }

    @Test
    void aPieceThatStandsAslantIsSeenAsItIs() {
        var seen = boxes(south(TestPlans.with(room(), "bookcase", 900, 300, 2000, 1500, 600, 30)));
        var all = seen.stream().reduce(Box::union).orElseThrow();
        // across by hand: 900 cos 30 + 300 sin 30
        assertThat(all.width()).isCloseTo(929.42, within(1.0));
        assertThat(all.maxY()).isCloseTo(2000, within(1.0));
        assertThat(seen).as("sides and a back, not one plain box").hasSizeGreaterThan(1);
    }

    @Test
    void fixedPartsAreHiddenAndFaintByTheirOwnSwitch() {
        var view = south(with(room(), Structure.Kind.POST, 200, 200, 2400, 1500, 600));
        var plan = view.plan().drawn();
        var id = view.view().id();
        var hidden = ViewEdits.showing(plan, id, Reach.THIS, Kind.FIXED_PARTS, Degree.HIDDEN);
        assertThat(standing(LaidPlan.of(hidden).view(id))).isEmpty();
        var faint = ViewEdits.showing(plan, id, Reach.THIS, Kind.FIXED_PARTS, Degree.FADED);
        assertThat(standing(LaidPlan.of(faint).view(id)))
                .hasSameSizeAs(standing(view))
                .isNotEqualTo(standing(view));
    }

    @Test
    void aStairIsCutAndClimbsOnBehind() {
        var plan = QuillbackLane.plan();
        var laid = LaidPlan.of(plan).all().getFirst();
        var hall = laid.geometry().rooms().stream()
                .filter(r -> r.name().equals("Hall"))
                .findFirst()
                .orElseThrow();
        var east = WallElevation.around(laid, hall).stream()
                .filter(e -> WallElevation.of(laid, e).orElseThrow().towards().equals("east"))
                .findFirst()
                .orElseThrow();
        var view = seen(plan, east.deep(Length.ofMm(1500)));
        var poche = Pens.of(view.look(), SCALE).ink(Role.POCHE);
        assertThat(standing(view))
                .filteredOn(m -> m instanceof Mark.Fill(var _, var ink) && ink.equals(poche))
                .isNotEmpty();
        // no nearer, all of the stair lies behind whoever looks
        assertThat(standing(seen(plan, east.deep(Length.ofMm(20))))).isEmpty();
    }
}
