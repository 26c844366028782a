package honeylamp.desktop;

import atlantafx.base.theme.PrimerLight;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.files.Autosave;
import honeylamp.desktop.files.KeptLibrary;
import honeylamp.desktop.files.TemplateFolder;
import honeylamp.desktop.files.WindowDialogs;
import honeylamp.desktop.files.WindowState;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.workspace.ActionLog;
import honeylamp.desktop.workspace.SnagSearch;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.RasterPainter;
import honeylamp.output.WholeFile;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.KeptFile;
import honeylamp.store.LeftWork;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Starts the window: with the demo, with a plan file, or with what the last run left unsaved. */
public final class HoneyLampApp extends Application {
    private static final Logger LOG = LoggerFactory.getLogger(HoneyLampApp.class);

    /** Writes what is kept of the window, one after the other. */
    private final ExecutorService keeping = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("window style").daemon().factory());

    private @Nullable Opening opening;
    private @Nullable Autosave autosave;
    private @Nullable MainWindow window;
    private volatile Consumer<String> troubled = _ -> {};

    /** Opens the plan and draws it once aside, while the toolkit is still starting. */
    @Override
    public void init() {
        var arguments = getParameters();
        var first = document(
                arguments.getUnnamed().stream().findFirst(),
                Optional.ofNullable(arguments.getNamed().get("demo")));
        opening = first;
        Thread.ofPlatform()
                .daemon()
                .name("first picture")
                .start(() -> drawAside(first.origin.document().plan()));
    }

    /** What this loads and compiles is ready when the window asks for its first picture. */
    private static void drawAside(Plan plan) {
        var first = LaidPlan.of(plan).pages().getFirst();
        var page = SheetComposer.compose(
                first, Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM, new Remembered(Remembered.LongWork.NEVER));
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
        var log = pictures.isPresent() ? (ActionLog) _ -> {} : autosave(home);
        var model = new WorkspaceModel(first.origin, log, SnagSearch.Threads.aside(Platform::runLater));
        troubled = sentence -> Platform.runLater(() -> model.alarm(sentence));
        var stateFile = home.resolve("window.properties");
        var state = pictures.isPresent() ? WindowState.FIRST : WindowState.read(stateFile);
        var shown = new MainWindow(
                model,
                new WindowDialogs(stage, getHostServices()::showDocument),
                new Libraries(
                        new KeptLibrary<>(KeptFile.WALL_TYPES, home.resolve("wall-types.json")),
                        new KeptLibrary<>(KeptFile.PRODUCTS, home.resolve("products.json")),
                        new KeptLibrary<>(KeptFile.ROOM_NAMES, home.resolve("room-names.json")),
                        new KeptLibrary<>(KeptFile.FINISHES, home.resolve("finishes.json")),
                        new KeptLibrary<>(KeptFile.SEEN_SETS, home.resolve("seen-sets.json")),
                        new KeptLibrary<>(KeptFile.TIER_SETS, home.resolve("dimension-sets.json")),
                        new KeptLibrary<>(KeptFile.DIMENSION_STYLES, home.resolve("dimension-styles.json")),
                        new KeptLibrary<>(KeptFile.LABEL_SETS, home.resolve("label-sets.json")),
                        new KeptLibrary<>(KeptFile.LOOKS, home.resolve("looks.json")),
                        new KeptLibrary<>(KeptFile.MINIMUM_SETS, home.resolve("least-sizes.json")),
                        new KeptLibrary<>(KeptFile.PIECES, home.resolve("own-pieces.json")),
                        new KeptLibrary<>(KeptFile.FITTINGS, home.resolve("fittings.json")),
                        new KeptLibrary<>(KeptFile.RECIPES, home.resolve("recipes.json")),
                        new KeptLibrary<>(KeptFile.BRANDS, home.resolve("brands.json")),
                        new KeptLibrary<>(KeptFile.OFFICES, home.resolve("office.json")),
                        new KeptLibrary<>(KeptFile.TITLE_BLOCKS, home.resolve("title-blocks.json")),
                        new KeptLibrary<>(KeptFile.AT_HAND, home.resolve("favourites.json")),
                        new KeptLibrary<>(KeptFile.RECENT, home.resolve("recent-plans.json")),
                        new TemplateFolder(home.resolve("templates"))),
                state.width(),
                state.height());
        window = shown;
        shown.style().set(state.style());
        if (pictures.isEmpty()) { // at once: a kill must not lose it
            shown.style()
                    .addListener((_, _, style) -> keeping.execute(
                            () -> new WindowState(state.width(), state.height(), style).write(stateFile)));
        }
        Mishaps.meet(model);
        stage.titleProperty().bind(shown.title());
        stage.getIcons()
                .add(new Image(Objects.requireNonNull(HoneyLampApp.class.getResourceAsStream("honeylamp.png"))));
        stage.setScene(shown.scene());
        stage.setMinWidth(WindowState.LEAST_WIDTH);
        stage.setMinHeight(WindowState.LEAST_HEIGHT);
        stage.setOnCloseRequest(e -> {
            e.consume(); // the plan may have to be saved first
            shown.leaving(() -> {
                keeping.close(); // what was asked for before is not to come after
                if (pictures.isEmpty()) {
                    new WindowState(
                                    shown.scene().getWidth(),
                                    shown.scene().getHeight(),
                                    shown.style().get())
                            .write(stateFile);
                }
                if (autosave != null) {
                    autosave.finish();
                    autosave = null;
                }
                stage.hide();
            });
        });
        stage.show();
        first.problem.ifPresent(model::complain);
        if (first.fresh && pictures.isEmpty() && !arguments.getNamed().containsKey("train")) {
            shown.begin();
        }
        pictures.ifPresentOrElse(
                folder -> new PictureWalk(shown, Path.of(folder), Platform::exit).begin(),
                () -> offerLeftWork(home, shown));
        var training = Optional.ofNullable(arguments.getNamed().get("train"));
        training.ifPresent(picture ->
                Platform.runLater(() -> new PictureWalk(shown, Path.of(""), Platform::exit).train(Path.of(picture))));
    }

    private Autosave autosave(Path home) {
        var made = Autosave.in(home, sentence -> troubled.accept(sentence));
        autosave = made;
        return made;
    }

    /** Looks for what earlier runs have left, while the window is already there. */
    private static void offerLeftWork(Path home, MainWindow window) {
        Thread.ofPlatform().daemon().name("left work").start(() -> {
            try {
                var left = LeftWork.in(Autosave.journals(home));
                left.forEach(HoneyLampApp::sweepBeside);
                Platform.runLater(() -> window.offer(left));
            } catch (IOException | DirectoryIteratorException e) {
                LOG.warn("the journals in {} cannot be looked through", home, e);
            }
        });
    }

    /** A save that was killed has left an unfinished file beside its target. */
    private static void sweepBeside(LeftWork work) {
        if (work instanceof LeftWork.Good good) {
            good.origin().file().map(Path::toAbsolutePath).map(Path::getParent).ifPresent(WholeFile::sweep);
        }
    }

    /**
     * What the window opens with.
     *
     * @param fresh whether nothing was asked for, so that the person is
     */
    private record Opening(Origin origin, Optional<String> problem, boolean fresh) {}

    /** A demo is opened as if it were new, so that saving asks where. */
    private static Opening document(Optional<String> file, Optional<String> demo) {
        if (file.isPresent()) {
            var path = Path.of(file.get());
            return opened(path, d -> Origin.in(path, d));
        }
        if (demo.isPresent()) {
            return opened(Path.of(demo.get()), Origin::of);
        }
        return new Opening(Origin.of(empty()), Optional.empty(), true);
    }

    private static Opening opened(Path path, Function<PlanDocument, Origin> origin) {
        return switch (PlanFile.open(path)) {
            case PlanFile.Opened.Good good -> new Opening(origin.apply(good.document()), Optional.empty(), false);
            case PlanFile.Opened.Refused(var problem) ->
                new Opening(Origin.of(empty()), Optional.of(problem.sentence()), false);
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
