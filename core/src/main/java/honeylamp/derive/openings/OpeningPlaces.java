package honeylamp.derive.openings;

import honeylamp.derive.walls.WallNetwork;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where openings truly lie: each where it was put if there is room, else at the nearest place in its wall that
 * has room, the earlier made first. None lies over another, over a wall that meets its own, or beyond its wall.
 *
 * @param placed every opening that has a place, at its true offset, in the order they were made
 * @param moved those of them that lie elsewhere than they were put, as they were put
 * @param homeless openings whose wall has no room for them anywhere
 */
public record OpeningPlaces(List<Opening> placed, List<Opening> moved, List<Opening> homeless) {
    /** An opening may reach so far over the end of its stretch: rounding, and faces a little off square. */
    static final double TOLERANCE_MM = 1;

    /** Far below a nanometre's worth of anything seen. */
    private static final double ROUNDING_MM = 1e-6;

    public OpeningPlaces {
        placed = List.copyOf(placed);
        moved = List.copyOf(moved);
        homeless = List.copyOf(homeless);
    }

    /** The places of openings in a network. */
    public static OpeningPlaces of(WallNetwork network, Map<WallId, Wall> walls, List<Opening> openings) {
        var placed = new ArrayList<Opening>();
        var moved = new ArrayList<Opening>();
        var homeless = new ArrayList<Opening>();
        Map<WallId, List<Opening>> inWall = new HashMap<>();
        for (var opening : openings) {
            var host = Optional.ofNullable(walls.get(opening.host()));
            var others = inWall.computeIfAbsent(opening.host(), _ -> new ArrayList<>());
            var there = host.flatMap(wall -> nearest(network, wall, opening, others));
            if (there.isEmpty()) {
                homeless.add(opening);
                continue;
            }
            if (!there.get().equals(opening.offset())) {
                moved.add(opening);
            }
            var at = opening.withOffset(there.get());
            placed.add(at);
            others.add(at);
        }
        return new OpeningPlaces(placed, moved, homeless);
    }

    /**
     * The offset nearest to where an opening was put at which it fits into its wall beside others: just where it
     * was put if it reaches into what meets the wall by no more than {@link #TOLERANCE_MM}; nothing if the wall has
     * no room for it.
     */
    public static Optional<Length> nearest(WallNetwork network, Wall wall, Opening opening, List<Opening> others) {
        var wanted = opening.offset().mm();
        var width = opening.width().mm();
        var walls = Stretches.betweenWalls(network, wall);
        var bounds = opening.kind() == OpeningKind.CORNER_WINDOW ? toEnds(walls, wall) : walls;
        var generous = bounds.stream()
                .map(s -> new ClearDistances(
                        Math.max(0, s.stretchFromMm() - TOLERANCE_MM),
                        Math.min(wall.line().length(), s.stretchToMm() + TOLERANCE_MM)))
                .toList();
        if (fits(Stretches.without(generous, others), wanted, width)) {
            return Optional.of(opening.offset());
        }
        return Stretches.without(bounds, others).stream()
                .filter(s -> s.lengthMm() >= width)
                .map(s -> s.nearestFromMm(wanted, width))
                .min(Comparator.comparingDouble(from -> Math.abs(from - wanted)))
                .map(Length::ofMm);
    }

    /** The widest an opening could be in its wall beside the others there, in mm; 0 if there is no room at all. */
    public static double widestMm(WallNetwork network, Wall wall, Opening opening, List<Opening> placed) {
        var walls = Stretches.betweenWalls(network, wall);
        var bounds = opening.kind() == OpeningKind.CORNER_WINDOW ? toEnds(walls, wall) : walls;
        var others = placed.stream()
                .filter(o -> o.host().equals(wall.id()) && !o.id().equals(opening.id()))
                .toList();
        return Stretches.without(bounds, others).stream()
                .mapToDouble(ClearDistances::lengthMm)
                .max()
                .orElse(0);
    }

    private static boolean fits(List<ClearDistances> stretches, double from, double width) {
        return stretches.stream()
                .anyMatch(
                        s -> from >= s.stretchFromMm() - ROUNDING_MM && from + width <= s.stretchToMm() + ROUNDING_MM);
    }

    /** A window round a corner reaches right to the end of its wall. */
    private static List<ClearDistances> toEnds(List<ClearDistances> stretches, Wall wall) {
        var out = new ArrayList<>(stretches);
        if (!out.isEmpty()) {
            out.set(0, new ClearDistances(0, out.getFirst().stretchToMm()));
            out.set(
                    out.size() - 1,
                    new ClearDistances(
                            out.getLast().stretchFromMm(), wall.line().length()));
        }
        return out;
    }
}
