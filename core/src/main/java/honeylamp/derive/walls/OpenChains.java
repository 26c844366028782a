package honeylamp.derive.walls;

import honeylamp.derive.walls.WallNetwork.OpenEnd;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Walls one after the other that do not close: where they would have to. */
public final class OpenChains {
    /** One wall by itself encloses nothing however it is closed. */
    private static final int FEWEST_WALLS = 2;

    private OpenChains() {}

    /** From end to end of every open chain: walls that each meet the next and no others, with two ends that meet nothing. */
    public static List<Segment> gaps(WallNetwork network) {
        var joints = network.joints();
        Map<Point, OpenEnd> ends = new LinkedHashMap<>();
        network.openEnds().forEach(e -> ends.put(e.at(), e));
        Set<Point> done = new HashSet<>();
        var out = new ArrayList<Segment>();
        for (var start : ends.keySet()) {
            if (done.add(start)) {
                var chain = walked(start, joints);
                if (chain.walls >= FEWEST_WALLS && ends.containsKey(chain.last) && done.add(chain.last)) {
                    out.add(new Segment(start, chain.last));
                }
            }
        }
        return out;
    }

    private record Walked(Point last, int walls) {}

    /** As far as one piece follows another with none beside them. */
    private static Walked walked(Point start, Map<Point, List<WallPiece>> joints) {
        Set<WallId> seen = new HashSet<>();
        Set<WallPiece> passed = new HashSet<>();
        var at = start;
        while (true) {
            var next = joints.getOrDefault(at, List.of()).stream()
                    .filter(p -> !passed.contains(p))
                    .toList();
            if (next.size() != 1) {
                return new Walked(at, seen.size());
            }
            var piece = next.getFirst();
            passed.add(piece);
            seen.add(piece.wall().id());
            at = piece.line().a().equals(at) ? piece.line().b() : piece.line().a();
        }
    }
}
