package honeylamp.derive.tiers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.CrossedWalls;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Motion;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Tiers of random houses: their sums in every unit and step, and their middle tier against a cut through the walls.
 * {@code -Dhoneylamp.plans=2000} looks farther.
 */
class TierOracleTest {
    private static final int PLANS = Integer.getInteger("honeylamp.plans", 300);
    private static final Tiers ALL = Tiers.of(Kind.values());

    /** Just inside the inner faces of the outer walls. */
    private static final double INSIDE_MM = 20;

    private record House(Plan plan, double wide, double deep) {}

    /** Sizes to a thousandth of a millimetre, partitions from face to face both ways, a window on each long side. */
    private static House house(Random random) {
        var wide = (6_000_000 + random.nextInt(6_000_000)) / 1000.0;
        var deep = (5_000_000 + random.nextInt(4_000_000)) / 1000.0;
        var plan = TestPlans.start().chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, wide, 0, wide, deep, 0, deep);
        for (var x = 1300 + random.nextInt(900_000) / 1000.0; x < wide - 1200; x += 1200 + random.nextInt(2500)) {
            plan.wall(x, 0, x, deep, BodySide.CENTRE, TestPlans.PARTITION);
        }
        var opened = TestPlans.opening(
                plan.plan(), 0, OpeningKind.CASEMENT_WINDOW, 300, 700 + random.nextInt(200), Hand.FIRST, Swing.LEFT);
        return new House(
                TestPlans.opening(
                        opened, 2, OpeningKind.CASEMENT_WINDOW, 250, 600 + random.nextInt(300), Hand.FIRST, Swing.LEFT),
                wide,
                deep);
    }

    private static List<SideTiers> tiers(Plan plan) {
        return DimensionTiers.of(TestPlans.geometry(plan), ShownIn.only(Rounding.finest(UnitSystem.MM)), ALL);
    }

    private static List<Length> parts(Tier tier) {
        var out = new ArrayList<Length>();
        for (var i = 1; i < tier.stopsMm().size(); i++) {
            out.add(RoundedParts.part(tier.stopsMm().get(i) - tier.stopsMm().get(i - 1)));
        }
        return out;
    }

    private static Length read(String text, UnitSystem units) {
        return ((LengthReading.Good) LengthReader.signed(text, units)).length();
    }

    @Test
    void everyTierAddsUpInEveryUnitAndStep() {
        var random = new Random(16);
        for (var i = 0; i < PLANS; i++) {
            for (var side : tiers(house(random).plan)) {
                for (var tier : side.tiers()) {
                    var parts = parts(tier);
                    for (var units : UnitSystem.values()) {
                        for (var step : Rounding.steps(units)) {
                            var in = ShownIn.only(Rounding.to(units, step));
                            var sum = RoundedParts.of(parts, in).stream()
                                    .map(t -> read(t, units))
                                    .reduce(Length.ZERO, Length::plus);
                            assertThat(sum).isEqualTo(read(RoundedParts.total(parts, in), units));
                        }
                    }
                }
            }
        }
    }

    @Test
    void theMiddleTierIsWhatALineJustInsideTheOuterWallCuts() {
        var random = new Random(17);
        for (var i = 0; i < PLANS; i++) {
            var house = house(random);
            for (var side : tiers(house.plan)) {
                var cut = cut(house, side.side());
                var tier = side.tiers().stream()
                        .filter(t -> t.kind() == Kind.WALLS)
                        .findFirst()
                        .orElseThrow();
                assertThat(tier.stopsMm()).as("house %d, %s", i, side.side()).hasSameSizeAs(cut);
                for (var k = 0; k < cut.size(); k++) {
                    assertThat(tier.stopsMm().get(k)).isCloseTo(cut.get(k), within(1e-3));
                }
            }
        }
    }

    private static List<Double> cut(House house, Side side) {
        var across = switch (side) {
            case NORTH -> house.deep - INSIDE_MM;
            case EAST -> house.wide - INSIDE_MM;
            case SOUTH, WEST -> INSIDE_MM;
        };
        var line = side.alongX()
                ? new Segment(new Point(-1000, across), new Point(house.wide + 1000, across))
                : new Segment(new Point(across, -1000), new Point(across, house.deep + 1000));
        return CrossedWalls.along(TestPlans.geometry(house.plan), line).stream()
                .map(p -> side.alongX() ? p.x() : p.y())
                .toList();
    }

    /** Mirrored about an upright line the rows of north and south read backward, those of east and west change sides. */
    @Test
    void aMirroredHouseHasTheMirroredTexts() {
        var random = new Random(18);
        for (var i = 0; i < PLANS / 5; i++) {
            var plan = house(random).plan;
            var motion = Motion.mirror(new Segment(new Point(0, 0), new Point(0, 1000)));
            var mirrored = moved(plan, motion);
            for (var kind : Kind.values()) {
                assertThat(texts(mirrored, Side.NORTH, kind))
                        .isEqualTo(texts(plan, Side.NORTH, kind).reversed());
                assertThat(texts(mirrored, Side.EAST, kind)).isEqualTo(texts(plan, Side.WEST, kind));
            }
        }
    }

    /** Turned a quarter to the left, what was north is west, and rows that ran east run north. */
    @Test
    void aTurnedHouseHasTheTextsOfTheSideThatTurnedThere() {
        var random = new Random(19);
        for (var i = 0; i < PLANS / 5; i++) {
            var plan = house(random).plan;
            var turned = moved(plan, Motion.turn(Point.ORIGIN, 90));
            for (var kind : Kind.values()) {
                assertThat(texts(turned, Side.WEST, kind))
                        .as("house %d, north", i)
                        .isEqualTo(texts(plan, Side.NORTH, kind));
                assertThat(texts(turned, Side.SOUTH, kind))
                        .as("house %d, west", i)
                        .isEqualTo(texts(plan, Side.WEST, kind).reversed());
            }
        }
    }

    private static Plan moved(Plan plan, Motion motion) {
        return plan.withStorey(
                TestPlans.storey(plan), s -> s.with(s.elements().changed(e -> Optional.of(e.moved(motion)))));
    }

    private static List<String> texts(Plan plan, Side side, Kind kind) {
        return tiers(plan).stream()
                .filter(s -> s.side() == side)
                .flatMap(s -> s.tiers().stream())
                .filter(t -> t.kind() == kind)
                .findFirst()
                .map(Tier::texts)
                .orElse(List.of());
    }
}
