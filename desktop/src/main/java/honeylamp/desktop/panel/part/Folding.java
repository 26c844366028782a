package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Sections that fold at their headings. */
public final class Folding {
    private Folding() {}

    /** A section that stays folded for all things like it, until it is opened. */
    public static Node section(WorkspaceModel model, String heading, Node... nodes) {
        var round = model.now().choices().round();
        var isFolded = round.folded().contains(heading);
        var title = Widgets.button(
                (isFolded ? "\u25b8 " : "\u25be ") + heading,
                "fold-" + heading.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                isFolded ? "Opens what belongs to it" : "Folds what belongs to it away",
                () -> model.chooseWithin(model.now().choices().withRound(round.folding(heading))));
        title.getStyleClass().add("fold");
        var box = new VBox(6, title);
        box.getStyleClass().add("section");
        if (!isFolded) {
            box.getChildren().addAll(nodes);
        }
        return box;
    }
}
