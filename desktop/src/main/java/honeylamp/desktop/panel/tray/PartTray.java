package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.PartKinds.PartKind;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewPart;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** The fixed parts of the building, as pictures. */
record PartTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails) implements Content<PartTray.Part> {
    /** A kind, what it usually is on this storey, and whether it is put in next. */
    record Row(PartKind kind, Structure.Form usual, boolean next) {}

    /** What is shown. */
    record Part(List<Row> kinds) {}

    @Override
    public Part part(Workspace now) {
        return new Part(PartKinds.all().stream()
                .map(k -> new Row(
                        k,
                        PartKinds.usual(k, now.plan(), now.storey()),
                        now.tool() == Tool.PUT_IN_PART
                                && k.key().equals(now.choices().part().kind())))
                .toList());
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        for (var group : PartKinds.Group.values()) {
            var tiles = new FlowPane(8, 8);
            part.kinds().stream()
                    .filter(r -> r.kind().group() == group)
                    .forEach(r -> tiles.getChildren().add(tile(r)));
            out.add(Widgets.section(group.label(), tiles));
        }
        return out;
    }

    private Node tile(Row row) {
        var kind = row.kind();
        return Widgets.tile(
                kind.label(),
                "part-" + kind.key(),
                thumbnails.view(
                        "part-" + kind.key(), () -> Samples.of(row.usual()), Samples.sizeMm(row.usual()) * 1.08),
                row.next(),
                () -> take(model.now().choices().part().withKind(kind.key()), Tool.PUT_IN_PART));
    }

    private void take(NewPart part, Tool tool) {
        model.act(new Intent.ChooseWithin(model.now().choices().withPart(part)), new Intent.TakeUp(tool));
        window.focusPlan();
    }
}
