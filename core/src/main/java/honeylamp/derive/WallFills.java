package honeylamp.derive;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.WallType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Shares the poché out among wall types. Where walls of different types meet, one runs through: what
 * carries before what does not, then the thicker, then the type made first. Walls below the cut are told
 * apart from those cut.
 */
public final class WallFills {
    /** The plan is cut so high above the floor, in mm; lower walls are seen from above. */
    public static final double CUT_HEIGHT_MM = 1000;

    private WallFills() {}

    /** Whether walls are cut or only seen. */
    public enum Level {
        /** Higher than the cut. */
        CUT,
        /** Lower than the cut. */
        SEEN
    }

    /** The part of the poché that walls of one type fill, on one level. */
    public record Fill(WallType type, Level level, List<Outline> area) {}

    private record Key(WallTypeId type, Level level) {}

    /** The fills of a storey, the walls that run through first; all together they make up the poché. */
    public static List<Fill> of(Plan plan, StoreyGeometry geometry) {
        Map<Key, List<WallPiece>> groups = new LinkedHashMap<>();
        for (var piece : geometry.network().pieces()) {
            groups.computeIfAbsent(new Key(piece.wall().type(), level(piece)), _ -> new ArrayList<>())
                    .add(piece);
        }
        if (groups.size() == 1) {
            var only = groups.keySet().iterator().next();
            return List.of(new Fill(plan.wallType(only.type), only.level, geometry.poche()));
        }
        var out = new ArrayList<Fill>();
        List<Outline> left = geometry.poche();
        var meeting = meeting(geometry.network());
        for (var key : inOrder(plan, groups)) {
            var own = new ArrayList<Outline>();
            for (var piece : groups.getOrDefault(key, List.of())) {
                own.add(Outline.of(piece.body()));
                own.add(Outline.of(piece.running(
                        beyond(piece, piece.line().a(), meeting),
                        beyond(piece, piece.line().b(), meeting))));
            }
            var area = Regions.intersection(left, Regions.union(own));
            left = Regions.difference(left, area);
            out.add(new Fill(plan.wallType(key.type), key.level, area));
        }
        return List.copyOf(out);
    }

    private static Level level(WallPiece piece) {
        return piece.wall().height().mm() < CUT_HEIGHT_MM ? Level.SEEN : Level.CUT;
    }

    private static List<Key> inOrder(Plan plan, Map<Key, List<WallPiece>> groups) {
        return groups.keySet().stream()
                .sorted(Comparator.comparing(Key::level)
                        .thenComparing(k -> !plan.wallType(k.type).structural())
                        .thenComparing(k -> plan.wallType(k.type).thickness(), Comparator.reverseOrder())
                        .thenComparing(k -> k.type.number()))
                .toList();
    }

    private static Map<Point, List<WallPiece>> meeting(WallNetwork network) {
        Map<Point, List<WallPiece>> out = new HashMap<>();
        for (var piece : network.pieces()) {
            out.computeIfAbsent(piece.line().a(), _ -> new ArrayList<>()).add(piece);
            out.computeIfAbsent(piece.line().b(), _ -> new ArrayList<>()).add(piece);
        }
        return out;
    }

    /** How far a piece may run on past a node: through the thickest wall of another type that meets it there. */
    private static double beyond(WallPiece piece, Point node, Map<Point, List<WallPiece>> meeting) {
        var others = new HashSet<>(meeting.getOrDefault(node, List.of()));
        return others.stream()
                .filter(o -> !o.wall().type().equals(piece.wall().type()))
                .mapToDouble(WallPiece::thicknessMm)
                .max()
                .orElse(0);
    }
}
