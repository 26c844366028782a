package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ViewEdits;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** What can be done with dimensions. */
record DimensionTray(WorkspaceModel model) implements Content<DimensionTray.Part> {
    /** What is shown: whether a tier of the view was put elsewhere by hand. */
    record Part(boolean anyMoved) {}

    @Override
    public Part part(Workspace now) {
        return new Part(!now.view().movedTiers().isEmpty());
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        out.add(
                Widgets.quiet(
                        "Overall and opening tiers follow the plan on all four sides; drag a tier nearer or farther for this view. New dimension measures between two points; Change a length types over a number or the clear size of a room."));
        if (part.anyMoved()) {
            out.add(Widgets.button(
                    "Tiers where they usually lie",
                    "tiers-back",
                    "Those that were dragged in this view go back to their places",
                    () -> model.edit(
                            ViewEdits.tiersBack(
                                    model.now().plan(), model.now().worked().view()),
                            "Put tiers back")));
        }
        return out;
    }
}
