package honeylamp.derive.storeys;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where fittings are: each where what it goes with has it, those of a row evenly spread. Along a length L the so-many of a
 * row stand L/n apart, the first at L/2n, so that half a space is left at the ends.
 */
public final class FittingPlaces {
    /** So far before a wall lies the room that its side belongs to. */
    private static final double BESIDE_MM = 30;

    /** Nearer to a wall none of those spread over a room hangs. */
    private static final double LEAST_FROM_WALL_MM = 100;

    /** Less of a wall than this has no side. */
    private static final double LEAST_FACE_MM = 1;

    /** Thicker walls are none. */
    private static final double THICKEST_MM = 1_500;

    private FittingPlaces() {}

    /**
     * A fitting where it is; of a row one of them.
     *
     * @param nth of those of its row, from 0
     * @param at in plan mm: on the face of its wall, under its point of the ceiling, where it stands
     * @param heightMm above the floor
     * @param facingDeg of what is on a wall where its front looks, counter-clockwise from east: away from the wall; of
     *     what is elsewhere how far it is turned
     */
    public record Placed(Fitting fitting, int nth, Point at, double heightMm, double facingDeg) {
        /** A point before it, which lies in the room that it belongs to. */
        public Point before() {
            return isOnWall() ? at.plus(Point.direction(facingDeg).times(BESIDE_MM)) : at;
        }

        /** Whether it is fixed to the side of a wall. */
        public boolean isOnWall() {
            return fitting.on() instanceof Fitting.WallSide
                    || fitting.on() instanceof Fitting.AlongWall row
                            && row.away().equals(Length.ZERO);
        }
    }

    /** All fittings of a storey, in their order, those of rows one by one. */
    public static List<Placed> on(StoreyGeometry geometry) {
        return geometry.storey().fittings().stream()
                .flatMap(f -> of(geometry, f).stream())
                .toList();
    }

    /** Where a fitting is, or those of its row are; nowhere if what it goes with is not there. */
    public static List<Placed> of(StoreyGeometry geometry, Fitting fitting) {
        return switch (fitting.on()) {
            case Fitting.Ceiling(var at, var height) -> List.of(ceiling(geometry, fitting, 0, at.point(), height));
            case Fitting.Floor(var at, var height) ->
                List.of(new Placed(fitting, 0, at.point(), height.mm(), fitting.turnDeg()));
            case Fitting.WallSide side ->
                onWall(
                                geometry,
                                fitting,
                                0,
                                side.wall(),
                                side.side().sign(),
                                side.along().mm(),
                                0)
                        .stream()
                        .map(p -> raised(p, side.height().mm()))
                        .toList();
            case Fitting.Piece on ->
                piece(geometry, on.piece()).stream()
                        .map(f -> onPiece(
                                f, fitting, 0, on.at().point(), on.above().mm()))
                        .toList();
            case Fitting.InRoom rows -> inRoom(geometry, fitting, rows);
            case Fitting.AlongWall row -> alongWall(geometry, fitting, row);
            case Fitting.AlongPiece row ->
                piece(geometry, row.piece()).stream()
                        .flatMap(f -> spread(row.count(), f.width().mm())
                                .mapToObj(i -> onPiece(
                                        f,
                                        fitting,
                                        i,
                                        new Point(
                                                even(i, row.count(), f.width().mm())
                                                        - f.width().mm() / 2,
                                                -row.before().mm()),
                                        row.above().mm())))
                        .toList();
            case Fitting.Ring ring -> ring(geometry, fitting, ring);
        };
    }

    /** Where the so-manieth of n along a length is, from 0: half a space is left at the ends. */
    public static double even(int nth, int n, double length) {
        return (nth + 0.5) * length / n;
    }

    private static IntStream spread(int count, double length) {
        return length > LEAST_FACE_MM ? IntStream.range(0, count) : IntStream.empty();
    }

    private static Placed raised(Placed placed, double heightMm) {
        return new Placed(placed.fitting, placed.nth, placed.at, heightMm, placed.facingDeg);
    }

    private static Placed ceiling(
            StoreyGeometry geometry, Fitting fitting, int nth, Point at, Optional<Length> height) {
        return new Placed(
                fitting,
                nth,
                at,
                height.orElseGet(() -> geometry.clearHeightAt(at)).mm(),
                fitting.turnDeg());
    }

    private static Optional<Furnishing> piece(StoreyGeometry geometry, FurnishingId id) {
        return geometry.storey().elements().find(Furnishing.class, id);
    }

    private static Placed onPiece(Furnishing piece, Fitting fitting, int nth, Point local, double aboveMm) {
        return new Placed(
                fitting,
                nth,
                piece.placing().apply(local),
                Math.max(0, piece.top().mm() + aboveMm),
                piece.turnDeg() + fitting.turnDeg());
    }

    /** On the side of a wall, or so far before it; nowhere where the wall has no such side. */
    private static Optional<Placed> onWall(
            StoreyGeometry geometry, Fitting fitting, int nth, WallId id, int side, double alongMm, double awayMm) {
        var wall = geometry.storey().wall(id);
        if (wall.isEmpty()) {
            return Optional.empty();
        }
        var line = wall.get().line();
        var on = line.at(Math.clamp(alongMm, 0, line.length()));
        return geometry.pieces(id).stream()
                .map(p -> face(p, side))
                .filter(f -> f.length() > LEAST_FACE_MM)
                .min(Comparator.comparingDouble(f -> f.distance(on)))
                .map(f -> {
                    var along = Math.clamp(f.along(on), 0, f.length());
                    var out = f.unitAt(along).left().times(side);
                    // what is on the ceiling before a wall shines at the wall
                    var facing = awayMm == 0 ? out.angleDeg() : out.angleDeg() + 90;
                    return new Placed(fitting, nth, f.at(along).plus(out.times(awayMm)), 0, facing);
                });
    }

    private static Curve face(WallPiece piece, int side) {
        return side > 0 ? piece.leftFace() : piece.rightFace();
    }

    private static List<Placed> alongWall(StoreyGeometry geometry, Fitting fitting, Fitting.AlongWall row) {
        var stretch = stretch(geometry, row);
        if (stretch.isEmpty()) {
            return List.of();
        }
        var from = stretch.get().fromMm;
        var length = stretch.get().toMm - from;
        return spread(row.count(), length)
                .boxed()
                .flatMap(i -> onWall(
                        geometry,
                        fitting,
                        i,
                        row.wall(),
                        row.side().sign(),
                        from + even(i, row.count(), length),
                        row.away().mm())
                        .stream())
                .map(p -> raised(
                        p,
                        row.height()
                                .orElseGet(() -> geometry.clearHeightAt(p.before()))
                                .mm()))
                .toList();
    }

    /** From so far to so far along a wall, in mm from its first end. */
    public record Stretch(double fromMm, double toMm) {}

    /** The stretch of a side of a wall that a row is spread along: what of it its room sees, or all. */
    public static Optional<Stretch> stretch(StoreyGeometry geometry, Fitting.AlongWall row) {
        var wall = geometry.storey().wall(row.wall());
        if (wall.isEmpty()) {
            return Optional.empty();
        }
        var line = wall.get().line();
        var sign = row.side().sign();
        var ends = geometry.pieces(row.wall()).stream()
                .map(p -> face(p, sign))
                .filter(f -> f.length() > LEAST_FACE_MM)
                .filter(f -> row.room().isEmpty()
                        || marked(geometry, f.shiftedLeft(sign * BESIDE_MM).middle())
                                .equals(row.room()))
                .flatMap(f -> Stream.of(line.along(f.a()), line.along(f.b())))
                .sorted()
                .toList();
        return ends.isEmpty() ? Optional.empty() : Optional.of(new Stretch(ends.getFirst(), ends.getLast()));
    }

    private static Optional<RoomId> marked(StoreyGeometry geometry, Point p) {
        return geometry.roomAt(p).flatMap(Room::mark).map(m -> m.id());
    }

    /** Rows over the box around the room as they run; those that would be outside the room or at its walls are left out. */
    private static List<Placed> inRoom(StoreyGeometry geometry, Fitting fitting, Fitting.InRoom rows) {
        var room = geometry.room(rows.room());
        if (room.isEmpty()) {
            return List.of();
        }
        var outline = room.get().outline();
        var turn = Affine.turn(fitting.turnDeg());
        var box = outline.through(turn.inverse()).bounds();
        var out = new ArrayList<Placed>();
        for (var row = 0; row < rows.rows(); row++) {
            for (var i = 0; i < rows.across(); i++) {
                var at = turn.apply(inBox(box, rows, i, row));
                if (outline.contains(at) && outline.edgeDistance(at) >= LEAST_FROM_WALL_MM) {
                    out.add(ceiling(geometry, fitting, out.size(), at, rows.height()));
                }
            }
        }
        return out;
    }

    private static Point inBox(Box box, Fitting.InRoom rows, int across, int row) {
        return new Point(
                box.minX() + even(across, rows.across(), box.width()),
                box.minY() + even(row, rows.rows(), box.height()));
    }

    private static List<Placed> ring(StoreyGeometry geometry, Fitting fitting, Fitting.Ring ring) {
        return IntStream.range(0, ring.count())
                .mapToObj(i -> {
                    var way = Point.direction(fitting.turnDeg() + 360.0 * i / ring.count());
                    var at = ring.at().point().plus(way.times(ring.radius().mm()));
                    return ceiling(geometry, fitting, i, at, ring.height());
                })
                .toList();
    }

    /** The room that fittings belong to: the one before the first of them. */
    public static Optional<Room> room(StoreyGeometry geometry, Fitting fitting) {
        return of(geometry, fitting).stream().findFirst().flatMap(p -> geometry.roomAt(p.before()));
    }

    /** Whether a fitting, or one of its row, may lie within reach of a point: told without working out where it is. */
    public static boolean mayLieNear(StoreyGeometry geometry, Fitting fitting, Point p, double reachMm) {
        var storey = geometry.storey();
        return switch (fitting.on()) {
            case Fitting.Ceiling(var at, var _) -> at.point().distance(p) <= reachMm;
            case Fitting.Floor(var at, var _) -> at.point().distance(p) <= reachMm;
            case Fitting.Ring ring ->
                ring.at().point().distance(p) <= reachMm + ring.radius().mm();
            case Fitting.WallSide side ->
                storey.wall(side.wall())
                        .map(Wall::line)
                        .filter(line -> line.at(Math.clamp(side.along().mm(), 0, line.length()))
                                        .distance(p)
                                <= reachMm + THICKEST_MM)
                        .isPresent();
            case Fitting.AlongWall row ->
                storey.wall(row.wall())
                        .filter(w -> w.line().distance(p)
                                <= reachMm + THICKEST_MM + row.away().mm())
                        .isPresent();
            case Fitting.Piece on ->
                piece(geometry, on.piece())
                        .filter(f -> f.at().point().distance(p)
                                <= reachMm + on.at().point().length())
                        .isPresent();
            case Fitting.AlongPiece row ->
                piece(geometry, row.piece())
                        .filter(f -> f.at().point().distance(p)
                                <= reachMm
                                        + f.width().mm()
                                        + Math.abs(row.before().mm()))
                        .isPresent();
            case Fitting.InRoom rows -> marked(geometry, p).equals(Optional.of(rows.room()));
        };
    }
}
