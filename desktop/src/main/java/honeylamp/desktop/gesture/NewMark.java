package honeylamp.desktop.gesture;

import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;

/** The free mark drawn next. */
public record NewMark(Shape shape, Line line) {
    /** The choices of a fresh start. */
    public static final NewMark FIRST = new NewMark(Shape.ARROW, Line.FULL);
}
