package honeylamp.survey;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.geometry.Point;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import org.junit.jupiter.api.Test;

class RoomWalkTest {
    private static final List<Position> WALK = List.of(
            Position.ofMm(0, 0),
            Position.ofMm(4000, 0),
            Position.ofMm(4000, 3000),
            Position.ofMm(0, 3000),
            Position.ofMm(0, 42));

    /** By hand: 13,958 mm walked, 42 mm too far north; each corner goes south by 42 mm times its share. */
    @Test
    void theErrorIsSpreadByTheLengthWalked() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, false, 0, 0, 4000, 0, 4000, 3000, 0, 3000, 0, 42)
                .plan();
        var closed = RoomWalk.close(plan, TestPlans.storey(plan), WALK);
        assertThat(closed).isInstanceOfSatisfying(RoomWalk.Result.Closed.class, c -> {
            var walls = c.plan().storeys().getFirst().walls();
            near(walls.get(0).to().point(), new Point(4000, -42 * 4000 / 13_958.0));
            near(walls.get(1).to().point(), new Point(4000, 3000 - 42 * 7000 / 13_958.0));
            near(walls.get(2).to().point(), new Point(0, 3000 - 42 * 11_000 / 13_958.0));
            assertThat(walls.get(3).to()).isEqualTo(Position.ORIGIN);
            assertThat(c.words()).contains("42 mm in 13.96 m (1:332)").contains("4 walls");
            assertThat(TestPlans.geometry(c.plan()).rooms()).hasSize(1);
        });
    }

    private static void near(Point a, Point b) {
        assertThat(a.distance(b)).isLessThan(1e-3);
    }

    @Test
    void aMissingWallIsNoError() {
        assertThat(RoomWalk.comesBack(WALK)).isTrue();
        assertThat(RoomWalk.comesBack(WALK.subList(0, 4))).isFalse();
    }

    @Test
    void waysHaveNamesAndTurnsAreShort() {
        assertThat(RoomWalk.compass(0)).isEqualTo("east");
        assertThat(RoomWalk.compass(-90)).isEqualTo("south");
        assertThat(RoomWalk.compass(500)).isEqualTo("north-west");
        assertThat(RoomWalk.turnShown(350, 20)).isEqualTo(30);
        assertThat(RoomWalk.turnShown(0, 270)).isEqualTo(-90);
    }
}
