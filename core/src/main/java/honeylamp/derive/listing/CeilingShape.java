package honeylamp.derive.listing;

import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Roof;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;

/** How high ceilings are along a line: lower under those that slope, higher where a part of one is raised. */
final class CeilingShape {
    private static final double SAME_MM = 0.5;
    private static final double INTO_ROOM_MM = 20;

    private CeilingShape() {}

    /** Whether any ceiling in a box is not level. */
    static boolean isShaped(LaidStorey storey, Box box) {
        return storey.storey().structures().stream()
                        .anyMatch(s -> shapes(s) && s.footprint().bounds().meets(box))
                || storey.storey().roof().flatMap(Roof::springs).isPresent();
    }

    private static boolean shapes(Structure part) {
        return part.is(Kind.SLOPING_CEILING) || part.is(Kind.TRAY_CEILING);
    }

    /**
     * The height of the ceiling from the first end of a line to the second: mm along it and up, straight from point to
     * point; two points lie over each other where it steps.
     *
     * @param clearMm the height of the room where its ceiling is level
     * @param line with the room to its right: what covers it is looked for there
     */
    static List<Point> along(LaidStorey storey, double clearMm, Segment line) {
        var inside = line.shiftedLeft(-INTO_ROOM_MM);
        var parts = storey.storey().structures().stream()
                .filter(s -> shapes(s) && s.footprint().bounds().grown(SAME_MM).meets(inside.bounds()))
                .toList();
        var slopes = slopes(storey, clearMm);
        var stops = new TreeSet<Double>(List.of(0.0, line.length()));
        for (var slope : slopes) {
            for (var part : slope.lowerThan(clearMm)) {
                part.rings()
                        .flatMap(r -> r.edges().stream())
                        .forEach(
                                edge -> edge.crossing(inside).map(inside::along).ifPresent(stops::add));
            }
        }
        for (var part : parts) {
            for (var edge : part.footprint().edges()) {
                edge.crossing(inside).map(inside::along).ifPresent(stops::add);
            }
        }
        var out = new ArrayList<Point>();
        var from = 0.0;
        for (var to : stops.tailSet(0.0, false)) {
            if (to - from > SAME_MM) {
                // straight between two stops: read off within, where it is clear what covers it
                var a = from + (to - from) / 4;
                var b = to - (to - from) / 4;
                var ha = at(parts, slopes, clearMm, line.at(a), inside.at(a));
                var rise = (at(parts, slopes, clearMm, line.at(b), inside.at(b)) - ha) / (b - a);
                add(out, new Point(from, ha + rise * (from - a)));
                add(out, new Point(to, ha + rise * (to - a)));
                from = to;
            }
        }
        return List.copyOf(out);
    }

    /** A face of a ceiling, laid out flat in a frame of its own. */
    record Face(Surfaces.Frame frame, List<Outline> outline) {}

    /**
     * What a slope or a raised part makes of a ceiling.
     *
     * @param taken of the level ceiling, in plan mm
     * @param faces there are instead
     */
    record Part(List<Outline> taken, List<Face> faces) {}

    /** The slopes and raised parts of a room's ceiling. */
    static List<Part> parts(LaidStorey storey, Room room, double clearMm) {
        var ofRoof = slopes(storey, clearMm).stream().map(s -> part(storey, room, clearMm, s));
        var own = storey.storey().structures().stream()
                .filter(CeilingShape::shapes)
                .map(s -> part(storey, room, clearMm, s));
        return Stream.concat(ofRoof, own).filter(p -> !p.taken.isEmpty()).toList();
    }

    /** The slopes of the roof that come down lower than a ceiling. */
    private static List<RoofShape.Slope> slopes(LaidStorey storey, double clearMm) {
        return storey.roof().stream()
                .flatMap(r -> r.slopes().stream())
                .filter(s -> !s.lowerThan(clearMm).isEmpty())
                .toList();
    }

    /** Where the roof is lower than the ceiling would be one sees its underside, but in dormers. */
    private static Part part(LaidStorey storey, Room room, double clearMm, RoofShape.Slope slope) {
        var low = Regions.difference(slope.lowerThan(clearMm), Headroom.dormers(storey));
        var taken = Regions.intersection(low, List.of(room.outline()));
        var along = slope.eave().unit();
        var longer = Math.hypot(1, slope.rise());
        var flat = Affine.move(-slope.eave().a().x(), -slope.eave().a().y())
                .then(Affine.turn(-along.angleDeg()))
                .then(Affine.scale(1, longer));
        var frame = new Surfaces.Frame(
                slope.eave().a(),
                storey.storey().level().mm() + slope.lowMm(),
                along,
                Surfaces.Up.LEVEL,
                slope.pitchDeg());
        return new Part(
                taken,
                List.of(new Face(frame, taken.stream().map(o -> o.through(flat)).toList())));
    }

    private static Part part(LaidStorey storey, Room room, double clearMm, Structure part) {
        var taken = Regions.intersection(List.of(room.outline()), List.of(Outline.of(part.footprint())));
        var floor = storey.storey().level().mm();
        var rise = part.height().mm() - clearMm;
        if (part.is(Kind.TRAY_CEILING)) {
            var faces = new ArrayList<Face>();
            var top = new Surfaces.Frame(Point.ORIGIN, floor + part.height().mm(), new Point(1, 0), Surfaces.Up.LEVEL);
            faces.add(new Face(top, taken));
            for (var edge : part.footprint().edges()) {
                var isInside =
                        room.outline().contains(edge.shiftedLeft(-INTO_ROOM_MM).middle());
                if (rise > SAME_MM && isInside) {
                    var frame = new Surfaces.Frame(edge.a(), floor + clearMm, edge.unit(), Surfaces.Up.PLUMB);
                    faces.add(new Face(frame, List.of(Outline.of(new Box(0, 0, edge.length(), rise).ring()))));
                }
            }
            return new Part(taken, faces);
        }
        var longer = Math.hypot(1, rise / part.depth().mm());
        var flat = part.placing().inverse().then(Affine.scale(1, longer));
        var frame = new Surfaces.Frame(
                part.at().point(),
                floor + part.height().mm() - rise / 2,
                Affine.turn(part.turnDeg()).apply(new Point(1, 0)),
                Surfaces.Up.LEVEL,
                Math.toDegrees(Math.atan(-rise / part.depth().mm())));
        return new Part(
                taken,
                List.of(new Face(frame, taken.stream().map(o -> o.through(flat)).toList())));
    }

    private static void add(List<Point> out, Point next) {
        if (out.isEmpty() || out.getLast().distance(next) > SAME_MM) {
            out.add(next);
        }
    }

    private static double at(
            List<Structure> parts, List<RoofShape.Slope> slopes, double clearMm, Point p, Point inside) {
        var out = clearMm;
        for (var slope : slopes) {
            if (slope.outline().contains(inside)) {
                out = Math.min(out, slope.underMm(p));
            }
        }
        for (var part : parts) {
            var toPart = part.placing().inverse();
            if (part.box().contains(toPart.apply(inside))) {
                var share = Math.clamp(toPart.apply(p).y() / part.depth().mm() + 0.5, 0, 1);
                var height = part.height().mm();
                out = part.is(Kind.TRAY_CEILING)
                        ? Math.max(out, height)
                        : Math.min(out, height + (clearMm - height) * share);
            }
        }
        return out;
    }

    /** What lies below a top, from the floor up. */
    static Ring below(List<Point> top) {
        var corners = new ArrayList<Point>();
        corners.add(new Point(top.getFirst().x(), 0));
        corners.add(new Point(top.getLast().x(), 0));
        corners.addAll(top.reversed());
        return new Ring(corners);
    }

    /** A top that is level. */
    static List<Point> level(double lengthMm, double heightMm) {
        return List.of(new Point(0, heightMm), new Point(lengthMm, heightMm));
    }
}
