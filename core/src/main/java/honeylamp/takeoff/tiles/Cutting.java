package honeylamp.takeoff.tiles;

import honeylamp.catalogue.pattern.Pieces;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Laying;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.List;

/**
 * A laying cut to a surface.
 *
 * @param whole pieces that are not cut, in no order
 * @param cut pieces of which a part is left
 * @param areaMm2 of all that lies on the surface, dust too; the rest is joint
 */
public record Cutting(List<Whole> whole, List<Cut> cut, double areaMm2) {
    /** What is less than this, in mm², is dust: so little left makes no piece, so little missing makes no cut. */
    public static final double DUST_MM2 = 1;

    /** A piece that is not cut. */
    public record Whole(int format, double areaMm2) {}

    /**
     * A piece of which a part is left.
     *
     * @param areaMm2 of what is left
     * @param ofMm2 of the whole piece
     * @param widthMm of the box around what is left, along the first side of a four-cornered piece, else along the courses
     * @param heightMm across that
     * @param wholeWidthMm of the box around the whole piece
     * @param middle of what is left, in the frame of the surface
     * @param along the first side of the piece, one long, in that frame
     */
    public record Cut(
            int format,
            double areaMm2,
            double ofMm2,
            double widthMm,
            double heightMm,
            double wholeWidthMm,
            double wholeHeightMm,
            Point middle,
            Point along) {
        /** Whether it is more than half a piece. */
        public boolean isLarge() {
            return areaMm2 > ofMm2 / 2 + DUST_MM2;
        }

        /** Whether the whole piece is an oblong. */
        public boolean isOfOblong() {
            return ofMm2 >= wholeWidthMm * wholeHeightMm - DUST_MM2;
        }

        private Cut through(Affine map) {
            var there = map.apply(middle);
            return new Cut(
                    format,
                    areaMm2,
                    ofMm2,
                    widthMm,
                    heightMm,
                    wholeWidthMm,
                    wholeHeightMm,
                    there,
                    map.apply(middle.plus(along)).minus(there));
        }

        /** Its smaller side, as a share of that side of the whole piece. */
        public double leastShare() {
            return Math.min(widthMm / wholeWidthMm, heightMm / wholeHeightMm);
        }

        /** That side, in mm. */
        public double leastSideMm() {
            return widthMm / wholeWidthMm < heightMm / wholeHeightMm ? widthMm : heightMm;
        }
    }

    /** Freezes the lists. */
    public Cutting {
        whole = List.copyOf(whole);
        cut = List.copyOf(cut);
    }

    /**
     * Lays and cuts.
     *
     * @param surface in the frame of the surface, mm
     * @param directionDeg of the courses in that frame
     * @param start the corner of the first piece in that frame
     * @param seed of what chance places, as in the picture
     */
    public static Cutting of(List<Outline> surface, Laying laying, double directionDeg, Position start, long seed) {
        var laid = Affine.turn(directionDeg)
                .then(Affine.move(start.x().mm(), start.y().mm()));
        var toLaying = laid.inverse();
        var laidOut = of(surface.stream().map(o -> o.through(toLaying)).toList(), laying, seed);
        return new Cutting(
                laidOut.whole, laidOut.cut.stream().map(c -> c.through(laid)).toList(), laidOut.areaMm2);
    }

    /** Lays and cuts on a surface that is given in the frame of the laying. */
    static Cutting of(List<Outline> surface, Laying laying, long seed) {
        return surface.isEmpty()
                ? new Cutting(List.of(), List.of(), 0)
                : of(new CutSurface(surface, Pieces.reachMm(laying)), laying, Point.ORIGIN, seed);
    }

    /** The same where the laying is moved on its surface. */
    static Cutting of(CutSurface surface, Laying laying, Point start, long seed) {
        var bounds = surface.bounds();
        var cover = new Box(
                bounds.minX() - start.x(),
                bounds.minY() - start.y(),
                bounds.maxX() - start.x(),
                bounds.maxY() - start.y());
        var there = Affine.move(start.x(), start.y());
        var whole = new ArrayList<Whole>();
        var cut = new ArrayList<Cut>();
        var sum = 0.0;
        for (var piece : Pieces.of(laying, cover, seed)) {
            var ring = start.equals(Point.ORIGIN) ? piece.ring() : piece.ring().through(there);
            var area = piece.areaMm2();
            var within = surface.within(ring, area);
            sum += within.areaMm2();
            if (within.areaMm2() >= area - DUST_MM2) {
                whole.add(new Whole(piece.format(), area));
            } else if (within.areaMm2() > DUST_MM2) {
                cut.add(cut(ring.corners(), piece.format(), area, within));
            }
        }
        return new Cutting(whole, cut, sum);
    }

    private static Cut cut(List<Point> corners, int format, double area, CutSurface.Within within) {
        var along = corners.size() == 4 ? corners.get(1).minus(corners.get(0)).unit() : new Point(1, 0);
        var across = along.left();
        return new Cut(
                format,
                within.areaMm2(),
                area,
                extent(within.corners(), along),
                extent(within.corners(), across),
                extent(corners, along),
                extent(corners, across),
                middle(within.corners()),
                along);
    }

    /** The mean of the corners: within every piece without hollows, which one cut through a tile leaves. */
    private static Point middle(List<Point> corners) {
        var sum = Point.ORIGIN;
        for (var c : corners) {
            sum = sum.plus(c);
        }
        return sum.times(1.0 / corners.size());
    }

    private static double extent(List<Point> points, Point way) {
        var least = Double.POSITIVE_INFINITY;
        var most = Double.NEGATIVE_INFINITY;
        for (var p : points) {
            var at = p.dot(way);
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        return most - least;
    }
}
