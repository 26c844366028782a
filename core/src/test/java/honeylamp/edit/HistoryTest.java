package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class HistoryTest {
    private static final Plan EMPTY = TestPlans.start().plan();

    /** Law: undo takes back the newest action, and redo does it again. */
    @Property(tries = 100, seed = "20261125")
    void undoAndRedoAreInverse(@ForAll long seed) {
        var random = new Random(seed);
        var history = History.of(EMPTY);
        for (var i = 0; i < 40; i++) {
            history = switch (random.nextInt(3)) {
                case 0 -> history.undo();
                case 1 -> history.redo();
                default -> history.then(EMPTY.withName("plan " + random.nextInt(5)), "name");
            };
            if (history.undoable().isPresent()) {
                assertThat(history.undo().redo()).isEqualTo(history);
            }
            if (history.redoable().isPresent()) {
                assertThat(history.redo().undo()).isEqualTo(history);
            }
        }
    }

    @Test
    void undoWalksBackThroughEveryPlan() {
        var history = History.of(EMPTY);
        List<Plan> plans = new ArrayList<>(List.of(EMPTY));
        for (var i = 0; i < 5; i++) {
            plans.add(EMPTY.withName("plan " + i));
            history = history.then(plans.getLast(), "action " + i);
        }
        assertThat(history.undoable()).contains("action 4");
        for (var plan : plans.reversed()) {
            assertThat(history.now()).isEqualTo(plan);
            history = history.undo();
        }
        assertThat(history.undo()).isSameAs(history);
        assertThat(history.redoable()).contains("action 0");
    }

    @Test
    void anActionWithoutEffectIsNone() {
        var history = History.of(EMPTY);
        assertThat(history.then(EMPTY.withName(EMPTY.name()), "nothing")).isSameAs(history);
    }

    @Test
    void aNewActionForgetsWhatWasTakenBack() {
        var history = History.of(EMPTY).then(EMPTY.withName("a"), "a").undo().then(EMPTY.withName("b"), "b");
        assertThat(history.redoable()).isEmpty();
        assertThat(history.redo()).isSameAs(history);
    }

    @Test
    void theOldestStepsAreLetGo() {
        var history = History.of(EMPTY);
        for (var i = 0; i < History.DEEPEST + 20; i++) {
            history = history.then(EMPTY.withName("plan " + i), "a");
        }
        assertThat(history.past()).hasSize(History.DEEPEST);
    }

    @Test
    void anAmendedActionIsStillOneAction() {
        var history = History.of(EMPTY).then(EMPTY.withName("a"), "slide");
        var amended = history.amended(EMPTY.withName("b")).amended(EMPTY.withName("c"));
        assertThat(amended.now().name()).isEqualTo("c");
        assertThat(amended.past()).hasSize(1);
        assertThat(amended.undo().now()).isEqualTo(EMPTY);
        assertThat(amended.undo().redo().now().name()).isEqualTo("c");
    }
}
