package honeylamp.output;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.output.ScreenPainter.Scene;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The picture on screen, kept so that only what changed is painted anew: where marks differ, or what comes into sight
 * when the view is moved. Not for sharing between threads.
 */
public final class KeptPicture {
    /** Marks reach over the pixels beside them. */
    private static final int EDGE_PX = 2;

    /** The part in the middle that becomes sharp first. */
    private static final double MIDDLE = 0.6;

    private static final double SAME_SCALE = 1e-12;
    private static final double SAME_PX = 1e-6;

    /** What is painted below and above the shade, and all of it together. */
    private record Kept(ScreenLayers layers, BufferedImage below, BufferedImage above, BufferedImage image) {
        Scene scene() {
            return layers.scene();
        }
    }

    private @Nullable Kept kept;

    /** Nothing is painted yet. */
    public KeptPicture() {}

    /**
     * Paints what is asked for.
     *
     * @param wanted whether it is still wanted, asked before each part
     * @param early shown pictures that are not wholly sharp yet
     * @return the picture, which is not changed afterwards; empty if it was not wanted any more
     */
    public Optional<BufferedImage> paint(Scene scene, BooleanSupplier wanted, Consumer<BufferedImage> early) {
        var last = kept;
        kept = null; // what fails half-way is not gone on with
        var layers = ScreenLayers.of(scene);
        if (last == null || !comparable(last.layers, layers)) {
            var painted = whole(layers, wanted);
            kept = painted.orElse(null);
            return painted.map(Kept::image);
        }
        var shift = shift(last.scene().toPixels(), scene.toPixels());
        if (shift.isEmpty()) {
            var next = rescaled(last, layers, wanted, early);
            kept = next.orElse(last); // the old one can still be scaled for what is wanted instead
            return next.map(Kept::image);
        }
        var painted = changed(last, layers, shift.get());
        kept = painted;
        return Optional.of(painted.image);
    }

    private static Optional<Kept> whole(ScreenLayers layers, BooleanSupplier wanted) {
        var whole = layers.scene().whole();
        var out = new Kept(layers, blank(whole), blank(whole), blank(whole));
        Tiles.bands(whole).parallelStream().filter(_ -> wanted.getAsBoolean()).forEach(part -> paint(out, part));
        return wanted.getAsBoolean() ? Optional.of(out) : Optional.empty();
    }

    /** Paints the parts anew in which something differs. */
    private static Kept changed(Kept last, ScreenLayers layers, Shift shift) {
        var whole = layers.scene().whole();
        var exposed = exposed(whole, shift);
        var below = parts(changes(layers, last.layers.below(), layers.below()), exposed, whole);
        below.addAll(parts(changes(layers, last.layers.paper(), layers.paper()), List.of(), whole));
        var shade = parts(changes(layers, last.layers.shade(), layers.shade()), exposed, whole);
        var above = parts(changes(layers, last.layers.above(), layers.above()), exposed, whole);
        if (!layers.parted()) {
            below.addAll(above);
        }
        var out = new Kept(
                layers, moved(last.below, shift), moved(last.above, shift), copied(moved(last.image, shift), whole));
        Stream.concat(
                        Tiles.of(below, whole).stream()
                                .map(part -> (Runnable) () -> lay(layers.below(part), out.below, part)),
                        Tiles.of(above, whole).stream()
                                .map(part -> (Runnable) () -> lay(layers.above(part), out.above, part)))
                .parallel()
                .forEach(Runnable::run);
        var all = new ArrayList<>(below);
        all.addAll(shade);
        all.addAll(above);
        Tiles.of(all, whole).parallelStream()
                .forEach(part ->
                        lay(layers.together(part, copied(out.below, part), copied(out.above, part)), out.image, part));
        return out;
    }

    private static List<Rectangle> parts(List<Rectangle> changes, List<Rectangle> exposed, Rectangle whole) {
        var out = new ArrayList<>(changes);
        out.addAll(exposed);
        out.removeIf(part -> !part.intersects(whole));
        return out;
    }

    private static boolean comparable(ScreenLayers one, ScreenLayers other) {
        var a = one.scene();
        var b = other.scene();
        return one.parted() == other.parted()
                && a.width() == b.width()
                && a.height() == b.height()
                && a.desk() == b.desk()
                && a.page().widthMm() == b.page().widthMm()
                && a.page().heightMm() == b.page().heightMm()
                && a.underlays().equals(b.underlays())
                && (a.underlays().isEmpty() || a.page().frame().equals(b.page().frame()));
    }

    private record Shift(int x, int y) {}

    /** By how many whole pixels a view was moved; empty if it was scaled or lies between pixels. */
    private static Optional<Shift> shift(Affine a, Affine b) {
        var x = b.e() - a.e();
        var y = b.f() - a.f();
        var same = Math.abs(a.a() - b.a()) <= SAME_SCALE * Math.abs(a.a())
                && Math.abs(a.d() - b.d()) <= SAME_SCALE * Math.abs(a.d())
                && a.b() == b.b()
                && a.c() == b.c()
                && Math.abs(x - Math.rint(x)) <= SAME_PX
                && Math.abs(y - Math.rint(y)) <= SAME_PX
                && Math.abs(x) < Integer.MAX_VALUE / 2
                && Math.abs(y) < Integer.MAX_VALUE / 2;
        return same ? Optional.of(new Shift((int) Math.rint(x), (int) Math.rint(y))) : Optional.empty();
    }

    /** The same image where the view was not moved. */
    private static BufferedImage moved(BufferedImage image, Shift shift) {
        if (shift.x == 0 && shift.y == 0) {
            return image;
        }
        var out = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        var x = Math.max(0, shift.x);
        var y = Math.max(0, shift.y);
        var part = new Rectangle(-shift.x, -shift.y, image.getWidth(), image.getHeight())
                .intersection(new Rectangle(image.getWidth(), image.getHeight()));
        if (!part.isEmpty()) {
            lay(copied(image, part), out, new Rectangle(x, y, part.width, part.height));
        }
        return out;
    }

    private static BufferedImage copied(BufferedImage image, Rectangle part) {
        var out = new BufferedImage(part.width, part.height, image.getType());
        var from = pixels(image);
        var to = pixels(out);
        for (var y = 0; y < part.height; y++) {
            System.arraycopy(from, (part.y + y) * image.getWidth() + part.x, to, y * part.width, part.width);
        }
        return out;
    }

    private static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    private static List<Rectangle> exposed(Rectangle whole, Shift shift) {
        var out = new ArrayList<Rectangle>();
        if (shift.x != 0) {
            out.add(new Rectangle(shift.x > 0 ? 0 : whole.width + shift.x, 0, Math.abs(shift.x), whole.height));
        }
        if (shift.y != 0) {
            out.add(new Rectangle(0, shift.y > 0 ? 0 : whole.height + shift.y, whole.width, Math.abs(shift.y)));
        }
        return out;
    }

    private static List<Rectangle> changes(ScreenLayers layers, ScreenLayers.Part before, ScreenLayers.Part now) {
        var after = layers.scene();
        var boxes = MarkChanges.between(before.drawing(), now.drawing());
        var out = new ArrayList<Rectangle>();
        for (var box : boxes) {
            var on = box.ring().through(after.toPixels()).bounds();
            if (on.shared(new Box(-EDGE_PX, -EDGE_PX, after.width() + EDGE_PX, after.height() + EDGE_PX))
                    .isPresent()) {
                var minX = (int) Math.max(0, Math.floor(on.minX()) - EDGE_PX);
                var minY = (int) Math.max(0, Math.floor(on.minY()) - EDGE_PX);
                var maxX = (int) Math.min(after.width(), Math.ceil(on.maxX()) + EDGE_PX);
                var maxY = (int) Math.min(after.height(), Math.ceil(on.maxY()) + EDGE_PX);
                out.add(new Rectangle(minX, minY, maxX - minX, maxY - minY));
            }
        }
        return out;
    }

    private static void lay(BufferedImage part, BufferedImage image, Rectangle where) {
        var from = pixels(part);
        var to = pixels(image);
        for (var y = 0; y < where.height; y++) {
            System.arraycopy(from, y * where.width, to, (where.y + y) * image.getWidth() + where.x, where.width);
        }
    }

    /** The old picture at the new scale, made sharp from the middle. */
    private static Optional<Kept> rescaled(
            Kept last, ScreenLayers layers, BooleanSupplier wanted, Consumer<BufferedImage> early) {
        var scene = layers.scene();
        var whole = scene.whole();
        var width = (int) (MIDDLE * whole.width);
        var height = (int) (MIDDLE * whole.height);
        var middle = new Rectangle(
                (whole.width - width) / 2 / Tiles.SIDE_PX * Tiles.SIDE_PX,
                (whole.height - height) / 2 / Tiles.SIDE_PX * Tiles.SIDE_PX,
                width,
                height);
        var out = new Kept(layers, blank(whole), blank(whole), blank(whole));
        paint(out, middle);
        if (!wanted.getAsBoolean()) {
            return Optional.empty();
        }
        var first = scaled(last, scene);
        lay(copied(out.image, middle), first, middle);
        early.accept(first);
        around(middle, whole).parallelStream()
                .filter(_ -> wanted.getAsBoolean())
                .forEach(part -> paint(out, part));
        if (!wanted.getAsBoolean()) {
            return Optional.empty();
        }
        return Optional.of(out);
    }

    private static void paint(Kept into, Rectangle part) {
        var below = into.layers.below(part);
        var above = into.layers.above(part);
        lay(below, into.below, part);
        lay(above, into.above, part);
        lay(into.layers.together(part, below, above), into.image, part);
    }

    private static BufferedImage blank(Rectangle whole) {
        return new BufferedImage(whole.width, whole.height, BufferedImage.TYPE_INT_ARGB_PRE);
    }

    private static BufferedImage scaled(Kept last, Scene scene) {
        var out = new BufferedImage(scene.width(), scene.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        var g = out.createGraphics();
        g.setColor(new java.awt.Color(scene.desk()));
        g.fillRect(0, 0, scene.width(), scene.height());
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        var to = last.scene().toPixels().inverse().then(scene.toPixels());
        g.drawImage(last.image, RasterPainter.transform(to), null);
        g.dispose();
        return out;
    }

    private static List<Rectangle> around(Rectangle middle, Rectangle whole) {
        var below = middle.y + middle.height;
        var right = middle.x + middle.width;
        return List.of(
                new Rectangle(0, 0, whole.width, middle.y),
                new Rectangle(0, below, whole.width, whole.height - below),
                new Rectangle(0, middle.y, middle.x, middle.height),
                new Rectangle(right, middle.y, whole.width - right, middle.height));
    }
}
