package honeylamp.desktop.picture;

import honeylamp.desktop.picture.PictureRenderer.Painted;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import java.util.List;
import java.util.Map;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/** The whole sheet, small, with the part that is seen, while one is far in; a press goes there. */
public final class SmallMap extends Pane {
    private static final int MOST_PX = 150;

    /** So much of the sheet, by length, is seen where the map comes. */
    private static final double FAR_IN = 0.45;

    private static final int PAPER = 0xFFFBF7EF;

    private final WorkspaceModel model;
    private final Pane plan;
    private final PictureRenderer renderer = new PictureRenderer(Platform::runLater, this::show);
    private final ImageView picture = new ImageView();
    private final Rectangle seen = new Rectangle();
    private final PauseTransition rest = new PauseTransition(Duration.millis(300));
    private @Nullable Workspace drawn;

    /** A map on a model, of what a pane shows. */
    public SmallMap(WorkspaceModel model, Pane plan) {
        this.model = model;
        this.plan = plan;
        setId("small-map");
        getStyleClass().add("small-map");
        setAccessibleText("The whole sheet, small");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        seen.getStyleClass().add("small-map-seen");
        seen.setMouseTransparent(true);
        getChildren().addAll(picture, seen);
        rest.setOnFinished(_ -> draw());
        setOnMousePressed(this::go);
        setOnMouseDragged(this::go);
        model.state().subscribe(_ -> update());
        plan.widthProperty().subscribe(_ -> update());
        update();
    }

    /** The sheet, in plan mm. */
    private Box sheet() {
        var sheet = model.shown().page().page().sheet();
        var toPlan = model.now().frame().toPaper().inverse();
        return Box.around(
                List.of(toPlan.apply(Point.ORIGIN), toPlan.apply(new Point(sheet.widthMm(), sheet.heightMm()))));
    }

    private Viewport whole(Box sheet) {
        return new Viewport(sheet.centre(), MOST_PX / Math.max(sheet.width(), sheet.height()));
    }

    private void update() {
        var now = model.now();
        var sheet = sheet();
        var scale = now.viewport().pxPerMm();
        var across = plan.getWidth() / scale;
        var up = plan.getHeight() / scale;
        setVisible(across > 0 && across < FAR_IN * sheet.width() && up < FAR_IN * sheet.height());
        if (!isVisible()) {
            return;
        }
        var small = whole(sheet).pxPerMm();
        setPrefSize(sheet.width() * small, sheet.height() * small);
        var centre = now.viewport().centre();
        seen.setX((centre.x() - across / 2 - sheet.minX()) * small);
        seen.setY((sheet.maxY() - centre.y() - up / 2) * small);
        seen.setWidth(across * small);
        seen.setHeight(up * small);
        if (drawn == null || drawn.plan() != now.plan() || !drawn.worked().equals(now.worked())) {
            rest.playFromStart(); // while something is being moved the picture of before does
        }
    }

    private void draw() {
        var now = model.now();
        drawn = now;
        var sheet = sheet();
        var whole = whole(sheet);
        renderer.request(new PictureRenderer.Request(
                model.shown().page(),
                now.worked().view(),
                now.frame(),
                Lamp.COLOUR,
                whole,
                (int) Math.ceil(sheet.width() * whole.pxPerMm()),
                (int) Math.ceil(sheet.height() * whole.pxPerMm()),
                PAPER,
                List.of(),
                List.of(),
                Map.of()));
    }

    private void show(Painted painted) {
        picture.setImage(PlanPane.image(painted.image()));
    }

    private void go(MouseEvent e) {
        var sheet = sheet();
        var small = whole(sheet).pxPerMm();
        model.show(new Viewport(
                new Point(sheet.minX() + e.getX() / small, sheet.maxY() - e.getY() / small),
                model.now().viewport().pxPerMm()));
        e.consume();
    }

    /** Ends the thread that paints. */
    public void close() {
        renderer.close();
    }
}
