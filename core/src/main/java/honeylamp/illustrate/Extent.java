package honeylamp.illustrate;

import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.geometry.Box;
import honeylamp.illustrate.elevation.ElevationArt;
import honeylamp.illustrate.pen.PaperRoom;
import honeylamp.illustrate.raised.RaisedArt;
import honeylamp.illustrate.raised.SquareWords;
import honeylamp.illustrate.words.AxisArt;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Raised;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Side;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a view takes up.
 *
 * @param planMm of what is drawn, in plan mm
 * @param paper what its dimensions need around it
 */
public record Extent(Box planMm, PaperRoom paper) {
    /** As much as its dimensions need on each side, if they are shared evenly, in paper mm. */
    public double marginMm() {
        return Math.max(paper.across(), paper.up()) / 2;
    }

    /** What both take, laid one over the other. */
    public Extent with(Extent other) {
        return new Extent(planMm.union(other.planMm), paper.with(other.paper));
    }

    /** The extent of a view; empty if there is nothing to see. */
    public static Optional<Extent> of(LaidView view) {
        if (view.view().subject() instanceof View.Subject.Front front) {
            return ElevationArt.extentMm(view, front).map(box -> new Extent(box, ElevationArt.ROOM));
        }
        if (view.view().subject() instanceof Raised raised) {
            return RaisedArt.extentMm(view, raised).map(box -> new Extent(box, SquareWords.room(view, raised)));
        }
        if (view.crop().isPresent()) {
            return view.crop().map(box -> new Extent(box, PaperRoom.around(0)));
        }
        var geometry = view.storey().geometry();
        var sides = TierPlaces.all(view);
        var grounds = geometry.storey().grounds().stream().map(g -> g.ring().bounds());
        var around =
                Stream.concat(grounds, TierPlaces.keptClear(geometry).stream()).reduce(Box::union);
        if (sides.isEmpty()) {
            return around.map(box -> new Extent(box, PaperRoom.around(0)));
        }
        var building = TierPlaces.occupied(view, sides);
        return Optional.of(new Extent(around.map(building::union).orElse(building), tierRoom(view, sides)));
    }

    /** What tiers take on each side, more beside slanted faces, and more above and left for the rings of axes. */
    private static PaperRoom tierRoom(LaidView view, List<SideTiers> sides) {
        return new PaperRoom(
                withRings(view, roomMm(view, sides, Side.WEST)),
                roomMm(view, sides, Side.EAST),
                withRings(view, roomMm(view, sides, Side.NORTH)),
                roomMm(view, sides, Side.SOUTH));
    }

    private static double roomMm(LaidView view, List<SideTiers> sides, Side side) {
        var text = view.look().drafting().of(TextRole.DIMENSION);
        return view.view().seen().shows(Kind.DIMENSIONS)
                ? TierPlaces.usualRoomMm(view, sides, side, text) + TierPlaces.slantedRoomMm(view, side, text)
                : 0;
    }

    private static double withRings(LaidView view, double tiersMm) {
        return AxisArt.isSeen(view) ? Math.max(AxisArt.LEAST_MM, tiersMm) + AxisArt.ROOM_MM : tiersMm;
    }
}
