package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.pointing.FaceSpot;
import honeylamp.derive.pointing.FaceSpot.Round;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.RunEdits.InCorner;
import honeylamp.edit.RunEdits.InCorner.CornerUnit;
import honeylamp.edit.RunEdits.Like;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Run;
import honeylamp.plan.Run.Series;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.CutOut;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.plan.Sense;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Runs along the faces of a room of 5,000 x 4,000 mm whose south-west corner is the origin. */
class RunEditsTest {
    private static Length mm(double v) {
        return Length.ofMm(v);
    }

    private static final Like COUNTER = new Like(
            Runs.COUNTER,
            mm(600),
            mm(900),
            Length.ZERO,
            Run.of(Series.METRIC, Kind.DOORS),
            new CornerUnit("corner-unit", mm(900)));

    private static final Like THROUGH = new Like(
            Runs.COUNTER, mm(600), mm(900), Length.ZERO, Run.of(Series.METRIC, Kind.DOORS), new InCorner.Through());

    private static Plan laid(Plan plan, Like like, Point from, Point to, Round way) {
        var geometry = TestPlans.geometry(plan);
        var spot = FaceSpot.near(geometry, from, 300).orElseThrow();
        var faces = spot.to(FaceSpot.on(spot.room(), to), way);
        return RunEdits.lay(plan, TestPlans.storey(plan), faces, like).orThrow().plan();
    }

    private static List<Furnishing> pieces(Plan plan) {
        return plan.storeys().getFirst().furnishings();
    }

    private static Plan straight() {
        return laid(
                TestPlans.clearRectangle(5000, 4000),
                COUNTER,
                new Point(1000, 4000),
                new Point(4000, 4000),
                Round.SHORTER);
    }

    @Test
    void aStraightRunStandsWithItsBackAtTheFace() {
        for (var swapped : List.of(true, false)) {
            var a = new Point(1000, 4000);
            var b = new Point(4000, 4000);
            var plan = laid(
                    TestPlans.clearRectangle(5000, 4000), COUNTER, swapped ? b : a, swapped ? a : b, Round.SHORTER);
            assertThat(pieces(plan)).singleElement().satisfies(run -> {
                assertThat(run.width().mm()).isCloseTo(3000, within(0.01));
                assertThat(run.at().point().distance(new Point(2500, 3700))).isLessThan(0.01);
                assertThat(run.turnDeg()).isEqualTo(0);
            });
        }
    }

    @Test
    void roundACornerACornerUnitStandsBetweenTwoRuns() {
        // along the north face from 1,000 to its east end, then 2,500 down the east face
        var plan = laid(
                TestPlans.clearRectangle(5000, 4000),
                COUNTER,
                new Point(1000, 4000),
                new Point(5000, 1500),
                Round.SHORTER);
        assertThat(pieces(plan)).hasSize(3);
        assertThat(pieces(plan).stream().filter(f -> f.kind().equals("corner-unit")))
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.at().point().distance(new Point(4550, 3550))).isLessThan(0.01);
                    assertThat(c.turnDeg()).isEqualTo(0); // its back to the north, its right side to the east
                });
        assertThat(pieces(plan).stream()
                        .filter(f -> f.kind().equals(Runs.COUNTER))
                        .map(f -> f.width().mm()))
                .allSatisfy(w -> assertThat(w).isIn(3100.0, 1600.0));
        apart(plan);
    }

    @Test
    void withoutCornerUnitsTheLongerRunGoesThrough() {
        var plan = laid(
                TestPlans.clearRectangle(5000, 4000),
                THROUGH,
                new Point(1000, 4000),
                new Point(5000, 1500),
                Round.SHORTER);
        assertThat(pieces(plan).stream().map(f -> f.width().mm())).containsExactlyInAnyOrder(4000.0, 1900.0);
        apart(plan);
    }

    /**
     * The longer one runs through with a blind unit of 600 + 450 at its corner, the other begins with a board of 50 beside
     * its front; both stay at their corners when the runs are made longer.
     */
    @Test
    void aBlindUnitStandsInTheCornerAndABoardBesideIt() {
        var blind = new Like(
                Runs.COUNTER,
                mm(600),
                mm(900),
                Length.ZERO,
                Run.of(Series.METRIC, Kind.DOORS),
                new InCorner.Blind(mm(450), mm(50)));
        for (var corner : List.of(
                List.of(
                        new Point(1000, 4000),
                        new Point(5000, 1500)), // seen from the room, on the right of the long one
                List.of(new Point(0, 1500), new Point(4000, 4000)))) {
            var plan = laid(
                    TestPlans.clearRectangle(5000, 4000), blind, corner.getFirst(), corner.getLast(), Round.SHORTER);
            apart(plan);
            var at = corner.getFirst().x() == 0 ? new Point(0, 4000) : new Point(5000, 4000);
            var long_ = pieces(plan).stream()
                    .filter(f -> f.width().mm() > 3000)
                    .findFirst()
                    .orElseThrow();
            var short_ = pieces(plan).stream()
                    .filter(f -> f.width().mm() < 3000)
                    .findFirst()
                    .orElseThrow();
            for (var grown : List.of(0.0, 800.0)) {
                var through = long_.withWidth(mm(long_.width().mm() + grown));
                var part = RunLayout.of(through).orElseThrow().parts().stream()
                        .filter(x -> x.kind() == Kind.BLIND)
                        .findFirst()
                        .orElseThrow();
                assertThat(part.width()).isEqualTo(mm(1050));
                var isLeft = part.from().equals(Length.ZERO);
                assertThat(isLeft || part.to().equals(through.width())).isTrue();
                var end = new Point((isLeft ? -1 : 1) * long_.width().mm() / 2, 300);
                assertThat(long_.placing().apply(end).distance(at)).isLessThan(1);
            }
            var board = RunLayout.of(short_).orElseThrow().parts().stream()
                    .filter(x -> x.kind() == Kind.FILLER && x.asked().isPresent())
                    .findFirst()
                    .orElseThrow();
            assertThat(board.width()).isEqualTo(mm(50));
            var left = board.from().equals(Length.ZERO);
            var end = new Point((left ? -1 : 1) * short_.width().mm() / 2, 300);
            // it begins where the front of the long one is, 600 from the corner
            assertThat(short_.placing().apply(end).distance(at)).isCloseTo(600, within(1.0));
        }
    }

    /** All round the room but for the shortest way between two points: four faces, four corners. */
    @Test
    void roundAllCornersNothingLiesOverAnother() {
        for (var like : List.of(COUNTER, THROUGH)) {
            var plan = laid(
                    TestPlans.clearRectangle(5000, 4000), like, new Point(2000, 0), new Point(3500, 0), Round.LONGER);
            assertThat(pieces(plan)).hasSize(like == COUNTER ? 9 : 5);
            apart(plan);
        }
        // a room with a slanted wall
        var slanted = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 5000, 0, 4000, 4000, 0, 4000)
                .plan();
        var plan = laid(slanted, THROUGH, new Point(1000, 4000), new Point(1000, 0), Round.LONGER);
        apart(plan);
        plan = laid(slanted, THROUGH, new Point(1000, 4000), new Point(1000, 0), Round.SHORTER);
        apart(plan);
    }

    /** No two pieces share more than slivers, and none stands in a wall. */
    private static void apart(Plan plan) {
        var outlines =
                pieces(plan).stream().map(f -> Outline.of(Picking.footprint(f))).toList();
        for (var i = 0; i < outlines.size(); i++) {
            for (var j = i + 1; j < outlines.size(); j++) {
                assertThat(Regions.intersection(List.of(outlines.get(i)), List.of(outlines.get(j))).stream()
                                .mapToDouble(Outline::area)
                                .sum())
                        .isLessThan(10);
            }
        }
        assertThat(Regions.intersection(
                                outlines, TestPlans.geometry(plan).network().poche())
                        .stream()
                        .mapToDouble(Outline::area)
                        .sum())
                .isLessThan(10);
    }

    @Test
    void tooShortARunIsRefused() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var spot = FaceSpot.near(TestPlans.geometry(plan), new Point(1000, 4000), 300)
                .orElseThrow();
        var faces = spot.to(spot.on(100), Round.SHORTER);
        assertThat(RunEdits.lay(plan, TestPlans.storey(plan), faces, COUNTER)
                        .refusal()
                        .orElseThrow())
                .contains("too short for a unit");
    }

    @Test
    void jambsCornersAndPiecesAreCaught() {
        var plan = TestPlans.opening(straight(), 0, OpeningKind.DOOR, 2000, 900, Hand.FIRST, Swing.LEFT);
        var geometry = TestPlans.geometry(plan);
        assertThat(FaceSpot.near(geometry, new Point(60, 3950), 300)
                        .orElseThrow()
                        .caught(geometry, 100)
                        .at())
                .isEqualTo(new Point(0, 4000));
        assertThat(FaceSpot.near(geometry, new Point(1960, 20), 300)
                        .orElseThrow()
                        .caught(geometry, 100)
                        .at()
                        .distance(new Point(2000, 0)))
                .isLessThan(0.01);
        assertThat(FaceSpot.near(geometry, new Point(950, 3990), 300)
                        .orElseThrow()
                        .caught(geometry, 100)
                        .at()
                        .distance(new Point(1000, 4000)))
                .isLessThan(0.01);
    }

    @Test
    void aSinkGoesBelowTheWindowAndAHobIntoTheWidestStretch() {
        // a window 1,200 wide whose middle is 2,200 from the west end of the north face; the north wall is drawn to the
        // west
        var plan = TestPlans.opening(
                straight(), 2, OpeningKind.CASEMENT_WINDOW, 5000 - 2200 - 600, 1200, Hand.FIRST, Swing.LEFT);
        var piece = pieces(plan).getFirst();
        var run = Runs.of(piece).orElseThrow();
        plan = RunEdits.ask(TestPlans.geometry(plan), plan, piece, run, Kind.SINK)
                .orThrow();
        piece = pieces(plan).getFirst();
        var sink = piece.run().orElseThrow().units().getFirst();
        assertThat(sink.at().mm()).isCloseTo(1200, within(0.01)); // the run begins 1,000 from the west end
        plan = RunEdits.ask(TestPlans.geometry(plan), plan, piece, piece.run().orElseThrow(), Kind.HOB)
                .orThrow();
        var hob = pieces(plan).getFirst().run().orElseThrow().units().getLast();
        assertThat(hob.kind()).isEqualTo(Kind.HOB);
        assertThat(hob.at().mm()).isCloseTo((1650 + 3000) / 2.0, within(0.01));
    }

    @Test
    void whatHasNoRoomIsRefusedInWords() {
        var plan = straight();
        for (var i = 0; i < 3; i++) {
            var piece = pieces(plan).getFirst();
            plan = RunEdits.ask(
                            TestPlans.geometry(plan),
                            plan,
                            piece,
                            Runs.of(piece).orElseThrow(),
                            Kind.SINK)
                    .orThrow();
        }
        var full = pieces(plan).getFirst();
        assertThat(RunEdits.ask(TestPlans.geometry(plan), plan, full, full.run().orElseThrow(), Kind.HOB)
                        .refusal()
                        .orElseThrow())
                .contains("3000 mm wide", "2700 mm");
        var sink = full.run().orElseThrow().units().getFirst();
        assertThat(RunEdits.put(
                                TestPlans.geometry(plan),
                                plan,
                                full,
                                full.run().orElseThrow(),
                                sink,
                                Optional.of(sink.withWidth(mm(2000))))
                        .refusal()
                        .orElseThrow())
                .contains("no room for");
        assertThat(RunEdits.cutOut(
                                TestPlans.geometry(plan),
                                plan,
                                full,
                                full.run().orElseThrow(),
                                sink,
                                new CutOut(mm(950), mm(500)))
                        .refusal()
                        .orElseThrow())
                .contains("its unit is 900 mm wide");
        assertThat(RunEdits.cutOut(
                                TestPlans.geometry(plan),
                                plan,
                                full,
                                full.run().orElseThrow(),
                                sink,
                                new CutOut(mm(800), mm(600)))
                        .refusal()
                        .orElseThrow())
                .contains("600 mm deep");
    }

    @Test
    void aRunReachesToWhatStandsBesideIt() {
        var plan = straight();
        var piece = pieces(plan).getFirst();
        plan = RunEdits.reach(TestPlans.geometry(plan), plan, piece, Side.RIGHT).orThrow();
        assertThat(pieces(plan).getFirst().width().mm()).isCloseTo(4000, within(0.01));
        assertThat(pieces(plan).getFirst().at().x().mm()).isCloseTo(3000, within(0.01));
        plan = RunEdits.reach(TestPlans.geometry(plan), plan, pieces(plan).getFirst(), Side.LEFT)
                .orThrow();
        assertThat(pieces(plan).getFirst().width().mm()).isCloseTo(5000, within(0.01));
        assertThat(RunEdits.reach(TestPlans.geometry(plan), plan, pieces(plan).getFirst(), Side.LEFT)
                        .refusal())
                .isPresent();
    }

    @Test
    void theUnitsAreListedWithTheNoteForTheCutOut() {
        var plan = straight();
        var piece = pieces(plan).getFirst();
        var sink = new RunUnit(Kind.SINK, mm(900), mm(1500), Optional.of(new CutOut(mm(780), mm(520))));
        plan = RunEdits.make(
                plan,
                TestPlans.storey(plan),
                piece.id(),
                Runs.of(piece).orElseThrow().withUnits(List.of(sink)));
        var list = Takeoff.of(LaidPlan.of(plan), Schedule.Subject.UNITS);
        assertThat(list.rows()).hasSize(6); // doors 600, 450, sink 900, doors 600, 450, and the counter over them
        var cells = list.rows().get(2).cells();
        assertThat(cells.get(3)).isEqualTo(new Schedule.Cell.Words("Sink"));
        assertThat(cells.getLast())
                .isEqualTo(new Schedule.Cell.Words("780 \u00d7 520, 1110 from the left end, 40 before and behind"));
        var rounded = RunEdits.make(
                plan,
                TestPlans.storey(plan),
                piece.id(),
                pieces(plan).getFirst().run().orElseThrow().withEdge(Run.Edge.ROUNDED));
        var counter = Takeoff.of(LaidPlan.of(rounded), Schedule.Subject.UNITS)
                .rows()
                .getLast()
                .cells();
        assertThat(counter.get(3)).isEqualTo(new Schedule.Cell.Words("Counter, edge rounded"));
        assertThat(counter.subList(5, 8))
                .containsExactly(
                        new Schedule.Cell.Long(piece.width()),
                        new Schedule.Cell.Long(mm(600)),
                        new Schedule.Cell.Long(mm(40)));
    }

    @Test
    void aRunKeepsItsUnitsWhenItsWallMovesAndWhenItIsCopiedAndMirrored() {
        var plan = straight();
        var piece = pieces(plan).getFirst();
        plan = RunEdits.ask(
                        TestPlans.geometry(plan), plan, piece, Runs.of(piece).orElseThrow(), Kind.HOB)
                .orThrow();
        var run = pieces(plan).getFirst().run();
        assertThat(run).isPresent();
        var copied = FurnishingEdits.duplicate(plan, TestPlans.storey(plan), piece.id())
                .plan();
        assertThat(pieces(copied).getLast().run()).isEqualTo(run);
        var mirrored = FurnishingEdits.mirror(plan, TestPlans.storey(plan), piece.id());
        assertThat(RunLayout.of(pieces(mirrored).getFirst()).orElseThrow().parts())
                .isEqualTo(RunLayout.of(pieces(plan).getFirst()).orElseThrow().parts());
    }

    @Test
    void swappedForAnotherKindItIsMadeUpAnew() {
        var plan = straight();
        var piece = pieces(plan).getFirst();
        plan = RunEdits.ask(
                        TestPlans.geometry(plan), plan, piece, Runs.of(piece).orElseThrow(), Kind.HOB)
                .orThrow();
        var at = TestPlans.storey(plan);
        var ids = List.of(piece.id());
        var longer = FurnishingEdits.swap(
                plan, at, ids, Runs.COUNTER, Optional.empty(), mm(3600), mm(600), mm(900), Length.ZERO);
        assertThat(pieces(longer).getFirst().run())
                .isEqualTo(pieces(plan).getFirst().run());
        var closet = FurnishingEdits.swap(
                plan, at, ids, Runs.CLOSET, Optional.empty(), mm(2000), mm(600), mm(2400), Length.ZERO);
        assertThat(Runs.of(pieces(closet).getFirst()).orElseThrow().filling()).isEqualTo(Kind.RAIL);
        assertThat(Runs.of(pieces(closet).getFirst()).orElseThrow().units()).isEmpty();
    }

    @Test
    void closetsAreMadeUpAsTheyUsuallyAre() {
        var closet = Runs.of(Runs.CLOSET).orElseThrow();
        for (var use : Runs.ClosetUse.values()) {
            var layout = RunLayout.of(use.in(closet, mm(2400)), mm(2400));
            assertThat(layout.leftOut()).isEmpty();
            assertThat(layout.parts()).isNotEmpty();
        }
        assertThat(RunLayout.of(Runs.ClosetUse.ROBE.in(closet, mm(2400)), mm(2400))
                        .parts())
                .extracting(RunLayout.Part::kind)
                .containsExactly(Kind.RAIL, Kind.RAILS, Kind.DRAWERS);
    }

    @Test
    void aSplashBackLiesBehindTheCounterUpToWhatHangsAbove() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var at = TestPlans.storey(plan);
        var south = plan.storeys().getFirst().walls().getFirst();
        var like = new RunEdits.Like(
                Runs.COUNTER,
                mm(600),
                mm(900),
                Length.ZERO,
                Runs.of(Runs.COUNTER, UnitSystem.MM).orElseThrow(),
                new InCorner.Through());
        var faces = List.of(new Segment(new Point(1000, 0), new Point(3400, 0)));
        var laid = RunEdits.lay(plan, at, faces, like).orThrow().plan();
        var counter = pieces(laid).getFirst();
        var tiled = OwnRegions.behind(laid, TestPlans.geometry(laid), counter, Finish.of("tile-white"))
                .orThrow()
                .plan();
        var region = tiled.storeys().getFirst().regions().getFirst();
        var box = region.ring().bounds();
        assertThat(region.wall()).contains(south.id());
        assertThat(box.width()).isEqualTo(2400);
        assertThat(box.minY()).isEqualTo(900);
        assertThat(box.maxY()).isEqualTo(1500);
        assertThat(box.minX()).isCloseTo(south.line().along(new Point(1000, 0)), within(1e-6));
        var hung = FurnishingEdits.add(
                        laid,
                        at,
                        counter.withKind("shelf")
                                .withRun(Optional.empty())
                                .withBottom(mm(1380))
                                .withHeight(mm(40))
                                .withDepth(mm(300))
                                .withAt(Position.ofMm(2200, 150)))
                .plan();
        var lower = OwnRegions.behind(hung, TestPlans.geometry(hung), counter, Finish.of("tile-white"))
                .orThrow()
                .plan();
        assertThat(lower.storeys()
                        .getFirst()
                        .regions()
                        .getFirst()
                        .ring()
                        .bounds()
                        .maxY())
                .isEqualTo(1380);
        var loose = FurnishingEdits.moveTo(laid, at, counter.id(), Position.ofMm(2500, 2000));
        assertThat(OwnRegions.behind(
                                loose, TestPlans.geometry(loose), pieces(loose).getFirst(), Finish.of("tile-white"))
                        .refusal()
                        .orElseThrow())
                .contains("no straight wall");
    }

    @Test
    void aMirroredRunIsToldFromItsLeftEndAsOneSeesIt() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var at = TestPlans.storey(plan);
        var run = new Run(
                Run.Series.METRIC,
                Kind.DOORS,
                Run.Front.HINGED,
                List.of(new RunUnit(Kind.SINK, mm(900), mm(600), Optional.empty())),
                Run.Edge.SQUARE);
        var piece = new Furnishing(
                        new FurnishingId(0), Runs.COUNTER, mm(3000), mm(600), mm(900), Position.ofMm(2500, 300), 180)
                .withRun(Optional.of(run));
        for (var sense : Sense.values()) {
            var laid = FurnishingEdits.add(plan, at, piece.withSense(sense)).plan();
            var schedule = Takeoff.of(LaidPlan.of(laid), Subject.UNITS);
            var keys = schedule.columns().stream().map(c -> c.key()).toList();
            var sink = schedule.rows().stream()
                    .map(r -> r.cells())
                    .filter(c -> c.get(keys.indexOf("unit")).equals(new Cell.Words("Sink")))
                    .findFirst()
                    .orElseThrow();
            // its middle is 600 from the left end, or 2,400 in the mirror image
            var left = sense == Sense.MIRRORED ? 2400 - 450 : 600 - 450;
            assertThat(sink.get(keys.indexOf("from"))).isEqualTo(new Cell.Long(mm(left)));
            assertThat(RunEdits.seen(pieces(laid).getFirst(), mm(600))).isEqualTo(mm(left + 450));
        }
    }
}
