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
            case Mark.Fill fill -> of(fill.path(), 0);
            case Mark.Stroke stroke -> of(stroke.path(), stroke.pen().widthMm());
            case Mark.Text text -> {
                var reach = text.widthMm() + text.capHeightMm();
                yield Optional.of(new Box(
                                text.at().x(),
                                text.at().y(),
                                text.at().x(),
                                text.at().y())
                        .grown(reach));
            }
            case Mark.Shaded shaded -> of(shaded.path(), 0);
            case Mark.Haloed haloed -> of(haloed.text()).map(b -> b.grown(haloed.roomMm()));
            case Mark.Lines lines -> of(List.copyOf(lines.texts()));
            case Mark.Image image -> Optional.of(image.where());
            case Mark.Picture picture -> Optional.of(picture.where());
            case Mark.Clip clip -> of(clip.path(), 0);
        };
    }

    private static Optional<Box> of(honeylamp.geometry.Figure path, double grown) {
        return path.isEmpty() ? Optional.empty() : Optional.of(path.bounds().grown(grown));
    }
}
