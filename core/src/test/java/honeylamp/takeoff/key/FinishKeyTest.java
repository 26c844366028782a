package honeylamp.takeoff.key;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Oklch;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FinishKeyTest {
    /** Two rooms beside each other. */
    private static Plan rooms(Finish one, Finish other) {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 6000, 0, 6000, 3000, 0, 3000)
                .wall(3000, 0, 3000, 3000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(1500, 1500), "Bath", one)
                .plan();
        return RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(4500, 1500), "Hall", other)
                .plan();
    }

    private static List<String> words(Plan plan) {
        return FinishKey.entries(List.of(TestPlans.laid(plan))).stream()
                .map(FinishKey.Entry::words)
                .toList();
    }

    @Test
    void whatIsLaidAlikeIsListedOnceWithAllItsReasons() {
        var tile = Finish.of("tile-white");
        assertThat(words(
                        rooms(tile.withReason("easy to wash"), tile.turnedTo(90).withReason("stands wear"))))
                .containsExactly("Tile, white: easy to wash; stands wear");
    }

    @Test
    void theSameMaterialInAnotherPatternOrToneIsALineOfItsOwn() {
        var tile = Finish.of("tile-white");
        var stacked = tile.withLaying(Optional.of(Laying.of(new Pattern.Stack(), 75, 150, 2)));
        assertThat(words(rooms(tile, stacked))).containsExactly("Tile, white", "Tile, white, stack");
        assertThat(words(rooms(tile, tile.withTone(Optional.of(new Oklch(0.8, 0.05, 40))))))
                .hasSize(2);
    }
}
