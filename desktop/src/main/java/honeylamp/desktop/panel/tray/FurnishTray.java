package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.FurnishingKind;
import honeylamp.catalogue.Furnishings;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.sketch.Samples;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The pieces one can put in, found by word. */
final class FurnishTray implements Content<FurnishTray.Part> {
    private final WorkspaceModel model;
    private final WindowActions window;
    private final Thumbnails thumbnails;
    private String searched = "";

    FurnishTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails) {
        this.model = model;
        this.window = window;
        this.thumbnails = thumbnails;
    }

    /** What is shown: the piece that is put in next, by its key; empty if none is. */
    record Part(Optional<String> placing) {}

    @Override
    public Part part(Workspace now) {
        return new Part(Optional.of(now.choices().furnishing()).filter(_ -> now.tool() == Tool.PLACE_PIECE));
    }

    @Override
    public List<Node> nodes(Part part) {
        var search = new TextField(searched);
        search.setId("furnish-search");
        search.setPromptText("Find a piece");
        search.setAccessibleText("Find a piece");
        var groups = new VBox(12);
        fillGroups(groups, part);
        search.textProperty().subscribe(text -> {
            searched = text;
            fillGroups(groups, part(model.now()));
        });
        return List.of(search, groups);
    }

    private void fillGroups(VBox groups, Part part) {
        groups.getChildren().clear();
        for (var group : FurnishingKind.Group.values()) {
            var tiles = new FlowPane(8, 8);
            for (var kind : Furnishings.all()) {
                if (kind.group() == group && matches(kind)) {
                    tiles.getChildren()
                            .add(Widgets.tile(
                                    kind.label(),
                                    "piece-" + kind.key(),
                                    thumbnails.view(kind.key(), () -> Samples.of(kind), Samples.sizeMm(kind) * 1.06),
                                    part.placing().equals(Optional.of(kind.key())),
                                    () -> place(kind)));
                }
            }
            if (!tiles.getChildren().isEmpty()) {
                groups.getChildren().add(Widgets.section(group.label(), tiles));
            }
        }
    }

    private boolean matches(FurnishingKind kind) {
        return kind.label().toLowerCase(Locale.ROOT).contains(searched.strip().toLowerCase(Locale.ROOT));
    }

    private void place(FurnishingKind kind) {
        model.act(
                new Intent.ChooseWithin(model.now().choices().withFurnishing(kind.key())),
                new Intent.TakeUp(Tool.PLACE_PIECE));
        window.focusPlan();
    }
}
