package honeylamp.desktop;

import honeylamp.catalogue.NewPlan;
import honeylamp.desktop.files.ExportWork;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.panel.Card;
import honeylamp.desktop.panel.Commands;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.LampDial;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.SnagList;
import honeylamp.desktop.panel.TopBar;
import honeylamp.desktop.panel.Trail;
import honeylamp.desktop.panel.Tray;
import honeylamp.desktop.picture.HeldKeys;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.Stage;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnderlayEdits;
import honeylamp.output.Export;
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.PictureImport;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Font;
import javafx.stage.WindowEvent;

/** The one window: trail, tray, plan, card, measure line, and what keys do. */
public final class MainWindow implements Commands {
    private static final String STYLE = "/honeylamp/desktop/honeylamp.css";
    private static final String[] FONTS = {"OpenSans-Regular.ttf", "OpenSans-Medium.ttf", "OpenSans-SemiBold.ttf"};

    private final WorkspaceModel model;
    private final FileDialogs dialogs;
    private final HeldKeys keys = new HeldKeys();
    private final PlanPane plan;
    private final MeasureLine measure;
    private final Finder finder;
    private final TopBar top;
    private final Scene scene;

    /** A window on a model. */
    public MainWindow(WorkspaceModel model, FileDialogs dialogs, double width, double height) {
        this.model = model;
        this.dialogs = dialogs;
        for (var font : FONTS) {
            try (var in = MainWindow.class.getResourceAsStream("/honeylamp/fonts/" + font)) {
                Font.loadFont(in, 13);
            } catch (IOException e) {
                throw new IllegalStateException("the shipped font " + font + " cannot be read", e);
            }
        }
        plan = new PlanPane(model, keys);
        measure = new MeasureLine(model, plan);
        finder = new Finder(model, this);
        top = new TopBar(model, this, new LampDial(model));
        scene = new Scene(root(), width, height);
        var style = MainWindow.class.getResource(STYLE);
        if (style == null) {
            throw new IllegalStateException("the style sheet " + STYLE + " is missing from the program");
        }
        scene.getStylesheets().add(style.toExternalForm());
        keys.follow(scene);
        new WindowKeys(scene, model, plan, measure, finder, this).listen();
        dropping();
    }

    private StackPane root() {
        var bottom = new HBox(12, measure, new SnagList(model, plan));
        bottom.getStyleClass().add("bottom");
        bottom.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(measure, Priority.ALWAYS);
        plan.setMinSize(0, 0);
        var work = new BorderPane(plan);
        work.setLeft(new Tray(model, this));
        work.setRight(new Card(model));
        work.setBottom(bottom); // as wide as tray, plan and card, so that its words never push at the plan
        var window = new BorderPane(work);
        window.setTop(top);
        window.setLeft(new Trail(model));
        var root = new StackPane(window, finder);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        root.getStyleClass().add("honeylamp");
        return root;
    }

    /** The scene to put on a stage. */
    public Scene scene() {
        return scene;
    }

    /** The drawing pane. */
    public PlanPane plan() {
        return plan;
    }

    /** The model shown. */
    public WorkspaceModel model() {
        return model;
    }

    private void dropping() {
        plan.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        plan.setOnDragDropped(e -> {
            var files = e.getDragboard().getFiles();
            if (!files.isEmpty()) {
                dropped(files.getFirst().toPath());
            }
            e.setDropCompleted(!files.isEmpty());
            e.consume();
        });
    }

    /** A file was dropped on the plan: a plan is opened, anything else is brought in to trace. */
    public void dropped(Path file) {
        if (file.toString().endsWith(PlanFile.ENDING)) {
            if (mayLeave()) {
                open(file);
            }
        } else {
            bringIn(file);
        }
    }

    @Override
    public void newPlan() {
        if (mayLeave()) {
            model.open(PlanDocument.of(NewPlan.in(model.now().plan().units())), Optional.empty());
            showSheet();
        }
    }

    /** Whether the present plan may be left: it is saved, or the person said so. */
    public boolean mayLeave() {
        if (!model.now().unsaved()) {
            return true;
        }
        return switch (dialogs.unsaved(model.now().plan().name())) {
            case SAVE -> save(model.now().file());
            case DROP -> true;
            case STAY -> false;
        };
    }

    @Override
    public void leave() {
        var stage = scene.getWindow();
        stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    @Override
    public void openPlan() {
        if (mayLeave()) {
            dialogs.openPlan().ifPresent(this::open);
        }
    }

    private void open(Path file) {
        switch (PlanFile.open(file)) {
            case PlanFile.Opened.Good(var document) -> {
                model.open(document, Optional.of(file));
                showSheet();
            }
            case PlanFile.Opened.Refused(var problem) -> model.say(problem.sentence());
        }
    }

    @Override
    public void savePlan() {
        save(model.now().file());
    }

    @Override
    public void savePlanAs() {
        save(Optional.empty());
    }

    private boolean save(Optional<Path> known) {
        var target = known.or(() -> dialogs.savePlan(fileName()));
        if (target.isEmpty()) {
            return false;
        }
        var path = target.get().toString().endsWith(PlanFile.ENDING)
                ? target.get()
                : Path.of(target.get() + PlanFile.ENDING);
        var document = model.now().document().with(model.now().plan());
        try {
            PlanFile.save(document, Preview.png(document.plan()), path);
            model.saved(document, path);
            model.say("Saved as " + path.getFileName() + ".");
            return true;
        } catch (IOException e) {
            model.say("The plan was not saved to " + path + ": " + e.getMessage() + ". Choose another place.");
            return false;
        }
    }

    private String fileName() {
        var name = model.now().plan().name().strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return name.isBlank() || name.equals("-") ? "plan" : name;
    }

    @Override
    public void bringInPicture() {
        dialogs.openPicture().ifPresent(this::bringIn);
    }

    private void bringIn(Path file) {
        switch (PictureImport.read(file)) {
            case PictureImport.Result.Refused(var problem) -> model.say(problem.sentence());
            case PictureImport.Result.Good(var bytes, var sha, var width, var height) -> {
                var now = model.now();
                var added = UnderlayEdits.add(
                        now.plan(),
                        now.storey(),
                        sha,
                        String.valueOf(file.getFileName()),
                        width,
                        height,
                        now.view().centre());
                model.addAsset(sha, bytes, added.plan(), "Bring in picture");
                model.use(Stage.UNDERLAY, 1);
                model.pick(Set.of(added.id()));
                focusPlan();
            }
        }
    }

    @Override
    public void toggleUnderlays() {
        var now = model.now();
        var underlays = now.currentStorey().underlays();
        if (!underlays.isEmpty()) {
            var next = underlays.getLast().sight() == Sight.SHOWN ? Sight.HIDDEN : Sight.SHOWN;
            model.edit(UnderlayEdits.showAll(now.plan(), now.storey(), next), "Show or hide underlays");
        }
    }

    @Override
    public void exportSheet() {
        dialogs.exportSheet(fileName() + ".pdf").ifPresent(this::export);
    }

    private void export(Path file) {
        var format = Export.Format.of(file);
        if (format.isEmpty()) {
            model.say("\"" + file.getFileName() + "\" ends in none of .pdf, .png and .svg. Give it such an ending.");
            return;
        }
        var work = new ExportWork(model.now().plan(), model.geometry(), format.get(), file);
        work.setOnSucceeded(_ -> model.say("Exported to " + file.getFileName() + "."));
        work.setOnCancelled(_ -> model.say("Export ended; nothing was written."));
        work.setOnFailed(_ -> model.say("Export failed: " + work.getException().getMessage()
                + ". Choose another place or a lower resolution."));
        top.follow(work);
        Thread.ofPlatform().daemon().name("export").start(work);
    }

    @Override
    public void find() {
        finder.open();
    }

    @Override
    public void showSheet() {
        model.showSheet(plan.getWidth(), plan.getHeight());
    }

    @Override
    public void showStorey() {
        model.showStorey(plan.getWidth(), plan.getHeight());
    }

    @Override
    public void focusPlan() {
        plan.requestFocus();
    }
}
