package honeylamp.desktop;

import atlantafx.base.theme.PrimerLight;
import honeylamp.catalogue.NewPlan;
import honeylamp.demo.DemoFiles;
import honeylamp.desktop.files.Autosave;
import honeylamp.desktop.files.WindowDialogs;
import honeylamp.desktop.files.WindowState;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;

/** Starts the window: with the demo, with a plan file, or with what the last run left unsaved. */
public final class HoneyLampApp extends Application {
    private @Nullable Autosave autosave;
    private @Nullable MainWindow window;

    @Override
    public void start(Stage stage) {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        var arguments = getParameters();
        var pictures = Optional.ofNullable(arguments.getNamed().get("pictures"));
        var home = Path.of(System.getProperty("honeylamp.home", System.getProperty("user.home") + "/.honeylamp"));
        var journal = home.resolve("autosave.journal");
        var left = pictures.isPresent() ? Optional.<honeylamp.plan.Plan>empty() : Autosave.leftBehind(journal);
        var saving = Autosave.to(pictures.isPresent() ? home.resolve("pictures.journal") : journal);
        autosave = saving;
        var opening = document(
                arguments.getUnnamed().stream().findFirst(),
                arguments.getNamed().containsKey("demo"));
        var model = new WorkspaceModel(opening.document, opening.file, saving::write);
        var stateFile = home.resolve("window.properties");
        var state = pictures.isPresent() ? new WindowState(1280, 800) : WindowState.read(stateFile);
        var shown = new MainWindow(model, new WindowDialogs(stage), state.width(), state.height());
        window = shown;
        stage.setTitle("Honey Lamp");
        stage.setScene(shown.scene());
        stage.setOnCloseRequest(e -> {
            if (!shown.mayLeave()) {
                e.consume();
                return;
            }
            if (pictures.isEmpty()) {
                new WindowState(shown.scene().getWidth(), shown.scene().getHeight()).write(stateFile);
            }
            saving.finish();
        });
        stage.show();
        opening.problem.ifPresent(model::say);
        left.filter(p -> !p.equals(model.now().plan())).ifPresent(p -> {
            model.edit(p, "Recover unsaved work");
            model.say("The last run ended early; its work is back. Ctrl+Z shows the plan without it.");
        });
        pictures.ifPresent(folder -> new PictureWalk(shown, Path.of(folder), Platform::exit).begin());
        if (arguments.getNamed().containsKey("train")) {
            Platform.runLater(() -> new PictureWalk(shown, Path.of(""), Platform::exit).train());
        }
    }

    private record Opening(PlanDocument document, Optional<Path> file, Optional<String> problem) {}

    private static Opening document(Optional<String> file, boolean demo) {
        if (file.isPresent()) {
            var path = Path.of(file.get());
            return switch (PlanFile.open(path)) {
                case PlanFile.Opened.Good(var document) -> new Opening(document, Optional.of(path), Optional.empty());
                case PlanFile.Opened.Refused(var problem) ->
                    new Opening(empty(), Optional.empty(), Optional.of(problem.sentence()));
            };
        }
        if (demo) {
            try {
                return new Opening(DemoFiles.document(), Optional.empty(), Optional.empty());
            } catch (IOException e) {
                throw new UncheckedIOException("the demo cannot be made", e);
            }
        }
        return new Opening(empty(), Optional.empty(), Optional.empty());
    }

    private static PlanDocument empty() {
        return PlanDocument.of(NewPlan.in(UnitSystem.MM));
    }

    @Override
    public void stop() {
        if (window != null) {
            window.plan().close();
        }
        if (autosave != null) {
            autosave.close();
        }
    }
}
