package honeylamp.desktop.picture;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.gesture.Comparing;
import honeylamp.desktop.picture.PictureRenderer.Painted;
import honeylamp.desktop.picture.PictureRenderer.Request;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Plan;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import org.jspecify.annotations.Nullable;

/** Another state of the plan, left of an edge that is dragged across the drawing, at the same place and size. */
final class CompareEdge extends Pane {
    /** So near to the edge a press takes it. */
    private static final double REACH_PX = 9;

    private static final double GRIP_PX = 8;
    private static final double NAME_AWAY_PX = 10;
    private static final double NAME_DOWN_PX = 12;

    private final ImageView picture = new ImageView();
    private final Rectangle left = new Rectangle();
    private final Line line = new Line();
    private final Circle grip = new Circle(GRIP_PX);
    private final Label name = new Label();
    private final Label now = new Label("As it is now");
    private final Function<Request, Affine> toPane;
    private @Nullable PictureRenderer renderer;
    private @Nullable Plan laidOf;
    private @Nullable LaidPlan laid;
    private @Nullable Request asked;
    private @Nullable Painted shown;

    /** @param toPane from the pixels of a picture that was asked for to those of the pane as it is now */
    CompareEdge(Function<Request, Affine> toPane) {
        this.toPane = toPane;
        setId("compare-edge");
        setMouseTransparent(true);
        setVisible(false);
        picture.setClip(left);
        line.getStyleClass().add("compare-line");
        grip.getStyleClass().add("compare-grip");
        name.getStyleClass().add("caught");
        now.getStyleClass().add("caught");
        getChildren().addAll(picture, line, grip, name, now);
    }

    /** Shows what is compared with what was asked for of the plan as it is; nothing if nothing is compared. */
    void show(Optional<Comparing> comparing, Request request) {
        var other = comparing.flatMap(c -> page(c.other(), request));
        setVisible(other.isPresent());
        other.ifPresent(page -> {
            name.setText(comparing.orElseThrow().name());
            var wanted = new Request(
                    page,
                    request.worked(),
                    request.frame(),
                    request.lamp(),
                    request.viewport(),
                    request.width(),
                    request.height(),
                    request.desk(),
                    request.underlays(),
                    request.ghost(),
                    request.assets());
            if (!wanted.equals(asked)) {
                asked = wanted;
                if (renderer == null) {
                    renderer = new PictureRenderer(Platform::runLater, this::painted);
                }
                renderer.request(wanted);
            }
            place(comparing.orElseThrow().edge(), request.width(), request.height());
        });
    }

    /** The same page of the other state; empty if that has none. */
    private Optional<LaidPage> page(Plan other, Request request) {
        var known = laid;
        if (known == null || laidOf != other) {
            known = LaidPlan.of(other);
            laid = known;
            laidOf = other;
        }
        return known.pages().stream()
                .filter(p -> p.page().id().equals(request.page().page().id()))
                .filter(p -> p.views().stream().anyMatch(v -> v.view().id().equals(request.worked())))
                .findFirst();
    }

    private void painted(Painted painted) {
        shown = painted;
        picture.setImage(PlanPane.image(painted.image()));
        fit();
    }

    /** Until the new picture is there, the old one is moved and scaled to where it belongs. */
    private void fit() {
        var last = shown;
        if (last == null) {
            return;
        }
        var to = toPane.apply(last.request());
        var corner = to.apply(Point.ORIGIN);
        picture.setFitWidth(last.request().width() * to.lengthScale());
        picture.setFitHeight(last.request().height() * to.lengthScale());
        picture.setX(corner.x());
        picture.setY(corner.y());
    }

    private void place(double share, double width, double height) {
        fit();
        var x = Math.rint(share * width) + 0.5;
        left.setWidth(Math.max(0, x));
        left.setHeight(height);
        line.setStartX(x);
        line.setEndX(x);
        line.setEndY(height);
        grip.setCenterX(x);
        grip.setCenterY(height / 2);
        name.autosize();
        now.autosize();
        name.relocate(Math.max(0, x - NAME_AWAY_PX - name.prefWidth(-1)), NAME_DOWN_PX);
        now.relocate(Math.min(width - now.prefWidth(-1), x + NAME_AWAY_PX), NAME_DOWN_PX);
        name.setVisible(x > name.prefWidth(-1));
        now.setVisible(x < width - now.prefWidth(-1));
    }

    /** Whether a press at so many pixels from the left takes the edge. */
    boolean takes(double x) {
        return isVisible() && Math.abs(x - line.getStartX()) <= REACH_PX;
    }

    /** Whether the other state is painted as it was asked for last. */
    boolean settled() {
        var last = shown;
        return !isVisible() || last != null && last.sharp() && last.request().equals(asked);
    }

    void close() {
        if (renderer != null) {
            renderer.close();
        }
    }
}
