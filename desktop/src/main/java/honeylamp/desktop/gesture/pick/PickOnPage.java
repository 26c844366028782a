package honeylamp.desktop.gesture.pick;

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
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Page;
import honeylamp.plan.Page.LaidPicture;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Optional;

/**
 * Picks pictures on the page, drags them, and takes where they lie and how wide they are as typed.
 *
 * @param taken the picture taken up last, by its place among the page's
 * @param grabbed where it is held, from its upper left corner, in paper mm; empty while nothing is held
 */
public record PickOnPage(Optional<Integer> taken, Optional<Point> grabbed, Optional<Plan> preview) implements Gesture {
    private static final Ask<Length> LEFT = Ask.shift("From the left");
    private static final Ask<Length> DOWN = Ask.shift("From the top");
    private static final Ask<Length> WIDTH = Ask.length("Width");

    /** Nothing taken up. */
    public static PickOnPage begin() {
        return new PickOnPage(Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static List<LaidPicture> pictures(Surroundings scene) {
        return scene.page().map(Page::pictures).orElse(List.of());
    }

    private Optional<LaidPicture> picture(List<LaidPicture> all) {
        return taken.filter(i -> i < all.size()).map(all::get);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var p = scene.frame().paper(pointer.at());
        var all = pictures(scene);
        for (var i = all.size() - 1; i >= 0; i--) {
            var box = all.get(i).box();
            if (box.contains(p)) {
                var from = p.minus(new Point(box.minX(), box.minY()));
                return Reply.to(new PickOnPage(Optional.of(i), Optional.of(from), Optional.empty()));
            }
        }
        return Reply.to(begin());
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        var held = picture(pictures(scene));
        if (grabbed.isEmpty() || held.isEmpty()) {
            return Reply.to(this);
        }
        var corner = scene.frame().paper(pointer.at()).minus(grabbed.get());
        return put(scene, tenth(corner.x()), tenth(corner.y()), held.get().widthMm())
                .result()
                .map(plan -> Reply.to(new PickOnPage(taken, grabbed, Optional.of(plan))))
                .orElseGet(() -> Reply.to(this)); // off the paper: it waits where it was
    }

    private static double tenth(double mm) {
        return Math.rint(mm * 10) / 10;
    }

    private Outcome<Plan> put(Surroundings scene, double left, double down, double width) {
        return PageEdits.putPicture(
                scene.plan(), scene.page().orElseThrow().id(), taken.orElseThrow(), left, down, width);
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var rest = new PickOnPage(taken, Optional.empty(), Optional.empty());
        return preview.map(plan -> Reply.commit(rest, plan, "Move picture")).orElseGet(() -> Reply.to(rest));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var held = picture(pictures(scene));
        if (held.isEmpty() || typed.isEmpty()) {
            return Reply.to(this);
        }
        var now = held.get();
        var left = typed.of(LEFT).map(Length::mm).orElse(now.leftMm());
        var down = typed.of(DOWN).map(Length::mm).orElse(now.downMm());
        var width = typed.of(WIDTH).map(Length::mm).orElse(now.widthMm());
        return Reply.outcome(this, put(scene, left, down, width), this, "Put picture", "That cannot be");
    }

    @Override
    public boolean takesAway() {
        return taken.isPresent();
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        if (key != Key.AWAY || picture(pictures(scene)).isEmpty()) {
            return Reply.to(this);
        }
        var page = scene.page().orElseThrow().id();
        return Reply.commit(
                begin(), PageEdits.takePicture(scene.plan(), page, taken.orElseThrow()), "Take picture away");
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
        return picture(shown(scene))
                .map(p -> new Readout(
                        List.of(
                                field(LEFT, p.leftMm(), scene),
                                field(DOWN, p.downMm(), scene),
                                field(WIDTH, p.widthMm(), scene)),
                        "",
                        "Drag the picture, or type where on the paper it lies and how wide it is."))
                .orElseGet(() -> Readout.hint(
                        pictures(scene).isEmpty()
                                ? "Choose paper and scale in the tray, then export."
                                : "Press on a picture to move it. Choose paper and scale in the tray, then export."));
    }

    private static Readout.Field field(Ask<Length> ask, double mm, Surroundings scene) {
        return new Readout.Field(ask, LengthText.rounded(Length.ofMm(mm), scene.units()));
    }

    /** The pictures with the one that is dragged where it is now. */
    private List<LaidPicture> shown(Surroundings scene) {
        return preview.flatMap(
                        plan -> scene.page().flatMap(p -> plan.presentation().page(p.id())))
                .map(Page::pictures)
                .orElseGet(() -> pictures(scene));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return picture(shown(scene))
                .map(p -> Sketches.onPage(p.box(), scene.penMm()))
                .orElse(List.of());
    }
}
