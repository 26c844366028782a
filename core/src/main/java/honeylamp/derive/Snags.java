package honeylamp.derive;

import honeylamp.plan.ElementId;
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

    private static final double TOUCHING_MM = 1;

    private Snags() {}

    /** All snags of a storey, by kind and then by element number, with the usual reach for gaps. */
    public static List<Snag> of(StoreyGeometry geometry, UnitSystem units) {
        return of(geometry, units, USUAL_GAP_REACH);
    }

    /**
     * All snags of a storey, by kind and then by element number.
     *
     * @param gapReach ends nearer than this to a wall or to each other are taken for gaps
     */
    public static List<Snag> of(StoreyGeometry geometry, UnitSystem units, Length gapReach) {
        var out = new ArrayList<Snag>();
        out.addAll(new EndSnags(geometry, units, gapReach.mm()).found());
        out.addAll(new RunSnags(geometry, units).found());
        openings(geometry, out);
        rooms(geometry, units, out);
        lostNames(geometry, out);
        out.sort(Comparator.comparing(Snag::kind)
                .thenComparingInt(s ->
                        s.about().stream().mapToInt(ElementId::number).min().orElse(0)));
        return List.copyOf(out);
    }

    private static void openings(StoreyGeometry geometry, List<Snag> out) {
        var cuts = geometry.cuts();
        for (var i = 0; i < cuts.size(); i++) {
            var cut = cuts.get(i);
            var opening = cut.opening();
            if (opening.end().mm() > cut.host().line().length() + TOUCHING_MM) {
                out.add(outOfPlace(cut, "reaches beyond the end of its wall. Make it narrower or move it."));
            }
            for (var j = i + 1; j < cuts.size(); j++) {
                var other = cuts.get(j).opening();
                if (other.host().equals(opening.host())
                        && other.offset().compareTo(opening.end()) < 0
                        && opening.offset().compareTo(other.end()) < 0) {
                    out.add(outOfPlace(cut, "overlaps another opening in the same wall. Move one of them."));
                }
            }
        }
    }

    private static Snag outOfPlace(OpeningCut cut, String sentence) {
        return new Snag(
                Snag.Kind.OPENING_OUT_OF_PLACE,
                cut.middle().middle(),
                List.of(cut.opening().id()),
                cut.opening().kind().label() + " " + sentence);
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

    private static void lostNames(StoreyGeometry geometry, List<Snag> out) {
        var placed = geometry.rooms().stream()
                .flatMap(r -> r.mark().stream())
                .map(RoomMark::id)
                .toList();
        for (var mark : geometry.storey().rooms()) {
            if (!placed.contains(mark.id())) {
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
