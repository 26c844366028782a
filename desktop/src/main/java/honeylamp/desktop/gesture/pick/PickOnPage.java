package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.pick.PageItem.Lies;
import honeylamp.desktop.gesture.pick.PageItem.Stand;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.Motion;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Review;
import honeylamp.sheet.PageCatch;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Picks pictures, notes, lists, setting-out lines and views, drags them, and takes where they lie, and how wide
 * pictures and lists are, as typed. What is dragged catches margins, setting-out lines and other things; not with Control.
 *
 * @param taken what was taken up last
 * @param grabbed where it is held, from its upper left corner, in paper mm; empty while nothing is held
 * @param caught what it catches while it is dragged
 * @param stand where the lists and the other views of the page stood when it was pressed
 */
public record PickOnPage(
        Optional<PageItem> taken, Optional<Point> grabbed, Optional<Plan> preview, PageCatch caught, Stand stand)
        implements Gesture {
    private static final Ask<Length> LEFT = Ask.shift("From the left");
    private static final Ask<Length> DOWN = Ask.shift("From the top");
    /** A view or a list moves once it is dragged so far, in paper mm. */
    private static final double LEAST_DRAG_MM = 2;

    private static final Ask<Length> RIGHT_OF_MIDDLE = Ask.shift("Right of the middle");
    private static final Ask<Length> BELOW_MIDDLE = Ask.shift("Below the middle");
    private static final Ask<Length> WIDTH = Ask.length("Width");

    /** Nothing taken up. */
    public static PickOnPage begin() {
        return new PickOnPage(Optional.empty(), Optional.empty(), Optional.empty(), PageCatch.nothing(), Stand.NOTHING);
    }

    private Optional<Lies> lies(Surroundings scene, Optional<Page> page) {
        return taken.flatMap(item -> page.stream()
                .flatMap(p -> PageItem.all(scene, p, stand).stream())
                .filter(l -> l.item().equals(item))
                .findFirst());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    private static double reachMm(Surroundings scene) {
        return scene.reachMm() / scene.frame().scale();
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var p = scene.frame().paper(pointer.at());
        var there = scene.page()
                .map(_ -> Stand.of(scene.laidPage().get(), scene.view().view().id()))
                .orElse(Stand.NOTHING);
        return scene.page().stream()
                .flatMap(page -> PageItem.all(scene, page, there).reversed().stream())
                .filter(l -> isAt(l, p, reachMm(scene)))
                .findFirst()
                .map(l -> Reply.to(new PickOnPage(
                        Optional.of(l.item()),
                        Optional.of(p.minus(new Point(l.leftMm(), l.downMm()))),
                        Optional.empty(),
                        PageCatch.nothing(),
                        there)))
                .orElseGet(() -> Reply.to(begin()));
    }

    /** Lines are thin: near is enough. */
    private static boolean isAt(Lies lies, Point p, double reachMm) {
        return (lies.item() instanceof PageItem.OfLines ? lies.box().grown(reachMm / 2) : lies.box()).contains(p);
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        var held = lies(scene, scene.page());
        if (grabbed.isEmpty() || held.isEmpty()) {
            return Reply.to(this);
        }
        var now = held.get();
        var corner = scene.frame().paper(pointer.at()).minus(grabbed.get());
        if (preview.isEmpty() && isSlip(now, corner)) {
            return Reply.to(this);
        }
        var by = corner.minus(new Point(now.leftMm(), now.downMm()));
        var caught = pointer.keys().control() ? PageCatch.nothing() : caught(scene, now, by);
        var to = corner.plus(caught.shift());
        return now.item()
                .put(scene, tenth(to.x()), tenth(to.y()), now.widthMm())
                .result()
                .map(plan -> Reply.to(new PickOnPage(taken, grabbed, Optional.of(plan), caught, stand)))
                .orElseGet(() -> Reply.to(this)); // off the paper: it waits where it was
    }

    private PageCatch caught(Surroundings scene, Lies held, Point by) {
        var page = scene.page().orElseThrow();
        var others = PageItem.all(scene, page, stand).stream()
                .filter(l -> !l.item().equals(held.item()) && !(l.item() instanceof PageItem.OfLines))
                .map(Lies::box)
                .toList();
        var own = held.item() instanceof PageItem.OfLines(var at)
                ? page.arrangement().withLines(others(page.arrangement().lines(), at))
                : page.arrangement();
        return PageCatch.of(held.box().moved(by), others, own, page.sheet(), reachMm(scene));
    }

    private static <T> List<T> others(List<T> all, int but) {
        var out = new ArrayList<>(all);
        out.remove(but);
        return out;
    }

    /** Views and lists are large and easily pressed: nobody means to move them by a hair. */
    private static boolean isSlip(Lies held, Point corner) {
        var isLarge = held.item() instanceof PageItem.OfView || held.item() instanceof PageItem.OfLists;
        return isLarge && corner.distance(new Point(held.leftMm(), held.downMm())) < LEAST_DRAG_MM;
    }

    private static double tenth(double mm) {
        return Math.rint(mm * 10) / 10;
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var rest = new PickOnPage(taken, Optional.empty(), Optional.empty(), PageCatch.nothing(), stand);
        return preview.map(plan -> Reply.commit(
                        rest, plan, "Move " + taken.map(PageItem::named).orElse("")))
                .orElseGet(() -> Reply.to(rest));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var held = lies(scene, scene.page());
        if (held.isEmpty() || typed.isEmpty()) {
            return Reply.to(this);
        }
        var now = held.get();
        var left = typed.of(LEFT)
                .or(() -> typed.of(RIGHT_OF_MIDDLE))
                .map(Length::mm)
                .orElse(now.leftMm());
        var down =
                typed.of(DOWN).or(() -> typed.of(BELOW_MIDDLE)).map(Length::mm).orElse(now.downMm());
        var width = typed.of(WIDTH).map(Length::mm).orElse(now.widthMm());
        return Reply.outcome(
                this,
                now.item().put(scene, left, down, width),
                this,
                "Put " + now.item().named(),
                "That cannot be");
    }

    @Override
    public boolean takesAway() {
        return taken.filter(item -> !(item instanceof PageItem.OfView)).isPresent();
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        var held = lies(scene, scene.page());
        if (key != Key.AWAY || held.isEmpty()) {
            return Reply.to(this);
        }
        var item = held.get().item();
        var words =
                item instanceof PageItem.OfLists ? "Put " + item.named() + " back" : "Take " + item.named() + " away";
        return item.away(scene.plan(), scene.page().orElseThrow())
                .map(plan -> Reply.commit(begin(), plan, words))
                .orElseGet(() -> Reply.to(this));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return taken.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return lies(scene, shown(scene))
                .map(l -> new Readout(fields(l, scene), caught.words(), l.item().hint()))
                .orElseGet(
                        () -> Readout.hint(
                                "Press on the plan, a list, a picture or a note to move it. Choose paper and scale in the tray, then export."));
    }

    private static List<Readout.Field> fields(Lies lies, Surroundings scene) {
        var out = new ArrayList<Readout.Field>();
        var isView = lies.item() instanceof PageItem.OfView;
        var run = lies.item() instanceof PageItem.OfLines(var at)
                ? scene.page().map(p -> p.arrangement().lines().get(at).run())
                : Optional.<Run>empty();
        if (!run.equals(Optional.of(Run.ACROSS))) {
            out.add(field(isView ? RIGHT_OF_MIDDLE : LEFT, lies.leftMm(), scene));
        }
        if (!run.equals(Optional.of(Run.DOWN))) {
            out.add(field(isView ? BELOW_MIDDLE : DOWN, lies.downMm(), scene));
        }
        if (lies.item() instanceof PageItem.OfPictures || lies.item() instanceof PageItem.OfLists) {
            out.add(field(WIDTH, lies.widthMm(), scene));
        }
        return out;
    }

    private static Readout.Field field(Ask<Length> ask, double mm, Surroundings scene) {
        return new Readout.Field(ask, LengthText.rounded(Length.ofMm(mm), scene.units()));
    }

    /** What is taken up where it is dragged to; of a view the frame stays until it is let go. */
    private Lies dragged(Lies lies) {
        if (!(lies.item() instanceof PageItem.OfView(var view)) || preview.isEmpty()) {
            return lies;
        }
        var to = preview.get().presentation().views().stream()
                .filter(v -> v.id().equals(view))
                .findFirst()
                .orElseThrow()
                .nudge();
        var by = new Point(to.rightMm() - lies.leftMm(), to.downMm() - lies.downMm());
        return new Lies(lies.item(), to.rightMm(), to.downMm(), 0, lies.box().moved(by));
    }

    /** The page with what is dragged where it is now. */
    private Optional<Page> shown(Surroundings scene) {
        return preview.flatMap(
                        plan -> scene.page().flatMap(p -> plan.presentation().page(p.id())))
                .or(scene::page);
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        shown(scene).ifPresent(page -> out.addAll(Sketches.pageLines(page, grabbed.isPresent(), scene.penMm())));
        out.addAll(Sketches.caughtOnPage(caught.lines(), scene.penMm()));
        lies(scene, shown(scene))
                .map(this::dragged)
                .ifPresent(l -> out.addAll(Sketches.onPage(l.box(), scene.penMm())));
        var view = scene.view().view();
        if (view.isPlan()) {
            var turn = Motion.turn(Point.ORIGIN, view.turnDeg());
            scene.plan().review().remarks().stream()
                    .filter(r -> r.state() == Review.State.OPEN && r.storey().equals(Optional.of(scene.storey())))
                    .forEach(r -> out.addAll(Sketches.words(
                            scene.frame(), turn.of(r.at()).point(), "Remark " + r.number(), scene.penMm())));
        }
        return out;
    }
}
