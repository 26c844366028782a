package honeylamp.desktop.workspace;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Comparing;
import honeylamp.desktop.gesture.Difference;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.look.Walking;
import honeylamp.desktop.gesture.pick.HeldInFront;
import honeylamp.desktop.gesture.pick.PickCaption;
import honeylamp.desktop.gesture.pick.PickInFront;
import honeylamp.desktop.workspace.Intent.Point.Act;
import honeylamp.desktop.workspace.Workspace.Fit;
import honeylamp.desktop.workspace.Workspace.Fit.Filling;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.drawing.Mark;
import honeylamp.edit.History;
import honeylamp.edit.Outcome;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.illustrate.sketch.SumStrips;
import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId;
import honeylamp.plan.Look;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Underlay;
import honeylamp.store.Origin;
import honeylamp.takeoff.way.GettingIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** Holds the workspace and is the only one to change it; used on the interface thread. */
public final class WorkspaceModel {
    /** A box that is shown takes so much of the pane. */
    private static final double BOX_SHARE = 0.6;

    /** With a little of what is round it. */
    private static final double FULL_SHARE = 0.9;

    private static final double REACH_PX = 10;

    private final ReadOnlyObjectWrapper<Workspace> state;
    private final GeometryCache cache = new GeometryCache();
    private final ActionLog log;
    private final ReadOnlyStringWrapper alarm = new ReadOnlyStringWrapper("");
    private final PictureStore pictures = new PictureStore();
    private final ShownPlan shown;
    private final WorkspaceRules rules;
    private final ReadOnlyObjectWrapper<Typed> typing = new ReadOnlyObjectWrapper<>(Typed.NOTHING);
    private final PickedActions picked = new PickedActions(this);
    private final SchemeActions schemes = new SchemeActions(this);
    private final RaisedActions raised = new RaisedActions(this);

    /**
     * A model of a document.
     *
     * @param log told all that happens to it, for autosave
     */
    public WorkspaceModel(Origin origin, ActionLog log) {
        this(origin, log, SnagSearch.Threads.AT_ONCE);
    }

    /**
     * A model of a document.
     *
     * @param log told all that happens to it, for autosave
     * @param snags where snags are looked for
     */
    public WorkspaceModel(Origin origin, ActionLog log, SnagSearch.Threads snags) {
        this.log = log;
        this.shown = new ShownPlan(this::now, cache, new SnagSearch(snags), snags);
        this.rules = new WorkspaceRules(cache, this::scene);
        this.state = new ReadOnlyObjectWrapper<>(
                rules.first(origin, History.of(origin.document().plan())));
        state.subscribe(_ -> {
            raised.changed();
            shown.changed();
        });
        shown.readings()
                .known()
                .subscribe(known -> known.ifPresent(a -> say(a.answer().sentence())));
        log.opened(origin);
    }

    /** The workspace, to watch. */
    public ReadOnlyObjectProperty<Workspace> state() {
        return state.getReadOnlyProperty();
    }

    public Workspace now() {
        return state.get();
    }

    /** The storey worked on, derived. */
    public StoreyGeometry geometry() {
        return cache.of(now().plan(), now().currentStorey());
    }

    /** What would be built on the storey worked on, if a plan were the present one. */
    public StoreyGeometry geometryOf(Plan plan) {
        return cache.of(plan, plan.storey(now().storey()));
    }

    /** The plan as it is shown and counted, and what panels say of it. */
    public ShownPlan shown() {
        return shown;
    }

    /** What can be done with other arrangements of the plan. */
    public SchemeActions schemes() {
        return schemes;
    }

    /** What can be done with raised views. */
    public RaisedActions raised() {
        return raised;
    }

    /** What can be done with what is picked. */
    public PickedActions picked() {
        return picked;
    }

    /**
     * Does what the person asks for: all intents of one click make one new state.
     *
     * @return whether anything changed
     */
    public boolean act(Intent... intents) {
        var before = now();
        var after = before;
        for (var intent : intents) {
            after = rules.next(after, intent);
        }
        if (after == before) {
            return false;
        }
        state.set(after);
        if (after.plan() != before.plan()) {
            log.acted(after.plan());
        }
        return true;
    }

    /** What the gesture under way works in. */
    public Surroundings scene() {
        return scene(now());
    }

    private Surroundings scene(Workspace w) {
        var laid = ShownPlan.view(cache.laidOut(w.plan()), w.worked(), w.stage());
        var turned = laid.view().turnDeg() != 0;
        return new Surroundings(
                w.plan(),
                turned ? laid.storey().geometry() : cache.of(w.plan(), w.currentStorey()),
                w.frame(),
                REACH_PX / w.viewport().pxPerMm(),
                1 / (w.viewport().pxPerMm() * w.frame().scale()),
                w.choices(),
                w.selection(),
                SeenPictures.lines(w, pictures),
                cache.units(w.plan(), w.currentStorey()),
                w.viewport().centre(),
                laid,
                page(w),
                () -> ShownPlan.page(cache.laidOut(w.plan()), w.worked(), w.stage()),
                w.gesture() instanceof Walking walk && walk.isWanted()
                        ? shown.ways().to(new ShownPlan.Walk(laid.storey(), walk.from(), walk.to()))
                        : Optional.empty(),
                w.gesture() instanceof PickCaption
                        ? shown.names().to(new ShownPlan.Named(laid, w.frame()))
                        : Optional.empty(),
                shown.things(laid, w.frame()),
                shown.turned(laid, w.frame()),
                stuck(w, laid));
    }

    /** Where the one piece that is picked does not get in. */
    private Optional<GettingIn.Place> stuck(Workspace w, LaidView laid) {
        return shown.deliveries()
                .known()
                .get()
                .filter(k -> w.selection().equals(Set.of(k.question().piece().id())))
                .filter(k -> shown.deliveries()
                        .to(new ShownPlan.Delivered(laid.storey(), k.question().piece()))
                        .isPresent())
                .flatMap(k -> k.answer().place())
                .filter(p -> p.storey().equals(w.storey()));
    }

    private static Optional<Page> page(Workspace w) {
        var presentation = w.plan().presentation();
        return w.worked()
                .page()
                .flatMap(presentation::page)
                .or(() -> presentation.pageOf(w.worked().view()));
    }

    /** The pixels of the pictures to trace. */
    public PictureStore pictures() {
        return pictures;
    }

    /** What the measure line shows. */
    public Readout readout() {
        return now().view().isPlan() || now().gesture() instanceof HeldInFront
                ? now().gesture().readout(scene())
                : PickInFront.readout(scene());
    }

    /** What lies above the picture. */
    public List<Mark> sketch() {
        if (!now().view().isPlan()) {
            return now().gesture() instanceof HeldInFront held ? held.sketch(scene()) : PickInFront.sketch(scene());
        }
        var scene = scene();
        var out = new ArrayList<Mark>(SeenPictures.notes(now(), scene));
        if (now().showsUnderlay()) {
            for (var line : now().currentStorey().settingOut()) {
                out.addAll(Sketches.settingOut(scene.frame(), line.line(), scene.penMm()));
            }
        }
        if (now().stage() == WorkStage.ROOMS) {
            for (var boundary : now().currentStorey().boundaries()) {
                var picked = now().selection().contains(boundary.id());
                out.add(Sketches.line(scene.frame(), boundary.line(), (picked ? 3 : 1.2) * scene.penMm(), true));
            }
        }
        if (now().stage() == WorkStage.OPENINGS) {
            for (var opening : geometry().places().homeless()) { // marked, so that it can be picked and mended
                now().currentStorey()
                        .wall(opening.host())
                        .map(host -> OpeningCut.in(now().plan(), now().currentStorey(), host, opening))
                        .ifPresent(cut -> out.addAll(Sketches.noRoom(scene.frame(), cut, scene.penMm())));
            }
        }
        if (now().stage() == WorkStage.DIMENSIONS && now().choices().round().sumsAreShown()) {
            out.addAll(SumStrips.sums(scene.view(), scene.frame(), scene.penMm()));
            out.addAll(SumStrips.disagreeing(
                    scene.view(), now().currentStorey().underlays(), scene.frame(), scene.penMm()));
        }
        out.addAll(typed(scene).orElseGet(() -> now().gesture().sketch(scene)));
        return out;
    }

    /** What is typed but not entered yet, as it would be; empty if nothing is typed that can be. */
    private Optional<List<Mark>> typed(Surroundings scene) {
        if (typing.get().isEmpty() || typing.get().wrong().isPresent()) {
            return Optional.empty();
        }
        var step = now().gesture().entered(scene, typing.get());
        if (!step.complaint().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(step.commit()
                .map(c -> Difference.marks(scene, c.plan()))
                .orElseGet(() -> step.next().sketch(scene)));
    }

    /** The fields of the measure line hold these texts; they are read, and the preview shows what Enter would do. */
    public void typing(List<String> texts) {
        typing.set(Typed.read(readout().fields(), texts, now().plan().units()));
    }

    /** What the fields of the measure line hold, to watch. */
    public ReadOnlyObjectProperty<Typed> typing() {
        return typing.getReadOnlyProperty();
    }

    /** Opens another document. */
    public void open(Origin origin) {
        show(origin, History.of(origin.document().plan()));
        log.opened(origin);
    }

    /**
     * Goes on with work that an earlier run left, as a document of its own.
     *
     * @param kept to run once the work is safe in this window's journal
     */
    public void resume(Origin origin, Plan plan, Runnable kept) {
        show(origin, History.of(origin.document().plan()).then(plan, "Work of the run that ended early"));
        log.resumed(origin, plan, kept);
    }

    private void show(Origin origin, History history) {
        pictures.keepOnly(origin.document().assets().keySet());
        state.set(rules.next(now(), new Intent.Open(origin, history)));
    }

    /** Notes that the document now lies in a file; the plan may have gone on since. */
    public void saved(Origin origin) {
        state.set(rules.next(now(), new Intent.Rename(origin)));
        log.saved(origin);
    }

    /** What is wrong and stays so until it is mended, such as a full disk; empty if nothing is. */
    public ReadOnlyStringProperty alarm() {
        return alarm.getReadOnlyProperty();
    }

    /** Says what is wrong until it is said that it is not any more, by an empty sentence. */
    public void alarm(String sentence) {
        alarm.set(sentence);
    }

    /** Works on another storey. */
    public void goTo(ElementId.StoreyId storey) {
        act(new Intent.GoTo(storey));
    }

    /** Works on the storey so many above, if there is one. */
    public void climb(int by) {
        var storeys = now().plan().storeys();
        var at = storeys.indexOf(now().currentStorey()) + by;
        if (at >= 0 && at < storeys.size()) {
            goTo(storeys.get(at).id());
        }
    }

    /** Takes up a gesture that no tool of the stage begins. */
    public void begin(Gesture gesture) {
        act(new Intent.Begin(gesture));
    }

    /** Adds a picture to the document, with the plan that shows it, and goes on with a tool. */
    public void addAsset(String name, byte[] bytes, Plan plan, String action, Intent... then) {
        addAssets(Map.of(name, bytes), plan, action, then);
    }

    /** The same with several assets, each by the SHA-256 of its bytes. */
    public void addAssets(Map<String, byte[]> assets, Plan plan, String action, Intent... then) {
        assets.forEach(log::brought);
        var all = new ArrayList<Intent>(List.of(
                new Intent.Rename(now().origin().with(now().document().withAssets(assets))),
                new Intent.Edit(plan, action)));
        all.addAll(List.of(then));
        act(all.toArray(Intent[]::new));
    }

    /** Changes what the view worked on says in words and figures, or all views do, as is chosen for changes of views. */
    public void annotate(String action, UnaryOperator<Annotation> change) {
        edit(
                ViewEdits.annotation(
                        now().plan(),
                        now().worked().view(),
                        now().choices().presenting().reach(),
                        change),
                action);
    }

    /** Pictures the view worked on, or all, in a look; the one before is known, to flip to. */
    public void look(Look look) {
        var before = shown().view().look();
        var presenting = now().choices().presenting();
        act(
                new Intent.Edit(
                        ViewEdits.look(now().plan(), now().worked().view(), presenting.reach(), _ -> look),
                        "Choose look"),
                new Intent.ChooseWithin(now().choices().withPresenting(presenting.withBefore(Optional.of(before)))));
    }

    /** Goes to the look before the one chosen last, and from there back again. */
    public void flipLook() {
        now().choices()
                .presenting()
                .before()
                .filter(l -> !l.equals(shown().view().look()))
                .ifPresentOrElse(
                        this::look, () -> complain("There is no other look to flip to. Choose one in Light first."));
    }

    /** Shows the plan in the look before beside itself, under an edge. */
    public void compareLook() {
        now().choices()
                .presenting()
                .before()
                .filter(l -> !l.equals(shown().view().look()))
                .ifPresentOrElse(
                        before -> compare(
                                ViewEdits.look(
                                        now().plan(),
                                        now().worked().view(),
                                        now().choices().presenting().reach(),
                                        _ -> before),
                                before.name()),
                        () -> complain("There is no other look to compare with. Choose one in Light first."));
    }

    /** Holds the plan as it is now, to be seen beside what becomes of it, under an edge. */
    public void compareState() {
        compare(now().plan(), "As it was held");
    }

    /** Shows another state of the plan beside it, under an edge. */
    void compare(Plan other, String name) {
        comparing(Optional.of(new Comparing(other, name, Comparing.MIDDLE)));
        say("Left of the edge: " + name + ". Drag the edge; Esc ends it.");
    }

    /** Moves the edge between two states that are compared to a share of the width of the drawing. */
    public void compareAt(double share) {
        now().choices().presenting().comparing().ifPresent(c -> comparing(Optional.of(c.at(share))));
    }

    /** Shows the plan alone again. */
    public void compareNoMore() {
        comparing(Optional.empty());
    }

    private void comparing(Optional<Comparing> comparing) {
        var presenting = now().choices().presenting();
        chooseWithin(now().choices().withPresenting(presenting.withComparing(comparing)));
    }

    /** Makes what an edit gives the present plan, or says why it is refused. */
    public void edit(Outcome<Plan> outcome, String action) {
        switch (outcome) {
            case Outcome.Done<Plan>(var plan) -> edit(plan, action);
            case Outcome.Refused<Plan> no -> complain(no.sentence("That cannot be"));
        }
    }

    /** Makes a plan the present one, with all that follows from the edit. */
    public void edit(Plan edited, String action) {
        act(new Intent.Edit(edited, action));
    }

    /**
     * Shows a plan at once while a value slides; all steps of one slide are one action.
     *
     * @param going whether the slide goes on: the first step of a slide is an action of its own
     */
    public void slide(Plan plan, String action, boolean going) {
        act(new Intent.Slide(plan, action, going));
    }

    /** Takes the last action back. */
    public void undo() {
        act(new Intent.Undo());
    }

    /** Does again what was taken back. */
    public void redo() {
        act(new Intent.Redo());
    }

    /** What lies at a point of the plan, on top of all else there, of what is not hidden or locked; rooms are no things. */
    public Optional<ElementId> lyingAt(honeylamp.geometry.Point p) {
        var scene = scene();
        return Picking.at(
                        scene.geometry(),
                        p,
                        scene.reachMm(),
                        e -> scene.isFree(e) && !(e instanceof RoomMark || e instanceof Underlay))
                .stream()
                .findFirst();
    }

    /** Goes to a stage with the tool taken up there last, or its first. */
    public void go(WorkStage stage) {
        use(now().toolOf(stage));
    }

    /** Takes up a tool, in its stage. */
    public void use(Tool tool) {
        act(new Intent.TakeUp(tool));
    }

    /** Changes a choice of the tray and begins the tool anew with it. */
    public void choose(Choices choices) {
        act(new Intent.Choose(choices));
    }

    /** Changes a choice without dropping the gesture under way, such as a wall type mid-chain. */
    public void chooseWithin(Choices choices) {
        act(new Intent.ChooseWithin(choices));
    }

    /** Sets the lamp. */
    public void light(Lamp lamp) {
        act(new Intent.Light(lamp));
    }

    /** Shows another part of the plan. */
    public void show(Viewport viewport) {
        act(new Intent.Show(viewport));
    }

    /** Lays the plan on the sheet anew, at the sheet's scale or the largest that fits. */
    public void fitSheet() {
        act(new Intent.FitSheet());
    }

    /** Shows the whole sheet in a pane so large. */
    public void showSheet(double width, double height) {
        act(new Intent.FillWith(new Fit(Filling.SHEET, width, height)));
    }

    /** The pane has another size: what was fitted to it, and not moved since, is fitted again. */
    public void refit(double width, double height) {
        act(new Intent.FillWith(new Fit(now().sight().fit().filling(), width, height)));
    }

    /** Shows the storey with a little air, or the sheet if there is nothing yet. */
    public void showStorey(double width, double height) {
        act(new Intent.FillWith(new Fit(Filling.STOREY, width, height)));
    }

    /** Shows a box of the plan, in plan mm, with air around it, in a pane so large. */
    public void showBox(Box box, double width, double height) {
        show(box, width, height, BOX_SHARE);
    }

    /** Shows a part of the plan as large as a pane so large can. */
    public void fill(Box box, double width, double height) {
        show(box, width, height, FULL_SHARE);
    }

    private void show(Box box, double width, double height, double share) {
        var fit = new Fit(Filling.ANY_PART, width, height);
        var across = width / Math.max(1, box.width());
        var up = fit.clearHeight() / Math.max(1, box.height());
        show(fit.above(box.centre(), Math.min(across, up) * share));
    }

    /** Picks these elements and nothing else. */
    public void pick(Set<ElementId> ids) {
        act(new Intent.Pick(ids));
    }

    /** Says something to the person. */
    public void say(String sentence) {
        act(new Intent.Say(Said.news(sentence)));
    }

    /** Says that something cannot be. */
    public void complain(String sentence) {
        act(new Intent.Say(Said.complaint(sentence)));
    }

    /** Says that something cannot be done with a file. */
    public void complainOfFile(String sentence) {
        act(new Intent.Say(Said.complaintOfFile(sentence)));
    }

    /** Drops the gesture under way, which met something it could not do, and says why. */
    public void dropped(String sentence) {
        act(new Intent.Drop(sentence));
    }

    /** The pointer moved. */
    public void moved(Pointer pointer) {
        act(new Intent.Point(Act.MOVED, pointer));
    }

    /** The button went down. */
    public void pressed(Pointer pointer) {
        act(new Intent.Point(Act.PRESSED, pointer));
    }

    /** The pointer moved with the button down. */
    public void dragged(Pointer pointer) {
        act(new Intent.Point(Act.DRAGGED, pointer));
    }

    /** The button went up. */
    public void released(Pointer pointer) {
        act(new Intent.Point(Act.RELEASED, pointer));
    }

    /** Enter, with what was typed into the measure line. */
    public void entered(Typed typed) {
        act(new Intent.Enter(typed));
    }

    /** A key of the gesture. */
    public void key(Gesture.Key key) {
        act(new Intent.Press(key));
    }

    /** Escape: first drops the gesture under way, then what is picked, then goes back to the tool that picks. */
    public void escape() {
        act(new Intent.Escape());
    }
}
