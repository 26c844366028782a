package honeylamp.illustrate.sketch;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallPiece;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Palette;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A small raised picture of a storey that confirms that walls stand and meet: seen from the south-west and
 * above, in parallel projection, walls cut off at a little over a metre so that one looks into the rooms.
 */
public final class RaisedGlance {
    /** Turn of the plan before it is seen, counter-clockwise. */
    private static final double TURN_DEG = 28;

    /** Sine and cosine of how steeply one looks down. */
    private static final double DOWN_SINE = Math.sin(Math.toRadians(42));

    private static final double DOWN_COSINE = Math.cos(Math.toRadians(42));

    private static final double CUT_MM = 1300;

    /** Walls are drawn in parts no longer than this, far ones first, so that near ones stand before them. */
    private static final double PART_MM = 900;

    private static final double AIR = 0.92;

    private final double scale;
    private final Point shift;

    private final Palette palette;

    private RaisedGlance(Palette palette, double scale, Point shift) {
        this.palette = palette;
        this.scale = scale;
        this.shift = shift;
    }

    /** A body from the floor up to a height. */
    private record Part(List<Point> ring, double toMm, boolean startShows, boolean endShows) {
        double depth() {
            return ring.stream().mapToDouble(p -> turned(p).y()).average().orElse(0);
        }
    }

    /** The marks of a glance in a picture so many pixels large; none if there is no wall. */
    public static List<Mark> marks(LaidView view, double widthPx, double heightPx) {
        var geometry = view.storey().geometry();
        var palette = view.look().palette();
        var parts = parts(geometry);
        if (parts.isEmpty()) {
            return List.of();
        }
        var flat = new RaisedGlance(palette, 1, Point.ORIGIN);
        var box = Box.around(parts.stream()
                .flatMap(p -> p.ring.stream())
                .flatMap(p -> List.of(flat.seen(p, 0), flat.seen(p, CUT_MM)).stream())
                .toList());
        var scale = AIR * Math.min(widthPx / box.width(), heightPx / box.height());
        var glance = new RaisedGlance(
                palette,
                scale,
                new Point(widthPx / 2, heightPx / 2).minus(box.centre().times(scale)));
        return glance.marks(geometry, parts);
    }

    private static Point turned(Point p) {
        var angle = Math.toRadians(TURN_DEG);
        return new Point(
                p.x() * Math.cos(angle) - p.y() * Math.sin(angle), p.x() * Math.sin(angle) + p.y() * Math.cos(angle));
    }

    /** Where a point so high above the floor is seen, in pixels, y down. */
    private Point seen(Point p, double highMm) {
        var t = turned(p);
        return new Point(t.x(), -(t.y() * DOWN_SINE + highMm * DOWN_COSINE))
                .times(scale)
                .plus(shift);
    }

    private static List<Part> parts(StoreyGeometry geometry) {
        var open = geometry.network().openEnds().stream().map(e -> e.at()).toList();
        var out = new ArrayList<Part>();
        for (var piece : geometry.network().pieces()) {
            var high = Math.min(CUT_MM, piece.wall().height().mm());
            var cuts = geometry.cuts().stream()
                    .filter(c -> c.host().id().equals(piece.wall().id()))
                    .toList();
            out.addAll(parts(piece, cuts, high, open));
        }
        out.removeIf(p -> p.toMm <= 0);
        out.sort(Comparator.comparingDouble(Part::depth).reversed());
        return out;
    }

    /** A wall piece in short parts; under a window as high as its sill, at a door nothing. */
    private static List<Part> parts(WallPiece piece, List<OpeningCut> cuts, double highMm, List<Point> open) {
        var line = piece.line();
        var stops = new ArrayList<Double>(List.of(0.0, line.length()));
        var wallLine = piece.wall().line();
        var start = wallLine.along(line.a());
        for (var cut : cuts) {
            stops.add(Math.clamp(cut.opening().offset().mm() - start, 0, line.length()));
            stops.add(Math.clamp(cut.opening().end().mm() - start, 0, line.length()));
        }
        for (var mm = PART_MM; mm < line.length(); mm += PART_MM) {
            stops.add(mm);
        }
        stops.sort(Comparator.naturalOrder());
        var out = new ArrayList<Part>();
        var before = -1.0;
        for (var i = 0; i + 1 < stops.size(); i++) {
            var from = stops.get(i);
            var to = stops.get(i + 1);
            if (to - from > 1) {
                var high = Math.min(highMm, high(cuts, start + (from + to) / 2));
                if (before > high && !out.isEmpty()) {
                    var last = out.removeLast();
                    out.add(new Part(last.ring, last.toMm, last.startShows, true));
                }
                var atStart = from <= 0 && isOpen(open, line.a());
                var atEnd = to >= line.length() && isOpen(open, line.b());
                out.add(new Part(ring(piece, line, from, to), high, atStart || before >= 0 && before < high, atEnd));
                before = high;
            }
        }
        return out;
    }

    private static boolean isOpen(List<Point> open, Point end) {
        return open.stream().anyMatch(o -> o.equals(end));
    }

    private static double high(List<OpeningCut> cuts, double alongMm) {
        return cuts.stream()
                .filter(c -> c.opening().offset().mm() < alongMm
                        && alongMm < c.opening().end().mm())
                .mapToDouble(c -> c.opening().sill().mm())
                .findFirst()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The body between two places; at the ends of the piece with its mitred corners. */
    private static List<Point> ring(WallPiece piece, Curve line, double from, double to) {
        var part = line.part(from, to);
        var left = part.shiftedLeft(piece.leftMm());
        var right = part.shiftedLeft(-piece.rightMm());
        var c = piece.corners();
        var first = from <= 0;
        var last = to >= line.length();
        return List.of(
                first ? c.startRight() : right.a(),
                last ? c.endRight() : right.b(),
                last ? c.endLeft() : left.b(),
                first ? c.startLeft() : left.a());
    }

    private List<Mark> marks(StoreyGeometry geometry, List<Part> parts) {
        var out = new ArrayList<Mark>();
        for (var room : geometry.rooms()) {
            out.add(new Mark.Fill(
                    outline(room.outline().shell().corners(), 0),
                    Ink.of(palette.of(Role.BARE_FLOOR).lighter(-0.05).argb())));
        }
        for (var part : parts) {
            sides(part, out);
            out.add(new Mark.Fill(
                    outline(part.ring, part.toMm),
                    Ink.of(palette.of(Role.POCHE).lighter(0.12).argb())));
        }
        return out;
    }

    /** The faces that look at the viewer; between parts of one height there is none. */
    private void sides(Part part, List<Mark> out) {
        side(part, 0, out);
        side(part, 2, out);
        if (part.endShows) {
            side(part, 1, out);
        }
        if (part.startShows) {
            side(part, 3, out);
        }
    }

    private void side(Part part, int edge, List<Mark> out) {
        var a = part.ring.get(edge);
        var b = part.ring.get((edge + 1) % part.ring.size());
        var way = turned(b).minus(turned(a));
        if (way.x() <= 0) {
            return; // it looks away: counter-clockwise, what runs to the right faces the viewer
        }
        var path = Figure.line(seen(a, 0), seen(b, 0), seen(b, part.toMm), seen(a, part.toMm));
        var ink = Ink.of(palette.of(Role.WALL_SIDE)
                .lighter(0.10 * way.y() / way.length())
                .argb());
        out.add(new Mark.Fill(path, ink));
        out.add(new Mark.Stroke(path, Pen.round(0.5), ink)); // covers the seam to the next part
    }

    private Figure outline(List<Point> ring, double highMm) {
        return Figure.line(ring.stream().map(p -> seen(p, highMm)).toArray(Point[]::new));
    }
}
