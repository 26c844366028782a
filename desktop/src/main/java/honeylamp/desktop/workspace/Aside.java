package honeylamp.desktop.workspace;

import honeylamp.desktop.workspace.SnagSearch.Threads;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiPredicate;
import java.util.function.BooleanSupplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/**
 * Works out the answer to one question off the interface thread. Only the newest question counts: work on an earlier one
 * is told that nobody waits for it. What was answered last stays known until something else is.
 *
 * @param <Q> what is asked
 * @param <A> what is answered
 */
public final class Aside<Q, A> {
    /** How a question is answered. */
    interface Work<Q, A> {
        /**
         * The answer.
         *
         * @param wanted asked now and then; once it is not, any answer does
         */
        A answer(Q question, BooleanSupplier wanted);
    }

    /** What becomes of an answer when another question was asked meanwhile. */
    enum Late {
        /** Nobody wants it any more. */
        DROPPED,
        /** It is newer than what was known, as long as the hand goes on. */
        TOLD
    }

    /** An answer and what it is one to. */
    public record Answered<Q, A>(Q question, A answer) {}

    private final Threads threads;
    private final BiPredicate<Q, Q> same;
    private final Late late;
    private final Work<Q, A> work;
    private final AtomicReference<@Nullable Q> newest = new AtomicReference<>();
    private final ReadOnlyObjectWrapper<Optional<Answered<Q, A>>> known = new ReadOnlyObjectWrapper<>(Optional.empty());

    /**
     * Answers of a kind.
     *
     * @param same whether two questions have one answer
     */
    Aside(Threads threads, BiPredicate<Q, Q> same, Work<Q, A> work) {
        this(threads, same, Late.DROPPED, work);
    }

    /**
     * Answers of a kind.
     *
     * @param same whether two questions have one answer
     * @param late what becomes of an answer when another question was asked meanwhile
     */
    Aside(Threads threads, BiPredicate<Q, Q> same, Late late, Work<Q, A> work) {
        this.late = late;
        this.threads = threads;
        this.same = same;
        this.work = work;
    }

    /** What was answered last, to watch on the interface thread. */
    public ReadOnlyObjectProperty<Optional<Answered<Q, A>>> known() {
        return known.getReadOnlyProperty();
    }

    /** The answer to a question, if that is what was answered last. */
    public Optional<A> to(Q question) {
        return known.get().filter(k -> same.test(k.question, question)).map(Answered::answer);
    }

    /** Whether a question is being worked on. */
    public boolean isAsked(Q question) {
        var asked = newest.get();
        return asked != null && same.test(asked, question) && to(question).isEmpty();
    }

    /** Nobody waits for an answer any more; what is worked on ends soon, and nothing is known. */
    public void drop() {
        newest.set(null);
        known.set(Optional.empty());
    }

    /** Asks a question, unless that is what was asked last. */
    public void ask(Q question) {
        var asked = newest.get();
        if (asked != null && same.test(asked, question)) {
            return;
        }
        newest.set(question);
        threads.search().execute(() -> {
            if (newest.get() != question) {
                return;
            }
            var answer = work.answer(question, () -> newest.get() == question);
            threads.screen().execute(() -> {
                if (newest.get() == question || late == Late.TOLD && newest.get() != null) {
                    known.set(Optional.of(new Answered<>(question, answer)));
                }
            });
        });
    }
}
