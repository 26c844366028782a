package honeylamp.body;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Ceilings as one sees them from below, open where a stair leads up through them. */
final class CeilingBodies {
    private final LaidStorey storey;

    CeilingBodies(LaidStorey storey) {
        this.storey = storey;
    }

    /** The ceilings of all rooms, seen from below: level, raised and sloping parts. */
    void ceilings(List<Body> out) {
        var open = storey.fixedParts().stairs().stream()
                .filter(s -> s.seen() == FixedParts.End.FOOT)
                .flatMap(s -> s.well().stream())
                .toList();
        for (var room : storey.geometry().rooms()) {
            var facets = new ArrayList<Facet>();
            for (var mark : room.mark().stream().toList()) {
                for (var found : Surfaces.ofRoom(storey, room, mark)) {
                    if (found.surface() instanceof Surface.Ceiling) {
                        ceiling(facets, found, open);
                    }
                }
            }
            if (room.lie() == Room.Lie.INSIDE && !facets.isEmpty()) {
                out.add(new Body(Kind.OVERHEAD, room.mark().map(RoomMark::id), facets));
            }
        }
    }

    private static void ceiling(List<Facet> out, Surfaces.Found found, List<Outline> open) {
        var frame = found.frame();
        var flat = frame.up() == Surfaces.Up.LEVEL
                ? new Flat(
                        SpacePoint.of(frame.origin(), frame.levelMm()), SpacePoint.of(frame.along(), 0), rising(frame))
                : Flat.plumb(frame.origin(), frame.levelMm(), frame.along());
        var skin = Skin.of(Role.WALL_SIDE)
                .covered(found.finish(), found.surface().host().seed());
        var isLevel = frame.up() == Surfaces.Up.LEVEL && frame.risesDeg() == 0;
        for (var part : isLevel ? Regions.difference(found.outline(), open) : found.outline()) {
            var outline = Prism.oriented(part);
            // seen from below, and from above by the sun, which it keeps out
            out.add(new Facet(flat, outline, skin));
            out.add(new Facet(flat.turnedOver(), Prism.turnedOver(outline), skin));
        }
    }

    private static SpacePoint rising(Surfaces.Frame frame) {
        var steep = Math.toRadians(frame.risesDeg());
        return SpacePoint.of(frame.along().left(), 0).times(Math.cos(steep)).plus(SpacePoint.UP.times(Math.sin(steep)));
    }

    /** The sides of a stair's well between the ceiling and the slab above it. */
    void wells(List<Body> out) {
        var ceiling = storey.storey().level().plus(storey.storey().height()).mm();
        var above = storey.plan().all().stream()
                .mapToDouble(s -> s.storey().level().mm() - StoreyBodies.SLAB_MM)
                .filter(z -> z > ceiling + 1)
                .min();
        if (above.isEmpty()) {
            return;
        }
        var facets = new ArrayList<Facet>();
        for (var stair : storey.fixedParts().stairs()) {
            if (stair.seen() == FixedParts.End.FOOT) {
                stair.well()
                        .forEach(o -> o.shell()
                                .counterClockwise()
                                .reversed()
                                .edges()
                                .forEach(e -> facets.add(new Facet(
                                        Flat.plumb(e.a(), ceiling, e.unit()),
                                        Outline.of(new Box(0, 0, e.length(), above.getAsDouble() - ceiling).ring()),
                                        Skin.of(Role.WALL_SIDE)))));
            }
        }
        if (!facets.isEmpty()) {
            out.add(new Body(Kind.OVERHEAD, Optional.empty(), facets));
        }
    }
}
