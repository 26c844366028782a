package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stair;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Handrails of the stair of the tea room: two flights of 8 and 9 risers about a half landing, 17 risers of 7 1/16 in. */
class StairRailsTest {
    private static final Plan PLAN = QuillbackLane.plan();

    private static List<Body> stairs(int storey) {
        var laid = LaidPlan.of(PLAN).all().get(storey);
        var ids = PLAN.storeys().getFirst().structures().stream()
                .filter(s -> s.form() instanceof Stair)
                .map(s -> s.id())
                .toList();
        return StoreyBodies.whole(laid, laid.storey().height().mm(), StoreyBodies.Below.DARK).stream()
                .filter(b -> b.kind() == Kind.FIXED_PARTS
                        && b.of().filter(ids::contains).isPresent())
                .toList();
    }

    private static List<Facet> rails(Body stair) {
        return stair.facets().stream()
                .filter(f -> f.skin().role() == Role.TIMBER_DARK)
                .toList();
    }

    /** What looks up of rails lies 900 plumb above a tread, or between two of them, and slopes as the treads rise. */
    @Test
    void railsRunAboveTheTreadsAtTheirOpenSides() {
        var stair = stairs(0).getFirst();
        var rails = rails(stair);
        assertThat(rails).isNotEmpty();
        var storey = LaidPlan.of(PLAN).all().getFirst();
        var flights = storey.fixedParts().stairs().getFirst();
        var riser = flights.stair().rise().mm() / flights.stair().risers();
        var tops = flights.steps().treads().stream().map(t -> t.topMm() + 900).toList();
        for (var rail : rails) {
            if (rail.normal().z() > 0.3) {
                for (var p : rail.inSpace(rail.outline().shell())) {
                    assertThat(tops.stream()
                                    .mapToDouble(t -> Math.abs(t - p.z()))
                                    .min()
                                    .orElseThrow())
                            .isLessThan(riser);
                }
            }
        }
        var highest = rails.stream()
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .mapToDouble(p -> p.z())
                .max()
                .orElseThrow();
        assertThat(highest).isLessThanOrEqualTo(storey.storey().height().mm() + riser);
        assertThat(Boxes.volumeMm3(List.of(new Body(Kind.FIXED_PARTS, stair.of(), rails))))
                .as("closed bodies")
                .isPositive();
    }

    /** No rail stands where a wall does: none lies within one. */
    @Test
    void noRailStandsInAWall() {
        var network = LaidPlan.of(PLAN).all().getFirst().geometry().network();
        assertThat(rails(stairs(0).getFirst()))
                .allSatisfy(f -> f.inSpace(f.outline().shell())
                        .forEach(p -> assertThat(network.poche().stream().anyMatch(o -> o.contains(p.plan())))
                                .isFalse()));
    }

    /** Upstairs the hole one comes up through has a railing a metre high, but not where the stair arrives. */
    @Test
    void theWellUpstairsIsGuarded() {
        var upper = LaidPlan.of(PLAN).all().get(1);
        var flights = upper.fixedParts().stairs().getFirst();
        var rails = rails(stairs(1).getFirst());
        assertThat(rails).isNotEmpty();
        var floor = upper.storey().level().mm();
        var top = rails.stream()
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .mapToDouble(p -> p.z())
                .max()
                .orElseThrow();
        assertThat(top).isCloseTo(floor + 1000, within(1e-6));
        var arrives = flights.steps().risers().getLast().middle();
        assertThat(rails)
                .allSatisfy(f -> f.inSpace(f.outline().shell())
                        .forEach(p -> assertThat(p.plan().distance(arrives)).isGreaterThan(200)));
    }
}
