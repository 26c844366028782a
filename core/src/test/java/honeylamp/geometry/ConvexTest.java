package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class ConvexTest {
    private static final Outline SQUARE = Outline.of(new Box(0, 0, 10, 10).ring());

    private static Ring box(double x, double y, double wide, double high) {
        return new Box(x, y, x + wide, y + high).ring();
    }

    @Test
    void whatIsBentInwardsOrHollowIsNotConvex() {
        assertThat(Convex.of(SQUARE)).isPresent();
        var bent = Ring.of(new Point(0, 0), new Point(10, 0), new Point(5, 4), new Point(10, 10), new Point(0, 10));
        assertThat(Convex.of(Outline.of(bent))).isEmpty();
        assertThat(Convex.of(new Outline(SQUARE.shell(), List.of(box(4, 4, 2, 2)))))
                .isEmpty();
        var twiceRound = Ring.of(
                new Point(10, 0),
                new Point(-8, 6),
                new Point(3, -10),
                new Point(3, 10),
                new Point(-8, -6)); // a star drawn in one line bends one way all round
        assertThat(Convex.of(Outline.of(twiceRound))).isEmpty();
    }

    @Test
    void oneKnowsByItsEdgesWhatLiesInItAndBesideIt() {
        var convex = Convex.of(SQUARE).orElseThrow();
        assertThat(convex.holds(box(0, 0, 10, 10))).isTrue();
        assertThat(convex.holds(box(8, 8, 3, 1))).isFalse();
        assertThat(convex.isApart(box(10, 3, 4, 4))).as("it touches only").isTrue();
        assertThat(convex.isApart(box(9.9, 3, 4, 4))).isFalse();
    }

    /** A corner that lies on another has an edge of no length, beside which everything would lie. */
    @Test
    void cornersThatLieOnEachOtherAreOne() {
        var doubled = Ring.of(
                new Point(0, 0),
                new Point(10, 0),
                new Point(10, 0),
                new Point(10, 10),
                new Point(10, 10 + 1e-9),
                new Point(0, 10));
        var convex = Convex.of(Outline.of(doubled)).orElseThrow();
        assertThat(convex.isApart(box(2, 2, 3, 3))).isFalse();
        assertThat(convex.holds(box(2, 2, 3, 3))).isTrue();
    }

    @Test
    void withinAnotherItIsWhatBothHave() {
        var convex = Convex.of(SQUARE).orElseThrow();
        assertThat(convex.within(box(5, -5, 10, 10)).orElseThrow().area()).isCloseTo(25, within(1e-9));
        assertThat(convex.within(box(20, 20, 5, 5))).isEmpty();
    }
}
