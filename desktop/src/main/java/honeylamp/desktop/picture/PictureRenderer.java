package honeylamp.desktop.picture;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.workspace.LightWork;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.Remembered.LongWork;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.KeptPicture;
import honeylamp.output.ScreenPainter.Scene;
import honeylamp.output.ScreenPainter.Traced;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.Raised;
import honeylamp.plan.View;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PagePictures;
import java.awt.image.BufferedImage;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Renders the working view off the interface thread; only the newest request is painted and shown. While nothing is
 * asked for the other lamps are painted ahead, so that the dial answers at once.
 */
public final class PictureRenderer implements AutoCloseable {
    /**
     * What is to be shown.
     *
     * @param desk what lies round the paper, as 0xAARRGGBB
     */
    public record Request(
            LaidPage page,
            ViewId worked,
            PaperFrame frame,
            Lamp lamp,
            Viewport viewport,
            int width,
            int height,
            int desk,
            List<Traced> underlays,
            List<Mark> ghost,
            Map<String, byte[]> assets) {
        Request in(Lamp other) {
            return new Request(page, worked, frame, other, viewport, width, height, desk, underlays, ghost, assets);
        }
    }

    /**
     * A painted request.
     *
     * @param sharp whether all of it is; if not, the rest follows
     */
    public record Painted(Request request, BufferedImage image, boolean sharp) {}

    private record PageKey(LaidPlan plan, Page page, List<View> views, ViewId worked, PaperFrame frame) {
        boolean isSame(PageKey other) {
            return plan == other.plan
                    && page.equals(other.page)
                    && views.equals(other.views)
                    && worked.equals(other.worked)
                    && frame.equals(other.frame);
        }
    }

    /** What is known of pictures in one lamp. */
    private static final class InLamp {
        private final KeptPicture kept = new KeptPicture();
        private final Remembered remembered;
        private @Nullable PageKey key;
        private @Nullable ComposedPage page;

        InLamp(LongWork longWork) {
            this.remembered = new Remembered(longWork);
        }
    }

    /** Nothing is painted ahead before the hand has rested for so long. */
    private static final long REST_MS = 600;

    /** What is asked of it while the window closes is passed over. */
    private final ScheduledExecutorService worker = new ScheduledThreadPoolExecutor(
            1, Thread.ofPlatform().daemon().name("picture").factory(), new ThreadPoolExecutor.DiscardPolicy());

    private final AtomicReference<@Nullable Request> newest = new AtomicReference<>();
    private final Executor screen;
    private final Optional<LightWork> light;
    private final Consumer<Painted> show;
    private final Map<Lamp, InLamp> lamps = new EnumMap<>(Lamp.class); // worker only
    private final PagePictures pictures = new PagePictures();

    /**
     * A renderer.
     *
     * @param screen runs on the interface thread
     * @param show told each painted picture, on the interface thread
     */
    public PictureRenderer(Executor screen, Consumer<Painted> show) {
        this(screen, show, Optional.empty());
    }

    /**
     * A renderer.
     *
     * @param light does what takes too long for a picture to wait for; without it pictures do without
     */
    public PictureRenderer(Executor screen, Consumer<Painted> show, Optional<LightWork> light) {
        this.light = light;
        this.screen = screen;
        this.show = show;
    }

    /** Asks for a picture; requests not yet begun are dropped. */
    public void request(Request request) {
        newest.set(request);
        worker.execute(() -> {
            if (newest.get() == request) {
                in(request.lamp)
                        .kept
                        .paint(scene(request), () -> newest.get() == request, early -> show(request, early, false))
                        .ifPresent(image -> {
                            show(request, image, true);
                            worker.schedule(() -> ahead(request), REST_MS, TimeUnit.MILLISECONDS);
                        });
            }
        });
    }

    /** Paints what was asked for last once more: something in it is known better now. */
    public void again() {
        var last = newest.get();
        if (last != null) {
            worker.execute(() -> lamps.values().forEach(in -> in.page = null));
            request(last);
        }
    }

    private InLamp in(Lamp lamp) {
        return lamps.computeIfAbsent(
                lamp, _ -> new InLamp(light.<LongWork>map(l -> l).orElse(LongWork.NEVER)));
    }

    /** Paints what was asked for in the other lamps too, as long as nothing else is. */
    private void ahead(Request request) {
        for (var lamp : Lamp.values()) {
            if (lamp != request.lamp && newest.get() == request && !isRaised(request)) {
                in(lamp).kept.paint(scene(request.in(lamp)), () -> newest.get() == request, _ -> {});
            }
        }
    }

    /** Of raised views too much is worked out to do it ahead; in each lamp they have something plainer soon. */
    private static boolean isRaised(Request request) {
        return request.page.views().stream().anyMatch(v -> v.view().subject() instanceof Raised);
    }

    /** Whether everything asked for has been painted. */
    public boolean idle(Request last) {
        return newest.get() == last;
    }

    private void show(Request request, BufferedImage image, boolean sharp) {
        screen.execute(() -> show.accept(new Painted(request, image, sharp)));
    }

    private Scene scene(Request request) {
        return new Scene(
                page(request),
                request.desk,
                request.underlays,
                request.ghost,
                request.viewport.paperToPixels(request.frame, request.width, request.height),
                request.width,
                request.height);
    }

    private ComposedPage page(Request request) {
        var key = new PageKey(
                request.page.plan(),
                request.page.page(),
                request.page.views().stream().map(LaidView::view).toList(),
                request.worked,
                request.frame);
        var in = in(request.lamp);
        var known = in.page;
        if (known != null && in.key != null && in.key.isSame(key)) {
            return known;
        }
        var isAsked = Optional.ofNullable(newest.get())
                .filter(n -> n.lamp == request.lamp)
                .flatMap(_ -> light);
        isAsked.ifPresent(LightWork::begin);
        var made = SheetComposer.compose(
                request.page,
                request.worked,
                request.frame,
                request.lamp,
                Illustration.SCREEN_SHADE_PX_PER_MM,
                in.remembered);
        isAsked.ifPresent(LightWork::end); // what is painted ahead asks for no light
        made = pictures.onto(made, request.page, request.assets);
        in.page = made;
        in.key = key;
        return made;
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
