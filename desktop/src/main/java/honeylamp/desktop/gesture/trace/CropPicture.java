package honeylamp.desktop.gesture.trace;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A rectangle dragged over a picture crops it; with the name of a storey it becomes that storey's part of
 * the scan. A name no storey has yet makes a new storey on top.
 *
 * @param from where the button went down, in plan mm
 * @param drawn whether the rectangle is finished
 */
public record CropPicture(Optional<Point> from, Optional<Point> to, boolean drawn) implements Gesture {
    private static final Ask<String> STOREY = Ask.words("Storey");

    private static final double LEAST_PX = 8;

    /** No rectangle yet. */
    public static CropPicture begin() {
        return new CropPicture(Optional.empty(), Optional.empty(), false);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(drawn || from.isEmpty() ? this : new CropPicture(from, Optional.of(pointer.at()), false));
    }

    /** A second press ends a rectangle that was begun by a single click. */
    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.at(scene, pointer.at());
        if (underlay.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        if (from.isPresent() && !drawn) {
            return finished(scene, pointer.at());
        }
        return Reply.to(new CropPicture(Optional.of(pointer.at()), Optional.of(pointer.at()), false))
                .picking(Set.of(underlay.get().id()));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return from.isEmpty() || drawn || from.get().distance(pointer.at()) <= scene.reachMm()
                ? Reply.to(this)
                : finished(scene, pointer.at());
    }

    private Reply finished(Surroundings scene, Point corner) {
        var next = new CropPicture(from, Optional.of(corner), true);
        return next.part(scene).isPresent()
                ? Reply.to(next)
                : Reply.complain(begin(), "That rectangle shows hardly any of the picture; drag a larger one.");
    }

    /** The rectangle in picture pixels, as far as it lies on the picture. */
    private Optional<Box> part(Surroundings scene) {
        var underlay = OnPicture.of(scene);
        if (underlay.isEmpty() || from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        var u = underlay.get();
        return Box.around(List.of(u.pixel(from.get()), u.pixel(to.get())))
                .shared(u.picture().box())
                .filter(b -> b.width() >= LEAST_PX && b.height() >= LEAST_PX);
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var underlay = OnPicture.of(scene);
        var part = part(scene);
        if (!drawn || underlay.isEmpty() || part.isEmpty()) {
            return Reply.complain(this, "Drag a rectangle over the picture first.");
        }
        var name = typed.of(STOREY).orElse("");
        return name.isEmpty() || name.equalsIgnoreCase(scene.geometry().storey().name())
                ? Reply.commit(
                                begin(),
                                UnderlayEdits.crop(
                                        scene.plan(),
                                        scene.storey(),
                                        underlay.get().id(),
                                        part),
                                "Crop picture")
                        .picking(Set.of(underlay.get().id()))
                : assigned(scene, underlay.get(), part.get(), name);
    }

    private Reply assigned(Surroundings scene, Underlay underlay, Box part, String name) {
        Plan plan = scene.plan();
        var known = plan.storeys().stream()
                .filter(s -> s.name().equalsIgnoreCase(name))
                .map(Storey::id)
                .findFirst();
        var target = known;
        if (target.isEmpty()) {
            var added = StoreyEdits.addOnTop(plan, name);
            plan = added.plan();
            target = Optional.of(added.id());
        }
        var laid = UnderlayEdits.partFor(plan, scene.storey(), underlay.id(), part, target.get());
        return Reply.commit(begin(), laid.plan(), "Part of picture for " + name)
                .withNews("That part now lies on \"" + name + "\"" + (known.isEmpty() ? ", a new storey" : "")
                        + ". Page Up and Page Down go from storey to storey.");
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
        return drawn
                ? new Readout(
                        List.of(new Readout.Field(
                                STOREY, scene.geometry().storey().name())),
                        "",
                        "Enter crops the picture here; or type the storey this part belongs to.")
                : Readout.hint(
                        from.isEmpty()
                                ? "Drag a rectangle over the part of the picture that counts."
                                : "Let go, or click, at the other corner.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        var underlay = OnPicture.of(scene);
        part(scene)
                .ifPresent(box -> underlay.ifPresent(u -> {
                    var corners = box.ring().corners();
                    for (var i = 0; i < corners.size(); i++) {
                        out.add(Sketches.line(
                                scene.frame(),
                                new Segment(u.plan(corners.get(i)), u.plan(corners.get((i + 1) % corners.size()))),
                                1.5 * scene.penMm(),
                                false));
                    }
                }));
        return out;
    }
}
