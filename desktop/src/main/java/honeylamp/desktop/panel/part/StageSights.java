package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;

/** Kinds of things shown, faint, hidden and locked from beside their stage. */
public final class StageSights {
    private StageSights() {}

    /** Shows so much of a kind in the view worked on, or in all, as is chosen for changes of views. */
    public static void see(WorkspaceModel model, Kind kind, Degree degree) {
        var now = model.now();
        model.edit(
                ViewEdits.showing(
                        now.plan(),
                        now.worked().view(),
                        now.choices().presenting().reach(),
                        kind,
                        degree),
                "Change what is seen");
    }

    /** Locks a kind in the view worked on, or in all, or frees it. */
    public static void lock(WorkspaceModel model, Kind kind) {
        var now = model.now();
        model.edit(
                ViewEdits.lock(
                        now.plan(),
                        now.worked().view(),
                        now.choices().presenting().reach(),
                        kind),
                "Change what is locked");
    }
}
