package honeylamp.illustrate.paper;

import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.units.Checks;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A storey seen from straight above its middle by an eye not endlessly far: what the plan cuts lies where a plan has it, and
 * what lies below is smaller about the middle, by distance to the cut ÷ distance to it. So inner faces of walls that look
 * to the middle are seen, and all that is drawn of the cut stays true to scale.
 *
 * @param frame where what is cut lies on paper
 * @param middle the point below the eye, in plan mm
 * @param eyeMm how high the eye is above the cut
 * @param cutMm how high the cut is above the floor
 */
public record Depth(PaperFrame frame, Point middle, double eyeMm, double cutMm) {
    /** At full depth the eye is so high above the cut. */
    private static final double NEAREST_EYE_MM = 11_000;

    /** Sides of what stands up are so much darker than its top. */
    public static final double SIDE_DARKER = 0.10;

    /** Refuses an eye at or below the cut. */
    public Depth {
        Checks.positive("height of the eye", eyeMm);
    }

    /**
     * So much of all the depth there can be.
     *
     * @param amount more than 0, up to 1
     */
    static Depth of(PaperFrame frame, Point middle, double amount, double cutMm) {
        return new Depth(frame, middle, NEAREST_EYE_MM / amount, cutMm);
    }

    /** The depth of a view, about the middle of its building; none where there is no building or it is seen flat. */
    public static Optional<Depth> of(LaidView view, PaperFrame frame) {
        var geometry = view.storey().geometry();
        var amount = view.view().depth();
        return amount == 0
                ? Optional.empty()
                : geometry.shellBounds()
                        .map(box -> of(
                                frame,
                                box.centre(),
                                amount,
                                geometry.storey().levels().cut().mm()));
    }

    /** Where the plan lies on paper at a height above the floor; what is higher than the cut lies in it. */
    public PaperFrame at(double heightMm) {
        var below = Math.max(0, cutMm - heightMm);
        var share = eyeMm / (eyeMm + below);
        var fixed = frame.paper(middle);
        return new PaperFrame(
                frame.scale() / share,
                fixed.x() + (frame.originX() - fixed.x()) * share,
                fixed.y() + (frame.originY() - fixed.y()) * share);
    }

    /** What is seen on paper of something upright between two heights above the floor: its foot, its top and its sides. */
    public Ring body(Ring footprint, double fromMm, double toMm) {
        var low = at(fromMm);
        var high = at(toMm);
        return Regions.hull(Stream.concat(
                        footprint.corners().stream().map(low::paper),
                        footprint.corners().stream().map(high::paper))
                .toList());
    }

    /** Where a point at a height above the floor is seen, as the point of the cut it is seen at, all in plan mm. */
    public Point seenAt(Point plan, double heightMm) {
        var share = eyeMm / (eyeMm + Math.max(0, cutMm - heightMm));
        return middle.plus(plan.minus(middle).times(share));
    }

    /** Whether an upright face at a point that looks along a direction is seen. */
    public boolean sees(Point at, Point looks) {
        return middle.minus(at).dot(looks) > 0;
    }
}
