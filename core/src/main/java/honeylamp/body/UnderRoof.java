package honeylamp.body;

import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.roof.RoofShape.Slope;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Roof;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Ends what stands on a storey where its roof is. */
final class UnderRoof {
    private static final double INTO_MM = 5;
    private static final double LEAST_MM = 0.5;

    /** A facet is plumb if it looks up or down by less, and level if it looks so nearly up or down. */
    private static final double LEVEL = 1e-9;

    private static final double FAR_MM = 1e5;
    private static final double WIDER_MM = 100;

    private final List<Slope> slopes;
    private final double floorMm;

    private UnderRoof(List<Slope> slopes, double floorMm) {
        this.slopes = slopes;
        this.floorMm = floorMm;
    }

    /** Under a roof; empty if there is none that slopes. */
    static Optional<UnderRoof> of(Optional<RoofShape> roof, double floorMm) {
        return roof.filter(r -> !r.slopes().isEmpty()).map(r -> new UnderRoof(r.slopes(), floorMm));
    }

    /** Under the roof of a storey, where that comes down lower than its walls would reach; else empty. */
    static Optional<UnderRoof> overWalls(LaidStorey storey) {
        return storey.storey().roof().flatMap(Roof::springs).isPresent()
                ? of(storey.roof(), storey.storey().level().mm())
                : Optional.empty();
    }

    /** A plane of the roof's underside, looking up: its x along the eave, its y up the slope. */
    static Flat under(Slope slope, double floorMm) {
        return plane(slope, floorMm + slope.lowMm());
    }

    /** The plane of a slope through its eave at a height. */
    static Flat plane(Slope slope, double atMm) {
        var steep = Math.toRadians(slope.pitchDeg());
        var along = slope.eave().unit();
        var up = SpacePoint.of(along.left(), 0).times(Math.cos(steep)).plus(SpacePoint.UP.times(Math.sin(steep)));
        return new Flat(SpacePoint.of(slope.eave().a(), atMm), SpacePoint.of(along, 0), up);
    }

    /** From the plan into the frame of a slope. */
    static Affine into(Slope slope) {
        return Affine.move(-slope.eave().a().x(), -slope.eave().a().y())
                .then(Affine.turn(-slope.eave().unit().angleDeg()))
                .then(Affine.scale(1, Math.hypot(1, slope.rise())));
    }

    /** What of a plumb face lies under the roof, in the frame of the face. */
    List<Outline> under(Flat face, List<Outline> outline) {
        if (outline.isEmpty()) {
            return outline;
        }
        var from = outline.stream().mapToDouble(o -> o.bounds().minX()).min().orElse(0);
        var to = outline.stream().mapToDouble(o -> o.bounds().maxX()).max().orElse(0);
        var base = new Segment(face.at(from, 0).plan(), face.at(to, 0).plan());
        if (base.length() < LEAST_MM) {
            return outline;
        }
        var above = new ArrayList<Outline>();
        var within = base.shiftedLeft(INTO_MM); // an outer face may lie on the edge of its slope
        for (var slope : near(within.bounds())) {
            var stops = new TreeSet<Double>(List.of(0.0, base.length()));
            slope.outline()
                    .rings()
                    .flatMap(r -> r.edges().stream())
                    .forEach(edge -> edge.crossing(within).map(within::along).ifPresent(stops::add));
            var last = stops.first();
            for (var stop : stops.tailSet(last, false)) {
                if (stop - last > LEAST_MM && slope.outline().contains(within.at((last + stop) / 2))) {
                    above.add(above(face, base, slope, from, new double[] {last, stop}));
                }
                last = stop;
            }
        }
        return Regions.difference(outline, above);
    }

    private Outline above(Flat face, Segment base, Slope slope, double fromMm, double[] part) {
        var corners = new ArrayList<Point>();
        for (var at : part) {
            var high = floorMm + slope.underMm(base.at(at)) - face.origin().z();
            corners.add(new Point(fromMm + at, high));
        }
        // wider above, so that nothing is left standing between two slopes
        corners.add(new Point(corners.get(1).x() + WIDER_MM, FAR_MM));
        corners.add(new Point(corners.get(0).x() - WIDER_MM, FAR_MM));
        return Outline.of(new Ring(corners).counterClockwise());
    }

    /** What of a body lies under the roof: of its plumb and its level facets. */
    Body under(Body body) {
        var facets = body.facets().stream().flatMap(f -> under(f).stream()).toList();
        return new Body(body.kind(), body.of(), facets, body.lines());
    }

    private List<Facet> under(Facet facet) {
        var normal = facet.normal();
        if (Math.abs(normal.z()) < LEVEL) {
            var upright =
                    new Flat(facet.flat().origin(), SpacePoint.UP.cross(normal).unit(), SpacePoint.UP);
            var outline = new Outline(
                    inFrame(upright, facet, facet.outline().shell()),
                    facet.outline().holes().stream()
                            .map(h -> inFrame(upright, facet, h))
                            .toList());
            return parts(facet, upright, under(upright, List.of(outline)));
        }
        if (Math.abs(normal.z()) > 1 - LEVEL) {
            var plan = Box.around(facet.inSpace(facet.outline().shell()).stream()
                    .map(SpacePoint::plan)
                    .toList());
            var low = low(plan, facet.flat().origin().z() - floorMm).stream()
                    .map(o -> inFrame(facet.flat(), o))
                    .toList();
            return low.isEmpty()
                    ? List.of(facet)
                    : parts(facet, facet.flat(), Regions.difference(List.of(facet.outline()), low));
        }
        return List.of(facet);
    }

    private static List<Facet> parts(Facet facet, Flat flat, List<Outline> parts) {
        return parts.stream()
                .map(o -> new Facet(flat, Prism.oriented(o), facet.skin(), facet.rank(), facet.of()))
                .toList();
    }

    private static Ring inFrame(Flat other, Facet facet, Ring ring) {
        return new Ring(facet.inSpace(ring).stream().map(other::of).toList());
    }

    /** An outline of the plan in the frame of a level plane. */
    private static Outline inFrame(Flat flat, Outline plan) {
        return new Outline(
                inFrame(flat, plan.shell()),
                plan.holes().stream().map(h -> inFrame(flat, h)).toList());
    }

    private static Ring inFrame(Flat flat, Ring plan) {
        return new Ring(plan.corners().stream()
                .map(p -> flat.of(SpacePoint.of(p, flat.origin().z())))
                .toList());
    }

    /** The slopes over a part of the plan. */
    private List<Slope> near(Box box) {
        var grown = box.grown(INTO_MM);
        return slopes.stream().filter(s -> s.outline().bounds().meets(grown)).toList();
    }

    private List<Outline> low(Box box, double atMm) {
        return near(box).stream().flatMap(s -> s.lowerThan(atMm).stream()).toList();
    }

    /** What of a level top at a height above the floor lies under the roof. */
    List<Outline> under(List<Outline> top, double atMm) {
        return top.stream()
                .flatMap(o -> Regions.difference(List.of(o), low(o.bounds(), atMm)).stream())
                .toList();
    }

    /** Where the roof cuts off what would reach so high: in its own planes. */
    void cut(List<Facet> out, List<Outline> ground, double atMm) {
        for (var slope : slopes) {
            var box = slope.outline().bounds();
            var there = ground.stream().filter(o -> o.bounds().meets(box)).toList();
            for (var part : Regions.intersection(there, slope.lowerThan(atMm))) {
                out.add(new Facet(under(slope, floorMm), Prism.oriented(part.through(into(slope))), Skin.cut()));
            }
        }
    }
}
