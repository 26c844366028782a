package honeylamp.plan;

import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.units.Checks;
import java.util.List;
import java.util.Optional;

/** What those who were sent the plan said of it. */
public record Review(List<Remark> remarks, List<Approval> approvals) {
    /** Nobody said anything yet. */
    public static final Review NONE = new Review(List.of(), List.of());

    /** More remarks than this nobody works off, and none longer. */
    public static final int MOST_REMARKS = 500;

    public static final int LONGEST_WORDS = 1000;

    /** What became of a remark. */
    public enum State {
        OPEN("Open"),
        DONE("Done"),
        DECLINED("Declined");

        private final String label;

        State(String label) {
            this.label = label;
        }

        /** The word people see. */
        public String label() {
            return label;
        }
    }

    /**
     * Something said of a place.
     *
     * @param number by which it is spoken of, from 1
     * @param page on which it was pinned
     * @param storey it lies on; empty beside all plans
     * @param at where, in plan mm
     * @param by who said it; may be empty
     * @param on the day, as 2026-11-29
     */
    public record Remark(
            int number,
            PageId page,
            Optional<StoreyId> storey,
            Position at,
            String words,
            String by,
            String on,
            State state) {
        /** Refuses remarks without words or with more than 1000 letters. */
        public Remark {
            Checks.within("number of a remark", number, 1, 1_000_000);
            Checks.within("letters of a remark", words.length(), 1, LONGEST_WORDS);
        }

        public Remark withState(State other) {
            return new Remark(number, page, storey, at, words, by, on, other);
        }
    }

    /**
     * A page somebody agreed to.
     *
     * @param digest of all that was drawn on it; it holds as long as that is the same
     */
    public record Approval(PageId page, String by, String on, String digest) {}

    /** Freezes the lists; refuses more than 500 remarks, and two of one number. */
    public Review {
        Checks.within("remarks", remarks.size(), 0, MOST_REMARKS);
        remarks = List.copyOf(remarks);
        approvals = List.copyOf(approvals);
        if (remarks.stream().map(Remark::number).distinct().count() < remarks.size()) {
            throw new IllegalArgumentException("two remarks have one number");
        }
    }
}
