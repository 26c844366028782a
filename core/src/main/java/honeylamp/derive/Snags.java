package honeylamp.derive;

import honeylamp.plan.ElementId;
import honeylamp.plan.RoomMark;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds what is probably wrong with a storey. */
public final class Snags {
    /** An open end is taken for a mistake if another wall lies within this many mm. */
    static final double GAP_REACH_MM = 600;

    private static final double TOUCHING_MM = 1;

    private Snags() {}

    /** All snags of a storey, by kind and then by element number. */
    public static List<Snag> of(StoreyGeometry geometry, UnitSystem units) {
        var out = new ArrayList<Snag>();
        openEnds(geometry, units, out);
        wallOnWall(geometry, units, out);
        openings(geometry, out);
        rooms(geometry, units, out);
        lostNames(geometry, out);
        out.sort(Comparator.comparing(Snag::kind)
                .thenComparingInt(s ->
                        s.about().stream().mapToInt(ElementId::number).min().orElse(0)));
        return List.copyOf(out);
    }

    private static void openEnds(StoreyGeometry geometry, UnitSystem units, List<Snag> out) {
        var network = geometry.network();
        var enclosed = !network.faces().isEmpty();
        for (var end : network.openEnds()) {
            var nearest = Double.POSITIVE_INFINITY;
            for (var piece : network.pieces()) {
                if (!piece.wall().id().equals(end.wall().id())) {
                    nearest = Math.min(nearest, distance(piece, end));
                }
            }
            if (nearest < GAP_REACH_MM) {
                out.add(new Snag(
                        Snag.Kind.OPEN_END,
                        end.at(),
                        List.of(end.wall().id()),
                        "A wall ends " + LengthText.shownWithUnit(Length.ofMm(nearest), units)
                                + " short of the next wall. Drag its end onto that wall."));
            } else if (!enclosed) {
                out.add(new Snag(
                        Snag.Kind.OPEN_END,
                        end.at(),
                        List.of(end.wall().id()),
                        "This chain of walls is open here, so no room forms. Draw on to close it."));
            }
        }
    }

    private static double distance(WallPiece piece, WallNetwork.OpenEnd end) {
        return piece.faces().stream()
                .mapToDouble(f -> f.distance(end.at()))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static void wallOnWall(StoreyGeometry geometry, UnitSystem units, List<Snag> out) {
        for (var overlap : geometry.network().overlaps()) {
            out.add(new Snag(
                    Snag.Kind.WALL_ON_WALL,
                    overlap.where().middle(),
                    List.of(overlap.covered().id(), overlap.kept().id()),
                    "Two walls lie on each other over "
                            + LengthText.shownWithUnit(
                                    Length.ofMm(overlap.where().length()), units)
                            + ". Delete one of them."));
        }
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
