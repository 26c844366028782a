package honeylamp.derive.walls;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Wall.Works;
import honeylamp.plan.WallType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Shares the poché out among wall types. Where walls of different types meet, one runs through: what
 * carries before what does not, then the thicker, then the type made first, then what stands before what is new.
 * Walls below the cut are told apart from those cut.
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

    /**
     * The bodies of the walls of one type on one level; they may reach into walls that run through.
     *
     * @param works what becomes of them in the building works
     * @param bodies all counter-clockwise
     */
    public record Fill(WallType type, Level level, Works works, List<Ring> bodies) {}

    private record Key(WallTypeId type, Level level, Works works) {
        static Key of(WallPiece piece) {
            return new Key(piece.wall().type(), levelOf(piece), piece.wall().works());
        }
    }

    /** The fills of a storey, the walls that run through first: painted last to first, each covers what ends in it. */
    public static List<Fill> of(List<WallType> types, WallNetwork network) {
        Map<WallTypeId, WallType> byId = new HashMap<>();
        types.forEach(t -> byId.put(t.id(), t));
        Map<Key, List<WallPiece>> groups = new LinkedHashMap<>();
        for (var piece : network.pieces()) {
            groups.computeIfAbsent(Key.of(piece), _ -> new ArrayList<>()).add(piece);
        }
        var meeting = network.joints();
        var out = new ArrayList<Fill>();
        for (var key : inOrder(byId, groups)) {
            var bodies = new ArrayList<Ring>();
            for (var piece : groups.getOrDefault(key, List.of())) {
                bodies.add(piece.body());
                var before = beyond(piece, piece.line().a(), meeting);
                var after = beyond(piece, piece.line().b(), meeting);
                if (before > 0 || after > 0 || !piece.isOrdered()) {
                    bodies.add(piece.running(before, after));
                }
            }
            out.add(new Fill(Objects.requireNonNull(byId.get(key.type)), key.level, key.works, bodies));
        }
        return List.copyOf(out);
    }

    private static Level levelOf(WallPiece piece) {
        return piece.wall().height().mm() < CUT_HEIGHT_MM ? Level.SEEN : Level.CUT;
    }

    private static List<Key> inOrder(Map<WallTypeId, WallType> types, Map<Key, List<WallPiece>> groups) {
        return groups.keySet().stream()
                .sorted(Comparator.comparing(Key::level)
                        .thenComparing(
                                k -> !Objects.requireNonNull(types.get(k.type)).structural())
                        .thenComparing(
                                k -> Objects.requireNonNull(types.get(k.type)).thickness(), Comparator.reverseOrder())
                        .thenComparing(k -> k.type.number())
                        .thenComparing(Key::works))
                .toList();
    }

    /** How far a piece may run on past a node: through the thickest wall of another kind that meets it there. */
    private static double beyond(WallPiece piece, Point node, Map<Point, List<WallPiece>> meeting) {
        var others = new HashSet<>(meeting.getOrDefault(node, List.of()));
        return others.stream()
                .filter(o -> !o.wall().type().equals(piece.wall().type())
                        || o.wall().works() != piece.wall().works())
                .mapToDouble(WallPiece::thicknessMm)
                .max()
                .orElse(0);
    }
}
