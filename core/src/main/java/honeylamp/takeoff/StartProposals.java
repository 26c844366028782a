package honeylamp.takeoff;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Position;
import honeylamp.takeoff.tiles.StartFinder;
import java.util.List;

/** Where a finish that is laid in pieces is begun. */
public final class StartProposals {
    private static final int SHOWN = 2;

    private StartProposals() {}

    /** A place to begin at, in the frame of the surface, and what it takes. */
    public record Proposal(Position start, TileCount count) {}

    /**
     * The two best places: no piece cut too small if that can be, then the fewest cuts, then the largest. Nothing is
     * changed.
     *
     * @param leastShare a cut piece with a smaller side than this share of a whole one's is too small
     * @return none for what is laid by chance, in one piece, or in too many to count
     */
    public static List<Proposal> of(List<Outline> surface, Laying laying, Finish finish, double leastShare, long seed) {
        if (!TileCount.isCountable(surface, laying)) {
            return List.of();
        }
        return StartFinder.best(surface, laying, finish.directionDeg(), leastShare, seed, SHOWN).stream()
                .map(b -> new Proposal(b.start(), TileCount.of(surface, laying, b.cutting())))
                .toList();
    }

    /**
     * In the middle of a surface.
     *
     * @param along how the pieces lie along the courses
     * @param across how they lie across them
     */
    public record Centred(Position start, EdgePieces along, EdgePieces across) {}

    /**
     * Begun so that both ends are alike along the courses and across: with a piece or a joint in the middle, whichever
     * leaves the larger end pieces.
     */
    public static Centred centred(List<Outline> surface, Laying laying, Finish finish) {
        var turned = Affine.turn(finish.directionDeg());
        var box = surface.stream()
                .map(o -> o.through(turned.inverse()).bounds())
                .reduce(Box::union)
                .orElseThrow();
        var joint = laying.joint().mm();
        var along = EdgePieces.best(box.width(), laying.length().mm(), joint);
        var across = EdgePieces.best(box.height(), laying.width().mm(), joint);
        var start = new Point(
                box.centre().x() + shift(along, laying.length().mm(), joint),
                box.centre().y() + shift(across, laying.width().mm(), joint));
        return new Centred(Position.of(turned.apply(start)), along, across);
    }

    /** From the middle to the corner of the piece that lies on it, or of the one after the joint. */
    private static double shift(EdgePieces pieces, double piece, double joint) {
        return pieces.middle() == EdgePieces.Middle.PIECE ? -piece / 2 : joint / 2;
    }
}
