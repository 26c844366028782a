package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Goods;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TileCountTest {
    private static final Laying TILE = Laying.of(new Pattern.Stack(), 300, 300, 4);

    private static List<Outline> floor(double width, double height) {
        return List.of(Outline.of(new Box(0, 0, width, height).ring()));
    }

    private static TileCount count(List<Outline> floor, Laying laying, Position start) {
        return TileCount.of(floor, laying, Finish.of("square-tile").startingAt(start), 1)
                .orElseThrow();
    }

    @Test
    void wholesLargeCutsAndHalfTheSmallOnesAreOrdered() {
        // across 300 + 4 + 300 + 4 + 300 + 4 + 88, up 300 + 4 + 296
        var count = count(floor(1000, 600), TILE, Position.ORIGIN);
        assertThat(count.sizes()).containsExactly(new TileCount.OfSize(300, 300, 3, 3, 2));
        assertThat(count.ordered()).isEqualTo(3 + 3 + 1);
        assertThat(count.nested()).isEqualTo(3 + 4); // both strips of 88 come out of one tile
        assertThat(count.leastShare()).isCloseTo(88 / 300.0, within(1e-9));
        assertThat(count.surfaceMm2()).isEqualTo(600_000);
        // seven tiles of 0.09 m2 bought, 0.270 + 0.2664 + 0.0264 + 0.026048 m2 laid
        assertThat(count.wasteShare()).isCloseTo(1 - 588_848 / 630_000.0, within(1e-9));
    }

    @Test
    void boxesAreFilledUpAndSpareIsRoundedUpToPieces() {
        var count = count(floor(1000, 600), TILE, Position.ORIGIN);
        var boxes = new Goods(Length.ofMm(9), 4, 1800, 1500, Length.ofMm(3));
        assertThat(count.boxes(boxes, 0)).contains(2);
        assertThat(count.boxes(boxes, 0.10)).contains(2); // 7.7, so 8 tiles
        assertThat(count.boxes(boxes, 0.15)).contains(3); // 8.05, so 9
        assertThat(count.boxes(Goods.UNKNOWN, 0.1)).isEmpty();
    }

    @Test
    void sizesOfAPatternAreCountedEachByItself() {
        var laying = Laying.of(new Pattern.OctagonDot(0.35), 100, 100, 0);
        var count = count(floor(1000, 1000), laying, Position.ORIGIN);
        assertThat(count.sizes()).hasSize(2);
        assertThat(count.sizes().get(0).whole()).isEqualTo(100);
        assertThat(count.sizes().get(1).whole()).isEqualTo(81); // dots at the inner corners of ten by ten
        assertThat(count.sizes().get(1).lengthMm()).isCloseTo(35, within(1e-9));
    }

    @Test
    void whatIsSpreadOrFarTooMuchIsNotCounted() {
        assertThat(TileCount.of(floor(1000, 1000), Laying.seamless(), Finish.of("screed"), 1))
                .isEmpty();
        var specks = Laying.of(new Pattern.Stack(), 2, 2, 0);
        assertThat(TileCount.of(floor(100_000, 100_000), specks, Finish.of("tile-white"), 1))
                .isEmpty();
    }

    /** Tried on every place of a fine grid: nothing there is better than what is proposed. */
    @Test
    void noOtherStartIsBetterThanTheFirstProposal() {
        var random = new Random(30);
        for (var number = 0; number < 30; number++) {
            var room = room(random);
            var size = 150 + 10 * random.nextInt(30);
            var laying = Laying.of(number % 3 == 2 ? new Pattern.Running(0.5) : new Pattern.Stack(), size, size, 3);
            var direction = number % 5 == 4 ? 90 : 0;
            var finish = Finish.of("square-tile").turnedTo(direction);
            var best = StartProposals.of(room, laying, finish, 0.5, 1).getFirst();
            var again = TileCount.of(room, laying, finish.startingAt(best.start()), 1)
                    .orElseThrow();
            assertThat(again.sizes()).isEqualTo(best.count().sizes());
            var grid = (size + 3) / 12.0;
            for (var i = 0; i < 12; i++) {
                for (var k = 0; k < 12; k++) {
                    var there = Affine.turn(direction).apply(new Point(i * grid, k * grid));
                    var other = TileCount.of(room, laying, finish.startingAt(Position.of(there)), 1)
                            .orElseThrow();
                    if (best.count().leastShare() < 0.5) {
                        assertThat(other.leastShare())
                                .as("room %d at %d, %d", number, i, k)
                                .isLessThan(0.5);
                    } else if (other.leastShare() >= 0.5) {
                        assertThat(other.large() + other.small())
                                .as("room %d at %d, %d", number, i, k)
                                .isGreaterThanOrEqualTo(
                                        best.count().large() + best.count().small());
                    }
                }
            }
        }
    }

    /** A room with a corner cut out, sometimes with a post in it. */
    private static List<Outline> room(Random random) {
        var w = 1500 + random.nextInt(2500);
        var h = 1500 + random.nextInt(2000);
        var x = 400 + random.nextInt(w - 800);
        var y = 400 + random.nextInt(h - 800);
        var shell = Ring.of(
                Point.ORIGIN, new Point(w, 0), new Point(w, y), new Point(x, y), new Point(x, h), new Point(0, h));
        var post = new Box(150, 150, 150 + 120, 150 + 120).ring();
        return List.of(random.nextBoolean() ? new Outline(shell, List.of(post)) : Outline.of(shell));
    }

    @Test
    void theTwoProposalsDifferAndAreInOrder() {
        var two = StartProposals.of(floor(2710, 1830), TILE, Finish.of("square-tile"), 0.5, 1);
        assertThat(two).hasSize(2);
        assertThat(two.getFirst().count().leastShare()).isGreaterThanOrEqualTo(0.5);
        assertThat(two.get(0).start()).isNotEqualTo(two.get(1).start());
    }

    @Test
    void chanceHasNoBestStart() {
        assertThat(StartProposals.of(
                        floor(3000, 2000),
                        Laying.of(new Pattern.Plank(0.2), 190, 2200, 2),
                        Finish.of("wide-plank-oak"),
                        0.5,
                        1))
                .isEmpty();
    }
}
