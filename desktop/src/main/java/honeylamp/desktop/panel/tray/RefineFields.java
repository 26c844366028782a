package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.sheet.Refining.Hint;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** What is still as it came, and what overwhelms; a press goes where it is changed. */
record RefineFields(WorkspaceModel model) {
    private static final double CLOSE_PX_PER_MM = 0.1;

    Node section(List<Hint> hints) {
        var box = new VBox(4);
        if (hints.isEmpty()) {
            var none = Widgets.quiet("Nothing is left as it came, and nothing overwhelms.");
            none.setId("refine-none");
            box.getChildren().add(none);
        }
        for (var i = 0; i < hints.size(); i++) {
            box.getChildren().add(jump(hints.get(i), i));
        }
        return Widgets.section("To refine", box);
    }

    private Button jump(Hint hint, int number) {
        var key = hint.kind().name().toLowerCase(Locale.ROOT);
        var button = Widgets.button(
                hint.sentence(), "refine-" + key + "-" + number, "Goes where it is changed", () -> show(hint));
        button.setWrapText(true);
        button.setMinHeight(Button.USE_PREF_SIZE);
        button.setMaxWidth(Double.MAX_VALUE);
        return button;
    }

    private void show(Hint hint) {
        hint.about().ifPresent(about -> {
            model.goTo(about.storey());
            model.act(new Intent.Show(
                    new Viewport(about.at(), Math.max(model.now().viewport().pxPerMm(), CLOSE_PX_PER_MM))));
        });
        model.go(stage(hint));
        hint.about().ifPresent(about -> model.pick(Set.of(about.element())));
        model.act(new Intent.Say(Said.news(hint.sentence())));
    }

    private static WorkStage stage(Hint hint) {
        return switch (hint.kind()) {
            case NAMES -> WorkStage.ROOMS;
            case FLOORS -> WorkStage.FINISHES;
            case TITLE -> WorkStage.SHEET;
            case NORTH -> WorkStage.SITE;
            case LOOK, STRENGTH, SHADE, LIVED_IN -> WorkStage.LOOK;
            case CLUTTER -> WorkStage.FURNISH;
        };
    }
}
