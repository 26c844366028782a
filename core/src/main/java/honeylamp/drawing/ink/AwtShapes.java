package honeylamp.drawing.ink;

import honeylamp.geometry.Figure;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;

/** Paths as shapes of the JDK's painter. */
public final class AwtShapes {
    private AwtShapes() {}

    /** A shape as a path; its curves of second order become ones of third. */
    public static Figure path(Shape shape) {
        var out = Figure.builder();
        var at = new double[6];
        var x = 0.0;
        var y = 0.0;
        for (var i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            var kind = i.currentSegment(at);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> out.moveTo(at[0], at[1]);
                case PathIterator.SEG_LINETO -> out.lineTo(at[0], at[1]);
                case PathIterator.SEG_QUADTO ->
                    out.curveTo(
                            x + 2.0 / 3 * (at[0] - x),
                            y + 2.0 / 3 * (at[1] - y),
                            at[2] + 2.0 / 3 * (at[0] - at[2]),
                            at[3] + 2.0 / 3 * (at[1] - at[3]),
                            at[2],
                            at[3]);
                case PathIterator.SEG_CUBICTO -> out.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                case PathIterator.SEG_CLOSE -> out.close();
                default -> throw new IllegalStateException("a path has no segment of kind " + kind);
            }
            if (kind != PathIterator.SEG_CLOSE) {
                var last = kind == PathIterator.SEG_CUBICTO ? 4 : kind == PathIterator.SEG_QUADTO ? 2 : 0;
                x = at[last];
                y = at[last + 1];
            }
        }
        return out.build();
    }

    /** The path as a shape with the non-zero rule. */
    public static Path2D shape(Figure path) {
        var out = new Path2D.Double(Path2D.WIND_NON_ZERO);
        path.walk(new Figure.Walker() {
            @Override
            public void moveTo(double x, double y) {
                out.moveTo(x, y);
            }

            @Override
            public void lineTo(double x, double y) {
                out.lineTo(x, y);
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                out.curveTo(x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                out.closePath();
            }
        });
        return out;
    }
}
