package honeylamp.edit;

import honeylamp.plan.Plan;
import honeylamp.plan.Review;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Review.Remark;
import honeylamp.plan.Review.State;
import java.util.ArrayList;
import java.util.List;

/** Takes up what readers said, and works it off. */
public final class ReviewEdits {
    private ReviewEdits() {}

    /**
     * The plan with further remarks, numbered on, and approvals; what was said before is not said twice, and a new approval of
     * a page by the same person takes the place of the old.
     *
     * @return refused if there would be too many remarks
     */
    public static Outcome<Plan> take(Plan plan, List<Remark> remarks, List<Approval> approvals) {
        var kept = new ArrayList<>(plan.review().remarks());
        var next = kept.stream().mapToInt(Remark::number).max().orElse(0) + 1;
        for (var remark : remarks) {
            if (kept.stream().noneMatch(k -> isSame(k, remark))) {
                kept.add(new Remark(
                        next++,
                        remark.page(),
                        remark.storey(),
                        remark.at(),
                        remark.words(),
                        remark.by(),
                        remark.on(),
                        State.OPEN));
            }
        }
        if (kept.size() > Review.MOST_REMARKS) {
            return Outcome.refused(
                    "the plan would have " + kept.size() + " remarks, at most " + Review.MOST_REMARKS,
                    "Forget some that are done.");
        }
        var agreed = new ArrayList<>(plan.review().approvals());
        for (var approval : approvals) {
            agreed.removeIf(a -> a.page().equals(approval.page()) && a.by().equals(approval.by()));
            agreed.add(approval);
        }
        var review = new Review(kept, agreed);
        return Outcome.done(review.equals(plan.review()) ? plan : plan.withReview(review));
    }

    private static boolean isSame(Remark a, Remark b) {
        return a.page().equals(b.page())
                && a.at().equals(b.at())
                && a.words().equals(b.words())
                && a.by().equals(b.by());
    }

    /** Says what became of a remark. */
    public static Plan state(Plan plan, int number, State state) {
        return remarks(
                plan,
                plan.review().remarks().stream()
                        .map(r -> r.number() == number ? r.withState(state) : r)
                        .toList());
    }

    /** The plan without a remark. */
    public static Plan forget(Plan plan, int number) {
        return remarks(
                plan,
                plan.review().remarks().stream()
                        .filter(r -> r.number() != number)
                        .toList());
    }

    private static Plan remarks(Plan plan, List<Remark> remarks) {
        return remarks.equals(plan.review().remarks())
                ? plan
                : plan.withReview(new Review(remarks, plan.review().approvals()));
    }

    /** The plan without an approval. */
    public static Plan forget(Plan plan, Approval approval) {
        return plan.withReview(new Review(
                plan.review().remarks(),
                plan.review().approvals().stream()
                        .filter(a -> !a.equals(approval))
                        .toList()));
    }
}
