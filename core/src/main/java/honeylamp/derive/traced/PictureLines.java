package honeylamp.derive.traced;

import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Underlay;
import honeylamp.underlay.LineFinder;
import honeylamp.underlay.LineFinder.Catch;
import honeylamp.underlay.TracedPicture;
import java.util.Optional;

/** What a pointer catches of the lines in pictures to trace. */
public interface PictureLines {
    /** No picture, or none whose lines are wanted. */
    PictureLines NONE = (_, _) -> Optional.empty();

    /** The angle at which a line still cuts a ray well enough, as a sine. */
    double LEAST_SINE = 0.3;

    /**
     * A caught line.
     *
     * @param way the line as far as it was seen, in plan mm
     */
    record Line(Snap snap, Segment way) {}

    /** The line nearest to a point of the plan, within a reach in plan mm. */
    Optional<Line> near(Point plan, double reachMm);

    /** What a point catches. */
    default Optional<Snap> at(Point plan, double reachMm) {
        return near(plan, reachMm).map(Line::snap);
    }

    /** Where a ray meets a line of the picture near a point; only if it cuts it well. */
    default Optional<Snap> onRay(Point origin, Point unit, Point plan, double reachMm) {
        return near(plan, reachMm)
                .filter(l -> Math.abs(l.way.unit().cross(unit)) > LEAST_SINE)
                .flatMap(l -> new Segment(origin, origin.plus(unit))
                        .lineCrossing(l.way)
                        .filter(c -> c.distance(plan) <= reachMm && c.distance(origin) > 1)
                        .map(c -> Snap.of(
                                c,
                                l.snap.caught() == Caught.PICTURE_CROSSING ? Caught.PICTURE_LINE : l.snap.caught())));
    }

    /** The lines of one picture. */
    static PictureLines of(Underlay underlay, TracedPicture picture) {
        var toPlan = underlay.toPlan();
        var toPixels = toPlan.inverse();
        return (plan, reachMm) -> {
            var px = toPixels.apply(plan);
            if (!underlay.shownPx().contains(px)) {
                return Optional.empty();
            }
            var reachPx = reachMm * toPixels.near(plan).lengthScale();
            return LineFinder.nearest(picture, px, reachPx).map(c -> {
                var way = new Segment(
                        toPlan.apply(c.way().a()), toPlan.apply(c.way().b()));
                return new Line(Snap.of(toPlan.apply(c.at()), word(c)), way);
            });
        };
    }

    private static Caught word(Catch found) {
        return switch (found.found()) {
            case LINE -> Caught.PICTURE_LINE;
            case CROSSING -> Caught.PICTURE_CROSSING;
            case FACE -> Caught.PICTURE_FACE;
        };
    }
}
