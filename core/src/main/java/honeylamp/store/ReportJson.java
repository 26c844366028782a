package honeylamp.store;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.catalogue.piece.Counters;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.Headroom;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.Tags;
import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.Stretches;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.BayClearance;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import honeylamp.sheet.RoomWords;
import honeylamp.takeoff.TileCount;
import honeylamp.takeoff.lighting.FittingList;
import honeylamp.takeoff.way.WaySnags;
import honeylamp.takeoff.way.Ways;
import honeylamp.takeoff.way.Ways.Reached;
import honeylamp.units.AreaText;
import honeylamp.units.ShownIn;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;

/** The plan in numbers, and its snags, for other programs. Names of fields are the shape of the JSON. */
public final class ReportJson {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .disable(tools.jackson.databind.MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .build();

    private ReportJson() {}

    record Report(
            String units,
            List<StoreyPart> storeys,
            Totals totals,
            List<FittingSum> fitting_sums,
            List<LabelPart> labels) {}

    /**
     * What fittings of the whole plan come to, those that go in the works left out.
     *
     * @param of all lights, all switches, all sockets, or a circuit
     */
    record FittingSum(String of, int number, int lumen, BigDecimal watt, BigDecimal cost) {}

    /**
     * The label of a room on a page.
     *
     * @param says its lines from the top down; none if it is left out
     * @param at_paper_mm its middle on the page, from the upper left corner
     * @param place {@code inside} its room, {@code beside} it on a leader, {@code over} furniture, or {@code nowhere}
     */
    record LabelPart(String page, String room, List<String> says, List<BigDecimal> at_paper_mm, String place) {}

    record StoreyPart(
            String name,
            List<RoomPart> rooms,
            List<WallPart> walls,
            List<OpeningPart> openings,
            List<StairPart> stairs,
            List<FurnishingPart> furnishings,
            List<FittingPart> fittings,
            List<SurfacePart> surfaces,
            AreaPartOf areas,
            BigDecimal internal_gross_m2,
            BigDecimal external_gross_m2,
            LowPart low,
            SitePart site,
            List<DimensionChain> dimensions) {}

    /** What of the rooms is low below the roof and sloping ceilings. */
    record LowPart(BigDecimal below_1500_m2, BigDecimal from_1500_to_2000_m2) {
        static LowPart of(LaidStorey storey) {
            var low = Headroom.of(storey);
            return new LowPart(squareMetres(low.below1500()), squareMetres(low.below2000()));
        }
    }

    /**
     * Fittings of one room that are alike.
     *
     * @param first of them
     * @param tag as on pages and in the schedule
     */
    record FittingPart(
            String first,
            String tag,
            String kind,
            int number,
            String room,
            String works,
            List<Integer> groups,
            int circuit,
            int lumen,
            BigDecimal watt,
            String product,
            BigDecimal cost) {}

    /**
     * A surface that can be covered.
     *
     * @param of what it is a part of
     * @param side of a wall, seen along it from its first end
     * @param room the room that sees it
     * @param number of a step, from the foot of its stair
     * @param finish empty if nobody said
     * @param pieces what it takes; empty if it is laid in one, or in too many to count
     */
    record SurfacePart(
            String is,
            String of,
            Optional<String> side,
            Optional<String> room,
            Optional<Integer> number,
            BigDecimal area_m2,
            Optional<String> finish,
            Optional<PiecesPart> pieces) {}

    /** Pieces on a surface. */
    record PiecesPart(
            String pattern,
            BigDecimal width_mm,
            BigDecimal length_mm,
            BigDecimal joint_mm,
            int whole,
            int cut_over_half,
            int cut_under_half,
            int order,
            Optional<Integer> boxes,
            BigDecimal smallest_cut_mm) {}

    record RoomPart(
            Optional<String> id,
            String name,
            String use,
            String number,
            String counts,
            BigDecimal area_m2,
            AreaPartOf areas,
            BigDecimal perimeter_mm,
            List<List<BigDecimal>> outline,
            Optional<WayPart> way) {}

    /**
     * How one comes to a room.
     *
     * @param least_mm where the way is narrowest; empty if it is wide all along
     * @param step_mm the highest step on it
     * @param turning_mm the widest free circle in the room, at most 1,600
     */
    record WayPart(
            Optional<BigDecimal> least_mm,
            String at,
            BigDecimal step_mm,
            BigDecimal length_mm,
            BigDecimal turning_mm,
            boolean step_free) {}

    /**
     * A wall.
     *
     * @param length_mm of the drawn line
     * @param faces_mm how long its two faces are that can be seen, the shorter first, whichever line was drawn
     */
    record WallPart(
            String id,
            String type,
            String works,
            BigDecimal length_mm,
            BigDecimal thickness_mm,
            List<BigDecimal> faces_mm) {}

    /**
     * An opening as it lies in the plan.
     *
     * @param hand the jamb with the hinges, {@code first} nearer to the wall's first end; none if it makes no odds
     * @param swing the side it opens to, seen along the wall from its first end
     * @param before_mm from what bounds its stretch of wall to its first jamb, {@code after_mm} behind its second
     */
    record OpeningPart(
            String id,
            String tag,
            String kind,
            String wall,
            BigDecimal width_mm,
            BigDecimal sill_mm,
            BigDecimal head_mm,
            BigDecimal clear_mm,
            Optional<String> hand,
            Optional<String> swing,
            Optional<BigDecimal> before_mm,
            Optional<BigDecimal> after_mm,
            String keeps,
            String works) {}

    /**
     * A stair.
     *
     * @param stride_mm two risers and a going
     * @param lower_treads those before the turn
     * @param open_from the first tread over which the upper floor is open
     */
    record StairPart(
            String id,
            String shape,
            String turn,
            String leads,
            int risers,
            BigDecimal riser_mm,
            BigDecimal going_mm,
            BigDecimal stride_mm,
            BigDecimal rise_mm,
            BigDecimal width_mm,
            int lower_treads,
            BigDecimal walking_line_mm,
            int open_from,
            BigDecimal well_m2) {}

    /** Ground around the building, apart from its own areas. */
    record SitePart(BigDecimal plot_m2, BigDecimal built_m2, Map<String, BigDecimal> surfaces_m2, List<BayPart> bays) {}

    record BayPart(String id, String car, BigDecimal clear_mm, BigDecimal wanted_mm, BigDecimal long_mm) {}

    /** Areas of a room or a storey by basis, in m\u00b2. */
    record AreaPartOf(BigDecimal inner_faces_m2, BigDecimal wall_centres_m2, BigDecimal outer_faces_m2) {}

    record FurnishingPart(
            String id,
            String kind,
            BigDecimal width_mm,
            BigDecimal depth_mm,
            BigDecimal height_mm,
            BigDecimal above_floor_mm,
            List<BigDecimal> at_mm,
            BigDecimal turn_deg,
            String works,
            String product,
            String source,
            String link,
            BigDecimal price,
            boolean bought) {}

    record Totals(BigDecimal net_area_m2, BigDecimal gross_area_m2) {}

    /** The report of a plan. */
    public static String report(Plan drawn) {
        var laid = LaidPlan.of(drawn);
        var storeys = laid.all();
        var parts = storeys.stream().map(LaidStorey::geometry).toList();
        var totals = new Totals(
                squareMetres(
                        parts.stream().mapToDouble(StoreyGeometry::netAreaMm2).sum()),
                squareMetres(
                        parts.stream().mapToDouble(StoreyGeometry::grossAreaMm2).sum()));
        var labels = laid.pages().stream()
                .flatMap(page -> RoomWords.on(page).stream().map(words -> label(page.name(), words)))
                .toList();
        return pretty(
                new Report("mm", storeys.stream().map(ReportJson::storey).toList(), totals, sums(storeys), labels));
    }

    private static LabelPart label(String page, RoomWords words) {
        return new LabelPart(
                page,
                words.room().name(),
                words.words(),
                words.at().stream()
                        .flatMap(p -> Stream.of(mm(p.x()), mm(p.y())))
                        .toList(),
                lower(words.place().name()));
    }

    private static StoreyPart storey(LaidStorey laid) {
        var plan = laid.plan();
        var geometry = laid.geometry();
        var storey = laid.storey();
        var areas = laid.areas();
        var tags = Tags.of(plan);
        var rooms = new ArrayList<RoomPart>();
        var fitted = FittingList.tags(plan);
        var ways = Ways.of(laid).toRooms();
        for (var i = 0; i < geometry.rooms().size(); i++) {
            var room = geometry.rooms().get(i);
            var way =
                    ways.stream().filter(w -> w.room().equals(room)).findFirst().flatMap(w -> way(laid, w));
            rooms.add(room(room, areas.rooms().get(i), way));
        }
        return new StoreyPart(
                storey.name(),
                rooms,
                storey.walls().stream().map(w -> wall(plan, geometry, w)).toList(),
                storey.openings().stream()
                        .map(o -> opening(geometry, o, tags.getOrDefault(o.id(), "")))
                        .toList(),
                laid.fixedParts().stairs().stream()
                        .filter(f -> storey.structures().contains(f.part()))
                        .map(ReportJson::stair)
                        .toList(),
                storey.furnishings().stream().map(ReportJson::furnishing).toList(),
                FittingList.of(List.of(laid)).rows().stream()
                        .map(row -> fitting(row, fitted))
                        .toList(),
                Counters.withSurfaces(laid).stream().map(ReportJson::surface).toList(),
                by(basis -> areas.rooms().stream()
                        .mapToDouble(r -> r.getOrDefault(basis, 0.0))
                        .sum()),
                squareMetres(areas.internalGrossMm2()),
                squareMetres(areas.externalGrossMm2()),
                LowPart.of(laid),
                site(geometry),
                DimensionChain.of(geometry, ShownIn.only(plan.rounding())));
    }

    private static SitePart site(StoreyGeometry geometry) {
        var areas = SiteAreas.of(geometry);
        var surfaces = new LinkedHashMap<String, BigDecimal>();
        areas.surfacesMm2().forEach((use, mm2) -> surfaces.put(lower(use.name()), squareMetres(mm2)));
        var bays = new ArrayList<BayPart>();
        for (var part : geometry.storey().structures()) {
            if (part.form() instanceof Structure.ParkingBay bay) {
                var clear = BayClearance.of(geometry, part, bay);
                bays.add(new BayPart(
                        part.id().text(),
                        lower(bay.car().name()),
                        mm(clear.clearMm()),
                        mm(clear.wantedMm()),
                        mm(clear.longMm())));
            }
        }
        return new SitePart(squareMetres(areas.plotMm2()), squareMetres(areas.builtMm2()), surfaces, bays);
    }

    private static AreaPartOf by(ToDoubleFunction<AreaBasis> area) {
        return new AreaPartOf(
                squareMetres(area.applyAsDouble(AreaBasis.INNER_FACES)),
                squareMetres(area.applyAsDouble(AreaBasis.WALL_CENTRES)),
                squareMetres(area.applyAsDouble(AreaBasis.OUTER_FACES)));
    }

    private static WallPart wall(LaidPlan plan, StoreyGeometry geometry, Wall wall) {
        var type = plan.wallType(wall.type());
        return new WallPart(
                wall.id().text(),
                type.name(),
                wall.works().label().toLowerCase(Locale.ROOT),
                mm(wall.line().length()),
                mm(type.thickness().mm()),
                (wall.stands() ? geometry.network() : geometry.removed())
                        .faceLengthsMm(wall.id()).stream().map(ReportJson::mm).toList());
    }

    private static OpeningPart opening(StoreyGeometry geometry, Opening o, String tag) {
        var placed = geometry.cutOrClosed(o.id()).map(OpeningCut::opening);
        var bounds = placed.flatMap(p -> geometry.storey()
                .wall(p.host())
                .map(w -> Stretches.bounding(
                        geometry.network(),
                        w,
                        geometry.places().placed().stream()
                                .filter(x -> x.host().equals(w.id()) && !x.id().equals(o.id()))
                                .toList(),
                        p.middleMm())));
        return new OpeningPart(
                o.id().text(),
                tag,
                lower(o.kind().name()),
                o.host().text(),
                mm(o.width().mm()),
                mm(o.sill().mm()),
                mm(o.head().mm()),
                mm(FrameSizes.of(o).clearWidthMm()),
                o.kind().hasHand() ? Optional.of(lower(o.hand().name())) : Optional.empty(),
                o.kind().hasSide() ? Optional.of(lower(o.swing().name())) : Optional.empty(),
                bounds.flatMap(b -> placed.map(p -> mm(b.beforeMm(p)))),
                bounds.flatMap(b -> placed.map(p -> mm(b.afterMm(p)))),
                lower(o.keeping().rule().name()),
                lower(o.works().label()));
    }

    private static String lower(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static StairPart stair(FixedParts.Flights flights) {
        var stair = flights.stair();
        return new StairPart(
                flights.part().id().text(),
                lower(stair.shape().name()),
                lower(stair.turn().name()),
                lower(stair.leads().name()),
                stair.risers(),
                mm(stair.riserMm()),
                mm(stair.going().mm()),
                mm(stair.strideMm()),
                mm(stair.rise().mm()),
                mm(stair.flight().mm()),
                stair.lower(),
                mm(flights.steps().walkMm()),
                flights.openFrom() + 1,
                squareMetres(flights.well().stream().mapToDouble(Outline::area).sum()));
    }

    private static FurnishingPart furnishing(Furnishing f) {
        return new FurnishingPart(
                f.id().text(),
                f.kind(),
                mm(f.width().mm()),
                mm(f.depth().mm()),
                mm(f.height().mm()),
                mm(f.bottom().mm()),
                List.of(mm(f.at().x().mm()), mm(f.at().y().mm())),
                rounded(f.turnDeg(), 3),
                f.works().label().toLowerCase(Locale.ROOT),
                f.buying().name(),
                f.buying().source(),
                f.buying().link(),
                BigDecimal.valueOf(f.buying().price(), 2),
                f.buying().state() == Buying.State.BOUGHT);
    }

    private static List<FittingSum> sums(List<LaidStorey> storeys) {
        return FittingList.of(storeys).sums().stream()
                .map(s -> new FittingSum(
                        s.words(), s.count(), s.lumens(), rounded(s.watts(), 1), BigDecimal.valueOf(s.costCents(), 2)))
                .toList();
    }

    private static FittingPart fitting(FittingList.Row row, FittingList.Tags tags) {
        var alike = row.alike();
        return new FittingPart(
                row.first().text(),
                tags.of(row),
                alike.kind().key(),
                row.count(),
                alike.room(),
                lower(alike.works().label()),
                alike.groups(),
                alike.circuit(),
                row.lumens(),
                rounded(row.watts(), 1),
                alike.product(),
                BigDecimal.valueOf(row.costCents(), 2));
    }

    private static SurfacePart surface(Surfaces.Found found) {
        var surface = found.surface();
        return new SurfacePart(
                surface.getClass()
                        .getSimpleName()
                        .replaceAll("(?<=.)([A-Z])", "_$1")
                        .toLowerCase(Locale.ROOT),
                surface.host().text(),
                surface instanceof Surface.OnWall on
                        ? Optional.of(lower(on.side().name()))
                        : Optional.empty(),
                switch (surface) {
                    case Surface.OnWall on -> on.room().map(ElementId::text);
                    case Surface.OfRoom of -> Optional.of(of.room().text());
                    case Surface.Reveal _,
                            Surface.Threshold _,
                            Surface.Site _,
                            Surface.Counter _,
                            Surface.OfStair _,
                            Surface.OwnRegion _,
                            Surface.Edge _ -> Optional.empty();
                },
                surface instanceof Surface.OfStair step ? Optional.of(step.number()) : Optional.empty(),
                squareMetres(found.areaMm2()),
                found.finish().map(Finish::material),
                found.finish().flatMap(Materials::of).flatMap(m -> pieces(found, m)));
    }

    private static Optional<PiecesPart> pieces(Surfaces.Found found, Material material) {
        var laying = material.laying();
        return TileCount.of(
                        found.outline(),
                        laying,
                        found.finish().orElseThrow(),
                        found.surface().host().seed())
                .map(count -> new PiecesPart(
                        Patterns.label(laying.pattern()),
                        mm(laying.width().mm()),
                        mm(laying.length().mm()),
                        mm(laying.joint().mm()),
                        count.whole(),
                        count.large(),
                        count.small(),
                        count.ordered(),
                        count.boxes(laying.goods(), 0),
                        mm(count.leastMm())));
    }

    private static Optional<WayPart> way(LaidStorey storey, Reached reached) {
        return reached.way()
                .map(w -> new WayPart(
                        w.narrowest().map(n -> mm(n.mm())),
                        w.narrowest()
                                .map(n -> n.door().isPresent() ? "at a door" : WaySnags.between(storey, n))
                                .orElse(""),
                        mm(w.stepMm()),
                        mm(w.lengthMm()),
                        mm(reached.turningMm()),
                        reached.isStepFree()));
    }

    private static RoomPart room(Room room, Map<AreaBasis, Double> areas, Optional<WayPart> way) {
        var fit = room.mark().map(RoomMark::fit).orElse(RoomFit.NONE);
        return new RoomPart(
                room.mark().map(RoomMark::id).map(ElementId::text),
                room.name(),
                fit.use(),
                fit.number(),
                lower(fit.counts().name()),
                squareMetres(room.areaMm2()),
                by(basis -> areas.getOrDefault(basis, 0.0)),
                mm(room.perimeterMm()),
                room.outline().shell().corners().stream()
                        .map(p -> List.of(mm(p.x()), mm(p.y())))
                        .toList(),
                way);
    }

    private static BigDecimal mm(double value) {
        return rounded(value, 3);
    }

    private static BigDecimal squareMetres(double mm2) {
        return rounded(mm2 / AreaText.MM2_PER_M2, 6);
    }

    private static BigDecimal rounded(double value, int decimals) {
        return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    }

    private static String pretty(Object value) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(value);
    }
}
