package honeylamp.derive.own;

import honeylamp.geometry.Point;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Position;
import honeylamp.plan.Stretch;
import honeylamp.plan.Stretch.Zone;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** An own piece made at a size: what stays, what grows and what is there several times. */
public final class OwnSize {
    private static final double SAME_MM = 1e-3;

    /** Nothing is there more often than this in one direction. */
    private static final int MOST_TIMES = 300;

    /** No part is there more often than this; what would be is there once and grows. */
    private static final int MOST_COPIES = 2000;

    /** A piece has no more parts than this, repeated ones among them. */
    private static final int MOST_PARTS = 6000;

    private final OwnPiece piece;
    private final Axis across;
    private final Axis deep;
    private final Axis up;

    private OwnSize(OwnPiece piece, Axis across, Axis deep, Axis up) {
        this.piece = piece;
        this.across = across;
        this.deep = deep;
        this.up = up;
    }

    /** A piece at a size in mm. */
    public static OwnSize of(OwnPiece piece, double widthMm, double depthMm, double heightMm) {
        return new OwnSize(
                piece,
                Axis.of(piece.across(), piece.width().mm(), widthMm),
                Axis.of(piece.deep(), piece.depth().mm(), depthMm),
                Axis.of(piece.up(), piece.height().mm(), heightMm));
    }

    /**
     * One direction.
     *
     * @param share how many times as long all is; used only where what stays has no room
     * @param times what repeats is there
     */
    private record Axis(Stretch stretch, double drawn, double made, double share, int times) {
        static Axis of(Stretch stretch, double drawn, double made) {
            var zone = zone(stretch);
            var left = made - (drawn - zone);
            if (left < Math.min(1, zone)) {
                return new Axis(stretch, drawn, made, made / drawn, 1);
            }
            var times = stretch.zone() == Zone.REPEATS ? (int) Math.clamp(Math.rint(left / zone), 1, MOST_TIMES) : 1;
            return new Axis(stretch, drawn, made, 0, times);
        }

        private static double zone(Stretch stretch) {
            return stretch.to().mm() - stretch.from().mm();
        }

        /** What the zone fills at the made size. */
        private double span() {
            return made - drawn + zone(stretch);
        }

        private double from() {
            return stretch.from().mm();
        }

        double at(double v) {
            if (share > 0) {
                return v * share;
            }
            return v <= from()
                    ? v
                    : v >= stretch.to().mm() ? v + made - drawn : from() + (v - from()) * span() / zone(stretch);
        }

        /** Where a place in the zone is the {@code i}th time. */
        double at(double v, int i) {
            var pitch = span() / times;
            return from() + i * pitch + (v - from()) * pitch / zone(stretch);
        }

        /** Where it was drawn. */
        double drawn(double v) {
            if (share > 0) {
                return v / share;
            }
            if (v <= from() || v >= from() + span()) {
                return v <= from() ? v : v - made + drawn;
            }
            var pitch = span() / times;
            return from() + (v - from()) % pitch * zone(stretch) / pitch;
        }

        /** How often what reaches from one place to another is there. */
        int times(double least, double most) {
            return share == 0
                            && least >= from() - SAME_MM
                            && most <= stretch.to().mm() + SAME_MM
                    ? times
                    : 1;
        }
    }

    /** All parts where they are at this size, the lowest drawn first. */
    public List<OwnPart> parts() {
        var out = new ArrayList<OwnPart>();
        for (var part : piece.parts()) {
            out.addAll(made(part, MOST_PARTS - out.size()));
        }
        return out;
    }

    private List<OwnPart> made(OwnPart part, int room) {
        var box = OwnLines.bounds(List.of(part));
        var wide = across.times(box.minX(), box.maxX());
        var back = deep.times(box.minY(), box.maxY());
        var high = up.times(part.bottom().mm(), part.top().mm());
        var isTooMany = (long) wide * back * high > Math.min(MOST_COPIES, Math.max(1, room));
        var many = isTooMany ? 1 : wide;
        var behind = isTooMany ? 1 : back;
        var over = isTooMany ? 1 : high;
        var out = new ArrayList<OwnPart>();
        for (var z = 0; z < over; z++) {
            for (var y = 0; y < behind; y++) {
                for (var x = 0; x < many; x++) {
                    var i = x;
                    var j = y;
                    out.add(lifted(
                            part,
                            over > 1 ? z : -1,
                            p -> new Point(
                                    many > 1 ? across.at(p.x(), i) : across.at(p.x()),
                                    behind > 1 ? deep.at(p.y(), j) : deep.at(p.y()))));
                }
            }
        }
        return out;
    }

    private OwnPart lifted(OwnPart part, int z, Function<Point, Point> there) {
        var bottom = z < 0 ? up.at(part.bottom().mm()) : up.at(part.bottom().mm(), z);
        var top = z < 0 ? up.at(part.top().mm()) : up.at(part.top().mm(), z);
        return part.with(copy -> copy.lines(
                        part.lines().stream().map(l -> moved(l, there)).toList())
                .bottom(Length.ofMm(bottom))
                .top(Length.ofMm(Math.max(bottom, top))));
    }

    /** A round line keeps its size; bows keep the angle they turn by. */
    private static OwnLine moved(OwnLine line, Function<Point, Point> there) {
        if (line.isRound()) {
            var box = OwnLines.bounds(line);
            var centre = box.centre();
            var shift = there.apply(centre).minus(centre);
            return line.withCorners(line.corners().stream()
                    .map(c -> c.withAt(Position.of(c.at().point().plus(shift))))
                    .toList());
        }
        var out = new ArrayList<OwnLine.Corner>();
        for (var i = 0; i < line.corners().size(); i++) {
            var corner = line.corners().get(i);
            var here = corner.at().point();
            var next = line.corners().get((i + 1) % line.corners().size()).at().point();
            var at = there.apply(here);
            var chord = here.distance(next);
            var bow = chord < SAME_MM ? corner.bow() : corner.bow().times(at.distance(there.apply(next)) / chord);
            out.add(corner.with(copy -> copy.at(Position.of(at)).bow(bow)));
        }
        return line.withCorners(out);
    }

    /** Where a point at this size was drawn: both in mm from the left front corner. */
    public Point drawn(Point made) {
        return new Point(across.drawn(made.x()), deep.drawn(made.y()));
    }
}
