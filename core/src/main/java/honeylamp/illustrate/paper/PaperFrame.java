package honeylamp.illustrate.paper;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.units.Checks;

/**
 * Where the plan lies on paper: at 1:{@code scale}, with the plan's origin at a paper point.
 *
 * @param originX paper x of the plan's origin, in paper mm
 * @param originY paper y of the plan's origin, in paper mm, y down
 */
public record PaperFrame(double scale, double originX, double originY) {
    /** Refuses scales of zero or less. */
    public PaperFrame {
        Checks.positive("scale", scale);
    }

    /** The frame with the plan's origin at paper (0, 0). */
    public static PaperFrame atOrigin(double scale) {
        return new PaperFrame(scale, 0, 0);
    }

    /** From plan mm to paper mm. */
    public Affine toPaper() {
        return new Affine(1 / scale, 0, 0, -1 / scale, originX, originY);
    }

    /** A plan point on paper. */
    public Point paper(Point plan) {
        return new Point(originX + plan.x() / scale, originY - plan.y() / scale);
    }

    /** A paper point in the plan. */
    public Point plan(Point paper) {
        return new Point((paper.x() - originX) * scale, (originY - paper.y()) * scale);
    }

    /** A plan path on paper. */
    public Figure paper(Figure plan) {
        return plan.through(toPaper());
    }

    /** A plan surface on paper. */
    public Figure paper(Outline plan) {
        return paper(plan.path());
    }

    /** A plan box on paper. */
    public Box paper(Box plan) {
        var a = paper(new Point(plan.minX(), plan.maxY()));
        var b = paper(new Point(plan.maxX(), plan.minY()));
        return new Box(a.x(), a.y(), b.x(), b.y());
    }

    /** The frame in which a plan point lies where another lies in this one. */
    public PaperFrame holding(Point lies, Point plan) {
        var at = paper(lies);
        return new PaperFrame(scale, at.x() - plan.x() / scale, at.y() + plan.y() / scale);
    }

    /** So many paper mm as plan mm. */
    public double planMm(double paperMm) {
        return paperMm * scale;
    }
}
