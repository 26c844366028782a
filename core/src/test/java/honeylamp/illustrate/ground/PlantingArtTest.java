package honeylamp.illustrate.ground;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What grows in beds. */
class PlantingArtTest {
    private static final double SCALE = 100;

    /** A bed with a slanted side, 8 by 3 m. */
    private static final Outline BED =
            Outline.of(Ring.of(new Point(0, 0), new Point(8000, 0), new Point(6500, 3000), new Point(0, 3000)));

    private static PlantingArt art() {
        return new PlantingArt(PaperFrame.atOrigin(SCALE), Pens.of(Looks.DAYLIGHT, SCALE), Looks.UPPER_LEFT.fall());
    }

    /** The boxes of what covers fully, in plan mm: shade may fall beside the bed. */
    private static Stream<Box> grown(List<Mark> marks) {
        return marks.stream()
                .flatMap(m -> m instanceof Mark.Fill(var path, Ink ink) && ink.opacity() == 1
                        ? Stream.of(path.bounds())
                        : Stream.empty())
                .map(b -> new Box(b.minX() * SCALE, -b.maxY() * SCALE, b.maxX() * SCALE, -b.minY() * SCALE));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 7, 23, 104, 9000})
    void nothingOfAShrubReachesOverTheEdge(long seed) {
        var bed = BED.bounds().grown(0.01);
        var marks = art().shrubs(BED, seed);
        assertThat(grown(marks))
                .hasSizeGreaterThan(20)
                .allSatisfy(b -> assertThat(bed.contains(b.centre())).isTrue());
        assertThat(grown(marks)).allSatisfy(b -> {
            assertThat(b.minX()).isGreaterThanOrEqualTo(bed.minX());
            assertThat(b.minY()).isGreaterThanOrEqualTo(bed.minY());
            assertThat(b.maxY()).isLessThanOrEqualTo(bed.maxY());
            // the slanted side, from (8000, 0) to (6500, 3000): the round in the box is not past it
            var radius = Math.min(b.width(), b.height()) / 2;
            var c = b.centre();
            assertThat((3000 * (c.x() - 8000) + 1500 * c.y()) / Math.hypot(3000, 1500))
                    .isLessThan(-0.9 * radius);
        });
    }

    @Test
    void theSameBedIsPlantedAlikeAndAnotherIsNot() {
        assertThat(art().shrubs(BED, 5)).isEqualTo(art().shrubs(BED, 5));
        assertThat(art().shrubs(BED, 5)).isNotEqualTo(art().shrubs(BED, 6));
    }

    /** One fill holds the whole hedge, and leaves none of its bed bare for more than a tuft. */
    @Test
    void aHedgeIsOneMassWithinItsBed() {
        var bed = Outline.of(new Box(0, 0, 6000, 700).ring());
        var marks = art().hedge(bed, 3);
        var mass = grown(marks).findFirst().orElseThrow();
        assertThat(mass.minX()).isBetween(-0.01, 250.0);
        assertThat(mass.maxX()).isBetween(5750.0, 6000.01);
        assertThat(mass.minY()).isBetween(-0.01, 150.0);
        assertThat(mass.maxY()).isBetween(550.0, 700.01);
        assertThat(grown(marks).count()).as("tufts are no marks of their own").isLessThanOrEqualTo(3);
    }

    @Test
    void aBedTooNarrowForShrubsIsLeftBareRatherThanSliced() {
        var strip = Outline.of(new Box(0, 0, 5000, 200).ring());
        assertThat(grown(art().shrubs(strip, 3))).isEmpty();
    }
}
