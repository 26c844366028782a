package honeylamp.derive.rooms;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FreeSpaceTest {
    private static Outline box(double x0, double y0, double x1, double y1) {
        return Outline.of(new Box(x0, y0, x1, y1).ring());
    }

    @Test
    void anEmptyRoomTakesTheBoxWhereItIsWanted() {
        var space = FreeSpace.of(box(0, 0, 4000, 3000), List.of(), 20);
        var at = space.nearest(new Point(2000, 1500), 1000, 400).orElseThrow();
        assertThat(at.x()).isCloseTo(2000, within(20.0));
        assertThat(at.y()).isCloseTo(1500, within(20.0));
    }

    @Test
    void aTableInTheMiddlePushesTheBoxJustAsideOfIt() {
        // by hand: below or above the table the middle lies 500 + 200 away, beside it 1000 + 500
        var space = FreeSpace.of(box(0, 0, 6000, 3000), List.of(box(2000, 1000, 4000, 2000)), 20);
        var at = space.nearest(new Point(3000, 1500), 1000, 400).orElseThrow();
        assertThat(Math.abs(at.y() - 1500)).isCloseTo(700, within(45.0));
        assertThat(at.x()).isCloseTo(3000, within(20.0));
    }

    @Test
    void noBoxIsFoundWhereNoneFits() {
        var space = FreeSpace.of(box(0, 0, 1000, 1000), List.of(box(400, 0, 500, 1000)), 20);
        assertThat(space.nearest(new Point(500, 500), 550, 200)).isEmpty();
        assertThat(space.nearest(new Point(500, 500), 450, 200)).isPresent();
        assertThat(space.nearest(new Point(500, 500), 1200, 200)).isEmpty();
    }

    /** The oracle cuts the box with everything by exact areas. */
    @Test
    void whatIsFoundLiesInTheRoomAndOverNothingInFiveHundredCrowdedRooms() {
        var random = new Random(16);
        var found = 0;
        for (var i = 0; i < 500; i++) {
            var room = crooked(random);
            var obstacles = new ArrayList<Outline>();
            for (var k = random.nextInt(7); k > 0; k--) {
                obstacles.add(turned(random));
            }
            var wide = 300 + random.nextInt(1500);
            var high = 200 + random.nextInt(700);
            var at = FreeSpace.of(room, obstacles, 40).nearest(room.bounds().centre(), wide, high);
            if (at.isPresent()) {
                found++;
                var c = at.get();
                var label = box(c.x() - wide / 2.0, c.y() - high / 2.0, c.x() + wide / 2.0, c.y() + high / 2.0);
                assertThat(area(Regions.difference(List.of(label), List.of(room))))
                        .as("outside of room %d", i)
                        .isLessThan(1);
                assertThat(area(Regions.intersection(List.of(label), obstacles)))
                        .as("over things in room %d", i)
                        .isLessThan(1);
            }
        }
        assertThat(found).isGreaterThan(200);
    }

    /** The oracle tries every place of the raster from the top left corner on, by exact areas. */
    @Test
    void noPlaceIsNearerThanTheOneFoundAndOfTwoTheUpperThenTheLeftOneIsTaken() {
        var random = new Random(27);
        var none = 0;
        for (var i = 0; i < 60; i++) {
            var room = box(0, 0, 200 * (5 + random.nextInt(8)), 200 * (5 + random.nextInt(8)));
            var obstacles = new ArrayList<Outline>();
            for (var k = random.nextInt(5); k > 0; k--) {
                var x = 200 * random.nextInt(10) + 50;
                var y = 200 * random.nextInt(10) + 50;
                obstacles.add(box(x, y, x + 100 + 200 * random.nextInt(3), y + 100 + 200 * random.nextInt(3)));
            }
            var wide = 200 * (1 + random.nextInt(9));
            var high = 200 * (1 + random.nextInt(7));
            var to = new Point(100 * (random.nextInt(40) - 8), 100 * (random.nextInt(40) - 8));
            var expected = tried(room.bounds(), obstacles, wide, high, to);
            assertThat(FreeSpace.of(room, obstacles, 200).nearest(to, wide, high))
                    .as("room %d", i)
                    .isEqualTo(expected);
            none += expected.isEmpty() ? 1 : 0;
        }
        assertThat(none).isBetween(1, 40);
    }

    private static Optional<Point> tried(Box room, List<Outline> obstacles, int wide, int high, Point to) {
        var best = Double.POSITIVE_INFINITY;
        var at = Optional.<Point>empty();
        for (var y = room.maxY() - high; y >= 0; y -= 200) {
            for (var x = 0.0; x + wide <= room.maxX(); x += 200) {
                // the outermost cells are taken by the walls that run along them
                var inside = x >= 200 && y >= 200 && x + wide <= room.maxX() && y + high <= room.maxY();
                var place = new Box(x, y, x + wide, y + high);
                var middle = place.centre();
                var away =
                        (middle.x() - to.x()) * (middle.x() - to.x()) + (middle.y() - to.y()) * (middle.y() - to.y());
                if (inside
                        && away < best
                        && obstacles.stream()
                                .noneMatch(o ->
                                        area(Regions.intersection(List.of(o), List.of(Outline.of(place.ring()))))
                                                > 0)) {
                    best = away;
                    at = Optional.of(middle);
                }
            }
        }
        return at;
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }

    private static Outline crooked(Random random) {
        return Outline.of(new Ring(List.of(
                new Point(random.nextInt(400), random.nextInt(400)),
                new Point(4000 + random.nextInt(900), random.nextInt(500)),
                new Point(4200 + random.nextInt(900), 1500 + random.nextInt(500)),
                new Point(2500 + random.nextInt(500), 1800 + random.nextInt(300)),
                new Point(2400 + random.nextInt(400), 3500 + random.nextInt(800)),
                new Point(random.nextInt(500), 3600 + random.nextInt(600)))));
    }

    private static Outline turned(Random random) {
        var middle = new Point(random.nextInt(5000), random.nextInt(4000));
        var along = Point.direction(random.nextInt(360)).times(150 + random.nextInt(500));
        var across = along.left().times(0.3 + random.nextDouble());
        return Outline.of(new Ring(List.of(
                        middle.plus(along).plus(across),
                        middle.minus(along).plus(across),
                        middle.minus(along).minus(across),
                        middle.plus(along).minus(across)))
                .counterClockwise());
    }
}
