package honeylamp.derive.listing;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.TrueArea;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A room taken apart into rectangles, triangles, trapezia and, along arcs, sectors less their triangles. The parts
 * sum to the area of the room.
 *
 * @param parts in order, bottom to top along the room's longest side, then from left to right
 */
public record Dissection(List<Part> parts) {
    private static final double SAME_MM = 1e-6;

    /** The working sums to the area this exactly. */
    private static final double SAME_MM2 = 0.5;

    /** The shapes a room is taken apart into. */
    public enum Shape {
        /** Two sides at right angles. */
        RECTANGLE("Rectangle"),
        /** Base and height. */
        TRIANGLE("Triangle"),
        /** Two parallel sides and their distance. */
        TRAPEZIUM("Trapezium"),
        /** Radius and angle, added outside the chord. */
        SECTOR("Sector"),
        /** The triangle between a chord and the centre of its arc, taken away or added. */
        CHORD_TRIANGLE("Triangle at the centre"),
        /** What lies between many short chords and their arcs, where an arc is in too many pieces to be told apart. */
        RIM("Along the arcs");

        private final String label;

        Shape(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /**
     * One part.
     *
     * @param outline where it lies, for drawing
     * @param firstMm the width, the base, the lower side, or the radius
     * @param secondMm the upper side of a trapezium, 0 for others; the angle of a sector in degrees
     * @param heightMm the height; 0 for sectors
     * @param areaMm2 negative where it is taken away
     */
    public record Part(Shape shape, Ring outline, double firstMm, double secondMm, double heightMm, double areaMm2) {
        /** The sum as it is written down, lengths in the plan's units. */
        public String working(UnitSystem units) {
            return switch (shape) {
                case RECTANGLE -> shown(firstMm, units) + " \u00d7 " + shown(heightMm, units);
                case TRIANGLE -> shown(firstMm, units) + " \u00d7 " + shown(heightMm, units) + " \u00f7 2";
                case TRAPEZIUM ->
                    "(" + shown(firstMm, units) + " + " + shown(secondMm, units) + ") \u00d7 " + shown(heightMm, units)
                            + " \u00f7 2";
                case SECTOR ->
                    shown(firstMm, units)
                            + Words.of("\u00b2 \u00d7 \u03c0 \u00d7 %.2f\u00b0 \u00f7 360\u00b0", secondMm);
                case CHORD_TRIANGLE -> shown(firstMm, units) + " \u00d7 " + shown(heightMm, units) + " \u00f7 2";
                case RIM -> "chords to arcs";
            };
        }

        private static String shown(double mm, UnitSystem units) {
            return LengthText.rounded(Length.ofMm(mm), units);
        }
    }

    public Dissection {
        parts = List.copyOf(parts);
    }

    /** The letter of a part: A to Z, then A2 and on. */
    public static String letter(int index) {
        return (char) ('A' + index % 26) + (index < 26 ? "" : Integer.toString(index / 26 + 1));
    }

    /** The sum of all parts. */
    public double areaMm2() {
        return parts.stream().mapToDouble(Part::areaMm2).sum();
    }

    /** A room taken apart. */
    public static Dissection of(StoreyGeometry geometry, Room room) {
        return of(geometry.network(), room.outline());
    }

    static Dissection of(WallNetwork network, Outline outline) {
        var out = new ArrayList<Part>();
        var shell = chords(network, outline.shell().counterClockwise(), 1, out);
        var holes = outline.holes().stream()
                .map(h -> chords(network, h.counterClockwise(), -1, out))
                .toList();
        var parts = new ArrayList<Part>();
        if (out.isEmpty()) {
            parts.addAll(slabs(outline)); // all straight: what stands in the room is cut out of its slabs
        } else {
            // a chord may run across what stands in the room, so that is taken away by itself
            parts.addAll(signedSlabs(shell, 1));
            holes.forEach(h -> parts.addAll(signedSlabs(h, -1)));
            parts.addAll(out);
        }
        var made = new Dissection(parts);
        var area = TrueArea.along(network, outline).of(outline);
        return made.sumsTo(area) ? made : byCorners(outline, area);
    }

    private boolean sumsTo(double areaMm2) {
        return Math.abs(areaMm2() - areaMm2) < SAME_MM2;
    }

    /**
     * What slabs do not do justice to, such as a sliver whose edges cross within a hair: a triangle to each edge, arcs as
     * the many chords they are held in, and what these lack.
     */
    private static Dissection byCorners(Outline outline, double area) {
        var slabs = new Dissection(slabs(outline));
        var parts = new ArrayList<Part>();
        if (slabs.sumsTo(outline.area())) {
            parts.addAll(slabs.parts);
        } else {
            parts.addAll(triangles(outline.shell().counterClockwise()));
            outline.holes().forEach(h -> parts.addAll(negated(triangles(h.counterClockwise()))));
        }
        var made = new Dissection(parts);
        if (!made.sumsTo(area)) {
            parts.add(new Part(Shape.RIM, outline.shell(), 0, 0, 0, area - made.areaMm2()));
        }
        return new Dissection(parts);
    }

    /** The slabs of a ring, taken away if {@code sign} is minus one; of one that crosses itself, by its true turns. */
    private static List<Part> signedSlabs(Ring ring, int sign) {
        var parts = ring.area() < SAME_MM || ring.isSimple()
                ? ring.signedArea() < 0 ? negated(slabs(Outline.of(ring))) : slabs(Outline.of(ring))
                : triangles(ring);
        return sign > 0 ? parts : negated(parts);
    }

    private static List<Part> negated(List<Part> parts) {
        return parts.stream()
                .map(p -> new Part(p.shape, p.outline, p.firstMm, p.secondMm, p.heightMm, -p.areaMm2))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    /** A fan of triangles from the first corner, each by its turn: right for every ring, if not the fewest. */
    private static List<Part> triangles(Ring ring) {
        var out = new ArrayList<Part>();
        var corners = ring.corners();
        for (var i = 1; i + 1 < corners.size(); i++) {
            var base = new Segment(corners.getFirst(), corners.get(i));
            if (base.length() > SAME_MM) {
                var high = base.offset(corners.get(i + 1));
                if (Math.abs(high) > SAME_MM) {
                    out.add(new Part(
                            Shape.TRIANGLE,
                            Ring.of(base.a(), base.b(), corners.get(i + 1)),
                            base.length(),
                            0,
                            Math.abs(high),
                            base.length() * high / 2));
                }
            }
        }
        return out;
    }

    /**
     * A ring with each run of chords along one arc replaced by its single chord; what that takes away or adds goes
     * to the sectors.
     *
     * @param sign one for the room itself, minus one for what stands in it
     */
    private static Ring chords(WallNetwork network, Ring ring, int sign, List<Part> sectors) {
        var arcs = network.near(ring.bounds()).stream()
                .flatMap(p -> p.faces().stream())
                .filter(Arc.class::isInstance)
                .map(Arc.class::cast)
                .toList();
        if (arcs.isEmpty()) {
            return ring;
        }
        var corners = ring.corners();
        var on = new ArrayList<Integer>(); // which arc each edge lies on, -1 for none
        for (var i = 0; i < corners.size(); i++) {
            on.add(arcAlong(arcs, corners.get(i), corners.get((i + 1) % corners.size())));
        }
        var start = 0;
        while (start < corners.size()
                && on.get(start) >= 0
                && on.get(start).equals(on.get(Math.floorMod(start - 1, corners.size())))) {
            start++;
        }
        if (start == corners.size()) {
            start = 0; // one arc all round does not occur: walls curl by 330 degrees at most
        }
        var kept = new ArrayList<Point>();
        for (var k = 0; k < corners.size(); k++) {
            var i = (start + k) % corners.size();
            var arc = on.get(i);
            kept.add(corners.get(i));
            if (arc >= 0) {
                var last = k;
                while (last + 1 < corners.size()
                        && on.get((start + last + 1) % corners.size()).equals(arc)) {
                    last++;
                }
                sector(arcs.get(arc), corners.get(i), corners.get((start + last + 1) % corners.size()), sign, sectors);
                k = last;
            }
        }
        while (kept.size() < 3) {
            kept.add(kept.getFirst()); // one or two arcs alone: nothing lies between their chords
        }
        return new Ring(kept);
    }

    private static int arcAlong(List<Arc> arcs, Point a, Point b) {
        for (var i = 0; i < arcs.size(); i++) {
            var arc = arcs.get(i);
            var middle = a.towards(b, 0.5);
            if (arc.distance(a) < SAME_MM * 1000
                    && arc.distance(b) < SAME_MM * 1000
                    && arc.distance(middle) <= 2 * WallPiece.CHORD_ERROR_MM
                    && a.distance(b) < arc.length()) {
                return i;
            }
        }
        return -1;
    }

    /** The sector over a chord, and the triangle between chord and centre; bulging out adds, bulging in takes away. */
    private static void sector(Arc arc, Point from, Point to, int sense, List<Part> out) {
        var radius = arc.radius();
        var centre = arc.centre();
        var a = from.minus(centre);
        var b = to.minus(centre);
        var chord = from.distance(to);
        var middle = arc.at((arc.along(from) + arc.along(to)) / 2);
        var high = Math.abs(new Segment(from, to).offset(centre));
        var minor = Math.abs(Math.atan2(a.cross(b), a.dot(b)));
        var major = middle.minus(centre).dot(from.towards(to, 0.5).minus(centre)) < 0;
        var sweep = major ? 2 * Math.PI - minor : minor;
        var outward = to.minus(from).cross(middle.minus(from)) < 0 ? sense : -sense;
        var sectorArea = radius * radius * sweep / 2;
        var triangle = chord * high / 2;
        out.add(new Part(
                Shape.SECTOR,
                fan(centre, a, b, middle.minus(centre)),
                radius,
                Math.toDegrees(sweep),
                0,
                outward * sectorArea));
        if (triangle > SAME_MM) {
            out.add(new Part(
                    Shape.CHORD_TRIANGLE,
                    Ring.of(centre, from, to),
                    chord,
                    0,
                    high,
                    (major ? 1 : -1) * outward * triangle));
        }
    }

    private static Ring fan(Point centre, Point a, Point b, Point middle) {
        var points = new ArrayList<Point>();
        points.add(centre);
        points.add(centre.plus(a));
        points.add(centre.plus(a.plus(middle).unit().times(a.length())));
        points.add(centre.plus(middle));
        points.add(centre.plus(middle.plus(b).unit().times(a.length())));
        points.add(centre.plus(b));
        return new Ring(points);
    }

    /** Cut along lines through every corner, parallel to the longest side; what lies over what is alike is joined. */
    private static List<Part> slabs(Outline outline) {
        var longest = outline.shell().edges().stream()
                .max(Comparator.comparingDouble(e -> e.length()))
                .orElseThrow();
        var along = longest.unit();
        var up = along.left();
        var origin = longest.a();
        var turned = new ArrayList<List<Point>>();
        outline.rings()
                .forEach(r -> turned.add(r.corners().stream()
                        .map(p -> new Point(
                                p.minus(origin).dot(along), p.minus(origin).dot(up)))
                        .toList()));
        var levels = new TreeSet<Double>();
        for (var ring : turned) {
            for (var p : ring) {
                var near = levels.floor(p.y() + SAME_MM);
                if (near == null || near < p.y() - SAME_MM) {
                    levels.add(p.y());
                }
            }
        }
        var out = new ArrayList<Slab>();
        var list = new ArrayList<>(levels);
        for (var i = 0; i + 1 < list.size(); i++) {
            slab(turned, list.get(i), list.get(i + 1), out);
        }
        return joined(out).stream()
                .filter(Slab::holdsArea)
                .map(s -> s.part(origin, along, up))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    /** Between two levels, from left to right edge. */
    private record Slab(double low, double high, double lowLeft, double lowRight, double highLeft, double highRight) {
        private boolean holdsArea() {
            return lowRight - lowLeft > SAME_MM || highRight - highLeft > SAME_MM;
        }

        private boolean isRectangle() {
            return Math.abs(lowLeft - highLeft) < SAME_MM && Math.abs(lowRight - highRight) < SAME_MM;
        }

        private boolean continues(Slab below) {
            return isRectangle()
                    && below.isRectangle()
                    && Math.abs(below.high - low) < SAME_MM
                    && Math.abs(below.lowLeft - lowLeft) < SAME_MM
                    && Math.abs(below.lowRight - lowRight) < SAME_MM;
        }

        private Part part(Point origin, Point along, Point up) {
            var lower = lowRight - lowLeft;
            var upper = highRight - highLeft;
            var height = high - low;
            var corners = new ArrayList<Point>();
            corners.add(at(origin, along, up, lowLeft, low));
            if (lower > SAME_MM) {
                corners.add(at(origin, along, up, lowRight, low));
            }
            corners.add(at(origin, along, up, highRight, high));
            if (upper > SAME_MM) {
                corners.add(at(origin, along, up, highLeft, high));
            }
            var ring = new Ring(corners);
            if (isRectangle()) {
                return new Part(Shape.RECTANGLE, ring, lower, 0, height, lower * height);
            }
            if (corners.size() == 3) {
                var base = Math.max(lower, upper);
                return new Part(Shape.TRIANGLE, ring, base, 0, height, base * height / 2);
            }
            return new Part(Shape.TRAPEZIUM, ring, lower, upper, height, (lower + upper) * height / 2);
        }

        private static Point at(Point origin, Point along, Point up, double x, double y) {
            return origin.plus(along.times(x)).plus(up.times(y));
        }
    }

    private static void slab(List<List<Point>> rings, double low, double high, List<Slab> out) {
        record Side(double atLow, double atHigh) {}
        var sides = new ArrayList<Side>();
        for (var ring : rings) {
            for (var i = 0; i < ring.size(); i++) {
                var a = ring.get(i);
                var b = ring.get((i + 1) % ring.size());
                if (Math.min(a.y(), b.y()) <= low + SAME_MM && Math.max(a.y(), b.y()) >= high - SAME_MM) {
                    sides.add(new Side(xAt(a, b, low), xAt(a, b, high)));
                }
            }
        }
        sides.sort(Comparator.comparingDouble(s -> s.atLow + s.atHigh));
        for (var i = 0; i + 1 < sides.size(); i += 2) {
            out.add(new Slab(
                    low,
                    high,
                    sides.get(i).atLow,
                    sides.get(i + 1).atLow,
                    sides.get(i).atHigh,
                    sides.get(i + 1).atHigh));
        }
    }

    private static double xAt(Point a, Point b, double y) {
        var share = Math.clamp((y - a.y()) / (b.y() - a.y()), 0, 1);
        return a.x() + share * (b.x() - a.x());
    }

    private static List<Slab> joined(List<Slab> slabs) {
        var out = new ArrayList<Slab>();
        for (var slab : slabs) {
            var below = out.stream().filter(slab::continues).findFirst();
            if (below.isPresent()) {
                var b = below.get();
                out.set(
                        out.indexOf(b),
                        new Slab(b.low, slab.high, b.lowLeft, b.lowRight, slab.highLeft, slab.highRight));
            } else {
                out.add(slab);
            }
        }
        return out;
    }
}
