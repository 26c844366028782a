package honeylamp.desktop;

import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Plan;
import honeylamp.store.PhotometricFile;
import honeylamp.takeoff.lighting.FittingTyping;
import honeylamp.takeoff.lighting.Photometry;
import honeylamp.takeoff.lighting.StarterLights;
import java.nio.file.Path;
import java.util.List;

/** Lights that are proposed, and the light of fittings as it was measured, from files of their makers. */
record LightDesk(WorkspaceModel model, FileDialogs dialogs, Errands errands) {
    /** The lights that are picked shine as a file says. */
    void fromFile() {
        if (picked().isEmpty()) {
            model.complain("No light is picked. Pick the lights that a file tells of first.");
            return;
        }
        dialogs.openLight().ifPresent(this::taken);
    }

    /** Rooms of the storey worked on that have no lights get some. */
    void first() {
        var asked = model.now().plan();
        var storey = model.shown().storey();
        errands.follow(
                Errands.work("Placing first lights", progress -> StarterLights.of(asked, storey, progress::at)),
                proposed -> placed(asked, proposed),
                () -> model.say("Ended; no light was put in."),
                e -> model.complain("No lights could be placed: " + Errands.reason(e) + "."),
                () -> {});
    }

    private void placed(Plan asked, Plan proposed) {
        if (model.now().plan() != asked) {
            model.complain("The plan was changed while lights were being placed. Ask for first lights once more.");
        } else if (proposed.equals(asked)) {
            model.complain(
                    "Every room of this storey has a light already. Delete those of a room to have it proposed anew.");
        } else {
            model.edit(proposed, "First lights");
        }
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
