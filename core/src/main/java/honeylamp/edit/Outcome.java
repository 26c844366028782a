package honeylamp.edit;

import java.util.Optional;
import java.util.function.Function;

/**
 * What came of an edit that a person may ask for although it cannot be: it is done, or it is refused in words. An
 * operation whose result is no outcome can always be done; an exception from it is a mistake in the program.
 *
 * @param <R> what there is when it is done: the plan, alone or with what is new in it
 */
public sealed interface Outcome<R> {
    record Done<R>(R made) implements Outcome<R> {}

    /**
     * It cannot be, and nothing has changed.
     *
     * @param why the reason, as the end of a sentence: no capital, no full stop
     * @param instead what would go, a sentence; empty if the reason says it
     */
    record Refused<R>(String why, String instead) implements Outcome<R> {
        /** Both as sentences, after the words that the reason is the end of, such as {@code That cannot be}. */
        public String sentence(String words) {
            return words + ": " + why + "." + (instead.isEmpty() ? "" : " " + instead);
        }
    }

    /** Something that is done. */
    static <R> Outcome<R> done(R result) {
        return new Done<>(result);
    }

    /** Something that cannot be, for a reason that says what would go. */
    static <R> Outcome<R> refused(String why) {
        return new Refused<>(why, "");
    }

    /** Something that cannot be, and what would go. */
    static <R> Outcome<R> refused(String why, String instead) {
        return new Refused<>(why, instead);
    }

    /** Something else made of what is done. */
    default <S> Outcome<S> map(Function<R, S> next) {
        return then(result -> done(next.apply(result)));
    }

    /** What is done next, if this is done. */
    default <S> Outcome<S> then(Function<R, Outcome<S>> next) {
        return switch (this) {
            case Done<R>(var made) -> next.apply(made);
            case Refused<R>(var why, var instead) -> refused(why, instead);
        };
    }

    /** What there is if it is done. */
    default Optional<R> result() {
        return switch (this) {
            case Done<R>(var made) -> Optional.of(made);
            case Refused<R> _ -> Optional.empty();
        };
    }

    /** What is said if it is refused, after the usual words. */
    default Optional<String> refusal() {
        return switch (this) {
            case Done<R> _ -> Optional.empty();
            case Refused<R> no -> Optional.of(no.sentence("That cannot be"));
        };
    }

    /**
     * What is done, where it is known that it can be.
     *
     * @throws IllegalStateException if it is refused all the same, which is a mistake in the program
     */
    default R orThrow() {
        return switch (this) {
            case Done<R>(var made) -> made;
            case Refused<R> no -> throw new IllegalStateException(no.sentence("refused"));
        };
    }
}
