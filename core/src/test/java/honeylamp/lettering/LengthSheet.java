package honeylamp.lettering;

import honeylamp.drawing.ink.FontFile;
import honeylamp.tracing.Spoiling;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Lines with ticks and lengths over them, level and upright, whose truth is known. */
final class LengthSheet {
    static final double MM_PER_PX = 5;

    /** A length as it stands at its line; x and y of its line's middle, in px. */
    record Length(String text, double x, double y, double px, boolean upright, double capPx) {}

    final List<Length> lengths = new ArrayList<>();
    final BufferedImage image;

    private final Random chance;
    private final Font face;

    private LengthSheet(Font face, double leastCap, double mostCap, long seed, boolean spoilt) {
        this.face = face;
        this.chance = new Random(seed * 131 + 7);
        var out = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
        var g = out.createGraphics();
        g.setColor(new Color(250, 248, 242));
        g.fillRect(0, 0, 1600, 1200);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        g.setColor(new Color(40, 40, 40));
        g.fillRect(300, 250, 20, 800);
        g.fillRect(300, 250, 1100, 20);
        for (var row = 0; row < 9; row++) {
            var y = 330 + 75 * row;
            tier(g, 400 + 40 * chance.nextInt(3), y, false, leastCap, mostCap);
        }
        for (var column = 0; column < 3; column++) {
            tier(g, 60 + 75 * column, 300, true, leastCap, mostCap);
        }
        g.dispose();
        image = spoilt ? new Spoiling(chance).of(out) : out;
    }

    static LengthSheet of(FontFile face, double leastCap, double mostCap, long seed, boolean spoilt) {
        try (var in = face.open()) {
            return new LengthSheet(Font.createFont(Font.TRUETYPE_FONT, in), leastCap, mostCap, seed, spoilt);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException(e);
        }
    }

    private double between(double low, double high) {
        return low + chance.nextDouble() * (high - low);
    }

    private void tier(Graphics2D g, double x, double y, boolean upright, double leastCap, double mostCap) {
        var cap = between(leastCap, mostCap);
        var way = chance.nextInt(3);
        var at = upright ? y : x;
        var end = upright ? 1050 : 1400;
        g.setStroke(new BasicStroke((float) between(1, 1.8)));
        while (true) {
            var px = Math.rint(between(Math.max(90, 6 * cap), 420));
            if (at + px > end) {
                return;
            }
            var mm = px * MM_PER_PX;
            var text = way == 0
                    ? String.format(Locale.ROOT, "%.2f", mm / 1000)
                    : way == 1 ? String.format(Locale.ROOT, "%.0f", mm) : String.format(Locale.ROOT, "%.3f", mm / 1000);
            one(g, upright ? x : at, upright ? at : y, px, upright, text, cap);
            at += px;
        }
    }

    private void one(Graphics2D g, double x, double y, double px, boolean upright, String text, double cap) {
        var inner = (Graphics2D) g.create();
        inner.translate(x, y);
        if (upright) {
            inner.translate(0, px);
            inner.rotate(-Math.PI / 2);
        }
        inner.draw(new Line2D.Double(0, 0, px, 0));
        for (var end : new double[] {0, px}) {
            inner.draw(new Line2D.Double(end, -8, end, 8));
            inner.draw(new Line2D.Double(end - 5, 5, end + 5, -5));
        }
        var high = face.deriveFont(100f)
                .createGlyphVector(new FontRenderContext(null, true, true), "H")
                .getVisualBounds()
                .getHeight();
        inner.setFont(face.deriveFont((float) (100 * cap / high)));
        var wide = inner.getFontMetrics().stringWidth(text);
        inner.drawString(text, (float) ((px - wide) / 2), (float) (-0.45 * cap - 2));
        inner.dispose();
        lengths.add(new Length(text, upright ? x : x + px / 2, upright ? y + px / 2 : y, px, upright, cap));
    }
}
