package honeylamp.drawing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * What was worked out for a picture, kept for the next one where the same is asked again: pictures are the same with it
 * and without. What two pictures in a row did not ask for is forgotten. Not for sharing between threads.
 */
public final class Remembered {
    private Map<Object, Object> now = new HashMap<>();
    private Map<Object, Object> before = new HashMap<>();

    private final LongWork longWork;

    /** Remembers nothing yet; what takes long is done while one waits. */
    public Remembered() {
        this(LongWork.AT_ONCE);
    }

    /** Remembers nothing yet. */
    public Remembered(LongWork longWork) {
        this.longWork = longWork;
    }

    /** Who does what takes too long for a picture to wait for. */
    public interface LongWork {
        /** Work that gets better as it goes on. */
        interface Work<V> {
            /**
             * The answer in the end; empty if nobody waits for it any more.
             *
             * @param sofar told what it is as yet
             * @param wanted whether anybody waits, asked now and then
             */
            Optional<V> run(Consumer<Sofar<V>> sofar, BooleanSupplier wanted);
        }

        /**
         * An answer that gets better.
         *
         * @param share of the work that is done
         */
        record Sofar<V>(V answer, double share) {}

        /** It is done, and the picture waits for it. */
        LongWork AT_ONCE = whileWanted(() -> true);

        /** It is not done: pictures do without. */
        LongWork NEVER = new LongWork() {
            @Override
            public <V> Optional<V> answer(Object question, Work<V> work) {
                return Optional.empty();
            }
        };

        /** It is done while the picture waits, as long as somebody else does. */
        static LongWork whileWanted(BooleanSupplier wanted) {
            return new LongWork() {
                @Override
                public <V> Optional<V> answer(Object question, Work<V> work) {
                    return work.run(_ -> {}, wanted);
                }
            };
        }

        /** What is known of an answer now; empty if nothing is yet. */
        <V> Optional<V> answer(Object question, Work<V> work);

        /**
         * The answer to what a picture has something plainer for until it is known; empty as long as it is not. Where
         * nobody waits for the picture meanwhile it waits itself.
         *
         * @param atOnce does the work while the picture waits
         */
        default <V> Optional<V> later(Object question, Work<V> work, Supplier<V> atOnce) {
            return Optional.of(atOnce.get());
        }

        /** Something that pictures are drawn with and only who shows them has; empty if there is no such thing. */
        default <T> Optional<T> tool(Class<T> kind) {
            return Optional.empty();
        }
    }

    /** A new picture begins. */
    public void next() {
        before = now;
        now = new HashMap<>();
    }

    /**
     * The answer to a question.
     *
     * @param question says all that the answer depends on, its kind too; of a type of its own
     * @param work finds the answer if it is not known
     */
    @SuppressWarnings("unchecked") // the type of a question says what its answer is
    public <V> V answer(Object question, Supplier<V> work) {
        var known = now.get(question);
        if (known == null) {
            known = before.get(question);
            if (known == null) {
                known = work.get();
            }
            now.put(question, known);
        }
        return (V) known;
    }

    /** Told apart by what is asked and by the very thing it is asked of. */
    private record AskedOfOne(Object what, Object thing) {
        @Override
        public boolean equals(Object o) {
            return o instanceof AskedOfOne asked && asked.thing == thing && asked.what.equals(what);
        }

        @Override
        public int hashCode() {
            return 31 * what.hashCode() + System.identityHashCode(thing);
        }
    }

    /** Told apart by what is asked and by the very things it is asked of. */
    private record AskedOf(Object what, List<Object> things) {
        @Override
        public boolean equals(Object o) {
            if (!(o instanceof AskedOf asked) || !asked.what.equals(what) || asked.things.size() != things.size()) {
                return false;
            }
            return IntStream.range(0, things.size()).allMatch(i -> asked.things.get(i) == things.get(i));
        }

        @Override
        public int hashCode() {
            return things.stream().mapToInt(System::identityHashCode).reduce(what.hashCode(), (a, b) -> 31 * a + b);
        }
    }

    /**
     * The answer to a question about a thing that never changes and is the same object as long as nothing in it does:
     * quicker than comparing it.
     *
     * @param what the question
     */
    public <V> V answerAbout(Object what, Object thing, Supplier<V> work) {
        return answer(new AskedOfOne(what, thing), work);
    }

    /** The same of several things. */
    public <V> V answerOf(Object what, List<Object> things, Supplier<V> work) {
        return answer(new AskedOf(what, things), work);
    }

    /** The answer to a question about things that takes long; as yet it may be a coarse one, or none. */
    public <V> Optional<V> longAnswerOf(Object what, List<Object> things, LongWork.Work<V> work) {
        return longWork.answer(new AskedOf(what, things), work);
    }

    /** The answer to a question about things that has something plainer until it is known; empty as long as it is not. */
    public <V> Optional<V> laterAnswerOf(Object what, List<Object> things, LongWork.Work<V> work) {
        var question = new AskedOf(what, things);
        return longWork.later(
                question,
                work,
                () -> answer(question, () -> work.run(_ -> {}, () -> true).orElseThrow()));
    }

    /** Something that pictures are drawn with and only who shows them has; empty if there is no such thing. */
    public <T> Optional<T> tool(Class<T> kind) {
        return longWork.tool(kind);
    }

    /** What is remembered of pictures with a setting that all their answers depend on; a new picture begins in it. */
    public Remembered within(Object setting) {
        Remembered of = answer(setting, () -> new Remembered(longWork));
        of.next();
        return of;
    }
}
