package honeylamp.derive.pointing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNodes;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.RoomMark;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Finds what lies under a point, kind by kind; the smallest or nearest wins. */
public final class Picking {
    /** Half the length at which a line to measure from is held, in mm; it counts as endless. */
    private static final double MEASURING_MM = 1000;

    private static final Set<Caught> ENDS = Set.of(Caught.END, Caught.CORNER, Caught.MIDDLE);

    /** An opening that is only marked on its wall is picked from so far, in mm. */
    private static final double HOMELESS_REACH_MM = 150;

    private Picking() {}

    /** The wall whose body holds the point, or comes within reach of it. */
    public static Optional<Wall> wall(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.network().near(p, reachMm).stream()
                .filter(piece -> piece.body().contains(p) || piece.line().distance(p) <= reachMm)
                .min(Comparator.comparingDouble(piece -> piece.line().distance(p)))
                .map(WallPiece::wall);
    }

    /** All walls at a point, the nearest first. */
    public static List<Wall> walls(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.network().near(p, reachMm).stream()
                .filter(piece -> piece.body().contains(p) || piece.line().distance(p) <= reachMm)
                .sorted(Comparator.comparingDouble(piece -> piece.line().distance(p)))
                .map(WallPiece::wall)
                .distinct()
                .toList();
    }

    /** The wall on whose drawn line, between its ends, another wall may end at this point. */
    public static Optional<Wall> hostAt(Storey storey, Point end) {
        return storey.walls().stream()
                .filter(w -> w.line().distance(end) <= WallNodes.SAME_MM
                        && w.line().a().distance(end) > WallNodes.SAME_MM
                        && w.line().b().distance(end) > WallNodes.SAME_MM)
                .findFirst();
    }

    /** How a box takes things. */
    public enum Within {
        /** All of it has to lie inside. */
        INSIDE,
        /** A part of it has to lie inside. */
        TOUCHING
    }

    /** The elements of a storey that a box takes, of those that are asked for. */
    public static Set<ElementId> inBox(StoreyGeometry geometry, Box box, Within within, Predicate<Element> wanted) {
        return geometry.storey()
                .elements()
                .all()
                .filter(wanted)
                .filter(e -> takes(geometry, box, within, e))
                .map(Element::id)
                .collect(Collectors.toSet());
    }

    private static boolean takes(StoreyGeometry geometry, Box box, Within within, Element element) {
        return switch (element) {
            case Wall w -> takes(box, within, w.line());
            case Dimension d -> takes(box, within, d.line());
            case SettingOutLine l -> takes(box, within, l.line());
            case Boundary b -> takes(box, within, b.line());
            case Opening o ->
                geometry.cut(o.id())
                        .map(c -> takes(box, within, c.ring().bounds()))
                        .orElse(false);
            case Furnishing f -> takes(box, within, footprint(f).bounds());
            case Structure x -> takes(box, within, x.footprint().bounds());
            case Ground g -> takes(box, within, g.ring().bounds());
            case Underlay u -> takes(box, within, outline(u).shell().bounds());
            case Note n -> box.contains(n.at().point());
            case RoomMark m -> box.contains(m.at().point());
            case Covering _ -> false; // goes with its surface
        };
    }

    private static boolean takes(Box box, Within within, Box bounds) {
        return within == Within.INSIDE ? box.contains(bounds) : box.meets(bounds);
    }

    private static boolean takes(Box box, Within within, Curve line) {
        var points = new ArrayList<>(line.between(50));
        points.add(line.a());
        points.add(line.b());
        return within == Within.INSIDE
                ? points.stream().allMatch(box::contains)
                : points.stream().anyMatch(box::contains)
                        || box.ring().edges().stream()
                                .anyMatch(e -> !line.crossings(e).isEmpty());
    }

    /**
     * What a setting-out line is measured from: at the end, corner or middle of a straight wall the line through it
     * square to the wall, else the wall's face nearest to the pointer.
     *
     * @param caught what the pointer caught there, if anything
     */
    public static Optional<Segment> measuringLine(
            StoreyGeometry geometry, Optional<Snap> caught, Point pointer, double reachMm) {
        var at = caught.map(Snap::at).orElse(pointer);
        return wall(geometry, at, reachMm)
                .filter(w -> !w.isCurved())
                .flatMap(w -> caught.filter(Picking::marksAnEnd)
                        .map(s -> Segment.through(s.at(), w.chord().unit().left(), MEASURING_MM))
                        .or(() -> geometry.network().of(w.id()).stream()
                                .flatMap(p -> p.faces().stream())
                                .filter(f -> f.length() > WallNodes.SAME_MM)
                                .min(Comparator.comparingDouble(f -> f.distance(pointer)))
                                .map(Curve::chord)));
    }

    private static boolean marksAnEnd(Snap snap) {
        return ENDS.contains(snap.caught());
    }

    /** The setting-out line within reach of a point. */
    public static Optional<ElementId> settingOut(Storey storey, Point p, double reachMm) {
        return storey.settingOut().stream()
                .filter(l -> Math.abs(l.line().offset(p)) <= reachMm)
                .min(Comparator.comparingDouble(l -> Math.abs(l.line().offset(p))))
                .map(SettingOutLine::id);
    }

    /** The boundary within reach of a point. */
    public static Optional<ElementId> boundary(Storey storey, Point p, double reachMm) {
        return storey.boundaries().stream()
                .filter(b -> b.line().distance(p) <= reachMm)
                .min(Comparator.comparingDouble(b -> b.line().distance(p)))
                .map(Boundary::id);
    }

    /** The opening whose cut holds the point, or comes within reach of it; also one that finds no room in its wall. */
    public static Optional<Opening> opening(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.cuts().stream()
                .filter(c -> c.ring().contains(p) || c.middle().distance(p) <= reachMm)
                .min(Comparator.comparingDouble(c -> c.middle().distance(p)))
                .map(OpeningCut::opening)
                .or(() -> homeless(geometry, p, reachMm));
    }

    /** An opening without room is picked where it was wanted, on the line of its wall. */
    private static Optional<Opening> homeless(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.places().homeless().stream()
                .filter(o -> geometry.storey()
                        .wall(o.host())
                        .map(Wall::line)
                        .filter(l -> l.distance(p) <= Math.max(reachMm, HOMELESS_REACH_MM)
                                && Math.abs(l.along(p) - Math.clamp(o.middleMm(), 0, l.length()))
                                        <= Math.max(reachMm, o.width().mm() / 2))
                        .isPresent())
                .findFirst();
    }

    /** The smallest furnishing whose footprint holds the point; rugs give way to what stands on them. */
    public static Optional<Furnishing> furnishing(StoreyGeometry geometry, Point p) {
        return geometry.storey().furnishings().stream()
                .filter(f -> footprint(f).contains(p))
                .min(Comparator.comparingDouble((Furnishing f) -> footprint(f).area())
                        .thenComparing(Furnishing::id, ElementId.ORDER.reversed()));
    }

    /** The fixed part whose footprint holds the point. */
    public static Optional<Structure> structure(StoreyGeometry geometry, Point p) {
        return geometry.storey().structures().stream()
                .filter(s -> s.box().contains(s.placing().inverse().apply(p)))
                .min(Comparator.comparingDouble(s -> s.width().mm() * s.depth().mm()));
    }

    /** The bay, or the smallest ground, that holds the point; of a plot only its boundary is hit. */
    public static Optional<ElementId> site(StoreyGeometry geometry, Point p, double reachMm) {
        var bay = structure(geometry, p).filter(s -> s.form() instanceof Structure.ParkingBay);
        return bay.<ElementId>map(Structure::id)
                .or(() -> geometry.storey().grounds().stream()
                        .filter(g -> g.use() == Ground.Use.PLOT
                                ? g.ring().edgeDistance(p) <= reachMm
                                : g.ring().contains(p))
                        .min(Comparator.comparingDouble(g -> g.ring().area()))
                        .map(Ground::id));
    }

    /** The top underlay whose picture holds the point. */
    public static Optional<Underlay> underlay(StoreyGeometry geometry, Point p) {
        return geometry.storey().underlays().reversed().stream()
                .filter(u -> outline(u).shell().contains(p))
                .findFirst();
    }

    /** The underlay a command means when none is pointed at: the one picked, else the one on top. */
    public static Optional<Underlay> underlay(Storey storey, Collection<ElementId> picked) {
        var all = storey.underlays();
        return all.stream()
                .filter(u -> picked.contains(u.id()))
                .findFirst()
                .or(() -> all.isEmpty() ? Optional.empty() : Optional.of(all.getLast()));
    }

    /** The made size of a furnishing as a ring in plan mm. */
    public static Ring footprint(Furnishing piece) {
        var w = piece.width().mm() / 2;
        var d = piece.depth().mm() / 2;
        return new Box(-w, -d, w, d).ring().through(piece.placing()).counterClockwise();
    }

    /** The edge of what is shown of an underlay, in plan mm. */
    public static Outline outline(Underlay underlay) {
        return Outline.of(new Ring(underlay.corners()));
    }
}
