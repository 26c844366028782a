package honeylamp.takeoff.key;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.Behind;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Stand;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Pieces that stand against a wall by nature, and stand a little off one, as when the wall was moved. */
public final class OffWall {
    /** Furniture stands so far off a wall for skirtings, radiators and curtains; what is farther off was put so. */
    private static final Band LOOSE = new Band(120, 300);

    /** Water and waste come out of the wall: what needs them stands nearer, and is not put far off either. */
    private static final Band WET = new Band(60, 600);

    private static final Set<Group> WET_GROUPS = EnumSet.of(Group.BATH, Group.KITCHEN, Group.LAUNDRY);

    private record Band(double leastMm, double mostMm) {}

    private OffWall() {}

    /** The pieces of a storey that are off their wall. */
    public static List<Snag> of(LaidStorey storey) {
        var geometry = storey.geometry();
        var units = storey.plan().units();
        return geometry.storey().furnishings().stream()
                .flatMap(piece -> Furnishings.of(piece).stream()
                        .filter(kind -> kind.stand() == Stand.AT_WALL)
                        .flatMap(kind -> {
                            var band = isWet(kind) ? WET : LOOSE;
                            var gap = Behind.gapMm(geometry, piece, band.leastMm, band.mostMm);
                            return gap.isPresent()
                                    ? Stream.of(new Snag(
                                            Snag.Kind.PIECE_OFF_WALL,
                                            piece.at().point(),
                                            List.of(piece.id()),
                                            kind.label() + " stands "
                                                    + LengthText.roundedWithUnit(Length.ofMm(gap.getAsDouble()), units)
                                                    + " off the wall behind it. Move it back, if that is not meant."))
                                    : Stream.<Snag>empty();
                        }))
                .toList();
    }

    private static boolean isWet(FurnishingKind kind) {
        return WET_GROUPS.contains(kind.group());
    }
}
