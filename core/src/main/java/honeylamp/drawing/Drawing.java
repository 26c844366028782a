package honeylamp.drawing;

import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/** A picture as layers of marks, bottom first, in paper mm with y down. */
public record Drawing(List<Layer> layers) {
    /** Sorts the layers by kind; layers of one kind keep their order. */
    public Drawing {
        var sorted = new ArrayList<>(layers);
        sorted.sort(Comparator.comparing(Layer::kind));
        layers = List.copyOf(sorted);
    }

    /** This drawing with the layers of another among its own. */
    public Drawing with(Drawing other) {
        var all = new ArrayList<>(layers);
        all.addAll(other.layers);
        return new Drawing(all);
    }

    /** Only what lies within a path. */
    public Drawing clipped(Figure path) {
        return new Drawing(layers.stream()
                .map(l -> new Layer(l.kind(), l.blend(), List.of(new Mark.Clip(path, l.marks()))))
                .toList());
    }

    /** The drawing elsewhere on the paper, so much farther right and down in paper mm. */
    public Drawing moved(Point by) {
        var moving = new Moving(by);
        return new Drawing(layers.stream()
                .map(l -> new Layer(
                        l.kind(), l.blend(), l.marks().stream().map(moving::of).toList()))
                .toList());
    }

    /** Only the layers that pass. */
    public Drawing only(Predicate<LayerKind> wanted) {
        return new Drawing(layers.stream().filter(l -> wanted.test(l.kind())).toList());
    }
}
