package honeylamp.output;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/** Slow works of one kind, two at a time: each has threads of its own for its shade, and more would only need more memory. */
public final class InPairs {
    private static final int AT_A_TIME = 2;

    private InPairs() {}

    /** A piece of work. */
    public interface Work<Q, A> {
        /** What comes of it. */
        A of(Q question, Progress progress) throws Exception;
    }

    /**
     * What comes of all, in their order.
     *
     * @throws IllegalStateException if a work fails otherwise than by being ended
     * @throws Progress.Cancelled if the progress ended the work
     */
    public static <Q, A> List<A> all(List<Q> questions, Work<Q, A> work, Progress progress) throws Progress.Cancelled {
        var ready = new AtomicInteger();
        List<Callable<A>> works = questions.stream()
                .<Callable<A>>map(question -> () -> {
                    Progress now = _ -> progress.at((double) ready.get() / questions.size());
                    now.at(0);
                    var made = work.of(question, now);
                    progress.at((double) ready.incrementAndGet() / questions.size());
                    return made;
                })
                .toList();
        try (var threads = Executors.newFixedThreadPool(AT_A_TIME)) {
            var out = new ArrayList<A>();
            for (var future : threads.invokeAll(works)) {
                out.add(future.get());
            }
            return List.copyOf(out);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            throw new Progress.Cancelled();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof Progress.Cancelled cancelled) {
                throw cancelled;
            }
            throw new IllegalStateException("one of " + questions.size() + " works went wrong", e.getCause());
        }
    }
}
