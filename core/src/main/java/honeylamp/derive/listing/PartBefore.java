package honeylamp.derive.listing;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.View.Subject;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A fixed part that stands or hangs before a wall that is seen from the front: a stair, a post, a beam, a fireplace.
 *
 * @param box in mm from the left end of the wall and up from the floor
 * @param awayMm from the wall to its back
 * @param frontMm from the wall to its front
 * @param fill how much of the box there is of it
 */
public record PartBefore(StructureId id, Box box, double awayMm, double frontMm, Fill fill) {
    /** How much of its box a part fills. */
    public enum Fill {
        /** All of it, so that it throws the shadow of a box. */
        WHOLE,
        /** Steps and rails: most of it is air. */
        OPEN
    }

    /** So far before a wall lies the room one looks at it from. */
    private static final double BEFORE_MM = 60;

    /** Rails are so high. */
    private static final double RAIL_MM = 1000;

    private static final double MOST_BEAM_MM = 250;

    private static final double LEAST_MM = 1;
    private static final double LEAST_MM2 = 100;

    /** From how high to how high above the floor. */
    private record High(double fromMm, double toMm, Fill fill) {}

    /** Whether it hangs clear of the floor, as beams do. */
    public boolean hangs() {
        return box.minY() > 0;
    }

    /** Those before a wall, the farthest from the eye first; none before a curved wall, which is laid out flat. */
    public static List<PartBefore> of(LaidStorey storey, WallElevation wall, Subject.Front subject) {
        if (wall.line().size() != 1) {
            return List.of();
        }
        var here = storey.geometry().roomAt(wall.middle().plus(wall.into().times(BEFORE_MM)));
        var out = new ArrayList<PartBefore>();
        for (var part : storey.fixedParts().blocks()) {
            if (isIn(storey, part, here)) {
                high(part).flatMap(h -> seen(part, h, wall, subject)).ifPresent(out::add);
            }
        }
        for (var stair : storey.fixedParts().stairs()) {
            if (isIn(storey, stair.part(), here)) {
                seen(stair.part(), high(storey, stair), wall, subject).ifPresent(out::add);
            }
        }
        out.sort(Comparator.comparingDouble(PartBefore::awayMm));
        return List.copyOf(out);
    }

    /** Whether some of a part lies in a room, or outside all if one looks from there. */
    private static boolean isIn(LaidStorey storey, Structure part, Optional<Room> here) {
        var ground = List.of(Outline.of(part.footprint().counterClockwise()));
        var there = here.map(room -> Regions.intersection(ground, List.of(room.outline())))
                .orElseGet(() -> Regions.difference(ground, storey.geometry().shells()));
        return there.stream().mapToDouble(Outline::area).sum() > LEAST_MM2;
    }

    private static Optional<High> high(Structure part) {
        var top = part.height().mm();
        return switch (part.form()) {
            case Structure.ParkingBay _ -> Optional.of(new High(0, top, Fill.WHOLE));
            case Stair _ -> Optional.empty();
            case Structure.Block block ->
                switch (block.kind()) {
                    case POST, LIFT_SHAFT, CHIMNEY, FIREPLACE, RAMP -> Optional.of(new High(0, top, Fill.WHOLE));
                    case BEAM -> Optional.of(new High(top, top + beamMm(block), Fill.WHOLE));
                    case GALLERY -> Optional.of(new High(Math.max(0, top - RAIL_MM / 5), top + RAIL_MM, Fill.OPEN));
                    case BALCONY, VOID -> Optional.of(new High(0, RAIL_MM, Fill.OPEN));
                    case ROOFLIGHT, OVERHANG, TRAY_CEILING, SLOPING_CEILING, DORMER -> Optional.empty();
                };
        };
    }

    /** How deep a beam is seen from the side: as it is wide, as far as beams are. */
    public static double beamMm(Structure.Block beam) {
        return Math.min(beam.depth().mm(), MOST_BEAM_MM);
    }

    private static High high(LaidStorey storey, FixedParts.Flights stair) {
        return switch (stair.seen()) {
            case FOOT -> new High(0, storey.storey().height().mm(), Fill.OPEN);
            case HEAD -> new High(0, RAIL_MM, Fill.OPEN);
        };
    }

    private static Optional<PartBefore> seen(Structure part, High high, WallElevation wall, Subject.Front subject) {
        Segment line = wall.line().getFirst();
        List<Point> corners = part.footprint().corners();
        var along = corners.stream().mapToDouble(line::along).summaryStatistics();
        var away = corners.stream().mapToDouble(c -> -line.offset(c)).summaryStatistics();
        var left = Math.max(0, along.getMin());
        var right = Math.min(wall.lengthMm(), along.getMax());
        var top = Math.min(high.toMm, wall.heightMm());
        return away.getMin() <= subject.depth().mm()
                        && away.getMax() > LEAST_MM
                        && right - left > LEAST_MM
                        && top > high.fromMm
                ? Optional.of(new PartBefore(
                        part.id(),
                        new Box(left, high.fromMm, right, top),
                        Math.max(0, away.getMin()),
                        away.getMax(),
                        high.fill))
                : Optional.empty();
    }
}
