package honeylamp.desktop.panel;

import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.Pictures;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.raised.RaisedGlance;
import honeylamp.output.ScreenPainter;
import honeylamp.plan.Raised;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import org.jspecify.annotations.Nullable;

/** A raised picture in a corner of the plan, painted off the interface thread after every edit. */
public final class GlancePane extends Pane {
    private static final int WIDTH_PX = 224;
    private static final int HEIGHT_PX = 168;

    /** A large one is so many times as wide and high, as far as the drawing leaves it half of its own width. */
    private static final double LARGE = 2;

    private static final double MOST_SHARE = 0.5;
    private static final double ASIDE_PX = 6;
    private static final double DEG_PER_PX = 0.5;
    private static final double KEY_DEG = 15;

    private final WorkspaceModel model;
    private final ImageView picture = new ImageView();
    private final Label empty = new Label("Walls you draw stand here");
    private final Button size;
    private final HBox buttons = new HBox(4);
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("glance").factory());
    private final AtomicReference<@Nullable Wanted> newest = new AtomicReference<>();
    private double lastX;
    private double lastY;

    /** What is to be painted. */
    private record Wanted(LaidView view, Raised subject, double width, double height) {
        boolean isSame(@Nullable Wanted other) {
            return other != null
                    && view.plan().storeys() == other.view.plan().storeys()
                    && view.look().equals(other.view.look())
                    && view.view().light().equals(other.view.view().light())
                    && view.view().seen().equals(other.view.view().seen())
                    && subject.equals(other.subject)
                    && width == other.width
                    && height == other.height;
        }
    }

    /**
     * A pane on a model, hidden at first.
     *
     * @param done told when a button was pressed: the hand goes back to the plan
     */
    public GlancePane(WorkspaceModel model, Runnable done) {
        this.model = model;
        setId("glance");
        getStyleClass().add("glance");
        setFocusTraversable(true);
        setOnMousePressed(e -> {
            requestFocus();
            lastX = e.getX();
            lastY = e.getY();
        });
        setOnMouseDragged(e -> {
            turn(DEG_PER_PX * (e.getX() - lastX), DEG_PER_PX * (lastY - e.getY()));
            lastX = e.getX();
            lastY = e.getY();
        });
        setOnKeyPressed(this::key);
        picture.setMouseTransparent(true);
        empty.setMouseTransparent(true);
        setVisible(false);
        setAccessibleText("A raised picture beside the plan; arrows turn and tilt it");
        empty.getStyleClass().add("beside-hint");
        empty.relocate(10, 8);
        size = Widgets.button("Larger", "glance-size", "Twice as large, or small again", () -> {
            var choices = model.now().choices();
            model.chooseWithin(choices.withGlance(choices.glance().otherSize()));
            done.run();
        });
        var open = Widgets.button("Go there", "glance-open", "Look at this large; Shift+G comes back", () -> {
            model.raised().goToGlanced();
            done.run();
        });
        buttons.getChildren().addAll(size, open);
        buttons.getStyleClass().add("glance-buttons");
        getChildren().addAll(picture, empty, buttons);
        model.state().subscribe(this::update);
        parentProperty().subscribe(p -> {
            if (p instanceof Pane pane) {
                pane.widthProperty().subscribe((_, _) -> update(model.now()));
            }
        });
    }

    /** Turns what is seen here alone. */
    private void turn(double deg, double tiltDeg) {
        model.raised().turnGlance(deg, tiltDeg);
        update(model.now());
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case LEFT -> turn(-KEY_DEG, 0);
            case RIGHT -> turn(KEY_DEG, 0);
            case UP -> turn(0, KEY_DEG / 2);
            case DOWN -> turn(0, -KEY_DEG / 2);
            default -> {
                return; // for others
            }
        }
        e.consume();
    }

    private void update(Workspace now) {
        setVisible(now.choices().glance() != Choices.Glance.HIDDEN && now.view().isPlan());
        if (!isVisible() || worker.isShutdown()) {
            return;
        }
        var isLarge = now.choices().glance() == Choices.Glance.LARGE;
        var room = getParent() instanceof Pane parent && parent.getWidth() > 0 ? parent.getWidth() : Double.MAX_VALUE;
        var times = isLarge ? Math.clamp(MOST_SHARE * room / WIDTH_PX, 1, LARGE) : 1;
        var wanted = new Wanted(
                model.shown().view(),
                model.raised().glanced(),
                Math.rint(times * WIDTH_PX),
                Math.rint(times * HEIGHT_PX));
        if (wanted.isSame(newest.get())) {
            return;
        }
        newest.set(wanted);
        size.setText(isLarge ? "Smaller" : "Larger");
        setMinSize(wanted.width, wanted.height);
        setMaxSize(wanted.width, wanted.height);
        empty.setVisible(now.currentStorey().walls().isEmpty());
        buttons.setVisible(!empty.isVisible());
        worker.execute(() -> {
            if (newest.get() == wanted) {
                paint(wanted);
            }
        });
    }

    private void paint(Wanted wanted) {
        var marks = RaisedGlance.marks(wanted.view, wanted.subject, wanted.width, wanted.height);
        var image = ScreenPainter.overlay(
                marks, Affine.IDENTITY, (int) Math.ceil(wanted.width), (int) Math.ceil(wanted.height));
        Platform.runLater(() -> {
            if (newest.get() == wanted) {
                picture.setImage(image.map(o -> Pictures.fx(o.image())).orElse(null));
                picture.setX(image.map(ScreenPainter.Overlay::x).orElse(0));
                picture.setY(image.map(ScreenPainter.Overlay::y).orElse(0));
            }
        });
    }

    @Override
    protected void layoutChildren() {
        buttons.autosize();
        buttons.relocate(getWidth() - buttons.getWidth() - ASIDE_PX, getHeight() - buttons.getHeight() - ASIDE_PX);
        empty.autosize();
    }

    /** Ends the pane's thread. */
    public void close() {
        worker.shutdownNow();
    }
}
