package honeylamp.derive.own;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** The lines of own pieces as curves, in mm. */
public final class OwnLines {
    /** Chords stray from arcs by no more than this. */
    private static final double CHORD_MM = 0.2;

    private static final double NEXT_TO_NOTHING_MM = 1e-6;

    /** Arcs of a figure turn by no more than this, in radians; the curve is then off by 0.00003 of the radius. */
    private static final double MOST_TURN = Math.PI / 2;

    private OwnLines() {}

    /** Its sides from corner to corner, as if no corner were rounded. */
    public static List<Curve> sides(OwnLine line) {
        var out = new ArrayList<Curve>();
        var all = line.corners();
        for (var i = 0; i < (line.isClosed() ? all.size() : all.size() - 1); i++) {
            var from = all.get(i);
            var to = all.get((i + 1) % all.size());
            var a = from.at().point();
            var b = to.at().point();
            out.add(Curve.of(a, b, a.equals(b) ? 0 : from.bow().mm())); // at a small size corners may fall together
        }
        return out;
    }

    /** All of it in order, with arcs in the place of rounded corners. */
    public static List<Curve> curves(OwnLine line) {
        var sides = sides(line);
        var cut = new ArrayList<>(sides);
        var arcs = new ArrayList<List<Curve>>();
        for (var i = 0; i < sides.size(); i++) {
            arcs.add(List.of());
        }
        for (var i = 0; i < sides.size(); i++) {
            var before = Math.floorMod(i - 1, sides.size());
            if ((i > 0 || line.isClosed())
                    && sides.get(before) instanceof Segment in
                    && sides.get(i) instanceof Segment on) {
                var back = rounding(in, on, line.corners().get(i).rounded().mm());
                if (back > NEXT_TO_NOTHING_MM) {
                    var a = in.at(in.length() - back);
                    var b = on.at(back);
                    cut.set(before, new Segment(cut.get(before).a(), a));
                    cut.set(i, new Segment(b, cut.get(i).b()));
                    arcs.set(i, List.of(fillet(in, on, a, b)));
                }
            }
        }
        var out = new ArrayList<Curve>();
        for (var i = 0; i < cut.size(); i++) {
            out.addAll(arcs.get(i));
            if (cut.get(i).length() > NEXT_TO_NOTHING_MM) {
                out.add(cut.get(i));
            }
        }
        return out;
    }

    /** How far before and behind a corner its rounding begins: no farther than half a side. */
    private static double rounding(Segment in, Segment on, double radius) {
        if (radius <= 0 || Math.min(in.length(), on.length()) < NEXT_TO_NOTHING_MM) {
            return 0;
        }
        var turn = Math.abs(Math.atan2(in.unit().cross(on.unit()), in.unit().dot(on.unit())));
        if (!(turn > 1e-6 && turn < Math.PI - 1e-6)) {
            return 0;
        }
        return Math.min(radius * Math.tan(turn / 2), Math.min(in.length(), on.length()) / 2);
    }

    private static Curve fillet(Segment in, Segment on, Point a, Point b) {
        var turn = Math.atan2(in.unit().cross(on.unit()), in.unit().dot(on.unit()));
        var chord = a.distance(b);
        return Curve.of(a, b, -Math.signum(turn) * chord / 2 * Math.tan(Math.abs(turn) / 4));
    }

    /** The path of a line. */
    public static Figure figure(OwnLine line) {
        return figure(curves(line), line.isClosed());
    }

    private static Figure figure(List<Curve> curves, boolean isClosed) {
        var path = Figure.builder();
        if (curves.isEmpty()) {
            return path.build();
        }
        var first = curves.getFirst().a();
        path.moveTo(first.x(), first.y());
        for (var curve : curves) {
            switch (curve) {
                case Segment s -> path.lineTo(s.b().x(), s.b().y());
                case Arc arc -> arc(path, arc);
            }
        }
        if (isClosed) {
            path.close();
        }
        return path.build();
    }

    /** Cubic curves whose arms are as long as those of a circle through the same ends. */
    private static void arc(Figure.Builder path, Arc arc) {
        var pieces = Math.max(1, (int) Math.ceil(Math.abs(arc.sweep()) / MOST_TURN - 1e-9));
        var each = arc.length() / pieces;
        var arm = 4.0 / 3.0 * Math.tan(Math.abs(arc.sweep()) / pieces / 4) * arc.radius();
        for (var i = 0; i < pieces; i++) {
            var a = arc.at(each * i);
            var b = i == pieces - 1 ? arc.b() : arc.at(each * (i + 1));
            var c1 = a.plus(arc.unitAt(each * i).times(arm));
            var c2 = b.minus(arc.unitAt(each * (i + 1)).times(arm));
            path.curveTo(c1.x(), c1.y(), c2.x(), c2.y(), b.x(), b.y());
        }
    }

    /** The path of a part: its outline counter-clockwise, its holes the other way. */
    public static Figure figure(OwnPart part) {
        var path = Figure.builder();
        for (var i = 0; i < part.lines().size(); i++) {
            var line = part.lines().get(i);
            if (line.isClosed() && !isRing(line)) {
                continue;
            }
            var isBackwards = line.isClosed() && ring(line).signedArea() < 0 == (i == 0);
            path.path(isBackwards ? figure(back(curves(line)), true) : figure(line));
        }
        return path.build();
    }

    private static List<Curve> back(List<Curve> curves) {
        var out = new ArrayList<Curve>();
        curves.forEach(c -> out.add(c.reversed()));
        Collections.reverse(out);
        return out;
    }

    /** The points of a line, its arcs in chords that stray by 0.2 mm at most. */
    public static List<Point> points(OwnLine line) {
        var out = new ArrayList<Point>();
        var curves = curves(line);
        for (var curve : curves) {
            out.add(curve.a());
            out.addAll(curve.between(CHORD_MM));
        }
        if (!line.isClosed() && !curves.isEmpty()) {
            out.add(curves.getLast().b());
        }
        return out;
    }

    /**
     * The ring of a closed line.
     *
     * @throws IllegalArgumentException if it has fewer than three points
     */
    public static Ring ring(OwnLine line) {
        return new Ring(points(line));
    }

    /** Whether a line goes round something; one made so small that its corners fall together does not. */
    private static boolean isRing(OwnLine line) {
        return line.isClosed() && points(line).size() > 2;
    }

    /** What a part covers; empty for an open line, and for one that goes round nothing. */
    public static Optional<Outline> outline(OwnPart part) {
        if (!isRing(part.outer())) {
            return Optional.empty();
        }
        var holes = part.lines().stream().skip(1).filter(OwnLines::isRing).map(OwnLines::ring);
        return Optional.of(new Outline(
                ring(part.outer()).counterClockwise(),
                holes.map(r -> r.counterClockwise().reversed()).toList()));
    }

    /** The box around a line. */
    public static Box bounds(OwnLine line) {
        return Box.around(sides(line).stream()
                .map(Curve::bounds)
                .flatMap(b -> List.of(new Point(b.minX(), b.minY()), new Point(b.maxX(), b.maxY())).stream())
                .toList());
    }

    /** The box around all parts. */
    public static Box bounds(List<OwnPart> parts) {
        return Box.around(parts.stream()
                .flatMap(p -> p.lines().stream())
                .map(OwnLines::bounds)
                .flatMap(b -> List.of(new Point(b.minX(), b.minY()), new Point(b.maxX(), b.maxY())).stream())
                .toList());
    }
}
