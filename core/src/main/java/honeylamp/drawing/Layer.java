package honeylamp.drawing;

import honeylamp.drawing.ink.Blend;
import java.util.List;

/** All marks of one kind of thing, in drawing order. */
public record Layer(LayerKind kind, Blend blend, List<Mark> marks) {
    public Layer {
        marks = List.copyOf(marks);
    }

    /** A layer that covers what lies below. */
    public static Layer of(LayerKind kind, List<Mark> marks) {
        return new Layer(kind, Blend.COVER, marks);
    }
}
