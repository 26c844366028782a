package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.body.StoreyBodies;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Where things are seen best, from straight above where lengths are true. */
class SeenSpotsTest {
    /** Of a room 6 × 4 m with a bed over its left half the middle of the right half is farthest from all else. */
    @Test
    void farthestFromAllElse() {
        var bare = TestPlans.clearRectangle(6000, 4000);
        var named = RoomEdits.mark(
                        bare, TestPlans.storey(bare), Position.ofMm(5000, 2000), "Living room", Finish.of("wide-oak"))
                .plan();
        var plan = TestPlans.with(named, "wardrobe", 2000, 4000, 900, 1000, 2000, 0);
        var storey = TestPlans.laid(plan);
        var projection = Projection.Parallel.turned(0, 90);
        var scene = new Scene(StoreyBodies.whole(storey, 2500, StoreyBodies.Below.DARK), projection);
        var room = plan.storeys().getFirst().rooms().getFirst().id();
        var piece = plan.storeys().getFirst().furnishings().getFirst().id();
        var spots = SeenSpots.of(scene, Set.of(room, piece));
        var floor = spots.get(room);
        // what is left of the floor is a square 4 m wide
        assertThat(floor.at().distance(new Point(4000, 2000))).isLessThan(60);
        assertThat(floor.area()).isCloseTo(4000.0 * 4000, within(0.02 * 4000 * 4000));
        assertThat(spots.get(piece).area()).isCloseTo(2000.0 * 4000, within(0.03 * 2000 * 4000));
        assertThat(SeenSpots.of(scene, Set.of())).isEmpty();
    }

    @Test
    void whatIsHiddenHasNone() {
        var plan = TestPlans.with(TestPlans.clearRectangle(6000, 4000), "wardrobe", 1000, 600, 500, 3000, 3600, 0);
        var storey = TestPlans.laid(plan);
        var piece = plan.storeys().getFirst().furnishings().getFirst().id();
        var bodies = StoreyBodies.whole(storey, 2500, StoreyBodies.Below.DARK);
        var fromNorth = new Scene(bodies, Projection.Parallel.turned(180, 10)); // the north wall stands before it
        assertThat(SeenSpots.of(fromNorth, Set.of(piece))).isEmpty();
        var fromSouth = new Scene(bodies, Projection.Parallel.turned(0, 89));
        assertThat(SeenSpots.of(fromSouth, Set.of(piece))).containsKey(piece);
    }
}
