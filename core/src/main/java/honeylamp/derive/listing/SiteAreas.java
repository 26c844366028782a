package honeylamp.derive.listing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Ground;
import honeylamp.plan.Ground.Use;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The areas of a site, in mm²; none of them counts with the areas of the building.
 *
 * @param plotMm2 within the boundary, 0 if no plot is drawn
 * @param builtMm2 what of the plot the building covers, by its outer faces
 * @param surfacesMm2 the ground by its use, less what the building and ground laid on top cover
 */
public record SiteAreas(double plotMm2, double builtMm2, Map<Use, Double> surfacesMm2) {
    /** The areas around the building of a storey. */
    public static SiteAreas of(StoreyGeometry geometry) {
        var grounds = geometry.storey().grounds();
        var building = building(geometry);
        var plots = outlines(grounds, Use.PLOT);
        var surfaces = new EnumMap<Use, Double>(Use.class);
        for (var ground : grounds.reversed()) {
            if (ground.use() != Use.PLOT) {
                surfaces.merge(ground.use(), sum(seen(grounds, building, ground)), Double::sum);
            }
        }
        return new SiteAreas(
                sum(plots), sum(Regions.intersection(plots, building)), Collections.unmodifiableMap(surfaces));
    }

    /** What of a ground is seen: less what the building, and what is laid later, cover. */
    static List<Outline> seen(StoreyGeometry geometry, Ground ground) {
        return seen(geometry.storey().grounds(), building(geometry), ground);
    }

    private static List<Outline> seen(List<Ground> grounds, List<Outline> building, Ground ground) {
        var covered = new ArrayList<>(building);
        grounds.subList(grounds.indexOf(ground) + 1, grounds.size()).stream()
                .filter(g -> g.use() != Use.PLOT)
                .forEach(g -> covered.add(Outline.of(g.ring())));
        return Regions.difference(List.of(Outline.of(ground.ring())), Regions.union(covered));
    }

    private static List<Outline> building(StoreyGeometry geometry) {
        return Regions.union(geometry.network().poche().stream()
                .map(o -> Outline.of(o.shell()))
                .toList());
    }

    /** Whether anything of a site is drawn. */
    public boolean isEmpty() {
        return plotMm2 == 0 && surfacesMm2.isEmpty();
    }

    private static List<Outline> outlines(List<Ground> grounds, Use use) {
        return Regions.union(grounds.stream()
                .filter(g -> g.use() == use)
                .map(g -> Outline.of(g.ring()))
                .toList());
    }

    private static double sum(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }
}
