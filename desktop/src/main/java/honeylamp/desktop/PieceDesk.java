package honeylamp.desktop;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.files.FileNames;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnPieces;
import honeylamp.output.Progress;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.SmallPicture;
import honeylamp.plan.Stand;
import honeylamp.store.KeptFile;
import honeylamp.store.PictureImport;
import honeylamp.store.SmallPictures;
import honeylamp.store.SvgPiece;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Own pieces that come from drawings, go to others and come from them, in files. */
record PieceDesk(WorkspaceModel model, FileDialogs dialogs, Errands errands, Library<OwnPiece> kept) {
    /** An SVG drawing of a piece is read, and is in hand to be placed. */
    void fromDrawing() {
        dialogs.openDrawing()
                .ifPresent(file -> errands.follow(
                        Errands.work("Reading the drawing", progress -> piece(file, progress)),
                        this::inHand,
                        () -> model.say("Ended; no piece was made."),
                        e -> model.complain("No piece was made: " + Errands.reason(e)
                                + ". Choose an SVG drawing of the piece as seen from above."),
                        () -> {}));
    }

    private OwnPiece piece(Path file, Progress progress) throws IOException, Progress.Cancelled {
        var own = model.now().choices().own();
        var parts = SvgPiece.read(file, own.drawingWidth(), own.style().top(), progress);
        var name = FileNames.named(file);
        var plain = name.isBlank() ? "Drawing" : name.substring(0, Math.min(name.length(), OwnPiece.LONGEST));
        return switch (OwnPieces.drawn(plain, Stand.FREE, parts)) {
            case Outcome.Done<OwnPiece>(var made) -> made;
            case Outcome.Refused<OwnPiece> no -> throw new IOException(no.why());
        };
    }

    /** A picture of the real thing goes to all pieces that are picked now. */
    void picture() {
        var now = model.now();
        var ids = now.currentStorey().furnishings().stream()
                .map(Furnishing::id)
                .filter(now.selection()::contains)
                .toList();
        if (ids.isEmpty()) {
            model.complain("No piece is picked. Pick one, then choose a picture of it.");
            return;
        }
        dialogs.openPicture()
                .ifPresent(file -> errands.follow(
                        Errands.work("Reading the picture", progress -> small(file, progress)),
                        picture -> shown(ids, picture),
                        () -> model.say("Ended; no picture was taken."),
                        e -> model.complain("No picture was taken: " + Errands.reason(e) + "."),
                        () -> {}));
    }

    private static SmallPicture small(Path file, Progress progress) throws IOException, Progress.Cancelled {
        return switch (PictureImport.read(file, PictureImport.Notes.LEFT_OUT, progress)) {
            case PictureImport.Result.Good good -> SmallPictures.of(good.bytes());
            case PictureImport.Result.Pages(var pages) -> {
                try {
                    yield SmallPictures.of(pages.page(0, progress).png());
                } finally {
                    pages.close();
                }
            }
            case PictureImport.Result.Refused(var problem) -> throw new IOException(problem.sentence());
        };
    }

    private void shown(List<FurnishingId> ids, SmallPicture picture) {
        model.edit(
                FurnishingEdits.picture(model.now().plan(), model.now().storey(), ids, Optional.of(picture)),
                "Take picture of piece");
    }

    private void inHand(OwnPiece piece) {
        model.act(
                new Intent.ChooseWithin(model.now().choices().placing(Furnishings.of(piece))),
                new Intent.TakeUp(Tool.PLACE_PIECE),
                new Intent.Say(Said.news("\"" + piece.name()
                        + "\" is in hand. Click where it stands; keep it among your things on its card.")));
    }

    private SharingDesk<OwnPiece> sharing() {
        return new SharingDesk<>(
                model, errands, kept, KeptFile.PIECES, "own piece", "own pieces", "Draw one, and keep it on its card.");
    }

    void share() {
        if (sharing().has()) {
            sharing().share(dialogs.sharePieces("my-things.json"));
        }
    }

    void bringIn() {
        sharing().bringIn(dialogs.openPieces());
    }
}
