package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class FigureChangeTest {
    private static Figure room(double width) {
        return Figure.ring(
                Ring.of(new Point(0, 0), new Point(width, 0), new Point(width, 4), new Point(2, 5), new Point(0, 4)));
    }

    @Test
    void theSamePathTwiceDiffersNowhere() {
        assertThat(FigureChange.between(room(6), room(6))).isEmpty();
    }

    @Test
    void aWallThatMovesChangesTheStripItWentThrough() {
        // the level edge at the bottom is only longer, the edge at the top leans otherwise: (width, 4) to (2, 5)
        var boxes = FigureChange.between(room(6), room(6.5));
        assertThat(boxes).containsExactly(new Box(2, 0, 6.5, 5));
    }

    @Test
    void boxesThatShareThreeSidesDifferInAStrip() {
        var small = Figure.ring(new Box(0, 0, 10, 10).ring());
        var large = Figure.ring(new Box(0, -2, 10, 10).ring());
        assertThat(FigureChange.between(small, large)).containsExactly(new Box(0, -2, 10, 0));
        assertThat(FigureChange.between(large, small)).containsExactly(new Box(0, -2, 10, 0));
    }

    @Test
    void partsFarApartAreToldApart() {
        var before = Figure.builder()
                .ring(new Box(0, 0, 1, 1).ring())
                .ring(new Box(50, 0, 51, 1).ring())
                .ring(new Box(90, 0, 91, 1).ring())
                .build();
        var after = Figure.builder()
                .ring(new Box(0, 0, 1, 1).ring())
                .ring(new Box(50, 3, 51, 4).ring())
                .ring(new Box(90, 0, 91, 1).ring())
                .build();
        assertThat(FigureChange.between(before, after))
                .containsExactlyInAnyOrderElementsOf(List.of(new Box(50, 0, 51, 1), new Box(50, 3, 51, 4)));
    }

    @Test
    void whatIsDrawnTwiceCountsTwice() {
        var once = Figure.ring(new Box(0, 0, 1, 2).ring());
        var twice = Figure.builder().path(once).path(once).build();
        assertThat(FigureChange.between(once, twice)).containsExactly(new Box(0, 0, 1, 2));
    }

    /** Twenty squares in a row, each with a corner at a multiple of 10. */
    @Test
    void ofALongPathOnlyThePartsAreKeptThatMeetABox() {
        var all = Figure.builder();
        for (var i = 0; i < 20; i++) {
            all.ring(new Box(10 * i, 0, 10 * i + 5, 5).ring());
        }
        var row = all.build();
        var near = row.within(new Box(22, 1, 41, 2)); // the third to the fifth
        assertThat(near.bounds()).isEqualTo(new Box(20, 0, 45, 5));
        assertThat(near)
                .isEqualTo(Figure.builder()
                        .ring(new Box(20, 0, 25, 5).ring())
                        .ring(new Box(30, 0, 35, 5).ring())
                        .ring(new Box(40, 0, 45, 5).ring())
                        .build());
        assertThat(row.within(new Box(-5, -5, 300, 300))).isSameAs(row);
        assertThat(row.within(new Box(0, 20, 300, 30)).isEmpty()).isTrue();
    }
}
