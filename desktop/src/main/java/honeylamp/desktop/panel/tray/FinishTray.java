package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Materials;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.sketch.Samples;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** The finishes for floors, as pictures. */
record FinishTray(WorkspaceModel model, Thumbnails thumbnails) implements Content<FinishTray.Part> {
    /** What is shown: the one that is laid next, by its key. */
    record Part(String material) {}

    @Override
    public Part part(Workspace now) {
        return new Part(now.choices().material());
    }

    @Override
    public List<Node> nodes(Part part) {
        var tiles = new FlowPane(8, 8);
        for (var material : Materials.all()) {
            var picture = thumbnails.view(material.key(), () -> Samples.of(material, 1850), 1850 / 50.0);
            tiles.getChildren()
                    .add(Widgets.tile(
                            material.label(),
                            "finish-" + material.key(),
                            picture,
                            material.key().equals(part.material()),
                            () -> model.choose(model.now().choices().withMaterial(material.key()))));
        }
        return List.of(tiles);
    }
}
