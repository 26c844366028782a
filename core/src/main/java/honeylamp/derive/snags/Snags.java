package honeylamp.derive.snags;

import honeylamp.derive.listing.BriefCheck;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/** Finds what is probably wrong with a storey. */
public final class Snags {
    /** Ends nearer than this to a wall are taken for gaps unless another reach is set. */
    public static final Length USUAL_GAP_REACH = Length.ofMm(400);

    private Snags() {}

    /**
     * What is probably wrong with what is built on a storey with its copies, unless nobody waits for it any more.
     *
     * @param gapReach ends nearer than this to a wall or to each other are taken for gaps
     * @param wanted asked between one family of snags and the next
     * @return empty if it was not wanted to the end
     */
    public static Optional<List<Snag>> of(LaidStorey storey, Length gapReach, BooleanSupplier wanted) {
        return of(storey.geometry(), storey.plan().whole(), gapReach, wanted).map(found -> {
            var out = new ArrayList<>(found);
            out.addAll(RoofSnags.of(storey));
            out.removeIf(Snags::isOfCopies);
            return sorted(out);
        });
    }

    private static List<Snag> sorted(List<Snag> snags) {
        return snags.stream()
                .sorted(Comparator.comparing(Snag::kind)
                        .thenComparingInt(s -> s.about().stream()
                                .mapToInt(ElementId::number)
                                .min()
                                .orElse(0)))
                .toList();
    }

    /** All snags of a storey, by kind and then by element number, with the usual reach for gaps. */
    public static List<Snag> of(StoreyGeometry geometry, Plan plan) {
        return of(geometry, plan, USUAL_GAP_REACH);
    }

    /**
     * All snags of a storey, by kind and then by element number.
     *
     * @param plan gives units and the least sizes wanted
     * @param gapReach ends nearer than this to a wall or to each other are taken for gaps
     */
    public static List<Snag> of(StoreyGeometry geometry, Plan plan, Length gapReach) {
        return of(geometry, plan, gapReach, () -> true).orElseThrow();
    }

    /**
     * All snags of a storey, unless nobody waits for them any more.
     *
     * @param wanted asked between one family of snags and the next
     * @return empty if they were not wanted to the end
     */
    public static Optional<List<Snag>> of(StoreyGeometry geometry, Plan plan, Length gapReach, BooleanSupplier wanted) {
        var out = new ArrayList<Snag>();
        for (var family : families(geometry, plan, gapReach)) {
            if (!wanted.getAsBoolean()) {
                return Optional.empty();
            }
            out.addAll(family.get());
        }
        out.removeIf(Snags::isOfCopies);
        return Optional.of(sorted(out));
    }

    private static List<Supplier<List<Snag>>> families(StoreyGeometry geometry, Plan plan, Length gapReach) {
        var units = plan.units();
        return List.of(
                () -> new EndSnags(geometry, units, gapReach.mm()).found(),
                () -> new RunSnags(geometry, units).found(),
                () -> openings(geometry),
                () -> new SwingJudgement(geometry, plan).snags(),
                () -> rooms(geometry, units),
                () -> smallRooms(geometry, plan),
                () -> lostNames(geometry),
                () -> StairSnags.of(plan, geometry),
                () -> SiteSnags.of(plan, geometry),
                () -> PieceSnags.of(geometry),
                () -> RegionSnags.of(geometry),
                () -> WordSnags.of(geometry.storey()));
    }

    /** What is wrong with a copy is wrong with its unit, and told there; copies may stand wall on wall. */
    private static boolean isOfCopies(Snag snag) {
        var about = snag.about();
        return !about.isEmpty() && about.stream().allMatch(ElementId::isCopied)
                || snag.kind() == Snag.Kind.WALL_ON_WALL && about.stream().anyMatch(ElementId::isCopied);
    }

    private static List<Snag> openings(StoreyGeometry geometry) {
        var out = new ArrayList<Snag>();
        var places = geometry.places();
        for (var opening : places.moved()) {
            geometry.cut(opening.id())
                    .ifPresent(cut -> out.add(new Snag(
                            Snag.Kind.OPENING_OUT_OF_PLACE,
                            cut.middle().middle(),
                            List.of(opening.id()),
                            opening.kind().label() + " has no room where it was put; it is shown at the nearest place"
                                    + " that has. Mend keeps it there.")));
        }
        for (var opening : places.homeless()) {
            geometry.storey()
                    .wall(opening.host())
                    .ifPresent(host -> out.add(new Snag(
                            Snag.Kind.OPENING_WITHOUT_ROOM,
                            host.line()
                                    .at(Math.clamp(
                                            opening.middleMm(), 0, host.line().length())),
                            List.of(opening.id()),
                            opening.kind().label() + " finds no room in its wall and is not shown. Make it narrower,"
                                    + " lengthen the wall, or delete it.")));
        }
        return out;
    }

    private static List<Snag> rooms(StoreyGeometry geometry, UnitSystem units) {
        var out = new ArrayList<Snag>();
        for (var room : geometry.rooms()) {
            if (room.name().isBlank()) {
                List<ElementId> about =
                        room.mark().<List<ElementId>>map(m -> List.of(m.id())).orElse(List.of());
                out.add(new Snag(
                        Snag.Kind.UNNAMED_ROOM,
                        LabelSpot.freest(room.outline()).centre(),
                        about,
                        "A room of " + AreaText.rounded(room.areaMm2(), units)
                                + " has no name. Pick it in the Rooms stage and type one."));
            }
        }
        return out;
    }

    /** Rooms smaller than the brief wants rooms of their use to be. */
    private static List<Snag> smallRooms(StoreyGeometry geometry, Plan plan) {
        var out = new ArrayList<Snag>();
        for (var wanted : plan.brief().rooms()) {
            for (var room : geometry.rooms()) {
                if (BriefCheck.use(room).equals(wanted.use())) {
                    for (var words : BriefCheck.tooSmall(plan, room, wanted)) {
                        out.add(new Snag(
                                Snag.Kind.SMALL_ROOM,
                                LabelSpot.freest(room.outline()).centre(),
                                room.mark()
                                        .<List<ElementId>>map(m -> List.of(m.id()))
                                        .orElse(List.of()),
                                "\"" + room.name() + "\" " + words + " that the brief wants."));
                    }
                }
            }
        }
        return out;
    }

    private static List<Snag> lostNames(StoreyGeometry geometry) {
        var out = new ArrayList<Snag>();
        var placed = geometry.rooms().stream()
                .flatMap(r -> r.mark().stream())
                .map(RoomMark::id)
                .toList();
        for (var mark : geometry.storey().rooms()) {
            if (!placed.contains(mark.id()) && mark.standing() == RoomMark.Standing.LIVE) {
                out.add(new Snag(
                        Snag.Kind.LOST_NAME,
                        mark.at().point(),
                        List.of(mark.id()),
                        "\"" + mark.name()
                                + "\" lies in no room of its own. Close the walls around it, or delete the name."));
            }
        }
        return out;
    }
}
