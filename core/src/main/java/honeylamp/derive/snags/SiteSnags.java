package honeylamp.derive.snags;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is probably wrong around a building: where it stands on its plot, and whether cars have room. */
final class SiteSnags {
    private static final double LEAST_OVER_MM2 = 1000;

    private SiteSnags() {}

    static List<Snag> of(Plan plan, StoreyGeometry geometry) {
        var out = new ArrayList<Snag>();
        for (var ground : geometry.storey().grounds()) {
            if (ground.use() == Ground.Use.PLOT) {
                plot(plan, geometry, ground, out);
            }
        }
        for (var part : geometry.storey().structures()) {
            if (part.form() instanceof ParkingBay bay) {
                bay(plan, geometry, part, bay, out);
            }
        }
        return out;
    }

    /** What of the building lies outside the plot or within its setback, in plan mm. */
    static List<Outline> overSetback(StoreyGeometry geometry, Ground plot) {
        var free = Regions.softened(
                List.of(Outline.of(plot.ring())), -plot.setback().mm());
        return Regions.difference(built(geometry), free).stream()
                .filter(o -> o.area() > LEAST_OVER_MM2)
                .toList();
    }

    private static List<Outline> built(StoreyGeometry geometry) {
        var out = new ArrayList<Outline>();
        geometry.network().poche().forEach(o -> out.add(Outline.of(o.shell())));
        geometry.storey().structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY))
                .forEach(s -> out.add(Outline.of(s.footprint())));
        return out;
    }

    private static void plot(Plan plan, StoreyGeometry geometry, Ground plot, List<Snag> out) {
        var over = overSetback(geometry, plot);
        if (over.isEmpty()) {
            return;
        }
        var corners = over.stream().flatMap(o -> o.shell().corners().stream()).toList();
        var worst = corners.stream()
                .min(Comparator.comparingDouble(p -> inside(plot, p)))
                .orElseThrow();
        var distance = inside(plot, worst);
        var sentence = distance < 0
                ? "The building leaves its plot by " + shown(plan, -distance) + ". Move it, or correct the boundary."
                : "The building comes within " + shown(plan, distance) + " of the boundary; "
                        + shown(plan, plot.setback().mm()) + " are asked for.";
        out.add(new Snag(Snag.Kind.SETBACK, worst, List.of(plot.id()), sentence));
    }

    /** Distance from the boundary, negative outside, in mm. */
    private static double inside(Ground plot, Point p) {
        var ring = plot.ring();
        return ring.contains(p) ? ring.edgeDistance(p) : -ring.edgeDistance(p);
    }

    private static void bay(Plan plan, StoreyGeometry geometry, Structure part, ParkingBay bay, List<Snag> out) {
        var clear = BayClearance.of(geometry, part, bay);
        if (!clear.suffices()) {
            var narrow = clear.clearMm() < clear.wantedMm() - 1;
            out.add(new Snag(
                    Snag.Kind.NARROW_BAY,
                    part.at().point(),
                    List.of(part.id()),
                    narrow
                            ? "The bay is " + shown(plan, clear.clearMm()) + " wide; this car and its doors want "
                                    + shown(plan, clear.wantedMm())
                                    + (clear.walls() > 0 ? " beside a wall." : ".")
                            : "The bay is " + shown(plan, clear.longMm()) + " long; this car wants "
                                    + shown(plan, clear.wantedLongMm()) + "."));
        }
    }

    private static String shown(Plan plan, double mm) {
        return LengthText.rounded(Length.ofMm(mm), plan.units());
    }
}
