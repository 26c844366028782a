package honeylamp.edit;

import honeylamp.plan.Arrangement;
import honeylamp.plan.Arrangement.LaidList;
import honeylamp.plan.Arrangement.Line;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.Arrangement.Shares;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** How the parts of pages stand on their paper: by themselves, or where somebody puts them. */
public final class ArrangementEdits {
    private ArrangementEdits() {}

    /** Where what is listed goes, on a page or on all. */
    public static Plan lists(Plan plan, PageId page, Reach reach, Arrangement.Lists lists) {
        return changed(plan, page, reach, a -> a.withLists(lists));
    }

    /** How the views of a page share their place. */
    public static Plan shares(Plan plan, PageId page, Shares shares) {
        return changed(plan, page, Reach.THIS, a -> a.withShares(shares));
    }

    /**
     * Puts a list of a page where somebody wants it, in paper mm from the left and the upper edge; refused if it would not
     * lie on the paper, or if it would be too narrow to be read.
     */
    public static Outcome<Plan> put(
            Plan plan, PageId page, Listing list, double leftMm, double downMm, double widthMm) {
        var sheet = of(plan, page).sheet();
        if (!(widthMm >= LaidList.LEAST_MM)) {
            return Outcome.refused(
                    "a list less than " + LaidList.LEAST_MM + " mm wide cannot be read", "Make it wider.");
        }
        var isOn = leftMm >= 0
                && downMm >= 0
                && leftMm + LaidList.LEAST_MM <= sheet.widthMm()
                && downMm < sheet.heightMm()
                && widthMm <= sheet.widthMm();
        return isOn
                ? Outcome.done(
                        changed(plan, page, Reach.THIS, a -> a.laying(new LaidList(list, leftMm, downMm, widthMm))))
                : Outcome.refused("the list would not lie on the paper", "Put its upper left corner on it.");
    }

    /** Lets a list of a page go where it goes by itself. */
    public static Plan lift(Plan plan, PageId page, Listing list) {
        return changed(plan, page, Reach.THIS, a -> a.lifting(list));
    }

    /** Lets all lists of a page go where they go by themselves. */
    public static Plan liftAll(Plan plan, PageId page) {
        return changed(plan, page, Reach.THIS, a -> a.withLaid(List.of()));
    }

    /** Adds a setting-out line to a page; refused off its paper, and if there are too many. */
    public static Outcome<Plan> addLine(Plan plan, PageId page, Line line) {
        if (of(plan, page).arrangement().lines().size() >= Arrangement.MOST_LINES) {
            return Outcome.refused(
                    "a page has room for " + Arrangement.MOST_LINES + " setting-out lines", "Take one away first.");
        }
        return isOn(plan, page, line.run(), line.mm())
                ? Outcome.done(changed(plan, page, Reach.THIS, a -> a.withLines(Lists.plus(a.lines(), line))))
                : offPaper();
    }

    /** Puts a setting-out line of a page elsewhere; refused off its paper. */
    public static Outcome<Plan> putLine(Plan plan, PageId page, int at, double mm) {
        var run = of(plan, page).arrangement().lines().get(at).run();
        return isOn(plan, page, run, mm)
                ? Outcome.done(changed(plan, page, Reach.THIS, a -> {
                    var out = new ArrayList<>(a.lines());
                    out.set(at, new Line(run, mm));
                    return a.withLines(out);
                }))
                : offPaper();
    }

    /** Takes a setting-out line off a page. */
    public static Plan takeLine(Plan plan, PageId page, int at) {
        return changed(plan, page, Reach.THIS, a -> {
            var out = new ArrayList<>(a.lines());
            out.remove(at);
            return a.withLines(out);
        });
    }

    private static boolean isOn(Plan plan, PageId page, Run run, double mm) {
        var sheet = of(plan, page).sheet();
        return mm >= 0 && mm <= (run == Run.DOWN ? sheet.widthMm() : sheet.heightMm());
    }

    private static Outcome<Plan> offPaper() {
        return Outcome.refused("a setting-out line would not lie on the paper", "Type a place on it.");
    }

    /** What is dragged on a page, or on all, keeps to steps so wide, in paper mm; 0 for none. */
    public static Outcome<Plan> step(Plan plan, PageId page, Reach reach, double mm) {
        return mm >= 0 && mm <= Arrangement.MOST_STEP_MM
                ? Outcome.done(changed(plan, page, reach, a -> a.withStepMm(mm)))
                : Outcome.refused(
                        "steps are at most " + Arrangement.MOST_STEP_MM + " mm wide", "Type fewer, or 0 for none.");
    }

    /** Adds a page after another on which its lists go on where they had no room; refused if there is one already. */
    public static Outcome<Added<PageId>> goOn(Plan plan, PageId from) {
        var presentation = plan.presentation();
        var isThere = presentation.pages().stream()
                .anyMatch(p -> p.arrangement().continues().equals(Optional.of(from)));
        if (isThere) {
            return Outcome.refused("it goes on on a page already");
        }
        var like = of(plan, from);
        var page = like.with(copy -> copy.id(presentation.nextPage())
                .name(like.name().isBlank() ? "" : like.name() + ", continued")
                .lists(Set.of())
                .notes("")
                .pictures(List.of())
                .boxes(List.of())
                .arrangement(
                        Arrangement.USUAL.with(a -> a.shares(Shares.LISTS_ONLY).continues(Optional.of(from)))));
        return Outcome.done(after(plan, like, page));
    }

    /** Adds a page after another with its views, for lists only. */
    public static Added<PageId> listsPage(Plan plan, PageId like, Set<Listing> lists) {
        var presentation = plan.presentation();
        var page = of(plan, like)
                .with(copy -> copy.id(presentation.nextPage())
                        .name("Lists")
                        .lists(lists)
                        .notes("")
                        .pictures(List.of())
                        .boxes(List.of())
                        .arrangement(Arrangement.USUAL.withShares(Shares.LISTS_ONLY)));
        return after(plan, of(plan, like), page);
    }

    private static Added<PageId> after(Plan plan, Page like, Page page) {
        var pages = new ArrayList<>(plan.presentation().pages());
        pages.add(1 + pages.indexOf(like), page);
        return new Added<>(plan.withPresentation(plan.presentation().withPages(pages)), page.id());
    }

    private static Page of(Plan plan, PageId page) {
        return PageEdits.of(plan, page);
    }

    private static Plan changed(Plan plan, PageId page, Reach reach, UnaryOperator<Arrangement> change) {
        return PageEdits.changed(plan, page, reach, p -> p.withArrangement(change.apply(p.arrangement())));
    }
}
