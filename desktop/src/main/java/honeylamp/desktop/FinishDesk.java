package honeylamp.desktop;

import honeylamp.catalogue.KeptFinish;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.KeptFile;
import java.nio.file.Path;
import java.util.List;

/** Finishes that go to others and come from them, in files. */
record FinishDesk(WorkspaceModel model, FileDialogs dialogs, Errands errands, Library<KeptFinish> kept) {
    void share() {
        if (kept.all().isEmpty()) {
            model.complain("You keep no finishes yet. Pick a surface, and keep its finish under a name.");
            return;
        }
        dialogs.shareFinishes("my-finishes.json")
                .ifPresent(file -> errands.follow(
                        Errands.work("Writing finishes", _ -> {
                            KeptFile.FINISHES.write(file, kept.all());
                            return file;
                        }),
                        _ -> model.say("Your finishes are in " + file.getFileName() + "."),
                        () -> model.say("Writing ended."),
                        e -> model.complain(
                                "The finishes were not written: " + Errands.reason(e) + ". Choose another place."),
                        () -> {}));
    }

    void bringIn() {
        dialogs.openFinishes()
                .ifPresent(file -> errands.follow(
                        Errands.work("Reading finishes", _ -> KeptFile.FINISHES.read(file)),
                        found -> keep(file, found),
                        () -> model.say("Reading ended."),
                        e -> model.complain("Nothing was brought in: " + Errands.reason(e)
                                + ". Choose a file of finishes that somebody shared."),
                        () -> {}));
    }

    /** One of the same name is replaced. */
    private void keep(Path file, List<KeptFinish> found) {
        for (var finish : found) {
            var wrong = kept.keep(finish);
            if (!wrong.isEmpty()) {
                model.complain(wrong);
                return;
            }
        }
        if (found.isEmpty()) {
            model.complain(file.getFileName() + " holds no finishes.");
        } else {
            model.say(found.size() + (found.size() == 1 ? " finish is" : " finishes are") + " yours now.");
        }
    }
}
