package honeylamp.desktop.gesture;

import honeylamp.derive.Picking;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.KnownLength;
import honeylamp.units.Length;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Two clicks on an underlay and a typed length give it its scale. */
public record MarkKnownLength(List<Point> marks, Optional<Point> pointer) implements Gesture {
    /** Freezes the list. */
    public MarkKnownLength {
        marks = List.copyOf(marks);
    }

    /** No mark yet. */
    public static MarkKnownLength begin() {
        return new MarkKnownLength(List.of(), Optional.empty());
    }

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(new MarkKnownLength(marks, Optional.of(pointer.at())));
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        if (underlay(scene).isEmpty()) {
            return Step.complain(this, "There is no underlay yet. Bring in a picture first.");
        }
        var more = new ArrayList<>(marks.size() < 2 ? marks : List.of());
        more.add(pointer.at());
        return Step.to(new MarkKnownLength(more, Optional.of(pointer.at())));
    }

    private static Optional<Underlay> underlay(Scene scene) {
        var all = scene.geometry().storey().underlays();
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast());
    }

    private Optional<Underlay> marked(Scene scene) {
        return (marks.isEmpty() ? Optional.<Underlay>empty() : Picking.underlay(scene.geometry(), marks.getFirst()))
                .or(() -> underlay(scene));
    }

    @Override
    public Step entered(Scene scene, List<String> typed) {
        var underlay = marked(scene);
        if (marks.size() < 2 || underlay.isEmpty()) {
            return Step.complain(this, "Click both ends of a length you know first.");
        }
        return switch (Gesture.length(scene, Gesture.field(typed, 0))) {
            case LengthReading.Bad(var sentence) -> Step.complain(this, sentence);
            case LengthReading.Good(var length) -> scaled(scene, underlay.get(), length);
        };
    }

    private Step scaled(Scene scene, Underlay underlay, Length length) {
        var toPixels = underlay.placing().inverse();
        var a = toPixels.apply(marks.get(0));
        var b = toPixels.apply(marks.get(1));
        if (a.distance(b) < 1) {
            return Step.complain(this, "Both marks lie on the same spot; click them farther apart.");
        }
        var plan = UnderlayEdits.scale(scene.plan(), scene.storey(), underlay.id(), new KnownLength(a, b, length));
        return Step.commit(begin(), plan, "Set known length").picking(Set.of(underlay.id()));
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
    public Readout readout(Scene scene) {
        return switch (marks.size()) {
            case 0 -> Readout.hint("Click one end of a length you know; the longest you trust is best.");
            case 1 -> Readout.hint("Click its other end.");
            default ->
                new Readout(
                        List.of(new Readout.Field(
                                "Known length",
                                LengthText.shown(Length.ofMm(marks.get(0).distance(marks.get(1))), scene.units()))),
                        "",
                        "Type the true length and press Enter.");
        };
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        var out = new ArrayList<Mark>();
        var end = marks.size() == 2 ? Optional.of(marks.get(1)) : pointer;
        if (!marks.isEmpty() && end.isPresent()) {
            out.add(Sketches.line(scene.frame(), new Segment(marks.getFirst(), end.get()), scene.penMm(), false));
        }
        marks.forEach(m -> out.add(Sketches.spot(scene.frame(), m, 7 * scene.penMm(), scene.penMm())));
        return out;
    }
}
