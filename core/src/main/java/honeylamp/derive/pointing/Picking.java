package honeylamp.derive.pointing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNodes;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
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
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds what lies under a point or in a box, one loop for all kinds. */
public final class Picking {
    /** Half the length at which a line to measure from is held, in mm; it counts as endless. */
    private static final double MEASURING_MM = 1000;

    /** Symbols reach so many times as far around their place as lines do. */
    private static final double SYMBOL = 1.5;

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
            case RoundDimension d -> takes(box, within, d.line());
            case SettingOutLine l -> takes(box, within, l.line());
            case Boundary b -> takes(box, within, b.line());
            case Opening o ->
                geometry.cutOrClosed(o.id())
                        .map(c -> takes(box, within, c.ring().bounds()))
                        .orElse(false);
            case Furnishing f -> takes(box, within, footprint(f).bounds());
            case Structure x -> takes(box, within, x.footprint().bounds());
            case Ground g -> takes(box, within, g.ring().bounds());
            case Region r -> takes(geometry, box, within, r);
            case Underlay u -> takes(box, within, outline(u).shell().bounds());
            case Note n -> box.contains(n.at().point());
            case FreeMark m -> takes(box, within, m);
            case RoomMark m -> box.contains(m.at().point());
            case Fitting i ->
                FittingPlaces.of(geometry, i).stream()
                        .map(FittingPlaces.Placed::at)
                        .anyMatch(box::contains);
            case Activity a ->
                ActivityPlaces.of(geometry.storey(), a)
                        .filter(at -> box.contains(at.at()))
                        .isPresent();
            case Covering _ -> false; // goes with its surface
        };
    }

    private static boolean takes(StoreyGeometry geometry, Box box, Within within, Region region) {
        return switch (region.on()) {
            case Region.Level _ -> takes(box, within, region.ring().bounds());
            case Region.Upright _ -> {
                var faces = RegionPlaces.faces(geometry, region);
                yield !faces.isEmpty()
                        && (within == Within.INSIDE
                                ? faces.stream().allMatch(f -> takes(box, within, f))
                                : faces.stream().anyMatch(f -> takes(box, within, f)));
            }
        };
    }

    /** The box around elements, in plan mm; empty if none of them lies anywhere. */
    public static Optional<Box> bounds(StoreyGeometry geometry, Set<ElementId> ids) {
        return geometry.storey()
                .elements()
                .all()
                .filter(e -> ids.contains(e.id()))
                .flatMap(e -> bounds(geometry, e).stream())
                .reduce(Box::union);
    }

    private static Optional<Box> bounds(StoreyGeometry geometry, Element element) {
        return switch (element) {
            case Wall w ->
                geometry.pieces(w.id()).stream()
                        .map(piece -> piece.body().bounds())
                        .reduce(Box::union);
            case Dimension d -> Optional.of(d.line().bounds());
            case RoundDimension d -> Optional.of(d.line().bounds());
            case SettingOutLine l -> Optional.of(l.line().bounds());
            case Boundary b -> Optional.of(b.line().bounds());
            case Opening o -> geometry.cutOrClosed(o.id()).map(c -> c.ring().bounds());
            case Furnishing f -> Optional.of(footprint(f).bounds());
            case Structure x -> Optional.of(x.footprint().bounds());
            case Ground g -> Optional.of(g.ring().bounds());
            case Region r ->
                switch (r.on()) {
                    case Region.Level _ -> Optional.of(r.ring().bounds());
                    case Region.Upright _ ->
                        RegionPlaces.faces(geometry, r).stream()
                                .map(Curve::bounds)
                                .reduce(Box::union);
                };
            case Underlay u -> Optional.of(outline(u).shell().bounds());
            case Note n -> Optional.of(Box.around(List.of(n.at().point())));
            case FreeMark m -> Optional.of(around(m));
            case RoomMark m ->
                geometry.rooms().stream()
                        .filter(room -> room.mark().filter(m::equals).isPresent())
                        .map(room -> room.outline().bounds())
                        .findFirst();
            case Fitting i -> {
                var at = FittingPlaces.of(geometry, i).stream()
                        .map(FittingPlaces.Placed::at)
                        .toList();
                yield at.isEmpty() ? Optional.empty() : Optional.of(Box.around(at));
            }
            case Activity a -> ActivityPlaces.of(geometry.storey(), a).map(at -> Box.around(List.of(at.at())));
            case Covering _ -> Optional.empty(); // goes with its surface
        };
    }

    private static boolean takes(Box box, Within within, FreeMark mark) {
        return within == Within.INSIDE
                ? box.contains(around(mark))
                : mark.lines().stream().anyMatch(l -> takes(box, within, l));
    }

    private static Box around(FreeMark mark) {
        return mark.lines().stream().map(Segment::bounds).reduce(Box::union).orElseThrow();
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

    /**
     * What lies at a point, of what is asked for: openings before the walls they are in, what stands before what it stands
     * on; of a kind the nearest or smallest first, and of those alike the newest.
     *
     * @param reachMm lines and edges are hit from so far
     */
    public static List<ElementId> at(StoreyGeometry geometry, Point p, double reachMm, Predicate<Element> wanted) {
        return candidates(geometry, p, reachMm)
                .filter(wanted)
                .distinct()
                .flatMap(e -> {
                    var hit = hit(geometry, e, p, reachMm);
                    return hit.isPresent() ? Stream.of(new Hit(e, hit.getAsDouble())) : Stream.empty();
                })
                .sorted(Comparator.comparingInt((Hit h) -> order(h.element))
                        .thenComparingDouble(Hit::score)
                        .thenComparing(h -> h.element.id(), ElementId.ORDER.reversed()))
                .map(h -> h.element.id())
                .toList();
    }

    private record Hit(Element element, double score) {}

    /** Of walls and openings, which are many, only those near the point. */
    private static Stream<Element> candidates(StoreyGeometry geometry, Point p, double reachMm) {
        var walls = geometry.piecesNear(p, reachMm).stream().map(WallPiece::wall);
        var openings = Stream.concat(geometry.cuts().stream(), geometry.closed().stream())
                .filter(c -> c.ring().bounds().grown(reachMm).contains(p))
                .map(OpeningCut::opening);
        var others = geometry.storey().elements().all().filter(e -> !(e instanceof Wall || e instanceof Opening));
        return Stream.of(walls, openings, geometry.places().homeless().stream(), others)
                .flatMap(s -> s);
    }

    /** Whether an element is hit; of those of a kind that are, the one with the least number wins. */
    private static OptionalDouble hit(StoreyGeometry geometry, Element element, Point p, double reachMm) {
        return switch (element) {
            case Wall w ->
                geometry.pieces(w.id()).stream()
                        .filter(piece ->
                                piece.body().contains(p) || piece.line().distance(p) <= reachMm)
                        .mapToDouble(piece -> piece.line().distance(p))
                        .min();
            case Opening o ->
                geometry.cutOrClosed(o.id())
                        .map(c -> within(
                                c.ring().contains(p) ? 0 : c.middle().distance(p),
                                reachMm,
                                c.middle().distance(p)))
                        .orElseGet(() -> isWantedAt(geometry, o, p, reachMm)
                                ? OptionalDouble.of(Double.MAX_VALUE)
                                : OptionalDouble.empty());
            case SettingOutLine l -> within(Math.abs(l.line().offset(p)), reachMm);
            case Boundary b -> within(b.line().distance(p), reachMm);
            case Furnishing f -> inside(footprint(f), p);
            case Structure x ->
                x.box().contains(x.placing().inverse().apply(p))
                        ? OptionalDouble.of(x.width().mm() * x.depth().mm())
                        : OptionalDouble.empty();
            case Ground g ->
                g.use() == Ground.Use.PLOT // of a plot only its boundary is hit
                        ? g.ring().edgeDistance(p) <= reachMm
                                ? OptionalDouble.of(g.ring().area())
                                : OptionalDouble.empty()
                        : inside(g.ring(), p);
            case Region r ->
                switch (r.on()) {
                    case Region.Level _ -> inside(r.ring(), p);
                    case Region.Upright _ ->
                        RegionPlaces.faces(geometry, r).stream()
                                .mapToDouble(f -> f.distance(p))
                                .filter(d -> d <= reachMm)
                                .min();
                };
            case Underlay u ->
                outline(u).shell().contains(p)
                        ? OptionalDouble.of(-geometry.storey().underlays().indexOf(u)) // the top one first
                        : OptionalDouble.empty();
            case RoomMark _, Covering _ -> OptionalDouble.empty(); // rooms and surfaces are derived
            case Fitting i ->
                Stream.of(i)
                        .filter(f -> FittingPlaces.mayLieNear(geometry, f, p, SYMBOL * reachMm))
                        .flatMap(f -> FittingPlaces.of(geometry, f).stream())
                        .mapToDouble(at -> at.at().distance(p))
                        .filter(d -> d <= SYMBOL * reachMm)
                        .min();
            case Activity a ->
                ActivityPlaces.of(geometry.storey(), a).stream()
                        .mapToDouble(at -> at.at().distance(p))
                        .filter(d -> d <= SYMBOL * reachMm)
                        .min();
            case Dimension _, RoundDimension _, Note _, FreeMark _ ->
                OptionalDouble.empty(); // words are hit where they are written on paper
        };
    }

    /** Kinds of which some lie over others: what is hit first. */
    private static int order(Element element) {
        return switch (element) {
            case Dimension _, RoundDimension _, Note _, FreeMark _, RoomMark _, Covering _, Fitting _, Activity _ -> 0;
            case Opening _ -> 1;
            case Wall _ -> 2;
            case SettingOutLine _, Boundary _ -> 3;
            case Furnishing _ -> 4;
            case Structure _ -> 5;
            case Region _ -> 6;
            case Ground _ -> 7;
            case Underlay _ -> 8;
        };
    }

    private static OptionalDouble within(double distanceMm, double reachMm) {
        return within(distanceMm, reachMm, distanceMm);
    }

    private static OptionalDouble within(double distanceMm, double reachMm, double score) {
        return distanceMm <= reachMm ? OptionalDouble.of(score) : OptionalDouble.empty();
    }

    private static OptionalDouble inside(Ring ring, Point p) {
        return ring.contains(p) ? OptionalDouble.of(ring.area()) : OptionalDouble.empty();
    }

    /** An opening without room is picked where it was wanted, on the line of its wall. */
    private static boolean isWantedAt(StoreyGeometry geometry, Opening opening, Point p, double reachMm) {
        return geometry.storey()
                .wall(opening.host())
                .map(Wall::line)
                .filter(l -> l.distance(p) <= Math.max(reachMm, HOMELESS_REACH_MM)
                        && Math.abs(l.along(p) - Math.clamp(opening.middleMm(), 0, l.length()))
                                <= Math.max(reachMm, opening.width().mm() / 2))
                .isPresent();
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
