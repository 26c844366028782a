package honeylamp.desktop;

import honeylamp.desktop.command.CommandTable;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.panel.ContentsDock;
import honeylamp.desktop.panel.DeskEdge;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.GlancePane;
import honeylamp.desktop.panel.LampDial;
import honeylamp.desktop.panel.LeftWorkPane;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.PagePicker;
import honeylamp.desktop.panel.PlanMenu;
import honeylamp.desktop.panel.PreviewPane;
import honeylamp.desktop.panel.SchedulePane;
import honeylamp.desktop.panel.SnagCounter;
import honeylamp.desktop.panel.SnagDock;
import honeylamp.desktop.panel.StartPane;
import honeylamp.desktop.panel.TopBar;
import honeylamp.desktop.panel.Trail;
import honeylamp.desktop.panel.card.Card;
import honeylamp.desktop.panel.guide.GuidePane;
import honeylamp.desktop.panel.guide.TourPane;
import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.tray.Tray;
import honeylamp.desktop.picture.BesidePane;
import honeylamp.desktop.picture.HeldKeys;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.picture.SmallMap;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.LeftWork;
import honeylamp.survey.MeterLine;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import org.jspecify.annotations.Nullable;

/** The one window: trail, tray, plan, card, measure line, and what keys do. */
public final class MainWindow {
    private static final String[] FONTS = {"OpenSans-Regular.ttf", "OpenSans-Medium.ttf", "OpenSans-SemiBold.ttf"};

    final WorkspaceModel model;
    final FileDialogs dialogs;
    final FileDesk files;
    final ExportDesk exports;
    final FinishDesk finishes;
    final LookDesk looks;
    final LightDesk lights;
    final PackDesk packs;
    final PieceDesk pieces;
    private final WindowDesk desk = new WindowDesk(this);
    final LeftWorkPane leftWork;
    final StartPane start;
    final Libraries libraries;
    /** Where the guide would leave the drawing less, the tray makes room for it. */
    private static final double LEAST_DRAWING_PX = 420;

    /** Where the trail does not show whole, its bar needs room beside the words. */
    private static final PseudoClass SCROLLED = PseudoClass.getPseudoClass("scrolled");

    private final ObjectProperty<WindowStyle> style = new SimpleObjectProperty<>(WindowStyle.USUAL);
    private @Nullable WindowStyle styled;
    private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("Honey Lamp");
    final HeldKeys keys = new HeldKeys();
    private final WindowKeys asked;
    final PlanPane plan;
    final MeasureLine measure;
    final Finder finder;
    private final PreviewPane preview;
    final TopBar top;
    final BesidePane beside;
    final GlancePane glance;
    final SmallMap map;
    final SchedulePane schedules;
    final SnagDock snags;
    final ContentsDock contents;
    final GuidePane guide;
    final TourPane tour;
    final PagePicker pages = new PagePicker();
    final MeterLink meter;
    final BringingIn bringing;
    final CommandTable commands;
    final WindowRound parts;
    final Scene scene;

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
        commands = new CommandTable(model, desk);
        plan = new PlanPane(model, keys);
        beside = new BesidePane(model);
        glance = new GlancePane(model, desk::focusPlan);
        map = new SmallMap(model, plan);
        schedules = new SchedulePane(model, desk);
        plan.followedBy(beside::follow);
        guide = new GuidePane(desk::focusPlan);
        tour = new TourPane(model, desk);
        measure = new MeasureLine(model, plan, guide::open);
        meter = new MeterLink(Integer.getInteger("honeylamp.meter.port", MeterLine.PORT), Platform::runLater);
        meter.givesTo(measure::reading);
        finder = new Finder(model, desk, libraries.atHand(), guide);
        top = new TopBar(model, desk, new LampDial(model));
        snags = new SnagDock(model, desk::focusPlan, top::follow, guide::open);
        contents = new ContentsDock(model, desk);
        files = new FileDesk(model, dialogs, new Errands(model, top), libraries.recent(), libraries.offices());
        preview = new PreviewPane(desk::focusPlan);
        exports = new ExportDesk(model, dialogs, new Errands(model, top), preview);
        packs = new PackDesk(model, dialogs, new Errands(model, top), libraries.recipes(), libraries.brands());
        lights = new LightDesk(model, dialogs, new Errands(model, top));
        looks = new LookDesk(model, dialogs, new Errands(model, top), libraries.looks());
        finishes = new FinishDesk(model, dialogs, new Errands(model, top), libraries.finishes());
        pieces = new PieceDesk(model, dialogs, new Errands(model, top), libraries.pieces());
        leftWork = new LeftWorkPane(new LeftWorkChoice(model, files, desk::showSheet, desk::focusPlan));
        this.libraries = libraries;
        start = new StartPane(new StartChoice(this), libraries);
        bringing = new BringingIn(model, top, pages, desk::focusPlan);
        scene = new Scene(root(libraries), width, height);
        scene.setUserData(model);
        style.subscribe(_ -> restyle());
        scene.widthProperty().subscribe(_ -> restyle());
        keys.follow(scene);
        parts = new WindowRound(scene);
        new PlanMenu(model, commands, plan);
        asked = new WindowKeys(scene, model, plan, measure, finder, pages, preview, leftWork, start, tour, guide, desk);
        asked.listen();
        dropping();
    }

    private StackPane root(Libraries libraries) {
        beside.setVisible(false);
        beside.setManaged(false);
        var drawing = new DrawingPane(
                model,
                plan,
                glance,
                map,
                new Card(model, desk, libraries),
                measure,
                new DeskEdge(model, desk),
                new SnagCounter(model));
        var middle = new HBox(beside, drawing);
        for (var half : new Region[] {beside, drawing}) {
            half.setPrefWidth(1); // both take an equal share
            HBox.setHgrow(half, Priority.ALWAYS);
        }
        VBox.setVgrow(middle, Priority.ALWAYS);
        schedules.setVisible(false);
        schedules.setManaged(false);
        var work = new BorderPane(new VBox(middle, snags, contents, schedules));
        var tray = new StackPane(new Tray(model, desk, libraries));
        work.setLeft(tray);
        work.setRight(guide);
        var parted = new Later(() -> shows(
                tray,
                !guide.isVisible() || work.getWidth() - tray.prefWidth(-1) - guide.prefWidth(-1) >= LEAST_DRAWING_PX));
        guide.visibleProperty().subscribe(parted::ask);
        work.widthProperty().subscribe(parted::ask);
        model.state().subscribe(parted::ask);
        var window = new BorderPane(work);
        window.setTop(new VBox(top, alarm()));
        var trail = new Trail(model);
        var stages = new ScrollPane(trail); // scrolls where words are large and the window is low
        stages.setFitToWidth(true);
        stages.setFitToHeight(true);
        stages.setMinHeight(0);
        stages.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        stages.getStyleClass().add("trail-scroll");
        var scrolled = new Later(() -> stages.pseudoClassStateChanged(
                SCROLLED, trail.prefHeight(stages.getWidth()) > stages.getHeight() + 0.5));
        stages.heightProperty().subscribe(scrolled::ask);
        trail.heightProperty().subscribe(scrolled::ask);
        window.setLeft(stages);
        model.state().subscribe(now -> {
            var rest = now.choices().round().rest() == Choices.Rest.SHOWN;
            title.set(TopBar.title(now));
            for (var part : List.of(top, stages)) {
                part.setVisible(rest);
                part.setManaged(rest);
            }
        });
        var root = new StackPane(window, tour, finder, pages, preview, start, leftWork);
        StackPane.setAlignment(leftWork, Pos.TOP_CENTER);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        StackPane.setAlignment(pages, Pos.TOP_CENTER);
        StackPane.setAlignment(preview, Pos.TOP_CENTER);
        root.getStyleClass().add("honeylamp");
        return root;
    }

    private static void shows(Region part, boolean is) {
        part.setVisible(is);
        part.setManaged(is);
    }

    /** Words are as large as asked for, or as a window so wide has room for. */
    private void restyle() {
        var asked = style.get();
        var fits = asked.withTextPercent(Math.min(asked.textPercent(), WindowStyle.mostPercent(scene.getWidth())));
        if (!fits.equals(styled)) {
            styled = fits;
            scene.getStylesheets().setAll(StyleSheets.of(fits));
        }
    }

    /** What is wrong and stays said until it is mended, with the page of the guide about it. */
    private HBox alarm() {
        var sentence = new Label();
        sentence.setId("alarm");
        sentence.setWrapText(true);
        sentence.setMaxWidth(Double.MAX_VALUE);
        sentence.setMinHeight(Region.USE_PREF_SIZE);
        sentence.textProperty().bind(model.alarm());
        HBox.setHgrow(sentence, Priority.ALWAYS);
        var alarm = Widgets.row(sentence, Widgets.why("alarm-why", () -> guide.open(Topics.UNSAVED)));
        alarm.getStyleClass().add("alarm");
        alarm.visibleProperty().bind(model.alarm().isNotEmpty());
        alarm.managedProperty().bind(alarm.visibleProperty());
        sentence.visibleProperty().bind(alarm.visibleProperty());
        return alarm;
    }

    /** Offers what runs that ended early have left, if they have left anything. */
    public void offer(List<LeftWork> work) {
        leftWork.offer(work);
    }

    /** Shows what one can begin with. */
    public void begin() {
        start.open();
    }

    /** How the window looks, to watch and to set. */
    public ObjectProperty<WindowStyle> style() {
        return style;
    }

    /** What stands in the window's title bar: the plan, its file, and whether it is saved. */
    public ReadOnlyStringProperty title() {
        return title.getReadOnlyProperty();
    }

    /** The scene to put on a stage. */
    public Scene scene() {
        return scene;
    }

    /** The drawing pane. */
    public PlanPane plan() {
        return plan;
    }

    /** What can be asked of the window. */
    public WindowActions actions() {
        return desk;
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
            files.forEach(f -> desk.dropped(f.toPath()));
            var picture = files.isEmpty() && e.getDragboard().hasImage();
            if (picture) {
                bringing.image(e.getDragboard().getImage(), "Dropped picture");
            }
            e.setDropCompleted(!files.isEmpty() || picture);
            e.consume();
        });
    }

    /** Whether something is still being read or written. */
    public boolean working() {
        return bringing.busy()
                || files.busy()
                || exports.busy()
                || packs.errands().busy()
                || lights.errands().busy()
                || pages.isReading()
                || snags.busy()
                || start.busy()
                || contents.busy()
                || guide.busy()
                || schedules.working();
    }

    /** Ends all threads of the window. */
    public void close() {
        meter.disconnect();
        beside.close();
        glance.close();
        map.close();
        plan.close();
    }

    /** A file was dropped on the plan: plans, surveys and building models are opened, anything else is brought in to trace. */
    public void dropped(Path file) {
        desk.dropped(file);
    }

    /** Goes on once the present plan may be left: it is saved, or the person said so. */
    public void leaving(Runnable then) {
        asked.taken();
        files.leaving(then);
    }
}
