package honeylamp.illustrate.shade;

import honeylamp.drawing.ink.AwtShapes;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.Solids.Solid;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.util.Collection;
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

    /** The share of every pixel that footprints cover, from 0 to 1. */
    float[] coverage(Collection<Solid> solids) {
        return shares(drawn(1, RenderingHints.VALUE_ANTIALIAS_ON, g -> {
            g.setColor(Color.WHITE);
            solids.forEach(s -> g.fill(AwtShapes.shape(frame.paper(s.footprint()))));
        }));
    }

    /**
     * The height of what stands in or beside every pixel, in plan mm: the highest of its nine neighbours, so that
     * together with the coverage, which is smooth, edges of things that lie turned do not step.
     */
    float[] heights(Collection<Solid> solids, double capMm) {
        var fine = drawn(
                2,
                RenderingHints.VALUE_ANTIALIAS_OFF,
                g -> solids.stream()
                        .sorted(Comparator.comparingDouble(Solid::heightMm)) // the highest is drawn last and wins
                        .forEach(s -> {
                            var level = (int) Math.round(LEVELS * Math.min(1, s.heightMm() / capMm));
                            g.setColor(new Color(level, level, level));
                            g.fill(AwtShapes.shape(frame.paper(s.footprint())));
                        }));
        var out = new float[count()];
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                var at = 4 * y * width + 2 * x;
                var most = Math.max(
                        Math.max(fine[at] & 0xff, fine[at + 1] & 0xff),
                        Math.max(fine[at + 2 * width] & 0xff, fine[at + 2 * width + 1] & 0xff));
                out[y * width + x] = (float) (most * capMm / LEVELS);
            }
        }
        return Smoothing.highest(out, width, height);
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
        draw(image, 1, RenderingHints.VALUE_ANTIALIAS_OFF, paint);
        var out = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        for (var i = 0; i < out.length; i++) {
            out[i] &= 0xffffff;
        }
        return out;
    }

    private byte[] drawn(int times, Object smooth, Consumer<Graphics2D> paint) {
        var image = new BufferedImage(times * width, times * height, BufferedImage.TYPE_BYTE_GRAY);
        draw(image, times, smooth, paint);
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    private void draw(BufferedImage image, int times, Object smooth, Consumer<Graphics2D> paint) {
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, smooth);
        g.scale(times * pxPerMm, times * pxPerMm);
        g.translate(-bounds.minX(), -bounds.minY());
        paint.accept(g);
        g.dispose();
    }

    private static float[] shares(byte[] levels) {
        var out = new float[levels.length];
        for (var i = 0; i < out.length; i++) {
            out[i] = (levels[i] & 0xff) / (float) LEVELS;
        }
        return out;
    }
}
