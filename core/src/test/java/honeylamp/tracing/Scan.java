package honeylamp.tracing;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/** A drawing of a {@link House} as a scanner or a telephone would give it: turned, blurred, noisy, unevenly lit. */
final class Scan {
    enum Style {
        SOLID,
        GREY,
        PENCIL,
        HATCHED,
        HOLLOW
    }

    private static final double MARGIN_MM = 1700;

    final House house;
    final Style style;
    final BufferedImage image;

    /** From mm of the house to pixels of the picture. */
    final AffineTransform toPixels;

    private final Random chance;
    private final double scale; // px per mm
    private final double pen; // px

    private Scan(House house, Style style, long seed, boolean spoilt) {
        this.house = house;
        this.style = style;
        this.chance = new Random(seed * 31 + style.ordinal());
        this.pen = between(1.6, 3.2);
        var least = Math.max(8, 2.3 * pen) / house.inner;
        this.scale = Math.max(least, between(0.085, 0.17));
        var turn = spoilt ? between(-3, 3) : 0;
        var stretch = spoilt ? 1 + between(-0.008, 0.008) : 1;
        var w = (house.width + 2 * MARGIN_MM) * scale;
        var h = (house.depth + 2 * MARGIN_MM) * scale;
        toPixels = new AffineTransform();
        toPixels.rotate(Math.toRadians(turn), w / 2, h / 2);
        toPixels.translate(MARGIN_MM * scale, MARGIN_MM * scale);
        toPixels.scale(scale, scale * stretch);
        var clean = draw((int) w, (int) h);
        image = spoilt ? new Spoiling(chance).of(clean) : clean;
    }

    static Scan of(Style style, long seed) {
        return new Scan(new House(seed), style, seed, true);
    }

    static Scan clean(Style style, long seed) {
        return new Scan(new House(seed), style, seed, false);
    }

    double pxPerMm() {
        return scale;
    }

    private double between(double low, double high) {
        return low + chance.nextDouble() * (high - low);
    }

    private BufferedImage draw(int w, int h) {
        var out = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        var g = out.createGraphics();
        g.setColor(new Color(250, 248, 242));
        g.fillRect(0, 0, w, h);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.transform(toPixels);
        furniture(g);
        walls(g);
        house.openings.forEach(o -> opening(g, o));
        words(g);
        outside(g);
        g.dispose();
        return out;
    }

    private BasicStroke px(double width) {
        return new BasicStroke((float) (width / scale), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER);
    }

    private Color ink(double dark) {
        var v = (int) Math.round(250 * (1 - dark));
        return new Color(v, v, v);
    }

    private void walls(Graphics2D g) {
        var body = new Area();
        for (var wall : house.walls) {
            var b = wall.body(wall.outer() ? house.outer / 2 : 0);
            body.add(new Area(new Rectangle2D.Double(b[0], b[1], b[2], b[3])));
        }
        for (var o : house.openings) {
            var w = o.wall();
            var t = w.thickness() / 2 + 1;
            body.subtract(new Area(
                    w.upright()
                            ? new Rectangle2D.Double(w.at() - t, o.from(), 2 * t, o.width())
                            : new Rectangle2D.Double(o.from(), w.at() - t, o.width(), 2 * t)));
        }
        switch (style) {
            case SOLID -> fill(g, body, between(0.82, 0.95));
            case PENCIL -> {
                fill(g, body, between(0.45, 0.7));
                grain(g, body);
            }
            case GREY -> {
                fill(g, body, between(0.28, 0.5));
                outline(g, body);
            }
            case HATCHED -> {
                hatch(g, body);
                outline(g, body);
            }
            case HOLLOW -> outline(g, body);
        }
    }

    private void fill(Graphics2D g, Shape body, double dark) {
        g.setColor(ink(dark));
        g.fill(body);
    }

    private void outline(Graphics2D g, Shape body) {
        g.setColor(ink(0.88));
        g.setStroke(px(pen));
        g.draw(body);
    }

    private void hatch(Graphics2D g, Area body) {
        var clip = g.getClip();
        g.clip(body);
        g.setColor(ink(0.8));
        g.setStroke(px(Math.max(1, pen * 0.6)));
        var step = between(4, 5.5) * pen / scale;
        for (var c = -house.depth - 1000; c < house.width + 1000; c += step) {
            g.draw(new Line2D.Double(c, -1000, c + house.depth + 2000, house.depth + 1000));
        }
        g.setClip(clip);
    }

    /** Strokes of a soft pencil over its tone, lighter and darker. */
    private void grain(Graphics2D g, Area body) {
        var clip = g.getClip();
        g.clip(body);
        g.setStroke(px(1));
        for (var i = 0; i < 2500; i++) {
            var x = between(-300, house.width + 300);
            var y = between(-300, house.depth + 300);
            var v = (int) between(60, 170);
            g.setColor(new Color(v, v, v, 90));
            g.draw(new Line2D.Double(x, y, x + between(100, 400), y + between(-60, 60)));
        }
        g.setClip(clip);
    }

    private void opening(Graphics2D g, House.Opening o) {
        g.setColor(ink(style == Style.PENCIL ? 0.62 : 0.85));
        g.setStroke(px(style == Style.PENCIL ? pen * 0.8 : pen * 0.7));
        switch (o.kind()) {
            case DOOR -> leaf(g, o, o.from(), o.to(), o.hingedFirst(), o.width());
            case DOUBLE -> {
                leaf(g, o, o.from(), o.to(), true, o.width() / 2);
                leaf(g, o, o.from(), o.to(), false, o.width() / 2);
            }
            case WINDOW -> window(g, o);
            case PLAIN -> {}
        }
    }

    /** A leaf at right angles to the wall, hinged at its face, and the arc it sweeps. */
    private void leaf(Graphics2D g, House.Opening o, double from, double to, boolean first, double width) {
        var wall = o.wall();
        var side = o.greaterSide() ? 1 : -1;
        var face = wall.at() + side * wall.thickness() / 2;
        var hinge = first ? from : to;
        var closed = first ? 1 : -1;
        var path = new Path2D.Double();
        var box = chance.nextInt(3) == 0 ? 40 : 0;
        line(path, wall, hinge, face, hinge, face + side * width);
        if (box > 0) {
            line(path, wall, hinge + closed * box, face, hinge + closed * box, face + side * width);
            line(path, wall, hinge, face + side * width, hinge + closed * box, face + side * width);
        }
        g.draw(path);
        var a0 = wall.upright() ? angle(0, closed) : angle(closed, 0);
        var a1 = wall.upright() ? angle(side, 0) : angle(0, side);
        var sweep = Math.IEEEremainder(a1 - a0, 360);
        var cx = wall.upright() ? face : hinge;
        var cy = wall.upright() ? hinge : face;
        g.draw(new Arc2D.Double(cx - width, cy - width, 2 * width, 2 * width, a0, sweep, Arc2D.OPEN));
    }

    private static double angle(double dx, double dy) {
        return Math.toDegrees(Math.atan2(-dy, dx));
    }

    private static void line(Path2D path, House.Wall wall, double s0, double c0, double s1, double c1) {
        if (wall.upright()) {
            path.moveTo(c0, s0);
            path.lineTo(c1, s1);
        } else {
            path.moveTo(s0, c0);
            path.lineTo(s1, c1);
        }
    }

    private void window(Graphics2D g, House.Opening o) {
        var wall = o.wall();
        var t = wall.thickness() / 2;
        var path = new Path2D.Double();
        var lines = chance.nextInt(3);
        for (var c : lines == 0
                ? new double[] {-t, t}
                : lines == 1 ? new double[] {-t, 0, t} : new double[] {-t, -t * 0.2, t * 0.2, t}) {
            line(path, wall, o.from(), wall.at() + c, o.to(), wall.at() + c);
        }
        if (style != Style.SOLID || chance.nextBoolean()) {
            line(path, wall, o.from(), wall.at() - t, o.from(), wall.at() + t);
            line(path, wall, o.to(), wall.at() - t, o.to(), wall.at() + t);
        }
        g.draw(path);
    }

    /** Boxes on walls, beds, tables, a strip of treads: what a plan has in its rooms. */
    private void furniture(Graphics2D g) {
        g.setColor(ink(0.7));
        g.setStroke(px(Math.max(1, pen * 0.5)));
        for (var room : house.rooms) {
            var leaf = room.getFirst();
            var t = house.outer / 2 + 60;
            var x = leaf[0] + t;
            var y = leaf[1] + t;
            var w = leaf[2] - leaf[0] - 2 * t;
            var h = leaf[3] - leaf[1] - 2 * t;
            switch (chance.nextInt(6)) {
                case 0 -> g.draw(new Rectangle2D.Double(x + 0.2 * w, y, Math.min(1800, 0.6 * w), between(350, 600)));
                case 1 -> {
                    g.draw(new Rectangle2D.Double(x, y + 0.2 * h, 0.5 * w, 0.5 * h));
                    g.draw(new Rectangle2D.Double(x + 60, y + 0.22 * h, 0.12 * w, 0.2 * h));
                    g.draw(new Rectangle2D.Double(x + 60, y + 0.46 * h, 0.12 * w, 0.2 * h));
                }
                case 2 -> g.draw(new Ellipse2D.Double(x + 0.35 * w, y + 0.35 * h, 900, 900));
                case 3 -> {
                    var shelf = between(250, 400);
                    g.draw(new Rectangle2D.Double(x - 50, y + h - shelf + 50, 0.7 * w, shelf));
                }
                case 4 -> {
                    for (var i = 0; i < 8; i++) {
                        g.draw(new Line2D.Double(
                                x + 0.1 * w + i * 260, y, x + 0.1 * w + i * 260, y + Math.min(900, 0.4 * h)));
                    }
                }
                default -> g.draw(new Rectangle2D.Double(x + 130, y + 130, 0.4 * w, Math.min(850, 0.4 * h)));
            }
        }
    }

    private void words(Graphics2D g) {
        g.setColor(ink(0.8));
        var names = new String[] {"Kitchen", "Living", "Bedroom", "Bath", "Hall", "Store", "Study"};
        var i = 0;
        for (var room : house.rooms) {
            var leaf = room.getLast();
            var cx = (leaf[0] + leaf[2]) / 2;
            var cy = (leaf[1] + leaf[3]) / 2;
            g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont((float) Math.max(190, 15 / scale)));
            g.drawString(names[i++ % names.length], (float) (cx - 400), (float) cy);
            g.drawString(
                    "%.1f m²".formatted((leaf[2] - leaf[0]) * (leaf[3] - leaf[1]) / 1e6), (float) (cx - 300), (float)
                            (cy + 300));
        }
    }

    /** Lengths outside, with their lines and ticks, and a title. */
    private void outside(Graphics2D g) {
        g.setColor(ink(0.8));
        g.setStroke(px(Math.max(1, pen * 0.5)));
        var off = -house.outer / 2 - between(500, 900);
        g.draw(new Line2D.Double(0, off, house.width, off));
        g.draw(new Line2D.Double(off, 0, off, house.depth));
        for (var x : new double[] {0, house.width}) {
            g.draw(new Line2D.Double(x, off - 120, x, off + 200));
        }
        for (var y : new double[] {0, house.depth}) {
            g.draw(new Line2D.Double(off - 120, y, off + 200, y));
        }
        g.drawString("%.2f".formatted(house.width / 1000), (float) house.width / 2, (float) off - 80);
        g.drawString("Upper floor", 300f, (float) (house.depth + house.outer + 700));
    }
}
