package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.fixed.FixedParts.End;
import honeylamp.derive.fixed.FixedParts.Flights;
import honeylamp.derive.fixed.OnStairs;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised.Inside;
import honeylamp.raised.Looking;
import honeylamp.raised.Projection;
import org.junit.jupiter.api.Test;

/** Walking up and down stairs. */
class WalkingInsideTest {
    private static LaidStorey lower(Plan plan) {
        return LaidPlan.of(plan).all().getFirst();
    }

    private static Flights stair(Plan plan) {
        return lower(plan).fixedParts().stairs().stream()
                .filter(s -> s.seen() == End.FOOT)
                .findFirst()
                .orElseThrow();
    }

    private static Plan standing(Plan plan, Point at, double towardsDeg) {
        var inside = new Inside(
                lower(plan).id(), Position.of(at), Inside.EYE_HIGH, (towardsDeg + 360) % 360, Inside.USUAL_ACROSS_DEG);
        return ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), inside, "Inside")
                .plan();
    }

    private static LaidView last(Plan plan) {
        return LaidPlan.of(plan).view(plan.presentation().views().getLast().id());
    }

    private static Inside inside(Plan plan) {
        return (Inside) last(plan).view().subject();
    }

    /** How high the eye is above the zero of the plan. */
    private static double eye(Plan plan) {
        var looking = Looking.of(last(plan), inside(plan)).orElseThrow();
        return ((Projection.Perspective) looking.projection()).eye().z();
    }

    /** From its foot one comes up step by step, each time higher, to the floor above, and down again the same way. */
    @Test
    void oneClimbsAStairAndComesDownAgain() {
        var plan = QuillbackLane.plan();
        var stair = stair(plan);
        var foot = stair.steps().spot(0);
        var now = standing(
                plan, foot.at().minus(foot.unit().times(300)), foot.unit().angleDeg());
        var high = eye(now);
        var steps = 0;
        while (inside(now).storey().equals(lower(plan).id())) {
            now = WalkingInside.step(last(now), 400).orThrow();
            if (inside(now).storey().equals(lower(plan).id())) {
                assertThat(eye(now)).as("step " + steps).isGreaterThanOrEqualTo(high);
                high = eye(now);
            }
            assertThat(steps++).isLessThan(60);
        }
        var upper = LaidPlan.of(plan).all().get(1);
        assertThat(inside(now).storey()).isEqualTo(upper.id());
        assertThat(eye(now)).isCloseTo(upper.storey().level().mm() + 1600, within(1e-6));
        assertThat(high).as("the last step is nearly there").isGreaterThan(eye(now) - 500);
        // turned around, and down
        var head = stair.steps().spot(stair.steps().walkMm());
        var view = last(now).view().id();
        var turned = inside(now).standing(inside(now).at(), head.unit().angleDeg() + 180);
        now = ViewEdits.lookedFrom(now, view, turned.eye()).orThrow();
        for (var i = 0; i < 60 && eye(now) > lower(plan).storey().level().mm() + 1600 + 1; i++) {
            now = WalkingInside.step(last(now), 400).orThrow();
        }
        assertThat(inside(now).storey()).isEqualTo(lower(plan).id());
        assertThat(eye(now)).isCloseTo(lower(plan).storey().level().mm() + 1600, within(1e-6));
        assertThat(inside(now).at().point().distance(foot.at())).isLessThan(400);
    }

    /** From the side a stair is in the way, and one is told what to do. */
    @Test
    void aStairIsNotEnteredFromItsSide() {
        var plan = QuillbackLane.plan();
        var steps = stair(plan).steps();
        var high = steps.spot(steps.walkMm() * 0.8);
        var beside = high.at().plus(high.unit().left().times(900));
        var far = steps.treads().stream().noneMatch(t -> t.outline().contains(beside))
                ? beside
                : high.at().minus(high.unit().left().times(900));
        var now = standing(plan, far, high.at().minus(far).angleDeg());
        assertThat(WalkingInside.step(last(now), 500).refusal().orElse(""))
                .containsAnyOf("from its foot", "wall is in the way");
        assertThat(OnStairs.floorMm(lower(plan).fixedParts(), far)).isZero();
    }

    /** A wall between is a wall, also where a stair stands behind it. */
    @Test
    void noStairIsReachedThroughAWall() {
        var plan = QuillbackLane.plan();
        var storey = lower(plan);
        var foot = stair(plan).steps().spot(100).at();
        var beyond = storey.geometry().rooms().stream()
                .filter(r -> !r.outline().contains(foot))
                .flatMap(r -> r.outline().shell().edges().stream()
                        .map(e -> e.middle().plus(e.unit().left().times(150))))
                .filter(p -> p.distance(foot) < 4000)
                .toList();
        assertThat(beyond).isNotEmpty().allSatisfy(from -> {
            var way = foot.minus(from);
            var crosses = storey.geometry().poche().stream()
                    .flatMap(o -> o.rings())
                    .flatMap(r -> r.edges().stream())
                    .anyMatch(e -> e.crossing(new Segment(from, foot)).isPresent());
            if (crosses) {
                var now = standing(plan, from, way.angleDeg());
                assertThat(WalkingInside.step(last(now), way.length()).refusal().orElse("went"))
                        .contains("a wall is in the way");
            }
        });
    }
}
