package honeylamp.illustrate.shade;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A light that shines in the evening.
 *
 * @param power how much it lights what is right below it; 1 shows colours in full
 * @param wideMm where it is about a third as strong, in plan mm
 */
record LampSpot(Point at, double power, double wideMm) {
    /** No light is followed farther, of its width. */
    static final double REACH = 4.2;

    private static final double FINE_MM = 100;

    /**
     * What shines on a storey: every lamp, what one sits at after dark, and in each room a little from its middle, more in
     * those without a lamp.
     */
    static List<LampSpot> of(StoreyGeometry geometry) {
        var out = new ArrayList<LampSpot>();
        for (var room : geometry.rooms()) {
            var lamps = geometry.furnishingsIn(room).stream()
                    .filter(f -> f.works() != Wall.Works.REMOVED)
                    .flatMap(f -> at(f).stream())
                    .toList();
            out.addAll(lamps);
            out.add(middle(room, lamps.isEmpty()));
        }
        return List.copyOf(out);
    }

    private static LampSpot middle(Room room, boolean isAlone) {
        var wide = 0.5 * Math.sqrt(room.outline().area());
        return new LampSpot(
                Regions.freestPoint(room.outline(), FINE_MM).centre(), isAlone ? 1.15 : 0.65, Math.max(500, wide));
    }

    private static Optional<LampSpot> at(Furnishing piece) {
        return Furnishings.of(piece).flatMap(kind -> shining(piece, kind));
    }

    private static Optional<LampSpot> shining(Furnishing piece, FurnishingKind kind) {
        var at = piece.at().point();
        if (kind.group() == Group.LAMPS) {
            return Optional.of(new LampSpot(at, 1.3, 1400));
        }
        if (kind.key().startsWith("bedside")) {
            return Optional.of(new LampSpot(at, 1.2, 950));
        }
        if (kind.key().startsWith("desk") || kind.key().contains("stove")) {
            return Optional.of(new LampSpot(at, 1.15, 1100));
        }
        return kind.group() == Group.TABLES && piece.height().mm() > 300
                ? Optional.of(new LampSpot(at, 1.1, 1500))
                : Optional.empty();
    }
}
