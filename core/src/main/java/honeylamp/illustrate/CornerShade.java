package honeylamp.illustrate;

import honeylamp.drawing.AwtShapes;
import honeylamp.drawing.Grey;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Path;
import honeylamp.illustrate.Solids.Solid;
import java.awt.Color;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Corner shade: how much of the sky each spot of floor loses to what stands around it.
 *
 * <p>A horizon is searched in 16 directions by 10 steps, spaced by the square so that near things count
 * finely. Rows are copied to scratch arrays and compared at the same index, which the compiler turns into
 * vector code; see limits in {@code docs/speed.md}.
 */
final class CornerShade {
    private static final int DIRECTIONS = 16;
    private static final int STEPS = 10;

    /** Walls and cupboards higher than this shade no more. */
    private static final double HEIGHT_CAP_MM = 900;

    /** How dark the darkest corner gets at full strength. */
    private static final double FULL = 0.74;

    private final Box bounds;
    private final double pixelsPerMm;
    private final int width;
    private final int height;

    private CornerShade(Box paperBounds, double pixelsPerMm) {
        this.bounds = paperBounds;
        this.pixelsPerMm = pixelsPerMm;
        this.width = Math.max(1, (int) Math.ceil(paperBounds.width() * pixelsPerMm));
        this.height = Math.max(1, (int) Math.ceil(paperBounds.height() * pixelsPerMm));
    }

    /**
     * The shade as a grey picture to be multiplied.
     *
     * @param surface the floors that take shade, in paper mm; elsewhere the picture stays white
     * @param reachMm how far shade reaches, in plan mm
     * @param strength 0 to 1
     * @param pixelsPerMm resolution, in pixels per paper mm
     */
    static Mark.Picture of(
            PaperFrame frame, Path surface, List<Solid> solids, double reachMm, double strength, double pixelsPerMm) {
        var reachPaper = reachMm / frame.scale();
        var shade = new CornerShade(surface.bounds().grown(reachPaper), pixelsPerMm);
        var heights = shade.heights(frame, solids);
        var mask = shade.mask(surface);
        var levels = shade.search(heights, mask, reachMm, frame.scale(), strength);
        var where = new Box(
                shade.bounds.minX(),
                shade.bounds.minY(),
                shade.bounds.minX() + shade.width / pixelsPerMm,
                shade.bounds.minY() + shade.height / pixelsPerMm);
        return new Mark.Picture(new Grey(shade.width, shade.height, levels), where);
    }

    private byte[] raster(java.util.function.Consumer<java.awt.Graphics2D> paint) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        var g = image.createGraphics();
        g.setRenderingHint(java.awt.RenderingHints.KEY_ANTIALIASING, java.awt.RenderingHints.VALUE_ANTIALIAS_ON);
        g.scale(pixelsPerMm, pixelsPerMm);
        g.translate(-bounds.minX(), -bounds.minY());
        paint.accept(g);
        g.dispose();
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    private byte[] mask(Path surface) {
        return raster(g -> {
            g.setColor(Color.WHITE);
            g.fill(AwtShapes.shape(surface));
        });
    }

    /** Heights in plan mm, drawn lowest first so that the highest wins. */
    private float[] heights(PaperFrame frame, List<Solid> solids) {
        var levels = raster(g -> {
            var sorted = solids.stream()
                    .sorted(java.util.Comparator.comparingDouble(Solid::heightMm))
                    .toList();
            for (var solid : sorted) {
                var level = (int) Math.round(255 * Math.min(1, solid.heightMm() / HEIGHT_CAP_MM));
                g.setColor(new Color(level, level, level));
                Path2D shape = AwtShapes.shape(frame.paper(solid.footprint()));
                g.fill(shape);
            }
        });
        var out = new float[levels.length];
        for (var i = 0; i < out.length; i++) {
            out[i] = (float) ((levels[i] & 0xff) / 255.0 * HEIGHT_CAP_MM);
        }
        return out;
    }

    private byte[] search(float[] heights, byte[] mask, double reachMm, double scale, double strength) {
        var out = new byte[width * height];
        var mmPerPixel = scale / pixelsPerMm;
        var reachPx = reachMm / mmPerPixel;
        var offsets = offsets(reachPx);
        var seen = smoothed(heights, reachPx);
        IntStream.range(0, height)
                .parallel()
                .forEach(y -> row(y, heights, seen, mask, offsets, mmPerPixel, reachMm, strength, out));
        return out;
    }

    /**
     * The heights each step looks at. Far steps lie farther apart than a pixel, both along their direction and
     * from one direction to the next; they see heights averaged over that gap, so that no copies of an edge show.
     */
    private float[][] smoothed(float[] heights, double reachPx) {
        var out = new float[STEPS][];
        for (var s = 0; s < STEPS; s++) {
            var gap = Math.PI / DIRECTIONS * stepPx(s, reachPx);
            out[s] = Smoothing.box(heights, width, height, (int) Math.round(gap));
        }
        return out;
    }

    private static double stepPx(int step, double reachPx) {
        var t = (step + 1.0) / STEPS;
        return Math.max(1, reachPx * t * t);
    }

    /** Pixel shifts of every direction and step; a shift of nothing is left out by a reach of zero. */
    private static int[][][] offsets(double reachPx) {
        var out = new int[DIRECTIONS][STEPS][2];
        for (var d = 0; d < DIRECTIONS; d++) {
            // half a turn of odd directions breaks the star pattern that even ones would leave
            var angle = 2 * Math.PI * (d + 0.25) / DIRECTIONS;
            for (var s = 0; s < STEPS; s++) {
                var r = stepPx(s, reachPx);
                out[d][s][0] = (int) Math.round(r * Math.cos(angle));
                out[d][s][1] = (int) Math.round(r * Math.sin(angle));
            }
        }
        return out;
    }

    private void row(
            int y,
            float[] heights,
            float[][] seen,
            byte[] mask,
            int[][][] offsets,
            double mmPerPixel,
            double reachMm,
            double strength,
            byte[] out) {
        var here = new float[width];
        System.arraycopy(heights, y * width, here, 0, width);
        var there = new float[width];
        var horizon = new float[width];
        var lost = new float[width];
        for (var direction : offsets) {
            java.util.Arrays.fill(horizon, 0f);
            for (var s = 0; s < STEPS; s++) {
                var step = direction[s];
                shifted(seen[s], y + step[1], step[0], there);
                var distance = Math.hypot(step[0], step[1]) * mmPerPixel;
                var fade = 1 - distance * distance / (reachMm * reachMm); // shade ends softly at its reach
                if (distance > 0 && fade > 0) {
                    steepest(horizon, there, here, (float) (fade / distance));
                }
            }
            addLoss(lost, horizon);
        }
        var factor = (float) (FULL * strength / DIRECTIONS);
        for (var x = 0; x < width; x++) {
            var covered = (mask[y * width + x] & 0xff) / 255f;
            var loss = Math.min(1f, lost[x] * factor);
            out[y * width + x] = (byte) Math.round(255 * (1 - loss * covered));
        }
    }

    private void shifted(float[] heights, int y, int dx, float[] into) {
        if (y < 0 || y >= height) {
            java.util.Arrays.fill(into, 0f);
            return;
        }
        var from = Math.max(0, -dx);
        var to = Math.min(width, width - dx);
        if (to <= from) {
            java.util.Arrays.fill(into, 0f);
            return;
        }
        java.util.Arrays.fill(into, 0, from, 0f);
        System.arraycopy(heights, y * width + from + dx, into, from, to - from);
        java.util.Arrays.fill(into, to, width, 0f);
    }

    private static void steepest(float[] horizon, float[] there, float[] here, float perDistance) {
        for (var x = 0; x < horizon.length; x++) {
            horizon[x] = Math.max(horizon[x], (there[x] - here[x]) * perDistance);
        }
    }

    /** The share of sky behind a horizon of slope t: the square of the sine of its angle, t² ÷ (1 + t²). */
    private static void addLoss(float[] lost, float[] horizon) {
        for (var x = 0; x < lost.length; x++) {
            var t = horizon[x] * horizon[x];
            lost[x] += t / (1 + t);
        }
    }
}
