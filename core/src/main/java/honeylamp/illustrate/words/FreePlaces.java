package honeylamp.illustrate.words;

import honeylamp.derive.rooms.FreeSpace;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.words.RoomLines.Line;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Where lines of words have space on a paper.
 *
 * @param remembered what was found out before
 */
record FreePlaces(PaperFrame frame, Remembered remembered) {
    /** How fine free places are told apart, in paper mm. */
    private static final double CELL_MM = 0.35;

    /** The same where little is free: a number finds its place in what coarser cells lose. */
    private static final double FINE_MM = 0.1;

    private record Freest(Outline room) {}

    /** The middle of the freest part of a room, in plan mm. */
    Point freest(Outline room) {
        return remembered.answer(new Freest(room), () -> LabelSpot.freest(room).centre());
    }

    /** What is free of obstacles in a room, all in plan mm. */
    Space in(Outline room, List<Outline> obstacles) {
        return new Space(frame, room, () -> FreeSpace.of(room, obstacles, frame.planMm(CELL_MM)));
    }

    /** The same, looked at more finely. */
    Space finelyIn(Outline room, List<Outline> obstacles) {
        return new Space(frame, room, () -> FreeSpace.finelyOf(room, obstacles, frame.planMm(FINE_MM)));
    }

    /** Free space that is only looked at closely if what is to be put there could fit at all. */
    static final class Space {
        private final PaperFrame frame;
        private final Box box;
        private final Supplier<FreeSpace> cells;
        private Optional<FreeSpace> known = Optional.empty();

        private Space(PaperFrame frame, Outline room, Supplier<FreeSpace> cells) {
            this.frame = frame;
            this.box = room.bounds();
            this.cells = cells;
        }

        /** The place nearest to another, in plan mm, for lines with so much air around them, in paper mm. */
        Optional<Point> nearest(Point to, List<Line> lines, double airMm) {
            return nearest(to, RoomLines.width(lines) + 2 * airMm, RoomLines.height(lines) + 2 * airMm);
        }

        /** The same for a box so wide and high, in paper mm. */
        Optional<Point> nearest(Point to, double widthMm, double heightMm) {
            var wide = frame.planMm(widthMm);
            var high = frame.planMm(heightMm);
            if (wide > box.width() || high > box.height()) {
                return Optional.empty();
            }
            var found = known.orElseGet(cells);
            known = Optional.of(found);
            return found.nearest(to, wide, high);
        }
    }
}
