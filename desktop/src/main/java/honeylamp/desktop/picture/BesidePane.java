package honeylamp.desktop.picture;

import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.output.ScreenPainter;
import honeylamp.plan.Underlay;
import honeylamp.underlay.TracedPicture;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import org.jspecify.annotations.Nullable;

/** The picture to trace in a pane of its own, with its own zoom, to draw beside it. */
public final class BesidePane extends Pane {
    private static final double ZOOM_STEP = 1.18;
    private static final double AIR = 0.94;
    private static final double RING_PX = 8;

    private final WorkspaceModel model;
    private final ImageView picture = new ImageView();
    private final Circle ring = new Circle(RING_PX);
    private final Label hint = new Label("Wheel zooms, drag moves");
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("beside").factory());
    private final AtomicReference<@Nullable Wanted> newest = new AtomicReference<>();
    private @Nullable Underlay placed;
    private Affine toScreen = Affine.IDENTITY; // from plan mm
    private double lastX;
    private double lastY;

    private record Wanted(Underlay underlay, TracedPicture picture, Affine toScreen, int width, int height) {}

    /** A pane on a model. */
    public BesidePane(WorkspaceModel model) {
        this.model = model;
        setId("beside");
        getStyleClass().add("beside");
        ring.getStyleClass().add("beside-ring");
        ring.setVisible(false);
        hint.getStyleClass().add("beside-hint");
        for (var node : new javafx.scene.Node[] {picture, ring, hint}) {
            node.setMouseTransparent(true);
        }
        getChildren().addAll(picture, ring, hint);
        var clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        setMinSize(0, 0);
        setAccessibleText("The picture to trace, beside the plan");
        hint.relocate(10, 8);
        setOnScroll(e -> zoom(e.getDeltaY() > 0 ? ZOOM_STEP : 1 / ZOOM_STEP, e.getX(), e.getY()));
        setOnMousePressed(e -> {
            lastX = e.getX();
            lastY = e.getY();
        });
        setOnMouseDragged(e -> {
            toScreen = toScreen.then(Affine.move(e.getX() - lastX, e.getY() - lastY));
            lastX = e.getX();
            lastY = e.getY();
            ask();
        });
        model.state().subscribe(_ -> update());
        widthProperty().subscribe(() -> fit());
        heightProperty().subscribe(() -> fit());
        visibleProperty().subscribe(() -> fit());
    }

    private void zoom(double factor, double x, double y) {
        toScreen = toScreen.then(Affine.move(-x, -y))
                .then(Affine.scale(factor, factor))
                .then(Affine.move(x, y));
        ask();
    }

    private static Optional<Underlay> wanted(Workspace now) {
        return Picking.underlay(now.currentStorey(), now.selection());
    }

    private void update() {
        if (!isVisible()) {
            return;
        }
        var now = wanted(model.now());
        if (!now.equals(Optional.ofNullable(placed))) {
            var other = placed == null
                    || now.isEmpty()
                    || !placed.picture().equals(now.get().picture());
            placed = now.orElse(null);
            if (other) {
                fit();
            } else {
                ask();
            }
        }
    }

    /** Shows all of the picture. */
    private void fit() {
        var now = wanted(model.now());
        if (!isVisible() || now.isEmpty() || getWidth() < 1 || getHeight() < 1) {
            picture.setImage(null);
            return;
        }
        placed = now.get();
        toScreen = Affine.fit(Box.around(now.get().corners()), getWidth(), getHeight(), AIR);
        ask();
    }

    private void ask() {
        var underlay = placed;
        if (underlay == null || worker.isShutdown()) {
            return;
        }
        var pixels = model.pictures().get(underlay.picture());
        if (pixels.isEmpty()) {
            var bytes = model.now().document().assets().get(underlay.picture().asset());
            if (bytes != null) {
                model.pictures().want(underlay.picture(), bytes, _ -> Platform.runLater(this::ask));
            }
            return;
        }
        var request =
                new Wanted(underlay, pixels.get(), toScreen, (int) Math.ceil(getWidth()), (int) Math.ceil(getHeight()));
        newest.set(request);
        worker.execute(() -> {
            if (newest.get() == request) {
                var image = new BufferedImage(
                        Math.max(1, request.width), Math.max(1, request.height), BufferedImage.TYPE_INT_ARGB_PRE);
                ScreenPainter.beside(request.underlay, request.picture, image, request.toScreen);
                Platform.runLater(() -> {
                    if (newest.get() == request) {
                        picture.setImage(PlanPane.image(image));
                    }
                });
            }
        });
    }

    /** Shows where the pointer is in the plan. */
    public void follow(Point plan) {
        if (isVisible() && placed != null) {
            var p = toScreen.apply(plan);
            ring.setCenterX(p.x());
            ring.setCenterY(p.y());
            ring.setVisible(true);
        }
    }

    /** Ends the pane's thread. */
    public void close() {
        worker.shutdownNow();
    }
}
