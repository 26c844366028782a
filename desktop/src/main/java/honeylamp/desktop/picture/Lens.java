package honeylamp.desktop.picture;

import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.output.ScreenPainter;
import honeylamp.output.ScreenPainter.Traced;
import honeylamp.plan.Underlay;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import javafx.scene.Group;
import javafx.scene.image.ImageView;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/** A round lens beside the pointer that shows the picture under it four times as large. */
final class Lens extends Group {
    private static final int SIZE_PX = 132;
    private static final double TIMES = 4;
    private static final double AWAY_PX = 26;
    private static final double ARM_PX = 9;

    private final WorkspaceModel model;
    private final ImageView picture = new ImageView();

    Lens(WorkspaceModel model) {
        this.model = model;
        setId("lens");
        setMouseTransparent(true);
        setVisible(false);
        var half = SIZE_PX / 2.0;
        picture.setClip(new Circle(half, half, half));
        var rim = new Circle(half, half, half);
        rim.getStyleClass().add("lens-rim");
        getChildren().addAll(picture, rim);
        for (var way : new int[][] {{1, 0}, {0, 1}}) {
            var arm = new Line(
                    half - way[0] * ARM_PX, half - way[1] * ARM_PX, half + way[0] * ARM_PX, half + way[1] * ARM_PX);
            arm.getStyleClass().add("lens-cross");
            getChildren().add(arm);
        }
    }

    /** Shows what lies at a point of the plan; hides where there is no picture. */
    void show(Point plan, double pxPerMm, double pointerX, double pointerY, double paneWidth) {
        var scale = TIMES * pxPerMm;
        var toScreen = Affine.move(-plan.x(), -plan.y())
                .then(Affine.scale(scale, -scale))
                .then(Affine.move(SIZE_PX / 2.0, SIZE_PX / 2.0));
        var traced = new ArrayList<Traced>();
        for (var underlay : model.now().currentStorey().underlays()) {
            if (underlay.sight() == Underlay.Sight.SHOWN) {
                model.pictures().get(underlay.picture()).ifPresent(p -> traced.add(new Traced(underlay, p)));
            }
        }
        setVisible(!traced.isEmpty());
        if (traced.isEmpty()) {
            return;
        }
        var image = new BufferedImage(SIZE_PX, SIZE_PX, BufferedImage.TYPE_INT_ARGB_PRE);
        ScreenPainter.pictures(traced, image, toScreen);
        picture.setImage(PlanPane.image(image));
        var left = pointerX + AWAY_PX + SIZE_PX > paneWidth;
        relocate(
                left ? pointerX - AWAY_PX - SIZE_PX : pointerX + AWAY_PX,
                pointerY > SIZE_PX + AWAY_PX ? pointerY - AWAY_PX - SIZE_PX : pointerY + AWAY_PX);
    }
}
