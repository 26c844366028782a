package honeylamp.desktop.workspace;

import honeylamp.desktop.workspace.SnagSearch.Threads;
import honeylamp.drawing.Remembered.LongWork;
import honeylamp.illustrate.raised.SurfacePictures;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/**
 * Works out the light and the exact surfaces of raised views while one works on: a picture has what is known by then, and is
 * told when that is better. Work on what no picture asks for any more ends.
 */
public final class LightWork implements LongWork {
    /** So many answers are kept, for when one goes back to a view. */
    private static final int KEPT = 8;

    /**
     * How far work has come.
     *
     * @param share of all of it, from 0 to 1
     * @param step rises whenever an answer gets better
     */
    public record Far(double share, int step, State state) {}

    /** Whether work goes on. */
    public enum State {
        /** Nothing is worked out. */
        RESTING,
        /** It goes on. */
        GOING,
        /** Somebody said that it is good enough. */
        STOPPED
    }

    /** One question that is worked on. */
    private static final class Worked {
        private volatile boolean isWanted = true;
        private final boolean isTold;
        private boolean isDone;
        private @Nullable Object answer;

        Worked(boolean isTold) {
            this.isTold = isTold;
        }
    }

    private final Threads threads;
    private final Executor rested;
    private final SurfacePictures.Painted painted;
    private final Map<Object, Worked> all = new LinkedHashMap<>();
    private final Set<Object> asked = new HashSet<>();
    private final ReadOnlyObjectWrapper<Far> known = new ReadOnlyObjectWrapper<>(new Far(1, 0, State.RESTING));

    /**
     * Nothing is worked out yet.
     *
     * @param threads where light is worked out, which takes long, and where it is told
     * @param rested where surfaces are, once the hand rests
     * @param painted pictures of what covers surfaces, as they come
     */
    LightWork(Threads threads, Executor rested, SurfacePictures.Painted painted) {
        this.threads = threads;
        this.rested = rested;
        this.painted = painted;
    }

    /** How far it is, to watch on the interface thread. */
    public ReadOnlyObjectProperty<Far> known() {
        return known.getReadOnlyProperty();
    }

    /** A picture begins to be drawn. */
    public synchronized void begin() {
        asked.clear();
    }

    /** It is drawn: what it did not ask for is not wanted any more. */
    public synchronized void end() {
        all.forEach((question, worked) -> {
            if (!worked.isDone && !asked.contains(question)) {
                worked.isWanted = false;
            }
        });
        var hasEnded = all.values().removeIf(w -> !w.isWanted && !w.isDone);
        if (hasEnded && !isGoing()) {
            tell(1, State.RESTING);
        }
        var questions = all.keySet().iterator();
        while (all.size() > KEPT && questions.hasNext()) {
            if (!asked.contains(questions.next())) {
                questions.remove();
            }
        }
    }

    /** Whether anything is worked out still, surfaces too. */
    public synchronized boolean isWorking() {
        return all.values().stream().anyMatch(w -> !w.isDone && w.isWanted);
    }

    /** The hand moves again: what was to be worked out once it rests is left, and asked for anew by the next picture. */
    synchronized void moved() {
        all.values().stream().filter(w -> !w.isTold && !w.isDone).forEach(w -> w.isWanted = false);
        all.values().removeIf(w -> !w.isWanted && !w.isDone);
    }

    /** Pictures are to ask anew for what was left. */
    synchronized void asked() {
        told();
    }

    /** The light that is known by now is good enough. */
    public synchronized void stop() {
        all.values().stream().filter(w -> w.isTold && !w.isDone).forEach(w -> {
            w.isWanted = false;
            w.isDone = true;
        });
        tell(1, State.STOPPED);
    }

    @Override
    public synchronized <V> Optional<V> answer(Object question, Work<V> work) {
        if (!all.containsKey(question)) {
            tell(0, State.GOING);
        }
        return known(question, work, true, threads.search());
    }

    @Override
    public synchronized <V> Optional<V> later(Object question, Work<V> work, Supplier<V> atOnce) {
        return known(question, work, false, rested);
    }

    @SuppressWarnings("unchecked") // the type of a question says what its answer is
    private <V> Optional<V> known(Object question, Work<V> work, boolean isTold, Executor where) {
        asked.add(question);
        var known = all.get(question);
        if (known == null) {
            known = new Worked(isTold);
            all.put(question, known);
            var begun = known;
            where.execute(() -> run(begun, work));
        }
        return Optional.ofNullable((V) known.answer);
    }

    @Override
    public <T> Optional<T> tool(Class<T> kind) {
        return kind.isInstance(painted) ? Optional.of(kind.cast(painted)) : Optional.empty();
    }

    private <V> void run(Worked worked, Work<V> work) {
        if (!worked.isWanted) {
            return;
        }
        try {
            var found = work.run(sofar -> better(worked, sofar.answer(), sofar.share()), () -> worked.isWanted);
            found.ifPresent(answer -> better(worked, answer, 1));
        } finally {
            ended(worked);
        }
    }

    /** Work that broke off is left at what it came to: begun anew it would break off again. */
    private synchronized void ended(Worked worked) {
        if (worked.isWanted && !worked.isDone) {
            worked.isDone = true;
            told(worked, 1);
        }
    }

    private synchronized void better(Worked worked, Object answer, double share) {
        if (worked.isWanted) {
            worked.answer = answer;
            worked.isDone = share == 1;
            told(worked, share);
        }
    }

    /** Only of light one is told how far it is. */
    private void told(Worked worked, double share) {
        if (worked.isTold) {
            tell(share, isGoing() ? State.GOING : State.RESTING);
        } else {
            told();
        }
    }

    private void told() {
        threads.screen().execute(() -> {
            var now = known.get();
            known.set(new Far(now.share(), now.step() + 1, now.state()));
        });
    }

    private boolean isGoing() {
        return all.values().stream().anyMatch(w -> w.isTold && !w.isDone && w.isWanted);
    }

    private void tell(double share, State state) {
        threads.screen().execute(() -> known.set(new Far(share, known.get().step() + 1, state)));
    }
}
