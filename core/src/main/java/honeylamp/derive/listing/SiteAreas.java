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
        var building = Regions.union(geometry.network().poche().stream()
                .map(o -> Outline.of(o.shell()))
                .toList());
        var plots = outlines(grounds, Use.PLOT);
        var surfaces = new EnumMap<Use, Double>(Use.class);
        var covered = new ArrayList<>(building);
        for (var ground : grounds.reversed()) { // what is laid later lies on top
            if (ground.use() != Use.PLOT) {
                var outline = Outline.of(ground.ring());
                var seen = Regions.difference(List.of(outline), Regions.union(covered));
                surfaces.merge(ground.use(), sum(seen), Double::sum);
                covered.add(outline);
            }
        }
        return new SiteAreas(
                sum(plots), sum(Regions.intersection(plots, building)), Collections.unmodifiableMap(surfaces));
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
