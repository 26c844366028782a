package honeylamp.drawing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * What was worked out for a picture, kept for the next one where the same is asked again: pictures are the same with it
 * and without. What two pictures in a row did not ask for is forgotten. Not for sharing between threads.
 */
public final class Remembered {
    private Map<Object, Object> now = new HashMap<>();
    private Map<Object, Object> before = new HashMap<>();

    /** Remembers nothing yet. */
    public Remembered() {}

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

    /** What is remembered of pictures with a setting that all their answers depend on; a new picture begins in it. */
    public Remembered within(Object setting) {
        Remembered of = answer(setting, Remembered::new);
        of.next();
        return of;
    }
}
