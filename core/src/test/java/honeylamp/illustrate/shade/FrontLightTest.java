package honeylamp.illustrate.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.WallElevation;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The south wall of a room of 5 by 3 m after dark, a downlight 400 before it, 1,250 from its left end (its east). */
class FrontLightTest {
    private static Plan room() {
        var plan = TestPlans.clearRectangle(5000, 3000);
        return RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Study");
    }

    private static Plan lit(Plan plan) {
        return TestPlans.fitted(
                plan, FittingKind.DOWNLIGHT, new Fitting.Ceiling(Position.ofMm(3750, 400), Optional.empty()), 7);
    }

    /** A picture of the wall, read by mm along it and up. */
    private record Seen(WallElevation wall, int width, int height, int[] argb) {
        static Seen of(Plan plan, Evening evening) {
            var laid = TestPlans.laid(plan);
            var wall = WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                    .filter(s -> s.wall().equals(TestPlans.wallId(plan, 0)))
                    .findFirst()
                    .flatMap(s -> WallElevation.of(laid, s))
                    .orElseThrow();
            var image = FrontLight.of(
                    laid.geometry(),
                    FrontLight.lit(laid.geometry(), evening),
                    wall,
                    LampLight.Outside.NIGHT,
                    PaperFrame.atOrigin(50));
            return new Seen(
                    wall,
                    image.pixels().width(),
                    image.pixels().height(),
                    image.pixels().argb());
        }

        int red(double along, double up) {
            var column = (int) (along / wall.lengthMm() * width);
            var row = height - 1 - (int) (up / wall.heightMm() * height);
            return argb[row * width + column] >> 16 & 0xff;
        }
    }

    @Test
    void aPoolOfLightHangsBelowTheLampAndFadesEvenlyToBothSides() {
        var seen = Seen.of(lit(room()), Evening.ALL);
        assertThat(seen.red(1250, 1900)).isGreaterThan(seen.red(1250, 600) + 10);
        assertThat(seen.red(1250, 1900)).isGreaterThan(seen.red(2600, 1900) + 30);
        for (var aside = 100; aside < 1200; aside += 100) {
            assertThat(seen.red(1250 + aside, 1700)).isCloseTo(seen.red(1250 - aside, 1700), within(6));
        }
        // above its beam of 60 degrees there is little: the scallop
        assertThat(seen.red(1250, 2350)).isLessThan(seen.red(1250, 1900));
    }

    @Test
    void whatIsOffLightsNothingAndWhatStandsBetweenThrowsAShadow() {
        var off = Seen.of(lit(room()), new Evening(List.of(7)));
        assertThat(off.red(1250, 1900)).isEqualTo(off.red(4000, 300));
        var bare = Seen.of(lit(room()), Evening.ALL);
        // a cabinet from 900 to 1,600 along, 200 to 300 before the wall, below the lamp
        var behind = Seen.of(TestPlans.with(lit(room()), "wardrobe", 700, 100, 1800, 3750, 250, 0), Evening.ALL);
        assertThat(behind.red(1250, 500)).isLessThan(bare.red(1250, 500));
        assertThat(behind.red(1250, 2000)).isEqualTo(bare.red(1250, 2000));
    }

    /** The wall bows by 600: its face is measured along its curve, and the place nearest to the lamp is the brightest. */
    @ParameterizedTest
    @ValueSource(doubles = {600, -600})
    void curvedWallsAreLitWhereTheyAre(double sagitta) {
        var plan = WallEdits.bend(room(), TestPlans.storey(room()), TestPlans.wallId(room(), 0), Length.ofMm(sagitta))
                .orThrow();
        var middle = TestPlans.fitted(
                plan, FittingKind.DOWNLIGHT, new Fitting.Ceiling(Position.ofMm(2500, 1500), Optional.empty()));
        var seen = Seen.of(middle, Evening.ALL);
        assertThat(seen.wall.lengthMm()).isGreaterThan(5000);
        var half = seen.wall.lengthMm() / 2;
        for (var aside = 300; aside < 2000; aside += 300) {
            assertThat(seen.red(half + aside, 1200)).isCloseTo(seen.red(half - aside, 1200), within(6));
        }
    }
}
