package honeylamp.output;

import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import java.util.List;
import java.util.Optional;

/** The box that marks cover, pens included. */
final class MarkBounds {
    private MarkBounds() {}

    static Optional<Box> of(List<Mark> marks) {
        return marks.stream().flatMap(m -> of(m).stream()).reduce(Box::union);
    }

    private static Optional<Box> of(Mark mark) {
        return switch (mark) {
            case Mark.Fill(var path, _) -> path.isEmpty() ? Optional.empty() : Optional.of(path.bounds());
            case Mark.Stroke(var path, var pen, _) ->
                path.isEmpty()
                        ? Optional.empty()
                        : Optional.of(path.bounds().grown(pen.widthMm()));
            case Mark.Text text -> {
                var reach = text.widthMm() + text.capHeightMm();
                yield Optional.of(new Box(text.at().x(), text.at().y(), text.at().x(), text.at().y()).grown(reach));
            }
            case Mark.Picture picture -> Optional.of(picture.where());
            case Mark.Clip(var path, _) -> path.isEmpty() ? Optional.empty() : Optional.of(path.bounds());
        };
    }
}
