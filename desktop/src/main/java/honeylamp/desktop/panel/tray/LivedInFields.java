package honeylamp.desktop.panel.tray;

import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.takeoff.lived.LivedIn;
import javafx.scene.Node;

/** How much of daily life lies about in a view, and what of it becomes pieces of the plan. */
record LivedInFields(WorkspaceModel model) {
    private static final String ACTION = "Make it lived-in";

    /** How far one seems to look down into the storey. */
    Node depth(LaidView view) {
        return Widgets.section(
                "Depth",
                Widgets.slider(
                        "Looking down from above",
                        "depth",
                        0,
                        1,
                        view.view().depth(),
                        (v, going) -> model.slide(
                                ViewEdits.depth(
                                        model.now().plan(),
                                        view.view().id(),
                                        model.now().choices().presenting().reach(),
                                        v),
                                "Give the plan depth",
                                going)),
                Widgets.quiet("Seen when lit; lines and words of the cut stay true."));
    }

    Node section(LaidView view) {
        var amount = view.view().livedIn();
        var keep = Widgets.button(
                "Keep as pieces",
                "lived-in-keep",
                "What lies about becomes pieces that can be picked, moved and deleted",
                () -> keep(view));
        keep.setDisable(amount == 0 || !view.view().isPlan());
        return Widgets.section(
                "Lived in",
                Widgets.slider(
                        "From bare to lived in",
                        "lived-in",
                        0,
                        1,
                        amount,
                        (v, going) -> model.slide(
                                ViewEdits.livedIn(
                                        model.now().plan(),
                                        view.view().id(),
                                        model.now().choices().presenting().reach(),
                                        v),
                                ACTION,
                                going)),
                keep);
    }

    private void keep(LaidView view) {
        var seen = LivedIn.at(LivedIn.all(view.storey().geometry()), view.view().livedIn());
        var kept = LivedIn.forPlan(seen);
        var with = FurnishingEdits.add(model.now().plan(), view.view().storey(), kept);
        model.edit(ViewEdits.livedIn(with, view.view().storey(), 0), "Keep what lies about as pieces");
    }
}
