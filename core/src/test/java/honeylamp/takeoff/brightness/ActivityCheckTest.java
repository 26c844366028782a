package honeylamp.takeoff.brightness;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snag.Kind;
import honeylamp.geometry.Point;
import honeylamp.plan.Doing;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Position;
import honeylamp.takeoff.brightness.LightLayers.State;
import honeylamp.takeoff.lighting.LitWalk;
import honeylamp.takeoff.lighting.NightWays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is wrong where things are done, each case with the one beside it in which nothing is. */
class ActivityCheckTest {
    private static List<Kind> kinds(LitRoom room) {
        return ActivityCheck.of(TestPlans.laid(room.plan())).stream()
                .map(Snag::kind)
                .distinct()
                .sorted()
                .toList();
    }

    @Test
    void nothingIsSaidWithoutLampsOrWithoutActivities() {
        assertThat(kinds(LitRoom.empty().done(Doing.READING, 1000, 1000, 0))).isEmpty();
        assertThat(kinds(LitRoom.empty().hung(FittingKind.DOWNLIGHT, 3000, 2000, 0)))
                .isEmpty();
    }

    /** A downlight at the far end gives a reader nothing; one over the page does. */
    @Test
    void tooLittleLightIsTold() {
        var reader = LitRoom.empty().done(Doing.READING, 800, 800, 0);
        assertThat(kinds(reader.hung(FittingKind.DOWNLIGHT, 5500, 3500, 0))).containsExactly(Kind.ACTIVITY_UNLIT);
        assertThat(kinds(reader.hung(FittingKind.DOWNLIGHT, 1100, 800, 0).hung(FittingKind.DOWNLIGHT, 1300, 800, 0)))
                .isEmpty();
    }

    /** At a counter facing north: a light behind the back against one before the hands. */
    @Test
    void lightFromBehindTheHandIsTold() {
        var cook = LitRoom.empty().done(Doing.COOKING, 3000, 3000, 90);
        assertThat(kinds(cook.hung(FittingKind.CEILING_LIGHT, 3000, 2300, 0))).contains(Kind.HAND_IN_LIGHT);
        assertThat(kinds(cook.hung(FittingKind.CEILING_LIGHT, 3000, 3500, 0))).doesNotContain(Kind.HAND_IN_LIGHT);
    }

    /** One watches from the south; a screen 600 high stands in the north, 1,600 wide, its front 3,600 from the south. */
    private static LitRoom watching() {
        return LitRoom.empty()
                .furnished("screen-unit", 1600, 400, 600, 3000, 3800, 0)
                .done(Doing.WATCHING, 3000, 800, 90);
    }

    @Test
    void aLampBesideTheScreenDazzlesOneFarAsideDoesNot() {
        assertThat(kinds(watching().hung(FittingKind.CHANDELIER, 3400, 3300, 1600)))
                .contains(Kind.GLARE);
        assertThat(kinds(watching().hung(FittingKind.CHANDELIER, 200, 2000, 1600)))
                .doesNotContain(Kind.GLARE);
        assertThat(kinds(watching().hung(FittingKind.DOWNLIGHT, 3000, 2000, 0)))
                .as("its beam hides it")
                .doesNotContain(Kind.GLARE);
    }

    /**
     * Behind the one who watches, eyes at 1,150 and 2,800 before the screen: a lamp at 1,300, 600 behind, is mirrored at
     * 1,150 + 150 · 2,800 / (2,800 + 3,400) = 1,218, within the picture; one at 2,400 at 1,714, over it.
     */
    @Test
    void aLampMirroredInTheScreenDazzles() {
        assertThat(kinds(watching().hung(FittingKind.CHANDELIER, 3000, 200, 1300)))
                .contains(Kind.GLARE);
        assertThat(kinds(watching().hung(FittingKind.CHANDELIER, 3000, 200, 2400)))
                .doesNotContain(Kind.GLARE);
    }

    @Test
    void twoActivitiesOnOneSeatAskForTwoLights() {
        var seat = LitRoom.empty().done(Doing.READING, 3000, 2000, 0).done(Doing.WATCHING, 3000, 2000, 0);
        var one = seat.hung(FittingKind.DOWNLIGHT, 3400, 2000, 0, 1).hung(FittingKind.DOWNLIGHT, 3300, 2000, 0, 1);
        assertThat(kinds(one)).containsExactly(Kind.ONE_LIGHT_FOR_TWO);
        assertThat(kinds(one.hung(FittingKind.CEILING_LIGHT, 3000, 1000, 0, 2))).isEmpty();
    }

    /** Layers before there is a lamp, and with one. */
    @Test
    void layersTellWhatIsWantedBeforeAndWhatIsThereAfter() {
        var room = LitRoom.empty().done(Doing.SITTING, 3000, 2000, 0).done(Doing.READING, 3000, 2000, 0);
        var before =
                LightLayers.of(TestPlans.laid(room.plan()), LightingRules.USUAL).getFirst();
        assertThat(before.layers().stream().map(LightLayers.Layer::state)).containsOnly(State.MISSING);
        // 100 lx on 24 m², half of each lumen used, 0.8 left: 6,000 lm
        assertThat(before.layers().getFirst().words()).contains("6000 lm");
        var lit = room.hung(FittingKind.CEILING_LIGHT, 2000, 2000, 0)
                .hung(FittingKind.CEILING_LIGHT, 4000, 2000, 0)
                .hung(FittingKind.DOWNLIGHT, 3300, 2000, 0)
                .hung(FittingKind.UPLIGHT, 200, 200, 1800);
        var after =
                LightLayers.of(TestPlans.laid(lit.plan()), LightingRules.USUAL).getFirst();
        assertThat(after.layers().stream().map(LightLayers.Layer::state)).containsOnly(State.GIVEN);
        assertThat(after.layers().getLast().words()).isEqualTo("by uplight");
    }

    @Test
    void ownTargetsAreGoneBy() {
        var room = LitRoom.empty()
                .done(Doing.READING, 3000, 2000, 0)
                .hung(FittingKind.DOWNLIGHT, 3400, 2000, 0)
                .hung(FittingKind.DOWNLIGHT, 3300, 2000, 0);
        assertThat(kinds(room)).isEmpty();
        var bright = room.plan().withLighting(LightingRules.USUAL.with(new LightingRules.Target(Doing.READING, 5000)));
        assertThat(kinds(new LitRoom(bright))).containsExactly(Kind.ACTIVITY_UNLIT);
    }

    @Test
    void estimatesAreToldToTwoFigures() {
        assertThat(List.of(0.0, 7.4, 46.0, 133.0, 1288.0).stream().map(LightLayers::rounded))
                .containsExactly("0", "7", "46", "130", "1300");
    }

    private static final List<Point> WAY =
            List.of(new Point(700, 700), new Point(2000, 250), new Point(4000, 250), new Point(5500, 700));

    /** Behind a wardrobe across the room, 2,000 high, a lamp at 2,300 on the other side leaves the way dark. */
    @Test
    void aDarkCornerOnAWayIsTold() {
        var room = LitRoom.empty()
                .hung(FittingKind.PENDANT, 700, 2000, 2300, 1)
                .with(FittingKind.PULL_CORD, new Fitting.Ceiling(Position.ofMm(800, 800), Optional.empty()), 1);
        var dark = new LitRoom(room.plan()
                        .withLighting(LightingRules.USUAL.with(new LightingRules.Target(Doing.PASSING, 150))))
                .furnished("wardrobe", 3000, 600, 2100, 3000, 2000, 90);
        var laid = TestPlans.laid(dark.plan());
        var walk = LitWalk.along(laid, WAY);
        var named = List.of(new NightWays.Named("From here to there", walk));
        assertThat(walk.isGood()).isTrue();
        assertThat(DarkPlace.on(laid, dark.plan().lighting(), named))
                .singleElement()
                .satisfies(d -> {
                    assertThat(d.at().x()).isGreaterThan(2700);
                    assertThat(d.sentence()).contains("Living room").contains("Put a light there");
                });
        var lit = dark.hung(FittingKind.PENDANT, 5000, 1500, 2300, 1);
        assertThat(DarkPlace.on(
                        TestPlans.laid(lit.plan()),
                        lit.plan().lighting(),
                        List.of(new NightWays.Named("", LitWalk.along(TestPlans.laid(lit.plan()), WAY)))))
                .isEmpty();
    }
}
