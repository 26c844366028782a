package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LeavesTest {
    /** A crown 600 mm across and 800 high, standing on a pot of 200. */
    private static final List<Point> CROWN =
            List.of(new Point(150, 200), new Point(300, 600), new Point(200, 900), new Point(0, 1000));

    private static List<Facet> leaves(long seed) {
        var out = new ArrayList<Facet>();
        Leaves.of(out::add, CROWN, new Point(5000, 3000), 40, seed, Skin::of);
        return out;
    }

    /** Each leaf is seen from both sides: two facets of one area that look away from each other. */
    @Test
    void aLeafIsSeenFromBothSides() {
        var all = leaves(7);
        assertThat(all.size()).isGreaterThan(40).isEven();
        for (var i = 0; i < all.size(); i += 2) {
            var a = all.get(i);
            var b = all.get(i + 1);
            assertThat(a.normal().plus(b.normal()).length()).isLessThan(1e-9);
            assertThat(a.outline().area())
                    .isGreaterThan(1000)
                    .isCloseTo(b.outline().area(), within(1e-6));
            assertThat(a.inSpace(a.outline().shell()))
                    .hasSize(4)
                    .allSatisfy(p -> assertThat(b.inSpace(b.outline().shell())).anyMatch(q -> q.distance(p) < 1e-6));
        }
    }

    /** By hand: half the crown, 150 mm, and the longest leaf, 0.62 times 300 times 1.25, are 383 mm from the stem at most. */
    @Test
    void leavesGrowOnTheirCrown() {
        for (var leaf : leaves(7)) {
            for (var p : leaf.inSpace(leaf.outline().shell())) {
                assertThat(p.plan().distance(new Point(5000, 3000))).isLessThan(383);
                assertThat(p.z()).isBetween(240.0 - 120, 1040.0 + 233);
            }
        }
    }

    @Test
    void chanceIsOfWhatTheyGrowOn() {
        assertThat(leaves(7)).isEqualTo(leaves(7)).isNotEqualTo(leaves(8));
        assertThat(leaves(7).stream().map(f -> f.skin().role()).distinct())
                .contains(Role.LEAF, Role.LEAF_LIGHT, Role.LEAF_DEEP);
    }
}
