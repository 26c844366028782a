package honeylamp.illustrate.words;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Where lines of dimensions lie best in a room: near a face, over few things, under furniture and clear of words. */
final class LinePlaces {
    /** Beside a figure, so that no tick strikes it. */
    static final double TICK_AIR_MM = 1.4;

    /** So far from a face a line lies best, in paper mm. */
    private static final double FROM_FACE_MM = 5;

    private static final double LEAST_FROM_FACE_MM = 2.5;

    /** So far beyond the ends of lines no figure is written, and so far beside that. */
    private static final double WALLS_MM = 60;

    private static final double NARROW_MM = 5;
    private static final double STEP_MM = 1.2;
    private static final double SAME_MM = 1;

    /** Over what is lower, as rugs are, lines run. */
    private static final double FLAT_MM = 60;

    private final PaperFrame frame;

    /** The footprints of furniture under which lines run. */
    private final List<Outline> pieces;

    LinePlaces(LaidView view, PaperFrame frame) {
        this.frame = frame;
        this.pieces = view.view().seen().shows(Kind.FURNITURE)
                ? view.storey().geometry().storey().furnishings().stream()
                        .filter(f -> f.bottom().mm() + f.height().mm() > FLAT_MM)
                        .map(f -> Outline.of(Picking.footprint(f)))
                        .toList()
                : List.of();
    }

    /** Something in the way, with its box worked out once. */
    record Thing(Outline outline, Box box) {
        static List<Thing> of(List<Outline> all) {
            return all.stream().map(o -> new Thing(o, o.bounds())).toList();
        }
    }

    /** What a line keeps off: things it may cross at need, and labels it may not. */
    record Near(List<Thing> things, List<Thing> labels) {
        static Near of(List<Outline> things, List<Outline> labels) {
            return new Near(Thing.of(things), Thing.of(labels));
        }
    }

    /** A line and how little it is liked: for every thing it crosses, and for being far from where lines lie best. */
    private record Weighed(Segment line, double cost) {}

    /** Lines through a room that are as long as at its middle, the best first. */
    List<Segment> lines(Outline room, Point middle, Point way, Near near) {
        var clear = LabelSpot.span(room, middle, way);
        var across = LabelSpot.span(room, middle, way.left());
        if (clear.length() < SAME_MM || across.length() < SAME_MM) {
            return List.of();
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
        return out.stream()
                .sorted(Comparator.comparingDouble(Weighed::cost))
                .map(Weighed::line)
                .toList();
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
    boolean isClear(Segment line, Near near) {
        var box = line.bounds().grown(frame.planMm(TICK_AIR_MM));
        var ends = Stream.of(line.a(), line.b())
                .map(p -> Box.around(List.of(p)).grown(frame.planMm(TICK_AIR_MM)))
                .toList();
        return near.labels.stream()
                .filter(o -> o.box.meets(box))
                .noneMatch(o ->
                        OtherWords.strikes(line, o.outline) || ends.stream().anyMatch(o.box::meets));
    }

    /** What lies beyond the ends of a line on paper, where walls stand and no figures are written. */
    static List<Box> beyond(List<Point> stops) {
        var a = stops.getFirst();
        var b = stops.getLast();
        var out = b.minus(a).unit().times(WALLS_MM);
        var aside = out.unit().left().times(NARROW_MM);
        return List.of(
                Box.around(List.of(a.minus(aside), a.plus(aside), a.minus(out))),
                Box.around(List.of(b.minus(aside), b.plus(aside), b.plus(out))));
    }

    /** Whether a figure lies within its room and over nothing. */
    static boolean isFree(Outline room, Outline figure, Near near) {
        var box = figure.bounds();
        return isWithin(room, figure)
                && Stream.concat(near.things.stream(), near.labels.stream())
                        .noneMatch(o -> o.box.meets(box) && KeptOff.overlap(o.outline, figure));
    }

    static boolean isWithin(Outline room, Outline figure) {
        var edges = figure.shell().edges();
        return room.contains(edges.getFirst().a()) && edges.stream().noneMatch(e -> crosses(room, e));
    }

    static boolean crosses(Outline outline, Segment line) {
        return outline.rings()
                .flatMap(r -> r.edges().stream())
                .anyMatch(e -> e.crossing(line).isPresent());
    }

    /** What of a line lies on the floor and not under furniture, on paper. */
    List<Segment> seen(Segment line) {
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
}
