package honeylamp.derive.tiers;

import static honeylamp.TestPlans.OUTER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.tiers.SlantedSides.SlantedTier;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * A house of 8 by 6 m along its outer faces, whose north-east corner is cut off from 8, 3 to 5, 6: a slanted face of
 * 3 · √2 = 4.243 m.
 */
class SlantedSidesTest {
    private static final double FACE_MM = 3000 * Math.sqrt(2);

    private static Plan house() {
        return TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 8000, 0, 8000, 3000, 5000, 6000, 0, 6000)
                .plan();
    }

    private static List<List<SlantedTier>> tiers(Plan plan, Kind... kinds) {
        return SlantedSides.of(
                TestPlans.geometry(plan),
                new ShownIn(Rounding.finest(plan.units()), Optional.empty()),
                Tiers.of(kinds));
    }

    private static void addsUp(SlantedTier tier) {
        assertThat(tier.texts().stream().mapToInt(Integer::parseInt).sum()).isEqualTo(Integer.parseInt(tier.total()));
        assertThat(Integer.parseInt(tier.total())).isEqualTo((int) Math.rint(FACE_MM));
    }

    @Test
    void onlyFacesThatLookToNoSideHaveTiersOfTheirOwn() {
        var faces = tiers(house(), Kind.OVERALL);
        assertThat(faces).singleElement().satisfies(face -> {
            assertThat(face).singleElement().satisfies(SlantedSidesTest::addsUp);
            assertThat(face.getFirst().outward().x()).isCloseTo(Math.sqrt(0.5), within(1e-9));
            assertThat(face.getFirst().outward().y()).isCloseTo(Math.sqrt(0.5), within(1e-9));
        });
        assertThat(tiers(TestPlans.clearRectangle(5000, 4000), Kind.OVERALL)).isEmpty();
        assertThat(tiers(house())).isEmpty();
    }

    /** A window of 1,200 put 1,000 along the drawn line, which is the outer face, from where it begins at 8, 3. */
    @Test
    void openingsAreMeasuredAlongTheirFace() {
        var plan = TestPlans.opening(house(), 2, OpeningKind.FIXED_WINDOW, 1000, 1200, Hand.FIRST, Swing.LEFT);
        var face = tiers(plan, Kind.OPENINGS, Kind.OVERALL).getFirst();
        assertThat(face).extracting(SlantedTier::kind).containsExactly(Kind.OPENINGS, Kind.OVERALL);
        face.forEach(SlantedSidesTest::addsUp);
        var parts =
                face.getFirst().texts().stream().map(Integer::parseInt).sorted().toList();
        assertThat(parts).containsExactly(1000, 1200, 2043);
    }

    /**
     * Just inside the slanted wall of thickness t one crosses both walls at its ends. Each meets it at 135 degrees, and its
     * inner face meets that of the slanted wall t · tan(22.5°) from the corner; 1 mm further in there is 1 mm more room.
     */
    @Test
    void wallsAndWhatIsClearBetweenAddUpToo() {
        var plan = house();
        var t = plan.wallType(OUTER).thickness().mm();
        var tier = tiers(plan, Kind.WALLS).getFirst().getFirst();
        addsUp(tier);
        assertThat(tier.texts()).hasSize(3);
        var clear = FACE_MM - 2 * (t * Math.tan(Math.toRadians(22.5)) - 1);
        assertThat((double) Integer.parseInt(tier.texts().get(1))).isCloseTo(clear, within(1.0));
        var ends = Arrays.asList(tier.texts().getFirst(), tier.texts().getLast());
        assertThat(Math.abs(Integer.parseInt(ends.getFirst()) - Integer.parseInt(ends.getLast())))
                .isLessThanOrEqualTo(1);
    }

    /** A partition that meets the slanted wall parts its pieces, not its face. */
    @Test
    void aWallBehindPartsTheMiddleTierOnly() {
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 8000, 0, 8000, 3000, 5000, 6000, 0, 6000)
                .wall(0, 0, 6500, 4500, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        var face = tiers(plan, Kind.WALLS, Kind.OVERALL).getFirst();
        face.forEach(SlantedSidesTest::addsUp);
        assertThat(face.getFirst().texts()).hasSize(5);
        assertThat(face.getLast().texts()).hasSize(1);
    }
}
