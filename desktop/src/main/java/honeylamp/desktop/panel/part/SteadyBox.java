package honeylamp.desktop.panel.part;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/** A list that is made anew by what is worked out aside, but never under a button that is held down on it. */
public final class SteadyBox extends VBox {
    private boolean held;
    private Optional<List<Node>> next = Optional.empty();

    /** An empty list of this id. */
    public SteadyBox(String id) {
        super(4);
        setId(id);
        addEventFilter(MouseEvent.MOUSE_PRESSED, _ -> held = true);
        addEventFilter(MouseEvent.MOUSE_RELEASED, _ -> let());
        addEventFilter(MouseEvent.MOUSE_MOVED, _ -> let()); // a release elsewhere is not always told
    }

    /** Shows these nodes, once no button is held down here. */
    public void show(List<Node> nodes) {
        if (held) {
            next = Optional.of(nodes);
        } else {
            getChildren().setAll(nodes);
        }
    }

    private void let() {
        held = false;
        Platform.runLater(
                () -> { // after the release has done what it does
                    if (!held) {
                        next.ifPresent(getChildren()::setAll);
                        next = Optional.empty();
                    }
                });
    }
}
