package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.Lamplit;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.store.PlanDocument;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;

/** Lengths in feet and inches are longer to read: nothing in the window is cut for that. */
class FeetAndInchesWindowTest {
    /** Fields of lengths and numbers whose text is wider than what they show of it; others hold words, which scroll. */
    private static List<String> cutFields(Node node) {
        var out = new ArrayList<String>();
        if (node instanceof TextField field && field.getParent().getStyleClass().contains("field-row")) {
            var text = new Text(field.getText());
            text.setFont(field.getFont());
            var room = field.getWidth()
                    - field.getInsets().getLeft()
                    - field.getInsets().getRight();
            if (text.getLayoutBounds().getWidth() > room) {
                out.add(field.getId() + ": " + field.getText());
            }
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> out.addAll(cutFields(child)));
        }
        return out;
    }

    private static ScrollPane tray(WindowDriver w) {
        return (ScrollPane) w.window().scene().lookup("#tray .scroll-pane");
    }

    /** The smallest things that cannot be as narrow as they must be. */
    private static List<String> wider(Node node, double width) {
        var out = new ArrayList<String>();
        if (node.isManaged() && node.minWidth(-1) > width + 0.5) {
            if (node instanceof Parent parent) {
                parent.getChildrenUnmodifiable().forEach(child -> out.addAll(wider(child, width)));
            }
            if (out.isEmpty()) {
                out.add(
                        node instanceof Parent parent
                                ? parent.getChildrenUnmodifiable().toString()
                                : node.toString());
            }
        }
        return out;
    }

    private static void fits(WindowDriver w, String as) throws Exception {
        WindowDriver.onScreen(() -> {
            var tray = tray(w);
            var width = tray.getViewportBounds().getWidth();
            assertThat(wider(tray.getContent(), width)).as(as).isEmpty();
            assertThat(cutFields(tray.getContent())).as(as).isEmpty();
            return null;
        });
        w.settle();
        var until = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        var cut = w.cutWords();
        while (!cut.isEmpty() && System.nanoTime() < until) {
            w.settle(); // words beside the tray are laid out later
            cut = w.cutWords();
        }
        assertThat(cut).as(as).isEmpty();
    }

    @Test
    void noTrayIsWiderThanItsPlace() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(Lamplit.quillbackLane()))) {
            for (var stage : WorkStage.values()) {
                w.press("stage-" + stage.label().toLowerCase(Locale.ROOT).replace(' ', '-'));
                fits(w, stage.name());
            }
            w.press("stage-lighting");
            w.press("lighting-show-rules");
            fits(w, "rules of lighting");
        }
    }
}
