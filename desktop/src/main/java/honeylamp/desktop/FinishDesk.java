package honeylamp.desktop;

import honeylamp.catalogue.KeptFinish;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.files.FileNames;
import honeylamp.desktop.gesture.place.LayFinish;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.output.Progress;
import honeylamp.plan.FacePicture;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.store.KeptFile;
import honeylamp.store.PictureImport;
import honeylamp.underlay.FaceTones;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/** Finishes that go to others and come from them, in files. */
record FinishDesk(WorkspaceModel model, FileDialogs dialogs, Errands errands, Library<KeptFinish> kept) {
    /** A picture of a material is read, and is in hand to be laid. */
    void fromPicture() {
        dialogs.openPicture()
                .ifPresent(file -> errands.follow(
                        Errands.work("Reading the picture", progress -> face(file, progress)),
                        this::inHand,
                        () -> model.say("Ended; no finish was made."),
                        e -> model.complain("No finish was made: " + Errands.reason(e)
                                + ". Choose a photograph of the material as PNG or JPEG."),
                        () -> {}));
    }

    private FacePicture face(Path file, Progress progress) throws IOException, Progress.Cancelled {
        return switch (PictureImport.read(file, PictureImport.Notes.LEFT_OUT, progress)) {
            case PictureImport.Result.Good(var _, var _, var picture, var _) ->
                FaceTones.of(picture, FileNames.named(file), firstWidth());
            case PictureImport.Result.Pages(var pages) -> {
                pages.close();
                throw new IOException(file.getFileName() + " holds pages");
            }
            case PictureImport.Result.Refused(var problem) -> throw new IOException(problem.what());
        };
    }

    private Length firstWidth() {
        return model.now().plan().units().isMetric() ? Length.ofMm(1000) : Length.ofInches(36);
    }

    private void inHand(FacePicture face) {
        var chosen = model.now().choices().material();
        var laying = Materials.of(chosen).map(Material::laying).orElseGet(Laying::seamless);
        var finish = Finish.of(chosen).withLaying(Optional.of(laying.withFace(Optional.of(face))));
        model.act(
                new Intent.TakeUp(Tool.LAY_FINISH),
                new Intent.Begin(LayFinish.of(finish)),
                new Intent.Say(Said.news("\"" + face.name()
                        + "\" is in hand. Click where it lies, then type on the card how wide it truly is.")));
    }

    private SharingDesk<KeptFinish> sharing() {
        return new SharingDesk<>(
                model,
                errands,
                kept,
                KeptFile.FINISHES,
                "finish",
                "finishes",
                "Pick a surface, and keep its finish under a name.");
    }

    void share() {
        if (sharing().has()) {
            sharing().share(dialogs.shareFinishes("my-finishes.json"));
        }
    }

    void bringIn() {
        sharing().bringIn(dialogs.openFinishes());
    }
}
