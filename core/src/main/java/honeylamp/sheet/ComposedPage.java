package honeylamp.sheet;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.List;

/**
 * One composed page.
 *
 * @param widthMm width in paper mm
 * @param heightMm height in paper mm
 * @param frame where the plan lies on it, in the view worked on or the first one
 * @param title the document's title
 * @param author who drew it; empty if it is not said
 */
public record ComposedPage(
        double widthMm, double heightMm, PaperFrame frame, String title, String author, Drawing drawing) {
    /** The page with a layer more, on top. */
    public ComposedPage with(Layer layer) {
        return new ComposedPage(widthMm, heightMm, frame, title, author, drawing.with(new Drawing(List.of(layer))));
    }
}
