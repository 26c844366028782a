package honeylamp.takeoff.way;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.takeoff.way.WalkedFloor.Doorway;
import java.util.List;
import java.util.Optional;

/**
 * Where one comes into a storey.
 *
 * @param at where one stands then
 * @param outwards the direction one comes from, at length one
 * @param stair that leads there; empty for a door
 */
record Entrance(Point at, Point outwards, Optional<FixedParts.Flights> stair) {
    /** One stands so far before or behind a stair. */
    private static final double BEFORE_STAIR_MM = 300;

    /** The ways into a storey: its front door, else a stair from below, else any door from outside, else a stair from above. */
    static List<Entrance> of(LaidStorey storey, WalkedFloor floor) {
        var outside = floor.doorways().stream()
                .filter(d -> leadsOut(floor, storey, d))
                .toList();
        var outer = outside.stream()
                .filter(d -> d.cut().opening().kind() == OpeningKind.OUTER_DOOR)
                .toList();
        var front = outer.stream().filter(d -> isIntoPassage(storey, d)).toList();
        var stairs = storey.fixedParts().stairs();
        return List.of(
                        doors(storey, front),
                        ends(stairs, FixedParts.End.HEAD),
                        doors(storey, outer),
                        doors(storey, outside),
                        ends(stairs, FixedParts.End.FOOT))
                .stream()
                .filter(found -> !found.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    /** Every way into a storey through which something is carried: all doors from outside, else the stairs. */
    static List<Entrance> forLoads(LaidStorey storey) {
        var floor = WalkedFloor.furnished(storey);
        var doors = doors(
                storey,
                floor.doorways().stream()
                        .filter(d -> leadsOut(floor, storey, d))
                        .toList());
        return doors.isEmpty() ? of(storey, floor) : doors;
    }

    private static List<Entrance> doors(LaidStorey storey, List<Doorway> doors) {
        return doors.stream()
                .map(d -> {
                    var at = d.cut().middle().middle();
                    var out = d.ends().stream()
                            .filter(p -> !isInside(storey, p))
                            .findFirst()
                            .orElseThrow();
                    return new Entrance(at, out.minus(at).unit(), Optional.empty());
                })
                .toList();
    }

    private static List<Entrance> ends(List<FixedParts.Flights> stairs, FixedParts.End end) {
        return stairs.stream()
                .filter(s -> s.seen() == end)
                .map(s -> new Entrance(before(s), outwards(s), Optional.of(s)))
                .toList();
    }

    /** Where one stands before a stair, or has come off it. */
    static Point before(FixedParts.Flights stair) {
        var risers = stair.steps().risers();
        var edge = stair.seen() == FixedParts.End.HEAD ? risers.getLast() : risers.getFirst();
        return edge.middle().minus(outwards(stair).times(BEFORE_STAIR_MM));
    }

    private static Point outwards(FixedParts.Flights stair) {
        var isHead = stair.seen() == FixedParts.End.HEAD;
        return stair.steps().spot(isHead ? stair.steps().walkMm() : 0).unit().times(isHead ? -1 : 1);
    }

    /** Whether one end of a doorway is in a room of the house, and the other on no floor. */
    private static boolean leadsOut(WalkedFloor floor, LaidStorey storey, Doorway door) {
        var outside = door.ends().stream().filter(p -> !isInside(storey, p)).toList();
        return outside.size() == 1 && floor.ground().stream().noneMatch(o -> o.contains(outside.getFirst()));
    }

    private static boolean isInside(LaidStorey storey, Point p) {
        return storey.geometry()
                .roomAt(p)
                .filter(r -> r.counts() != CountsAs.OUTDOOR)
                .isPresent();
    }

    private static boolean isIntoPassage(LaidStorey storey, Doorway door) {
        return door.ends().stream()
                .flatMap(p -> storey.geometry().roomAt(p).stream())
                .flatMap(r -> r.mark().stream())
                .map(RoomMark::fit)
                .anyMatch(f -> f.use().equals("circulation"));
    }
}
