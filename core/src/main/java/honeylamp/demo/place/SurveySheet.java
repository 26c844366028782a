package honeylamp.demo.place;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.drawing.ink.TypeLine;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;

/**
 * Draws a plan as a surveyor's sheet laid on a scanner or photographed: a little turned, perhaps stretched
 * or seen at a slant, unevenly lit, with grain, and with lengths written on it.
 *
 * @param mmPerPixel true scale of the sheet, along its columns
 * @param turnDeg how far the sheet lies turned, counter-clockwise
 * @param seed of all that is random
 * @param stretch how much longer the rows are than the columns; 1 if they are not
 * @param slant by what share of the picture its corners are drawn in; 0 if it is seen from straight above
 */
public record SurveySheet(
        int widthPx,
        int heightPx,
        double mmPerPixel,
        double turnDeg,
        long seed,
        double stretch,
        double slant,
        Style style) {
    /** How a sheet was made. */
    public enum Style {
        /** By pencil, then scanned. */
        PENCIL(0.16, 5),
        /** By ruling pen with solid walls, then printed to pixels. */
        RULED(0, 0),
        /** By pencil, then photographed under a lamp. */
        PHOTO(0.42, 16);

        private final double fall;
        private final double grain;

        Style(double fall, double grain) {
            this.fall = fall;
            this.grain = grain;
        }
    }

    /** A scanned pencil sheet, neither stretched nor slanted. */
    public SurveySheet(int widthPx, int heightPx, double mmPerPixel, double turnDeg, long seed) {
        this(widthPx, heightPx, mmPerPixel, turnDeg, seed, 1, 0, Style.PENCIL);
    }

    private static final int PAPER = 0xEFE9DB;
    private static final int PENCIL = 0x4A4A50;

    /** A length written on the sheet: between two plan points, and what the surveyor wrote. */
    public record Written(Segment line, String text) {}

    /** From plan mm to pixels of the sheet. */
    public Projective toPixels(Point planCentre) {
        var flat = Affine.move(-planCentre.x(), -planCentre.y())
                .then(Affine.turn(turnDeg))
                .then(new Affine(stretch / mmPerPixel, 0, 0, -1 / mmPerPixel, widthPx / 2.0, heightPx / 2.0));
        return Projective.of(flat).then(seen());
    }

    /** From the sheet seen from straight above to the sheet as it is seen. */
    private Projective seen() {
        double w = widthPx, h = heightPx;
        return Projective.between(
                List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)),
                List.of(
                        new Point(slant * w, 0.4 * slant * h),
                        new Point(w * (1 - 0.6 * slant), 0),
                        new Point(w, h),
                        new Point(0, h * (1 - 0.3 * slant))));
    }

    /** The sheet as pixels. */
    public BufferedImage draw(StoreyGeometry geometry, Point planCentre, Iterable<Written> lengths) {
        var image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(PAPER));
        g.fillRect(0, 0, widthPx, heightPx);
        var toPixels = toPixels(planCentre);
        for (var part : geometry.poche()) {
            walls(g, part, toPixels);
        }
        for (var cut : geometry.cuts()) {
            pencil(
                    g,
                    cut.middle().a(),
                    cut.middle().b(),
                    toPixels,
                    cut.opening().id().number());
        }
        var index = 0;
        for (var length : lengths) {
            written(g, length, toPixels, index++);
        }
        g.dispose();
        weather(image);
        return image;
    }

    private void walls(Graphics2D g, Outline part, Projective toPixels) {
        g.setColor(style == Style.RULED ? new Color(0x30, 0x30, 0x30) : new Color(0x22, 0x22, 0x28, 26));
        g.fill(AwtShapes.shape(new Outline(
                        seen(part.shell(), toPixels),
                        part.holes().stream().map(h -> seen(h, toPixels)).toList())
                .path()));
        var index = 1000;
        for (var ring : part.rings().toList()) {
            for (var edge : ring.edges()) {
                pencil(g, edge.a(), edge.b(), toPixels, index++);
            }
        }
    }

    private static Ring seen(Ring ring, Projective toPixels) {
        return new Ring(ring.corners().stream().map(toPixels::apply).toList());
    }

    /** Two thin passes that miss each other a little and overshoot the corner, as a hand does. */
    private void pencil(Graphics2D g, Point a, Point b, Projective toPixels, long index) {
        var p = toPixels.apply(a);
        var q = toPixels.apply(b);
        if (p.distance(q) < 1) {
            return;
        }
        if (style == Style.RULED) {
            g.setColor(new Color(0x30, 0x30, 0x30));
            g.setStroke(new BasicStroke(2f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
            g.draw(AwtShapes.shape(Figure.line(p, q)));
            return;
        }
        var u = q.minus(p).unit();
        for (var pass = 0; pass < 2; pass++) {
            var shift = u.left().times(0.8 * Seeds.signed(seed, index, pass));
            var over = u.times(1.5 + 3 * Seeds.unit(seed, index, 10 + pass));
            var bow = u.left().times(1.2 * Seeds.signed(seed, index, 20 + pass));
            var s = p.minus(over).plus(shift);
            var e = q.plus(over).plus(shift);
            var path = Figure.builder();
            path.moveTo(s.x(), s.y());
            var m1 = s.towards(e, 0.33).plus(bow);
            var m2 = s.towards(e, 0.66).minus(bow);
            path.curveTo(m1.x(), m1.y(), m2.x(), m2.y(), e.x(), e.y());
            g.setColor(new Color(PENCIL >> 16 & 255, PENCIL >> 8 & 255, PENCIL & 255, 150));
            g.setStroke(new BasicStroke(1.5f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(AwtShapes.shape(path.build()));
        }
    }

    private void written(Graphics2D g, Written length, Projective toPixels, int index) {
        pencil(g, length.line().a(), length.line().b(), toPixels, 9000L + index);
        var p = toPixels.apply(length.line().a());
        var q = toPixels.apply(length.line().b());
        for (var end : new Point[] {p, q}) {
            var half = new Point(6, -6);
            g.draw(AwtShapes.shape(Figure.line(end.minus(half), end.plus(half))));
        }
        var middle = p.towards(q, 0.5);
        var angle = Math.atan2(q.y() - p.y(), q.x() - p.x());
        var line = TypeLine.of(Typeface.REGULAR, length.text(), 0);
        var inner = (Graphics2D) g.create();
        inner.transform(AffineTransform.getTranslateInstance(middle.x(), middle.y()));
        inner.rotate(angle + 0.03 * Seeds.signed(seed, 7000 + index, 1));
        inner.translate(0, -7);
        inner.scale(0.026, 0.026);
        inner.translate(-line.widthEm() * 1000 / 2, 0);
        line.pieces().forEach(piece -> inner.fill(piece.outline()));
        inner.dispose();
    }

    /** Light that falls off to one corner, and paper grain. */
    private void weather(BufferedImage image) {
        var pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        for (var y = 0; y < heightPx; y++) {
            for (var x = 0; x < widthPx; x++) {
                var fall = 1 - style.fall * Math.hypot(x / (double) widthPx - 0.25, y / (double) heightPx - 0.2);
                var grain = style.grain * Seeds.signed(seed, x, y);
                var p = pixels[y * widthPx + x];
                pixels[y * widthPx + x] = level((p >> 16 & 255) * fall + grain) << 16
                        | level((p >> 8 & 255) * fall + grain) << 8
                        | level((p & 255) * fall + grain);
            }
        }
    }

    private static int level(double value) {
        return (int) Math.clamp(Math.round(value), 0L, 255L);
    }
}
