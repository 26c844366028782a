package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.desktop.workspace.Tool;
import java.util.List;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/** The menu of the drawing: what the commands have for what is picked, and the tools of the stage. */
class PlanMenuTest {
    private static List<MenuItem> items() {
        return Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .map(ContextMenu.class::cast)
                .filter(m -> "plan-menu".equals(m.getId()))
                .flatMap(m -> m.getItems().stream())
                .toList();
    }

    private static List<String> ids() throws Exception {
        return WindowDriver.onScreen(() ->
                items().stream().map(MenuItem::getId).filter(id -> id != null).toList());
    }

    private static void open(WindowDriver w, double x, double y) throws Exception {
        w.key(KeyCode.ESCAPE); // the menu before
        w.clickSecond(x, y);
    }

    /** Where nothing lies. */
    private static void open(WindowDriver w) throws Exception {
        open(w, 14_500, 4000);
    }

    @Test
    void offersWhatCanBeDoneAndTheToolsOfTheStage() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            open(w);
            assertThat(ids())
                    .contains("menu-paste", "menu-pick-all", "menu-take-place-piece")
                    .doesNotContain("menu-delete", "menu-undo");
            var at = w.plan().storeys().getFirst().furnishings().getFirst().at().point();
            open(w, at.x(), at.y());
            assertThat(ids())
                    .contains("menu-about", "menu-delete", "menu-copy", "menu-duplicate")
                    .doesNotContain("menu-take-place-piece");
            WindowDriver.onScreen(() -> {
                items().stream()
                        .filter(i -> "menu-delete".equals(i.getId()))
                        .findFirst()
                        .orElseThrow()
                        .fire();
                return null;
            });
            assertThat(w.plan().storeys().getFirst().furnishings())
                    .hasSize(DemoDocument.made()
                                    .plan()
                                    .storeys()
                                    .getFirst()
                                    .furnishings()
                                    .size()
                            - 1);
            open(w);
            assertThat(ids()).contains("menu-undo");
            WindowDriver.onScreen(() -> {
                items().stream()
                        .filter(i -> "menu-take-place-piece".equals(i.getId()))
                        .findFirst()
                        .orElseThrow()
                        .fire();
                return null;
            });
            assertThat(WindowDriver.<Tool>onScreen(() -> w.model().now().tool()))
                    .isEqualTo(Tool.PLACE_PIECE);
        }
    }
}
