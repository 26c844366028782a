package honeylamp.derive.snags;

import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Region;
import honeylamp.plan.Storey;
import java.util.List;
import java.util.stream.Stream;

/** Regions that were outlined on a surface and no longer lie on one, so that nothing of them is seen. */
final class RegionSnags {
    private RegionSnags() {}

    static List<Snag> of(StoreyGeometry geometry) {
        var storey = geometry.storey();
        var off = storey.regions().stream()
                .filter(r -> RegionPlaces.level(geometry, r).isEmpty()
                        && RegionPlaces.faces(geometry, r).isEmpty())
                .map(r -> new Snag(Snag.Kind.REGION_OFF_SURFACE, at(storey, r), List.of(r.id()), sentence(r)));
        var deep = storey.regions().stream()
                .filter(r -> isTooDeep(geometry, r))
                .map(r -> new Snag(
                        Snag.Kind.NICHE_TOO_DEEP,
                        at(storey, r),
                        List.of(r.id()),
                        "A niche is as deep as its wall is thick, or deeper."));
        return Stream.concat(off, deep).toList();
    }

    private static boolean isTooDeep(StoreyGeometry geometry, Region region) {
        return region.isNiche()
                && region.wall().stream()
                        .flatMap(w -> geometry.network().of(w).stream())
                        .anyMatch(piece -> piece.thicknessMm()
                                < Region.BEHIND_NICHE.mm() - region.raised().mm());
    }

    private static Point at(Storey storey, Region region) {
        return region.wall()
                .flatMap(storey::wall)
                .map(w -> w.line()
                        .nearest(w.line().at(region.ring().bounds().centre().x())))
                .orElseGet(() -> region.ring().bounds().centre());
    }

    private static String sentence(Region region) {
        return switch (region.on()) {
            case Region.Floors _ -> "An own region lies on no floor. Move it into a room, or delete it.";
            case Region.Ceilings _ -> "An own region lies under no ceiling. Move it into a room, or delete it.";
            case Region.Upright _ ->
                "An own region lies beyond the end of its wall. Type where it begins, or delete it.";
        };
    }
}
