package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.body.StoreyBodies;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Outline;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.raised.CornerParts.Corner;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Shade in corners, seen from straight above where lengths are true. */
class CornerPartsTest {
    private static List<CornerParts.Step> steps(Plan plan) {
        var storey = TestPlans.laid(plan);
        var bodies = StoreyBodies.whole(storey, storey.storey().height().mm(), StoreyBodies.Below.DARK);
        var scene = new Scene(bodies, Projection.Parallel.turned(0, 90));
        return CornerParts.of(scene, SeenParts.of(scene));
    }

    private static Plan floored() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        return RoomEdits.mark(
                        plan, TestPlans.storey(plan), Position.ofMm(3000, 2000), "Living room", Finish.of("wide-oak"))
                .plan();
    }

    private static List<Double> areas(List<CornerParts.Step> steps, Corner corner) {
        return steps.stream()
                .filter(s -> s.corner() == corner)
                .map(s -> s.parts().stream().mapToDouble(Outline::area).sum())
                .sorted()
                .toList();
    }

    /** A room of 6 × 4 m: a strip of d along all walls covers 6·4 − (6 − 2d)(4 − 2d). */
    @Test
    void alongTheWallsOfARoom() {
        var plan = floored();
        var floor = areas(steps(plan), Corner.FLOOR);
        assertThat(floor).hasSize(4);
        var deep = new double[] {50, 120, 220, 350};
        for (var i = 0; i < deep.length; i++) {
            var expected = 6000.0 * 4000 - (6000 - 2 * deep[i]) * (4000 - 2 * deep[i]);
            assertThat(floor.get(i)).isCloseTo(expected, within(expected * 1e-3));
        }
        assertThat(areas(steps(plan), Corner.PIECE)).isEmpty();
    }

    /** About a piece it reaches a little beyond its feet; under it nothing is seen from above. */
    @Test
    void aboutAPiece() {
        var plan = TestPlans.with(floored(), "wardrobe", 1200, 600, 2000, 3000, 2000, 0);
        var piece = areas(steps(plan), Corner.PIECE);
        assertThat(piece).hasSize(2);
        // a strip of 70 mm around 1200 × 600 mm, its corners round
        assertThat(piece.get(1)).isCloseTo(2 * 70 * (1200 + 600) + Math.PI * 70 * 70, within(6000.0));
    }
}
