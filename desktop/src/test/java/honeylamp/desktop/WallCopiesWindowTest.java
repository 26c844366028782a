package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.desktop.workspace.Tool;
import honeylamp.plan.Position;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.util.Set;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Walls copied, cut out and pasted, as a person does it. */
class WallCopiesWindowTest {
    @Test
    void wallsAreCopiedFromStoreyToStoreyWithTheirOpenings() throws Exception {
        try (var w = WindowDriver.with(WallsWindowTest.house())) {
            WallsWindowTest.use(w, Tool.PICK_WALLS);
            w.key(KeyCode.CONTROL, KeyCode.A);
            w.key(KeyCode.CONTROL, KeyCode.C);
            w.key(KeyCode.ESCAPE);
            w.press("desk-storey");
            w.press("add-storey");
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.V);
            assertThat(w.plan().storeys().getLast().walls()).hasSize(5);
            assertThat(w.plan().storeys().getLast().openings()).hasSize(1);
            assertThat(w.plan().storeys().getLast().walls().getFirst().from()).isEqualTo(Position.ofMm(0, 0));
        }
    }

    @Test
    void wallsAreCutOutOfOnePlanAndPastedIntoAnother() throws Exception {
        try (var w = WindowDriver.with(WallsWindowTest.house())) {
            WallsWindowTest.use(w, Tool.PICK_WALLS);
            WallsWindowTest.pick(w, 0, 4);
            w.key(KeyCode.CONTROL, KeyCode.X);
            assertThat(WallsWindowTest.walls(w)).hasSize(3);
            assertThat(w.message()).contains("Ctrl+Z");
            WindowDriver.onScreen(() -> {
                w.model().open(Origin.of(PlanDocument.of(NewPlan.in(UnitSystem.FEET_INCHES))));
                return null;
            });
            WallsWindowTest.use(w, Tool.PICK_WALLS);
            w.key(KeyCode.CONTROL, KeyCode.V);
            assertThat(WallsWindowTest.walls(w)).hasSize(2);
            assertThat(w.plan().storeys().getFirst().openings()).hasSize(1);
            assertThat(w.plan()
                            .wallType(WallsWindowTest.walls(w).getFirst().type())
                            .thickness()
                            .mm())
                    .isEqualTo(300); // its own type came along
            assertThat(WallsWindowTest.picked(w)).isEqualTo(2);
        }
    }

    @Test
    void whatCannotBeCopiedIsNotCutAway() throws Exception {
        try (var w = WindowDriver.with(WallsWindowTest.house())) {
            WallsWindowTest.use(w, Tool.PICK_WALLS);
            WallsWindowTest.pick(w, 4);
            w.key(KeyCode.CONTROL, KeyCode.C);
            WindowDriver.onScreen(() -> {
                var opening =
                        w.model().now().currentStorey().openings().getFirst().id();
                w.model().pick(Set.of(opening));
                return null;
            });
            w.key(KeyCode.CONTROL, KeyCode.X);
            assertThat(w.plan().storeys().getFirst().openings()).hasSize(1);
            assertThat(w.message()).contains("openings come with their walls");
        }
    }
}
