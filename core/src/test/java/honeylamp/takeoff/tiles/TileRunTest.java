package honeylamp.takeoff.tiles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Materials;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import org.junit.jupiter.api.Test;

/** Cut and whole tiles along a line, counted by hand: tiles of 300 with joints of 4. */
class TileRunTest {
    private static final Laying SQUARE =
            Materials.of("square-tile").orElseThrow().laying();

    private static TileRun run(Segment line, double deg, double x, double y) {
        return TileRun.along(line, SQUARE, deg, Position.ofMm(x, y), 1).orElseThrow();
    }

    private static Segment level(double y, double to) {
        return new Segment(new Point(0, y), new Point(to, y));
    }

    /**
     * A tile begins at 100; the one before it ends at 96. Of 4,900 beyond 100, 16 tiles take 16 · 304 = 4,864 with a joint
     * after each: the last begins at 4,964 and 36 of it are left.
     */
    @Test
    void cutPiecesLieAtBothEndsAndWholeOnesBetween() {
        var run = run(level(50, 5000), 0, 100, 0);
        assertThat(run.alongMm().stream().mapToDouble(mm -> mm).toArray())
                .usingComparatorWithPrecision(1e-6)
                .containsExactly(0, 96, 4964, 5000);
        assertThat(run.wholes()).isEqualTo(16);
        assertThat(run.firstIsCut()).isTrue();
        assertThat(run.lastIsCut()).isTrue();
    }

    /** Three tiles and two joints are 908. */
    @Test
    void whereNothingIsCutThereAreOnlyEnds() {
        var run = run(level(50, 908), 0, 0, 0);
        assertThat(run.alongMm()).containsExactly(0.0, 908.0);
        assertThat(run.wholes()).isEqualTo(3);
        assertThat(run.firstIsCut()).isFalse();
        assertThat(run.lastIsCut()).isFalse();
    }

    @Test
    void anEndOnAJointCutsNothing() {
        var run = run(level(50, 1216), 0, 4, 0); // begins on the joint before 4, ends with four tiles: 4 + 4 · 304 - 4
        assertThat(run.wholes()).isEqualTo(4);
        assertThat(run.alongMm()).containsExactly(0.0, 1216.0);
    }

    /** Turned by 30 degrees the same is read along the turned line, and along one square to it. */
    @Test
    void itIsTheSameTurned() {
        var way = Point.direction(30);
        var start = way.times(100);
        var line = new Segment(way.left().times(50), way.left().times(50).plus(way.times(5000)));
        var run = run(line, 30, start.x(), start.y());
        assertThat(run.alongMm().get(1)).isCloseTo(96, within(1e-3));
        assertThat(run.wholes()).isEqualTo(16);
        var up = new Segment(way.times(150), way.times(150).plus(way.left().times(908)));
        assertThat(run(up, 30, start.x(), start.y()).wholes()).isEqualTo(3);
    }

    @Test
    void onlyEvenRowsAreTold() {
        assertThat(TileRun.isTold(SQUARE)).isTrue();
        assertThat(TileRun.isTold(SQUARE.withPattern(new Pattern.Seamless()))).isFalse();
        assertThat(TileRun.isTold(Materials.of("herringbone-oak").orElseThrow().laying()))
                .isFalse();
        assertThat(SQUARE.length()).isEqualTo(Length.ofMm(300));
        assertThat(SQUARE.joint()).isEqualTo(Length.ofMm(4));
    }
}
