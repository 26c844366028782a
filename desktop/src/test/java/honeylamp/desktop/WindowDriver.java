package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import atlantafx.base.theme.PrimerLight;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.files.TemplateFolder;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.workspace.ActionLog;
import honeylamp.desktop.workspace.SnagSearch;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Point;
import honeylamp.plan.Plan;
import honeylamp.store.KeptFile;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window by presses, drags and typing; file dialogs answer with what the test says. */
final class WindowDriver implements AutoCloseable {
    /** Not larger than the frame buffer of the headless toolkit. */
    private static final double SIZE = 1000;

    final FxRobot robot = new FxRobot();
    final List<Plan> autosaved = new ArrayList<>();
    final Answers answers = new Answers();
    final TemplateFolder templates;
    /** Presses within this time and place of each other count as one double click. */
    private static final double FAR_PX = 24;

    private static final double CARD_PX = 276;
    private static final double EDGE_PX = 56;
    private static final int MOVES = 4;
    private static final int MOST_ROUNDS = 6;
    private static final int SIGHT_S = 20;

    private Optional<Point2D> lastPress = Optional.empty();
    private final Robot mouse = onScreen(Robot::new);
    private final Stage stage;
    private final MainWindow window;
    private final boolean snagsHeld;

    private WindowDriver(
            Stage stage, PlanDocument document, Optional<ActionLog> instead, Optional<SnagSearch.Threads> held)
            throws Exception {
        this.stage = stage;
        this.templates = new TemplateFolder(Files.createTempDirectory("templates"));
        this.snagsHeld = held.isPresent();
        ActionLog log = instead.orElse(autosaved::add);
        this.window = onScreen(() -> {
            Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
            var snags = held.orElseGet(() -> SnagSearch.Threads.aside(Platform::runLater));
            var model = new WorkspaceModel(Origin.of(document), log, snags);
            var made = new MainWindow(
                    model,
                    answers,
                    new Libraries(
                            new KeptInMemory<>(KeptFile.WALL_TYPES),
                            new KeptInMemory<>(KeptFile.PRODUCTS),
                            new KeptInMemory<>(KeptFile.ROOM_NAMES),
                            new KeptInMemory<>(KeptFile.FINISHES),
                            new KeptInMemory<>(KeptFile.SEEN_SETS),
                            new KeptInMemory<>(KeptFile.TIER_SETS),
                            new KeptInMemory<>(KeptFile.DIMENSION_STYLES),
                            new KeptInMemory<>(KeptFile.LABEL_SETS),
                            new KeptInMemory<>(KeptFile.LOOKS),
                            new KeptInMemory<>(KeptFile.MINIMUM_SETS),
                            new KeptInMemory<>(KeptFile.PIECES),
                            new KeptInMemory<>(KeptFile.FITTINGS),
                            new KeptInMemory<>(KeptFile.RECIPES),
                            new KeptInMemory<>(KeptFile.BRANDS),
                            new KeptInMemory<>(KeptFile.OFFICES),
                            new KeptInMemory<>(KeptFile.TITLE_BLOCKS),
                            new KeptInMemory<>(KeptFile.AT_HAND),
                            new KeptInMemory<>(KeptFile.RECENT),
                            templates),
                    SIZE,
                    SIZE);
            stage.setScene(made.scene());
            stage.sizeToScene(); // the test before may have made it smaller
            stage.setX(0);
            stage.setY(0);
            stage.show();
            return made;
        });
        settle();
    }

    static WindowDriver empty() throws Exception {
        return with(PlanDocument.of(NewPlan.in(UnitSystem.MM)));
    }

    static WindowDriver with(PlanDocument document) throws Exception {
        return new WindowDriver(FxToolkit.registerPrimaryStage(), document, Optional.empty(), Optional.empty());
    }

    /** A window whose actions are told to a log. */
    static WindowDriver with(PlanDocument document, ActionLog log) throws Exception {
        return new WindowDriver(FxToolkit.registerPrimaryStage(), document, Optional.of(log), Optional.empty());
    }

    /** A window that looks for snags when the test says so. */
    static WindowDriver with(PlanDocument document, SnagSearch.Threads held) throws Exception {
        return new WindowDriver(FxToolkit.registerPrimaryStage(), document, Optional.empty(), Optional.of(held));
    }

    static <T> T onScreen(Callable<T> work) throws Exception {
        return WaitForAsyncUtils.asyncFx(work).get(20, TimeUnit.SECONDS);
    }

    /** The first page of a plan. */
    static LaidPage firstPage(Plan plan) {
        return LaidPlan.of(plan).pages().getFirst();
    }

    MainWindow window() {
        return window;
    }

    WorkspaceModel model() {
        return window.model();
    }

    Plan plan() throws Exception {
        return onScreen(() -> model().now().plan());
    }

    /** Waits until a message holds these words. */
    void told(String words) throws Exception {
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> message().contains(words));
    }

    /** Waits until something is so, as the interface thread sees it. */
    void until(Callable<Boolean> isSo) throws Exception {
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> onScreen(isSo));
    }

    String message() throws Exception {
        return onScreen(() -> model().now().message());
    }

    /** Waits for the interface, and for pictures that are being brought in. */
    void settle() throws Exception {
        drained();
        var rounds = 0;
        do { // what came into sight may ask for more, and what was worked out aside for a new layout
            rested();
            laidOut();
            drained();
            rounds++;
        } while (rounds < MOST_ROUNDS
                && (!atRest() || onScreen(() -> window.scene().getRoot().isNeedsLayout())));
    }

    private void rested() throws Exception {
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, this::atRest);
    }

    private boolean atRest() throws Exception {
        return onScreen(() -> !window.working() && !looking());
    }

    /** Waits until all that the interface thread had to do is done, and what that asked for later too. */
    private static void drained() throws Exception {
        for (var i = 0; i < 3; i++) {
            onScreen(() -> null);
        }
    }

    /** Waits until the window is laid out anew. */
    private void laidOut() throws Exception {
        var laid = new CountDownLatch(1);
        onScreen(() -> {
            var scene = window.scene();
            scene.addPostLayoutPulseListener(new Runnable() {
                @Override
                public void run() {
                    scene.removePostLayoutPulseListener(this);
                    laid.countDown();
                }
            });
            Platform.requestNextPulse();
            return null;
        });
        assertThat(laid.await(20, TimeUnit.SECONDS))
                .as("the window is laid out")
                .isTrue();
    }

    private boolean looking() {
        return !snagsHeld && model().shown().search().known().get().progress() == SnagSearch.Progress.LOOKING;
    }

    /** Waits until the newest picture is on screen. */
    void picture() throws Exception {
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> onScreen(() -> window.plan().settled()));
    }

    <T extends Node> T node(String id) throws Exception {
        return onScreen(() -> {
            @SuppressWarnings("unchecked")
            T found = (T) window.scene().lookup("#" + id);
            return found;
        });
    }

    /** Shows a stretch of the plan so that its middle lies in the middle of the pane. */
    void showCentred(double x, double y, double widthMm) throws Exception {
        onScreen(() -> {
            model().show(new honeylamp.desktop.workspace.Viewport(
                    new Point(x, y), window.plan().getWidth() / widthMm));
            return null;
        });
        settle();
    }

    /** Shows a stretch of the plan so that it fills the part of the pane that no card and no lower edge covers. */
    void show(double x, double y, double widthMm) throws Exception {
        onScreen(() -> {
            var scale = (window.plan().getWidth() - CARD_PX) / widthMm;
            model().show(new honeylamp.desktop.workspace.Viewport(
                    new Point(x + CARD_PX / 2 / scale, y - EDGE_PX / 2 / scale), scale));
            return null;
        });
        settle();
    }

    /** Presses a control by its id. */
    void press(String id) throws Exception {
        if (node(id) == null) {
            throw new AssertionError("nothing is called #" + id);
        }
        onScreen(() -> inSight(id));
        settle();
        // a list made anew meanwhile may have gone back to its top: outside the window there is nothing to press
        WaitForAsyncUtils.waitFor(SIGHT_S, TimeUnit.SECONDS, () -> onScreen(() -> inSight(id)));
        var middle = onScreen(() -> middle(window.scene().lookup("#" + id)));
        moveTo(middle);
        apart(middle);
        mouse(r -> r.mousePress(MouseButton.PRIMARY));
        mouse(r -> r.mouseRelease(MouseButton.PRIMARY));
        settle();
    }

    /** Whether a node's middle lies in the window, once what holds it is scrolled to it. */
    private boolean inSight(String id) {
        var node = window.scene().lookup("#" + id);
        if (node == null) {
            return false;
        }
        scrolledTo(node);
        window.scene().getRoot().layout();
        return window.scene().getRoot().getLayoutBounds().contains(node.localToScene(middleOf(node)));
    }

    private static Point2D middle(Node node) {
        return node.localToScreen(middleOf(node));
    }

    private static Point2D middleOf(Node node) {
        var box = node.getBoundsInLocal();
        return new Point2D(box.getCenterX(), box.getCenterY());
    }

    /** Scrolls what holds a node until it is in sight, as a person would before pressing it. */
    private static void scrolledTo(Node node) {
        Node up = node.getParent();
        while (up != null && !(up instanceof ScrollPane)) {
            up = up.getParent();
        }
        if (up instanceof ScrollPane pane) {
            var content = pane.getContent();
            var at = content.sceneToLocal(node.localToScene(node.getBoundsInLocal()));
            var high = pane.getViewportBounds().getHeight();
            var spare = content.getLayoutBounds().getHeight() - high;
            var top = pane.getVvalue() * spare;
            if (spare > 0 && (at.getMinY() < top || at.getMaxY() > top + high)) {
                pane.setVvalue(Math.clamp((at.getCenterY() - high / 2) / spare, 0, 1));
            }
        }
    }

    /** Keeps presses at one place from counting as double clicks: a press of another button begins the count anew. */
    private void apart(Point2D px) throws Exception {
        if (lastPress.filter(p -> p.distance(px) < FAR_PX).isPresent()) {
            mouse(r -> r.mousePress(MouseButton.MIDDLE));
            mouse(r -> r.mouseRelease(MouseButton.MIDDLE));
        }
        lastPress = Optional.of(px);
    }

    private void mouse(Consumer<Robot> act) throws Exception {
        onScreen(() -> {
            act.accept(mouse);
            return null;
        });
        drained();
    }

    /** Moves the mouse in a few steps within one turn of the interface, as a quick hand does. */
    void moveTo(Point2D px) throws Exception {
        onScreen(() -> {
            var from = mouse.getMousePosition();
            for (var i = 1; i <= MOVES; i++) {
                var share = (double) i / MOVES;
                mouse.mouseMove(from.interpolate(px, share));
            }
            return null;
        });
        drained();
    }

    /** Makes the window that large, in px. */
    void resize(double width, double height) throws Exception {
        onScreen(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
            return null;
        });
        settle();
    }

    private Point2D screen(double x, double y) throws Exception {
        return onScreen(() -> {
            var p = window.plan().pixel(new Point(x, y));
            return window.plan().localToScreen(p.x(), p.y());
        });
    }

    void move(double x, double y) throws Exception {
        moveTo(screen(x, y));
        settle();
    }

    void click(double x, double y) throws Exception {
        move(x, y);
        apart(screen(x, y));
        mouse(r -> r.mousePress(MouseButton.PRIMARY));
        mouse(r -> r.mouseRelease(MouseButton.PRIMARY));
        settle();
    }

    /** Clicks the second button, which opens the menu of the drawing. */
    void clickSecond(double x, double y) throws Exception {
        move(x, y);
        apart(screen(x, y));
        mouse(r -> r.mousePress(MouseButton.SECONDARY));
        mouse(r -> r.mouseRelease(MouseButton.SECONDARY));
        settle();
    }

    /** Turns the wheel upward by so many notches where the mouse is. */
    void wheelUp(int notches) throws Exception {
        for (var i = 0; i < notches; i++) {
            mouse(r -> r.mouseWheel(-1));
        }
        settle();
    }

    /** Drags with a button by pixels from where the mouse is. */
    void dragBy(MouseButton button, double across, double down) throws Exception {
        mouse(r -> r.mousePress(button));
        moveTo(onScreen(() -> mouse.getMousePosition().add(across, down)));
        mouse(r -> r.mouseRelease(button));
        settle();
    }

    void drag(double x0, double y0, double x1, double y1) throws Exception {
        move(x0, y0);
        apart(screen(x0, y0));
        mouse(r -> r.mousePress(MouseButton.PRIMARY));
        move((x0 + x1) / 2, (y0 + y1) / 2);
        move(x1, y1);
        mouse(r -> r.mouseRelease(MouseButton.PRIMARY));
        settle();
    }

    /** Words that are in sight and cut short, or laid over one another in a row or a column. */
    List<String> cutWords() throws Exception {
        return onScreen(() -> {
            var out = new ArrayList<String>();
            window.scene().getRoot().applyCss();
            for (var l : labelled(window.scene().getRoot())) {
                if (inSight(l) && l.lookup(".text") instanceof Text text) {
                    var shown = text.getText();
                    if (l.getText() != null && !l.getText().isBlank() && !shown.equals(l.getText())) {
                        out.add(l.getText() + " (" + l.getStyleClass() + ")");
                    }
                    var box = text.localToScene(text.getLayoutBounds());
                    if (box.getMinX() < 0 || box.getMaxX() > window.scene().getWidth() + 0.5) {
                        out.add(l.getText() + " lies outside the window");
                    }
                }
            }
            return out;
        });
    }

    /** All words that are shown. */
    List<String> words() throws Exception {
        return onScreen(() -> labelled(window.scene().getRoot()).stream()
                .filter(WindowDriver::inSight)
                .map(Labeled::getText)
                .toList());
    }

    private static List<Labeled> labelled(Node node) {
        var out = new ArrayList<Labeled>();
        if (node instanceof Labeled l) {
            out.add(l);
        }
        if (node instanceof Parent p) {
            p.getChildrenUnmodifiable().forEach(c -> out.addAll(labelled(c)));
        }
        return out;
    }

    /** Whether a node is shown, perhaps farther down than what scrolls it is at now. */
    private static boolean inSight(Node node) {
        var box = node.localToScene(node.getLayoutBounds());
        for (Node up = node; up != null; up = up.getParent()) {
            if (!up.isVisible()) {
                return false;
            }
        }
        return box.getWidth() > 0 && box.getHeight() > 0;
    }

    /** Gives the keyboard to the plan. */
    void focusPlan() throws Exception {
        onScreen(() -> {
            window.actions().focusPlan();
            return null;
        });
    }

    void key(KeyCode... codes) throws Exception {
        onScreen(() -> {
            for (var code : codes) {
                mouse.keyPress(code);
            }
            return null;
        });
        drained();
        onScreen(() -> {
            for (var code : Arrays.asList(codes).reversed()) {
                mouse.keyRelease(code);
            }
            return null;
        });
        settle();
    }

    void write(String text) throws Exception {
        onScreen(() -> {
            for (var i = 0; i < text.length(); i++) {
                typed(text.substring(i, i + 1));
            }
            return null;
        });
        settle();
    }

    /** A letter goes to whatever has the keyboard by then. */
    private void typed(String letter) {
        var scene = window.scene();
        var owner = Optional.<EventTarget>ofNullable(scene.getFocusOwner()).orElse(scene);
        Event.fireEvent(
                owner, new KeyEvent(KeyEvent.KEY_TYPED, letter, "", KeyCode.UNDEFINED, false, false, false, false));
    }

    /** Types into a field by its id and presses Enter; with Control where Enter begins a new line. */
    void fill(String id, String text) throws Exception {
        Node field = node(id);
        onScreen(() -> {
            field.requestFocus();
            ((TextInputControl) field).clear();
            return null;
        });
        write(text);
        if (field instanceof TextArea) {
            key(KeyCode.CONTROL, KeyCode.ENTER);
        } else {
            key(KeyCode.ENTER);
        }
    }

    @Override
    public void close() {
        Platform.setImplicitExit(false);
        Platform.runLater(() -> {
            window.close();
            stage.hide();
        });
        WaitForAsyncUtils.waitForFxEvents();
    }
}
