package honeylamp.desktop;

import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.files.FileDialogs.Changed;
import honeylamp.desktop.files.FileDialogs.Unsaved;
import honeylamp.output.Printing;
import honeylamp.output.Progress;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Files a test answers dialogs with. */
final class Answers implements FileDialogs {
    Optional<Path> plan = Optional.empty();
    Optional<Path> picture = Optional.empty();
    Optional<Path> sheet = Optional.empty();
    Optional<Path> survey = Optional.empty();
    Optional<Path> model = Optional.empty();
    Unsaved unsaved = Unsaved.STAY;
    Changed changed = Changed.STAY;
    int asked;
    Printing.Came printed = Printing.Came.PRINTED;
    volatile byte[] toPrint = new byte[0];
    Optional<Path> revealed = Optional.empty();

    @Override
    public Printing.Came print(Path pdf, String name, Progress progress) throws IOException {
        toPrint = Files.readAllBytes(pdf);
        return printed;
    }

    @Override
    public void reveal(Path file) {
        revealed = Optional.of(file);
    }

    @Override
    public Optional<Path> openPlan() {
        return plan;
    }

    @Override
    public Optional<Path> savePlan(String suggestedName) {
        return plan;
    }

    @Override
    public Optional<Path> openPicture() {
        return picture;
    }

    @Override
    public Optional<Path> openModel() {
        return model;
    }

    @Override
    public Optional<Path> openSurvey() {
        return survey;
    }

    @Override
    public Optional<Path> exportSheet(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> exportSchedules(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> shareFinishes(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> openFinishes() {
        return sheet;
    }

    @Override
    public Optional<Path> shareLooks(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> openLooks() {
        return sheet;
    }

    @Override
    public Optional<Path> openLight() {
        return sheet;
    }

    @Override
    public Optional<Path> clientPage(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> model(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> openRemarks() {
        return sheet;
    }

    @Override
    public Optional<Path> packFolder() {
        return sheet;
    }

    @Override
    public Optional<Path> shareRecipes(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> openRecipes() {
        return sheet;
    }

    @Override
    public Optional<Path> sharePieces(String suggestedName) {
        return sheet;
    }

    @Override
    public Optional<Path> openPieces() {
        return sheet;
    }

    @Override
    public Optional<Path> openDrawing() {
        return picture;
    }

    @Override
    public Changed changedOnDisk(Path file) {
        asked++;
        return changed;
    }

    @Override
    public Unsaved unsaved(String planName) {
        asked++;
        return unsaved;
    }
}
