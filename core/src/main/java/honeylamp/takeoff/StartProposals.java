package honeylamp.takeoff;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Position;
import honeylamp.takeoff.tiles.StartFinder;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where a finish that is laid in pieces is begun. */
public final class StartProposals {
    private static final int SHOWN = 2;

    private static final double BESIDE_MM = 20;

    /** Directions that differ by less, as the sine of the angle, are the same. */
    private static final double SQUARE = 1e-4;

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
     * From the widest opening of a room down to its floor: one piece lies in the middle of it, the first course along it
     * if it runs along or across the courses. Empty if the room has no such opening.
     */
    public static Optional<Position> fromThreshold(StoreyGeometry geometry, Room room, Laying laying, Finish finish) {
        return geometry.cuts().stream()
                .filter(c ->
                        c.level() == OpeningCut.Level.CUT && c.opening().sill().mm() <= 0)
                .flatMap(c -> Stream.of(c.left(), c.right().reversed()))
                .filter(face -> room.outline()
                        .contains(face.middle().plus(face.unit().left().times(BESIDE_MM))))
                .max(Comparator.comparingDouble(Segment::length))
                .map(face -> from(face, laying, finish));
    }

    /** The start for a face of an opening that has the room to its left. */
    private static Position from(Segment face, Laying laying, Finish finish) {
        var along = Point.direction(finish.directionDeg());
        var into = face.unit().left();
        var length = laying.length().mm();
        var width = laying.width().mm();
        var lies = Math.abs(into.dot(along.left()));
        if (lies > 1 - SQUARE) { // the courses run along the opening
            var up = into.dot(along.left()) > 0 ? 0 : -width;
            return Position.of(face.middle()
                    .plus(along.times(-length / 2))
                    .plus(along.left().times(up)));
        }
        if (lies < SQUARE) { // they run out of it
            var on = into.dot(along) > 0 ? 0 : -length;
            return Position.of(
                    face.middle().plus(along.times(on)).plus(along.left().times(-width / 2)));
        }
        return Position.of(face.middle());
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
