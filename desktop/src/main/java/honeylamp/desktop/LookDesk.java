package honeylamp.desktop;

import honeylamp.catalogue.KeptLook;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.KeptFile;

/** Looks that go to others and come from them, in files. */
record LookDesk(WorkspaceModel model, FileDialogs dialogs, Errands errands, Library<KeptLook> kept) {
    private SharingDesk<KeptLook> sharing() {
        return new SharingDesk<>(
                model,
                errands,
                kept,
                KeptFile.LOOKS,
                "look",
                "looks",
                "In Light, keep the look of a view under a name.");
    }

    void share() {
        if (sharing().has()) {
            sharing().share(dialogs.shareLooks("my-looks.json"));
        }
    }

    void bringIn() {
        sharing().bringIn(dialogs.openLooks());
    }
}
