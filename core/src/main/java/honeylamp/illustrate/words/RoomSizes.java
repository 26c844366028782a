package honeylamp.illustrate.words;

import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LinePlaces.Near;
import honeylamp.plan.RoomMark;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The clear width and depth of rooms as a pair of lines from face to face, near a wall and clear of what stands there. */
final class RoomSizes {
    /** Beside a figure, so that no tick strikes it. */
    private static final double TICK_AIR_MM = LinePlaces.TICK_AIR_MM;

    /** Where along its line a figure may lie, the best first. */
    private static final List<Double> SHARES = List.of(0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.12, 0.88);

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;
    private final Remembered remembered;
    private final LinePlaces places;

    RoomSizes(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        this.remembered = remembered;
        this.view = view;
        this.frame = frame;
        this.pens = pens;
        this.places = new LinePlaces(view, frame);
    }

    /**
     * Where the pairs lie.
     *
     * @param lines in plan mm
     * @param without rooms whose width or depth found no place
     */
    record Pairs(List<Mark> marks, List<Segment> lines, List<Room> without) {}

    /**
     * The pairs of all rooms that have them, clear of what else lies there.
     *
     * @param labels where labels of rooms and other words lie that are not to be crossed, in plan mm
     */
    Pairs pairs(KeptOff off, List<Outline> labels) {
        var wanted = view.view().annotation().pairs();
        var marks = new ArrayList<Mark>();
        var lines = new ArrayList<Segment>();
        var without = new ArrayList<Room>();
        var art = new DimensionArt(frame, pens);
        for (var room : view.storey().geometry().rooms()) {
            if (room.mark().map(RoomMark::id).filter(wanted::has).isPresent()) {
                var both = lines(room, off, labels);
                if (both.size() < 2) {
                    without.add(room);
                }
                for (var found : both) {
                    var line = found.line;
                    var a = frame.paper(line.a());
                    var b = frame.paper(line.b());
                    art.across(marks, a, b, shown(line), found.share, places.seen(line));
                    lines.add(line);
                }
            }
        }
        return new Pairs(marks, lines, without);
    }

    private String shown(Segment line) {
        return view.shownIn().one(Length.ofMm(Math.rint(line.length() * 1000) / 1000));
    }

    /** Two lines of a room, and what their places depend on. */
    private record Asked(Outline room, List<Outline> things, List<Outline> labels, ShownIn in) {}

    private List<Candidate> lines(Room room, KeptOff off, List<Outline> labels) {
        var box = room.outline().bounds();
        var asked = new Asked(
                room.outline(),
                off.near(box),
                labels.stream().filter(l -> l.bounds().meets(box)).toList(),
                view.shownIn());
        return remembered.answer(asked, () -> lines(asked));
    }

    private List<Candidate> lines(Asked asked) {
        var room = asked.room;
        var middle = LabelSpot.freest(room).centre();
        var along = LabelSpot.clearSize(room, middle).along();
        var near = Near.of(asked.things, asked.labels);
        var out = new ArrayList<Candidate>();
        best(room, middle, along, near, Optional.empty()).ifPresent(out::add);
        best(room, middle, along.left(), near, out.stream().findFirst()).ifPresent(out::add);
        return List.copyOf(out);
    }

    /**
     * A line that may be taken.
     *
     * @param share so far along it its figure lies
     */
    private record Candidate(Segment line, double share) {}

    /** A line through a room that is as long as at its middle, with its figure free, near a face; none if none is free. */
    private Optional<Candidate> best(Outline room, Point middle, Point way, Near near, Optional<Candidate> other) {
        var taken = other.map(o -> figure(o.line, o.share));
        return places.lines(room, middle, way, near).stream()
                .filter(line -> places.isClear(line, near)
                        && taken.filter(t -> OtherWords.strikes(line, t)).isEmpty())
                .flatMap(line -> SHARES.stream()
                        .filter(share -> isFree(room, figure(line, share), near, other, taken))
                        .map(share -> new Candidate(line, share)))
                .findFirst();
    }

    private static boolean isFree(
            Outline room, Outline figure, Near near, Optional<Candidate> other, Optional<Outline> taken) {
        return other.filter(o -> LinePlaces.crosses(figure, o.line)).isEmpty()
                && taken.filter(t -> KeptOff.overlap(t, figure)).isEmpty()
                && LinePlaces.isFree(room, figure, near);
    }

    /** What the figure of a line covers, in plan mm. */
    private Outline figure(Segment line, double share) {
        var cap = pens.cap(TextRole.DIMENSION);
        var text = LengthText.built(shown(line));
        var half =
                frame.planMm(pens.face(TextRole.DIMENSION, Typeface.REGULAR).widthMm(text, cap, 0) / 2 + TICK_AIR_MM);
        var high = frame.planMm(cap + 2 * RowFigures.LIFT_MM);
        var along = line.unit();
        var up = along.left().times(isReadForward(along) ? 1 : -1);
        var middle = line.at(share * line.length());
        return Outline.of(new Ring(List.of(
                        middle.minus(along.times(half)),
                        middle.plus(along.times(half)),
                        middle.plus(along.times(half)).plus(up.times(high)),
                        middle.minus(along.times(half)).plus(up.times(high))))
                .counterClockwise());
    }

    private static boolean isReadForward(Point way) {
        return way.x() > 1e-9 || Math.abs(way.x()) <= 1e-9 && way.y() > 0;
    }
}
