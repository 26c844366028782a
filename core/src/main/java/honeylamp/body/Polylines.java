package honeylamp.body;

import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** The parts of a path as straight lines from point to point. */
final class Polylines implements Figure.Walker {
    private final int perCurve;
    private final List<List<Point>> all = new ArrayList<>();
    private List<Point> now = new ArrayList<>();

    private Polylines(int perCurve) {
        this.perCurve = perCurve;
    }

    static List<List<Point>> of(Figure path, int perCurve) {
        var walker = new Polylines(perCurve);
        path.walk(walker);
        walker.end();
        return walker.all;
    }

    private void end() {
        if (now.size() > 1) {
            all.add(now);
        }
        now = new ArrayList<>();
    }

    @Override
    public void moveTo(double x, double y) {
        end();
        now.add(new Point(x, y));
    }

    @Override
    public void lineTo(double x, double y) {
        now.add(new Point(x, y));
    }

    @Override
    public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
        var from = now.getLast();
        for (var i = 1; i <= perCurve; i++) {
            var t = (double) i / perCurve;
            var s = 1 - t;
            now.add(new Point(
                    s * s * s * from.x() + 3 * s * s * t * x1 + 3 * s * t * t * x2 + t * t * t * x,
                    s * s * s * from.y() + 3 * s * s * t * y1 + 3 * s * t * t * y2 + t * t * t * y));
        }
    }

    @Override
    public void close() {
        if (now.size() > 1) {
            now.add(now.getFirst());
            end();
        }
    }
}
