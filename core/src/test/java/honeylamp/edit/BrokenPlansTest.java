package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snag.Kind;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Thirty plans of four rooms, each with faults put in at known places: the outer walls are 300 thick, two
 * partitions cross the house.
 */
class BrokenPlansTest {
    private static final double W = 9000;
    private static final double D = 7000;

    /** A fault that was put in. */
    private record Fault(Kind kind, Point where) {}

    private record Broken(int number, Plan plan, List<Fault> faults) {
        @Override
        public String toString() {
            return "plan " + number + " " + faults.stream().map(Fault::kind).toList();
        }
    }

    /** Where the partitions stand, by the seed. */
    private record House(double x, double y) {}

    private static House house(Random random) {
        return new House(3500 + 100 * random.nextInt(15), 2800 + 100 * random.nextInt(12));
    }

    private static TestPlans shell() {
        return TestPlans.start().chain(BodySide.CENTRE, TestPlans.OUTER, true, 0, 0, W, 0, W, D, 0, D);
    }

    private static Plan whole(House h) {
        return shell().wall(h.x, 0, h.x, D, BodySide.CENTRE, TestPlans.PARTITION)
                .wall(0, h.y, W, h.y, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
    }

    static List<Broken> broken() {
        var out = new ArrayList<Broken>();
        for (var i = 0; i < 30; i++) {
            var random = new Random(1000 + i);
            out.add(broken(i, house(random), random));
        }
        return out;
    }

    private static Broken broken(int number, House h, Random random) {
        var by = 20 + random.nextInt(150);
        return switch (number % 10) {
            case 0 -> { // a partition stops short of the face of the upper wall, at D - 150
                var end = D - 150 - by;
                yield of(
                        number,
                        shell().wall(h.x, 0, h.x, end, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(0, h.y, W, h.y, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.SHORT_END, new Point(h.x, end)));
            }
            case 1 -> // two partitions end apart on one line
                of(
                        number,
                        shell().wall(h.x, 0, h.x, h.y + 1000, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(h.x, h.y + 1000 + by, h.x, D, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(0, h.y, W, h.y, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.GAP, new Point(h.x, h.y + 1000 + by / 2.0)));
            case 2 -> // a partition runs through the upper wall and out by less than its thickness and a half
                of(
                        number,
                        shell().wall(h.x, 0, h.x, D + 150 + Math.min(by, 140), BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(0, h.y, W, h.y, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.OVERSHOOT, new Point(h.x, D + 150 + Math.min(by, 140))));
            case 3 -> // a partition drawn twice
                of(
                        number,
                        new Sketch(whole(h)).wall(h.x, 0, h.x, D),
                        new Fault(Kind.WALL_ON_WALL, new Point(h.x, D / 2)));
            case 4 -> // a partition drawn again beside itself, so that the bodies share some of their thickness
                of(
                        number,
                        new Sketch(whole(h)).wall(h.x + 30, h.y, h.x + 30, D),
                        new Fault(Kind.WALL_ON_WALL, new Point(h.x, (h.y + D) / 2)));
            case 5 -> // a partition with a step
                of(
                        number,
                        shell().wall(h.x, 0, h.x, h.y, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(h.x, h.y, h.x + 40, h.y, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(h.x + 40, h.y, h.x + 40, D, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.BUMP, new Point(h.x + 20, h.y)));
            case 6 -> // a partition off square by less than a degree
                of(
                        number,
                        shell().wall(h.x, 0, h.x + 60, D, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(0, h.y, W, h.y, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.OFF_SQUARE, new Point(h.x + 30, D / 2)));
            case 7 -> // a piece of another type in the middle of a wall
                of(
                        number,
                        shell().wall(h.x, 0, h.x, 1500, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(h.x, 1500, h.x, 2500, BodySide.CENTRE, TestPlans.OUTER)
                                .wall(h.x, 2500, h.x, D, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.ODD_TYPE, new Point(h.x, 2000)));
            case 8 -> // a leftover in the middle of a room, and a gap at a corner
                of(
                        number,
                        new Sketch(whole(h)).wall(W - 2000, D - 1500, W - 2000 + 2 * by, D - 1500),
                        new Fault(Kind.STRAY, new Point(W - 2000 + by, D - 1500)));
            default -> // a wall of 3 mm, left by a double click, and a short end at the left
                of(
                        number,
                        shell().wall(h.x, 0, h.x, 3000, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(h.x, 3000, h.x, 3003, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(h.x, 3003, h.x, D, BodySide.CENTRE, TestPlans.PARTITION)
                                .wall(150 + by, 3500, h.x, 3500, BodySide.CENTRE, TestPlans.PARTITION),
                        new Fault(Kind.NO_LENGTH, new Point(h.x, 3001.5)),
                        new Fault(Kind.SHORT_END, new Point(150 + by, 3500)));
        };
    }

    private static Broken of(int number, TestPlans plan, Fault... faults) {
        return new Broken(number, plan.plan(), List.of(faults));
    }

    private static Broken of(int number, Sketch sketch, Fault... faults) {
        return new Broken(number, sketch.plan, List.of(faults));
    }

    /** A whole plan with one wall more. */
    private record Sketch(Plan plan) {
        Sketch wall(double x0, double y0, double x1, double y1) {
            return new Sketch(WallEdits.add(
                            plan,
                            TestPlans.storey(plan),
                            Position.ofMm(x0, y0),
                            Position.ofMm(x1, y1),
                            BodySide.CENTRE,
                            TestPlans.PARTITION)
                    .orThrow()
                    .plan());
        }
    }

    private static List<Snag> walls(Plan plan) {
        return Snags.of(TestPlans.geometry(plan), plan).stream()
                .filter(s -> s.kind() != Kind.UNNAMED_ROOM)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("broken")
    void everyFaultIsListedWithItsKindAndPlaceAndNothingElseIs(Broken broken) {
        var snags = walls(broken.plan);
        for (var fault : broken.faults) {
            assertThat(snags)
                    .as("%s", fault)
                    .anyMatch(s -> s.kind() == fault.kind && s.where().distance(fault.where) < 2000);
        }
        assertThat(snags).hasSameSizeAs(broken.faults);
    }

    @ParameterizedTest
    @MethodSource("broken")
    void afterMendingAllEveryRoomOfTheIntendedPlanExists(Broken broken) {
        var plan = broken.plan;
        for (var kind : Kind.values()) {
            plan = Mending.all(plan, TestPlans.storey(plan), kind, Snags.USUAL_GAP_REACH);
        }
        assertThat(walls(plan)).isEmpty();
        var rooms = StoreyGeometry.of(plan, plan.storeys().getFirst()).rooms();
        var crossed = broken.number % 10 != 5 && broken.number % 10 != 7 && broken.number % 10 != 9;
        assertThat(rooms).hasSize(crossed ? 4 : broken.number % 10 == 9 ? 3 : 2);
        // all rooms and the partitions between them fill the house within its walls
        var net = rooms.stream().mapToDouble(r -> r.areaMm2()).sum();
        assertThat(net).isBetween(0.94 * (W - 300) * (D - 300), (W - 300) * (D - 300));
    }

    @Test
    void theDemosHaveNoFalseAlarm() throws IOException {
        assertThat(walls(SailclothYard.plan())).isEmpty();
        assertThat(walls(BoatShed.plan())).isEmpty();
    }

    /** Law: a mend never makes a snag of walls where there was none, and leaves fewer than before. */
    @ParameterizedTest
    @EnumSource(
            value = Kind.class,
            names = {"GAP", "SHORT_END", "OVERSHOOT", "WALL_ON_WALL", "OFF_SQUARE"})
    void mendingNeverMakesANewSnag(Kind kind) {
        var mended = new AtomicInteger();
        for (var i = 0; i < 40; i++) {
            var plan = scribbled(new Random(77 + i));
            var geometry = TestPlans.geometry(plan);
            for (var snag : Snags.of(geometry, plan)) {
                if (snag.kind() == kind) {
                    Mending.of(plan, geometry, snag, Snags.USUAL_GAP_REACH).ifPresent(mend -> {
                        mended.incrementAndGet();
                        var before = walls(plan).stream()
                                .filter(s -> s.kind() != Kind.OPEN_END)
                                .toList();
                        var after = walls(mend.plan()).stream()
                                .filter(s -> s.kind() != Kind.OPEN_END)
                                .toList();
                        assertThat(after).hasSizeLessThan(before.size());
                        assertThat(after).allMatch(a -> before.stream().anyMatch(b -> a.kind() == b.kind()));
                    });
                }
            }
        }
        assertThat(mended.get()).as("mends tried").isGreaterThan(10);
    }

    /** Walls as a careless hand leaves them: on a grid, but off by a little. */
    private static Plan scribbled(Random random) {
        var sketch = new Sketch(TestPlans.start().plan());
        for (var i = 0; i < 12; i++) {
            var x = 1500.0 * random.nextInt(5) + random.nextInt(60);
            var y = 1500.0 * random.nextInt(5) + random.nextInt(60);
            var along = 1500.0 * (1 + random.nextInt(3)) + random.nextInt(200) - 100;
            var off = random.nextInt(4) == 0 ? random.nextInt(40) : 0;
            sketch = random.nextBoolean()
                    ? sketch.wall(x, y, x + along, y + off)
                    : sketch.wall(x, y, x + off, y + along);
        }
        return sketch.plan;
    }

    @Test
    void aPlanFullOfErrorsStillDrawsAndTakesEdits() {
        var plan = scribbled(new Random(5));
        var first = plan.storeys().getFirst().walls().getFirst();
        var moved = WallEdits.moveWall(plan, TestPlans.storey(plan), first.id(), Length.ofMm(250), Length.ofMm(-130))
                .orThrow();
        Wall now = moved.storeys().getFirst().wall(first.id()).orElseThrow();
        assertThat(now.from()).isEqualTo(first.from().moved(Length.ofMm(250), Length.ofMm(-130)));
    }
}
