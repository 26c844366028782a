package honeylamp.desktop;

import honeylamp.catalogue.NewPlan;
import honeylamp.desktop.files.ExportWork;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.panel.Card;
import honeylamp.desktop.panel.Commands;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.LampDial;
import honeylamp.desktop.panel.Libraries;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.PagePicker;
import honeylamp.desktop.panel.SchedulePane;
import honeylamp.desktop.panel.SnagList;
import honeylamp.desktop.panel.TopBar;
import honeylamp.desktop.panel.Trail;
import honeylamp.desktop.panel.Tray;
import honeylamp.desktop.picture.BesidePane;
import honeylamp.desktop.picture.GlancePane;
import honeylamp.desktop.picture.HeldKeys;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnderlayEdits;
import honeylamp.output.Export;
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import honeylamp.store.ScheduleFile;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.MeterLine;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.input.Clipboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
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
    private final BesidePane beside;
    private final GlancePane glance;
    private final SchedulePane schedules;
    private final PagePicker pages = new PagePicker();
    private final MeterLink meter;
    private final BringingIn bringing;
    private final Scene scene;

    /** A window on a model. */
    public MainWindow(WorkspaceModel model, FileDialogs dialogs, Libraries libraries, double width, double height) {
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
        beside = new BesidePane(model);
        glance = new GlancePane(model);
        schedules = new SchedulePane(model, this);
        plan.followedBy(beside::follow);
        measure = new MeasureLine(model, plan);
        meter = new MeterLink(Integer.getInteger("honeylamp.meter.port", MeterLine.PORT), Platform::runLater);
        meter.givesTo(measure::reading);
        finder = new Finder(model, this);
        top = new TopBar(model, this, new LampDial(model));
        bringing = new BringingIn(model, top, pages, this::focusPlan);
        scene = new Scene(root(libraries), width, height);
        var style = MainWindow.class.getResource(STYLE);
        if (style == null) {
            throw new IllegalStateException("the style sheet " + STYLE + " is missing from the program");
        }
        scene.getStylesheets().add(style.toExternalForm());
        keys.follow(scene);
        new WindowKeys(scene, model, plan, measure, finder, pages, this).listen();
        dropping();
    }

    private StackPane root(Libraries libraries) {
        var bottom = new HBox(12, measure, new SnagList(model, plan));
        bottom.getStyleClass().add("bottom");
        bottom.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(measure, Priority.ALWAYS);
        plan.setMinSize(0, 0);
        beside.setVisible(false);
        beside.setManaged(false);
        var drawing = new StackPane(plan, glance); // the glance lies over a corner of the plan
        StackPane.setAlignment(glance, Pos.BOTTOM_LEFT);
        StackPane.setMargin(glance, new Insets(12));
        drawing.setMinSize(0, 0);
        var middle = new HBox(beside, drawing);
        for (var half : new Region[] {beside, drawing}) {
            half.setPrefWidth(1); // both take an equal share
            HBox.setHgrow(half, Priority.ALWAYS);
        }
        VBox.setVgrow(middle, Priority.ALWAYS);
        schedules.setVisible(false);
        schedules.setManaged(false);
        var work = new BorderPane(new VBox(middle, schedules));
        work.setLeft(new Tray(model, this, libraries.products()));
        work.setRight(new Card(model, libraries));
        work.setBottom(bottom); // as wide as tray, plan and card, so that its words never push at the plan
        var window = new BorderPane(work);
        window.setTop(top);
        window.setLeft(new Trail(model));
        var root = new StackPane(window, finder, pages);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        StackPane.setAlignment(pages, Pos.TOP_CENTER);
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
            if (e.getDragboard().hasFiles() || e.getDragboard().hasImage()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        plan.setOnDragDropped(e -> {
            var files = e.getDragboard().getFiles();
            files.forEach(f -> dropped(f.toPath()));
            var picture = files.isEmpty() && e.getDragboard().hasImage();
            if (picture) {
                bringing.image(e.getDragboard().getImage(), "Dropped picture");
            }
            e.setDropCompleted(!files.isEmpty() || picture);
            e.consume();
        });
    }

    /** A file was dropped on the plan: plans and surveys are opened, anything else is brought in to trace. */
    public void dropped(Path file) {
        if (file.toString().endsWith(PlanFile.ENDING)) {
            if (mayLeave()) {
                open(file);
            }
        } else if (SurveyFile.ENDINGS.stream()
                .anyMatch(e -> file.toString().toLowerCase(Locale.ROOT).endsWith("." + e))) {
            survey(file);
        } else {
            bringing.file(file);
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
            case PlanFile.Opened.Refused(var problem) -> model.complain(problem.sentence());
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
            model.complain("The plan was not saved to " + path + ": " + e.getMessage() + ". Choose another place.");
            return false;
        }
    }

    private String fileName() {
        var name = model.now().plan().name().strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return name.isBlank() || name.equals("-") ? "plan" : name;
    }

    @Override
    public void bringInPicture() {
        dialogs.openPicture().ifPresent(bringing::file);
    }

    @Override
    public void pastePicture() {
        var clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasFiles()) {
            clipboard.getFiles().forEach(f -> dropped(f.toPath()));
        } else if (clipboard.hasImage()) {
            bringing.image(clipboard.getImage(), "Pasted picture");
        } else {
            model.complain("The clipboard holds no picture. Copy one, or a file, and paste again.");
        }
    }

    @Override
    public void bringInSurvey() {
        dialogs.openSurvey().ifPresent(this::survey);
    }

    private void survey(Path file) {
        if (!mayLeave()) {
            return;
        }
        switch (SurveyFile.read(file)) {
            case SurveyFile.Result.Refused(var problem) -> model.complain(problem.sentence());
            case SurveyFile.Result.Good(var survey, var units) -> {
                try {
                    var adjusted = Adjustment.of(survey);
                    var made = SurveyPlan.of(survey, adjusted, units);
                    model.open(PlanDocument.of(made), Optional.empty());
                    showStorey();
                    var words = adjusted.closingWords();
                    model.say(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".");
                } catch (SurveyException e) {
                    model.complain(SurveyFile.problem(e, String.valueOf(file.getFileName()))
                            .sentence());
                }
            }
        }
    }

    @Override
    public void proposeLevel() {
        bringing.proposeLevel();
    }

    @Override
    public void toggleBeside() {
        beside.setVisible(!beside.isVisible());
        beside.setManaged(beside.isVisible());
    }

    @Override
    public boolean besideShown() {
        return beside.isVisible();
    }

    @Override
    public void toggleGlance() {
        var choices = model.now().choices();
        model.chooseWithin(choices.withGlance(choices.glance().other()));
    }

    @Override
    public void toggleLines() {
        var choices = model.now().choices();
        var caught = choices.lines() == Choices.Lines.CAUGHT;
        model.chooseWithin(choices.withLines(caught ? Choices.Lines.IGNORED : Choices.Lines.CAUGHT));
        model.say(caught ? "Lines of the picture are no longer caught." : "Lines of the picture are caught.");
    }

    @Override
    public MeterLink meter() {
        return meter;
    }

    /** Whether a picture is still being read. */
    public boolean reading() {
        return bringing.busy();
    }

    /** Ends all threads of the window. */
    public void close() {
        meter.disconnect();
        beside.close();
        glance.close();
        plan.close();
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
            model.complain(
                    "\"" + file.getFileName() + "\" ends in none of .pdf, .png and .svg. Give it such an ending.");
            return;
        }
        var work = new ExportWork(model.shown().plan(), model.shown().geometry(), format.get(), file);
        work.setOnSucceeded(_ -> model.say("Exported to " + file.getFileName() + "."));
        work.setOnCancelled(_ -> model.say("Export ended; nothing was written."));
        work.setOnFailed(_ -> model.complain("Export failed: "
                + work.getException().getMessage() + ". Choose another place or a lower resolution."));
        top.follow(work);
        Thread.ofPlatform().daemon().name("export").start(work);
    }

    @Override
    public void toggleSchedules() {
        schedules.setVisible(!schedules.isVisible());
        schedules.setManaged(schedules.isVisible());
        schedules.update();
    }

    @Override
    public void exportSchedules() {
        dialogs.exportSchedules(fileName() + ".xlsx").ifPresent(file -> {
            var format = ScheduleFile.Format.of(file);
            if (format.isEmpty()) {
                model.complain(
                        "\"" + file.getFileName() + "\" ends in neither .xlsx nor .csv. Give it such an ending.");
                return;
            }
            try {
                ScheduleFile.write(model.now().plan(), format.get(), file);
                model.say("Schedules exported to " + file.getFileName() + ".");
            } catch (IOException e) {
                model.complain("The schedules were not written: " + e.getMessage() + ". Choose another place.");
            }
        });
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
