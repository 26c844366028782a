package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.pen.Pens;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Where figures lie that have room in their gaps, and those that have none. */
class RowFiguresTest {
    private static final Point NORTH = new Point(0, -1);
    private static final Point SOUTH = new Point(0, 1);

    private static List<RowFigures.Placed> level(Point outward, List<String> texts, double... xs) {
        var stops = new ArrayList<Point>();
        for (var x : xs) {
            stops.add(new Point(x, 100));
        }
        return new RowFigures(Pens.usual(50)).of(texts, stops, outward);
    }

    @Test
    void aFigureWithRoomLiesAboveTheMiddleOfItsGap() {
        var figure = level(NORTH, List.of("1200"), 0, 24).getFirst();
        assertThat(figure.box().centre().x()).isCloseTo(12, within(1e-9));
        assertThat(figure.box().maxY()).isLessThan(100);
        assertThat(figure.leader()).isEmpty();
    }

    @Test
    void figuresOfNarrowEndGapsLieBeyondTheEnds() {
        var figures = level(SOUTH, List.of("120", "1200", "130"), 0, 2.4, 26.4, 29);
        assertThat(figures).extracting(f -> f.text().text()).containsExactly("120", "1200", "130");
        assertThat(figures.getFirst().box().maxX()).isLessThan(-1);
        assertThat(figures.getLast().box().minX()).isGreaterThan(30);
    }

    @Test
    void aNarrowGapInTheMiddleHasItsFigureInASecondRowOnTheOuterSide() {
        var north =
                level(NORTH, List.of("1200", "40", "1000"), 0, 24, 24.8, 44.8).getLast();
        assertThat(north.text().text()).isEqualTo("40");
        assertThat(north.box().maxY()).as("above the first row").isLessThan(100 - 0.9 - 2);
        assertThat(north.leader()).isNotEmpty();
        var south =
                level(SOUTH, List.of("1200", "40", "1000"), 0, 24, 24.8, 44.8).getLast();
        assertThat(south.box().minY()).as("below the ends of witness lines").isGreaterThan(102);
    }

    /** A gap of 24 mm whose middle, at 12, is taken from 10 to 14. */
    @Test
    void aFigureGivesWayAlongItsGapToWhatIsThere() {
        var taken = new Box(10, 90, 14, 110);
        var stops = List.of(new Point(0, 100), new Point(24, 100));
        var box = new RowFigures(Pens.usual(50))
                .of(List.of("1200"), stops, NORTH, List.of(taken))
                .getFirst()
                .box();
        assertThat(box.meets(taken)).isFalse();
        assertThat(box.minX()).isGreaterThan(1);
        assertThat(box.maxX()).isLessThan(23);
    }

    /** The last gap ends at 26.4, and so much beyond its end as its figure would take is taken, up to 36. */
    @Test
    void aFigureBeyondAnEndGoesFartherOutOnItsLineOrToTheSecondRow() {
        var stops = List.of(new Point(0, 100), new Point(24, 100), new Point(26.4, 100));
        var art = new RowFigures(Pens.usual(50));
        var near = art.of(List.of("1200", "120"), stops, NORTH, List.of(new Box(27, 90, 36, 110)))
                .getLast();
        assertThat(near.box().minX()).isGreaterThan(36);
        assertThat(near.leader()).singleElement().satisfies(line -> {
            assertThat(line.a()).isEqualTo(new Point(26.4, 100));
            assertThat(line.b().x()).isGreaterThan(36);
        });
        var far = art.of(List.of("1200", "120"), stops, NORTH, List.of(new Box(27, 96, 60, 110)))
                .getLast();
        assertThat(far.box().maxY()).as("in the second row").isLessThan(97);
    }

    /** Words from 4 to 6 with 0.4 around them leave 0 to 3.6 and 6.4 to 10 of a line, also of one at 45 degrees. */
    @Test
    void aLineIsCutWhereWordsLie() {
        var words = List.of(new Box(4, 4, 6, 6), new Box(20, 0, 30, 10));
        var level = DimensionArt.around(new Segment(new Point(0, 5), new Point(10, 5)), words);
        assertThat(level)
                .extracting(Segment::length)
                .allSatisfy(l -> assertThat(l).isCloseTo(3.6, within(1e-9)));
        assertThat(level).hasSize(2);
        var slanted = DimensionArt.around(new Segment(new Point(0, 0), new Point(10, 10)), words);
        assertThat(slanted)
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.length()).isCloseTo(3.6 * Math.sqrt(2), within(1e-9)));
        assertThat(DimensionArt.around(new Segment(new Point(0, 1), new Point(10, 1)), words))
                .singleElement()
                .satisfies(s -> assertThat(s.length()).isCloseTo(10, within(1e-9)));
    }

    @Test
    void aRowThatRunsUpThePageIsReadFromTheRight() {
        var stops = List.of(new Point(10, 0), new Point(10, 30));
        var figure = new RowFigures(Pens.usual(50))
                .of(List.of("1500"), stops, new Point(-1, 0))
                .getFirst();
        assertThat(figure.text().turnDeg()).isCloseTo(-90, within(1e-9));
        assertThat(figure.box().maxX()).isLessThan(10);
    }

    /** Two hundred rows of gaps from a fifth of a millimetre up: no figure over another, none struck by a tick. */
    @Test
    void noFigureLiesOverAnotherAndNoTickStrikesOne() {
        var random = new Random(7);
        for (var i = 0; i < 200; i++) {
            var xs = new double[3 + random.nextInt(14)];
            var texts = new ArrayList<String>();
            for (var k = 1; k < xs.length; k++) {
                xs[k] = xs[k - 1]
                        + (random.nextInt(3) == 0 ? 0.2 + 3 * random.nextDouble() : 4 + 20 * random.nextDouble());
                texts.add(Integer.toString((int) (50 * (xs[k] - xs[k - 1])) + 1));
            }
            var figures = level(random.nextBoolean() ? NORTH : SOUTH, texts, xs);
            assertThat(figures).hasSameSizeAs(texts);
            for (var a = 0; a < figures.size(); a++) {
                var box = figures.get(a).box();
                for (var b = 0; b < a; b++) {
                    assertThat(box.meets(figures.get(b).box()))
                            .as(
                                    "row %d: %s over %s",
                                    i,
                                    figures.get(a).text().text(),
                                    figures.get(b).text().text())
                            .isFalse();
                }
                for (var x : xs) {
                    var tick = new Box(x, 100 - 1.06, x + 1.06, 100);
                    assertThat(box.meets(tick)).as("row %d, tick at %f", i, x).isFalse();
                }
            }
        }
    }
}
