package honeylamp.drawing;

import honeylamp.geometry.Path;
import java.awt.geom.Path2D;

/** Paths as shapes of the JDK's painter. */
public final class AwtShapes {
    private AwtShapes() {}

    /** The path as a shape with the non-zero rule. */
    public static Path2D shape(Path path) {
        var out = new Path2D.Double(Path2D.WIND_NON_ZERO);
        path.walk(new Path.Walker() {
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
