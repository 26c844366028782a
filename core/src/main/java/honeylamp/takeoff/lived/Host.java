package honeylamp.takeoff.lived;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.List;

/** A piece with which small things go, in its own frame: x to the right, y to the back, in mm about its middle. */
final class Host {
    /** So far a cushion or a blanket may reach over the edge of what it lies on. */
    private static final double OVER_EDGE_MM = 30;

    final Furnishing piece;
    /** Half its width and half its depth. */
    final double w;

    final double d;
    private final Wishes wishes;
    private int made;

    Host(Furnishing piece, Wishes wishes) {
        this.piece = piece;
        this.w = piece.width().mm() / 2;
        this.d = piece.depth().mm() / 2;
        this.wishes = wishes;
    }

    /** A size of a small thing in mm. */
    record Size(double wide, double deep, double high) {}

    /** A place in the frame of the host. */
    record Spot(double x, double y, double turnDeg) {}

    /** Between 0 and 1 by chance, the same for the same piece. */
    double chance(int about) {
        return Seeds.unit(piece.id().seed(), 401, about);
    }

    /** One of several by chance. */
    <T> T oneOf(int about, List<T> all) {
        return all.get((int) (all.size() * chance(about)));
    }

    /** From some point of a stretch of the dial on, by chance. */
    double between(int about, double least, double most) {
        return least + (most - least) * chance(about);
    }

    /** The usual size of a kind. */
    static Size usual(String kind) {
        var of = Furnishings.of(kind).orElseThrow();
        return new Size(of.width().mm(), of.depth().mm(), of.height().mm());
    }

    /** Something of its usual size on its top. */
    void on(String kind, Spot spot, double from) {
        on(kind, usual(kind), spot, piece.top().mm(), from);
    }

    /** Something on it, so high above the floor; nothing if it is too small for that. */
    void on(String kind, Size size, Spot spot, double bottomMm, double from) {
        var there = Affine.turn(spot.turnDeg).then(Affine.move(spot.x, spot.y));
        var lies = new Box(-size.wide / 2, -size.deep / 2, size.wide / 2, size.deep / 2)
                .ring()
                .through(there);
        if (new Box(-w, -d, w, d).grown(OVER_EDGE_MM).contains(lies.bounds())) {
            wish(kind, size, bottomMm, from, Wish.On.PIECE, spot);
        }
    }

    /** Something on the floor, at the first of some places that is free. */
    void beside(String kind, Size size, double from, Spot... spots) {
        wish(kind, size, 0, from, Wish.On.FLOOR, spots);
    }

    private void wish(String kind, Size size, double bottomMm, double from, Wish.On on, Spot... spots) {
        var id = new FurnishingId(new Key.With(piece.id().key(), made++));
        wishes.add(new Wish(
                Arrays.stream(spots)
                        .map(spot -> at(id, kind, size, bottomMm, spot))
                        .toList(),
                from,
                on));
    }

    private Furnishing at(FurnishingId id, String kind, Size size, double bottomMm, Spot spot) {
        var placing = piece.placing();
        var at = placing.apply(new Point(spot.x, spot.y));
        var isMirrored = piece.sense() == Sense.MIRRORED;
        return new Furnishing(
                        id,
                        kind,
                        Length.ofMm(size.wide),
                        Length.ofMm(size.deep),
                        Length.ofMm(size.high),
                        Position.of(at),
                        piece.turnDeg() + (isMirrored ? -spot.turnDeg : spot.turnDeg))
                .withBottom(Length.ofMm(bottomMm));
    }
}
