package honeylamp.store;

import honeylamp.derive.GeometryCache;
import honeylamp.derive.Room;
import honeylamp.derive.Snag;
import honeylamp.derive.Snags;
import honeylamp.derive.StoreyGeometry;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/** The plan in numbers, and its snags, for other programs. Names of fields are the shape of the JSON. */
public final class ReportJson {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .disable(tools.jackson.databind.MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .build();

    private ReportJson() {}

    record Report(String units, List<StoreyPart> storeys, Totals totals) {}

    record StoreyPart(
            String name,
            List<RoomPart> rooms,
            List<WallPart> walls,
            List<OpeningPart> openings,
            List<FurnishingPart> furnishings) {}

    record RoomPart(
            Optional<String> id,
            String name,
            BigDecimal area_m2,
            BigDecimal perimeter_mm,
            List<List<BigDecimal>> outline) {}

    /**
     * A wall.
     *
     * @param length_mm of the drawn line
     * @param faces_mm how long its two faces are that can be seen, the shorter first, whichever line was drawn
     */
    record WallPart(String id, String type, BigDecimal length_mm, BigDecimal thickness_mm, List<BigDecimal> faces_mm) {}

    record OpeningPart(String id, String kind, BigDecimal width_mm, String wall) {}

    record FurnishingPart(
            String id,
            String kind,
            BigDecimal width_mm,
            BigDecimal depth_mm,
            BigDecimal height_mm,
            List<BigDecimal> at_mm,
            BigDecimal turn_deg) {}

    record Totals(BigDecimal net_area_m2, BigDecimal gross_area_m2) {}

    /** The report of a plan. */
    public static String report(Plan plan) {
        var cache = new GeometryCache();
        var parts = plan.storeys().stream().map(s -> cache.of(plan, s)).toList();
        var totals = new Totals(
                squareMetres(
                        parts.stream().mapToDouble(StoreyGeometry::netAreaMm2).sum()),
                squareMetres(
                        parts.stream().mapToDouble(StoreyGeometry::grossAreaMm2).sum()));
        return pretty(new Report("mm", parts.stream().map(g -> storey(plan, g)).toList(), totals));
    }

    private static StoreyPart storey(Plan plan, StoreyGeometry geometry) {
        var storey = geometry.storey();
        return new StoreyPart(
                storey.name(),
                geometry.rooms().stream().map(ReportJson::room).toList(),
                storey.walls().stream()
                        .map(w -> {
                            var type = plan.wallType(w.type());
                            return new WallPart(
                                    w.id().text(),
                                    type.name(),
                                    mm(w.line().length()),
                                    mm(type.thickness().mm()),
                                    geometry.network().faceLengthsMm(w.id()).stream()
                                            .map(ReportJson::mm)
                                            .toList());
                        })
                        .toList(),
                storey.openings().stream()
                        .map(o -> new OpeningPart(
                                o.id().text(),
                                o.kind().name().toLowerCase(java.util.Locale.ROOT),
                                mm(o.width().mm()),
                                o.host().text()))
                        .toList(),
                storey.furnishings().stream()
                        .map(f -> new FurnishingPart(
                                f.id().text(),
                                f.kind(),
                                mm(f.width().mm()),
                                mm(f.depth().mm()),
                                mm(f.height().mm()),
                                List.of(mm(f.at().x().mm()), mm(f.at().y().mm())),
                                rounded(f.turnDeg(), 3)))
                        .toList());
    }

    private static RoomPart room(Room room) {
        return new RoomPart(
                room.mark().map(RoomMark::id).map(ElementId::text),
                room.name(),
                squareMetres(room.areaMm2()),
                mm(room.perimeterMm()),
                room.outline().shell().corners().stream()
                        .map(p -> List.of(mm(p.x()), mm(p.y())))
                        .toList());
    }

    private static BigDecimal mm(double value) {
        return rounded(value, 3);
    }

    private static BigDecimal squareMetres(double mm2) {
        return rounded(mm2 / 1e6, 6);
    }

    private static BigDecimal rounded(double value, int decimals) {
        return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    }

    /** All snags of a plan, storey by storey. */
    public static List<Snag> snags(Plan plan) {
        var cache = new GeometryCache();
        return plan.storeys().stream()
                .flatMap(s -> Snags.of(cache.of(plan, s), plan).stream())
                .toList();
    }

    /** Snags as JSON. */
    public static String check(List<Snag> snags) {
        return pretty(Map.of(
                "snags",
                snags.stream()
                        .map(s -> Map.of(
                                "kind",
                                s.kind().label(),
                                "about",
                                s.about().stream().map(ElementId::text).toList(),
                                "at_mm",
                                List.of(mm(s.where().x()), mm(s.where().y())),
                                "sentence",
                                s.sentence()))
                        .toList()));
    }

    private static String pretty(Object value) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(value);
    }
}
