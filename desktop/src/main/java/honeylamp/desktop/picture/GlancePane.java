package honeylamp.desktop.picture;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.sketch.RaisedGlance;
import honeylamp.output.ScreenPainter;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import org.jspecify.annotations.Nullable;

/** The raised glance in a corner of the plan, painted off the interface thread whenever walls change. */
public final class GlancePane extends Pane {
    private static final int WIDTH_PX = 224;
    private static final int HEIGHT_PX = 168;

    private final WorkspaceModel model;
    private final ImageView picture = new ImageView();
    private final Label empty = new Label("Walls you draw stand here");
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("glance").factory());
    private final AtomicReference<@Nullable StoreyGeometry> newest = new AtomicReference<>();

    /** A pane on a model, hidden at first. */
    public GlancePane(WorkspaceModel model) {
        this.model = model;
        setId("glance");
        getStyleClass().add("glance");
        setMouseTransparent(true);
        setMinSize(WIDTH_PX, HEIGHT_PX);
        setMaxSize(WIDTH_PX, HEIGHT_PX);
        setVisible(false);
        setAccessibleText("The storey, raised");
        empty.getStyleClass().add("beside-hint");
        empty.relocate(10, 8);
        getChildren().addAll(picture, empty);
        model.state().subscribe(this::update);
    }

    private void update(Workspace now) {
        var view = model.shown().view();
        var geometry = view.storey().geometry();
        setVisible(now.choices().glance() == Choices.Glance.SHOWN && now.stage().showsUnderlay());
        if (!isVisible() || newest.get() == geometry || worker.isShutdown()) {
            return;
        }
        newest.set(geometry);
        empty.setVisible(now.currentStorey().walls().isEmpty());
        worker.execute(() -> {
            if (newest.get() == geometry) {
                var marks = RaisedGlance.marks(view, WIDTH_PX, HEIGHT_PX);
                var image = ScreenPainter.overlay(marks, Affine.IDENTITY, WIDTH_PX, HEIGHT_PX);
                Platform.runLater(() -> {
                    if (newest.get() == geometry) {
                        picture.setImage(
                                image.map(o -> PlanPane.image(o.image())).orElse(null));
                        picture.setX(image.map(ScreenPainter.Overlay::x).orElse(0));
                        picture.setY(image.map(ScreenPainter.Overlay::y).orElse(0));
                    }
                });
            }
        });
    }

    /** Ends the pane's thread. */
    public void close() {
        worker.shutdownNow();
    }
}
