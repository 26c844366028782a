package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.units.Rounding;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** What can be done with dimensions. */
record DimensionTray(WorkspaceModel model) implements Content<DimensionTray.Part> {
    /**
     * What is shown.
     *
     * @param anyMoved whether a tier of the view was put elsewhere by hand
     */
    record Part(boolean anyMoved, Rounding rounding) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                !now.view().movedTiers().isEmpty(),
                Rounding.to(now.plan().units(), now.plan().roundedTo()));
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        out.add(
                Widgets.quiet(
                        "Overall and opening tiers follow the plan on all four sides; drag a tier nearer or farther for this view. New dimension measures between two points; Change a length types over a number or the clear size of a room."));
        var system = part.rounding().system();
        var steps = Rounding.steps(system);
        out.add(Widgets.section(
                "Shown lengths",
                Widgets.menu(
                        "Rounded to " + part.rounding().words(),
                        "rounded-to",
                        "What lengths on the drawing are whole multiples of; they still add up, and nothing in the plan changes",
                        steps.stream().map(s -> new Rounding(system, s).words()).toList(),
                        i -> model.edit(PlanEdits.rounded(model.now().plan(), steps.get(i)), "Round shown lengths"))));
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
