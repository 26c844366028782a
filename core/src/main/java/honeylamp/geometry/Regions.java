package honeylamp.geometry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snap.SnappingNoder;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/** Set operations on surfaces; the one bridge to JTS, whose coordinates here are millimetres. */
public final class Regions {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Surfaces below this, in mm², are slivers of rounding and are dropped. */
    private static final double SLIVER_MM2 = 1e-3;

    /** A thousandth of a hair. */
    private static final double GRID_MM = 1e-4;

    /** Corners sharper than about 12 degrees are cut off where edges are moved. */
    private static final double MOST_MITRE = 10;

    private Regions() {}

    /** The union of surfaces, in no promised order of parts. */
    public static List<Outline> union(Collection<Outline> parts) {
        if (parts.isEmpty()) {
            return List.of();
        }
        return outlines(
                OverlayNGRobust.union(parts.stream().map(o -> valid(polygon(o))).toList()));
    }

    /** What is left of {@code from} without {@code away}. */
    public static List<Outline> difference(Collection<Outline> from, Collection<Outline> away) {
        if (from.isEmpty() || away.isEmpty()) {
            return List.copyOf(from);
        }
        return outlines(overlay(multi(from), multi(away), OverlayNG.DIFFERENCE));
    }

    /**
     * What is left of a surface without another, corners on a grid of a tenth of a thousandth of a mm: for surfaces whose
     * edges lie on each other but for a hair, where an overlay without a grid may go wrong and say nothing.
     */
    public static List<Outline> differenceOnGrid(Outline from, Outline away) {
        return outlines(onGrid(polygon(from), polygon(away), OverlayNG.DIFFERENCE));
    }

    /** What both have in common. */
    public static List<Outline> intersection(Collection<Outline> a, Collection<Outline> b) {
        if (a.isEmpty() || b.isEmpty()) {
            return List.of();
        }
        return outlines(overlay(multi(a), multi(b), OverlayNG.INTERSECTION));
    }

    /** A surface whose edges may cross or touch each other by a hair, as those that do not: itself mostly. */
    public static List<Outline> sound(Outline outline) {
        var polygon = polygon(outline);
        return polygon.isValid() ? List.of(outline) : outlines(surfaces(GeometryFixer.fix(polygon)));
    }

    /** The surface shrunk or grown with rounded corners, for soft shapes. */
    public static List<Outline> softened(Collection<Outline> parts, double byMm) {
        return parts.isEmpty() ? List.of() : outlines(multi(parts).buffer(byMm, 4));
    }

    /** What lies farther than so much within the edges of surfaces, its corners as sharp as theirs. */
    public static List<Outline> inset(Collection<Outline> parts, double byMm) {
        return parts.isEmpty()
                ? List.of()
                : outlines(BufferOp.bufferOp(
                        multi(parts),
                        -byMm,
                        new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MOST_MITRE)));
    }

    /** Convex pieces that make a surface up but for so much along its edges: itself if it is convex, else triangles. */
    public static List<Ring> convexParts(Outline outline, double toleranceMm) {
        var shell = outline.shell().counterClockwise();
        if (outline.holes().isEmpty() && isConvex(shell)) {
            return List.of(shell);
        }
        var plain = TopologyPreservingSimplifier.simplify(valid(polygon(outline)), toleranceMm);
        var out = new ArrayList<Ring>();
        var triangles = PolygonTriangulator.triangulate(plain);
        for (var i = 0; i < triangles.getNumGeometries(); i++) {
            out.add(outline((Polygon) triangles.getGeometryN(i)).shell().counterClockwise());
        }
        return out;
    }

    /** Triangles that make a surface up exactly. */
    public static List<Ring> triangles(Outline outline) {
        var shell = outline.shell().counterClockwise();
        if (outline.holes().isEmpty() && isConvex(shell)) {
            var out = new ArrayList<Ring>();
            var corners = shell.corners();
            for (var i = 1; i + 1 < corners.size(); i++) {
                out.add(Ring.of(corners.get(0), corners.get(i), corners.get(i + 1)));
            }
            return out;
        }
        var triangles = PolygonTriangulator.triangulate(valid(polygon(outline)));
        var out = new ArrayList<Ring>();
        for (var i = 0; i < triangles.getNumGeometries(); i++) {
            out.add(outline((Polygon) triangles.getGeometryN(i)).shell().counterClockwise());
        }
        return out;
    }

    /** The smallest convex ring around points that do not all lie in a line. */
    public static Ring hull(Collection<Point> points) {
        var hull = new ConvexHull(points.stream().map(Regions::coordinate).toArray(Coordinate[]::new), FACTORY);
        return outline((Polygon) hull.getConvexHull()).shell().counterClockwise();
    }

    private static boolean isConvex(Ring ring) {
        var edges = ring.edges();
        for (var i = 0; i < edges.size(); i++) {
            var in = edges.get(i);
            var on = edges.get((i + 1) % edges.size());
            if (in.b().minus(in.a()).cross(on.b().minus(on.a())) < -SLIVER_MM2) {
                return false;
            }
        }
        return ring.isSimple();
    }

    /** A point inside a surface, found quickly; not the freest. */
    public static Point inside(Outline outline) {
        var c = polygon(outline).getInteriorPoint().getCoordinate();
        return new Point(c.x, c.y);
    }

    /** A circle inside a surface. */
    public record Clearing(Point centre, double radiusMm) {}

    /**
     * The point of a surface farthest from its edges, and its distance from them.
     *
     * @param toleranceMm the radius may fall short of the best by this much
     * @see "Garcia-Castellanos and Lombardo, Poles of inaccessibility, Scott. Geogr. J. 123(3), 2007"
     */
    public static Clearing freestPoint(Outline outline, double toleranceMm) {
        if (!(toleranceMm > 0)) {
            throw new IllegalArgumentException("toleranceMm (" + toleranceMm + ") must be > 0");
        }
        var circle = new MaximumInscribedCircle(polygon(outline), toleranceMm);
        var centre = circle.getCenter().getCoordinate();
        return new Clearing(
                new Point(centre.x, centre.y), circle.getRadiusLine().getLength());
    }

    /**
     * The faces enclosed by the edges of outlines and by lines across them, which need not end on each other
     * exactly; what of a line encloses nothing is left aside.
     */
    public static List<Outline> divided(Collection<Outline> outlines, Collection<Segment> lines) {
        var edges = new ArrayList<Geometry>();
        outlines.forEach(o -> edges.add(valid(polygon(o)).getBoundary()));
        for (var line : lines) {
            edges.add(FACTORY.createLineString(new Coordinate[] {coordinate(line.a()), coordinate(line.b())}));
        }
        var polygonizer = new Polygonizer();
        polygonizer.add(OverlayNGRobust.union(edges));
        var out = new ArrayList<Outline>();
        for (var polygon : polygonizer.getPolygons()) {
            out.add(outline((Polygon) polygon));
        }
        return out;
    }

    /**
     * The faces enclosed by lines that cross, overlap and end on each other; ends within {@code snapMm} of each other
     * are one. What of a line encloses nothing is left aside.
     */
    public static List<Outline> arranged(Collection<Segment> lines, double snapMm) {
        var strings = new ArrayList<SegmentString>();
        for (var line : lines) {
            if (line.length() > snapMm) {
                strings.add(
                        new NodedSegmentString(new Coordinate[] {coordinate(line.a()), coordinate(line.b())}, null));
            }
        }
        var noder = new SnappingNoder(snapMm);
        noder.computeNodes(strings);
        var edges = new LinkedHashSet<LineSegment>();
        for (var string : noder.getNodedSubstrings()) {
            var corners = ((SegmentString) string).getCoordinates();
            for (var i = 0; i + 1 < corners.length; i++) {
                var edge = new LineSegment(corners[i], corners[i + 1]);
                edge.normalize();
                if (edge.getLength() > 0) {
                    edges.add(edge);
                }
            }
        }
        var polygonizer = new Polygonizer();
        edges.forEach(e -> polygonizer.add(FACTORY.createLineString(new Coordinate[] {e.p0, e.p1})));
        var out = new ArrayList<Outline>();
        for (var polygon : polygonizer.getPolygons()) {
            out.add(outline((Polygon) polygon));
        }
        return out;
    }

    /** The faces enclosed by lines that already share their ends exactly. */
    public static List<Outline> enclosed(Collection<Segment> lines) {
        var polygonizer = new Polygonizer();
        for (var line : lines) {
            polygonizer.add(FACTORY.createLineString(new Coordinate[] {coordinate(line.a()), coordinate(line.b())}));
        }
        var out = new ArrayList<Outline>();
        for (var polygon : polygonizer.getPolygons()) {
            out.add(outline((Polygon) polygon));
        }
        return out;
    }

    private static Coordinate coordinate(Point p) {
        return new Coordinate(p.x(), p.y());
    }

    private static LinearRing linearRing(Ring ring) {
        var corners = ring.corners();
        var coordinates = new Coordinate[corners.size() + 1];
        for (var i = 0; i < corners.size(); i++) {
            coordinates[i] = coordinate(corners.get(i));
        }
        coordinates[corners.size()] = coordinates[0].copy();
        return FACTORY.createLinearRing(coordinates);
    }

    private static Polygon polygon(Outline outline) {
        return FACTORY.createPolygon(
                linearRing(outline.shell()),
                outline.holes().stream().map(Regions::linearRing).toArray(LinearRing[]::new));
    }

    /** Overlays fail on surfaces that cross themselves; testing large ones each time costs more than the overlay. */
    private static Geometry overlay(Geometry a, Geometry b, int operation) {
        try {
            var out = OverlayNGRobust.overlay(a, b, operation);
            return isRight(out, a, b, operation) ? out : onGrid(valid(a), valid(b), operation);
        } catch (TopologyException _) {
            return OverlayNGRobust.overlay(valid(a), valid(b), operation);
        }
    }

    /** Where edges lie on each other but for a hair, an overlay may hold what it should leave out, and say nothing. */
    private static boolean isRight(Geometry out, Geometry a, Geometry b, int operation) {
        for (var i = 0; i < out.getNumGeometries(); i++) {
            if (out.getGeometryN(i) instanceof Polygon part && part.getArea() > SLIVER_MM2) {
                var within = part.getInteriorPoint().getCoordinate();
                if (!SimplePointInAreaLocator.isContained(within, a)
                        || SimplePointInAreaLocator.isContained(within, b) == (operation == OverlayNG.DIFFERENCE)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The same with corners on a grid, where no two edges lie a hair apart. */
    private static Geometry onGrid(Geometry a, Geometry b, int operation) {
        return OverlayNG.overlay(a, b, operation, new PrecisionModel(1 / GRID_MM));
    }

    private static Geometry valid(Geometry surface) {
        return surface.isValid() ? surface : surfaces(GeometryFixer.fix(surface));
    }

    /** What of a mixture has a surface: lines and points that are left where surfaces only touch are nothing. */
    private static Geometry surfaces(Geometry mixed) {
        if (mixed instanceof Polygon || mixed instanceof MultiPolygon) {
            return mixed;
        }
        var polygons = new ArrayList<Polygon>();
        for (var i = 0; i < mixed.getNumGeometries(); i++) {
            var each = mixed.getGeometryN(i);
            if (each instanceof Polygon polygon) {
                polygons.add(polygon);
            } else if (each instanceof MultiPolygon several) {
                for (var k = 0; k < several.getNumGeometries(); k++) {
                    polygons.add((Polygon) several.getGeometryN(k));
                }
            }
        }
        return FACTORY.createMultiPolygon(polygons.toArray(Polygon[]::new));
    }

    private static Geometry multi(Collection<Outline> parts) {
        var polygons = parts.stream().map(Regions::polygon).toArray(Polygon[]::new);
        var multi = FACTORY.createMultiPolygon(polygons);
        return polygons.length == 1
                ? polygons[0]
                : multi.isValid()
                        ? multi
                        : surfaces(OverlayNGRobust.union(
                                Stream.of(polygons).map(Regions::valid).toList()));
    }

    private static List<Outline> outlines(Geometry geometry) {
        var out = new ArrayList<Outline>();
        for (var i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > SLIVER_MM2) {
                out.add(outline(polygon));
            }
        }
        return List.copyOf(out);
    }

    private static Outline outline(Polygon polygon) {
        var holes = new ArrayList<Ring>();
        for (var i = 0; i < polygon.getNumInteriorRing(); i++) {
            holes.add(ring(polygon.getInteriorRingN(i)));
        }
        return new Outline(ring(polygon.getExteriorRing()), holes);
    }

    private static Ring ring(LineString line) {
        var corners = new ArrayList<Point>();
        for (var i = 0; i + 1 < line.getNumPoints(); i++) {
            var c = line.getCoordinateN(i);
            corners.add(new Point(c.x, c.y));
        }
        return new Ring(corners);
    }
}
