package honeylamp.store;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.PictureReaders;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.raised.SoftLight;
import honeylamp.output.InPairs;
import honeylamp.output.Progress;
import honeylamp.plan.Light;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.Page.LaidPicture;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Role;
import honeylamp.plan.Underlay.Picture;
import honeylamp.plan.View;
import honeylamp.plan.View.Arranged;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Lays the pictures of a page on it when it is composed. They keep what is clear in them, are unpacked once, and no finer
 * than is seen in print. One that is not in the file, or cannot be read, leaves its frame. Safe to share between threads.
 */
public final class PagePictures {
    private static final Logger LOG = LoggerFactory.getLogger(PagePictures.class);

    /** Half an A4 page at 300 dots an inch; of larger pictures every second pixel is taken, or every third. */
    private static final double MOST_PIXELS = 4_000_000;

    private static final double MOST_PX_PER_MM = 600 / Length.MM_PER_INCH;

    private record Smaller(String asset, int halves) {}

    private final Map<String, Optional<Pixels>> ready = new ConcurrentHashMap<>();
    private final Map<Smaller, Pixels> smaller = new ConcurrentHashMap<>();

    /** Pictures of which none is unpacked yet. */
    public PagePictures() {}

    /** A page as it leaves the house: lit, with its pictures, and with the stamp of those who agreed to just this. */
    public ComposedPage printed(LaidPage page, Map<String, byte[]> assets) {
        return printed(page, assets, new Remembered());
    }

    private ComposedPage printed(LaidPage page, Map<String, byte[]> assets, Remembered remembered) {
        var bare = unstamped(page, assets, remembered);
        var holding = ApprovalStamp.holding(page, agreed(page, assets, bare));
        return holding.isEmpty() ? bare : bare.with(ApprovalStamp.layer(page, holding));
    }

    /** What the shade of a view depends on first of all. */
    private record Lit(View.Subject subject, Look look, Light light, Arranged arranged, double turnDeg) {
        static List<Lit> of(LaidPage page) {
            return page.views().stream()
                    .map(v -> new Lit(
                            v.view().subject(),
                            v.look(),
                            v.view().light(),
                            v.view().arranged(),
                            v.view().turnDeg()))
                    .toList();
        }
    }

    /**
     * Pages as they leave the house, two drawn at a time. Those that show the same in the same light are drawn one after
     * the other: where they are as large, each has the shade of the one before.
     *
     * @throws Progress.Cancelled if the progress ended the work
     */
    public List<ComposedPage> printed(List<LaidPage> pages, Map<String, byte[]> assets, Progress progress)
            throws Progress.Cancelled {
        var alike = List.copyOf(IntStream.range(0, pages.size())
                .boxed()
                .collect(Collectors.groupingBy(i -> Lit.of(pages.get(i)), LinkedHashMap::new, Collectors.toList()))
                .values());
        var done = new AtomicInteger();
        var made = new ConcurrentHashMap<Integer, ComposedPage>();
        InPairs.all(
                alike,
                (group, _) -> {
                    var remembered = new Remembered(
                            Remembered.LongWork.whileWanted(() -> isWanted(progress, done.get(), pages.size())));
                    for (var i : group) {
                        made.put(i, printed(pages.get(i), assets, remembered));
                        progress.at((double) done.incrementAndGet() / pages.size());
                    }
                    return group;
                },
                Progress.NONE);
        return IntStream.range(0, pages.size()).mapToObj(made::get).toList();
    }

    private static boolean isWanted(Progress progress, int done, int of) {
        try {
            progress.at((double) done / of);
            return true;
        } catch (Progress.Cancelled _) {
            return false; // what is asked next ends the work
        }
    }

    /** The stamp of those who agreed to just this page, in paper mm; nothing if nobody did, or if it has changed since. */
    public List<Mark> stamp(LaidPage page, Map<String, byte[]> assets) {
        var isAsked = page.plan().drawn().review().approvals().stream()
                .anyMatch(a -> a.page().equals(page.page().id()));
        var holding = isAsked ? ApprovalStamp.holding(page, agreed(page, assets)) : List.<Approval>of();
        return holding.isEmpty()
                ? List.of()
                : ApprovalStamp.layer(page, holding).marks();
    }

    /** A page as it leaves the house, but for stamps; as long as the progress does not end it. */
    ComposedPage unstamped(LaidPage page, Map<String, byte[]> assets, Progress progress) throws Progress.Cancelled {
        var wanted = Remembered.LongWork.whileWanted(() -> isWanted(progress, 0, 1));
        var out = unstamped(page, assets, new Remembered(wanted));
        progress.at(0);
        return out;
    }

    /** What people agree to: the page without stamps, and without what takes too long to draw each time it is asked for. */
    ComposedPage agreed(LaidPage page, Map<String, byte[]> assets) {
        return unstamped(page, assets, new Remembered(Remembered.LongWork.NEVER));
    }

    /** The same of a page that is drawn already. */
    ComposedPage agreed(LaidPage page, Map<String, byte[]> assets, ComposedPage drawn) {
        return page.views().stream().anyMatch(SoftLight::isIn) ? agreed(page, assets) : drawn;
    }

    private ComposedPage unstamped(LaidPage page, Map<String, byte[]> assets, Remembered remembered) {
        return onto(
                SheetComposer.compose(page, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM, remembered), page, assets);
    }

    /**
     * The page with its pictures on top of all else.
     *
     * @param assets the bytes of pictures, by the SHA-256 that names them
     */
    public ComposedPage onto(ComposedPage page, LaidPage laid, Map<String, byte[]> assets) {
        var marks = new ArrayList<Mark>();
        for (var picture : laid.page().pictures()) {
            marks.add(mark(picture, laid, assets));
        }
        SheetComposer.logo(laid)
                .ifPresent(place -> laid.page()
                        .sheet()
                        .title()
                        .logo()
                        .ifPresent(logo -> marks.add(mark(within(logo, place), laid, assets))));
        return marks.isEmpty() ? page : page.with(Layer.of(LayerKind.SHEET, marks));
    }

    private Mark mark(LaidPicture picture, LaidPage laid, Map<String, byte[]> assets) {
        var asset = picture.picture().asset();
        var bytes = assets.get(asset);
        var pixels = bytes == null ? Optional.<Pixels>empty() : fit(asset, bytes, picture.widthMm());
        return pixels.<Mark>map(p -> new Mark.Image(p, picture.box()))
                .orElseGet(() -> frame(picture.box(), laid.look()));
    }

    /** As large as its place holds it, at the left of it, half way up. */
    private static LaidPicture within(Picture picture, Box place) {
        var wide = Math.max(
                LaidPicture.LEAST_MM, Math.min(place.width(), place.height() * picture.widthPx() / picture.heightPx()));
        var high = wide * picture.heightPx() / picture.widthPx();
        return new LaidPicture(picture, place.minX(), Math.max(0, place.centre().y() - high / 2), wide);
    }

    /** No finer than 600 dots an inch where it lies. */
    private Optional<Pixels> fit(String asset, byte[] bytes, double widthMm) {
        var whole = ready.computeIfAbsent(asset, name -> unpacked(name, bytes));
        return whole.map(pixels -> {
            var most = widthMm * MOST_PX_PER_MM;
            var halves = 0;
            for (var w = pixels.width(); w > 2 * most && w > 1; w /= 2) {
                halves++;
            }
            var times = halves;
            return smaller.computeIfAbsent(new Smaller(asset, times), _ -> {
                var out = pixels;
                for (var k = 0; k < times; k++) {
                    out = out.half();
                }
                return out;
            });
        });
    }

    private static Mark frame(Box box, Look look) {
        return new Mark.Stroke(
                Figure.ring(box.ring()),
                Pen.butt(look.drafting().of(LineRole.RULE).largeMm()),
                Ink.of(look.palette().of(Role.INK).argb()));
    }

    private static Optional<Pixels> unpacked(String asset, byte[] bytes) {
        try {
            return Optional.of(read(bytes));
        } catch (IOException e) {
            LOG.warn("the picture {} on a page cannot be read", asset, e);
            return Optional.empty();
        }
    }

    /** The pixels of a picture, upright, no more than half an A4 page has at 300 dots an inch. */
    static Pixels read(byte[] bytes) throws IOException {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var reader = PictureReaders.of(in).orElseThrow(() -> new IOException("no reader knows it"));
            try {
                reader.setInput(in);
                var parameters = reader.getDefaultReadParam();
                var step = (int) Math.ceil(Math.sqrt((double) reader.getWidth(0) * reader.getHeight(0) / MOST_PIXELS));
                parameters.setSourceSubsampling(Math.max(1, step), Math.max(1, step), 0, 0);
                return upright(reader.read(0, parameters), PicturePixels.orientation(bytes));
            } finally {
                reader.dispose();
            }
        } catch (RuntimeException | OutOfMemoryError e) {
            throw new IOException("its pixels do not hang together", e); // readers trip over broken tables
        }
    }

    /** The picture as the camera was held, by the eight orientations of Exif (CIPA DC-008, 4.6.4). */
    private static Pixels upright(BufferedImage image, int orientation) {
        var w = image.getWidth();
        var h = image.getHeight();
        var argb = image.getRGB(0, 0, w, h, null, 0, w);
        if (orientation == 1) {
            return new Pixels(w, h, argb);
        }
        var turned = orientation >= 5;
        var out = new int[w * h];
        for (var y = 0; y < h; y++) {
            for (var x = 0; x < w; x++) {
                var mx = w - 1 - x;
                var my = h - 1 - y;
                var i = switch (orientation) {
                    case 2 -> y * w + mx;
                    case 3 -> my * w + mx;
                    case 4 -> my * w + x;
                    case 5 -> x * h + y;
                    case 6 -> x * h + my;
                    case 7 -> mx * h + my;
                    default -> mx * h + y;
                };
                out[i] = argb[y * w + x];
            }
        }
        return new Pixels(turned ? h : w, turned ? w : h, out);
    }
}
