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
}
