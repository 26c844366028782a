package honeylamp.derive.storeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.edit.Settling;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class NeighbourhoodTest {
    private static Plan grid(int columns, int rows) {
        var plan = TestPlans.start();
        for (var i = 0; i <= columns; i++) {
            plan.wall(i * 4000, 0, i * 4000, rows * 3000, BodySide.CENTRE, TestPlans.OUTER);
        }
        for (var j = 0; j <= rows; j++) {
            plan.wall(0, j * 3000, columns * 4000, j * 3000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        return plan.plan();
    }

    private static Neighbourhood of(Plan before, Plan after) {
        return Neighbourhood.of(
                TestPlans.geometry(before), after, after.storeys().getFirst());
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    @Test
    void aNewWallThatDividesARoomShowsBothHalves() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var divided = WallEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        Position.ofMm(2000, 0),
                        Position.ofMm(2000, 4000),
                        BodySide.LEFT,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        // the partition lies left of its line, running up: 100 of the left room
        assertThat(of(plan, divided).rooms())
                .extracting(r -> Math.round(r.areaMm2()))
                .containsExactly(16_000_000L, 7_600_000L);
    }

    /**
     * A window is centred between the west wall and a partition at 3,000 in a wall of 8,000; the partition moves to
     * 4,000, the wall stays: the window moves from 150 to 2,950 less its half, to 150 to 3,950 less its half.
     */
    @Test
    void anOpeningOfAWallThatStaysIsShownWhereItSettles() {
        var plan = TestPlans.start()
                .chain(BodySide.CENTRE, TestPlans.OUTER, true, 0, 0, 8000, 0, 8000, 4000, 0, 4000)
                .wall(3000, 0, 3000, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        var window = TestPlans.opening(plan, 0, OpeningKind.FIXED_WINDOW, 900, 1000, Hand.FIRST, Swing.LEFT);
        var centred = TestPlans.keeping(window, Keeping.centred(Keeping.Between.WALLS));
        var storey = TestPlans.storey(centred);
        var moved = WallEdits.moveWall(centred, storey, TestPlans.wallId(centred, 4), Length.ofMm(1000), Length.ZERO)
                .orThrow();
        var before = TestPlans.geometry(centred);
        var near = of(centred, moved);
        var settled = Settling.settled(before, moved, near.network());
        var cuts =
                near.cuts(settled, settled.storey(storey), moved.storey(storey).openings());
        assertThat(cuts).hasSize(1);
        // the middle of 150 and 3,950
        assertThat(cuts.getFirst().opening().middleMm()).isCloseTo(2050, within(1e-3));
    }

    /** Law: what is shown around an edit is what the whole plan would show there. */
    @Test
    void itAgreesWithTheWholePlan() {
        var random = new Random(11);
        var seen = 0;
        for (var i = 0; i < 25; i++) {
            var plan = grid(5, 4);
            var corner = Position.ofMm(0, 3000 * random.nextInt(5));
            var moved = WallEdits.moveCorner(
                            plan,
                            TestPlans.storey(plan),
                            corner,
                            corner.moved(Length.ofMm(-random.nextInt(900)), Length.ofMm(random.nextInt(400) - 200)))
                    .orThrow();
            var near = of(plan, moved);
            var whole = TestPlans.geometry(moved);
            var beyond = Regions.difference(near.bodies(), whole.network().poche());
            assertThat(area(beyond)).isLessThan(1);
            seen += near.rooms().size();
            for (var room : near.rooms()) {
                assertThat(whole.rooms())
                        .anySatisfy(r -> assertThat(r.areaMm2()).isCloseTo(room.areaMm2(), within(1.0)));
            }
        }
        assertThat(seen).isGreaterThan(25); // at least one beside every moved corner, two beside most
    }

    @Test
    void nothingChangedIsNothingShown() {
        var plan = grid(2, 2);
        assertThat(of(plan, plan).bodies()).isEmpty();
        assertThat(of(plan, plan).rooms()).isEmpty();
    }
}
