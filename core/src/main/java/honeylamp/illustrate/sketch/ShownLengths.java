package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.pointing.ShownLength;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.edit.Stretching.Moving;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The lengths that a view shows and that can be typed over: of tiers, single dimensions, and clear sizes of rooms. */
public final class ShownLengths {
    private static final double FAR_MM = 1e6;

    /** A room whose longest wall runs level or plumb up to this sine is measured so. */
    private static final double SQUARE_SINE = 0.01;

    private ShownLengths() {}

    /** The shown length nearest to a point of the plan: a written one within reach, else a clear size of the room there. */
    public static Optional<ShownLength> at(LaidView view, Storey drawn, PaperFrame frame, Point p, double reachMm) {
        var written = new ArrayList<>(tiers(view, frame));
        written.addAll(slanted(view, frame));
        for (var d : drawn.dimensions()) {
            var feet = d.feet();
            for (var i = 1; i < feet.size(); i++) { // of those that run on from the first, each part too
                ShownLength.between(feet.get(i - 1), feet.get(i), new Segment(feet.get(i - 1), feet.get(i)))
                        .ifPresent(written::add);
            }
        }
        return nearest(written, p, reachMm)
                .or(() -> view.storey()
                        .geometry()
                        .roomAt(p)
                        .flatMap(room -> nearest(clear(room), p, Double.POSITIVE_INFINITY)));
    }

    private static Optional<ShownLength> nearest(List<ShownLength> of, Point p, double reachMm) {
        return of.stream()
                .filter(s -> s.line().distance(p) <= reachMm)
                .min(Comparator.comparingDouble((ShownLength s) -> s.line().distance(p))
                        .thenComparingDouble(ShownLength::lengthMm));
    }

    private static List<ShownLength> tiers(LaidView view, PaperFrame frame) {
        var out = new ArrayList<ShownLength>();
        for (var placed : TierPlaces.of(view, frame)) {
            var along = placed.tier().side().alongX();
            var axis = along ? ShownLength.Axis.ACROSS : ShownLength.Axis.UP;
            var line = along
                    ? frame.plan(new Point(0, placed.line())).y()
                    : frame.plan(new Point(placed.line(), 0)).x();
            var stops = placed.tier().stopsMm();
            for (var i = 0; i + 1 < stops.size(); i++) {
                var a = along ? new Point(stops.get(i), line) : new Point(line, stops.get(i));
                var b = along ? new Point(stops.get(i + 1), line) : new Point(line, stops.get(i + 1));
                out.add(new ShownLength(axis, stops.get(i), stops.get(i + 1), new Segment(a, b)));
            }
        }
        return out;
    }

    /** The tiers along slanted faces. */
    private static List<ShownLength> slanted(LaidView view, PaperFrame frame) {
        var out = new ArrayList<ShownLength>();
        for (var placed : TierPlaces.alongFaces(view, frame)) {
            var tier = placed.tier();
            var away = tier.outward().times(frame.planMm(placed.fromFaceMm()));
            for (var i = 0; i + 1 < tier.stops().size(); i++) {
                var a = tier.stops().get(i);
                var b = tier.stops().get(i + 1);
                ShownLength.between(a, b, new Segment(a.plus(away), b.plus(away)))
                        .ifPresent(out::add);
            }
        }
        return out;
    }

    /** What a tape reads through the freest point of a room: level and plumb, or as its longest wall runs. */
    public static List<ShownLength> clear(Room room) {
        var middle = LabelSpot.freest(room.outline()).centre();
        var out = new ArrayList<ShownLength>();
        var longest = room.outline().shell().edges().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow()
                .unit();
        var isSquare = Math.min(Math.abs(longest.x()), Math.abs(longest.y())) < SQUARE_SINE;
        var along = isSquare ? new Point(1, 0) : longest;
        for (var way : List.of(along, along.left())) {
            var a = face(room, middle, way.times(-1));
            var b = face(room, middle, way);
            if (a.isPresent() && b.isPresent()) {
                ShownLength.between(a.get(), b.get(), new Segment(a.get(), b.get()))
                        .ifPresent(out::add);
            }
        }
        return out;
    }

    private static Optional<Point> face(Room room, Point p, Point unit) {
        var far = new Segment(p, p.plus(unit.times(FAR_MM)));
        return room.outline()
                .rings()
                .flatMap(r -> r.edges().stream())
                .flatMap(e -> far.crossing(e).stream())
                .min(Comparator.comparingDouble(p::distance));
    }

    /** A shown length as one that is taken up, with an arrow at the side that will move. */
    public static List<Mark> marks(PaperFrame frame, ShownLength shown, Moving moving, double penMm) {
        var a = frame.paper(shown.line().a());
        var b = frame.paper(shown.line().b());
        var tip = moving == Moving.HIGH ? b : a;
        var way = (moving == Moving.HIGH ? b.minus(a) : a.minus(b)).unit();
        var head = 9 * penMm;
        var back = tip.minus(way.times(head));
        var arrow = Figure.builder()
                .line(
                        back.plus(way.left().times(0.6 * head)),
                        tip,
                        back.minus(way.left().times(0.6 * head)))
                .build();
        var ink = Ink.of(ScreenColours.HONEY.argb());
        return List.of(
                new Mark.Stroke(Figure.line(a, b), Pen.butt(2.4 * penMm), ink),
                new Mark.Stroke(arrow, Pen.butt(2.4 * penMm), ink));
    }
}
