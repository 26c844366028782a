package honeylamp.desktop.gesture;

import honeylamp.edit.Outcome;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.Set;

/**
 * What came of one step of a gesture.
 *
 * @param complaint a sentence if what was typed cannot be, else empty
 * @param choices what is chosen from now on, if the step says so
 * @param measured a length that was measured and can be put in elsewhere
 * @param news a sentence about what was done if it says more than the picture, else empty
 */
@RecordBuilder
public record Reply(
        Gesture next,
        Optional<Commit> commit,
        Optional<Set<ElementId>> selection,
        String complaint,
        String news,
        Optional<Length> measured,
        Optional<Choices> choices)
        implements ReplyBuilder.With {
    /**
     * A finished edit.
     *
     * @param action what was done, for undo
     */
    public record Commit(Plan plan, String action) {}

    /** The gesture goes on as it now is. */
    public static Reply to(Gesture next) {
        return new Reply(next, Optional.empty(), Optional.empty(), "", "", Optional.empty(), Optional.empty());
    }

    /** The plan changes. */
    public static Reply commit(Gesture next, Plan plan, String action) {
        return new Reply(
                next,
                Optional.of(new Commit(plan, action)),
                Optional.empty(),
                "",
                "",
                Optional.empty(),
                Optional.empty());
    }

    /**
     * The plan changes and the next gesture goes on; or the edit is refused, this one stays and says why.
     *
     * @param words said before the reason, such as {@code That cannot be}
     */
    public static Reply outcome(Gesture stays, Outcome<Plan> outcome, Gesture next, String action, String words) {
        return switch (outcome) {
            case Outcome.Done<Plan>(var plan) -> commit(next, plan, action);
            case Outcome.Refused<Plan> no -> complain(stays, no.sentence(words));
        };
    }

    /** Something cannot be, and the sentence says why. */
    public static Reply complain(Gesture next, String sentence) {
        return new Reply(next, Optional.empty(), Optional.empty(), sentence, "", Optional.empty(), Optional.empty());
    }

    /** The same step, picking these elements. */
    public Reply picking(Set<ElementId> ids) {
        return withSelection(Optional.of(Set.copyOf(ids)));
    }

    /** The same step, with other things chosen from now on. */
    public Reply choosing(Choices other) {
        return withChoices(Optional.of(other));
    }

    /** The same step, told of in a sentence. */
    public Reply saying(String sentence) {
        return withNews(sentence);
    }

    /** The same step, with a length that was measured. */
    public Reply measuring(Length length) {
        return withMeasured(Optional.of(length));
    }
}
