package honeylamp.desktop.workspace;

import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Storey;
import honeylamp.sheet.KnownChecks;
import honeylamp.sheet.SheetSnags;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/**
 * Looks for the snags of all storeys off the interface thread. Only the newest plan counts: a search for an earlier one
 * ends at its next step. What was found last stays known while the next search goes on.
 */
public final class SnagSearch {
    /** How far a search has come. */
    public enum Progress {
        LOOKING,
        DONE,
        STOPPED
    }

    /** A snag and the storey it is on. */
    public record SnagThere(Storey storey, Snag snag) {}

    /** What is known of snags, by storey in their order. */
    public record Known(Progress progress, List<SnagThere> snags) {
        public Known {
            snags = List.copyOf(snags);
        }

        /** The snags of a storey. */
        List<Snag> on(StoreyId storey) {
            return snags.stream()
                    .filter(s -> s.storey().id().equals(storey))
                    .map(SnagThere::snag)
                    .toList();
        }
    }

    /** Where the search is done, and where what it found is told. */
    public record Threads(Executor search, Executor screen) {
        private static final int IDLE_SECONDS = 10;
        private static final int REST_MS = 500;

        /** All at once, on the thread that asks. */
        public static final Threads AT_ONCE = new Threads(Runnable::run, Runnable::run);

        /** The same with a thread of its own for something else. */
        Threads beside() {
            return this.search == AT_ONCE.search ? this : aside(screen);
        }

        /** A thread of its own for what is begun only when nothing was asked for a while. */
        Executor rested() {
            return beside().restedOnIt();
        }

        /** The same on the thread of the search. */
        private Executor restedOnIt() {
            return this.search == AT_ONCE.search
                    ? this.search
                    : CompletableFuture.delayedExecutor(REST_MS, TimeUnit.MILLISECONDS, this.search);
        }

        /** A thread of its own, which ends when there is nothing to look for. */
        public static Threads aside(Executor screen) {
            var search = new ThreadPoolExecutor(
                    1,
                    1,
                    IDLE_SECONDS,
                    TimeUnit.SECONDS,
                    new LinkedBlockingQueue<>(),
                    Thread.ofPlatform().daemon().name("aside").factory());
            search.allowCoreThreadTimeOut(true);
            return new Threads(search, screen);
        }
    }

    private record Request(LaidStorey here, Length gapReach) {
        /** Whether nothing that snags depend on differs. */
        boolean isFor(LaidPlan other, Length reach) {
            return isBuiltAs(other, reach) && here.plan().presentation() == other.presentation();
        }

        /** Whether nothing differs but how it is shown. */
        private boolean isBuiltAs(LaidPlan other, Length reach) {
            var plan = here.plan();
            return gapReach.equals(reach)
                    && plan.units() == other.units()
                    && plan.brief() == other.brief()
                    && plan.wallTypes() == other.wallTypes()
                    && plan.storeys() == other.storeys();
        }
    }

    private final Threads threads;
    private final Executor rested;
    private final AtomicReference<@Nullable Request> newest = new AtomicReference<>();
    private final GeometryCache otherStoreys = new GeometryCache(); // search thread only
    private final KnownChecks checks = new KnownChecks(); // search thread only
    private @Nullable Request asked;
    private final ReadOnlyObjectWrapper<Known> known =
            new ReadOnlyObjectWrapper<>(new Known(Progress.LOOKING, List.of()));

    SnagSearch(Threads threads) {
        this.threads = threads;
        this.rested = threads.restedOnIt();
    }

    /** What is known now, to watch on the interface thread. */
    public ReadOnlyObjectProperty<Known> known() {
        return known.getReadOnlyProperty();
    }

    /**
     * Looks for the snags of a plan, unless that is what was looked for last.
     *
     * @param here the storey worked on
     */
    void want(LaidStorey here, Length gapReach) {
        var before = asked;
        if (before == null || !before.isFor(here.plan(), gapReach)) {
            // how a view is seen changes quickly and what is wrong seldom with it: the picture comes first
            var isOnlyShown = before != null && before.isBuiltAs(here.plan(), gapReach);
            look(new Request(here, gapReach), isOnlyShown ? rested : threads.search);
        }
    }

    /** Ends the search under way; {@link #again} takes it up anew. */
    public void stop() {
        if (known.get().progress() == Progress.LOOKING) {
            newest.set(null);
            known.set(new Known(Progress.STOPPED, known.get().snags()));
        }
    }

    /** Looks once more. */
    public void again() {
        if (asked != null) {
            look(asked, threads.search);
        }
    }

    private void look(Request request, Executor where) {
        asked = request;
        newest.set(request);
        known.set(new Known(Progress.LOOKING, known.get().snags()));
        where.execute(() -> {
            var progress = Progress.STOPPED; // if the search itself fails, which is told by whoever meets it
            List<SnagThere> found = List.of();
            try {
                var all = search(request);
                progress = all.isPresent() ? Progress.DONE : Progress.STOPPED;
                found = all.orElse(List.of());
            } finally {
                var told = new Known(progress, found);
                threads.screen.execute(() -> {
                    if (newest.get() == request) {
                        known.set(told);
                    }
                });
            }
        });
    }

    private Optional<List<SnagThere>> search(Request request) {
        var out = new ArrayList<SnagThere>();
        var elsewhere = request.here.plan().derivedBy(otherStoreys);
        for (var storey : request.here.plan().storeys()) {
            if (newest.get() != request) {
                return Optional.empty();
            }
            var laid = request.here.storey() == storey ? request.here : elsewhere.on(storey.id());
            var found = SheetSnags.all(laid, request.gapReach, () -> newest.get() == request, checks);
            if (found.isEmpty()) {
                return Optional.empty();
            }
            found.get().forEach(s -> out.add(new SnagThere(storey, s)));
        }
        return Optional.of(out);
    }
}
