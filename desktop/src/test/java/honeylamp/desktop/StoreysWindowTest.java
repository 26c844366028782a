package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.plan.ElementId;
import honeylamp.plan.Storey;
import honeylamp.store.PlanDocument;
import java.util.Set;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Storeys in the real window: added, copied, seen through each other, and boundaries drawn by hand. */
class StoreysWindowTest {
    private static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(TestWalls.house()));
        w.show(3000, 2000, 8000);
        WindowDriver.onScreen(() -> {
            w.model().use(Tool.NAME_ROOMS);
            return null;
        });
        w.settle();
        return w;
    }

    @Test
    void aStoreyIsAddedNamedAndTheOneBelowSeenThroughIt() throws Exception {
        try (var w = house()) {
            w.press("desk-storey");
            w.press("add-storey");
            assertThat(w.plan().storeys()).hasSize(2);
            w.fill("storey-name", "Loft");
            w.fill("storey-level", "3 m");
            w.fill("storey-cut", "1400");
            var loft = w.plan().storeys().getLast();
            assertThat(loft.name()).isEqualTo("Loft");
            assertThat(loft.level().mm()).isEqualTo(3000);
            assertThat(loft.levels().cut().mm()).isEqualTo(1400);
            assertThat(WindowDriver.onScreen(() -> w.model().shown().ghost())).isEmpty();
            w.press("ghost-" + w.plan().storeys().getFirst().id().text());
            assertThat(WindowDriver.onScreen(() -> w.model().shown().ghost())).isNotEmpty();
            w.fill("ghost-across", "500");
            assertThat(WindowDriver.onScreen(() -> w.model()
                            .now()
                            .choices()
                            .ghost()
                            .orElseThrow()
                            .across()
                            .mm()))
                    .isEqualTo(500);
            w.press("storey-down");
            assertThat(w.plan().storeys()).extracting(Storey::name).first().isEqualTo("Loft");
            w.press("storey-delete");
            assertThat(w.plan().storeys()).hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys()).hasSize(2);
        }
    }

    @Test
    void pickedWallsGoToAnotherStorey() throws Exception {
        try (var w = house()) {
            w.press("desk-storey");
            w.press("add-storey");
            var ground = w.plan().storeys().getFirst();
            WindowDriver.onScreen(() -> {
                w.model().goTo(ground.id());
                w.model().use(Tool.PICK_WALLS);
                w.model()
                        .pick(Set.<ElementId>of(
                                ground.walls().get(0).id(),
                                ground.walls().get(1).id()));
                return null;
            });
            w.settle();
            WindowDriver.onScreen(() -> {
                var menu = (MenuButton) w.window().scene().lookup("#copy-picked");
                menu.getItems().getFirst().fire();
                return null;
            });
            w.settle();
            assertThat(w.plan().storeys().getLast().walls()).hasSize(2);
            assertThat(w.plan().storeys().getLast().openings()).hasSize(1);
        }
    }

    @Test
    void pickedWallsGoToSeveralStoreysAtOnce() throws Exception {
        try (var w = house()) {
            w.press("desk-storey");
            w.press("add-storey");
            w.press("add-storey");
            var ground = w.plan().storeys().getFirst();
            WindowDriver.onScreen(() -> {
                w.model().goTo(ground.id());
                w.model().use(Tool.PICK_WALLS);
                w.model().pick(Set.<ElementId>of(ground.walls().getFirst().id()));
                return null;
            });
            w.settle();
            var offered =
                    WindowDriver.onScreen(() -> ((MenuButton) w.window().scene().lookup("#copy-picked"))
                            .getItems().stream().map(MenuItem::getText).toList());
            assertThat(offered).hasSize(3).last().isEqualTo("All above");
            WindowDriver.onScreen(() -> {
                ((MenuButton) w.window().scene().lookup("#copy-picked"))
                        .getItems()
                        .getLast()
                        .fire();
                return null;
            });
            w.settle();
            assertThat(w.plan().storeys()).allMatch(s -> !s.walls().isEmpty());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getLast().walls()).isEmpty();
        }
    }

    /** The right room, 3,300 by 3,700 clear, is parted at x = 4,000. */
    @Test
    void aBoundaryPartsARoomAndGoesAgain() throws Exception {
        try (var w = house()) {
            w.press("tool-boundary");
            w.click(4000, 150);
            w.click(4000, 3850);
            w.key(KeyCode.ESCAPE);
            assertThat(WindowDriver.<Integer>onScreen(
                            () -> w.model().geometry().rooms().size()))
                    .isEqualTo(3);
            w.press("tool-name-rooms");
            w.click(4000, 2000);
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())
                            .iterator()
                            .next())
                    .isInstanceOf(ElementId.BoundaryId.class);
            w.key(KeyCode.DELETE);
            assertThat(WindowDriver.<Integer>onScreen(
                            () -> w.model().geometry().rooms().size()))
                    .isEqualTo(2);
            w.click(-700, 2000);
            assertThat(w.message()).contains("outside all walls");
        }
    }
}
