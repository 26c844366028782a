package honeylamp.illustrate.words;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The clear width and depth of rooms as a pair of lines from face to face, near a wall and clear of what stands there. */
final class RoomSizes {
    /** So far from a face a line lies best, in paper mm. */
    private static final double FROM_FACE_MM = 5;

    private static final double LEAST_FROM_FACE_MM = 2.5;
    private static final double STEP_MM = 1.2;
    private static final double SAME_MM = 1;

    /** Beside a figure, so that no tick strikes it. */
    private static final double TICK_AIR_MM = 1.4;

    /** Over what is lower, as rugs are, lines run. */
    private static final double FLAT_MM = 60;

    /** Where along its line a figure may lie, the best first. */
    private static final List<Double> SHARES = List.of(0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.12, 0.88);

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;
    private final Remembered remembered;

    /** The footprints of furniture under which lines run. */
    private final List<Outline> pieces;

    RoomSizes(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        this.remembered = remembered;
        this.view = view;
        this.frame = frame;
        this.pens = pens;
        this.pieces = view.view().seen().shows(Kind.FURNITURE)
                ? view.storey().geometry().storey().furnishings().stream()
                        .filter(f -> f.bottom().mm() + f.height().mm() > FLAT_MM)
                        .map(f -> Outline.of(Picking.footprint(f)))
                        .toList()
                : List.of();
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
                    art.across(marks, a, b, shown(line), found.share, besidePieces(line));
                    lines.add(line);
                }
            }
        }
        return new Pairs(marks, lines, without);
    }

    /** What of a line lies on the floor and not under furniture, on paper. */
    private List<Segment> besidePieces(Segment line) {
        var under = pieces.stream().filter(p -> p.bounds().meets(line.bounds())).toList();
        var stops = Stream.concat(
                        Stream.of(0.0, line.length()),
                        under.stream()
                                .flatMap(p -> p.shell().edges().stream())
                                .flatMap(e -> e.crossing(line).stream())
                                .map(line::along))
                .sorted()
                .toList();
        var out = new ArrayList<Segment>();
        for (var i = 1; i < stops.size(); i++) {
            var part = new Segment(line.at(stops.get(i - 1)), line.at(stops.get(i)));
            if (part.length() > SAME_MM && under.stream().noneMatch(p -> p.contains(part.middle()))) {
                out.add(new Segment(frame.paper(part.a()), frame.paper(part.b())));
            }
        }
        return out;
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
        var near = new Near(Thing.of(asked.things), Thing.of(asked.labels));
        var out = new ArrayList<Candidate>();
        best(room, middle, along, near, Optional.empty()).ifPresent(out::add);
        best(room, middle, along.left(), near, out.stream().findFirst()).ifPresent(out::add);
        return List.copyOf(out);
    }

    /** Something in the way, with its box worked out once. */
    private record Thing(Outline outline, Box box) {
        static List<Thing> of(List<Outline> all) {
            return all.stream().map(o -> new Thing(o, o.bounds())).toList();
        }
    }

    /** What a line keeps off: things it may cross at need, and labels it may not. */
    private record Near(List<Thing> things, List<Thing> labels) {}

    /**
     * A line that may be taken.
     *
     * @param share so far along it its figure lies
     */
    private record Candidate(Segment line, double share) {}

    /** A line and how little it is liked: for every thing it crosses, and for being far from where lines lie best. */
    private record Weighed(Segment line, double cost) {}

    /** A line through a room that is as long as at its middle, with its figure free, near a face; none if none is free. */
    private Optional<Candidate> best(Outline room, Point middle, Point way, Near near, Optional<Candidate> other) {
        var clear = LabelSpot.span(room, middle, way);
        var across = LabelSpot.span(room, middle, way.left());
        if (clear.length() < SAME_MM || across.length() < SAME_MM) {
            return Optional.empty();
        }
        var least = frame.planMm(LEAST_FROM_FACE_MM);
        var out = new ArrayList<Weighed>();
        for (var t = least; t <= across.length() - least; t += frame.planMm(STEP_MM)) {
            var span = LabelSpot.span(room, across.at(t), way);
            if (Math.abs(span.length() - clear.length()) < SAME_MM) {
                out.add(weighed(span, Math.min(t, across.length() - t), near));
            }
        }
        if (out.isEmpty()) {
            out.add(weighed(clear, across.length() / 2, near));
        }
        var taken = other.map(o -> figure(o.line, o.share));
        return out.stream()
                .sorted(Comparator.comparingDouble(Weighed::cost))
                .map(Weighed::line)
                .filter(line -> isClear(line, near)
                        && taken.filter(t -> OtherWords.strikes(line, t)).isEmpty())
                .flatMap(line -> SHARES.stream()
                        .filter(share -> isFree(room, figure(line, share), near, other, taken))
                        .map(share -> new Candidate(line, share)))
                .findFirst();
    }

    private Weighed weighed(Segment line, double fromFaceMm, Near near) {
        var box = line.bounds();
        var crossed = near.things.stream()
                .filter(o -> o.box.meets(box) && crosses(o.outline, line))
                .count();
        return new Weighed(
                line, 10 * crossed + Math.abs(fromFaceMm - frame.planMm(FROM_FACE_MM)) / frame.planMm(1) / 4);
    }

    /** Whether neither a line nor its ticks lie over labels. */
    private boolean isClear(Segment line, Near near) {
        var box = line.bounds().grown(frame.planMm(TICK_AIR_MM));
        var ends = Stream.of(line.a(), line.b())
                .map(p -> Box.around(List.of(p)).grown(frame.planMm(TICK_AIR_MM)))
                .toList();
        return near.labels.stream()
                .filter(o -> o.box.meets(box))
                .noneMatch(o -> OtherWords.strikes(line, o.outline) || ends.stream().anyMatch(o.box::meets));
    }

    private static boolean isFree(
            Outline room, Outline figure, Near near, Optional<Candidate> other, Optional<Outline> taken) {
        var box = figure.bounds();
        return other.filter(o -> crosses(figure, o.line)).isEmpty()
                && taken.filter(t -> KeptOff.overlap(t, figure)).isEmpty()
                && isWithin(room, figure)
                && Stream.concat(near.things.stream(), near.labels.stream())
                        .noneMatch(o -> o.box.meets(box) && KeptOff.overlap(o.outline, figure));
    }

    private static boolean isWithin(Outline room, Outline figure) {
        var edges = figure.shell().edges();
        return room.contains(edges.getFirst().a()) && edges.stream().noneMatch(e -> crosses(room, e));
    }

    private static boolean crosses(Outline outline, Segment line) {
        return outline.rings()
                .flatMap(r -> r.edges().stream())
                .anyMatch(e -> e.crossing(line).isPresent());
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
