package honeylamp.takeoff.way;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Boxes carried round corners, through doors and up stairs. */
class DeliveryTest {
    /** Two corridors at right angles, one so wide up the page, then one so wide to the right. */
    private static List<Segment> corner(double up, double across) {
        return List.of(
                new Segment(new Point(0, -3000), new Point(0, across)),
                new Segment(new Point(0, across), new Point(up + 3000, across)),
                new Segment(new Point(up, -3000), new Point(up, 0)),
                new Segment(new Point(up, 0), new Point(up + 3000, 0)),
                new Segment(
                        new Point(0, -3000), new Point(up, -3000)), // closed, so that nothing is carried round outside
                new Segment(new Point(up + 3000, 0), new Point(up + 3000, across)));
    }

    /**
     * The longest a box so wide may be to be turned round a corner: for every turn what lies between the two outer walls
     * and the inner corner.
     */
    private static double longest(double up, double across, double wide) {
        var least = Double.POSITIVE_INFINITY;
        for (var deg = 0.01; deg < 90; deg += 0.01) {
            var sine = Math.sin(Math.toRadians(deg));
            var cosine = Math.cos(Math.toRadians(deg));
            least = Math.min(least, (up * cosine + across * sine - wide) / (sine * cosine));
        }
        return least;
    }

    @Test
    void roundCornersItAgreesWithTheLongestThatTurnsThere() {
        var chance = new Random(4_031);
        for (var i = 0; i < 20; i++) {
            var up = 700 + 10 * chance.nextInt(70);
            var across = 700 + 10 * chance.nextInt(70);
            var wide = 300 + 10 * chance.nextInt(30);
            var most = longest(up, across, wide);
            // turned past the corner a box no longer than the corridors are wide needs no room to turn
            if (most < Math.max(up, across) + 200) {
                continue;
            }
            var as = "%d x %d, %d wide, %.0f at most".formatted(up, across, wide, most);
            // what is said to go goes, and what is larger by the doubt than what is said not to go does not
            assertThat(turns(up, across, wide, most - 90)).as(as).isTrue();
            assertThat(turns(up, across, wide, most + 1)).as(as).isFalse();
            assertThat(turns(up, across, wide - Carrying.CELL_MM, most - Carrying.CELL_MM))
                    .as(as)
                    .isTrue();
        }
    }

    private static boolean turns(double up, double across, double wide, double length) {
        var box = new CarriedBox(wide, length, 400);
        var carrying = new Carrying(List.of(box), List.of(corner(up, across)));
        return carrying.carry(List.of(new Point(up / 2, -1600)), new Point(up + 1600, across / 2), () -> true)
                instanceof Carrying.End.There;
    }

    /** A room of 5,000 x 4,000 with a plain opening of a width and a head in its south wall. */
    private static GettingIn through(double wide, double head, double w, double d, double h) {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(5000, 4000), 0, OpeningKind.PLAIN, 2000, wide, Hand.FIRST, Swing.LEFT);
        var at = TestPlans.storey(plan);
        plan = OpeningEdits.setHeights(plan, at, TestPlans.newest(plan).id(), Length.ZERO, Length.ofMm(head))
                .orThrow();
        plan = FurnishingEdits.add(
                        plan, at, "trunk", Length.ofMm(w), Length.ofMm(d), Length.ofMm(h), Position.ofMm(2500, 2000), 0)
                .plan();
        return of(plan);
    }

    private static GettingIn of(Plan plan) {
        var storey = LaidPlan.of(plan).all().getFirst();
        return Delivery.of(storey, storey.storey().furnishings().getFirst(), () -> true);
    }

    /** Of a box two sizes pass an opening: the least but one at most as wide as it or as high, the least as the other. */
    @ParameterizedTest
    @CsvSource({
        "900, 2000, 2200, 850, 800, fits", // on its base, end first
        "900, 2000, 2200, 1500, 800, fits", // on its front: 800 wide, 1,500 high
        "900, 2000, 850, 850, 2300, fits", // lying
        "900, 2000, 2200, 950, 920, sticks",
        "900, 2000, 2100, 2100, 800, sticks",
        "900, 2200, 2100, 2100, 800, fits",
        "900, 2000, 600, 600, 600, fits",
        "900, 2000, 2200, 890, 1200, just",
        "900, 2000, 2200, 910, 1200, just", // not known within the reckoning's doubt
        "900, 2000, 2200, 960, 1200, sticks",
        "1800, 700, 1700, 650, 680, fits",
        "1800, 700, 1900, 720, 1700, sticks",
        "700, 2000, 690, 1900, 600, fits",
        "700, 2000, 800, 1900, 750, sticks"
    })
    void throughAnOpeningOneOfItsSidesGoes(double wide, double head, double w, double d, double h, String verdict) {
        var found = through(wide, head, w, d, h);
        switch (verdict) {
            case "fits" -> assertThat(found).isInstanceOf(GettingIn.Fits.class);
            case "just" -> assertThat(found).isInstanceOf(GettingIn.Just.class);
            default -> assertThat(found).isInstanceOf(GettingIn.Sticks.class);
        }
    }

    @Test
    void whereItSticksIsBeforeTheOpening() {
        var sticks = (GettingIn.Sticks) through(900, 2000, 2200, 1500, 1000);
        assertThat(sticks.at().middle().distance(new Point(2450, -150))).isLessThan(1600);
    }

    @Test
    void aRoomNobodyComesToIsSaid() {
        var plan = FurnishingEdits.add(
                        TestPlans.clearRectangle(5000, 4000),
                        TestPlans.storey(TestPlans.clearRectangle(5000, 4000)),
                        "trunk",
                        Length.ofMm(500),
                        Length.ofMm(500),
                        Length.ofMm(500),
                        Position.ofMm(2500, 2000),
                        0)
                .plan();
        assertThat(of(plan)).isInstanceOf(GettingIn.NoWayIn.class);
    }

    @Test
    void nobodyIsKeptWaitingWhoWaitsNoMore() {
        var storey = LaidPlan.of(QuillbackLane.plan()).all().getLast();
        assertThat(Delivery.of(storey, storey.storey().furnishings().getFirst(), () -> false))
                .isInstanceOf(GettingIn.Unknown.class);
    }

    /** The flight of the demo is 3' wide: a cupboard 2' deep goes up, one of 4' x 4' x 4' does not. */
    @Test
    void upTheStairItGoesAsWideAsTheFlight() {
        assertThat(upstairs(610, 900, 1200)).isInstanceOf(GettingIn.Fits.class);
        var sticks = upstairs(1220, 1220, 1220);
        assertThat(sticks).isInstanceOf(GettingIn.Sticks.class);
        var plan = QuillbackLane.plan();
        assertThat(((GettingIn.Sticks) sticks).at().storey())
                .isEqualTo(plan.storeys().getFirst().id());
    }

    private static GettingIn upstairs(double w, double d, double h) {
        var plan = QuillbackLane.plan();
        var upper = plan.storeys().getLast();
        var like = upper.furnishings().stream()
                .filter(f -> f.kind().equals("bed"))
                .findFirst()
                .orElseThrow();
        var storey = LaidPlan.of(plan).on(upper.id());
        Furnishing piece = like.sized(Length.ofMm(w), Length.ofMm(d), Length.ofMm(h));
        return Delivery.of(storey, piece, () -> true);
    }
}
