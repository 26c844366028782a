package honeylamp.desktop;

import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Fitting;
import honeylamp.store.PhotometricFile;
import honeylamp.takeoff.lighting.FittingTyping;
import honeylamp.takeoff.lighting.Photometry;
import java.nio.file.Path;
import java.util.List;

/** The light of fittings as it was measured, from files of their makers. */
record LightDesk(WorkspaceModel model, FileDialogs dialogs) {
    /** The lights that are picked shine as a file says. */
    void fromFile() {
        if (picked().isEmpty()) {
            model.complain("No light is picked. Pick the lights that a file tells of first.");
            return;
        }
        dialogs.openLight().ifPresent(this::taken);
    }

    private List<Fitting> picked() {
        var now = model.now();
        return now.currentStorey().fittings().stream()
                .filter(f -> f.kind().isLight() && now.selection().contains(f.id()))
                .toList();
    }

    private void taken(Path file) {
        switch (PhotometricFile.read(file)) {
            case Outcome.Done<Photometry>(var light) -> {
                var plan = model.now().plan();
                for (var fitting : picked()) {
                    FittingId id = fitting.id();
                    plan = FittingEdits.change(plan, model.now().storey(), id, f -> FittingTyping.measured(f, light));
                }
                model.edit(plan, "Take light from a file");
                model.say("The light is as " + file.getFileName() + " says: "
                        + light.light().lumen() + " lm, planes averaged.");
            }
            case Outcome.Refused<Photometry> no ->
                model.complain(file.getFileName() + ": " + no.sentence("No light was read"));
        }
    }
}
