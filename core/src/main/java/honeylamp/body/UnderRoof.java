package honeylamp.body;

import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.roof.RoofShape.Slope;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Ends what stands on a storey where its roof is. */
final class UnderRoof {
    private static final double INTO_MM = 5;
    private static final double LEAST_MM = 0.5;
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
        for (var slope : slopes) {
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

    /** What of a level top at a height above the floor lies under the roof. */
    List<Outline> under(List<Outline> top, double atMm) {
        var low = slopes.stream().flatMap(s -> s.lowerThan(atMm).stream()).toList();
        return Regions.difference(top, low);
    }

    /** Where the roof cuts off what would reach so high: in its own planes. */
    void cut(List<Facet> out, List<Outline> ground, double atMm) {
        for (var slope : slopes) {
            for (var part : Regions.intersection(ground, slope.lowerThan(atMm))) {
                out.add(new Facet(under(slope, floorMm), Prism.oriented(part.through(into(slope))), Skin.cut()));
            }
        }
    }
}
