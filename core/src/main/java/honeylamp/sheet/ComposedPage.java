package honeylamp.sheet;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.List;
import java.util.function.Predicate;

/**
 * One composed page.
 *
 * @param widthMm width in paper mm
 * @param heightMm height in paper mm
 * @param frame where the plan lies on it, in the view worked on or the first one
 * @param title the document's title
 * @param name the name of the page
 * @param author who drew it; empty if it is not said
 */
public record ComposedPage(
        double widthMm, double heightMm, PaperFrame frame, String title, String name, String author, Drawing drawing) {
    /** A page that is called like its document. */
    public ComposedPage(
            double widthMm, double heightMm, PaperFrame frame, String title, String author, Drawing drawing) {
        this(widthMm, heightMm, frame, title, title, author, drawing);
    }

    /** Whether words of a page say that something had no room on it. */
    public static boolean isLeftOut(String words) {
        return words.endsWith(ListRows.LEFT_OUT);
    }

    /** The page with a layer more, on top. */
    public ComposedPage with(Layer layer) {
        return drawn(drawing.with(new Drawing(List.of(layer))));
    }

    /** The page with only the layers that pass. */
    public ComposedPage only(Predicate<LayerKind> wanted) {
        return drawn(drawing.only(wanted));
    }

    /** The page with something else drawn on it. */
    public ComposedPage drawn(Drawing other) {
        return new ComposedPage(widthMm, heightMm, frame, title, name, author, other);
    }

    /** The page as part of a document of another title, by another author; empty for none. */
    public ComposedPage calling(String other, String by) {
        return new ComposedPage(widthMm, heightMm, frame, other, name, by, drawing);
    }

    /** A part of the page, in paper mm, as a page of its own. */
    public ComposedPage cut(Box part) {
        var by = new Point(-part.minX(), -part.minY());
        return new ComposedPage(
                part.width(),
                part.height(),
                new PaperFrame(frame.scale(), frame.originX() + by.x(), frame.originY() + by.y()),
                title,
                name,
                author,
                drawing.moved(by));
    }
}
