package honeylamp.derive.listing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A strip that covers the joint where two floors that differ meet: in an opening without a threshold, or along an edge of
 * rooms without a wall.
 *
 * @param line the joint, the lower floor to its right if they are not level
 * @param room with which it counts
 */
public record FloorTrim(Segment line, FloorStrip strip, RoomId room) {
    private static final double BESIDE_MM = 20;

    /** All strips of a storey. */
    public static List<FloorTrim> in(StoreyGeometry geometry) {
        var out = new ArrayList<FloorTrim>();
        var rooms = new RoomsAt(geometry.rooms(), _ -> true);
        if (rooms.isEmpty()) {
            return out;
        }
        for (var cut : geometry.cuts()) {
            if (cut.level() == OpeningCut.Level.CUT
                    && cut.opening().sill().mm() <= 0
                    && Surfaces.finish(
                                    geometry.storey(),
                                    new Surface.Threshold(cut.opening().id()))
                            .isEmpty()) {
                between(
                                rooms,
                                cut.middle(),
                                cut.thicknessMm() / 2,
                                cut.opening().build().strip())
                        .ifPresent(out::add);
            }
        }
        for (var boundary : geometry.storey().boundaries()) {
            between(rooms, boundary.line(), 0, boundary.strip()).ifPresent(out::add);
        }
        return out;
    }

    private static Optional<FloorTrim> between(RoomsAt rooms, Segment line, double halfMm, FloorStrip strip) {
        var away = line.unit().left().times(halfMm + BESIDE_MM);
        var left = rooms.at(line.middle().plus(away));
        var right = rooms.at(line.middle().minus(away));
        if (strip.form() == FloorStrip.Form.NONE
                || left.isEmpty()
                || right.isEmpty()
                || left.get().id().equals(right.get().id())
                || isAlike(left.get().floor(), right.get().floor())) {
            return Optional.empty();
        }
        var isLeftLower = top(left.get()).compareTo(top(right.get())) < 0;
        return Optional.of(new FloorTrim(
                isLeftLower ? line.reversed() : line, strip, left.get().id()));
    }

    private static Length top(RoomMark room) {
        return FloorSteps.top(room).orElse(Length.ZERO);
    }

    /** How long it is. */
    public double lengthMm() {
        return line.length();
    }

    private static boolean isAlike(Finish a, Finish b) {
        return a.material().equals(b.material())
                && a.laying().equals(b.laying())
                && a.tone().equals(b.tone());
    }
}
