package honeylamp.derive.listing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;

/**
 * A trim that covers the joint where two floors that differ meet in an opening without a threshold.
 *
 * @param left the room to the left of the opening, with which it counts
 */
public record FloorTrim(OpeningCut cut, RoomId left) {
    /** How wide a trim is. */
    public static final double WIDTH_MM = 25;

    private static final double BESIDE_MM = 20;

    /** All trims of a storey. */
    public static List<FloorTrim> in(StoreyGeometry geometry) {
        var out = new ArrayList<FloorTrim>();
        var rooms = new RoomsAt(geometry.rooms(), _ -> true);
        if (rooms.isEmpty()) {
            return out;
        }
        for (var cut : geometry.cuts()) {
            if (cut.level() == OpeningCut.Level.CUT && cut.opening().sill().mm() <= 0) {
                var left = rooms.at(beside(cut, Swing.LEFT));
                var right = rooms.at(beside(cut, Swing.RIGHT));
                if (left.isPresent()
                        && right.isPresent()
                        && !isAlike(left.get(), right.get())
                        && Surfaces.finish(
                                        geometry.storey(),
                                        new Surface.Threshold(cut.opening().id()))
                                .isEmpty()) {
                    out.add(new FloorTrim(cut, left.get().id()));
                }
            }
        }
        return out;
    }

    /** How long it is. */
    public double lengthMm() {
        return cut.middle().length();
    }

    private static boolean isAlike(RoomMark a, RoomMark b) {
        return isAlike(a.floor(), b.floor());
    }

    private static boolean isAlike(Finish a, Finish b) {
        return a.material().equals(b.material())
                && a.laying().equals(b.laying())
                && a.tone().equals(b.tone());
    }

    private static Point beside(OpeningCut cut, Swing side) {
        var away = cut.thicknessMm() / 2 + BESIDE_MM;
        return cut.middle().middle().plus(cut.unit().left().times(side == Swing.LEFT ? away : -away));
    }
}
