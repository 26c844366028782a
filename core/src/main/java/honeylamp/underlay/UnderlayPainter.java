package honeylamp.underlay;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.plan.Treatment.Tint;
import honeylamp.plan.Treatment.Tone;
import honeylamp.plan.Underlay;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.ArrayList;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Paints a picture to trace where it lies, at any zoom and slant, treated as wished. Each pixel of the
 * screen looks up where it comes from, between four pixels of the fitting level in proportion.
 */
public final class UnderlayPainter {
    private static final int BANDS = 8;

    /** The paper's tone changes so slowly that it is looked up only every so many pixels. */
    private static final int GAIN_STEP = 8;

    /** Paper cleaned in full becomes so light. */
    private static final double CLEAN_PAPER = 250;

    private static final int MOST_READ = 12_000_000;

    private final int[] target;
    private final int width;
    private final Projective toPicture;
    private final Projective toRead; // to pixels of what was read
    private final Box seen; // what is shown, in the same pixels
    private final boolean asItIs;
    private final double paper;
    private final PaperTone paperTone;
    private final ToneTable tone;
    private final int alpha;
    private final Pyramid.Level level;
    private final int readX;
    private final int readY;
    private final int readWidth;
    private final int readHeight;
    private final int[] read;

    private record Read(Pyramid.Level level, int x, int y, int width, int height) {}

    private UnderlayPainter(
            int[] target, int width, Projective toPicture, Underlay underlay, TracedPicture picture, Read part) {
        this.target = target;
        this.width = width;
        this.toPicture = toPicture;
        this.paper = underlay.treatment().tone().paper();
        this.paperTone = picture.paper();
        this.tone = new ToneTable(underlay.treatment());
        this.alpha = (int) Math.round(256 * (1 - underlay.treatment().fade()));
        this.level = part.level;
        this.readX = part.x;
        this.readY = part.y;
        this.readWidth = part.width;
        this.readHeight = part.height;
        var scale = 1.0 / level.step();
        var toRead = Affine.scale(scale, scale).then(Affine.move(-readX, -readY));
        this.toRead = toPicture.then(toRead);
        var shown = underlay.shownPx();
        var low = toRead.apply(new Point(shown.minX(), shown.minY()));
        var high = toRead.apply(new Point(shown.maxX(), shown.maxY()));
        this.seen = new Box(low.x(), low.y(), high.x(), high.y());
        this.asItIs = underlay.treatment().tone().equals(Tone.PLAIN)
                && underlay.treatment().tint() == Tint.NONE;
        this.read = new int[part.width * part.height];
        level.copy(readX, readY, readWidth, readHeight, read);
    }

    /**
     * Paints a picture over what an image shows.
     *
     * @param image of type {@code TYPE_INT_ARGB_PRE} or {@code TYPE_INT_RGB}, opaque
     * @param toScreen from plan mm to pixels of the image
     */
    public static void paint(Underlay underlay, TracedPicture picture, BufferedImage image, Affine toScreen) {
        var target = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        if (picture.pyramid().width() != underlay.picture().widthPx()) {
            throw new IllegalArgumentException(
                    "the pixels are not those of the underlay " + underlay.id().text());
        }
        var toPicture = underlay.toPlan().then(toScreen).inverse();
        part(underlay, picture, toPicture, image.getWidth(), image.getHeight()).ifPresent(part -> {
            var painter = new UnderlayPainter(target, image.getWidth(), toPicture, underlay, picture, part);
            var height = image.getHeight();
            IntStream.range(0, BANDS)
                    .parallel()
                    .forEach(b -> painter.rows(b * height / BANDS, (b + 1) * height / BANDS));
        });
    }

    /** The level that fits the zoom and the part of it that is seen; empty if nothing is. */
    private static Optional<Read> part(
            Underlay underlay, TracedPicture picture, Projective toPicture, int width, int height) {
        var seen = new ArrayList<Point>();
        for (var v = 0; v <= 4; v++) {
            for (var u = 0; u <= 4; u++) {
                var p = new Point(u * width / 4.0, v * height / 4.0);
                if (toPicture.depth(p) * toPicture.depth(new Point(width / 2.0, height / 2.0)) > 0) {
                    seen.add(toPicture.apply(p));
                }
            }
        }
        var behind = seen.size() < 25; // the horizon runs through the view: all of the picture may be seen
        var box = (behind ? Optional.of(underlay.shownPx()) : Box.around(seen).shared(underlay.shownPx()))
                .filter(b -> b.width() > 0 && b.height() > 0);
        if (box.isEmpty()) {
            return Optional.empty();
        }
        var step = toPicture.near(middle(box.get(), toPicture)).lengthScale();
        var level = picture.pyramid().forStep(step);
        var part = read(level, box.get());
        while ((long) part.width * part.height > MOST_READ
                && level != picture.pyramid().levels().getLast()) {
            level = picture.pyramid().forStep(level.step() * 2.0);
            part = read(level, box.get());
        }
        return Optional.of(part);
    }

    private static Point middle(Box seenPx, Projective toPicture) {
        return toPicture.inverse().apply(seenPx.centre());
    }

    private static Read read(Pyramid.Level level, Box box) {
        var x = (int) Math.clamp(Math.floor(box.minX() / level.step()) - 1, 0, level.width() - 1.0);
        var y = (int) Math.clamp(Math.floor(box.minY() / level.step()) - 1, 0, level.height() - 1.0);
        var right = (int) Math.clamp(Math.ceil(box.maxX() / level.step()) + 2, x + 1.0, level.width());
        var low = (int) Math.clamp(Math.ceil(box.maxY() / level.step()) + 2, y + 1.0, level.height());
        return new Read(level, x, y, right - x, low - y);
    }

    private void rows(int from, int to) {
        var gains = new int[3][width + GAIN_STEP + 1];
        for (var y = from; y < to; y++) {
            if (paper > 0) {
                gains(y, gains);
            }
            row(y, gains);
        }
    }

    /** By how much each pixel of a row is lightened so that paper turns clean, in 1/256. */
    private void gains(int y, int[][] gains) {
        for (var channel = 0; channel < 3; channel++) {
            var row = gains[channel];
            var before = gain(channel, 0, y);
            for (var x = 0; x < width; x += GAIN_STEP) {
                var after = gain(channel, x + GAIN_STEP, y);
                for (var i = 0; i < GAIN_STEP; i++) {
                    row[x + i] = (int) (before + (after - before) * i / GAIN_STEP);
                }
                before = after;
            }
        }
    }

    private double gain(int channel, int x, int y) {
        var p = toPicture.apply(new Point(x + 0.5, y + 0.5));
        var tonedTo = CLEAN_PAPER / Math.max(20, paperTone.at(channel, p.x(), p.y()));
        return 256 * (1 + paper * (tonedTo - 1));
    }

    private void row(int y, int[][] gains) {
        var t = toRead;
        double ys = y + 0.5;
        double nx = t.a() * 0.5 + t.b() * ys + t.c(), ny = t.d() * 0.5 + t.e() * ys + t.f();
        double w = t.g() * 0.5 + t.h() * ys + t.i();
        var flat = t.g() == 0 && t.h() == 0;
        var over = 1 / w;
        var sign = Math.signum(w + t.g() * width / 2);
        for (var x = 0; x < width; x++, nx += t.a(), ny += t.d(), w += t.g()) {
            if (!flat) {
                if (w * sign <= 0) {
                    continue; // beyond the horizon
                }
                over = 1 / w;
            }
            var u = nx * over;
            var v = ny * over;
            if (u >= seen.minX() && u <= seen.maxX() && v >= seen.minY() && v <= seen.maxY()) {
                var i = y * width + x;
                var colour = sample((int) (u * 256 - 127.5), (int) (v * 256 - 127.5));
                target[i] = mixed(target[i], asItIs ? colour : treated(colour, gains, x));
            }
        }
    }

    /** The colour between four pixels, at a place in 1/256 of a pixel; red and blue ride in one number. */
    private int sample(int u, int v) {
        var uu = Math.clamp(u, 0, (readWidth - 1) << 8);
        var vv = Math.clamp(v, 0, (readHeight - 1) << 8);
        var x = uu >> 8;
        var y = vv >> 8;
        var right = x + 1 < readWidth ? 1 : 0;
        var low = y + 1 < readHeight ? readWidth : 0;
        var i = y * readWidth + x;
        return between(
                between(read[i], read[i + right], uu & 255),
                between(read[i + low], read[i + low + right], uu & 255),
                vv & 255);
    }

    private static int between(int a, int b, int share) {
        var keep = 256 - share;
        var redBlue = (a & 0xFF00FF) * keep + (b & 0xFF00FF) * share >>> 8 & 0xFF00FF;
        var green = (a & 0xFF00) * keep + (b & 0xFF00) * share >>> 8 & 0xFF00;
        return redBlue | green;
    }

    private int treated(int rgb, int[][] gains, int x) {
        var red = rgb >> 16 & 255;
        var green = rgb >> 8 & 255;
        var blue = rgb & 255;
        if (paper > 0) {
            red = Math.min(255, red * gains[0][x] >> 8);
            green = Math.min(255, green * gains[1][x] >> 8);
            blue = Math.min(255, blue * gains[2][x] >> 8);
        }
        return tone.shown(red, green, blue);
    }

    private int mixed(int below, int colour) {
        return 0xFF000000 | between(below & 0xFFFFFF, colour, alpha);
    }
}
