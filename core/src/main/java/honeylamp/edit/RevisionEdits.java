package honeylamp.edit;

import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Revision;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/** What was changed since a plan was first sent. */
public final class RevisionEdits {
    private static final int LETTERS = 26;

    private RevisionEdits() {}

    /**
     * Adds a revision with the mark after the last one. All title blocks say its mark from now on, and all pages that have a
     * title block list what was changed. Refused if there is nothing to say, or too much.
     *
     * @param date as it is written
     */
    public static Outcome<Plan> add(Plan plan, String date, String words) {
        var presentation = plan.presentation();
        if (presentation.revisions().size() >= Revision.MOST) {
            return Outcome.refused("a plan has room for " + Revision.MOST + " revisions", "Take the oldest away.");
        }
        return checked(words).then(_ -> {
            var revisions = new ArrayList<>(presentation.revisions());
            var mark = next(revisions);
            revisions.add(new Revision(mark, date, words.strip()));
            var pages = presentation.pages().stream().map(p -> saying(p, mark)).toList();
            return Outcome.done(plan.withPresentation(
                    presentation.with(copy -> copy.revisions(revisions).pages(pages))));
        });
    }

    private static Page saying(Page page, String mark) {
        var lists = EnumSet.of(Listing.REVISIONS);
        lists.addAll(page.lists());
        var sheet = page.sheet().withTitle(page.sheet().title().withRevision(mark));
        return page.with(copy -> copy.sheet(sheet).lists(page.showsViews() ? lists : page.lists()));
    }

    /** Letters, then two of them; numbers go on as numbers. */
    private static String next(List<Revision> revisions) {
        if (revisions.isEmpty()) {
            return "A";
        }
        var last = revisions.getLast().mark();
        if (last.matches("\\d{1,6}")) {
            return String.valueOf(Integer.parseInt(last) + 1);
        }
        if (last.matches("[A-Ya-y]")) {
            return String.valueOf((char) (last.charAt(0) + 1));
        }
        var taken = revisions.stream().map(Revision::mark).toList();
        return IntStream.iterate(revisions.size(), at -> at + 1)
                .mapToObj(at -> at < LETTERS ? letter(at) : letter(at / LETTERS - 1) + letter(at % LETTERS))
                .filter(mark -> !taken.contains(mark))
                .findFirst()
                .orElseThrow();
    }

    private static String letter(int at) {
        return String.valueOf((char) ('A' + at % LETTERS));
    }

    private static Outcome<String> checked(String words) {
        if (words.isBlank()) {
            return Outcome.refused("a revision says what was changed", "Type it in a few words.");
        }
        return words.strip().length() > Revision.LONGEST_WORDS
                ? Outcome.refused("a revision has at most " + Revision.LONGEST_WORDS + " letters", "Say it shorter.")
                : Outcome.done(words.strip());
    }

    /** Says of a revision something else; refused if there is nothing to say, or too much. */
    public static Outcome<Plan> rewrite(Plan plan, int at, String words) {
        return checked(words)
                .then(said -> Outcome.done(changed(plan, all -> {
                    var now = all.get(at);
                    all.set(at, new Revision(now.mark(), now.date(), said));
                })));
    }

    /** Dates a revision otherwise. */
    public static Outcome<Plan> date(Plan plan, int at, String date) {
        return date.length() > Revision.LONGEST_WORDS
                ? Outcome.refused("a date has no room for so many letters")
                : Outcome.done(changed(plan, all -> {
                    var now = all.get(at);
                    all.set(at, new Revision(now.mark(), date.strip(), now.words()));
                }));
    }

    /** Marks a revision otherwise; title blocks that said the last one's mark say the other. Refused if it is too long. */
    public static Outcome<Plan> mark(Plan plan, int at, String mark) {
        var stripped = mark.strip();
        if (stripped.isEmpty() || stripped.length() > Revision.LONGEST_MARK) {
            return Outcome.refused("a revision has a mark of 1 to " + Revision.LONGEST_MARK + " letters");
        }
        var was = plan.presentation().revisions().get(at).mark();
        var isLast = at == plan.presentation().revisions().size() - 1;
        var changed = changed(plan, all -> {
            var now = all.get(at);
            all.set(at, new Revision(stripped, now.date(), now.words()));
        });
        return Outcome.done(isLast ? saying(changed, was, stripped) : changed);
    }

    /** Takes a revision away; title blocks that said the mark of the last one say that of the one before. */
    public static Plan take(Plan plan, int at) {
        var all = plan.presentation().revisions();
        var changed = changed(plan, revisions -> revisions.remove(at));
        var before = all.size() > 1 ? all.get(all.size() - 2).mark() : "";
        return at == all.size() - 1 ? saying(changed, all.getLast().mark(), before) : changed;
    }

    private static Plan saying(Plan plan, String was, String now) {
        return PageEdits.sheet(
                plan,
                s -> s.title().revision().equals(was) ? s.withTitle(s.title().withRevision(now)) : s);
    }

    private static Plan changed(Plan plan, Consumer<List<Revision>> change) {
        var revisions = new ArrayList<>(plan.presentation().revisions());
        change.accept(revisions);
        return plan.withPresentation(plan.presentation().withRevisions(revisions));
    }
}
