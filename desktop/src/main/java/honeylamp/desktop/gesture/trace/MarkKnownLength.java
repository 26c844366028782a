package honeylamp.desktop.gesture.trace;

import honeylamp.derive.traced.ScaleFit;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.trace.OnPicture.Aim;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.KnownLength;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Two clicks on an underlay and a typed length; any number of lengths together give it its scale. Marks can
 * be dragged, new ones and old.
 *
 * @param marks of the length being marked, in plan mm
 * @param held the mark under the button, if one is dragged
 */
@RecordBuilder
public record MarkKnownLength(List<Point> marks, Optional<Aim> aim, Optional<Grip> held)
        implements Gesture, MarkKnownLengthBuilder.With {
    private static final Ask<Length> KNOWN = Ask.length("Known length");

    /**
     * One end of a known length, or of the one being marked.
     *
     * @param length index among the underlay's known lengths; empty for the one being marked
     * @param end 0 or 1
     */
    public record Grip(Optional<Integer> length, int end) {}

    public MarkKnownLength {
        marks = List.copyOf(marks);
    }

    /** No mark yet. */
    public static MarkKnownLength begin() {
        return new MarkKnownLength(List.of(), Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new MarkKnownLength(marks, Optional.of(OnPicture.aim(scene, pointer)), Optional.empty()));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.at(scene, pointer.at());
        if (underlay.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        var aim = OnPicture.aim(scene, pointer);
        var held = held(scene, underlay.get(), pointer.at());
        if (held.isPresent()) {
            return Reply.to(withAim(Optional.of(aim)))
                    .picking(Set.of(underlay.get().id()));
        }
        var more = new ArrayList<>(marks.size() < 2 ? marks : List.of());
        more.add(aim.at());
        return Reply.to(new MarkKnownLength(
                        more, Optional.of(aim), Optional.of(new Grip(Optional.empty(), more.size() - 1))))
                .picking(Set.of(underlay.get().id()));
    }

    /** The mark within reach: of the length being marked first, then of those known. */
    private Optional<Grip> held(Surroundings scene, Underlay underlay, Point p) {
        for (var end = 0; end < marks.size() && marks.size() == 2; end++) {
            if (marks.get(end).distance(p) <= scene.reachMm()) {
                return Optional.of(new Grip(Optional.empty(), end));
            }
        }
        if (!marks.isEmpty()) {
            return Optional.empty();
        }
        for (var i = 0; i < underlay.knownLengths().size(); i++) {
            var known = underlay.knownLengths().get(i);
            if (underlay.plan(known.firstPx()).distance(p) <= scene.reachMm()) {
                return Optional.of(new Grip(Optional.of(i), 0));
            }
            if (underlay.plan(known.secondPx()).distance(p) <= scene.reachMm()) {
                return Optional.of(new Grip(Optional.of(i), 1));
            }
        }
        return Optional.empty();
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        if (held.isEmpty()) {
            return Reply.to(this);
        }
        var aim = OnPicture.aim(scene, pointer);
        if (held.get().length.isPresent()) {
            return Reply.to(withAim(Optional.of(aim)));
        }
        var moved = new ArrayList<>(marks);
        moved.set(held.get().end, aim.at());
        return Reply.to(new MarkKnownLength(moved, Optional.of(aim), held));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.of(scene);
        var known = held.flatMap(Grip::length);
        var free = withHeld(Optional.empty());
        if (known.isEmpty() || underlay.isEmpty() || aim.isEmpty()) {
            return Reply.to(free);
        }
        var line = ends(underlay.get(), known.get());
        if (line.length() * underlay.get().toPlan().inverse().near(line.a()).lengthScale() < 1) {
            return Reply.complain(free, "Both marks lie on the same spot; drag them farther apart.");
        }
        var u = underlay.get();
        if (line.equals(new Segment(
                u.plan(u.knownLengths().get(known.get()).firstPx()),
                u.plan(u.knownLengths().get(known.get()).secondPx())))) {
            return Reply.to(free); // only pressed
        }
        var plan = UnderlayEdits.changeKnown(
                scene.plan(),
                scene.storey(),
                u.id(),
                known.get(),
                k -> k.between(u.pixel(line.a()), u.pixel(line.b())),
                OnPicture.traced(scene));
        return Reply.commit(begin(), plan, "Move mark").picking(Set.of(u.id()));
    }

    /** A known length in the plan, with the mark that is dragged where the pointer is. */
    private Segment ends(Underlay underlay, int index) {
        var known = underlay.knownLengths().get(index);
        var a = underlay.plan(known.firstPx());
        var b = underlay.plan(known.secondPx());
        if (held.flatMap(Grip::length).filter(i -> i == index).isEmpty() || aim.isEmpty()) {
            return new Segment(a, b);
        }
        return held.get().end == 0
                ? new Segment(aim.get().at(), b)
                : new Segment(a, aim.get().at());
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var underlay = marks.isEmpty() ? Optional.<Underlay>empty() : OnPicture.at(scene, marks.getFirst());
        if (marks.size() < 2 || underlay.isEmpty()) {
            return Reply.complain(this, "Click both ends of a length you know first.");
        }
        return typed.of(KNOWN)
                .map(length -> known(scene, underlay.get(), length))
                .orElseGet(() -> Reply.complain(this, "Type how long it is between the two marks."));
    }

    private Reply known(Surroundings scene, Underlay underlay, Length length) {
        var a = underlay.pixel(marks.get(0));
        var b = underlay.pixel(marks.get(1));
        if (a.distance(b) < 1) {
            return Reply.complain(this, "Both marks lie on the same spot; click them farther apart.");
        }
        var plan = UnderlayEdits.addKnown(
                scene.plan(), scene.storey(), underlay.id(), new KnownLength(a, b, length), OnPicture.traced(scene));
        return Reply.commit(begin(), plan, "Add known length").picking(Set.of(underlay.id()));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !marks.isEmpty();
    }

    @Override
    public boolean magnifies() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        var word = aim.map(Aim::word).orElse("");
        return switch (marks.size()) {
            case 0 ->
                new Readout(
                        List.of(),
                        word,
                        OnPicture.of(scene)
                                .flatMap(u -> ScaleFit.of(u).map(f -> f.words(scene.units())))
                                .orElse("Click one end of a length you know; the longest you trust is best."));
            case 1 -> new Readout(List.of(), word, "Click its other end.");
            default ->
                new Readout(
                        List.of(new Readout.Field(
                                KNOWN,
                                LengthText.rounded(Length.ofMm(marks.get(0).distance(marks.get(1))), scene.units()))),
                        word,
                        "Type the true length and press Enter. The marks can be dragged.");
        };
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        OnPicture.of(scene).ifPresent(u -> {
            for (var i = 0; i < u.knownLengths().size(); i++) {
                out.addAll(known(scene, u, i));
            }
        });
        var end = marks.size() == 2 ? Optional.of(marks.get(1)) : aim.map(Aim::at);
        if (!marks.isEmpty() && end.isPresent()) {
            out.add(Sketches.line(scene.frame(), new Segment(marks.getFirst(), end.get()), scene.penMm(), false));
        }
        out.addAll(OnPicture.spots(scene, marks));
        aim.flatMap(Aim::caught)
                .ifPresent(s -> out.add(Sketches.spot(scene.frame(), s.at(), 4 * scene.penMm(), scene.penMm())));
        return out;
    }

    private List<Mark> known(Surroundings scene, Underlay underlay, int index) {
        var line = ends(underlay, index);
        var out = new ArrayList<Mark>();
        out.add(Sketches.line(scene.frame(), line, scene.penMm(), true));
        out.addAll(OnPicture.spots(scene, List.of(line.a(), line.b())));
        out.addAll(Sketches.words(
                scene.frame(),
                line.middle(),
                LengthText.rounded(underlay.knownLengths().get(index).length(), scene.units()),
                scene.penMm()));
        return out;
    }
}
