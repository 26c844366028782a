package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.body.Body;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Near;
import honeylamp.plan.Raised.Rays;
import honeylamp.plan.Showing.Kind;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeptBodiesTest {
    private static final Eye SOUTH_WEST = eye(30);
    private static final Length CUT = Length.ofMm(1200);

    private final GeometryCache cache = new GeometryCache();
    private final KeptBodies kept = new KeptBodies();

    private static Eye eye(double turnDeg) {
        return new Eye(Rays.PARALLEL, turnDeg, 36);
    }

    /** A room of 4 by 3 m with a table in it, seen raised. */
    private static Plan room(Near near) {
        var with = TestPlans.with(TestPlans.clearRectangle(4000, 3000), "dining-table", 1200, 800, 750, 2000, 1500, 0);
        var storey = TestPlans.storey(with);
        return ViewEdits.raised(
                        with,
                        with.presentation().views().getFirst().id(),
                        new Raised.WholeStorey(storey, CUT, near, SOUTH_WEST),
                        "Raised")
                .plan();
    }

    private static ViewId id(Plan plan) {
        return plan.presentation().views().getLast().id();
    }

    private LaidView view(Plan plan) {
        return cache.laidOut(plan).view(id(plan));
    }

    private List<Body> bodies(Plan plan) {
        return SeenThings.of(view(plan), kept).bodies();
    }

    private static Plan from(Plan plan, Eye eye) {
        return ViewEdits.lookedFrom(plan, id(plan), eye).orThrow();
    }

    @Test
    void fromAnotherSideTheSameBodiesAreSeen() {
        var plan = room(Near.STANDING);
        var first = bodies(plan);
        var second = bodies(from(plan, eye(200)));
        assertThat(first).hasSizeGreaterThan(2);
        assertThat(second).hasSameSizeAs(first);
        for (var i = 0; i < first.size(); i++) {
            assertThat(second.get(i)).isSameAs(first.get(i));
        }
    }

    @Test
    void overOtherNearWallsOnlyWallsAreMadeAnew() {
        var plan = room(Near.GONE);
        var first = bodies(plan);
        var second = bodies(from(plan, eye(210)));
        var same = second.stream()
                .filter(b -> first.stream().anyMatch(f -> f == b))
                .toList();
        assertThat(same).isNotEmpty();
        assertThat(same).noneMatch(b -> b.kind() == Kind.WALLS);
        // as one who looks for the first time sees it
        assertThat(second).isEqualTo(SeenThings.of(view(from(plan, eye(210)))).bodies());
        assertThat(second).isNotEqualTo(first);
    }

    @Test
    void whatIsBuiltOtherwiseIsSeenOtherwise() {
        var plan = room(Near.STANDING);
        bodies(plan);
        var storey = plan.storeys().getFirst();
        var moved = plan.withStorey(
                storey.id(),
                s -> s.with(
                        Furnishing.class,
                        s.furnishings().stream()
                                .map(f -> f.withAt(Position.ofMm(1500, 1500)))
                                .toList()));
        assertThat(bodies(moved))
                .isEqualTo(SeenThings.of(LaidPlan.of(moved).view(id(moved))).bodies());
        assertThat(bodies(moved)).isNotEqualTo(bodies(plan));
    }

    @Test
    void cutHigherMoreOfItStands() {
        var plan = room(Near.STANDING);
        var low = bodies(plan);
        var higher = ViewEdits.cutAt(plan, id(plan), Length.ofMm(2000)).orThrow();
        assertThat(bodies(higher)).isNotEqualTo(low);
    }
}
