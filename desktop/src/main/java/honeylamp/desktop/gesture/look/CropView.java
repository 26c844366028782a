package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.View.Crop;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Optional;

/**
 * A rectangle over the plan becomes the part that the view shows: dragged, by two clicks, or from one corner by a typed
 * width and depth.
 *
 * @param from the first corner, in plan mm
 * @param to where the pointer is
 */
public record CropView(Optional<Point> from, Optional<Point> to) implements Gesture {
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> DEPTH = Ask.length("Depth");

    /** Less than this, in mm, is a slip of the hand. */
    private static final double LEAST_MM = 100;

    /** No corner yet. */
    public static CropView begin() {
        return new CropView(Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new CropView(from, Optional.of(pointer.at())));
    }

    /** A second press ends a rectangle that was begun by a single click. */
    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return from.isPresent()
                ? seen(scene, pointer.at())
                : Reply.to(new CropView(Optional.of(pointer.at()), Optional.of(pointer.at())));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        return moved(scene, pointer);
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return from.filter(f -> f.distance(pointer.at()) > scene.reachMm())
                .map(_ -> seen(scene, pointer.at()))
                .orElseGet(() -> Reply.to(this));
    }

    private Reply seen(Surroundings scene, Point corner) {
        var box = Box.around(List.of(from.orElse(corner), corner));
        if (box.width() < LEAST_MM || box.height() < LEAST_MM) {
            return Reply.complain(begin(), "That part is hardly wider than a wall; draw a larger rectangle.");
        }
        var crop = new Crop(
                Position.of(new Point(box.minX(), box.minY())), Position.of(new Point(box.maxX(), box.maxY())));
        Plan plan = ViewEdits.crop(scene.plan(), scene.view().view().id(), Optional.of(crop));
        return Reply.commit(begin(), plan, "Show a part");
    }

    /** So wide and so deep from the first corner, to the side where the pointer is. */
    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (from.isEmpty()) {
            return Reply.complain(this, "Click a corner of the part first.");
        }
        var now = to.orElse(from.get()).minus(from.get());
        var width = typed.of(WIDTH).map(Length::mm).orElse(Math.abs(now.x()));
        var depth = typed.of(DEPTH).map(Length::mm).orElse(Math.abs(now.y()));
        var corner = from.get().plus(new Point(now.x() < 0 ? -width : width, now.y() < 0 ? -depth : depth));
        return seen(scene, corner);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (from.isEmpty()) {
            return Readout.hint(
                    "Drag a rectangle around the part that this view should show, or click its first corner.");
        }
        var now = to.orElse(from.get()).minus(from.get());
        return new Readout(
                List.of(
                        new Readout.Field(WIDTH, LengthText.rounded(Length.ofMm(Math.abs(now.x())), scene.units())),
                        new Readout.Field(DEPTH, LengthText.rounded(Length.ofMm(Math.abs(now.y())), scene.units()))),
                "",
                "Click the opposite corner, or type width and depth.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        if (from.isEmpty() || to.isEmpty()) {
            return List.of();
        }
        return Sketches.box(scene.frame(), Box.around(List.of(from.get(), to.get())), scene.penMm(), false);
    }
}
