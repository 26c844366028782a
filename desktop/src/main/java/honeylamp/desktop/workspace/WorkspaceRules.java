package honeylamp.desktop.workspace;

import honeylamp.derive.storeys.GeometryCache;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.pick.HeldInFront;
import honeylamp.desktop.gesture.pick.PickInFront;
import honeylamp.desktop.workspace.Workspace.Fit;
import honeylamp.desktop.workspace.Workspace.Kept;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.Workspace.Sight;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.edit.Completing;
import honeylamp.edit.History;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Showing.Kind;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.Origin;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What an intent makes of the workspace: the same of the same, and nothing else happens. */
final class WorkspaceRules {
    private static final double FIRST_PX_PER_MM = 0.055;

    /** What a sheet and a storey fill of a pane: the rest is air. */
    private static final double SHEET_SHARE = 0.96;

    private static final double STOREY_SHARE = 0.97;

    private final GeometryCache cache;
    private final Completing completing;
    private final Function<Workspace, Surroundings> scenes;

    /**
     * Rules.
     *
     * @param cache remembers what is derived
     * @param scenes what gestures work in
     */
    WorkspaceRules(GeometryCache cache, Function<Workspace, Surroundings> scenes) {
        this.cache = cache;
        this.completing = new Completing(cache);
        this.scenes = scenes;
    }

    /** A workspace on a document, at a view of its first storey. */
    Workspace first(Origin origin, History history) {
        var plan = history.now();
        var storey = plan.storeys().getFirst();
        var worked = new Worked(ViewEdits.first(plan, storey.id()), Optional.empty());
        var choices = Choices.of(plan.wallTypes().getFirst().id(), plan.units());
        var empty = storey.walls().isEmpty();
        var tool = (empty ? WorkStage.UNDERLAY : WorkStage.FURNISH).tools().getFirst();
        return new Workspace(
                origin,
                history,
                worked,
                tool,
                tool.begin(choices),
                Set.of(),
                choices,
                new Sight(
                        empty ? Lamp.DRAFT : Lamp.LIT,
                        frame(plan, worked, tool.stage()),
                        new Viewport(new Point(0, 0), FIRST_PX_PER_MM),
                        Fit.NONE),
                Said.NOTHING,
                Kept.NOTHING);
    }

    /** Where the plan lies on the page worked on. */
    private PaperFrame frame(Plan plan, Worked worked, WorkStage stage) {
        return SheetComposer.frame(ShownPlan.page(cache.laidOut(plan), worked, stage), worked.view());
    }

    /** The workspace after an intent. */
    Workspace next(Workspace w, Intent intent) {
        return switch (intent) {
            case Intent.Point(var act, var pointer) when isInFront(w) -> inFront(w, act, pointer);
            case Intent.Enter(var typed)
            when isInFront(w) ->
                after(
                        w,
                        typed.wrong()
                                .map(sentence -> Reply.complain(w.gesture(), sentence))
                                .orElseGet(() -> PickInFront.entered(w.gesture(), scenes.apply(w), typed)));
            case Intent.Press _ when isInFront(w) -> w; // nothing is drawn there
            case Intent.Point(var act, var pointer) ->
                switch (act) {
                    case MOVED -> after(w, w.gesture().moved(scenes.apply(w), pointer));
                    case PRESSED -> after(w.withSaid(Said.NOTHING), w.gesture().pressed(scenes.apply(w), pointer));
                    case DRAGGED -> after(w, w.gesture().dragged(scenes.apply(w), pointer));
                    case RELEASED -> after(w, w.gesture().released(scenes.apply(w), pointer));
                };
            case Intent.Enter(var typed) ->
                after(
                        w,
                        typed.wrong()
                                .map(sentence -> Reply.complain(w.gesture(), sentence))
                                .orElseGet(() -> w.gesture().entered(scenes.apply(w), typed)));
            case Intent.Press(var key) -> after(w, w.gesture().key(scenes.apply(w), key));
            case Intent.Escape() -> escaped(w);
            case Intent.Drop(var sentence) ->
                w.withGesture(w.gesture().dropped()).withSaid(Said.complaint(sentence));
            case Intent.Edit(var plan, var action) -> edited(w, plan, action);
            case Intent.Slide(var plan, var action, var going) -> slid(w, plan, action, going);
            case Intent.Undo() -> undone(w);
            case Intent.Redo() -> travelled(w, w.history().redo());
            case Intent.TakeUp(var tool) -> takenUp(w, tool);
            case Intent.Begin(var gesture) -> w.withGesture(gesture);
            case Intent.Choose(var choices) ->
                w.withChoices(choices).withGesture(w.tool().begin(choices));
            case Intent.ChooseWithin(var choices) -> w.withChoices(choices);
            case Intent.Light(var lamp) -> w.with(lamp);
            case Intent.Show(var viewport) ->
                w.showing(viewport, w.sight().fit().filledBy(Fit.Filling.ANY_PART));
            case Intent.FillWith(var fit) -> filled(w, fit);
            case Intent.FitSheet() -> fitted(w);
            case Intent.GoTo(var storey) -> wentTo(w, storey);
            case Intent.TurnTo(var worked) -> turnedTo(w, worked);
            case Intent.Pick(var ids) -> w.withSelection(ids);
            case Intent.Keep(var clipping) -> w.keeping(clipping);
            case Intent.Say(var said) -> w.withSaid(said);
            case Intent.Open(var origin, var history) -> opened(w, origin, history);
            case Intent.Rename(var origin) -> w.withOrigin(origin);
        };
    }

    /** What was copied can be pasted into another document too. */
    private Workspace opened(Workspace w, Origin origin, History history) {
        var fresh = first(origin, history);
        var kept = w.clipping().map(fresh::keeping).orElse(fresh);
        return w.measured().map(kept::measuring).orElse(kept);
    }

    private Workspace fitted(Workspace w) {
        var framed = w.with(frame(w.plan(), w.worked(), w.stage()));
        return filled(framed, w.sight().fit());
    }

    private Workspace filled(Workspace w, Fit fit) {
        return switch (fit.filling()) {
            case ANY_PART -> w;
            case SHEET -> w.showing(wholeSheet(w, fit), fit);
            case STOREY -> w.showing(wholeStorey(w, fit).orElseGet(() -> wholeSheet(w, fit)), fit);
        };
    }

    private Viewport wholeSheet(Workspace w, Fit fit) {
        var sheet = ShownPlan.page(cache.laidOut(w.plan()), w.worked(), w.stage())
                .page()
                .sheet();
        var perPaper = Math.min(fit.width() / sheet.widthMm(), fit.clearHeight() / sheet.heightMm()) * SHEET_SHARE;
        var middle = w.frame().plan(new Point(sheet.widthMm() / 2, sheet.heightMm() / 2));
        return fit.above(middle, perPaper / w.frame().scale());
    }

    /** None if nothing is drawn yet. */
    private Optional<Viewport> wholeStorey(Workspace w, Fit fit) {
        return Extent.of(ShownPlan.view(cache.laidOut(w.plan()), w.worked(), w.stage()))
                .map(extent -> {
                    var box =
                            extent.planMm().grown(extent.marginMm() * w.frame().scale());
                    var scale = Math.min(fit.width() / box.width(), fit.clearHeight() / box.height()) * STOREY_SHARE;
                    return fit.above(box.centre(), scale);
                });
    }

    private Workspace wentTo(Workspace w, StoreyId storey) {
        if (w.storey().equals(storey)) {
            return w;
        }
        var there = w.on(new Worked(ViewEdits.first(w.plan(), storey), Optional.empty()))
                .withGesture(w.gesture().dropped())
                .withSaid(Said.NOTHING);
        return isLaidAlike(w, there) ? there : fitted(there);
    }

    private Workspace turnedTo(Workspace w, Worked worked) {
        if (w.worked().equals(worked)) {
            return w;
        }
        var there = fitted(w.on(worked.in(w.plan(), w.storey()))
                .withGesture(w.gesture().dropped())
                .withSaid(Said.NOTHING));
        var fit = w.sight().fit().filledBy(Fit.Filling.SHEET);
        return isFront(w) == isFront(there) || fit.width() <= 0 ? there : filled(there, fit);
    }

    /** Walls from the front and raised views lie elsewhere than plans: the part of the one that was looked at is none of the other. */
    private static boolean isFront(Workspace w) {
        return !w.view().isPlan();
    }

    private Workspace takenUp(Workspace w, Tool tool) {
        var kept = tool.stage() == w.stage() ? w.selection() : Set.<ElementId>of();
        var there = w.at(tool, tool.begin(w.choices())).withSelection(kept).remembering(tool);
        var leaves = w.stage() == WorkStage.SHEET
                && tool.stage() != WorkStage.SHEET
                && w.view().turnDeg() != 0;
        return tool.stage() == WorkStage.SHEET || leaves ? fitted(there) : there;
    }

    private Workspace edited(Workspace w, Plan edited, String action) {
        var history = w.history().then(completing.of(w.plan(), edited), action);
        return history == w.history() ? w : laid(w, w.with(history).withSaid(Said.NOTHING));
    }

    /** After an edit the plan is laid on its page anew only if the page, or what the view shows of the plan, is another. */
    private Workspace laid(Workspace before, Workspace after) {
        if (isSeenFromElsewhere(before, after)) {
            return after.on(before.frame(), frame(after.plan(), after.worked(), after.stage()));
        }
        return before.plan().presentation() == after.plan().presentation()
                        || before.view().id().equals(after.view().id()) && isLaidAlike(before, after)
                ? after
                : fitted(after);
    }

    /** One who turns what is raised keeps the paper before their eyes, and on it all that is seen. */
    private static boolean isSeenFromElsewhere(Workspace a, Workspace b) {
        return a.view().id().equals(b.view().id())
                && b.view().subject() instanceof Raised
                && !a.view().subject().equals(b.view().subject());
    }

    private boolean isLaidAlike(Workspace a, Workspace b) {
        return a.view().scale().equals(b.view().scale())
                && a.view().fit() == b.view().fit()
                && a.view().nudge().equals(b.view().nudge())
                && a.view().crop().equals(b.view().crop())
                && a.view().turnDeg() == b.view().turnDeg()
                && a.view().arranged().as().equals(b.view().arranged().as())
                && a.view().tiers().rows().equals(b.view().tiers().rows())
                && a.view().seen().shows(Kind.DIMENSIONS) == b.view().seen().shows(Kind.DIMENSIONS)
                && page(a).sheet().equals(page(b).sheet())
                && page(a).views().size() == page(b).views().size()
                && areArrangedAlike(page(a), page(b));
    }

    /** Whether lists and views take the same room. */
    private static boolean areArrangedAlike(Page a, Page b) {
        return a.lists().equals(b.lists())
                && a.notes().isBlank() == b.notes().isBlank()
                && a.arrangement().lists() == b.arrangement().lists()
                && a.arrangement().shares() == b.arrangement().shares()
                && flowing(a).equals(flowing(b));
    }

    /** The lists that go by themselves. */
    private static List<Page.Listing> flowing(Page page) {
        return page.lists().stream()
                .filter(l -> page.arrangement().of(l).isEmpty())
                .toList();
    }

    private Page page(Workspace w) {
        return ShownPlan.page(cache.laidOut(w.plan()), w.worked(), w.stage()).page();
    }

    private Workspace slid(Workspace w, Plan plan, String action, boolean going) {
        return going && w.history().undoable().filter(action::equals).isPresent()
                ? w.with(w.history().amended(plan))
                : edited(w, plan, action);
    }

    /** In the middle of drawing only the last step is taken back, and drawing goes on from there. */
    private Workspace undone(Workspace w) {
        var back = travelled(w, w.history().undo());
        return w.gesture().underWay() && back != w
                ? w.gesture()
                        .stepBack(scenes.apply(back))
                        .map(back::withGesture)
                        .orElse(back)
                : back;
    }

    private Workspace travelled(Workspace w, History history) {
        if (history == w.history()) {
            return w;
        }
        return laid(w, w.withChoices(w.choices().within(history.now())).with(history))
                .withGesture(w.gesture().dropped())
                .withSelection(w.tool() == Tool.DRAW_OWN ? standing(w, history.now()) : Set.of())
                .withSaid(Said.NOTHING);
    }

    /** What was picked and still stands: who draws on a piece goes on with it after a step back. */
    private static Set<ElementId> standing(Workspace w, Plan plan) {
        return plan.storeys().stream()
                .filter(s -> s.id().equals(w.storey()))
                .flatMap(s -> w.selection().stream()
                        .filter(id -> s.elements().find(id).isPresent()))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** What a step of the gesture asks for, in order: the plan, what is picked, what is said. */
    private Workspace after(Workspace before, Reply step) {
        var w = before.withGesture(step.next());
        if (!step.complaint().isEmpty()) {
            w = w.withSaid(Said.complaint(step.complaint()));
        } else if (step.commit().isPresent()) {
            w = w.withSaid(Said.NOTHING);
        }
        if (step.commit().isPresent()) {
            w = edited(w, step.commit().get().plan(), step.commit().get().action());
        }
        w = step.selection().map(w::withSelection).orElse(w);
        w = step.choices().map(w::withChoices).orElse(w);
        w = step.measured().map(w::measuring).orElse(w);
        return step.news().isEmpty() ? w : w.withSaid(Said.news(step.news()));
    }

    /** Before walls things are picked, and moved while they are held. */
    private Workspace inFront(Workspace w, Intent.Point.Act act, Pointer pointer) {
        return switch (act) {
            case PRESSED -> after(w.withSaid(Said.NOTHING), PickInFront.pressed(w.gesture(), scenes.apply(w), pointer));
            case DRAGGED ->
                w.gesture() instanceof HeldInFront held ? after(w, held.dragged(scenes.apply(w), pointer)) : w;
            case RELEASED ->
                w.gesture() instanceof HeldInFront held ? after(w, held.released(scenes.apply(w), pointer)) : w;
            case MOVED -> w;
        };
    }

    /** Whether one stands before walls, and not before the page they are on. */
    private static boolean isInFront(Workspace w) {
        return !w.view().isPlan() && w.stage() != WorkStage.SHEET;
    }

    private static Workspace escaped(Workspace w) {
        if (w.gesture().underWay()) {
            return w.withGesture(w.gesture().dropped()).withSaid(Said.NOTHING);
        }
        if (!w.selection().isEmpty()) {
            return w.withSelection(Set.of()).withSaid(Said.NOTHING);
        }
        var presenting = w.choices().presenting();
        if (presenting.comparing().isPresent()) {
            return w.withChoices(w.choices().withPresenting(presenting.withComparing(Optional.empty())))
                    .withSaid(Said.NOTHING);
        }
        if (w.choices().round().aside() != Choices.Aside.NOTHING) {
            return w.withChoices(w.choices().withAside(Choices.Aside.NOTHING));
        }
        return Tool.picking(w.stage()).map(t -> w.at(t, t.begin(w.choices()))).orElse(w);
    }
}
