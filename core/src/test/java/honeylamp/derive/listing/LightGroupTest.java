package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Which lights are linked with which. */
class LightGroupTest {
    private static Plan scattered(Random random, int lights) {
        var plan = NewPlan.in(UnitSystem.MM);
        for (var i = 0; i < lights; i++) {
            plan = TestPlans.fitted(plan, FittingKind.CEILING_LIGHT, ceiling(random), 3);
        }
        return TestPlans.fitted(plan, FittingKind.PULL_CORD, ceiling(random), 3);
    }

    private static Fitting.On ceiling(Random random) {
        return new Fitting.Ceiling(Position.ofMm(random.nextInt(9000), random.nextInt(9000)), Optional.empty());
    }

    /** The least length that joins all: the shortest ways first, none between what is joined (Kruskal 1956). */
    private static double least(List<Placed> lights) {
        Map<Placed, Placed> heads = new HashMap<>();
        record Way(Placed a, Placed b) {
            double length() {
                return a.at().distance(b.at());
            }
        }
        var ways = new ArrayList<Way>();
        for (var a : lights) {
            lights.forEach(b -> ways.add(new Way(a, b)));
        }
        ways.sort(Comparator.comparingDouble(Way::length));
        var sum = 0.0;
        for (var way : ways) {
            var a = head(heads, way.a);
            var b = head(heads, way.b);
            if (!a.equals(b)) {
                heads.put(a, b);
                sum += way.length();
            }
        }
        return sum;
    }

    private static Placed head(Map<Placed, Placed> heads, Placed of) {
        var out = of;
        while (heads.containsKey(out)) {
            out = heads.get(out);
        }
        return out;
    }

    @RepeatedTest(20)
    void lightsAreJoinedByTheLeastLengthAndTheSwitchWithTheNearest(RepetitionInfo nth) {
        var plan = scattered(new Random(nth.getCurrentRepetition()), 1 + 2 * nth.getCurrentRepetition());
        var group = LightGroup.on(LaidPlan.of(plan).all().getFirst().geometry()).getFirst();
        var links = group.links();
        var cord = group.switches().getFirst();
        assertThat(links).hasSize(group.lights().size());
        assertThat(links.getFirst().from()).isEqualTo(cord);
        assertThat(links.getFirst().to().at().distance(cord.at()))
                .isEqualTo(group.lights().stream()
                        .mapToDouble(l -> l.at().distance(cord.at()))
                        .min()
                        .orElseThrow());
        assertThat(links.stream()
                        .skip(1)
                        .mapToDouble(l -> l.from().at().distance(l.to().at()))
                        .sum())
                .isCloseTo(least(group.lights()), within(1e-6));
    }
}
