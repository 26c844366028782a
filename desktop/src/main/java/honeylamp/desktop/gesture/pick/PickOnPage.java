package honeylamp.desktop.gesture.pick;

import honeylamp.catalogue.Scales;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Motion;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Review;
import honeylamp.plan.View;
import honeylamp.sheet.NoteBoxes;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Picks pictures, notes and the view worked on, drags them, and takes where they lie, and how wide pictures are, as typed.
 *
 * @param taken what was taken up last
 * @param grabbed where it is held, from its upper left corner, in paper mm; empty while nothing is held
 */
public record PickOnPage(Optional<Item> taken, Optional<Point> grabbed, Optional<Plan> preview) implements Gesture {
    private static final Ask<Length> LEFT = Ask.shift("From the left");
    private static final Ask<Length> DOWN = Ask.shift("From the top");
    /** A view moves once it is dragged so far, in paper mm. */
    private static final double LEAST_NUDGE_MM = 2;

    private static final Ask<Length> RIGHT_OF_MIDDLE = Ask.shift("Right of the middle");
    private static final Ask<Length> BELOW_MIDDLE = Ask.shift("Below the middle");
    private static final Ask<Length> WIDTH = Ask.length("Width");

    /** Something on the page, by its place among its like. */
    sealed interface Item {
        record OfPictures(int at) implements Item {}

        record OfNotes(int at) implements Item {}

        /** The view worked on. */
        record OfView() implements Item {}
    }

    /** Where something lies, how wide it is made, and what it covers, in paper mm. */
    private record Lies(Item item, double leftMm, double downMm, double widthMm, Box box) {}

    /** Nothing taken up. */
    public static PickOnPage begin() {
        return new PickOnPage(Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** All that lies on a page, the topmost last. */
    private static List<Lies> all(Surroundings scene, Optional<Page> page) {
        var out = new ArrayList<Lies>();
        page.ifPresent(p -> {
            Extent.of(scene.view()).ifPresent(e -> {
                var nudge = nudge(scene);
                out.add(new Lies(
                        new Item.OfView(),
                        nudge.rightMm(),
                        nudge.downMm(),
                        0,
                        scene.frame().paper(e.planMm())));
            });
            var scale = Scales.said(scene.frame().scale(), scene.units());
            var boxes = new NoteBoxes(scene.view(), p, scale);
            for (var i = 0; i < p.boxes().size(); i++) {
                var note = p.boxes().get(i);
                out.add(new Lies(new Item.OfNotes(i), note.leftMm(), note.downMm(), 0, boxes.box(note)));
            }
            for (var i = 0; i < p.pictures().size(); i++) {
                var laid = p.pictures().get(i);
                out.add(new Lies(new Item.OfPictures(i), laid.leftMm(), laid.downMm(), laid.widthMm(), laid.box()));
            }
        });
        return out;
    }

    private static View.Nudge nudge(Surroundings scene) {
        return scene.view().view().nudge();
    }

    private Optional<Lies> lies(Surroundings scene, Optional<Page> page) {
        return taken.flatMap(item ->
                all(scene, page).stream().filter(l -> l.item.equals(item)).findFirst());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var p = scene.frame().paper(pointer.at());
        return all(scene, scene.page()).reversed().stream()
                .filter(l -> l.box.contains(p))
                .findFirst()
                .map(l -> Reply.to(new PickOnPage(
                        Optional.of(l.item), Optional.of(p.minus(new Point(l.leftMm, l.downMm))), Optional.empty())))
                .orElseGet(() -> Reply.to(begin()));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        var held = lies(scene, scene.page());
        if (grabbed.isEmpty() || held.isEmpty()) {
            return Reply.to(this);
        }
        var corner = scene.frame().paper(pointer.at()).minus(grabbed.get());
        if (preview.isEmpty() && isSlip(held.get(), corner)) {
            return Reply.to(this);
        }
        return put(scene, held.get(), tenth(corner.x()), tenth(corner.y()), held.get().widthMm)
                .result()
                .map(plan -> Reply.to(new PickOnPage(taken, grabbed, Optional.of(plan))))
                .orElseGet(() -> Reply.to(this)); // off the paper: it waits where it was
    }

    /** A view is large and easily pressed: nobody means to move it by a hair. */
    private static boolean isSlip(Lies held, Point corner) {
        return held.item instanceof Item.OfView
                && corner.distance(new Point(held.leftMm, held.downMm)) < LEAST_NUDGE_MM;
    }

    private static double tenth(double mm) {
        return Math.rint(mm * 10) / 10;
    }

    private static Outcome<Plan> put(Surroundings scene, Lies held, double left, double down, double width) {
        var page = scene.page().orElseThrow().id();
        return switch (held.item) {
            case Item.OfPictures(var at) -> PageEdits.putPicture(scene.plan(), page, at, left, down, width);
            case Item.OfNotes(var at) -> PageEdits.putNote(scene.plan(), page, at, left, down);
            case Item.OfView _ ->
                ViewEdits.nudge(scene.plan(), scene.view().view().id(), left, down);
        };
    }

    private static String named(Item item) {
        return switch (item) {
            case Item.OfPictures _ -> "picture";
            case Item.OfNotes _ -> "note";
            case Item.OfView _ -> "view";
        };
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var rest = new PickOnPage(taken, Optional.empty(), Optional.empty());
        return preview.map(plan -> Reply.commit(
                        rest, plan, "Move " + taken.map(PickOnPage::named).orElse("")))
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
                .orElse(now.leftMm);
        var down =
                typed.of(DOWN).or(() -> typed.of(BELOW_MIDDLE)).map(Length::mm).orElse(now.downMm);
        var width = typed.of(WIDTH).map(Length::mm).orElse(now.widthMm);
        return Reply.outcome(
                this, put(scene, now, left, down, width), this, "Put " + named(now.item), "That cannot be");
    }

    @Override
    public boolean takesAway() {
        return taken.filter(item -> !(item instanceof Item.OfView)).isPresent();
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        var held = lies(scene, scene.page());
        if (key != Key.AWAY || held.isEmpty()) {
            return Reply.to(this);
        }
        var page = scene.page().orElseThrow().id();
        return switch (held.get().item) {
            case Item.OfPictures(var at) ->
                Reply.commit(begin(), PageEdits.takePicture(scene.plan(), page, at), "Take picture away");
            case Item.OfNotes(var at) ->
                Reply.commit(begin(), PageEdits.takeNote(scene.plan(), page, at), "Take note away");
            case Item.OfView _ -> Reply.to(this);
        };
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
                .map(l -> new Readout(fields(l, scene), "", hint(l.item)))
                .orElseGet(
                        () -> Readout.hint(
                                "Press on a picture, a note or the plan to move it. Choose paper and scale in the tray, then export."));
    }

    private static String hint(Item item) {
        return switch (item) {
            case Item.OfPictures _ -> "Drag the picture, or type where on the paper it lies and how wide it is.";
            case Item.OfNotes _ -> "Drag the note, or type where on the paper it lies.";
            case Item.OfView _ -> "Drag the plan, or type how far from its place it lies; 0 puts it back.";
        };
    }

    private static List<Readout.Field> fields(Lies lies, Surroundings scene) {
        var out = new ArrayList<Readout.Field>();
        var isView = lies.item instanceof Item.OfView;
        out.add(field(isView ? RIGHT_OF_MIDDLE : LEFT, lies.leftMm, scene));
        out.add(field(isView ? BELOW_MIDDLE : DOWN, lies.downMm, scene));
        if (lies.item instanceof Item.OfPictures) {
            out.add(field(WIDTH, lies.widthMm, scene));
        }
        return out;
    }

    private static Readout.Field field(Ask<Length> ask, double mm, Surroundings scene) {
        return new Readout.Field(ask, LengthText.rounded(Length.ofMm(mm), scene.units()));
    }

    /** What is taken up where it is dragged to; of a view the frame stays until it is let go. */
    private Lies dragged(Lies lies, ViewId view) {
        if (!(lies.item instanceof Item.OfView) || preview.isEmpty()) {
            return lies;
        }
        var to = preview.get().presentation().views().stream()
                .filter(v -> v.id().equals(view))
                .findFirst()
                .orElseThrow()
                .nudge();
        var by = new Point(to.rightMm() - lies.leftMm, to.downMm() - lies.downMm);
        return new Lies(
                lies.item,
                to.rightMm(),
                to.downMm(),
                0,
                new Box(
                        lies.box.minX() + by.x(),
                        lies.box.minY() + by.y(),
                        lies.box.maxX() + by.x(),
                        lies.box.maxY() + by.y()));
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
        lies(scene, shown(scene))
                .map(l -> dragged(l, scene.view().view().id()))
                .ifPresent(l -> out.addAll(Sketches.onPage(l.box, scene.penMm())));
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
