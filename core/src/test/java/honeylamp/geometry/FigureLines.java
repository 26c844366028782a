package honeylamp.geometry;

import java.util.ArrayList;
import java.util.List;

/** The straight lines of a figure, for tests that look at what is drawn. */
public final class FigureLines {
    /** Shorter ones are no lines, in the unit of the figure. */
    private static final double NOTHING = 1e-6;

    private FigureLines() {}

    /** All that have a length, in the order they are drawn. */
    public static List<Segment> of(Figure figure) {
        var out = new ArrayList<Segment>();
        figure.walk(new Figure.Walker() {
            private Point at = Point.ORIGIN;

            @Override
            public void moveTo(double x, double y) {
                at = new Point(x, y);
            }

            @Override
            public void lineTo(double x, double y) {
                var to = new Point(x, y);
                if (at.distance(to) > NOTHING) {
                    out.add(new Segment(at, to));
                }
                at = to;
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                at = new Point(x, y);
            }

            @Override
            public void close() {}
        });
        return out;
    }
}
