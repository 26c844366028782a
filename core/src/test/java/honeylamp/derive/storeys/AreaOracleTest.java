package honeylamp.derive.storeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.listing.Dissection;
import honeylamp.geometry.Point;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Boundary;
import honeylamp.plan.ElementId.BoundaryId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/**
 * Areas of random plans against what they must be by construction: rectangles cut into rectangles, convex outlines cut
 * by half-planes, circles cut into segments. Every plan is also mirrored, turned, shuffled and drawn backwards, with
 * the same result.
 */
class AreaOracleTest {
    private static final int EACH = Integer.getInteger("honeylamp.areas", 60);
    private static final double MM2 = 1.0; // 1e-6 m²

    /** Where a point goes, and whether left becomes right. */
    private record Move(UnaryOperator<Point> to, boolean mirrored, double turnDeg, boolean shuffled) {}

    private static UnaryOperator<Point> turned(double deg) {
        var unit = Point.direction(deg);
        return p -> unit.times(p.x()).plus(unit.left().times(p.y()));
    }

    private static List<Move> moves() {
        return List.of(
                new Move(p -> p, false, 0, false),
                new Move(p -> p, false, 0, true),
                new Move(p -> new Point(-p.x(), p.y()), true, 0, false),
                new Move(turned(17.3), false, 17.3, true));
    }

    private static Plan plan(AreaSamples.Sample sample, Move move, Random random) {
        var plan = NewPlan.in(UnitSystem.MM);
        var thicks =
                sample.walls.stream().map(AreaSamples.Drawn::thick).distinct().toList();
        var types = new ArrayList<>(plan.wallTypes().subList(0, thicks.size()));
        for (var i = 0; i < thicks.size(); i++) {
            types.set(i, types.get(i).withLayers(List.of()).withThickness(Length.ofMm(thicks.get(i))));
        }
        var number = plan.nextNumber();
        var walls = new ArrayList<Wall>();
        for (var drawn : sample.walls) {
            var body = move.mirrored ? drawn.body().flipped() : drawn.body();
            var wall = new Wall(
                    new WallId(number++),
                    Position.of(move.to.apply(drawn.from())),
                    Position.of(move.to.apply(drawn.to())),
                    body,
                    types.get(thicks.indexOf(drawn.thick())).id(),
                    Length.ofMm(2600),
                    Length.ofMm(move.mirrored ? -drawn.sagitta() : drawn.sagitta()),
                    Wall.Works.EXISTING);
            walls.add(move.shuffled && random.nextBoolean() ? wall.reversed() : wall);
        }
        if (move.shuffled) {
            Collections.shuffle(walls, random);
        }
        var boundaries = new ArrayList<Boundary>();
        for (var line : sample.boundaries) {
            boundaries.add(new Boundary(
                    new BoundaryId(number++),
                    Position.of(move.to.apply(line[0])),
                    Position.of(move.to.apply(line[1]))));
        }
        var voids = new ArrayList<Structure>();
        for (var hole : sample.voids) {
            voids.add(new Structure(
                    new StructureId(number++),
                    new Structure.Block(
                            Structure.Kind.VOID, Length.ofMm(hole.wide()), Length.ofMm(hole.deep()), Length.ofMm(2600)),
                    Position.of(move.to.apply(hole.at())),
                    move.turnDeg));
        }
        var marks = new ArrayList<RoomMark>();
        for (var at : sample.outdoor) {
            marks.add(new RoomMark(
                            new RoomId(number++), Position.of(move.to.apply(at)), "Court", Finish.of("stone-slabs"))
                    .withFit(RoomFit.NONE.withCounts(CountsAs.OUTDOOR)));
        }
        var storey = plan.storeys().getFirst().id();
        return plan.withWallTypes(types)
                .withStorey(
                        storey,
                        s -> s.with(Wall.class, walls)
                                .with(Boundary.class, boundaries)
                                .with(Structure.class, voids)
                                .with(RoomMark.class, marks))
                .numbersTaken(number - plan.nextNumber());
    }

    private static void check(AreaSamples.Sample sample, String what) {
        for (var move : moves()) {
            var plan = plan(sample, move, new Random(7));
            var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
            var areas = Areas.of(plan, geometry);
            var name = what + ", " + move.turnDeg + (move.mirrored ? " mirrored" : "")
                    + (move.shuffled ? " shuffled" : "");
            assertThat(geometry.rooms()).as(name).hasSize(sample.rooms.size());
            var sum = 0.0;
            for (var room : sample.rooms) {
                var at = move.to.apply(room.in());
                var found = geometry.roomAt(at);
                assertThat(found).as(name + " at " + at).isPresent();
                var i = geometry.rooms().indexOf(found.get());
                var by = areas.rooms().get(i);
                assertThat(by.get(AreaBasis.INNER_FACES))
                        .as(name + " net at " + at)
                        .isCloseTo(room.net(), within(MM2));
                assertThat(by.get(AreaBasis.WALL_CENTRES))
                        .as(name + " centres at " + at)
                        .isCloseTo(room.centres(), within(MM2));
                assertThat(by.get(AreaBasis.OUTER_FACES))
                        .as(name + " outer at " + at)
                        .isCloseTo(room.outer(), within(MM2));
                assertThat(Dissection.of(geometry, found.get()).areaMm2())
                        .as(name + " working at " + at)
                        .isCloseTo(room.net(), within(MM2));
                sum += found.get().counts() == CountsAs.OUTDOOR ? 0 : by.get(AreaBasis.OUTER_FACES);
            }
            assertThat(areas.externalGrossMm2()).as(name).isCloseTo(sample.external, within(MM2));
            assertThat(sum).as(name).isCloseTo(sample.external, within(MM2));
            if (!Double.isNaN(sample.internal)) {
                assertThat(areas.internalGrossMm2()).as(name).isCloseTo(sample.internal, within(MM2));
            }
        }
    }

    private static void all(String what, Function<Random, AreaSamples.Sample> make) {
        var soft = new SoftAssertions();
        for (var seed = 0; seed < EACH; seed++) {
            var sample = make.apply(new Random(seed));
            var name = what + " " + seed;
            soft.check(() -> check(sample, name));
        }
        soft.assertAll();
    }

    @Test
    void rectanglesCutIntoRectangles() {
        all("splits", AreaSamples::splits);
    }

    @Test
    void courtyardsAndRoomsWithinRooms() {
        all("courtyard", AreaSamples::courtyard);
    }

    @Test
    void convexOutlinesCutByHalfPlanes() {
        all("half-planes", AreaSamples::halfPlanes);
    }

    @Test
    void circlesCutIntoSegments() {
        all("circles", AreaSamples::circles);
    }
}
