package honeylamp.derive.listing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import java.util.Optional;

/** Where two floors that differ meet in an opening without a threshold, so that a trim covers the joint. */
public final class FloorTrims {
    /** How wide a trim is. */
    public static final double WIDTH_MM = 25;

    private static final double BESIDE_MM = 20;

    private FloorTrims() {}

    /** Whether a trim lies in an opening. */
    public static boolean isOne(StoreyGeometry geometry, OpeningCut cut) {
        if (cut.level() != OpeningCut.Level.CUT
                || cut.opening().sill().mm() > 0
                || Surfaces.finish(
                                geometry.storey(),
                                new Surface.Threshold(cut.opening().id()))
                        .isPresent()) {
            return false;
        }
        var left = floor(geometry, beside(cut, Swing.LEFT));
        var right = floor(geometry, beside(cut, Swing.RIGHT));
        return left.isPresent() && right.isPresent() && !isAlike(left.get(), right.get());
    }

    /** The trims in openings to the left of which a room lies, in mm: each counts with one room. */
    public static double lengthMm(LaidStorey storey, Room room) {
        return storey.geometry().cuts().stream()
                .filter(cut -> room.outline().contains(beside(cut, Swing.LEFT)))
                .filter(cut -> isOne(storey.geometry(), cut))
                .mapToDouble(cut -> cut.middle().length())
                .sum();
    }

    private static Optional<Finish> floor(StoreyGeometry geometry, Point at) {
        return geometry.roomAt(at).flatMap(Room::mark).map(RoomMark::floor);
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
