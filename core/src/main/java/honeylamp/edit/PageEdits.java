package honeylamp.edit;

import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Note;
import honeylamp.plan.NoteForm;
import honeylamp.plan.Page;
import honeylamp.plan.Page.LaidNote;
import honeylamp.plan.Page.LaidPicture;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Presentation;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Margins;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Underlay.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** The pages that leave the house: their sheets, names, order, and what is on them. */
public final class PageEdits {
    /** More views than this are too small to be read on any sheet. */
    public static final int MOST_VIEWS = 6;

    /** More notes than this make a page a letter. */
    private static final int MOST_NOTES = 24;

    private static final double FIRST_NOTE_MM = 4;
    private static final double FIRST_NOTE_WIDE_MM = 60;

    /** More pictures than this make a file heavy and a page restless. */
    public static final int MOST_PICTURES = 12;

    private static final double FIRST_WIDTH_MM = 40;

    private PageEdits() {}

    /** Changes the sheet of a page, or of all: what differs from page to page and is not changed stays. */
    public static Plan sheet(Plan plan, PageId page, Reach reach, UnaryOperator<Sheet> change) {
        return changed(plan, page, reach, p -> {
            var sheet = change.apply(p.sheet());
            return sheet.equals(p.sheet()) ? p : p.on(sheet);
        });
    }

    /** Changes the sheets of all pages of a plan. */
    public static Plan sheet(Plan plan, UnaryOperator<Sheet> change) {
        return sheet(plan, plan.presentation().pages().getFirst().id(), Reach.ALL, change);
    }

    /** Sets the margins of a page, or of all, in paper mm; refused if they leave too little of the paper. */
    public static Outcome<Plan> margins(Plan plan, PageId page, Reach reach, double bindingMm, double othersMm) {
        if (Math.max(bindingMm, othersMm) > Margins.MOST_MM) {
            return Outcome.refused(
                    "a margin of more than " + Margins.MOST_MM + " mm leaves too little paper", "Type a smaller one.");
        }
        return withRoom(plan, page, reach, s -> s.withMargins(new Margins(bindingMm, othersMm)));
    }

    /** Refused if on a page that would change too little is left between the margins. */
    private static Outcome<Plan> withRoom(Plan plan, PageId page, Reach reach, UnaryOperator<Sheet> change) {
        var changed = sheet(plan, page, reach, change);
        return changed.presentation().pages().stream()
                        .allMatch(p -> p.sheet().hasRoom()
                                || p.sheet().equals(of(plan, p.id()).sheet()))
                ? Outcome.done(changed)
                : Outcome.refused(
                        "less than " + Sheet.LEAST_INSIDE_MM + " mm would be left between the margins",
                        "Take larger paper or narrower margins.");
    }

    /**
     * Puts a page, or all, on paper of two sides in mm, the first across; refused if that is no paper, or if nothing is left
     * within the margins.
     */
    public static Outcome<Plan> paper(Plan plan, PageId page, Reach reach, double acrossMm, double upMm) {
        if (!(Math.min(acrossMm, upMm) >= Paper.LEAST_MM && Math.max(acrossMm, upMm) <= Paper.MOST_MM)) {
            return Outcome.refused(
                    "paper has sides from " + Paper.LEAST_MM + " to " + Paper.MOST_MM + " mm",
                    "Type two lengths between them.");
        }
        var way = acrossMm >= upMm ? Way.LANDSCAPE : Way.PORTRAIT;
        return withRoom(plan, page, reach, s -> s.on(Paper.ofSides(acrossMm, upMm), way));
    }

    /** Calls a page something else; nothing means it is called like its first view. */
    public static Plan name(Plan plan, PageId page, String name) {
        var stripped = name.strip();
        return changed(plan, page, Reach.THIS, p -> p.name().equals(stripped) ? p : p.withName(stripped));
    }

    /** Writes notes on a page, or on all. */
    public static Plan notes(Plan plan, PageId page, Reach reach, String notes) {
        var stripped = notes.strip();
        return changed(plan, page, reach, p -> p.notes().equals(stripped) ? p : p.withNotes(stripped));
    }

    /** Shows a list on a page, or takes it off; on all, they become alike. */
    public static Plan toggle(Plan plan, PageId page, Reach reach, Listing list) {
        var has = of(plan, page).lists().contains(list);
        return changed(plan, page, reach, p -> p.lists().contains(list) == has ? p.toggling(list) : p);
    }

    /** Lays a picture on a page, small and inside the margins; refused if there are too many. */
    public static Outcome<Plan> layPicture(Plan plan, PageId page, Picture picture) {
        var on = of(plan, page);
        if (on.pictures().size() >= MOST_PICTURES) {
            return Outcome.refused("a page has room for " + MOST_PICTURES + " pictures", "Take one away first.");
        }
        var sheet = on.sheet();
        var margins = sheet.margins();
        var high = Math.max(LaidPicture.LEAST_MM, Math.min(FIRST_WIDTH_MM, sheet.heightMm() / 3));
        var width = Math.clamp(high * picture.widthPx() / picture.heightPx(), LaidPicture.LEAST_MM, FIRST_WIDTH_MM);
        var laid = new LaidPicture(picture, margins.bindingMm(), margins.othersMm(), width);
        return Outcome.done(changed(plan, page, Reach.THIS, p -> p.withPictures(Lists.plus(p.pictures(), laid))));
    }

    /**
     * Puts a picture of a page elsewhere, or makes it another size; refused if it would not lie on the paper.
     *
     * @param at its place among the page's pictures
     */
    public static Outcome<Plan> putPicture(
            Plan plan, PageId page, int at, double leftMm, double downMm, double widthMm) {
        var on = of(plan, page);
        if (!(widthMm >= LaidPicture.LEAST_MM)) {
            return Outcome.refused("a picture less than 2 mm wide cannot be seen", "Make it wider, or take it away.");
        }
        var sheet = on.sheet();
        if (!(leftMm >= 0 && downMm >= 0 && leftMm < sheet.widthMm() && downMm < sheet.heightMm())
                || widthMm > sheet.widthMm()) {
            return Outcome.refused(
                    "the picture would not lie on the paper", "Put its upper left corner on it, and make it no wider.");
        }
        return Outcome.done(changed(plan, page, Reach.THIS, p -> {
            var pictures = new ArrayList<>(p.pictures());
            pictures.set(at, new LaidPicture(pictures.get(at).picture(), leftMm, downMm, widthMm));
            return p.withPictures(pictures);
        }));
    }

    /** Takes a picture off a page. */
    public static Plan takePicture(Plan plan, PageId page, int at) {
        return changed(plan, page, Reach.THIS, p -> {
            var pictures = new ArrayList<>(p.pictures());
            pictures.remove(at);
            return p.withPictures(pictures);
        });
    }

    /** Lays a note on a page, at its upper left margin; refused if there are too many. */
    public static Outcome<Plan> layNote(Plan plan, PageId page, String text) {
        var on = of(plan, page);
        if (on.boxes().size() >= MOST_NOTES) {
            return Outcome.refused("a page has room for " + MOST_NOTES + " notes", "Take one away first.");
        }
        var margins = on.sheet().margins();
        var laid = new LaidNote(
                text,
                margins.bindingMm() + FIRST_NOTE_MM,
                margins.othersMm() + FIRST_NOTE_MM,
                NoteForm.USUAL.with(c -> c.widthMm(FIRST_NOTE_WIDE_MM).setting(NoteForm.Setting.LEFT)));
        return Outcome.done(changed(plan, page, Reach.THIS, p -> p.withBoxes(Lists.plus(p.boxes(), laid))));
    }

    /** Puts a note of a page elsewhere; refused if it would not begin on the paper. */
    public static Outcome<Plan> putNote(Plan plan, PageId page, int at, double leftMm, double downMm) {
        var sheet = of(plan, page).sheet();
        return leftMm >= 0 && downMm >= 0 && leftMm < sheet.widthMm() && downMm < sheet.heightMm()
                ? Outcome.done(note(plan, page, at, n -> new LaidNote(n.text(), leftMm, downMm, n.form())))
                : Outcome.refused("the note would not lie on the paper", "Put its upper left corner on it.");
    }

    /** Rewrites a note of a page; refused if there is nothing to write, or too much. */
    public static Outcome<Plan> rewriteNote(Plan plan, PageId page, int at, String text) {
        var stripped = text.strip();
        if (stripped.isEmpty()) {
            return Outcome.refused("a note needs words", "Take it away if it is no longer wanted.");
        }
        return stripped.length() > Note.LONGEST
                ? Outcome.refused("a note has at most " + Note.LONGEST + " letters", "Part it in two.")
                : Outcome.done(note(plan, page, at, n -> new LaidNote(stripped, n.leftMm(), n.downMm(), n.form())));
    }

    /** Sets a note of a page otherwise. */
    public static Plan setNote(Plan plan, PageId page, int at, UnaryOperator<NoteForm> change) {
        return note(plan, page, at, n -> new LaidNote(n.text(), n.leftMm(), n.downMm(), change.apply(n.form())));
    }

    private static Plan note(Plan plan, PageId page, int at, UnaryOperator<LaidNote> change) {
        return changed(plan, page, Reach.THIS, p -> {
            var notes = new ArrayList<>(p.boxes());
            notes.set(at, change.apply(notes.get(at)));
            return p.boxes().equals(notes) ? p : p.withBoxes(notes);
        });
    }

    /** Takes a note off a page. */
    public static Plan takeNote(Plan plan, PageId page, int at) {
        return changed(plan, page, Reach.THIS, p -> {
            var notes = new ArrayList<>(p.boxes());
            notes.remove(at);
            return p.withBoxes(notes);
        });
    }

    /** Puts a view on a page beside those it has, or takes it off; refused if no view or too many would be on it. */
    public static Outcome<Plan> place(Plan plan, PageId page, ViewId view) {
        var views = new ArrayList<>(of(plan, page).views());
        if (!views.remove(view)) {
            views.add(view);
        }
        if (views.isEmpty()) {
            return Outcome.refused("a page needs a view", "Put another one on it first, or take the page away.");
        }
        if (views.size() > MOST_VIEWS) {
            return Outcome.refused("a page has room for " + MOST_VIEWS + " views", "Make another page.");
        }
        return Outcome.done(plan.withPresentation(
                plan.presentation().changingPages(withThoseThatGoOn(plan, page), p -> p.withViews(views))));
    }

    /** A page, and those on which its lists go on. */
    private static List<PageId> withThoseThatGoOn(Plan plan, PageId page) {
        var out = new ArrayList<>(List.of(page));
        for (var each : plan.presentation().pages()) {
            if (each.arrangement().continues().filter(out::contains).isPresent()) {
                out.add(each.id());
            }
        }
        return out;
    }

    /** Adds a page for a view at the end, on a sheet like the last one's. */
    public static Added<PageId> add(Plan plan, ViewId view) {
        var presentation = plan.presentation();
        var pages = new ArrayList<>(presentation.pages());
        var page = Page.of(
                presentation.nextPage(), view, presentation.pages().getLast().sheet());
        pages.add(page);
        return new Added<>(plan.withPresentation(presentation.withPages(pages)), page.id());
    }

    /** Adds a page like another after it, with the same views. */
    public static Added<PageId> copy(Plan plan, PageId like) {
        var presentation = plan.presentation();
        var pages = new ArrayList<>(presentation.pages());
        var page = of(plan, like).withId(presentation.nextPage());
        pages.add(1 + pages.indexOf(of(plan, like)), page);
        return new Added<>(plan.withPresentation(presentation.withPages(pages)), page.id());
    }

    /** Takes a page away, and those on which its lists go on; the views on it stay. Refused if no page would be left. */
    public static Outcome<Plan> remove(Plan plan, PageId page) {
        var presentation = plan.presentation();
        var gone = withThoseThatGoOn(plan, page);
        return gone.size() >= presentation.pages().size()
                ? Outcome.refused("a plan needs a page")
                : Outcome.done(plan.withPresentation(
                        presentation.withPages(Lists.without(presentation.pages(), p -> gone.contains(p.id())))));
    }

    /** Moves a page so many places towards the end; refused if there is no such place. */
    public static Outcome<Plan> move(Plan plan, PageId page, int by) {
        var presentation = plan.presentation();
        var pages = new ArrayList<>(presentation.pages());
        var at = pages.indexOf(of(plan, page));
        if (at + by < 0 || at + by >= pages.size()) {
            return Outcome.refused(by < 0 ? "it is the first page" : "it is the last page");
        }
        pages.add(at + by, pages.remove(at));
        return Outcome.done(plan.withPresentation(presentation.withPages(pages)));
    }

    /** A recipe belongs to the plan from now on, or no longer; whoever begins with it as a template gets it too. Refused if there are too many. */
    public static Outcome<Plan> recipe(Plan plan, String name) {
        var recipes = new ArrayList<>(plan.presentation().recipes());
        if (!recipes.remove(name)) {
            recipes.add(name);
        }
        return recipes.size() > Presentation.MOST_RECIPES
                ? Outcome.refused(
                        "a plan has room for " + Presentation.MOST_RECIPES + " recipes", "Take one from it first.")
                : Outcome.done(plan.withPresentation(plan.presentation().withRecipes(recipes)));
    }

    static Page of(Plan plan, PageId page) {
        return plan.presentation().page(page).orElseThrow();
    }

    static Plan changed(Plan plan, PageId page, Reach reach, UnaryOperator<Page> change) {
        var presentation = plan.presentation();
        var meant =
                reach == Reach.ALL ? presentation.pages().stream().map(Page::id).toList() : List.of(page);
        var after = presentation.changingPages(meant, change);
        return after.equals(presentation) ? plan : plan.withPresentation(after);
    }
}
