package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ViewEdits;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** What can be done with labels and notes. */
record LabelTray(WorkspaceModel model) implements Content<LabelTray.Part> {
    /** What is shown: whether a name of the view was put elsewhere by hand. */
    record Part(boolean anyMoved) {}

    @Override
    public Part part(Workspace now) {
        return new Part(!now.view().moved().isEmpty());
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        out.add(
                Widgets.quiet(
                        "Room labels find the freest place by themselves; drag one where this view should have it. Write notes where you want more words; Pick and move takes them up again."));
        if (part.anyMoved()) {
            out.add(Widgets.button(
                    "Labels find their place again",
                    "names-back",
                    "Those that were put by hand in this view go where they find room",
                    () -> model.edit(
                            ViewEdits.namesBack(
                                    model.now().plan(), model.now().worked().view()),
                            "Put names back")));
        }
        return out;
    }
}
