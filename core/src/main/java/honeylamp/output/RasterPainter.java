package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Gradient;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.Paint;
import java.awt.RadialGradientPaint;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Paints drawings into pixels. */
public final class RasterPainter {
    private static final int BANDS = 2;
    private static final int LEAST_BAND_PX = 100;

    private RasterPainter() {}

    /**
     * Paints a drawing over what the image holds.
     *
     * @param image of type {@code INT_ARGB_PRE} or {@code INT_RGB}
     * @param toPixels from paper mm to pixels, without shear
     */
    public static void paint(Drawing drawing, BufferedImage image, Affine toPixels) {
        paint(BoundedDrawing.of(drawing), image, toPixels);
    }

    /** The same with a drawing whose marks' boxes are known. */
    static void paint(BoundedDrawing drawing, BufferedImage image, Affine toPixels) {
        if (image.getHeight() < 2 * LEAST_BAND_PX) {
            drawing.seen(image, toPixels).forEach(layer -> paint(layer, image, toPixels));
            return;
        }
        IntStream.range(0, BANDS).parallel().forEach(i -> band(drawing, image, toPixels, i));
    }

    /** Paints one of the bands the image is cut into, apart, so that bands are painted at the same time. */
    private static void band(BoundedDrawing drawing, BufferedImage image, Affine toPixels, int index) {
        var top = image.getHeight() * index / BANDS;
        var height = image.getHeight() * (index + 1) / BANDS - top;
        var band = new BufferedImage(image.getWidth(), height, image.getType());
        var whole = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        var part = ((DataBufferInt) band.getRaster().getDataBuffer()).getData();
        System.arraycopy(whole, top * image.getWidth(), part, 0, part.length);
        var shifted = toPixels.then(Affine.move(0, -top));
        drawing.seen(band, shifted).forEach(layer -> paint(layer, band, shifted));
        System.arraycopy(part, 0, whole, top * image.getWidth(), part.length);
    }

    private static void paint(Layer layer, BufferedImage image, Affine toPixels) {
        if (layer.blend() == Blend.MULTIPLY
                && layer.marks().size() == 1
                && layer.marks().getFirst() instanceof Mark.Picture picture) {
            multiply(picture, Optional.empty(), image, toPixels); // shade, without a picture of its own
        } else if (layer.blend() == Blend.MULTIPLY
                && layer.marks().size() == 1
                && layer.marks().getFirst() instanceof Mark.Clip(var clip, var inside)
                && inside.size() == 1
                && inside.getFirst() instanceof Mark.Picture picture) {
            multiply(picture, Optional.of(clip), image, toPixels);
        } else if (layer.blend() == Blend.COVER) {
            cover(layer.marks(), image, toPixels);
        } else if (!layer.marks().isEmpty()) {
            var group = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
            cover(layer.marks(), group, toPixels);
            Blending.into(image, group, layer.blend());
        }
    }

    private static void cover(List<Mark> marks, BufferedImage image, Affine toPixels) {
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
        g.setTransform(transform(toPixels));
        var seen = BoundedDrawing.part(image, toPixels);
        for (var mark : marks) {
            var soft = mark instanceof Mark.Clip clip ? SoftFills.of(clip) : Optional.<SoftFills>empty();
            soft.ifPresentOrElse(s -> s.paint(image, toPixels), () -> draw(List.of(mark), g, seen));
        }
        g.dispose();
    }

    static AffineTransform transform(Affine a) {
        return new AffineTransform(a.a(), a.b(), a.c(), a.d(), a.e(), a.f());
    }

    /** Of long paths only what is seen is walked. */
    private static void draw(List<Mark> marks, Graphics2D g, Box seen) {
        for (var mark : marks) {
            switch (mark) {
                case Mark.Fill(var path, var ink) -> {
                    g.setColor(colour(ink));
                    g.fill(AwtShapes.shape(path.within(seen)));
                }
                case Mark.Stroke stroke -> {
                    g.setColor(colour(stroke.ink()));
                    g.setStroke(stroke(stroke.pen()));
                    g.draw(AwtShapes.shape(stroke.path().within(seen.grown(MarkBounds.reach(stroke)))));
                }
                case Mark.Text text -> text(text, g);
                case Mark.Shaded(var path, var gradient, var opacity) -> {
                    var inner = (Graphics2D) g.create();
                    inner.setComposite(AlphaComposite.SrcOver.derive((float) opacity));
                    inner.setPaint(paint(gradient));
                    inner.fill(AwtShapes.shape(path));
                    inner.dispose();
                }
                case Mark.Haloed(var text, var roomMm, var ink) -> {
                    g.setColor(colour(ink));
                    g.setStroke(new BasicStroke((float) (2 * roomMm), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                    g.draw(outline(text));
                    text(text, g);
                }
                case Mark.Image picture -> stretched(image(seen(picture, g)), picture.where(), g);
                case Mark.Picture picture -> stretched(image(picture), picture.where(), g);
                case Mark.Clip(var path, var inside) -> clipped(AwtShapes.shape(path.within(seen)), inside, g, seen);
            }
        }
    }

    private static void clipped(Shape clip, List<Mark> inside, Graphics2D g, Box seen) {
        var inner = (Graphics2D) g.create();
        inner.clip(clip);
        draw(inside, inner, seen);
        inner.dispose();
    }

    private static Color colour(Ink ink) {
        return new Color(
                ink.rgb() >> 16 & 0xff, ink.rgb() >> 8 & 0xff, ink.rgb() & 0xff, (int) Math.round(ink.opacity() * 255));
    }

    private static BasicStroke stroke(Pen pen) {
        var cap = pen.tip() == Pen.Tip.ROUND ? BasicStroke.CAP_ROUND : BasicStroke.CAP_BUTT;
        var join = pen.tip() == Pen.Tip.ROUND ? BasicStroke.JOIN_ROUND : BasicStroke.JOIN_MITER;
        var width = (float) pen.widthMm();
        if (pen.dashMm().isEmpty()) {
            return new BasicStroke(width, cap, join, 10f);
        }
        var dash = new float[pen.dashMm().size()];
        for (var i = 0; i < dash.length; i++) {
            dash[i] = pen.dashMm().get(i).floatValue();
        }
        return new BasicStroke(width, cap, join, 10f, dash, 0f);
    }

    /** Glyph outlines, placed one by one where the letters are spaced out. */
    private static void text(Mark.Text text, Graphics2D g) {
        var size = text.face().sizeOfCapHeight(text.capHeightMm());
        var perUnit = size / 1000;
        Point start = text.start();
        var inner = (Graphics2D) g.create();
        inner.translate(start.x(), start.y());
        inner.rotate(Math.toRadians(text.turnDeg()));
        inner.scale(perUnit, perUnit);
        inner.setColor(colour(text.ink()));
        text.set().pieces().forEach(p -> inner.fill(p.outline()));
        inner.dispose();
    }

    private static Paint paint(Gradient gradient) {
        var at = new float[gradient.stops().size()];
        var colours = new Color[at.length];
        for (var i = 0; i < at.length; i++) {
            at[i] = (float) gradient.stops().get(i).at();
            colours[i] = new Color(gradient.stops().get(i).rgb());
        }
        return switch (gradient) {
            case Gradient.Linear(var from, var to, var _) ->
                new LinearGradientPaint(
                        new Point2D.Double(from.x(), from.y()), new Point2D.Double(to.x(), to.y()), at, colours);
            case Gradient.Radial(var centre, var radius, var _) ->
                new RadialGradientPaint(new Point2D.Double(centre.x(), centre.y()), (float) radius, at, colours);
        };
    }

    /** The outlines of a line of text where it stands, in paper mm. */
    static Shape outline(Mark.Text text) {
        var start = text.start();
        var at = AffineTransform.getTranslateInstance(start.x(), start.y());
        at.rotate(Math.toRadians(text.turnDeg()));
        var perUnit = text.face().sizeOfCapHeight(text.capHeightMm()) / 1000;
        at.scale(perUnit, perUnit);
        var out = new Path2D.Double(Path2D.WIND_NON_ZERO);
        text.set().pieces().forEach(p -> out.append(at.createTransformedShape(p.outline()), false));
        return out;
    }

    private static void stretched(BufferedImage image, Box where, Graphics2D g) {
        var at = new AffineTransform(
                where.width() / image.getWidth(), 0, 0, where.height() / image.getHeight(), where.minX(), where.minY());
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, at, null);
    }

    /** A picture of far more pixels than are seen is halved first: taking some of them would leave it ragged. */
    private static Mark.Image seen(Mark.Image picture, Graphics2D g) {
        var across =
                picture.where().width() * Math.sqrt(Math.abs(g.getTransform().getDeterminant()));
        var pixels = picture.pixels();
        while (pixels.width() > 2 * across && pixels.width() > 1 && pixels.height() > 1) {
            pixels = pixels.half();
        }
        return new Mark.Image(pixels, picture.where());
    }

    static BufferedImage image(Mark.Image picture) {
        var pixels = picture.pixels();
        var image = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
        var argb = pixels.argb();
        System.arraycopy(argb, 0, ((DataBufferInt) image.getRaster().getDataBuffer()).getData(), 0, argb.length);
        return image;
    }

    static BufferedImage image(Mark.Picture picture) {
        var grey = picture.grey();
        var image = new BufferedImage(grey.width(), grey.height(), BufferedImage.TYPE_BYTE_GRAY);
        var levels = grey.levels();
        System.arraycopy(levels, 0, ((DataBufferByte) image.getRaster().getDataBuffer()).getData(), 0, levels.length);
        return image;
    }

    /** Scales the grey picture up bilinearly and multiplies it in, row by row. */
    private static void multiply(Mark.Picture picture, Optional<Figure> clip, BufferedImage image, Affine toPixels) {
        var grey = picture.grey();
        var where = picture.where();
        var origin = toPixels.apply(new Point(where.minX(), where.minY()));
        var end = toPixels.apply(new Point(where.maxX(), where.maxY()));
        var x0 = Math.max(0, (int) Math.floor(origin.x()));
        var y0 = Math.max(0, (int) Math.floor(origin.y()));
        var x1 = Math.min(image.getWidth(), (int) Math.ceil(end.x()));
        var y1 = Math.min(image.getHeight(), (int) Math.ceil(end.y()));
        if (x1 <= x0 || y1 <= y0) {
            return;
        }
        var pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        var covered = clip.map(c -> covered(c, toPixels, new Rectangle(x0, y0, x1 - x0, y1 - y0)));
        new GreyMultiplier(
                        grey,
                        (grey.width()) / (end.x() - origin.x()),
                        (grey.height()) / (end.y() - origin.y()),
                        origin.x(),
                        origin.y())
                .apply(pixels, image.getWidth(), x0, y0, x1, y1, covered);
    }

    /** The share of every pixel of a part that lies within a path, of 255. */
    private static byte[] covered(Figure clip, Affine toPixels, Rectangle part) {
        var mask = new BufferedImage(part.width, part.height, BufferedImage.TYPE_BYTE_GRAY);
        var g = mask.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.translate(-part.x, -part.y);
        g.transform(transform(toPixels));
        g.setColor(Color.WHITE);
        g.fill(AwtShapes.shape(clip));
        g.dispose();
        return ((DataBufferByte) mask.getRaster().getDataBuffer()).getData();
    }
}
