package honeylamp.takeoff.tiles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import honeylamp.takeoff.tiles.Cutting.Cut;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class NestingTest {
    private static Cut cut(double width, double height) {
        return new Cut(0, width * height, 90_000, width, height, 300, 300, Point.ORIGIN, new Point(1, 0));
    }

    @Test
    void threeStripsOfNinetyFiveComeOutOfOneTileOfThreeHundredAndABladeOfThreeTakesTheLastAway() {
        // 3 x 95 + 2 x 3 = 291; with strips of 99 it would be 303
        assertThat(Nesting.of(List.of(cut(95, 300), cut(95, 300), cut(95, 300)), 3)
                        .tiles())
                .hasSize(1);
        assertThat(Nesting.of(List.of(cut(99, 300), cut(99, 300), cut(99, 300)), 3)
                        .tiles())
                .hasSize(2);
    }

    @Test
    void aSmallPieceComesOutOfWhatALargeOneLeaves() {
        var nesting = Nesting.of(List.of(cut(80, 280), cut(200, 300)), 3);
        assertThat(nesting.tiles()).hasSize(1);
        assertThat(nesting.tiles().getFirst().taken())
                .extracting(Nesting.Taken::cut)
                .containsExactly(1, 0);
    }

    @Test
    void nothingIsTurnedSoThatTheGrainGoesOn() {
        assertThat(Nesting.of(List.of(cut(300, 200), cut(90, 290)), 0).tiles()).hasSize(2);
    }

    /** Over chance layouts: every cut once, in its own tile, apart by the blade, and no fewer tiles than their area needs. */
    @Test
    void noPieceIsTakenTwiceAndNoFewerTilesAreOpenedThanTheProvenBound() {
        var random = new Random(11);
        for (var number = 0; number < 60; number++) {
            var surface = TileSurfaces.random(number);
            var laying = Laying.of(
                    number % 2 == 0 ? new Pattern.Stack() : new Pattern.Herringbone(1),
                    120,
                    120 + 60 * (number % 4),
                    3);
            var blade = number % 3;
            var cuts = Cutting.of(surface, laying, 10 * (number % 9), Position.ofMm(random.nextInt(200), 0), 1)
                    .cut();
            var nesting = Nesting.of(cuts, blade);
            var seen = new ArrayList<Integer>();
            for (var tile : nesting.tiles()) {
                var whole = new Box(0, 0, tile.widthMm(), tile.heightMm()).grown(1e-6);
                for (var i = 0; i < tile.taken().size(); i++) {
                    var taken = tile.taken().get(i);
                    seen.add(taken.cut());
                    assertThat(whole.contains(taken.place())).isTrue();
                    var cut = cuts.get(taken.cut());
                    assertThat(taken.place().width()).isCloseTo(Math.min(cut.widthMm(), tile.widthMm()), within(1e-6));
                    assertThat(taken.place().height())
                            .isCloseTo(Math.min(cut.heightMm(), tile.heightMm()), within(1e-6));
                    for (var k = 0; k < i; k++) {
                        var other = tile.taken().get(k).place();
                        var apart = Math.max(
                                Math.max(
                                        other.minX() - taken.place().maxX(),
                                        taken.place().minX() - other.maxX()),
                                Math.max(
                                        other.minY() - taken.place().maxY(),
                                        taken.place().minY() - other.maxY()));
                        assertThat(apart).isGreaterThanOrEqualTo(blade - 1e-6);
                    }
                }
            }
            assertThat(seen).hasSameSizeAs(cuts).doesNotHaveDuplicates();
            var bound = Math.ceil(
                    cuts.stream().mapToDouble(Cut::areaMm2).sum() / (120.0 * (120 + 60 * (number % 4))) - 1e-9);
            assertThat((double) nesting.tiles().size()).isGreaterThanOrEqualTo(bound);
            assertThat(nesting.tiles().size()).isLessThanOrEqualTo(cuts.size());
        }
    }

    @Test
    void aFloorOfThreeHundredsNestsItsEdgePieces() {
        // 1000 x 600: 88 x 300 and 88 x 296 come out of one tile, the three of 300 x 296 each out of their own
        var floor = List.of(Outline.of(new Box(0, 0, 1000, 600).ring()));
        var cuts = Cutting.of(floor, Laying.of(new Pattern.Stack(), 300, 300, 4), 0, Position.ORIGIN, 1)
                .cut();
        assertThat(Nesting.of(cuts, 3).tiles()).hasSize(4);
    }
}
