package honeylamp.desktop.files;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/** The dialogs of the window system. */
public final class WindowDialogs implements FileDialogs {
    private final Window owner;

    /** Dialogs over a window. */
    public WindowDialogs(Window owner) {
        this.owner = owner;
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
        var save = new ButtonType("Save", ButtonData.YES);
        var drop = new ButtonType("Do not save", ButtonData.NO);
        var stay = new ButtonType("Stay", ButtonData.CANCEL_CLOSE);
        var alert = new Alert(
                Alert.AlertType.NONE, "\"" + planName + "\" has changes that are in no file yet.", save, drop, stay);
        alert.setTitle("Honey Lamp");
        alert.initOwner(owner);
        var answer = alert.showAndWait().orElse(stay);
        return answer == save ? Unsaved.SAVE : answer == drop ? Unsaved.DROP : Unsaved.STAY;
    }
}
