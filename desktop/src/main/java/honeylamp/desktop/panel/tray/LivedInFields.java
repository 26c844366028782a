package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.View;
import honeylamp.takeoff.lived.LivedIn;
import javafx.scene.Node;

/** How much of daily life lies about in a view, and what of it becomes pieces of the plan. */
record LivedInFields(WorkspaceModel model) {
    private static final String ACTION = "Make it lived-in";

    /** What is told of a view. */
    record Part(ViewId view, double depth, double amount, boolean isPlan) {
        static Part of(View view) {
            return new Part(view.id(), view.depth(), view.livedIn(), view.isPlan());
        }
    }

    /** How far one seems to look down into the storey. */
    Node depth(Part part) {
        return Widgets.section(
                "Depth",
                Widgets.slider(
                        "Looking down from above",
                        "depth",
                        0,
                        1,
                        part.depth(),
                        (v, going) -> model.slide(
                                ViewEdits.depth(
                                        model.now().plan(),
                                        part.view(),
                                        model.now().choices().presenting().reach(),
                                        v),
                                "Give the plan depth",
                                going)),
                Widgets.quiet("Seen when lit; lines and words of the cut stay true."));
    }

    Node section(Part part) {
        var keep = Widgets.button(
                "Keep as pieces",
                "lived-in-keep",
                "What lies about becomes pieces that can be picked, moved and deleted",
                this::keep);
        keep.setDisable(part.amount() == 0 || !part.isPlan());
        return Widgets.section(
                "Lived in",
                Widgets.slider(
                        "From bare to lived in",
                        "lived-in",
                        0,
                        1,
                        part.amount(),
                        (v, going) -> model.slide(
                                ViewEdits.livedIn(
                                        model.now().plan(),
                                        part.view(),
                                        model.now().choices().presenting().reach(),
                                        v),
                                ACTION,
                                going)),
                keep);
    }

    private void keep() {
        var view = model.shown().view();
        var seen = LivedIn.at(LivedIn.all(view.storey().geometry()), view.view().livedIn());
        var kept = LivedIn.forPlan(seen);
        var with = FurnishingEdits.add(model.now().plan(), view.view().storey(), kept);
        model.edit(ViewEdits.livedIn(with, view.view().storey(), 0), "Keep what lies about as pieces");
    }
}
