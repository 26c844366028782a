package honeylamp.takeoff.lived;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.FurnishedPlans;
import honeylamp.TestPlans;
import honeylamp.catalogue.piece.Runs;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FurnishingEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.Structure;
import honeylamp.store.CheckReport;
import honeylamp.takeoff.lived.LivedIn.Small;
import honeylamp.units.Length;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What lies about follows from the plan, has room, and only grows with the dial. */
class LivedInTest {
    private static Stream<StoreyGeometry> storeys() {
        var demos = Stream.of(SailclothYard.plan(), QuillbackLane.plan())
                .flatMap(p -> LaidPlan.of(p).all().stream())
                .map(LaidStorey::geometry);
        var random = new Random(11);
        var others = Stream.generate(() -> TestPlans.geometry(FurnishedPlans.next(random)))
                .limit(12);
        return Stream.concat(demos, others);
    }

    private static double shared(Furnishing a, Furnishing b) {
        var one = Picking.footprint(a);
        var other = Picking.footprint(b);
        return one.bounds().meets(other.bounds())
                ? Regions.intersection(List.of(Outline.of(one)), List.of(Outline.of(other))).stream()
                        .mapToDouble(Outline::area)
                        .sum()
                : 0;
    }

    private static List<Furnishing> kinds(List<Small> all, String kind) {
        return all.stream().map(Small::piece).filter(f -> f.kind().equals(kind)).toList();
    }

    @ParameterizedTest
    @MethodSource("storeys")
    void nothingLiesOnAnythingElseThatLiesAbout(StoreyGeometry geometry) {
        var all = LivedIn.all(geometry);
        for (var i = 0; i < all.size(); i++) {
            for (var j = 0; j < i; j++) {
                assertThat(shared(all.get(i).piece(), all.get(j).piece()))
                        .as("%s and %s", all.get(i), all.get(j))
                        .isLessThan(401);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("storeys")
    void moreNeverMovesWhatIsThere(StoreyGeometry geometry) {
        var all = LivedIn.all(geometry);
        var before = List.<Small>of();
        for (var amount = 0.0; amount <= 1; amount += 0.1) {
            var now = LivedIn.at(all, amount);
            assertThat(now.subList(0, before.size())).isEqualTo(before);
            before = now;
        }
        assertThat(LivedIn.at(all, 0)).isEmpty();
        assertThat(LivedIn.at(all, 1)).hasSameSizeAs(all);
        assertThat(LivedIn.all(geometry)).as("the same again").isEqualTo(all);
    }

    /** On the floor all corners are in one room, clear of walls and of what stands there, and nothing is on stairs. */
    @ParameterizedTest
    @MethodSource("storeys")
    void whatLiesOnTheFloorHasRoomThere(StoreyGeometry geometry) {
        for (var small : LivedIn.all(geometry)) {
            var piece = small.piece();
            if (small.place() == LivedIn.Place.ON_SILL || piece.bottom().mm() > 200) {
                continue;
            }
            var corners = Picking.footprint(piece).corners();
            var room = geometry.roomAt(corners.getFirst()).orElseThrow();
            assertThat(corners).as(piece.kind()).allMatch(room.outline()::contains);
            assertThat(geometry.storey().structures())
                    .filteredOn(x -> x.is(Structure.Kind.POST) || x.is(Structure.Kind.FIREPLACE))
                    .noneMatch(x -> Picking.footprint(piece)
                            .bounds()
                            .grown(-25)
                            .meets(x.footprint().bounds()));
            assertThat(geometry.storey().furnishings())
                    .filteredOn(f -> f.bottom().mm() == 0 && f.height().mm() > 40)
                    .noneMatch(f -> shared(f, piece) > 401);
        }
    }

    /** What is on a piece lies within it; a blanket's fringe and a cushion may reach over its edge. */
    @ParameterizedTest
    @MethodSource("storeys")
    void whatLiesOnAPieceLiesWithinIt(StoreyGeometry geometry) {
        for (var small : LivedIn.all(geometry)) {
            var piece = small.piece();
            if (piece.bottom().mm() < 200 || !(piece.id().key() instanceof Key.With(var other, var _))) {
                continue;
            }
            geometry.storey()
                    .elements()
                    .find(new FurnishingId(other))
                    .map(Furnishing.class::cast)
                    .ifPresent(host -> {
                        var own = Picking.footprint(piece);
                        var back = host.placing().inverse();
                        var w = host.width().mm() / 2 + 30;
                        var d = host.depth().mm() / 2 + 30;
                        assertThat(own.corners())
                                .as("%s on %s", piece.kind(), host.kind())
                                .allMatch(p -> new Box(-w, -d, w, d).contains(back.apply(p)));
                    });
        }
    }

    private static Plan table(double turnDeg) {
        return TestPlans.with(
                TestPlans.clearRectangle(6000, 5000), "dining-table", 1800, 950, 740, 3000, 2500, turnDeg);
    }

    /** Two chairs along each long side and one at each end: six places, each before the chair it is for. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 90, 37})
    void aTableIsLaidForAllItsChairsAtOnce(double turnDeg) {
        var all = LivedIn.all(TestPlans.geometry(table(turnDeg)));
        var places = kinds(all, "table-set");
        assertThat(places).hasSize(6);
        assertThat(all)
                .filteredOn(s -> s.piece().kind().equals("table-set"))
                .extracting(Small::from)
                .containsOnly(all.stream()
                        .filter(s -> s.piece().kind().equals("table-set"))
                        .findFirst()
                        .orElseThrow()
                        .from());
        for (var place : places) {
            assertThat(place.bottom()).isEqualTo(Length.ofMm(740));
            var away = place.at().point().minus(new Point(3000, 2500));
            var front = Point.direction(place.turnDeg() - 90);
            assertThat(away.dot(front))
                    .as("its front looks outward, to whoever sits there")
                    .isGreaterThan(250);
        }
    }

    /** A diner before a table's south side, at x = 2,700: the place is before him, 20 mm in from the edge. */
    @Test
    void aChairThatIsDrawnUpHasItsPlace() {
        var plan = TestPlans.with(TestPlans.clearRectangle(6000, 5000), "table", 1600, 800, 740, 3000, 2500, 0);
        assertThat(kinds(LivedIn.all(TestPlans.geometry(plan)), "table-set")).isEmpty();
        var seated = TestPlans.with(plan, "chair", 450, 480, 860, 2700, 1950, 180);
        assertThat(kinds(LivedIn.all(TestPlans.geometry(seated)), "table-set"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.at().x().mm()).isCloseTo(2700, within(1.0));
                    assertThat(f.at().y().mm()).isCloseTo(2100 + 20 + 135, within(5.0));
                    assertThat(f.turnDeg() % 360).isCloseTo(0, within(1e-6));
                });
    }

    @Test
    void whatIsThereAlreadyStays() {
        var plan = table(0);
        var own = FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        new Furnishing(
                                        new FurnishingId(plan.nextNumber()),
                                        "bowl",
                                        Length.ofMm(300),
                                        Length.ofMm(300),
                                        Length.ofMm(110),
                                        Position.ofMm(3000, 2500),
                                        0)
                                .withBottom(Length.ofMm(740)))
                .plan();
        assertThat(LivedIn.all(TestPlans.geometry(own)))
                .extracting(Small::piece)
                .noneMatch(f -> f.at().equals(Position.ofMm(3000, 2500)))
                .filteredOn(f -> f.kind().equals("table-set"))
                .hasSize(6);
    }

    /** Mirrored, the lamp, the throw and all else on a piece lie where a mirror would show them. */
    @Test
    void onAMirroredPieceAllIsMirrored() {
        var plan = TestPlans.with(TestPlans.clearRectangle(6000, 5000), "sofa", 2200, 950, 800, 3000, 2500, 0);
        var mirrored = plan.withStorey(
                TestPlans.storey(plan),
                s -> s.with(
                        Furnishing.class,
                        s.furnishings().stream()
                                .map(f -> f.withSense(Sense.MIRRORED))
                                .toList()));
        var straight = LivedIn.all(TestPlans.geometry(plan));
        var other = LivedIn.all(TestPlans.geometry(mirrored));
        assertThat(other).hasSameSizeAs(straight).hasSizeGreaterThan(2);
        for (var i = 0; i < straight.size(); i++) {
            var a = straight.get(i).piece();
            var b = other.get(i).piece();
            assertThat(b.at().x().mm()).isCloseTo(6000 - a.at().x().mm(), within(0.01));
            assertThat(b.at().y()).isEqualTo(a.at().y());
        }
    }

    /** Pots on sills stand within walls, where a piece of the plan would be drawn under the window. */
    @Test
    void whatIsKeptLiesInRooms() {
        var geometry = LaidPlan.of(SailclothYard.plan()).all().getFirst().geometry();
        var all = LivedIn.all(geometry);
        assertThat(all).extracting(Small::place).contains(LivedIn.Place.ON_SILL);
        assertThat(LivedIn.forPlan(all))
                .hasSizeGreaterThan(40)
                .allMatch(f -> geometry.roomAt(f.at().point()).isPresent());
    }

    /** The tea room has a fireplace: wood stands beside it, within an arm's length, and not in it. */
    @Test
    void woodStandsBesideAHearth() {
        var ground = LaidPlan.of(QuillbackLane.plan()).all().getFirst().geometry();
        var fire = ground.storey().structures().stream()
                .filter(x -> x.is(Structure.Kind.FIREPLACE))
                .findFirst()
                .orElseThrow();
        assertThat(kinds(LivedIn.all(ground), "log-basket"))
                .filteredOn(f -> f.id().key() instanceof Key.With(var of, var _)
                        && of.equals(fire.id().key()))
                .singleElement()
                .satisfies(f -> {
                    var box = Picking.footprint(f).bounds();
                    assertThat(box.meets(fire.footprint().bounds().grown(150))).isTrue();
                    assertThat(box.meets(fire.footprint().bounds().grown(-1))).isFalse();
                });
    }

    /** Three metres of counter with a sink from 300 to 1,200 and a hob from 2,000 to 2,600 mm: nothing stands on either. */
    @Test
    void nothingStandsOnAHobOrInASink() {
        var all = LivedIn.all(LaidPlan.of(SailclothYard.plan()).all().getFirst().geometry());
        var kitchen = SailclothYard.plan().storeys().getFirst().furnishings().stream()
                .filter(f -> f.run().isPresent())
                .toList();
        assertThat(kitchen).isNotEmpty();
        for (var run : kitchen) {
            var layout = Runs.layout(run).orElseThrow();
            for (var small : all) {
                var at = run.placing().inverse().apply(small.piece().at().point());
                var along = at.x() + run.width().mm() / 2;
                if (Math.abs(at.y()) < run.depth().mm() / 2) {
                    assertThat(layout.parts())
                            .filteredOn(p -> p.kind().isLetIn())
                            .noneMatch(p -> along > p.from().mm() && along < p.to().mm());
                }
            }
        }
    }

    /** Curtains are drawn, shoes pushed aside, cushions lie on their seats: nothing new is wrong once they are pieces. */
    @Test
    void whatIsKeptAsPiecesBringsNoSnags() throws IOException {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan())) {
            var kept = plan;
            for (var storey : LaidPlan.of(plan).all()) {
                var seen = LivedIn.at(LivedIn.all(storey.geometry()), 0.5);
                kept = FurnishingEdits.add(kept, storey.id(), LivedIn.forPlan(seen));
            }
            assertThat(CheckReport.snags(kept))
                    .as(plan.name())
                    .extracting(Snag::sentence)
                    .isEqualTo(
                            CheckReport.snags(plan).stream().map(Snag::sentence).toList());
        }
    }
}
