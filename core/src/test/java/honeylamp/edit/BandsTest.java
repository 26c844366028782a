package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bands in a room of clear 5,000 x 4,000 with its lower left corner at the origin; areas by hand. */
class BandsTest {
    private static final StoreyGeometry ROOM = TestPlans.geometry(TestPlans.clearRectangle(5000, 4000));

    private static Ring band(double width, Point... line) {
        return new Ring(Bands.along(ROOM, List.of(line), Length.ofMm(width)).orThrow());
    }

    private static Point at(double x, double y) {
        return new Point(x, y);
    }

    @Test
    void alongWallsItLiesInTheRoomWhicheverWayItIsDrawn() {
        // 200 wide along the south and the east: 5,000 x 200 and 3,800 x 200 more
        for (var ring : List.of(
                band(200, at(0, 0), at(5000, 0), at(5000, 4000)), band(200, at(5000, 4000), at(5000, 0), at(0, 0)))) {
            assertThat(ring.area()).isCloseTo(200 * (5000 + 3800), within(1e-6));
            assertThat(ring.bounds().minY()).isCloseTo(0, within(1e-6));
            assertThat(ring.bounds().maxX()).isCloseTo(5000, within(1e-6));
            assertThat(ring.contains(at(2500, 100))).isTrue();
            assertThat(ring.contains(at(2500, 210))).isFalse();
        }
    }

    @Test
    void inTheMiddleOfAFloorItLiesHalfOnEitherSide() {
        var ring = band(300, at(500, 2000), at(4500, 2000));
        assertThat(ring.area()).isCloseTo(4000 * 300, within(1e-6));
        assertThat(ring.bounds().minY()).isCloseTo(1850, within(1e-6));
    }

    @Test
    void aSlantedBendIsMitred() {
        // legs of 2,000 at 45 degrees: the middle line is as long as both, so is the area whatever the mitre
        var to = at(2000 + Math.sqrt(2) * 1000, 1000 + Math.sqrt(2) * 1000);
        var ring = band(120, at(500, 1000), at(2500 - 500, 1000), to);
        assertThat(ring.area()).isCloseTo(120 * (1500 + 2000), within(1e-3));
    }

    @Test
    void whatIsNoBandIsRefusedInWords() {
        assertThat(Bands.along(ROOM, List.of(at(1, 1)), Length.ofMm(100)).refusal())
                .get()
                .asString()
                .contains("no length");
        var sharp = List.of(at(500, 1000), at(3000, 1000), at(600, 1100));
        assertThat(Bands.along(ROOM, sharp, Length.ofMm(900)).refusal())
                .get()
                .asString()
                .contains("too sharply");
    }
}
