package honeylamp.desktop;

import atlantafx.base.theme.PrimerLight;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.StoreyGeometry;
import honeylamp.desktop.files.Autosave;
import honeylamp.desktop.files.KeptLibrary;
import honeylamp.desktop.files.WindowDialogs;
import honeylamp.desktop.files.WindowState;
import honeylamp.desktop.panel.Libraries;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.Lamp;
import honeylamp.output.RasterPainter;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.KeptFile;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;

/** Starts the window: with the demo, with a plan file, or with what the last run left unsaved. */
public final class HoneyLampApp extends Application {
    private @Nullable Opening opening;
    private @Nullable Autosave autosave;
    private @Nullable MainWindow window;

    /** Opens the plan and draws it once aside, while the toolkit is still starting. */
    @Override
    public void init() {
        var arguments = getParameters();
        var first = document(
                arguments.getUnnamed().stream().findFirst(),
                Optional.ofNullable(arguments.getNamed().get("demo")));
        opening = first;
        Thread.ofPlatform().daemon().name("first picture").start(() -> drawAside(first.document.plan()));
    }

    /** What this loads and compiles is ready when the window asks for its first picture. */
    private static void drawAside(Plan plan) {
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        var page = SheetComposer.compose(plan, geometry, Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM);
        var image = new BufferedImage(640, 450, BufferedImage.TYPE_INT_ARGB_PRE);
        var scale = image.getWidth() / page.widthMm();
        RasterPainter.paint(page.drawing(), image, Affine.scale(scale, scale));
    }

    @Override
    public void start(Stage stage) {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        var arguments = getParameters();
        var pictures = Optional.ofNullable(arguments.getNamed().get("pictures"));
        var first = Objects.requireNonNull(opening, "init runs before start");
        var home = Path.of(System.getProperty("honeylamp.home", System.getProperty("user.home") + "/.honeylamp"));
        var journal = home.resolve("autosave.journal");
        var left = pictures.isPresent() ? Optional.<Plan>empty() : Autosave.leftBehind(journal);
        var saving = Autosave.to(pictures.isPresent() ? home.resolve("pictures.journal") : journal);
        autosave = saving;
        var model = new WorkspaceModel(first.document, first.file, saving::write);
        var stateFile = home.resolve("window.properties");
        var state = pictures.isPresent() ? new WindowState(1280, 800) : WindowState.read(stateFile);
        var shown = new MainWindow(
                model,
                new WindowDialogs(stage),
                new Libraries(
                        new KeptLibrary<>(KeptFile.WALL_TYPES, home.resolve("wall-types.json")),
                        new KeptLibrary<>(KeptFile.PRODUCTS, home.resolve("products.json")),
                        new KeptLibrary<>(KeptFile.ROOM_NAMES, home.resolve("room-names.json"))),
                state.width(),
                state.height());
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
        first.problem.ifPresent(model::complain);
        left.filter(p -> !p.equals(model.now().plan())).ifPresent(p -> {
            model.edit(p, "Recover unsaved work");
            model.say("The last run ended early; its work is back. Ctrl+Z shows the plan without it.");
        });
        pictures.ifPresent(folder -> new PictureWalk(shown, Path.of(folder), Platform::exit).begin());
        var training = Optional.ofNullable(arguments.getNamed().get("train"));
        training.ifPresent(picture ->
                Platform.runLater(() -> new PictureWalk(shown, Path.of(""), Platform::exit).train(Path.of(picture))));
    }

    private record Opening(PlanDocument document, Optional<Path> file, Optional<String> problem) {}

    /** A demo is opened as if it were new, so that saving asks where. */
    private static Opening document(Optional<String> file, Optional<String> demo) {
        if (file.isPresent()) {
            var path = Path.of(file.get());
            return opened(path, Optional.of(path));
        }
        if (demo.isPresent()) {
            return opened(Path.of(demo.get()), Optional.empty());
        }
        return new Opening(empty(), Optional.empty(), Optional.empty());
    }

    private static Opening opened(Path path, Optional<Path> file) {
        return switch (PlanFile.open(path)) {
            case PlanFile.Opened.Good(var document) -> new Opening(document, file, Optional.empty());
            case PlanFile.Opened.Refused(var problem) ->
                new Opening(empty(), Optional.empty(), Optional.of(problem.sentence()));
        };
    }

    private static PlanDocument empty() {
        return PlanDocument.of(NewPlan.in(UnitSystem.MM));
    }

    @Override
    public void stop() {
        if (window != null) {
            window.close();
        }
        if (autosave != null) {
            autosave.close();
        }
    }
}
