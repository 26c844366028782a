package honeylamp.derive.storeys;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Elements;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.plan.Underlay;
import honeylamp.plan.Unit;
import honeylamp.plan.Wall;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What belongs to a unit: its rooms and those that only its walls enclose, the walls around them, and all that
 * hangs in these walls or stands in these rooms. So a room of a unit can be divided, and its parts belong to it.
 *
 * @param rooms the derived rooms
 * @param elements all of the storey that belongs to it
 */
public record UnitContents(List<Room> rooms, Elements elements) {
    private static final double ON_EDGE_MM = 30;
    private static final double ON_FACE_MM = 1;
    private static final double BESIDE_MM = 5;

    public UnitContents {
        rooms = List.copyOf(rooms);
    }

    /**
     * What belongs to a unit.
     *
     * @param geometry of the storey it is drawn on
     */
    public static UnitContents of(StoreyGeometry geometry, Unit unit) {
        return of(geometry, Set.copyOf(unit.rooms()), Set.copyOf(unit.walls()));
    }

    /** What would belong to a unit of these rooms. */
    public static UnitContents of(StoreyGeometry geometry, Set<RoomId> marks, Set<WallId> made) {
        var storey = geometry.storey();
        var named = geometry.rooms().stream()
                .filter(r -> r.mark().map(m -> marks.contains(m.id())).orElse(false))
                .toList();
        Set<WallId> around = new HashSet<>(made);
        named.forEach(r -> around.addAll(wallsOf(geometry, r)));
        var rooms = geometry.rooms().stream()
                .filter(r -> named.contains(r) || around.containsAll(wallsOf(geometry, r)))
                .toList();
        rooms.forEach(r -> around.addAll(wallsOf(geometry, r)));
        var standing = storey.elements().only(e -> belongs(geometry, e, around, rooms));
        var hosts = standing.all().map(Element::id).collect(Collectors.toSet());
        var covered = storey.coverings().stream()
                .filter(c -> hosts.contains(c.surface().host()) && isInside(c, hosts))
                .toList();
        return new UnitContents(rooms, standing.with(Covering.class, covered));
    }

    /** Whether it encloses the rooms, hangs in such a wall, stands in a room or is written there; what covers comes after. */
    private static boolean belongs(StoreyGeometry geometry, Element element, Set<WallId> around, List<Room> rooms) {
        return switch (element) {
            case Wall w -> around.contains(w.id());
            case Opening o -> around.contains(o.host());
            case RoomMark m -> within(rooms, m.at().point());
            case Structure x -> within(rooms, x.at().point());
            case Furnishing f -> within(rooms, f.at().point());
            case Boundary b ->
                rooms.stream().anyMatch(r -> r.outline().edgeDistance(b.line().middle()) <= ON_EDGE_MM);
            case Region r -> within(rooms, middle(geometry, r));
            case Fitting f ->
                FittingPlaces.of(geometry, f).stream()
                        .findFirst()
                        .filter(p -> within(rooms, p.before()))
                        .isPresent();
            case Activity a ->
                ActivityPlaces.of(geometry.storey(), a)
                        .filter(p -> within(rooms, p.at()))
                        .isPresent();
            case Note n -> within(rooms, n.at().point());
            case Dimension d -> within(rooms, middle(d.measured()));
            case RoundDimension d -> within(rooms, d.line().at(d.line().length() / 2));
            case FreeMark m ->
                within(rooms, middle(m.places().stream().map(Position::point).toList()));
            case Covering _, Underlay _, SettingOutLine _, Ground _ -> false;
        };
    }

    private static Point middle(List<Point> points) {
        return Box.around(points).centre();
    }

    /** A point of a region, or beside it in the room that sees it. */
    private static Point middle(StoreyGeometry geometry, Region region) {
        return switch (region.on()) {
            case Region.Level _ ->
                region.ring().area() < 1 ? region.ring().bounds().centre() : Regions.inside(Outline.of(region.ring()));
            case Region.Upright(var _, var side) ->
                RegionPlaces.faces(geometry, region).stream()
                        .findFirst()
                        .map(f -> f.shiftedLeft(side == Swing.LEFT ? BESIDE_MM : -BESIDE_MM)
                                .middle())
                        .orElse(region.corners().getFirst().point());
        };
    }

    /** The walls around its rooms. */
    public List<Wall> walls() {
        return elements.of(Wall.class);
    }

    /** Whether a point lies in the unit or its walls. */
    public boolean holds(StoreyGeometry geometry, Point p) {
        return within(rooms, p)
                || walls().stream()
                        .flatMap(w -> geometry.network().of(w.id()).stream())
                        .anyMatch(piece -> piece.body().contains(p));
    }

    /**
     * The stretch of a wall, in mm from its first end, along which it bounds the rooms of the unit; a wall that goes on
     * beyond them has to be cut there before it can be repeated.
     */
    public Stretch along(StoreyGeometry geometry, Wall wall) {
        var from = Double.POSITIVE_INFINITY;
        var to = Double.NEGATIVE_INFINITY;
        for (var room : rooms) {
            for (var piece : piecesOf(geometry, room)) {
                if (piece.wall().id().equals(wall.id())) {
                    var a = wall.line().along(piece.line().a());
                    var b = wall.line().along(piece.line().b());
                    from = Math.min(from, Math.min(a, b));
                    to = Math.max(to, Math.max(a, b));
                }
            }
        }
        return from < to ? new Stretch(from, to) : new Stretch(0, wall.line().length());
    }

    /** From so far to so far along a wall, in mm. */
    public record Stretch(double fromMm, double toMm) {}

    /** The pieces of wall whose faces a room sees; along one edge of the room there may be several. */
    private static List<WallPiece> piecesOf(StoreyGeometry geometry, Room room) {
        return room.outline()
                .rings()
                .flatMap(r -> r.edges().stream())
                .flatMap(e -> geometry.network().near(e.bounds().grown(ON_FACE_MM)).stream()
                        .filter(p -> p.faces().stream().anyMatch(f -> liesOn(e, f))))
                .distinct()
                .toList();
    }

    private static boolean liesOn(Segment edge, Curve face) {
        return face.length() > ON_FACE_MM
                && (face.distance(edge.middle()) <= ON_FACE_MM
                        || edge.distance(face.at(face.length() / 2)) <= ON_FACE_MM);
    }

    /** Sides that a room beyond the unit sees are not the unit's. */
    private static boolean isInside(Covering covering, Set<ElementId> hosts) {
        return !(covering.surface() instanceof Surface.OnWall side)
                || side.room().map(hosts::contains).orElse(true);
    }

    private static boolean within(List<Room> rooms, Point p) {
        return rooms.stream().anyMatch(r -> r.outline().contains(p));
    }

    /** The walls whose faces a room sees. */
    private static Set<WallId> wallsOf(StoreyGeometry geometry, Room room) {
        Set<WallId> out = new HashSet<>();
        piecesOf(geometry, room).forEach(p -> out.add(p.wall().id()));
        return out;
    }
}
