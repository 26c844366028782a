package honeylamp.desktop.workspace;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;

/**
 * The part of the plan the window shows.
 *
 * @param centre of the view, in plan mm
 * @param pxPerMm screen pixels per plan mm
 */
public record Viewport(Point centre, double pxPerMm) {
    private static final double LEAST = 0.002;
    private static final double MOST = 4;

    /** Keeps the zoom within what can be worked at. */
    public Viewport {
        pxPerMm = Math.clamp(pxPerMm, LEAST, MOST);
    }

    /** From plan mm to pixels of a view so large. */
    public Affine planToPixels(double width, double height) {
        return new Affine(pxPerMm, 0, 0, -pxPerMm, width / 2 - centre.x() * pxPerMm, height / 2 + centre.y() * pxPerMm);
    }

    /** From paper mm to pixels of a view so large. */
    public Affine paperToPixels(PaperFrame frame, double width, double height) {
        return frame.toPaper().inverse().then(planToPixels(width, height));
    }

    /** Zoomed by a factor, keeping a pixel of the view over the same plan point. */
    public Viewport zoomed(double factor, double px, double py, double width, double height) {
        var fixed = planToPixels(width, height).inverse().apply(new Point(px, py));
        var next = new Viewport(centre, pxPerMm * factor);
        var moved = next.planToPixels(width, height).inverse().apply(new Point(px, py));
        return new Viewport(centre.plus(fixed.minus(moved)), next.pxPerMm);
    }

    /** Moved by so many pixels. */
    public Viewport panned(double dx, double dy) {
        return new Viewport(new Point(centre.x() - dx / pxPerMm, centre.y() + dy / pxPerMm), pxPerMm);
    }
}
