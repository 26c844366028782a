package honeylamp.desktop.panel;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.takeoff.Takeoff;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Works lists out off the interface thread. Only the newest list that was asked for is shown. */
final class ListWork {
    private static final int IDLE_SECONDS = 10;

    private final GeometryCache cache = new GeometryCache(); // worker only
    private final AtomicLong newest = new AtomicLong();
    private final ThreadPoolExecutor worker = new ThreadPoolExecutor(
            1,
            1,
            IDLE_SECONDS,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(),
            Thread.ofPlatform().daemon().name("lists").factory());
    private long shown;

    ListWork() {
        worker.allowCoreThreadTimeOut(true);
    }

    /** Whether a list is being worked out. */
    boolean working() {
        return shown < newest.get();
    }

    /**
     * Works out a list.
     *
     * @param words that all must occur in its rows
     * @param show takes it on the interface thread, unless another was asked for in the meantime
     */
    void ask(LaidPlan plan, Subject subject, String words, Consumer<Schedule> show) {
        var ticket = newest.incrementAndGet();
        worker.execute(() -> {
            if (newest.get() == ticket) {
                var list = Takeoff.of(plan.derivedBy(cache), subject, words);
                Platform.runLater(() -> {
                    if (newest.get() == ticket) {
                        shown = ticket;
                        show.accept(list);
                    }
                });
            }
        });
    }
}
