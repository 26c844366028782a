package honeylamp.derive.snags;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.ParkingBay;
import java.util.List;

/**
 * The room a parking bay has for a car and its doors.
 *
 * @param clearMm between its sides, or the walls beside it where they stand nearer
 * @param walls on how many of its two sides a wall stands
 * @param wantedMm for the car, its doors, and a hand's breadth more beside a wall
 * @param longMm from end to end
 * @param wantedLongMm for the car and a step behind it
 */
public record BayClearance(double clearMm, int walls, double wantedMm, double longMm, double wantedLongMm) {
    /** Doors on both sides open into this. */
    private static final double DOORS_MM = 700;

    /** A wall so near to the side of a bay stands beside it, and asks for as much more. */
    private static final double BESIDE_WALL_MM = 300;

    private static final double BEHIND_MM = 300;

    /** The clearance of a bay among the walls of its storey. */
    public static BayClearance of(StoreyGeometry geometry, Structure part, ParkingBay bay) {
        var box = part.box();
        var left = side(geometry, part, new Box(box.minX() - BESIDE_WALL_MM, box.minY(), 0, box.maxY()));
        var right = side(geometry, part, new Box(0, box.minY(), box.maxX() + BESIDE_WALL_MM, box.maxY()));
        var half = box.maxX();
        var walls = (left < half + BESIDE_WALL_MM ? 1 : 0) + (right < half + BESIDE_WALL_MM ? 1 : 0);
        return new BayClearance(
                (left < half + BESIDE_WALL_MM ? left : half) + (right < half + BESIDE_WALL_MM ? right : half),
                walls,
                bay.car().width().mm() + DOORS_MM + walls * BESIDE_WALL_MM,
                bay.depth().mm(),
                bay.car().length().mm() + BEHIND_MM);
    }

    /** From the middle of the bay to the nearest wall in a half of it; farther than its side if there is none. */
    private static double side(StoreyGeometry geometry, Structure part, Box probe) {
        var toOwn = part.placing().inverse();
        var away = Math.max(Math.abs(probe.minX()), probe.maxX());
        var area = Outline.of(probe.ring().through(part.placing()).counterClockwise());
        var walls = geometry.network().near(area.bounds()).stream()
                .map(p -> Outline.of(p.body()))
                .toList();
        return Regions.intersection(walls, List.of(area)).stream()
                .flatMap(o -> o.shell().corners().stream())
                .mapToDouble(p -> Math.abs(toOwn.apply(p).x()))
                .min()
                .orElse(away);
    }

    /** Whether car and doors have the room they want. */
    public boolean suffices() {
        return clearMm >= wantedMm - 1 && longMm >= wantedLongMm - 1;
    }
}
