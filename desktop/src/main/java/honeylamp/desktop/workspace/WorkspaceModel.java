package honeylamp.desktop.workspace;

import honeylamp.derive.GeometryCache;
import honeylamp.derive.OpeningCut;
import honeylamp.derive.StoreyGeometry;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Difference;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Scene;
import honeylamp.desktop.gesture.Step;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.drawing.Mark;
import honeylamp.edit.Following;
import honeylamp.edit.History;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.RoomKeeping;
import honeylamp.edit.SettingOutEdits;
import honeylamp.edit.Settling;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.Lamp;
import honeylamp.illustrate.PaperFrame;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.Origin;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** Holds the workspace and is the only one to change it; used on the interface thread. */
public final class WorkspaceModel {
    private static final double REACH_PX = 10;
    private static final double FIRST_PX_PER_MM = 0.055;

    private final ReadOnlyObjectWrapper<Workspace> state;
    private final GeometryCache cache = new GeometryCache();
    private final ActionLog log;
    private final ReadOnlyStringWrapper alarm = new ReadOnlyStringWrapper("");
    private final PictureStore pictures = new PictureStore();
    private final ShownPlan shown;
    private Optional<Length> measured = Optional.empty();
    private final ReadOnlyObjectWrapper<List<String>> typing = new ReadOnlyObjectWrapper<>(List.of());
    private Optional<View> fittedView = Optional.empty();
    private Fit fit = Fit.SHEET;
    private final PickedActions picked = new PickedActions(this);

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
        this.shown = new ShownPlan(this::now, cache, new SnagSearch(snags));
        this.state = new ReadOnlyObjectWrapper<>(
                fresh(origin, History.of(origin.document().plan())));
        state.subscribe(_ -> shown.changed());
        log.opened(origin);
    }

    private Workspace fresh(Origin origin, History history) {
        var plan = history.now();
        var storey = plan.storeys().getFirst();
        var choices = Choices.of(plan.wallTypes().getFirst().id(), plan.units());
        var stage = storey.walls().isEmpty() ? Stage.UNDERLAY : Stage.FURNISH;
        return new Workspace(
                origin,
                history,
                storey.id(),
                stage,
                0,
                stage.tools().getFirst().begin().apply(choices),
                Set.of(),
                choices,
                storey.walls().isEmpty() ? Lamp.DRAFT : Lamp.LIT,
                frame(plan, storey.id()),
                new View(new Point(0, 0), FIRST_PX_PER_MM),
                Said.NOTHING);
    }

    /** Where a storey lies on its sheet. */
    private PaperFrame frame(Plan plan, ElementId.StoreyId storey) {
        return SheetComposer.frame(cache.laidOut(plan).on(storey));
    }

    /** The workspace, to watch. */
    public ReadOnlyObjectProperty<Workspace> state() {
        return state.getReadOnlyProperty();
    }

    /** The workspace now. */
    public Workspace now() {
        return state.get();
    }

    /** The storey worked on, derived. */
    public StoreyGeometry geometry() {
        return cache.of(now().plan(), now().currentStorey());
    }

    /** The plan as it is shown and counted, and what panels say of it. */
    public ShownPlan shown() {
        return shown;
    }

    /** What can be done with what is picked. */
    public PickedActions picked() {
        return picked;
    }

    /** What was measured last, to be put in as a length. */
    public Optional<Length> measured() {
        return measured;
    }

    /** What the gesture under way works in. */
    public Scene scene() {
        var w = now();
        return new Scene(
                w.plan(),
                geometry(),
                w.frame(),
                REACH_PX / w.view().pxPerMm(),
                1 / (w.view().pxPerMm() * w.frame().scale()),
                w.choices(),
                w.selection(),
                SeenPictures.lines(w, pictures),
                cache.units(w.plan(), w.currentStorey()),
                w.view().centre(),
                shown.geometry());
    }

    /** The pixels of the pictures to trace. */
    public PictureStore pictures() {
        return pictures;
    }

    /** What the measure line shows. */
    public Readout readout() {
        return now().gesture().readout(scene());
    }

    /** What lies above the picture. */
    public List<Mark> sketch() {
        var scene = scene();
        var out = new ArrayList<Mark>(SeenPictures.notes(now(), scene));
        if (now().stage().showsUnderlay()) {
            for (var line : now().currentStorey().settingOut()) {
                out.addAll(Sketches.settingOut(scene.frame(), line.line(), scene.penMm()));
            }
        }
        if (now().stage() == Stage.ROOMS) {
            for (var boundary : now().currentStorey().boundaries()) {
                var picked = now().selection().contains(boundary.id());
                out.add(Sketches.line(scene.frame(), boundary.line(), (picked ? 3 : 1.2) * scene.penMm(), true));
            }
        }
        if (now().stage() == Stage.OPENINGS) {
            for (var opening : geometry().places().homeless()) { // marked, so that it can be picked and mended
                now().currentStorey()
                        .wall(opening.host())
                        .map(host -> OpeningCut.in(now().plan(), now().currentStorey(), host, opening))
                        .ifPresent(cut -> out.addAll(Sketches.noRoom(scene.frame(), cut, scene.penMm())));
            }
        }
        out.addAll(typed(scene).orElseGet(() -> now().gesture().sketch(scene)));
        return out;
    }

    /** What is typed but not entered yet, as it would be; empty if nothing is typed that can be. */
    private Optional<List<Mark>> typed(Scene scene) {
        if (typing.get().stream().allMatch(String::isBlank)) {
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

    /** The fields of the measure line hold this; the preview shows what Enter would do. */
    public void typing(List<String> texts) {
        typing.set(List.copyOf(texts));
    }

    /** What the fields of the measure line hold, to watch. */
    public ReadOnlyObjectProperty<List<String>> typing() {
        return typing.getReadOnlyProperty();
    }

    /** Opens another document. */
    public void open(Origin origin) {
        show(origin, fresh(origin, History.of(origin.document().plan())));
        log.opened(origin);
    }

    /**
     * Goes on with work that an earlier run left, as a document of its own.
     *
     * @param kept to run once the work is safe in this window's journal
     */
    public void resume(Origin origin, Plan plan, Runnable kept) {
        var history = History.of(origin.document().plan()).then(plan, "Work of the run that ended early");
        show(origin, fresh(origin, history));
        log.resumed(origin, plan, kept);
    }

    private void show(Origin origin, Workspace opened) {
        pictures.keepOnly(origin.document().assets().keySet());
        state.set(opened);
    }

    /** Notes that the document now lies in a file; the plan may have gone on since. */
    public void saved(Origin origin) {
        state.set(now().with(origin));
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
        var w = now();
        if (!w.storey().equals(storey)) {
            var there = w.on(storey);
            state.set(there.with(there.gesture().dropped()).saying(Said.NOTHING));
        }
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
        state.set(now().with(gesture));
    }

    /** Adds a picture to the document, with the plan that shows it. */
    public void addAsset(String name, byte[] bytes, Plan plan, String action) {
        state.set(now().with(now().origin().with(now().document().withAsset(name, bytes))));
        log.brought(name, bytes);
        edit(plan, action);
    }

    /** Makes what an edit gives the present plan, or says why it is refused. */
    public void edit(Outcome<Plan> outcome, String action) {
        switch (outcome) {
            case Outcome.Done<Plan>(var plan) -> edit(plan, action);
            case Outcome.Refused<Plan> no -> complain(no.sentence("That cannot be"));
        }
    }

    /**
     * Makes a plan the present one. In the same step openings settle where they keep to, and spaces that have just
     * closed become rooms.
     */
    public void edit(Plan edited, String action) {
        var w = now();
        var same = edited.storey(w.storey()) == w.currentStorey()
                && edited.wallTypes() == w.plan().wallTypes();
        var plan = same ? edited : settled(edited);
        var storey = plan.storey(w.storey());
        var bounded = storey.walls() != w.currentStorey().walls()
                || storey.boundaries() != w.currentStorey().boundaries()
                || plan.repeats() != w.plan().repeats();
        var whole = bounded ? roomsKept(plan) : plan;
        var history = w.history().then(whole, action);
        if (history != w.history()) {
            state.set(w.with(history).saying(Said.NOTHING));
            log.acted(history.now());
        }
    }

    /** Openings back where they keep to, dimensions on what they measure. */
    private Plan settled(Plan edited) {
        var network = cache.of(edited, edited.storey(now().storey())).network();
        return Following.dimensions(now().plan(), now().currentStorey(), Settling.settled(geometry(), edited, network));
    }

    /** Walls or boundaries changed: setting-out lines that served their turn go, marks go with their rooms, new spaces get one. */
    private Plan roomsKept(Plan edited) {
        var w = now();
        var plan = SettingOutEdits.withoutUsed(w.plan(), edited, w.storey());
        var kept = RoomKeeping.kept(plan, geometry(), cache.of(plan, plan.storey(w.storey())));
        var drawn = RoomEdits.markNew(kept, w.storey(), cache.of(kept, kept.storey(w.storey())));
        if (drawn.repeats().copies().isEmpty()) {
            return drawn;
        }
        var laid = cache.laidOut(drawn).on(w.storey()); // spaces between copies are rooms too
        return RoomEdits.markNew(drawn, w.storey(), laid.geometry());
    }

    /**
     * Shows a plan at once while a value slides; all steps of one slide are one action.
     *
     * @param going whether the slide goes on: the first step of a slide is an action of its own
     */
    public void slide(Plan plan, String action, boolean going) {
        var w = now();
        if (going && w.history().undoable().filter(action::equals).isPresent()) {
            state.set(w.with(w.history().amended(plan)));
            log.acted(plan);
        } else {
            edit(plan, action);
        }
    }

    /** Takes the last action back. */
    public void undo() {
        travel(now().history().undo());
    }

    /** Does again what was taken back. */
    public void redo() {
        travel(now().history().redo());
    }

    private void travel(History history) {
        var w = now().with(now().choices().within(history.now()));
        if (history != w.history()) {
            var here = history.now().storeys().stream().anyMatch(x -> x.id().equals(w.storey()))
                    ? w
                    : w.on(history.now().storeys().getFirst().id());
            state.set(here.with(history)
                    .with(w.gesture().dropped())
                    .picking(Set.of())
                    .saying(Said.NOTHING));
            log.acted(history.now());
        }
    }

    /** Goes to a stage with its first tool. */
    public void go(Stage stage) {
        use(stage, 0);
    }

    /** Takes up a tool of a stage. */
    public void use(Stage stage, int tool) {
        var w = now();
        var begun = stage.tools().get(tool).begin().apply(w.choices());
        var kept = stage == w.stage() ? w.selection() : Set.<ElementId>of();
        state.set(w.at(stage, tool, begun).picking(kept));
        if (stage == Stage.SHEET) {
            fitSheet();
        }
    }

    /** Changes a choice of the tray and begins the tool anew with it. */
    public void choose(Choices choices) {
        var w = now().with(choices);
        state.set(w.with(w.stage().tools().get(w.tool()).begin().apply(choices)));
    }

    /** Changes a choice without dropping the gesture under way, such as a wall type mid-chain. */
    public void chooseWithin(Choices choices) {
        state.set(now().with(choices));
    }

    /** Sets the lamp. */
    public void light(Lamp lamp) {
        state.set(now().with(lamp));
    }

    /** Shows another part of the plan. */
    public void show(View view) {
        state.set(now().with(view));
    }

    /** Lays the plan on the sheet anew, at the sheet's scale or the largest that fits. */
    public void fitSheet() {
        state.set(now().with(frame(now().plan(), now().storey())));
    }

    /** Shows the whole sheet in a view so large. */
    public void showSheet(double width, double height) {
        var w = now();
        var sheet = w.plan().sheet();
        var margin = 0.96;
        var perPaper = Math.min(width / sheet.widthMm(), height / sheet.heightMm()) * margin;
        var middle = w.frame().plan(new Point(sheet.widthMm() / 2, sheet.heightMm() / 2));
        fitted(new View(middle, perPaper / w.frame().scale()), Fit.SHEET);
    }

    /** What a view was fitted to. */
    private enum Fit {
        SHEET,
        STOREY
    }

    private void fitted(View view, Fit what) {
        fittedView = Optional.of(view);
        fit = what;
        show(view);
    }

    /** The pane has another size: what was fitted to it, and not moved since, is fitted again. */
    public void refit(double width, double height) {
        if (fittedView.filter(now().view()::equals).isPresent()) {
            switch (fit) {
                case SHEET -> showSheet(width, height);
                case STOREY -> showStorey(width, height);
            }
        }
    }

    /** Shows the storey with a little air, or the sheet if there is nothing yet. */
    public void showStorey(double width, double height) {
        Illustration.extent(shown.storey())
                .ifPresentOrElse(
                        extent -> {
                            var box = extent.planMm()
                                    .grown(extent.marginPaperMm()
                                            * now().frame().scale());
                            var scale = Math.min(width / box.width(), height / box.height()) * 0.97;
                            fitted(new View(box.centre(), scale), Fit.STOREY);
                        },
                        () -> showSheet(width, height));
    }

    /** Picks these elements and nothing else. */
    public void pick(Set<ElementId> ids) {
        state.set(now().picking(ids));
    }

    /** Says something to the person. */
    public void say(String sentence) {
        state.set(now().saying(Said.news(sentence)));
    }

    /** Says that something cannot be. */
    public void complain(String sentence) {
        state.set(now().saying(Said.complaint(sentence)));
    }

    /** Drops the gesture under way, which met something it could not do, and says why. */
    public void dropped(String sentence) {
        var w = now();
        state.set(w.with(w.gesture().dropped()).saying(Said.complaint(sentence)));
    }

    /** The pointer moved. */
    public void moved(Pointer pointer) {
        take(now().gesture().moved(scene(), pointer));
    }

    /** The button went down. */
    public void pressed(Pointer pointer) {
        state.set(now().saying(Said.NOTHING));
        take(now().gesture().pressed(scene(), pointer));
    }

    /** The pointer moved with the button down. */
    public void dragged(Pointer pointer) {
        take(now().gesture().dragged(scene(), pointer));
    }

    /** The button went up. */
    public void released(Pointer pointer) {
        take(now().gesture().released(scene(), pointer));
    }

    /** Enter in the measure line. */
    public void entered(List<String> typed) {
        take(now().gesture().entered(scene(), typed));
    }

    /** A key of the gesture. */
    public void key(Gesture.Key key) {
        take(now().gesture().key(scene(), key));
    }

    private void take(Step step) {
        var w = now().with(step.next());
        var complaint = step.complaint();
        state.set(complaint.isEmpty() && step.commit().isEmpty() ? w : w.saying(Said.complaint(complaint)));
        step.commit().ifPresent(c -> edit(c.plan(), c.action()));
        step.selection().ifPresent(this::pick);
        if (step.measured().isPresent()) {
            measured = step.measured();
        }
        if (!step.news().isEmpty()) {
            say(step.news());
        }
    }

    /** Escape: first drops the gesture under way, then what is picked, then goes back to the first tool. */
    public void escape() {
        var w = now();
        if (w.gesture().underWay()) {
            state.set(w.with(w.gesture().dropped()).saying(Said.NOTHING));
        } else if (!w.selection().isEmpty()) {
            state.set(w.picking(Set.of()).saying(Said.NOTHING));
        } else if (w.stage().tools().size() > 1) {
            var picks = w.stage().tools().stream()
                    .filter(t -> t.label().startsWith("Pick"))
                    .findFirst();
            picks.ifPresent(t -> use(w.stage(), w.stage().tools().indexOf(t)));
        }
    }
}
