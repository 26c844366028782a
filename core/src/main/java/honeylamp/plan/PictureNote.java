package honeylamp.plan;

import honeylamp.geometry.Point;
import java.util.List;

/** A note on a picture to trace, in picture pixels: a pin at one point, or a line through several. */
public record PictureNote(List<Point> pointsPx, String text) {
    /** Refuses a note that is nowhere. */
    public PictureNote {
        pointsPx = List.copyOf(pointsPx);
        if (pointsPx.isEmpty()) {
            throw new IllegalArgumentException("a note on a picture needs a point");
        }
    }
}
