package honeylamp.underlay;

import honeylamp.geometry.Affine;
import honeylamp.plan.Linework.Form;
import honeylamp.underlay.DrawnLines.Drawn;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** Draws lines of a drawing as a picture again: those that are chosen, without words, hatch or furniture. */
public final class LinesPicture {
    private static final double FINEST_PX = 1;

    /** Pens are drawn no heavier than this, so that walls are told from lines at any size of a picture. */
    private static final double HEAVIEST_PX = 2.5;

    /** A stroke wider than this share of the longer side of a picture is no line but a body. */
    private static final double BODY_SHARE = 0.0042;

    private LinesPicture() {}

    /** Lines on white. */
    public static TracedPicture of(DrawnLines lines, Affine toPicture, int widthPx, int heightPx) {
        var image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_BYTE_GRAY);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, widthPx, heightPx);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        var t = toPicture;
        g.transform(new AffineTransform(t.a(), t.b(), t.c(), t.d(), t.e(), t.f()));
        var scale = toPicture.lengthScale();
        var body = BODY_SHARE * Math.max(widthPx, heightPx);
        for (var drawn : lines.all()) {
            var layer = lines.layers().get(drawn.layer());
            g.setColor(Color.decode(layer.colour()));
            if (layer.form() != Form.FILLS) { // a hairline has no width, and is a line
                var width = drawn.widthPx() * scale;
                var pen = width > body ? width : Math.clamp(width, FINEST_PX, HEAVIEST_PX);
                g.setStroke(new BasicStroke((float) (pen / scale), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
                g.draw(path(drawn));
            } else {
                g.fill(path(drawn));
            }
        }
        g.dispose();
        return TracedPicture.of(image);
    }

    private static Path2D path(Drawn drawn) {
        var out = new Path2D.Double(drawn.evenOdd() ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
        for (var path : drawn.paths()) {
            var begun = false;
            for (var p : path.points()) {
                if (begun) {
                    out.lineTo(p.x(), p.y());
                } else {
                    out.moveTo(p.x(), p.y());
                }
                begun = true;
            }
            if (path.isClosed() && begun) {
                out.closePath();
            }
        }
        return out;
    }
}
