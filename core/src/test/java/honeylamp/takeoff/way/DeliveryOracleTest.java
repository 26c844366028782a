package honeylamp.takeoff.way;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.Searches;
import honeylamp.TestPlans;
import honeylamp.edit.OpeningEdits;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Forty boxes carried from outside through an opening into a corridor, and out of it by another into a room: what is said
 * of each against trying every place, every turn and every side, with walls as plain rectangles and boxes kept off them by
 * separating axes.
 */
class DeliveryOracleTest {
    private static final double LONG = 2400;
    private static final double ROOM = 2200;
    private static final double OUTER = 300;
    private static final double INNER = 100;

    /** What is said is known to half a step of the raster it was found on. */
    private static final double DOUBT = Carrying.CELL_MM / 2;

    /**
     * A corridor so wide from west to east with the room to its north; an opening in its west end, and one to the room.
     *
     * @param first its south jamb
     * @param second its west jamb
     */
    private record House(
            double wide,
            double first,
            double firstWide,
            double firstHead,
            double second,
            double secondWide,
            double head) {
        static House any(Random chance) {
            var wide = 800 + 50 * chance.nextInt(15);
            var firstWide = Math.min(wide, 700 + 50 * chance.nextInt(10));
            var secondWide = 650 + 50 * chance.nextInt(12);
            return new House(
                    wide,
                    chance.nextInt(wide - firstWide + 1),
                    firstWide,
                    1900 + 50 * chance.nextInt(6),
                    100 + chance.nextInt((int) (LONG - secondWide - 200)),
                    secondWide,
                    1900 + 50 * chance.nextInt(6));
        }

        Plan plan() {
            var plan = TestPlans.start()
                    .chain(
                            BodySide.RIGHT,
                            TestPlans.OUTER,
                            true,
                            0,
                            0,
                            LONG,
                            0,
                            LONG,
                            wide + INNER + ROOM,
                            0,
                            wide + INNER + ROOM)
                    .wall(0, wide + INNER / 2, LONG, wide + INNER / 2, BodySide.CENTRE, TestPlans.PARTITION)
                    .plan();
            var walls = plan.storeys().getFirst().walls();
            for (var i = 0; i < walls.size(); i++) {
                var wall = walls.get(i);
                var line = wall.line();
                if (line.a().x() == 0
                        && line.b().x() == 0
                        && Math.min(line.a().y(), line.b().y()) == 0) {
                    plan = open(
                            plan,
                            i,
                            line.a().y() == 0 ? first : line.a().y() - first - firstWide,
                            firstWide,
                            firstHead);
                } else if (line.a().y() == wide + INNER / 2
                        && line.b().y() == line.a().y()) {
                    plan = open(plan, i, line.a().x() == 0 ? second : LONG - second - secondWide, secondWide, head);
                }
            }
            assertThat(plan.storeys().getFirst().openings()).hasSize(2);
            return plan;
        }

        private static Plan open(Plan plan, int wall, double from, double wide, double head) {
            var out = TestPlans.opening(plan, wall, OpeningKind.PLAIN, from, wide, Hand.FIRST, Swing.LEFT);
            return OpeningEdits.setHeights(
                            out, TestPlans.storey(out), TestPlans.newest(out).id(), Length.ZERO, Length.ofMm(head))
                    .orThrow();
        }

        /** Walls as boxes: from x, from y, to x, to y; what is lower than so high passes the openings. */
        List<double[]> walls(double high) {
            var out = new ArrayList<double[]>();
            var top = wide + INNER + ROOM;
            out.add(new double[] {-OUTER, -OUTER, LONG + OUTER, 0});
            out.add(new double[] {LONG, 0, LONG + OUTER, top});
            out.add(new double[] {-OUTER, top, LONG + OUTER, top + OUTER});
            var low = high <= firstHead ? first : wide;
            out.add(new double[] {-OUTER, 0, 0, low});
            out.add(new double[] {-OUTER, high <= firstHead ? first + firstWide : wide, 0, top});
            var west = high <= head ? second : LONG;
            out.add(new double[] {0, wide, west, wide + INNER});
            out.add(new double[] {high <= head ? second + secondWide : LONG, wide, LONG, wide + INNER});
            return out;
        }
    }

    /** Every place of a raster, every turn, every side down, one after the other. */
    private static final class Tried {
        private static final double STEP = 40;
        private static final int TURNS = 60;
        private static final double AROUND = 2000;
        private final int columns;
        private final int rows;
        private final double[][] sides;
        private final List<List<double[]>> walls;
        private final BitSet seen;
        private final int[] queue;
        private int put;

        Tried(House house, double w, double d, double h) {
            sides = new double[][] {{w, d, h}, {w, h, d}, {h, d, w}};
            walls = List.of(house.walls(h), house.walls(d), house.walls(w));
            columns = (int) ((AROUND + LONG) / STEP);
            rows = (int) ((house.wide + INNER + ROOM) / STEP);
            seen = new BitSet(3 * TURNS * columns * rows);
            queue = new int[3 * TURNS * columns * rows];
        }

        private double x(int cell) {
            return -AROUND + (cell % columns + 0.5) * STEP;
        }

        private double y(int cell) {
            return (double) (cell / columns) * STEP + STEP / 2;
        }

        boolean arrives(House house, double shrunk) {
            var many = columns * rows;
            var start = (int) ((house.first + house.firstWide / 2) / STEP) * columns + (int) (600 / STEP);
            for (var state = 0; state < 3 * TURNS; state++) {
                offer(state * many + start, shrunk);
            }
            for (var taken = 0; taken < put; taken++) {
                var at = queue[taken];
                var cell = at % many;
                var state = at / many;
                if (Math.hypot(x(cell) - LONG / 2, y(cell) - house.wide - INNER - ROOM / 2) <= 200) {
                    return true;
                }
                var side = state / TURNS;
                var turn = state % TURNS;
                for (var next : new int[] {turn, (turn + 1) % TURNS, (turn + TURNS - 1) % TURNS}) {
                    for (var dy = -1; dy <= 1; dy++) {
                        for (var dx = -1; dx <= 1; dx++) {
                            var column = cell % columns + dx;
                            var row = cell / columns + dy;
                            if (column >= 0 && column < columns && row >= 0 && row < rows) {
                                offer((side * TURNS + next) * many + row * columns + column, shrunk);
                            }
                        }
                    }
                }
                for (var other = 0; other < 3; other++) {
                    offer((other * TURNS + turn) * many + cell, shrunk);
                    offer((other * TURNS + (turn + TURNS / 2) % TURNS) * many + cell, shrunk);
                }
            }
            return false;
        }

        private void offer(int at, double shrunk) {
            if (!seen.get(at)) {
                seen.set(at);
                var many = columns * rows;
                var state = at / many;
                var side = sides[state / TURNS];
                var turn = Math.toRadians(state % TURNS * 180.0 / TURNS);
                var cell = at % many;
                if (isFree(
                        walls.get(state / TURNS), x(cell), y(cell), turn, side[0] / 2 - shrunk, side[1] / 2 - shrunk)) {
                    queue[put++] = at;
                }
            }
        }

        /** Two boxes are apart if they are so along a side of one of them. */
        private static boolean isFree(
                List<double[]> walls, double x, double y, double turn, double halfWide, double halfDeep) {
            var c = Math.cos(turn);
            var s = Math.sin(turn);
            var across = halfWide * Math.abs(c) + halfDeep * Math.abs(s);
            var up = halfWide * Math.abs(s) + halfDeep * Math.abs(c);
            for (var wall : walls) {
                if (wall[0] - x > across || x - wall[2] > across || wall[1] - y > up || y - wall[3] > up) {
                    continue;
                }
                var dx = (wall[0] + wall[2]) / 2 - x;
                var dy = (wall[1] + wall[3]) / 2 - y;
                var wide = (wall[2] - wall[0]) / 2;
                var deep = (wall[3] - wall[1]) / 2;
                var apart = Math.abs(dx) >= across + wide
                        || Math.abs(dy) >= up + deep
                        || Math.abs(dx * c + dy * s) >= halfWide + wide * Math.abs(c) + deep * Math.abs(s)
                        || Math.abs(dy * c - dx * s) >= halfDeep + wide * Math.abs(s) + deep * Math.abs(c);
                if (!apart && wide > 0 && deep > 0) {
                    return false;
                }
            }
            return true;
        }
    }

    @Test
    void boxesGetInOrStickAsTryingEveryTurnSays() {
        var boxes = Searches.cases(12, 40);
        var chance = new Random(40);
        var fits = 0;
        var sticks = 0;
        for (var i = 0; i < boxes; i++) {
            var house = House.any(chance);
            var w = 400 + 50 * chance.nextInt(28);
            var d = 400 + 50 * chance.nextInt(14);
            var h = 400 + 50 * chance.nextInt(34);
            var as = "%s, a box of %d x %d x %d".formatted(house, w, d, h);
            var plan = TestPlans.with(house.plan(), "trunk", w, d, h, LONG / 2, house.wide + INNER + ROOM / 2, 0);
            var storey = TestPlans.laid(plan);
            var said = Delivery.of(storey, storey.storey().furnishings().getFirst(), () -> true);
            switch (said) {
                case GettingIn.Fits _ -> {
                    fits++;
                    assertThat(new Tried(house, w, d, h).arrives(house, DOUBT))
                            .as(as)
                            .isTrue();
                }
                case GettingIn.Sticks _ -> {
                    sticks++;
                    assertThat(new Tried(house, w, d, h).arrives(house, 0))
                            .as(as)
                            .isFalse();
                }
                case GettingIn.Just _ ->
                    assertThat(new Tried(house, w, d, h).arrives(house, 2 * DOUBT))
                            .as(as)
                            .isTrue();
                case GettingIn.NoWayIn _, GettingIn.Unknown _ ->
                    assertThat(said).as(as).isNull();
            }
        }
        assertThat(fits).isGreaterThan(boxes / 6);
        assertThat(sticks).isGreaterThan(boxes / 6);
    }
}
