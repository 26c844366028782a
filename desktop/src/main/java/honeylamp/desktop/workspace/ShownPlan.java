package honeylamp.desktop.workspace;

import honeylamp.derive.listing.BriefCheck;
import honeylamp.derive.listing.Headroom;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.Areas;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Walked;
import honeylamp.desktop.gesture.look.WalkLit;
import honeylamp.desktop.gesture.look.Walking;
import honeylamp.desktop.gesture.pick.PickCaption;
import honeylamp.desktop.gesture.pick.TurnRaised;
import honeylamp.desktop.workspace.SnagSearch.SnagThere;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.Remembered.LongWork;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.raised.QuickPicture;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.output.FacetPictures;
import honeylamp.output.PageReading;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Showing;
import honeylamp.plan.View;
import honeylamp.raised.KeptBodies;
import honeylamp.raised.SeenThings;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PagePictures;
import honeylamp.takeoff.SchemeReport;
import honeylamp.takeoff.brightness.LightingReport;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.takeoff.way.Delivery;
import honeylamp.takeoff.way.GettingIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.beans.value.ObservableValue;
import org.jspecify.annotations.Nullable;

/** The plan as it is shown and counted, all copies of its units laid out, and what panels say of it. */
public final class ShownPlan {
    /** Lines of the grid nearer than this on the screen are left out, so that their figures have room. */
    private static final double LEAST_GRID_PX = 44;

    /** More lines than this help nobody, and take their time. */
    private static final int MOST_GRID_LINES = 200;

    /** So many steps at most lie between two lines. */
    private static final int MOST_STEPS = 1 << 20;

    private static final double GRID_AROUND_MM = 1500;
    private static final double EMPTY_GRID_MM = 10_000;

    private final Supplier<Workspace> workspace;
    private final GeometryCache cache;
    private final SnagSearch search;
    private final Aside<Walk, Walked> ways;
    private final Aside<Delivered, GettingIn> deliveries;
    private final Aside<Named, RoomNames> names;
    private final Aside<Read, PageReading> readings;
    private final Aside<Compared, SchemeReport> differences;
    private final Aside<Stamped, List<Mark>> stamps;
    private final Aside<LaidStorey, LightingReport> lighting;
    private final Aside<Looked, LookedAt> raised;
    private final FacetPictures pictures = new FacetPictures();
    private final Aside<Covered, SurfacePictures> covered;
    private final Aside<TurnRaised.Turned, List<Mark>> turning;
    private final LightWork light;
    private final Aside<LaidStorey, Map<Room, Headroom>> headroom;
    private @Nullable Checked checked;
    private @Nullable Plan turnedIn;

    private record Checked(LaidPlan plan, BriefCheck check) {}

    /**
     * A walk through a storey.
     *
     * @param from where it begins; empty for where one comes in
     * @param to where it ends; empty for all rooms
     */
    public record Walk(LaidStorey storey, Optional<Point> from, Optional<Point> to) {
        private boolean isSame(Walk other) {
            return storey.id().equals(other.storey.id())
                    && storey.plan().storeys() == other.storey.plan().storeys()
                    && storey.plan().brief() == other.storey.plan().brief()
                    && from.equals(other.from)
                    && to.equals(other.to);
        }
    }

    /** A piece that is carried to where it stands. */
    public record Delivered(LaidStorey storey, Furnishing piece) {
        private boolean isSame(Delivered other) {
            return storey.plan().storeys() == other.storey.plan().storeys() && piece.equals(other.piece);
        }
    }

    /** A view whose names of rooms may be taken up. */
    record Named(LaidView view, PaperFrame frame) {
        private boolean isSame(Named other) {
            return view.plan() == other.view.plan()
                    && view.view().equals(other.view.view())
                    && frame.equals(other.frame);
        }
    }

    /**
     * A raised view where it lies on paper.
     *
     * @param isDrawn whether a picture of it is there from when it was turned
     */
    record Looked(LaidView view, PaperFrame frame, boolean isDrawn) {
        private boolean isSame(Looked other) {
            return view.plan() == other.view.plan()
                    && view.view().equals(other.view.view())
                    && frame.equals(other.frame);
        }

        private LookedAt at(FacetPictures pictures, KeptBodies kept) {
            var things = SeenThings.of(view, kept);
            var quick = QuickPicture.of(view, things, frame);
            var meanwhile = !isDrawn && view.view().subject() instanceof Raised subject
                    ? quick.from(subject, pictures.in(view.look()))
                    : List.<Mark>of();
            return new LookedAt(things, quick, meanwhile);
        }
    }

    /** Things seen in a raised view, of which what covers them is painted. */
    record Covered(LaidView view, SeenThings things) {
        private boolean isSame(Covered other) {
            return view.plan() == other.view.plan() && view.view().equals(other.view.view());
        }
    }

    /**
     * What is seen raised.
     *
     * @param quick pictures of it in few pixels
     * @param meanwhile one of those; nothing if there is one from when it was turned
     */
    record LookedAt(SeenThings things, QuickPicture quick, List<Mark> meanwhile) {}

    /** A page whose words are to be read. */
    public record Read(LaidPage page, ViewId worked, PaperFrame frame, Map<String, byte[]> assets) {
        private PageReading reading() {
            var composed = SheetComposer.compose(
                    page, worked, frame, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM, new Remembered(LongWork.NEVER));
            return PageReading.of(page, new PagePictures().onto(composed, page, assets));
        }

        private boolean isSame(Read other) {
            return page.plan() == other.page.plan()
                    && page.page().equals(other.page.page())
                    && worked.equals(other.worked)
                    && frame.equals(other.frame);
        }
    }

    /** A page that somebody may have agreed to. */
    public record Stamped(LaidPage page, Map<String, byte[]> assets) {
        private boolean isSame(Stamped other) {
            return page.plan() == other.page.plan() && page.page().equals(other.page.page());
        }
    }

    /** What is laid open, to be compared with another arrangement. */
    public record Compared(LaidPlan plan, SchemeId against) {
        private boolean isSame(Compared other) {
            return plan.storeys() == other.plan.storeys()
                    && plan.drawn().schemes() == other.plan.drawn().schemes()
                    && against.equals(other.against);
        }
    }

    ShownPlan(Supplier<Workspace> workspace, GeometryCache cache, SnagSearch search, SnagSearch.Threads threads) {
        this.workspace = workspace;
        this.cache = cache;
        this.search = search;
        this.ways =
                new Aside<>(threads.beside(), Walk::isSame, (walk, _) -> Walked.of(walk.storey, walk.from, walk.to));
        this.deliveries = new Aside<>(
                threads.beside(), Delivered::isSame, (asked, wanted) -> Delivery.of(asked.storey, asked.piece, wanted));
        var remembered = new Remembered();
        this.names = new Aside<>(
                threads.beside(), Named::isSame, (asked, _) -> RoomNames.of(asked.view, asked.frame, remembered));
        var compared = new GeometryCache(); // so that nobody waits for the one that is drawn from
        this.differences = new Aside<>(threads.beside(), Compared::isSame, (asked, _) -> {
            var plan = asked.plan.derivedBy(compared);
            return SchemeReport.of(plan.arranged(asked.against), plan);
        });
        this.stamps = new Aside<>(
                threads.beside(), Stamped::isSame, (asked, _) -> new PagePictures().stamp(asked.page, asked.assets));
        var kept = new KeptBodies();
        this.raised = new Aside<>(threads.beside(), Looked::isSame, (asked, _) -> asked.at(pictures, kept));
        this.covered = new Aside<>(
                threads.beside(),
                Covered::isSame,
                (asked, wanted) -> pictures.paint(asked.view, asked.things.bodies(), wanted));
        raised.known()
                .subscribe(known ->
                        known.ifPresent(a -> covered.ask(new Covered(a.question().view, a.answer().things))));
        this.turning = new Aside<>(
                threads.beside(), TurnRaised.Turned::isSame, Aside.Late.TOLD, (asked, _) -> asked.picture());
        this.light = new LightWork(threads.beside(), threads.rested(), pictures);
        this.headroom = new Aside<>(
                threads.beside(),
                (a, b) ->
                        a.id().equals(b.id()) && a.plan().storeys() == b.plan().storeys(),
                (storey, _) -> Headroom.byRoom(storey, _ -> true));
        this.lighting = new Aside<>(threads.beside(), ShownPlan::isLitAlike, LightingReport::of);
        this.readings = new Aside<>(threads.beside(), Read::isSame, (asked, _) -> asked.reading());
    }

    private static boolean isLitAlike(LaidStorey a, LaidStorey b) {
        var one = a.plan().drawn();
        var other = b.plan().drawn();
        return a.id().equals(b.id())
                && a.plan().storeys() == b.plan().storeys()
                && one.lighting().equals(other.lighting())
                && LightingViews.view(one, a.id()).isPresent()
                        == LightingViews.view(other, b.id()).isPresent();
    }

    /** The workspace has changed: what is wrong with it is looked for. */
    void changed() {
        search.want(storey(), workspace.get().choices().gapReach());
        if (workspace.get().gesture() instanceof Walking walk && walk.isWanted()) {
            ways.ask(new Walk(storey(), walk.from(), walk.to()));
        }
        if (workspace.get().stage() == WorkStage.LIGHTING) {
            lighting.ask(storey());
        }
        if (isStamped()) {
            stamps.ask(stamped());
        }
        if (workspace.get().view().subject() instanceof Raised) {
            var looked =
                    new Looked(view(), workspace.get().frame(), !turnedInto().isEmpty());
            raised.ask(looked);
            if (workspace.get().gesture() instanceof TurnRaised turn) {
                raised.to(looked)
                        .flatMap(
                                at -> turn.wanted(looked.view, at.quick, pictures.in(looked.view.look()), looked.frame))
                        .ifPresent(turning::ask);
            }
        }
        holdWork();
        if (workspace.get().gesture() instanceof PickCaption) {
            names.ask(new Named(view(), workspace.get().frame()));
        }
    }

    /** While a view is turned its surfaces are not worked out; if it is left as it was, they are after all. */
    private void holdWork() {
        var now = workspace.get();
        if (now.gesture() instanceof TurnRaised turn && turn.turned().isPresent()) {
            turnedIn = now.plan();
            light.moved();
        } else if (turnedIn != null) {
            if (turnedIn == now.plan()) {
                light.asked();
            }
            turnedIn = null;
        }
    }

    /** What is seen in a raised view, if that is known by now. */
    Optional<SeenThings> things(LaidView view, PaperFrame frame) {
        return raised.to(new Looked(view, frame, false)).map(LookedAt::things);
    }

    /** A raised view as it was drawn last while it is turned. */
    List<Mark> turned(LaidView view, PaperFrame frame) {
        return turning.known()
                .get()
                .filter(k -> k.question().isOf(view, frame))
                .map(Aside.Answered::answer)
                .orElse(List.of());
    }

    /** What a raised view looks like, in few pixels, until its picture is there; nothing if that is not known. */
    public List<Mark> meanwhile() {
        var now = workspace.get();
        return now.view().subject() instanceof Raised
                ? raised.to(new Looked(view(), now.frame(), false))
                        .map(LookedAt::meanwhile)
                        .filter(marks -> !marks.isEmpty())
                        .orElseGet(this::turnedInto)
                : List.of();
    }

    /** The picture drawn last while the view was turned to where it is seen from now; nothing if it was not. */
    private List<Mark> turnedInto() {
        var view = view();
        return turning.known()
                .get()
                .filter(k -> k.question().elsewhere().equals(view.view().subject())
                        && k.question().view().view().id().equals(view.view().id())
                        && k.question().view().plan().storeys() == view.plan().storeys())
                .map(Aside.Answered::answer)
                .orElse(List.of());
    }

    /** What is low in the rooms of the storey worked on, to watch; asked for by this. */
    public ObservableValue<Map<Room, Headroom>> headroom() {
        var storey = storey();
        headroom.ask(storey);
        return headroom.known().map(_ -> headroom.to(storey).orElse(Map.of()));
    }

    /** The light of raised views, which takes its time. */
    public LightWork light() {
        return light;
    }

    /** What is told anew when a raised view was looked at or turned. */
    public void onRaised(Runnable told) {
        raised.known().subscribe((_, _) -> told.run());
        turning.known().subscribe((_, _) -> told.run());
    }

    public LaidPlan plan() {
        return cache.laidOut(workspace.get().plan());
    }

    /** The storey worked on. */
    public LaidStorey storey() {
        return plan().on(workspace.get().storey());
    }

    /** The view worked on. */
    public LaidView view() {
        var now = workspace.get();
        return view(plan(), now.worked(), now.stage());
    }

    /** The view of a plan that is worked on; it is turned only where one looks at the sheet, and drawn in as it is built. */
    static LaidView view(LaidPlan plan, Worked worked, WorkStage stage) {
        var view = stage == WorkStage.SHEET ? plan.view(worked.view()) : plan.straight(worked.view());
        return hides(view.view(), stage) ? view.seenAs(view.view().withShowing(withLighting(view.view()))) : view;
    }

    /** While one works on lights they are seen, whether or not the view will show them. */
    private static boolean hides(View view, WorkStage stage) {
        return stage == WorkStage.LIGHTING
                && !(view.showing().shows(Showing.Kind.FITTINGS)
                        && view.showing().shows(Showing.Kind.ACTIVITIES));
    }

    private static Showing withLighting(View view) {
        return view.showing()
                .with(Showing.Kind.FITTINGS, Showing.Degree.SHOWN)
                .with(Showing.Kind.ACTIVITIES, Showing.Degree.SHOWN);
    }

    /** The page worked on. */
    public LaidPage page() {
        var now = workspace.get();
        var page = page(plan(), now.worked(), now.stage());
        return now.choices().seen().walls() == Choices.Walls.SEEN_THROUGH
                        && now.stage().showsUnderlay()
                ? page.seenAs(now.worked().view(), now.view().showing().with(Showing.Kind.WALLS, Showing.Degree.FADED))
                : page;
    }

    /** The page worked on, in the light of the step one is at while a way is walked after dark. */
    public LaidPage pictured() {
        var now = workspace.get();
        return walkedIn(now)
                .map(e -> page().seenAs(
                                now.worked().view(),
                                view -> view.withLight(view.light().withEvening(Optional.of(e)))))
                .orElseGet(this::page);
    }

    /** The light of the step one is at while a way is walked; empty at other times. */
    public static Optional<Evening> walkedIn(Workspace now) {
        return now.gesture() instanceof WalkLit walk ? walk.evening(now.plan()) : Optional.empty();
    }

    /** The page worked on as it prints, whatever the stage shows of it. */
    public LaidPage printed() {
        var worked = workspace.get().worked();
        return worked.page().map(plan()::page).orElseGet(() -> plan().pageOf(worked.view()));
    }

    /** The page of a plan that is worked on, the view worked on as in {@link #view}. */
    static LaidPage page(LaidPlan plan, Worked worked, WorkStage stage) {
        var page = worked.page().map(plan::page).orElseGet(() -> plan.pageOf(worked.view()));
        var drawn = stage == WorkStage.SHEET ? page : plan.straight(page, worked.view());
        var view = plan.presentation().view(worked.view()).orElseThrow();
        return hides(view, stage) ? drawn.seenAs(view.id(), withLighting(view)) : drawn;
    }

    /** What is built on the storey worked on. */
    public StoreyGeometry geometry() {
        return storey().geometry();
    }

    /** The search for what is probably wrong. */
    public SnagSearch search() {
        return search;
    }

    /**
     * What is probably wrong with the storey, as far as is known; what only later stages are about is not wrong yet, and
     * said by those stages.
     */
    public List<Snag> snags() {
        return allSnags().stream().filter(s -> isDue(s.kind())).toList();
    }

    /** What is probably wrong with the storey, whatever stage it belongs to. */
    public List<Snag> allSnags() {
        return search.known().get().on(workspace.get().storey());
    }

    /** Whether the stage worked in, or one before it, is what a kind of snag is about. */
    private boolean isDue(Snag.Kind kind) {
        var stage = workspace.get().stage();
        return kind == Snag.Kind.UNNAMED_ROOM
                ? stage.compareTo(WorkStage.ROOMS) >= 0
                : kind != Snag.Kind.OFF_SHEET || stage == WorkStage.SHEET;
    }

    /** What is probably wrong with the other storeys, as far as is known. */
    public List<SnagThere> snagsElsewhere() {
        var here = workspace.get().storey();
        return search.known().get().snags().stream()
                .filter(s -> !s.storey().id().equals(here) && isDue(s.snag().kind()))
                .toList();
    }

    /** The ways through storeys. */
    public Aside<Walk, Walked> ways() {
        return ways;
    }

    /** Whether pieces get to where they stand. */
    public Aside<Delivered, GettingIn> deliveries() {
        return deliveries;
    }

    /** The names of rooms where views write them. */
    Aside<Named, RoomNames> names() {
        return names;
    }

    /** How far the lighting plans of storeys are. */
    public Aside<LaidStorey, LightingReport> lighting() {
        return lighting;
    }

    /** How well the words of pages are read. */
    public Aside<Read, PageReading> readings() {
        return readings;
    }

    /** The stamps of pages that somebody agreed to. */
    public Aside<Stamped, List<Mark>> stamps() {
        return stamps;
    }

    private boolean isStamped() {
        var now = workspace.get();
        return now.stage() == WorkStage.SHEET
                && !now.plan().review().approvals().isEmpty();
    }

    private Stamped stamped() {
        return new Stamped(page(), workspace.get().document().assets());
    }

    /** In what arrangements differ. */
    public Aside<Compared, SchemeReport> differences() {
        return differences;
    }

    /** What is laid open, and what it is compared with. */
    public Compared compared(SchemeId against) {
        return new Compared(plan(), against);
    }

    /** The page worked on as it lies there, whose words are to be read. */
    public Read read() {
        var now = workspace.get();
        return new Read(page(), now.worked().view(), now.frame(), now.document().assets());
    }

    /** A piece of the storey worked on, to be carried to where it stands. */
    public Delivered delivered(Furnishing piece) {
        return new Delivered(storey(), piece);
    }

    /** The areas of the storey worked on. */
    public Areas areas() {
        return storey().areas();
    }

    /** What of the brief the plan has. */
    public BriefCheck briefCheck() {
        var plan = plan();
        var known = checked;
        if (known == null || known.plan() != plan) {
            known = new Checked(plan, BriefCheck.of(plan)); // panels ask at every move of the pointer
            checked = known;
        }
        return known.check();
    }

    /** The scale grid, the other storey seen through this one, what is missing to close walls, and stamps, in paper mm. */
    public List<Mark> besidePlan() {
        var out = new ArrayList<Mark>(grid());
        if (view().view().isPlan()) {
            out.addAll(ghost());
            out.addAll(gaps());
        }
        if (isStamped()) {
            out.addAll(stamps.to(stamped()).orElse(List.of()));
        }
        return out;
    }

    /** While walls are drawn: where chains of them would have to be closed, and how far that is. */
    private List<Mark> gaps() {
        var now = workspace.get();
        if (now.stage() != WorkStage.WALLS || view().view().turnDeg() != 0) {
            return List.of();
        }
        var pen = 1 / (now.viewport().pxPerMm() * now.frame().scale());
        return geometry().gaps().stream()
                .flatMap(gap -> Sketches.gap(now.frame(), gap, now.plan().units(), pen).stream())
                .toList();
    }

    private List<Mark> grid() {
        var now = workspace.get();
        if (now.choices().seen().grid().isEmpty() || view().view().turnDeg() != 0) {
            return List.of();
        }
        var pxPerMm = now.viewport().pxPerMm();
        var asked = now.choices().seen().grid().get().mm();
        var box = geometry().storey().walls().stream()
                .map(w -> w.line().bounds())
                .reduce(Box::union)
                .orElse(new Box(0, 0, EMPTY_GRID_MM, EMPTY_GRID_MM))
                .grown(GRID_AROUND_MM);
        var longest = Math.max(box.width(), box.height());
        var times = IntStream.iterate(1, n -> n < MOST_STEPS, n -> n * 2)
                .filter(n -> n * asked * pxPerMm >= LEAST_GRID_PX && longest / (n * asked) <= MOST_GRID_LINES)
                .findFirst()
                .orElse(MOST_STEPS);
        return Sketches.scaleGrid(
                now.frame(),
                box,
                times * asked,
                now.plan().units(),
                1 / (pxPerMm * now.frame().scale()));
    }

    /** The other storey seen through this one, in paper mm; empty if none is. */
    public List<Mark> ghost() {
        var now = workspace.get();
        var plan = plan();
        return now.choices()
                .ghost()
                .filter(_ -> view().view().turnDeg() == 0)
                .filter(g -> !g.storey().equals(now.storey()))
                .flatMap(g -> plan.storeys().stream()
                        .filter(s -> s.id().equals(g.storey()))
                        .findFirst()
                        .map(s -> Sketches.ghost(
                                now.frame(), plan.on(s.id()).geometry(), g.across(), g.up(), g.strength())))
                .orElse(List.of());
    }
}
