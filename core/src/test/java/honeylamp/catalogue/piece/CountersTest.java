package honeylamp.catalogue.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.SurfacesAt.Lies;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.edit.Clipping;
import honeylamp.edit.Completing;
import honeylamp.edit.Coverings;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.UnitEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Covering;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Run;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.CutOut;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.plan.Sense;
import honeylamp.plan.Surface;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A counter 3,000 long and 600 deep along the north wall of a room of 5,000 x 4,000, its front looking south. */
class CountersTest {
    private static final Finish TILED =
            Finish.of("tile-white").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 100, 100, 0)));

    private static Plan with(double turnDeg) {
        var plan = TestPlans.clearRectangle(5000, 4000);
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2500, 1000), "Kitchen", Finish.of("bare"))
                .plan();
        return TestPlans.with(plan, Runs.COUNTER, 3000, 600, 900, 2500, 2500, turnDeg);
    }

    private static Furnishing piece(Plan plan) {
        return plan.storeys().getFirst().furnishings().getFirst();
    }

    /** The same with a sink of 800 x 500 cut into it, its middle 700 from the left end. */
    private static Plan withSink(Plan plan) {
        var sink = new RunUnit(
                Kind.SINK,
                Length.ofMm(900),
                Length.ofMm(700),
                Optional.of(new CutOut(Length.ofMm(800), Length.ofMm(500))));
        return plan.withStorey(
                TestPlans.storey(plan),
                s -> s.with(
                        Furnishing.class,
                        List.of(piece(plan)
                                .withRun(Optional.of(
                                        Run.of(Run.Series.METRIC, Kind.DOORS).withUnits(List.of(sink)))))));
    }

    private static Plan tiled(Plan plan) {
        return Coverings.cover(
                plan, TestPlans.storey(plan), new Surface.Counter(piece(plan).id()), Optional.of(TILED));
    }

    private static Surfaces.Found found(Plan plan) {
        return Counters.on(TestPlans.laid(plan)).getFirst();
    }

    private static Box bounds(Surfaces.Found found) {
        return found.outline().stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
    }

    @Test
    void itsFrameBeginsAtItsFrontLeftCornerHoweverItIsTurned() {
        for (var turn : List.of(0.0, 90.0, 33.0)) {
            var found = found(tiled(with(turn)));
            assertThat(bounds(found).minX()).isCloseTo(0, within(1e-6));
            assertThat(bounds(found).minY()).isCloseTo(0, within(1e-6));
            assertThat(bounds(found).maxX()).isCloseTo(3000, within(1e-6));
            assertThat(bounds(found).maxY()).isCloseTo(600, within(1e-6));
            // its corners are rounded by 4 mm
            assertThat(found.areaMm2()).isCloseTo(1_800_000, within(20.0));
        }
        assertThat(found(tiled(with(90))).frame().origin()).satisfies(o -> {
            // turned to the left, the front looks east and its left end lies in the south
            assertThat(o.x()).isCloseTo(2800, within(1e-6));
            assertThat(o.y()).isCloseTo(1000, within(1e-6));
        });
    }

    @Test
    void whatIsLetIntoItIsLeftOutOnTheSideItIsOn() {
        var plan = tiled(withSink(with(0)));
        var cut = 800 * 500 - (4 - Math.PI) * 30 * 30; // a rim rounded by 30
        assertThat(found(plan).areaMm2()).isCloseTo(1_800_000 - cut, within(100.0));
        assertThat(covers(found(plan), 700)).isFalse();
        assertThat(covers(found(plan), 2300)).isTrue();
        var mirrored = found(
                FurnishingEdits.mirror(plan, TestPlans.storey(plan), piece(plan).id()));
        assertThat(mirrored.areaMm2()).isCloseTo(found(plan).areaMm2(), within(1e-3));
        assertThat(covers(mirrored, 700)).isTrue();
        assertThat(covers(mirrored, 2300)).isFalse();
    }

    private static boolean covers(Surfaces.Found found, double along) {
        return found.outline().stream().anyMatch(o -> o.contains(new Point(along, 300)));
    }

    @Test
    void itIsPointedAtWhereOneSeesItAndNotInItsSink() {
        var storey = TestPlans.laid(withSink(with(0)));
        var counter = Counters.at(storey, new Point(3400, 2500)).orElseThrow();
        assertThat(counter.lies()).isEqualTo(Lies.COUNTER);
        assertThat(counter.called()).isEqualTo("the counter");
        assertThat(counter.surfaces())
                .containsExactly(new Surface.Counter(piece(with(0)).id()));
        assertThat(Counters.at(storey, new Point(1700, 2500))).isEmpty();
        assertThat(Counters.at(storey, new Point(2500, 1500))).isEmpty();
        var table = TestPlans.with(TestPlans.clearRectangle(5000, 4000), "dining-table", 1800, 900, 740, 2000, 2000, 0);
        assertThat(Counters.at(TestPlans.laid(table), new Point(2000, 2000))).isEmpty();
    }

    @Test
    void itIsCountedInTheListsUnderItsRoom() {
        var schedule = Takeoff.of(LaidPlan.of(tiled(with(0))), Schedule.Subject.FINISHES);
        var row = schedule.rows().stream()
                .filter(r -> r.cells().contains(new Cell.Words("counter")))
                .findFirst()
                .orElseThrow();
        assertThat(row.about()).isEqualTo(piece(with(0)).id());
        assertThat(row.cells()).contains(new Cell.Words("Kitchen"));
        // 30 x 6 tiles; those in the four rounded corners are cut over half
        assertThat(row.cells()).contains(number(176), number(4), number(180));
    }

    private static Cell number(int value) {
        return Cell.Number.orNothing(value, 0);
    }

    @Test
    void itIsSeenInItsColourFromAboveAndInFront() {
        var plan = Coverings.cover(
                with(0),
                TestPlans.storey(with(0)),
                new Surface.Counter(piece(with(0)).id()),
                finish("wide-plank-oak"));
        var pens = Pens.usual(50);
        var bare = new FurnitureArt(PaperFrame.atOrigin(50), pens, Lamp.COLOUR, new Remembered());
        var covered = bare.covered(plan.storeys().getFirst(), 1);
        var at = new Point(3400, 2500);
        var oak = Materials.of("wide-plank-oak").orElseThrow().in(pens.look()).tone();
        assertThat(covered.toneAt(piece(plan), at).map(Ink::rgb))
                .contains(pens.of(oak).rgb());
        assertThat(bare.toneAt(piece(plan), at).map(Ink::rgb))
                .isNotEqualTo(covered.toneAt(piece(plan), at).map(Ink::rgb));
    }

    private static Optional<Finish> finish(String material) {
        return Optional.of(Finish.of(material));
    }

    @Test
    void itGoesAlongWithItsPiece() {
        var plan = tiled(with(0));
        var storey = TestPlans.storey(plan);
        var twice = FurnishingEdits.duplicate(plan, storey, piece(plan).id()).plan();
        assertThat(Counters.on(TestPlans.laid(twice))).hasSize(2);
        var pasted = Clipping.of(plan, storey, Set.of(piece(plan).id()))
                .into(plan, storey, Length.ofMm(0), Length.ofMm(-1500))
                .plan();
        assertThat(Counters.on(TestPlans.laid(pasted))).hasSize(2);
        var gone = new Completing(new GeometryCache())
                .of(plan, Deletion.of(plan, storey, Set.of(piece(plan).id())));
        assertThat(gone.storeys().getFirst().elements().of(Covering.class)).isEmpty();
    }

    @Test
    void itIsInEveryCopyOfAUnit() {
        var plan = tiled(withSink(with(0)));
        var room = plan.storeys().getFirst().rooms().getFirst().id();
        var unit = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(room), "Flat")
                .orThrow();
        var placed = UnitEdits.place(
                        unit.plan(), unit.id(), TestPlans.storey(plan), Position.ofMm(20_000, 0), 0, Sense.MIRRORED)
                .plan();
        var all = Counters.on(TestPlans.laid(placed));
        assertThat(all).hasSize(2);
        assertThat(all.get(1).areaMm2()).isCloseTo(all.get(0).areaMm2(), within(1e-3));
        assertThat(RunLayout.of(piece(plan))).isPresent();
    }
}
