package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised.Near;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Fittings in raised views: as large as they are, where they are. */
class FittingBodiesTest {
    private static final Fitting.On HANGING =
            new Fitting.Ceiling(Position.ofMm(2000, 1500), Optional.of(Length.ofMm(1800)));

    private static Plan room() {
        return TestPlans.clearRectangle(4000, 3000);
    }

    /** On the inner face of the lower wall, 1500 from its first end, 300 above the floor. */
    private static Fitting.On onWall(Plan plan) {
        return new Fitting.WallSide(TestPlans.wallId(plan, 0), Swing.LEFT, Length.ofMm(1500), Length.ofMm(300));
    }

    private static List<Body> fittings(List<Body> bodies) {
        return bodies.stream().filter(b -> b.kind() == Kind.FITTINGS).toList();
    }

    private static List<Body> inside(Plan plan) {
        return fittings(StoreyBodies.inside(TestPlans.laid(plan), new Point(1000, 1000), 0));
    }

    private static DoubleSummaryStatistics heights(Body body) {
        return body.facets().stream()
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .mapToDouble(p -> p.z())
                .summaryStatistics();
    }

    @Test
    void aPendantHangsFromTheCeilingAtItsHeight() {
        var plan = TestPlans.fitted(room(), FittingKind.PENDANT, HANGING);
        var body = inside(plan).getFirst();
        assertThat(body.of())
                .contains(plan.storeys().getFirst().fittings().getFirst().id());
        assertThat(heights(body).getMin()).isCloseTo(1800, within(1e-6));
        assertThat(heights(body).getMax())
                .isCloseTo(plan.storeys().getFirst().height().mm(), within(1e-6));
        assertThat(fittings(StoreyBodies.whole(TestPlans.laid(plan), 1200, StoreyBodies.Below.DARK)))
                .as("above the cut")
                .isEmpty();
    }

    /** A plate is 80 by 80 and 12 thick, before the face it is on. */
    @Test
    void aSocketIsAPlateOnItsWall() {
        var plan = TestPlans.fitted(room(), FittingKind.SOCKET_1, onWall(room()));
        var body = inside(plan).getFirst();
        assertThat(Boxes.volumeMm3(List.of(body))).isCloseTo(80 * 80 * 12, within(1.0));
        assertThat(heights(body).getMin()).isCloseTo(260, within(1e-6));
        assertThat(body.facets().stream().flatMap(f -> f.inSpace(f.outline().shell()).stream()))
                .allSatisfy(p -> assertThat(p.y()).isBetween(-1e-6, 12 + 1e-6));
    }

    /** In a cutaway a plate goes with the wall it is on. */
    @Test
    void whatIsOnAWallThatIsCutAwayIsNotThere() {
        var plan = TestPlans.fitted(room(), FittingKind.SOCKET_1, onWall(room()));
        LaidStorey storey = TestPlans.laid(plan);
        var room = storey.geometry().rooms().getFirst();
        assertThat(fittings(StoreyBodies.cutaway(storey, room, Near.GONE, new Point(0, -1), 0)))
                .as("the lower wall stands behind")
                .hasSize(1);
        assertThat(fittings(StoreyBodies.cutaway(storey, room, Near.GONE, new Point(0, 1), 0)))
                .isEmpty();
    }

    @Test
    void whatGoesInTheWorksIsNotThere() {
        var plan = TestPlans.fitted(room(), FittingKind.PENDANT, HANGING);
        var gone = plan.withStorey(
                TestPlans.storey(plan),
                s -> s.change(Fitting.class, s.fittings().getFirst().id(), f -> f.withWorks(Wall.Works.REMOVED)));
        assertThat(inside(gone)).isEmpty();
    }

    /** Every kind has a closed body between floor and ceiling, wherever it is put. */
    @ParameterizedTest
    @EnumSource(FittingKind.class)
    void everyKindHasABody(FittingKind kind) {
        for (var on : List.of(HANGING, onWall(room()), new Fitting.Floor(Position.ofMm(1500, 900), Length.ofMm(500)))) {
            var body = inside(TestPlans.fitted(room(), kind, on)).getFirst();
            assertThat(Boxes.volumeMm3(List.of(body))).as(kind + " " + on).isPositive();
            assertThat(heights(body).getMin()).isGreaterThanOrEqualTo(-1e-6);
            assertThat(heights(body).getMax()).isLessThanOrEqualTo(2600 + 1e-6);
        }
    }
}
