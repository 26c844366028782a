package honeylamp.derive;

import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds what is probably wrong with a storey. */
public final class Snags {
    /** Ends nearer than this to a wall are taken for gaps unless another reach is set. */
    public static final Length USUAL_GAP_REACH = Length.ofMm(400);

    private Snags() {}

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
        var units = plan.units();
        var out = new ArrayList<Snag>();
        out.addAll(new EndSnags(geometry, units, gapReach.mm()).found());
        out.addAll(new RunSnags(geometry, units).found());
        openings(geometry, out);
        out.addAll(new SwingJudgement(geometry, plan).snags());
        rooms(geometry, units, out);
        smallRooms(geometry, plan, out);
        lostNames(geometry, out);
        out.addAll(StairSnags.of(plan, geometry));
        out.addAll(SiteSnags.of(plan, geometry));
        out.addAll(PieceSnags.of(geometry));
        out.removeIf(Snags::isOfCopies);
        out.sort(Comparator.comparing(Snag::kind)
                .thenComparingInt(s ->
                        s.about().stream().mapToInt(ElementId::number).min().orElse(0)));
        return List.copyOf(out);
    }

    /** What is wrong with a copy is wrong with its unit, and told there; copies may stand wall on wall. */
    private static boolean isOfCopies(Snag snag) {
        var about = snag.about();
        return !about.isEmpty() && about.stream().allMatch(UnitCopies::isCopied)
                || snag.kind() == Snag.Kind.WALL_ON_WALL && about.stream().anyMatch(UnitCopies::isCopied);
    }

    private static void openings(StoreyGeometry geometry, List<Snag> out) {
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
    }

    private static void rooms(StoreyGeometry geometry, UnitSystem units, List<Snag> out) {
        for (var room : geometry.rooms()) {
            if (room.name().isBlank()) {
                List<ElementId> about =
                        room.mark().<List<ElementId>>map(m -> List.of(m.id())).orElse(List.of());
                out.add(new Snag(
                        Snag.Kind.UNNAMED_ROOM,
                        LabelSpot.freest(room.outline()).centre(),
                        about,
                        "A room of " + AreaText.shown(room.areaMm2(), units)
                                + " has no name. Pick it in the Rooms stage and type one."));
            }
        }
    }

    /** Rooms smaller than the brief wants rooms of their use to be. */
    private static void smallRooms(StoreyGeometry geometry, Plan plan, List<Snag> out) {
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
    }

    private static void lostNames(StoreyGeometry geometry, List<Snag> out) {
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
    }
}
