package honeylamp.desktop;

import honeylamp.desktop.command.CommandTable;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.panel.Card;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.LampDial;
import honeylamp.desktop.panel.LeftWorkPane;
import honeylamp.desktop.panel.Libraries;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.PagePicker;
import honeylamp.desktop.panel.PlanMenu;
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
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.LeftWork;
import honeylamp.store.PlanFile;
import honeylamp.store.SurveyFile;
import honeylamp.survey.MeterLine;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Label;
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
public final class MainWindow implements WindowActions {
    private static final String STYLE = "/honeylamp/desktop/honeylamp.css";
    private static final String[] FONTS = {"OpenSans-Regular.ttf", "OpenSans-Medium.ttf", "OpenSans-SemiBold.ttf"};

    private final WorkspaceModel model;
    private final FileDialogs dialogs;
    private final FileDesk files;
    private final LeftWorkPane leftWork;
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
    private final CommandTable commands;
    private final WindowParts parts;
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
        commands = new CommandTable(model, this);
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
        files = new FileDesk(model, dialogs, top);
        leftWork = new LeftWorkPane(new LeftWorkChoice(model, files, this::showSheet, this::focusPlan));
        bringing = new BringingIn(model, top, pages, this::focusPlan);
        scene = new Scene(root(libraries), width, height);
        scene.setUserData(model);
        var style = MainWindow.class.getResource(STYLE);
        if (style == null) {
            throw new IllegalStateException("the style sheet " + STYLE + " is missing from the program");
        }
        scene.getStylesheets().add(style.toExternalForm());
        keys.follow(scene);
        parts = new WindowParts(scene);
        new PlanMenu(model, commands, plan);
        new WindowKeys(scene, model, plan, measure, finder, pages, leftWork, this).listen();
        dropping();
    }

    private StackPane root(Libraries libraries) {
        var bottom = new HBox(12, measure, new SnagList(model, plan, top::follow));
        bottom.getStyleClass().add("bottom");
        bottom.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(measure, Priority.ALWAYS);
        plan.setMinSize(0, 0);
        beside.setVisible(false);
        beside.setManaged(false);
        var drawing = new StackPane(plan, glance, measure.inFull()); // the glance lies over a corner of the plan
        StackPane.setAlignment(measure.inFull(), Pos.BOTTOM_CENTER);
        StackPane.setMargin(measure.inFull(), new Insets(12));
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
        window.setTop(new VBox(top, alarm()));
        window.setLeft(new Trail(model));
        var root = new StackPane(window, finder, pages, leftWork);
        StackPane.setAlignment(leftWork, Pos.TOP_CENTER);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        StackPane.setAlignment(pages, Pos.TOP_CENTER);
        root.getStyleClass().add("honeylamp");
        return root;
    }

    /** What is wrong and stays said until it is mended. */
    private Label alarm() {
        var alarm = new Label();
        alarm.setId("alarm");
        alarm.getStyleClass().add("alarm");
        alarm.setWrapText(true);
        alarm.setMaxWidth(Double.MAX_VALUE);
        alarm.setMinHeight(Region.USE_PREF_SIZE);
        alarm.textProperty().bind(model.alarm());
        alarm.visibleProperty().bind(model.alarm().isNotEmpty());
        alarm.managedProperty().bind(alarm.visibleProperty());
        return alarm;
    }

    /** Offers what runs that ended early have left, if they have left anything. */
    public void offer(List<LeftWork> work) {
        leftWork.offer(work);
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
            files.open(file, this::showSheet);
        } else if (SurveyFile.ENDINGS.stream()
                .anyMatch(e -> file.toString().toLowerCase(Locale.ROOT).endsWith("." + e))) {
            files.survey(file, this::showStorey);
        } else {
            bringing.file(file);
        }
    }

    @Override
    public void newPlan() {
        files.newPlan(this::showSheet);
    }

    /** Goes on once the present plan may be left: it is saved, or the person said so. */
    public void leaving(Runnable then) {
        files.leaving(then);
    }

    @Override
    public void leave() {
        var stage = scene.getWindow();
        stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    @Override
    public void openPlan() {
        files.open(this::showSheet);
    }

    @Override
    public void savePlan() {
        files.save();
    }

    @Override
    public void savePlanAs() {
        files.saveAs();
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
        dialogs.openSurvey().ifPresent(file -> files.survey(file, this::showStorey));
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

    /** Whether something is still being read or written. */
    public boolean working() {
        return bringing.busy() || files.busy() || pages.isReading();
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
        files.exportSheet();
    }

    @Override
    public void exportAll() {
        files.exportAll();
    }

    @Override
    public void toggleSchedules() {
        schedules.setVisible(!schedules.isVisible());
        schedules.setManaged(schedules.isVisible());
        schedules.update();
    }

    @Override
    public void exportSchedules() {
        files.exportSchedules();
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
    public void zoom(double factor) {
        plan.zoom(factor);
    }

    @Override
    public void putLength(Length length) {
        measure.put(length);
    }

    @Override
    public void enterFromPlan() {
        measure.enterFromPlan();
    }

    @Override
    public void nextFieldOrTool() {
        if (!model.now().gesture().underWay() || !measure.focusFirst()) {
            model.use(model.now().tool().next());
        }
    }

    @Override
    public void steer(double across, double down) {
        plan.steer(across, down);
    }

    @Override
    public void pressHere() {
        plan.pressHere();
    }

    @Override
    public void nextPart() {
        parts.next();
    }

    @Override
    public CommandTable commands() {
        return commands;
    }

    @Override
    public void focusPlan() {
        plan.requestFocus();
    }
}
