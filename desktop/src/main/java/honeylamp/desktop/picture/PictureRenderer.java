package honeylamp.desktop.picture;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.KeptPicture;
import honeylamp.output.ScreenPainter.Scene;
import honeylamp.output.ScreenPainter.Traced;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.View;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PagePictures;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Renders the working view off the interface thread; only the newest request is painted and shown. */
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
            Map<String, byte[]> assets) {}

    /**
     * A painted request.
     *
     * @param sharp whether all of it is; if not, the rest follows
     */
    public record Painted(Request request, BufferedImage image, boolean sharp) {}

    private record PageKey(LaidPlan plan, Page page, List<View> views, ViewId worked, PaperFrame frame, Lamp lamp) {}

    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("picture").factory());
    private final AtomicReference<@Nullable Request> newest = new AtomicReference<>();
    private final Executor screen;
    private final Consumer<Painted> show;
    private final KeptPicture kept = new KeptPicture(); // worker only
    private final Remembered remembered = new Remembered(); // worker only
    private final PagePictures pictures = new PagePictures();
    private @Nullable PageKey pageKey; // worker only
    private @Nullable ComposedPage page; // worker only

    /**
     * A renderer.
     *
     * @param screen runs on the interface thread
     * @param show told each painted picture, on the interface thread
     */
    public PictureRenderer(Executor screen, Consumer<Painted> show) {
        this.screen = screen;
        this.show = show;
    }

    /** Asks for a picture; requests not yet begun are dropped. */
    public void request(Request request) {
        newest.set(request);
        if (worker.isShutdown()) {
            return; // pixels came in while the window was closing
        }
        worker.execute(() -> {
            if (newest.get() == request) {
                kept.paint(scene(request), () -> newest.get() == request, early -> show(request, early, false))
                        .ifPresent(image -> show(request, image, true));
            }
        });
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
                request.frame,
                request.lamp);
        var known = page;
        if (known != null
                && pageKey != null
                && pageKey.plan == key.plan
                && pageKey.page.equals(key.page)
                && pageKey.views.equals(key.views)
                && pageKey.worked.equals(key.worked)
                && pageKey.frame.equals(key.frame)
                && pageKey.lamp == key.lamp) {
            return known;
        }
        var made = SheetComposer.compose(
                request.page,
                request.worked,
                request.frame,
                request.lamp,
                Illustration.SCREEN_SHADE_PX_PER_MM,
                remembered);
        made = pictures.onto(made, request.page, request.assets);
        page = made;
        pageKey = key;
        return made;
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
