package honeylamp.illustrate.raised;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Raised;
import honeylamp.raised.Looking;
import java.util.List;

/** A small raised picture to lie beside a plan while one works on it. */
public final class RaisedGlance {
    private static final double AIR = 0.92;

    private RaisedGlance() {}

    /**
     * A picture so many pixels large, its corner at the origin; nothing if there is nothing to see.
     *
     * @param view in whose look and light it is seen
     */
    public static List<Mark> marks(LaidView view, Raised subject, double widthPx, double heightPx) {
        return Looking.of(view, subject)
                .map(looking -> Looking.scene(view, subject, looking))
                .flatMap(scene -> scene.bounds().map(box -> {
                    var frame = middle(box, widthPx, heightPx);
                    return QuickPicture.small(view, scene, subject, frame, AIR * Math.max(widthPx, heightPx));
                }))
                .orElse(List.of());
    }

    /** Where a box lies in the middle of a picture. */
    private static PaperFrame middle(Box box, double widthPx, double heightPx) {
        var scale = Math.max(box.width() / widthPx, box.height() / heightPx) / AIR;
        var centre = box.centre();
        var corner = new Point(widthPx / 2 - centre.x() / scale, heightPx / 2 + centre.y() / scale);
        return new PaperFrame(scale, corner.x(), corner.y());
    }
}
