package honeylamp.desktop;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

/** The parts of the window that the keyboard goes round. */
record WindowRound(Scene scene) {
    private static final List<String> PARTS = List.of(
            "#plan",
            "#card",
            "#trail",
            "#tray",
            "#desk-edge",
            "#snags",
            "#snag-dock",
            "#contents-dock",
            "#guide",
            "#tour");

    /** The keyboard goes on to the next part of the window that takes it. */
    void next() {
        var parts = PARTS.stream().map(scene::lookup).toList();
        var at = 0;
        for (Node node = scene.getFocusOwner(); node != null; node = node.getParent()) {
            at = Math.max(at, parts.indexOf(node));
        }
        for (var i = 1; i <= parts.size(); i++) {
            var first = firstStop(parts.get((at + i) % parts.size()));
            if (first.isPresent()) {
                first.get().requestFocus();
                return;
            }
        }
    }

    private static Optional<Node> firstStop(Node node) {
        if (!node.isVisible() || node.isDisabled()) {
            return Optional.empty();
        }
        if (node.isFocusTraversable()) {
            return Optional.of(node);
        }
        return node instanceof Parent p
                ? p.getChildrenUnmodifiable().stream()
                        .flatMap(c -> firstStop(c).stream())
                        .findFirst()
                : Optional.empty();
    }
}
