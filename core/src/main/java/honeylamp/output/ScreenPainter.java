package honeylamp.output;

import honeylamp.catalogue.ScreenColours;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Treatment.Lie;
import honeylamp.plan.Underlay;
import honeylamp.sheet.ComposedPage;
import honeylamp.underlay.TracedPicture;
import honeylamp.underlay.UnderlayPainter;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;

/** Paints the working view: desk, sheet, underlays, picture. */
public final class ScreenPainter {
    private static final Color SHEET_SHADE = new Color(0x30, 0x26, 0x10, 13);
    private static final int SHADE_STEPS = 6;

    private ScreenPainter() {}

    /** A picture to trace and its pixels. */
    public record Traced(Underlay underlay, TracedPicture picture) {}

    /**
     * What is shown.
     *
     * @param desk what lies round the paper, as 0xAARRGGBB
     * @param ghost another storey, seen through this one, in paper mm; empty for none
     * @param toPixels from paper mm to pixels
     */
    public record Scene(
            ComposedPage page,
            int desk,
            List<Traced> underlays,
            List<Mark> ghost,
            Affine toPixels,
            int width,
            int height) {
        public Scene {
            underlays = List.copyOf(underlays);
            ghost = List.copyOf(ghost);
        }

        Rectangle whole() {
            return new Rectangle(width, height);
        }
    }

    /** Paints everything. */
    public static BufferedImage paint(Scene scene) {
        return ScreenLayers.of(scene).painted(scene.whole());
    }

    /** The desk, and the shade of the paper that lies on it. */
    static void desk(Scene scene, BufferedImage image, Affine toPixels) {
        var g = image.createGraphics();
        g.setColor(new Color(scene.desk));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        var a = toPixels.apply(Point.ORIGIN);
        var b = toPixels.apply(new Point(scene.page.widthMm(), scene.page.heightMm()));
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(SHEET_SHADE);
        for (var i = 1; i <= SHADE_STEPS; i++) {
            g.fill(new java.awt.geom.RoundRectangle2D.Double(
                    a.x() - i + 2, a.y() - i + 4, b.x() - a.x() + 2 * i, b.y() - a.y() + 2 * i, 2 * i, 2 * i));
        }
        g.dispose();
    }

    static Drawing alone(List<Mark> marks) {
        return new Drawing(List.of(Layer.of(LayerKind.LABELS, marks)));
    }

    static void underlays(Iterable<Traced> underlays, Lie lie, BufferedImage image, Affine toScreen) {
        for (var traced : underlays) {
            if (traced.underlay.treatment().lie() == lie) {
                UnderlayPainter.paint(traced.underlay, traced.picture, image, toScreen);
            }
        }
    }

    /** Paints pictures to trace alone, on paper, one over the other. */
    public static void pictures(Iterable<Traced> underlays, BufferedImage image, Affine toScreen) {
        blank(image);
        for (var traced : underlays) {
            UnderlayPainter.paint(traced.underlay, traced.picture, image, toScreen);
        }
    }

    /** Paints one picture to trace in full strength, on paper. */
    public static void beside(Underlay underlay, TracedPicture picture, BufferedImage image, Affine toScreen) {
        blank(image);
        UnderlayPainter.paint(underlay.withTreatment(underlay.treatment().withFade(0)), picture, image, toScreen);
    }

    private static void blank(BufferedImage image) {
        var g = image.createGraphics();
        g.setColor(new Color(ScreenColours.PAPER.argb()));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.dispose();
    }

    /** The picture of a sketch above the view, cut to what it covers. */
    public record Overlay(BufferedImage image, int x, int y) {}

    /** Paints marks alone, on nothing, in an image as small as can be; empty if they lie outside the view. */
    public static Optional<Overlay> overlay(List<Mark> marks, Affine toPixels, int viewWidth, int viewHeight) {
        var box = MarkBounds.of(marks);
        if (box.isEmpty()) {
            return Optional.empty();
        }
        var a = toPixels.apply(new Point(box.get().minX(), box.get().minY()));
        var b = toPixels.apply(new Point(box.get().maxX(), box.get().maxY()));
        var x0 = Math.max(0, (int) Math.floor(a.x()) - 2);
        var y0 = Math.max(0, (int) Math.floor(a.y()) - 2);
        var x1 = Math.min(viewWidth, (int) Math.ceil(b.x()) + 2);
        var y1 = Math.min(viewHeight, (int) Math.ceil(b.y()) + 2);
        if (x1 <= x0 || y1 <= y0) {
            return Optional.empty();
        }
        var image = new BufferedImage(x1 - x0, y1 - y0, BufferedImage.TYPE_INT_ARGB_PRE);
        RasterPainter.paint(alone(marks), image, toPixels.then(Affine.move(-x0, -y0)));
        return Optional.of(new Overlay(image, x0, y0));
    }
}
