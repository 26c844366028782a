package honeylamp.derive.roof;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.Skeleton;
import honeylamp.plan.Roof;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * The shape of a roof over the outer walls of a storey.
 *
 * @param ground what it stands over, within the outer faces of the walls
 * @param slopes its slopes, overhang included; none of a flat one
 * @param gables the outer faces of walls that rise up to it
 */
public record RoofShape(Roof roof, List<Outline> ground, List<Slope> slopes, List<Segment> gables) {
    private static final double SAME_MM = 0.5;
    private static final double BESIDE_MM = 20;

    /** A roof does not follow steps in its walls smaller than this: no carpenter would. */
    private static final double STRAIGHT_MM = 30;

    private static final double LEAST_TURN = 1e-4;
    private static final int TRIANGLE = 3;

    /** A roof over less is none: outlines that only touch leave slivers. */
    private static final double LEAST_MM2 = 1e4;

    public RoofShape {
        ground = List.copyOf(ground);
        slopes = List.copyOf(slopes);
        gables = List.copyOf(gables);
    }

    /**
     * One plane of a roof.
     *
     * @param outline where it lies, in plan mm
     * @param eave its low edge, the slope on its left
     * @param rise how much it rises in a mm
     * @param lowMm how high its underside is at the eave, above the floor
     */
    public record Slope(Outline outline, Segment eave, double rise, double lowMm) {
        /** How high its underside is over a point, above the floor. */
        public double underMm(Point p) {
            return lowMm + eave.offset(p) * rise;
        }

        /** How much higher its upper side is than its underside. */
        public double thickMm() {
            return Roof.THICK.mm() * Math.hypot(1, rise);
        }

        /** How steep it is. */
        public double pitchDeg() {
            return Math.toDegrees(Math.atan(rise));
        }

        /** What of it is lower than a height above the floor, seen on its underside. */
        public List<Outline> lowerThan(double mm) {
            var box = outline.bounds();
            var far = 2 * (box.width() + box.height());
            var inwards = (mm - lowMm) / rise;
            var out = eave.unit().left().times(-far);
            var middle = eave.middle();
            var along = eave.unit().times(far);
            var to = middle.plus(eave.unit().left().times(inwards));
            var strip = new Ring(
                    List.of(to.minus(along).plus(out), to.plus(along).plus(out), to.plus(along), to.minus(along)));
            return Regions.intersection(List.of(outline), List.of(Outline.of(strip.counterClockwise())));
        }
    }

    /**
     * The roof of a storey; empty if it has none or other storeys stand on all of it.
     *
     * @param shells what its walls enclose, within their outer faces
     * @param above the same of the storey next above
     */
    public static Optional<RoofShape> of(Storey storey, List<Outline> shells, List<Outline> above) {
        return storey.roof().flatMap(roof -> {
            var ground = Regions.difference(shells, above).stream()
                    .map(RoofShape::simple)
                    .filter(o -> o.area() > LEAST_MM2)
                    .toList();
            if (ground.isEmpty()) {
                return Optional.empty();
            }
            var slopes = new ArrayList<Slope>();
            var gables = new ArrayList<Segment>();
            if (roof.form() != Roof.Form.FLAT) {
                for (var part : ground) {
                    new Over(storey, roof, part, above).slopes(slopes, gables);
                }
            }
            return Optional.of(new RoofShape(roof, ground, slopes, gables));
        });
    }

    private static Outline simple(Outline o) {
        return new Outline(
                o.shell().counterClockwise().simplified(STRAIGHT_MM),
                o.holes().stream()
                        .map(h -> h.counterClockwise().reversed().simplified(STRAIGHT_MM))
                        .toList());
    }

    /** So high above the floor the underside meets the outer faces of the walls. */
    private static double springsMm(Storey storey, Roof roof) {
        return roof.springs().orElse(storey.height()).mm();
    }

    /** How high its underside is over a point, above the floor; empty where it has no slope. */
    public OptionalDouble underMm(Point p) {
        return slopes.stream()
                .filter(s -> s.outline.contains(p))
                .mapToDouble(s -> s.underMm(p))
                .min();
    }

    /** A roof over one part of the ground. */
    private record Over(Storey storey, Roof roof, Outline ground, List<Outline> above) {
        private double rise() {
            return Math.tan(Math.toRadians(roof.pitchDeg()));
        }

        private double lowMm() {
            return springsMm(storey, roof) - roof.overhang().mm() * rise();
        }

        /** Whether the wall of a higher storey stands at an edge. */
        private boolean isAgainstWall(Segment edge) {
            var beyond = edge.shiftedLeft(-BESIDE_MM).middle();
            return above.stream().anyMatch(o -> o.contains(beyond));
        }

        void slopes(List<Slope> slopes, List<Segment> gables) {
            var eaves = eaves();
            if (roof.form() == Roof.Form.LEAN_TO) {
                leanTo(slopes, gables, eaves);
                return;
            }
            var still = new HashSet<Segment>();
            eaves.shell().edges().stream().filter(this::isInner).forEach(still::add);
            var hipped = Skeleton.faces(List.of(eaves), e -> !isIn(still, e));
            if (roof.form() == Roof.Form.GABLE) {
                still.addAll(ends(eaves, hipped));
            }
            var faces = roof.form() == Roof.Form.GABLE ? Skeleton.faces(List.of(eaves), e -> !isIn(still, e)) : hipped;
            faces.forEach(f -> slopes.add(new Slope(f.outline(), f.eave(), rise(), lowMm())));
            still.stream().filter(e -> !isInner(e)).forEach(e -> gables.add(wall(e)));
        }

        /** The face of the wall below an edge of the eaves. */
        private Segment wall(Segment eave) {
            var below = eave.shiftedLeft(roof.overhang().mm());
            return ground.rings()
                    .flatMap(ring -> ring.edges().stream())
                    .filter(e -> e.unit().dot(below.unit()) > 0)
                    .filter(e -> Math.abs(below.offset(e.a())) < SAME_MM && Math.abs(below.offset(e.b())) < SAME_MM)
                    .filter(e -> below.distance(e.middle()) < SAME_MM)
                    .findFirst()
                    .orElse(below);
        }

        /** Whether an edge of the eaves lies along the wall of a higher storey: there the roof does not reach beyond. */
        private boolean isInner(Segment eave) {
            return isAgainstWall(eave);
        }

        private static boolean isIn(Set<Segment> still, Segment edge) {
            return still.stream().anyMatch(s -> s.distance(edge.middle()) < SAME_MM);
        }

        /** Which edges the roof ends over: those from which only a triangle would rise. */
        private List<Segment> ends(Outline eaves, List<Skeleton.Face> hipped) {
            var edges = eaves.shell().edges();
            var isQuad = edges.size() == 4 && eaves.holes().isEmpty();
            if (isQuad) {
                var longest = longest(edges);
                return edges.stream()
                        .filter(e ->
                                Math.abs(e.unit().dot(longest.unit())) < Math.sqrt(0.5) == (roof.quarters() % 2 == 0))
                        .toList();
            }
            var out = new ArrayList<Segment>();
            for (var face : hipped) {
                var isEnd = simple(face.outline()).shell().corners().size() == TRIANGLE;
                var isBesideEnd = out.stream()
                        .anyMatch(o -> o.a().distance(face.eave().b()) < SAME_MM
                                || o.b().distance(face.eave().a()) < SAME_MM);
                if (isEnd && !isBesideEnd) {
                    out.add(face.eave());
                }
            }
            return out;
        }

        private static Segment longest(List<Segment> edges) {
            return edges.stream()
                    .max(Comparator.comparingDouble(e -> Math.rint(e.length())))
                    .orElseThrow();
        }

        /** One plane that falls to where the longest wall looks, or a quarter turn from there. */
        private void leanTo(List<Slope> slopes, List<Segment> gables, Outline eaves) {
            var longest = longest(eaves.shell().edges());
            var falls = Affine.turn(90.0 * roof.quarters())
                    .apply(longest.unit().left().times(-1));
            var low = eaves.shell().corners().stream()
                    .max(Comparator.comparingDouble(p -> p.dot(falls)))
                    .orElseThrow();
            var along = falls.left();
            var eave = new Segment(low.minus(along.times(longest.length())), low.plus(along.times(longest.length())));
            slopes.add(new Slope(eaves, eave, rise(), lowMm()));
            for (var edge : eaves.shell().edges()) {
                var isLow = edge.unit().left().times(-1).dot(falls) > 1 - 1e-6 && eave.offset(edge.middle()) < SAME_MM;
                if (!isLow && !isAgainstWall(edge)) {
                    gables.add(wall(edge));
                }
            }
        }

        /** The ground with its overhang; none where a higher storey stands. */
        private Outline eaves() {
            var by = roof.overhang().mm();
            if (by == 0) {
                return ground;
            }
            var out = new Outline(
                    grown(ground.shell(), by),
                    ground.holes().stream().map(h -> grown(h, by)).toList());
            return out.rings().allMatch(Ring::isSimple) ? out : ground; // a niche narrower than two overhangs
        }

        /** A ring whose ground lies on the left of its edges, those that are free moved outwards. */
        private Ring grown(Ring ring, double by) {
            var edges = ring.edges();
            var corners = new ArrayList<Point>();
            for (var i = 0; i < edges.size(); i++) {
                var before = moved(edges.get((i + edges.size() - 1) % edges.size()), by);
                var edge = moved(edges.get(i), by);
                var turns = Math.abs(before.unit().cross(edge.unit())) > LEAST_TURN;
                corners.add(turns ? before.lineCrossing(edge).orElse(edge.a()) : edge.a());
            }
            return new Ring(corners);
        }

        private Segment moved(Segment edge, double by) {
            return edge.shiftedLeft(isAgainstWall(edge) ? 0 : -by);
        }
    }
}
