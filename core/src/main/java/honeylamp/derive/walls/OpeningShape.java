package honeylamp.derive.walls;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;

/** The shape openings have in their wall. */
public final class OpeningShape {
    /** With so many corners a circle of 1 m is nowhere more than 0.2 mm off, and its area within 0.05 %. */
    private static final int CORNERS = 120;

    private OpeningShape() {}

    /** The edge of an opening that takes up a box: round, with a round head, or the box itself. */
    public static Ring of(OpeningKind kind, Box box) {
        return switch (kind) {
            case ROUND_WINDOW -> {
                var corners = new ArrayList<Point>();
                for (var i = 0; i < CORNERS; i++) {
                    corners.add(on(box.centre(), box.width() / 2, box.height() / 2, 360.0 * i / CORNERS));
                }
                yield new Ring(corners);
            }
            case ARCHED -> {
                // a half circle, or flatter if the opening is too low for one
                var rise = Math.min(box.width() / 2, box.height());
                var springing = new Point(box.centre().x(), box.maxY() - rise);
                var corners = new ArrayList<Point>();
                corners.add(new Point(box.minX(), box.minY()));
                corners.add(new Point(box.maxX(), box.minY()));
                for (var i = 0; i <= CORNERS / 2; i++) {
                    corners.add(on(springing, box.width() / 2, rise, 360.0 * i / CORNERS));
                }
                yield new Ring(corners);
            }
            case DOOR,
                    PAIR_DOOR,
                    UNEQUAL_PAIR,
                    SLIDING_DOOR,
                    SLIDING_PAIR,
                    PARTING_DOOR,
                    POCKET_DOOR,
                    FOLDING_DOOR,
                    OUTER_DOOR,
                    GARAGE_DOOR,
                    PLAIN,
                    FIXED_WINDOW,
                    CASEMENT_WINDOW,
                    SLIDING_WINDOW,
                    TILT_WINDOW,
                    CORNER_WINDOW -> box.ring();
        };
    }

    private static Point on(Point centre, double across, double up, double deg) {
        var way = Point.direction(deg);
        return centre.plus(new Point(way.x() * across, way.y() * up));
    }
}
