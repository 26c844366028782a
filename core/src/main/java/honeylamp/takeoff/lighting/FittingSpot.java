package honeylamp.takeoff.lighting;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Stand;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where a fitting goes that is pointed to a place: onto the nearest side of a wall, onto or over the piece there, onto the
 * ceiling or the floor.
 *
 * @param caught what it caught, in the word people see; empty if nothing
 */
public record FittingSpot(Fitting.On on, String caught) {
    /** Farther from a wall than this nothing is meant for it. */
    private static final double WALL_REACH_MM = 2_000;

    /** So far from a jamb a switch usually is. */
    private static final double FROM_JAMB_MM = 150;

    /** Nothing is fixed nearer to the edge of an opening. */
    private static final double LEAST_FROM_JAMB_MM = 60;

    /** Tops lower than this are sat or lain on: nothing hangs over them, and no lamp stands there. */
    private static final double LEAST_TOP_MM = 350;

    private static final double HIGHEST_TABLE_MM = 1_000;

    /**
     * A fitting of a kind at a place.
     *
     * @param height typed by a person; empty for the usual one
     * @param reachMm so near to a place that fits especially well it goes there; 0 for just where it is pointed
     * @return empty if there is nothing there that it could be fixed to
     */
    public static Optional<FittingSpot> at(
            StoreyGeometry geometry,
            FittingKind kind,
            Point p,
            Optional<Length> height,
            double reachMm,
            UnitSystem units) {
        return switch (kind.mount()) {
            case WALL -> onWall(geometry, kind, p, height, reachMm, units);
            case CEILING -> Optional.of(onCeiling(geometry, kind, p, height, reachMm, units));
            case PIECE -> Optional.of(onPiece(geometry, kind, p, height, units));
            case FLOOR ->
                Optional.of(new FittingSpot(
                        new Fitting.Floor(
                                Position.of(p),
                                height.or(() -> Fittings.height(kind, units)).orElse(Length.ZERO)),
                        ""));
        };
    }

    private static FittingSpot onCeiling(
            StoreyGeometry geometry,
            FittingKind kind,
            Point p,
            Optional<Length> height,
            double reachMm,
            UnitSystem units) {
        if (kind == FittingKind.PENDANT) {
            var over = table(geometry, p);
            if (over.isPresent()) {
                return overPiece(over.get(), p, height, reachMm, units);
            }
        }
        var middle = geometry.roomAt(p).map(r -> r.outline().bounds().centre()).filter(c -> c.distance(p) <= reachMm);
        var hangs = height.or(() -> Fittings.height(kind, units));
        if (middle.isPresent()) {
            return new FittingSpot(new Fitting.Ceiling(Position.of(middle.get()), hangs), "middle of the room");
        }
        var others = onCeiling(geometry, p);
        var x = nearest(others.stream().map(Point::x), p.x(), reachMm);
        var y = nearest(others.stream().map(Point::y), p.y(), reachMm);
        var at = new Point(x.orElse(p.x()), y.orElse(p.y()));
        return new FittingSpot(
                new Fitting.Ceiling(Position.of(at), hangs), x.isPresent() || y.isPresent() ? "in line" : "");
    }

    /** Where single ones on ceilings are, and those of rows over the room at a point. */
    private static List<Point> onCeiling(StoreyGeometry geometry, Point p) {
        var room = geometry.roomAt(p).flatMap(Room::mark).map(RoomMark::id);
        return geometry.storey().fittings().stream()
                .flatMap(f -> switch (f.on()) {
                    case Fitting.Ceiling(var at, var _) -> Stream.of(at.point());
                    case Fitting.InRoom rows
                    when room.filter(rows.room()::equals).isPresent() ->
                        FittingPlaces.of(geometry, f).stream().map(FittingPlaces.Placed::at);
                    case Fitting.InRoom _,
                            Fitting.Ring _,
                            Fitting.AlongWall _,
                            Fitting.AlongPiece _,
                            Fitting.Piece _,
                            Fitting.WallSide _,
                            Fitting.Floor _ -> Stream.<Point>of();
                })
                .toList();
    }

    private static Optional<Double> nearest(Stream<Double> of, double to, double reachMm) {
        return of.filter(v -> Math.abs(v - to) <= reachMm).min(Comparator.comparingDouble(v -> Math.abs(v - to)));
    }

    private static FittingSpot overPiece(
            Furnishing piece, Point p, Optional<Length> height, double reachMm, UnitSystem units) {
        var above = height.map(h -> h.minus(piece.top())).orElseGet(() -> Fittings.overTable(units));
        var isMiddle = piece.at().point().distance(p) <= Math.max(reachMm, 1);
        var local = isMiddle ? Point.ORIGIN : piece.placing().inverse().apply(p);
        return new FittingSpot(
                new Fitting.Piece(piece.id(), Position.of(local), above), isMiddle ? "middle of the piece" : "");
    }

    private static FittingSpot onPiece(
            StoreyGeometry geometry, FittingKind kind, Point p, Optional<Length> height, UnitSystem units) {
        var above = height.or(() -> Fittings.height(kind, units)).orElse(Length.ZERO);
        return top(geometry, p)
                .map(f -> new FittingSpot(
                        new Fitting.Piece(
                                f.id(), Position.of(f.placing().inverse().apply(p)), above),
                        "on " + Furnishings.label(f).toLowerCase(Locale.ROOT)))
                .orElseGet(() -> new FittingSpot(new Fitting.Floor(Position.of(p), above), ""));
    }

    /** The highest piece at a point on which something can stand. */
    private static Optional<Furnishing> top(StoreyGeometry geometry, Point p) {
        return at(geometry, p).filter(f -> f.top().mm() >= LEAST_TOP_MM).max(Comparator.comparing(Furnishing::top));
    }

    /** The table, counter or other top at a point that something hangs over. */
    private static Optional<Furnishing> table(StoreyGeometry geometry, Point p) {
        return at(geometry, p)
                .filter(f -> f.top().mm() >= LEAST_TOP_MM && f.top().mm() <= HIGHEST_TABLE_MM)
                .filter(f ->
                        Furnishings.of(f).filter(k -> k.stand() != Stand.ON_TOP).isPresent())
                .max(Comparator.comparing(f -> f.width().mm() * f.depth().mm()));
    }

    private static Stream<Furnishing> at(StoreyGeometry geometry, Point p) {
        return geometry.storey().furnishings().stream()
                .filter(f -> Picking.footprint(f).contains(p));
    }

    /**
     * The piece along which a row goes that is pointed to a place: the largest there.
     */
    public static Optional<Furnishing> along(StoreyGeometry geometry, Point p) {
        return at(geometry, p)
                .max(Comparator.comparing(f -> f.width().mm() * f.depth().mm()));
    }

    /** A side of a wall, and the place on it nearest to a point. */
    public record NearWall(Wall wall, Swing side, Curve face, double alongMm) {
        /** The stretch of the side that is seen there, in mm along the wall's line. */
        List<Double> ends() {
            return Stream.of(face.a(), face.b())
                    .map(p -> wall.line().along(p))
                    .sorted()
                    .toList();
        }
    }

    /** The side of a wall nearest to a place, seen from there. */
    public static Optional<NearWall> wall(StoreyGeometry geometry, Point p) {
        return geometry.network().near(p, WALL_REACH_MM).stream()
                .flatMap(piece -> Stream.of(Swing.LEFT, Swing.RIGHT).flatMap(side -> faced(piece, side, p).stream()))
                .min(Comparator.comparingDouble(w -> w.face.distance(p)));
    }

    /** A face, if one who stands at a point sees it, or stands in the wall. */
    private static Optional<NearWall> faced(WallPiece piece, Swing side, Point p) {
        var face = side == Swing.LEFT ? piece.leftFace() : piece.rightFace();
        if (face.length() <= 1) {
            return Optional.empty();
        }
        var wall = piece.wall();
        var isBefore = face.offset(p) * side.sign() >= 0;
        return isBefore || piece.body().contains(p)
                ? Optional.of(new NearWall(wall, side, face, wall.line().along(face.nearest(p))))
                : Optional.empty();
    }

    private static Optional<FittingSpot> onWall(
            StoreyGeometry geometry,
            FittingKind kind,
            Point p,
            Optional<Length> height,
            double reachMm,
            UnitSystem units) {
        return wall(geometry, p).map(near -> {
            var up = height.or(() -> Fittings.height(kind, units)).orElse(Length.ZERO);
            var clear = clear(geometry, near, up);
            var caught = kind.isSwitch() ? jamb(geometry, near, clear, reachMm) : Optional.<Double>empty();
            var middle = near.ends().stream().mapToDouble(d -> d).average().orElse(0);
            if (caught.isPresent()) {
                return spot(near, caught.get(), up, "beside the jamb");
            }
            return Math.abs(middle - clear) <= reachMm && clear(geometry, near, up, middle) == middle
                    ? spot(near, middle, up, "middle of the wall")
                    : spot(near, clear, up, "");
        });
    }

    private static FittingSpot spot(NearWall near, double alongMm, Length up, String caught) {
        return new FittingSpot(
                new Fitting.WallSide(near.wall.id(), near.side, Length.ofMm(Math.rint(alongMm * 1e3) / 1e3), up),
                caught);
    }

    private static Optional<Double> jamb(StoreyGeometry geometry, NearWall near, double alongMm, double reachMm) {
        var ends = near.ends();
        return geometry.storey().openingsIn(near.wall.id()).stream()
                .flatMap(o -> Stream.of(o.offset().mm() - FROM_JAMB_MM, o.end().mm() + FROM_JAMB_MM))
                .filter(at -> Math.abs(at - alongMm) <= reachMm && at > ends.getFirst() && at < ends.getLast())
                .min(Comparator.comparingDouble(at -> Math.abs(at - alongMm)));
    }

    private static double clear(StoreyGeometry geometry, NearWall near, Length up) {
        return clear(geometry, near, up, near.alongMm);
    }

    /** Beside an opening that is there at its height, as near as can be to a place along the wall. */
    private static double clear(StoreyGeometry geometry, NearWall near, Length up, double alongMm) {
        return geometry.storey().openingsIn(near.wall.id()).stream()
                .filter(o -> o.sill().compareTo(up) < 0 && o.head().compareTo(up) > 0)
                .filter(o -> alongMm > o.offset().mm() - LEAST_FROM_JAMB_MM
                        && alongMm < o.end().mm() + LEAST_FROM_JAMB_MM)
                .findFirst()
                .map(o -> alongMm < o.middleMm() ? beside(o, -1) : beside(o, 1))
                .orElse(alongMm);
    }

    private static double beside(Opening opening, int side) {
        return side < 0
                ? opening.offset().mm() - LEAST_FROM_JAMB_MM
                : opening.end().mm() + LEAST_FROM_JAMB_MM;
    }

    /** The room that a row goes into that is pointed to a place, if somebody said something of it. */
    public static Optional<Room> room(StoreyGeometry geometry, Point p) {
        return geometry.roomAt(p).filter(r -> r.mark().isPresent());
    }

    /**
     * A fitting moved to a place: what is on a wall to the nearest side of one, at the height it has; what is on a piece
     * stays on it; all else just there.
     */
    public static Fitting moved(StoreyGeometry geometry, Fitting fitting, Point to, double reachMm, UnitSystem units) {
        return switch (fitting.on()) {
            case Fitting.WallSide side ->
                onWall(geometry, fitting.kind(), to, Optional.of(side.height()), reachMm, units)
                        .map(spot -> fitting.withOn(spot.on()))
                        .orElse(fitting);
            case Fitting.Ceiling on -> {
                var spot = onCeiling(geometry, FittingKind.CEILING_LIGHT, to, Optional.empty(), reachMm, units);
                yield spot.on() instanceof Fitting.Ceiling(var at, var _)
                        ? fitting.withOn(new Fitting.Ceiling(at, on.height()))
                        : fitting;
            }
            case Fitting.Floor on -> fitting.withOn(new Fitting.Floor(Position.of(to), on.height()));
            case Fitting.Ring ring ->
                fitting.withOn(new Fitting.Ring(Position.of(to), ring.radius(), ring.count(), ring.height()));
            case Fitting.Piece on ->
                geometry.storey()
                        .elements()
                        .find(Furnishing.class, on.piece())
                        .map(f -> fitting.withOn(new Fitting.Piece(
                                f.id(), Position.of(f.placing().inverse().apply(to)), on.above())))
                        .orElse(fitting);
            case Fitting.InRoom _, Fitting.AlongWall _, Fitting.AlongPiece _ -> fitting;
        };
    }

    /** What is on a wall so far from the left end of the side that is seen there; others stay. */
    public static Fitting fromLeft(StoreyGeometry geometry, Fitting fitting, Length left) {
        return fitting.on() instanceof Fitting.WallSide side
                ? FittingPlaces.of(geometry, fitting).stream()
                        .findFirst()
                        .flatMap(at -> wall(geometry, at.before()))
                        .map(near -> {
                            var ends = near.ends();
                            var along =
                                    near.side == Swing.RIGHT ? ends.getFirst() + left.mm() : ends.getLast() - left.mm();
                            return fitting.withOn(new Fitting.WallSide(
                                    side.wall(),
                                    side.side(),
                                    Length.ofMm(Math.clamp(along, ends.getFirst(), ends.getLast())),
                                    side.height()));
                        })
                        .orElse(fitting)
                : fitting;
    }

    /** A distance with its name. */
    public record Distance(String name, double mm) {}

    /** How far what is on a wall is from the ends of the side that is seen there, left first; of others how high they are. */
    public static List<Distance> distances(StoreyGeometry geometry, Fitting fitting) {
        var placed = FittingPlaces.of(geometry, fitting).stream().findFirst();
        if (placed.isEmpty()) {
            return List.of();
        }
        if (fitting.on() instanceof Fitting.WallSide side) {
            return wall(geometry, placed.get().before())
                    .filter(near -> near.wall.id().equals(side.wall()))
                    .map(near -> {
                        var ends = near.ends();
                        var first = side.along().mm() - ends.getFirst();
                        var second = ends.getLast() - side.along().mm();
                        var isLeft = near.side == Swing.RIGHT; // seen from the right of a wall it begins at the left
                        return List.of(
                                new Distance("From left", isLeft ? first : second),
                                new Distance("From right", isLeft ? second : first));
                    })
                    .orElse(List.of());
        }
        return List.of(new Distance("Height", placed.get().heightMm()));
    }
}
