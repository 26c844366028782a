package honeylamp.derive.walls;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** The united body of walls, against areas found in other ways. */
class WallBodiesTest {
    private static final Plan PLAN = NewPlan.in(UnitSystem.MM);
    private static final List<WallType> TYPES = PLAN.wallTypes();

    private static double thickness(Wall wall) {
        return PLAN.wallType(wall.type()).thickness().mm();
    }

    private static List<Outline> poche(List<Wall> walls) {
        return WallNetwork.of(walls, WallBodiesTest::thickness).poche();
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    private static Wall wall(int number, Point a, Point b, BodySide body, WallType type) {
        return new Wall(new WallId(number), Position.of(a), Position.of(b), body, type.id(), Length.ofMm(2600));
    }

    /** Walls in fifteen-degree steps, so that what crosses crosses clearly. */
    private static List<Wall> scattered(Random random) {
        var out = new ArrayList<Wall>();
        var count = 2 + random.nextInt(7);
        for (var i = 0; i < count; i++) {
            var a = new Point(random.nextInt(8000), random.nextInt(8000));
            var b = a.plus(Point.direction(15 * random.nextInt(24)).times(1000 + random.nextInt(5000)));
            var body = BodySide.values()[random.nextInt(3)];
            out.add(wall(10 + i, a, b, body, TYPES.get(random.nextInt(3))));
        }
        return out;
    }

    private static Ring strip(Wall wall) {
        var line = wall.chord();
        var t = thickness(wall);
        var left = line.shiftedLeft(t * wall.body().leftShare());
        var right = line.shiftedLeft(t * (wall.body().leftShare() - 1));
        return Ring.of(right.a(), right.b(), left.b(), left.a());
    }

    private static boolean endsFree(List<Wall> walls) {
        for (var wall : walls) {
            for (var other : walls) {
                var near = thickness(other) + thickness(wall) + 5;
                if (other != wall
                        && (other.chord().distance(wall.from().point()) < near
                                || other.chord().distance(wall.to().point()) < near)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Law: walls that only cross cover just what their strips cover, counted pixel by pixel. */
    @Property(tries = 12, seed = "20261125")
    void crossingWallsCoverWhatTheirStripsCover(@ForAll long seed) {
        var random = new Random(seed);
        var walls = scattered(random);
        for (var i = 0; i < 200 && !endsFree(walls); i++) {
            walls = scattered(random);
        }
        if (!endsFree(walls)) {
            return;
        }
        var strips = walls.stream().map(WallBodiesTest::strip).toList();
        var pixel = 25.0;
        var turned = Affine.turn(7.3); // so that no edge runs along a row of pixels
        var count = 0;
        for (var x = -8000.0; x < 16_000; x += pixel) {
            for (var y = -8000.0; y < 16_000; y += pixel) {
                var p = turned.apply(new Point(x, y));
                if (strips.stream().anyMatch(s -> s.contains(p))) {
                    count++;
                }
            }
        }
        var perimeter = strips.stream().mapToDouble(Ring::perimeter).sum();
        // each pixel the edge runs through is off by half at most, and errs to both sides
        assertThat(area(poche(walls))).isCloseTo(count * pixel * pixel, within(0.04 * perimeter * pixel + 1000));
    }

    /** Law: one chain of equal walls is the mitred buffer of its line. */
    @Property(tries = 150, seed = "20261125")
    void aChainIsTheMitredBufferOfItsLine(@ForAll long seed) {
        var random = new Random(seed);
        var points = new ArrayList<Point>();
        points.add(Point.ORIGIN);
        var way = 0.0;
        for (var i = 0; i < 2 + random.nextInt(4); i++) {
            way += i == 0
                    ? 360 * random.nextDouble()
                    : (random.nextBoolean() ? 1 : -1) * (10 + 130 * random.nextDouble());
            points.add(points.getLast().plus(Point.direction(way).times(2500 + random.nextInt(3000))));
        }
        var walls = new ArrayList<Wall>();
        for (var i = 0; i + 1 < points.size(); i++) {
            walls.add(wall(10 + i, points.get(i), points.get(i + 1), BodySide.CENTRE, TYPES.get(1)));
        }
        if (selfNear(points)) {
            return;
        }
        var coordinates = walls.stream()
                .map(w -> new Coordinate(w.from().point().x(), w.from().point().y()))
                .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
        coordinates.add(new Coordinate(
                walls.getLast().to().point().x(), walls.getLast().to().point().y()));
        var line = new GeometryFactory().createLineString(coordinates.toArray(Coordinate[]::new));
        var parameters = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 20);
        var buffer = BufferOp.bufferOp(line, 175 / 2.0, parameters);
        // the buffer drops corners under a tenth of a millimetre off
        assertThat(area(poche(walls))).isCloseTo(buffer.getArea(), within(1e-3 * buffer.getArea()));
    }

    private static boolean selfNear(List<Point> points) {
        for (var i = 0; i + 1 < points.size(); i++) {
            for (var j = i + 2; j + 1 < points.size(); j++) {
                var a = new Segment(points.get(i), points.get(i + 1));
                var b = new Segment(points.get(j), points.get(j + 1));
                if (a.touches(b)
                        || a.distance(b.a()) < 600
                        || a.distance(b.b()) < 600
                        || b.distance(a.a()) < 600
                        || b.distance(a.b()) < 600) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Law: neither the order of the walls nor the way each was drawn changes the bodies. */
    @Property(tries = 150, seed = "20261125")
    void orderAndDirectionDoNotMatter(@ForAll long seed) {
        var random = new Random(seed);
        var walls = scattered(random);
        var other = new ArrayList<Wall>();
        for (var wall : walls) {
            other.add(random.nextBoolean() ? wall.reversed() : wall);
        }
        Collections.shuffle(other, random);
        for (var i = 0; i < other.size(); i++) {
            other.set(i, other.get(i).withId(new WallId(50 + i)));
        }
        var one = poche(walls);
        var two = poche(other);
        var apart = area(Regions.difference(one, two)) + area(Regions.difference(two, one));
        assertThat(apart).isLessThan(1);
    }

    /** An end a whole millimetre beside a line that is a wall's own end too: judged alike from both sides. */
    @Test
    void anEndAWholeMillimetreBesideALineIsOneJoint() {
        var upright = wall(10, new Point(5765, 5493), new Point(5765, 1207), BodySide.RIGHT, TYPES.get(0));
        var slanted =
                wall(13, new Point(5764, 3202), new Point(8576.870776, 6014.870776), BodySide.RIGHT, TYPES.get(1));
        var one = poche(List.of(upright, slanted));
        for (var turned : List.of(
                List.of(slanted, upright),
                List.of(upright.reversed(), slanted),
                List.of(upright, slanted.reversed()),
                List.of(slanted.reversed(), upright.reversed()))) {
            var two = poche(turned);
            assertThat(area(Regions.difference(one, two)) + area(Regions.difference(two, one)))
                    .isLessThan(1);
        }
    }

    /** Law: nothing in the outline is thinner than a millimetre. */
    @Property(tries = 150, seed = "20261125")
    void nothingIsThinnerThanAMillimetre(@ForAll long seed) {
        for (var outline : poche(scattered(new Random(seed)))) {
            outline.rings()
                    .forEach(r -> assertThat(2 * r.area() / r.perimeter())
                            .as("mean width of %s", r)
                            .isGreaterThan(1));
        }
    }
}
