package honeylamp.illustrate.shade;

import honeylamp.drawing.ink.AwtShapes;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.Solids.Solid;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;

/**
 * A grid of pixels over a part of the paper, into which what throws shade is drawn.
 *
 * @param bounds the part, in paper mm; the last pixels may reach beyond it
 * @param pxPerMm pixels per paper mm
 * @param frame where the plan lies on the paper
 */
record ShadeGrid(Box bounds, double pxPerMm, PaperFrame frame, int width, int height) {
    /** Heights are drawn so finely. */
    static final int FINE = 2;

    private static final int LEVELS = 255;

    static ShadeGrid over(Box paper, double pxPerMm, PaperFrame frame) {
        return new ShadeGrid(
                paper, pxPerMm, frame, Math.max(1, (int) Math.ceil(paper.width() * pxPerMm)), Math.max(1, (int)
                        Math.ceil(paper.height() * pxPerMm)));
    }

    /** The part of the paper that its pixels cover, in paper mm. */
    Box where() {
        return new Box(bounds.minX(), bounds.minY(), bounds.minX() + width / pxPerMm, bounds.minY() + height / pxPerMm);
    }

    /** The side of a pixel, in plan mm. */
    double pixelMm() {
        return frame.scale() / pxPerMm;
    }

    int count() {
        return width * height;
    }

    Rectangle whole() {
        return new Rectangle(width, height);
    }

    /** The middle of a pixel, in plan mm. */
    Point middle(int column, int row) {
        return frame.plan(new Point(bounds.minX() + (column + 0.5) / pxPerMm, bounds.minY() + (row + 0.5) / pxPerMm));
    }

    /** A grid of a part of its pixels. */
    ShadeGrid part(Rectangle part) {
        var corner = new Point(bounds.minX() + part.x / pxPerMm, bounds.minY() + part.y / pxPerMm);
        var box =
                new Box(corner.x(), corner.y(), corner.x() + part.width / pxPerMm, corner.y() + part.height / pxPerMm);
        return new ShadeGrid(box, pxPerMm, frame, part.width, part.height);
    }

    /** The pixels that a box of the plan reaches into. */
    Rectangle pixels(Box planMm) {
        var a = frame.paper(new Point(planMm.minX(), planMm.maxY()));
        var b = frame.paper(new Point(planMm.maxX(), planMm.minY()));
        var x = (int) Math.floor((a.x() - bounds.minX()) * pxPerMm);
        var y = (int) Math.floor((a.y() - bounds.minY()) * pxPerMm);
        return new Rectangle(
                x,
                y,
                (int) Math.ceil((b.x() - bounds.minX()) * pxPerMm) - x,
                (int) Math.ceil((b.y() - bounds.minY()) * pxPerMm) - y);
    }

    /** An image of levels with so many pixels to each of the grid across and down. */
    BufferedImage image(int times) {
        return new BufferedImage(times * width, times * height, BufferedImage.TYPE_BYTE_GRAY);
    }

    /** Draws what footprints cover into a part of an image, which is drawn anew. */
    void cover(BufferedImage image, List<Solid> solids, Rectangle part) {
        draw(image, 1, RenderingHints.VALUE_ANTIALIAS_ON, part, g -> {
            g.setColor(Color.WHITE);
            solids.forEach(s -> g.fill(AwtShapes.shape(frame.paper(s.footprint()))));
        });
    }

    /** The share of every pixel of a part that footprints cover, from 0 to 1. */
    float[] shares(BufferedImage covered, Rectangle part) {
        var levels = levels(covered);
        var out = new float[part.width * part.height];
        for (var y = 0; y < part.height; y++) {
            var from = (part.y + y) * width + part.x;
            for (var x = 0; x < part.width; x++) {
                out[y * part.width + x] = (levels[from + x] & 0xff) / (float) LEVELS;
            }
        }
        return out;
    }

    /** Draws heights into a part of an image of {@link #FINE} pixels to one of the grid; the highest is drawn last and wins. */
    void raise(BufferedImage image, List<Solid> solids, double capMm, Rectangle part) {
        draw(
                image,
                FINE,
                RenderingHints.VALUE_ANTIALIAS_OFF,
                part,
                g -> solids.stream()
                        .sorted(Comparator.comparingDouble(Solid::heightMm))
                        .forEach(s -> {
                            var level = (int) Math.round(LEVELS * Math.min(1, s.heightMm() / capMm));
                            g.setColor(new Color(level, level, level));
                            g.fill(AwtShapes.shape(frame.paper(s.footprint())));
                        }));
    }

    /**
     * The height of what stands in or beside every pixel of a part, in plan mm: the highest of its nine neighbours, so
     * that together with the coverage, which is smooth, edges of things that lie turned do not step.
     */
    float[] heights(BufferedImage raised, double capMm, Rectangle part) {
        var fine = levels(raised);
        var out = new float[part.width * part.height];
        for (var y = 0; y < part.height; y++) {
            for (var x = 0; x < part.width; x++) {
                var at = 4 * (part.y + y) * width + 2 * (part.x + x);
                var most = Math.max(
                        Math.max(fine[at] & 0xff, fine[at + 1] & 0xff),
                        Math.max(fine[at + 2 * width] & 0xff, fine[at + 2 * width + 1] & 0xff));
                out[y * part.width + x] = (float) (most * capMm / LEVELS);
            }
        }
        return Smoothing.highest(out, part.width, part.height);
    }

    private static byte[] levels(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    /** For every pixel the number of the surface it lies in, from 1; 0 outside all. */
    int[] numbered(List<Figure> surfaces) {
        return numbers(g -> number(g, surfaces, false));
    }

    /** The same, with each surface grown by so many plan mm where no other lies. */
    int[] numbered(List<Figure> surfaces, double grownMm) {
        return numbers(g -> {
            g.setStroke(new BasicStroke((float) (2 * grownMm / frame.scale())));
            number(g, surfaces, true);
            number(g, surfaces, false);
        });
    }

    private static void number(Graphics2D g, List<Figure> surfaces, boolean edges) {
        for (var i = 0; i < surfaces.size(); i++) {
            g.setColor(new Color(i + 1)); // a colour is a number here
            var shape = AwtShapes.shape(surfaces.get(i));
            if (edges) {
                g.draw(shape);
            } else {
                g.fill(shape);
            }
        }
    }

    private int[] numbers(Consumer<Graphics2D> paint) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        draw(image, 1, RenderingHints.VALUE_ANTIALIAS_OFF, whole(), paint);
        var out = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        for (var i = 0; i < out.length; i++) {
            out[i] &= 0xffffff;
        }
        return out;
    }

    private void draw(BufferedImage image, int times, Object smooth, Rectangle part, Consumer<Graphics2D> paint) {
        var g = image.createGraphics();
        g.clipRect(times * part.x, times * part.y, times * part.width, times * part.height);
        g.setColor(Color.BLACK);
        g.fillRect(times * part.x, times * part.y, times * part.width, times * part.height);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, smooth);
        g.scale(times * pxPerMm, times * pxPerMm);
        g.translate(-bounds.minX(), -bounds.minY());
        paint.accept(g);
        g.dispose();
    }
}
