package honeylamp.desktop.files;

import honeylamp.desktop.files.FileDialogs.Changed;
import honeylamp.desktop.files.FileDialogs.Unsaved;
import honeylamp.output.Printing;
import honeylamp.output.Progress;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/** The dialogs of the window system. */
public final class WindowDialogs implements FileDialogs {
    private final Window owner;
    private final Consumer<String> shower;

    /**
     * Dialogs over a window.
     *
     * @param shower shows what is at an address, as the system does
     */
    public WindowDialogs(Window owner, Consumer<String> shower) {
        this.owner = owner;
        this.shower = shower;
    }

    @Override
    public Printing.Came print(Path pdf, String name, Progress progress) throws IOException, Progress.Cancelled {
        return Printing.dialog(pdf, name, progress);
    }

    @Override
    public void reveal(Path file) {
        var folder = file.toAbsolutePath().getParent();
        shower.accept((folder == null ? file : folder).toUri().toString());
    }

    @Override
    public Optional<Path> openPlan() {
        var chooser = chooser("Open plan", new ExtensionFilter("Honey Lamp plans", "*.honeylamp"));
        return path(chooser.showOpenDialog(owner));
    }

    @Override
    public Optional<Path> savePlan(String suggestedName) {
        var chooser = chooser("Save plan", new ExtensionFilter("Honey Lamp plans", "*.honeylamp"));
        chooser.setInitialFileName(suggestedName + ".honeylamp");
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> openPicture() {
        var chooser = chooser(
                "Bring in a picture to trace", new ExtensionFilter("Pictures, drawings, pages", PICTURE_ENDINGS));
        return path(chooser.showOpenDialog(owner));
    }

    @Override
    public Optional<Path> openModel() {
        var chooser = chooser("Bring in a building model", new ExtensionFilter("Building models (IFC4)", "*.ifc"));
        return path(chooser.showOpenDialog(owner));
    }

    @Override
    public Optional<Path> openSurvey() {
        var chooser = chooser("Bring in a measured survey", new ExtensionFilter("Surveys", "*.csv", "*.json"));
        return path(chooser.showOpenDialog(owner));
    }

    @Override
    public Optional<Path> exportSheet(String suggestedName) {
        var chooser = chooser(
                "Export sheet",
                new ExtensionFilter("PDF", "*.pdf"),
                new ExtensionFilter("PNG", "*.png"),
                new ExtensionFilter("JPEG", "*.jpg", "*.jpeg"),
                new ExtensionFilter("WebP", "*.webp"),
                new ExtensionFilter("TIFF", "*.tif", "*.tiff"),
                new ExtensionFilter("SVG", "*.svg"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> exportSchedules(String suggestedName) {
        var chooser =
                chooser("Export schedules", new ExtensionFilter("XLSX", "*.xlsx"), new ExtensionFilter("CSV", "*.csv"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> shareFinishes(String suggestedName) {
        var chooser = chooser("Share my finishes", new ExtensionFilter("Finishes", "*.json"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> openFinishes() {
        return path(chooser("Bring in finishes", new ExtensionFilter("Finishes", "*.json"))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> shareLooks(String suggestedName) {
        var chooser = chooser("Share my looks", new ExtensionFilter("Looks", "*.json"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> openLooks() {
        return path(chooser("Bring in looks", new ExtensionFilter("Looks", "*.json"))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> openLight() {
        return path(chooser("Light from a file", new ExtensionFilter("Photometric files", "*.ies", "*.IES"))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> clientPage(String suggestedName) {
        var chooser = chooser("Page for the client", new ExtensionFilter("HTML", "*.html"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> model(String suggestedName) {
        var chooser = chooser(
                "Model for other programs",
                new ExtensionFilter("IFC4, for building", "*.ifc"),
                new ExtensionFilter("glTF 2.0, to look at", "*.glb"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> openRemarks() {
        return path(chooser("Bring in remarks", new ExtensionFilter("Remarks", "*.json"))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> packFolder() {
        var chooser = new DirectoryChooser();
        chooser.setTitle("Pack into");
        return path(chooser.showDialog(owner));
    }

    @Override
    public Optional<Path> shareRecipes(String suggestedName) {
        var chooser = chooser("Write to a file", new ExtensionFilter("Recipes and brands", "*.json"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> openRecipes() {
        return path(chooser("Bring in", new ExtensionFilter("Recipes and brands", "*.json"))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> sharePieces(String suggestedName) {
        var chooser = chooser("Share my things", new ExtensionFilter("Own pieces", "*.json"));
        chooser.setInitialFileName(suggestedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> openPieces() {
        return path(chooser("Bring in pieces", new ExtensionFilter("Own pieces", "*.json"))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> openDrawing() {
        return path(chooser("A piece from a drawing", new ExtensionFilter("SVG drawing", "*.svg"))
                .showOpenDialog(owner));
    }

    private static FileChooser chooser(String title, ExtensionFilter... filters) {
        var chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(filters);
        return chooser;
    }

    private static Optional<Path> path(@Nullable File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }

    @Override
    public Unsaved unsaved(String planName) {
        return ask(
                capital(planName) + " has changes that are in no file yet.",
                Unsaved.STAY,
                new Answer<>("Save", ButtonData.YES, Unsaved.SAVE),
                new Answer<>("Do not save", ButtonData.NO, Unsaved.DROP),
                new Answer<>("Stay", ButtonData.CANCEL_CLOSE, Unsaved.STAY));
    }

    @Override
    public Changed changedOnDisk(Path file) {
        return ask(
                "\"" + file.getFileName()
                        + "\" is no longer as this window left it: it was written, moved or deleted by"
                        + " somebody else. Saving would put this plan in its place.",
                Changed.STAY,
                new Answer<>("Save elsewhere…", ButtonData.YES, Changed.ELSEWHERE),
                new Answer<>("Write over it", ButtonData.NO, Changed.WRITE_OVER),
                new Answer<>("Stay", ButtonData.CANCEL_CLOSE, Changed.STAY));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private record Answer<T>(String words, ButtonData place, T meaning) {}

    @SafeVarargs
    private <T> T ask(String question, T otherwise, Answer<T>... answers) {
        var meanings = new LinkedHashMap<ButtonType, T>();
        for (var answer : answers) {
            meanings.put(new ButtonType(answer.words, answer.place), answer.meaning);
        }
        var alert = new Alert(Alert.AlertType.NONE, question, meanings.keySet().toArray(ButtonType[]::new));
        alert.setTitle("Honey Lamp");
        alert.initOwner(owner);
        alert.getDialogPane().getStyleClass().add("honeylamp"); // its buttons are ours too
        return alert.showAndWait().map(b -> meanings.getOrDefault(b, otherwise)).orElse(otherwise);
    }
}
