package honeylamp.illustrate.elevation;

import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.RoundedParts;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.plan.Surface;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * The dimensions of walls that are drawn side by side: along all of them in one row, so that figures of neighbours keep off
 * each other, below it the length of each; heights at the left of the first and the right of the last.
 */
record FrontDimensions(LaidView view, Pens pens, List<OfWall> walls) {
    private static final double FIRST_ROW_PAPER_MM = 8;
    private static final double NEXT_ROW_PAPER_MM = 7;

    /** On smaller pictures than this there is no room for the lengths of parts. */
    private static final double FINEST_SCALE = 125;

    /** Between figures of one row and those of the next. */
    private static final double CLEAR_PAPER_MM = 1.8;

    private static final double SAME_MM = 1;

    /**
     * A wall.
     *
     * @param frame in which its left end lies at 0
     * @param measured what is in it, measured from its left end and up
     * @param fittings how high those on it are fixed
     */
    record OfWall(WallElevation wall, PaperFrame frame, List<Box> measured, List<Double> fittings) {
        private List<Double> along() {
            return stops(wall.lengthMm(), measured.stream().flatMap(b -> Stream.of(b.minX(), b.maxX())));
        }

        private Point foot(double along) {
            return frame.paper(new Point(along, -ElevationArt.CUT_MM - wall.floorMm()));
        }
    }

    /** What is drawn, and what its figures cover, which later ones keep off. */
    private record Drawn(List<Mark> marks, List<Box> figures) {}

    List<Mark> marks() {
        var out = new Drawn(new ArrayList<>(), new ArrayList<>());
        var isFine = walls.getFirst().frame.scale() <= FINEST_SCALE;
        row(out, walls, isFine, FIRST_ROW_PAPER_MM);
        var second = secondRowPaperMm(out);
        var parted = new ArrayList<OfWall>();
        for (var each : walls) { // below those that are in parts, how long they are
            if (isFine && each.along().size() > 2) {
                parted.add(each);
            } else {
                row(out, parted, false, second);
                parted.clear();
            }
        }
        row(out, parted, false, second);
        left(out, walls.getFirst(), isFine);
        if (isFine) {
            right(out, walls.getLast());
        }
        return out.marks;
    }

    /** How far below the walls the second row is: farther where figures of the first had to go below it. */
    private double secondRowPaperMm(Drawn first) {
        var foot = walls.getFirst().foot(0).y();
        var lowest = first.figures.stream().mapToDouble(Box::maxY).max().orElse(foot) - foot;
        return Math.max(FIRST_ROW_PAPER_MM + NEXT_ROW_PAPER_MM, lowest + pens.cap(TextRole.DIMENSION) + CLEAR_PAPER_MM);
    }

    /** Along neighbouring walls, with the parts of each or as a whole. */
    private void row(Drawn out, List<OfWall> of, boolean inParts, double paperMm) {
        var feet = new ArrayList<Point>();
        var texts = new ArrayList<String>();
        for (var each : of) {
            var stops = inParts ? each.along() : List.of(0.0, each.wall.lengthMm());
            texts.addAll(texts(stops));
            stops.stream().skip(feet.isEmpty() ? 0 : 1).map(each::foot).forEach(feet::add);
        }
        if (!feet.isEmpty()) {
            drawn(out, feet, new Point(0, paperMm), texts);
        }
    }

    private void left(Drawn out, OfWall first, boolean isFine) {
        var high = first.wall.tops().wall().getFirst().y();
        var parts = isFine
                ? stops(high, first.measured.stream().flatMap(b -> Stream.of(b.minY(), b.maxY())))
                : List.of(0.0, high);
        up(out, first, parts, -ElevationArt.CUT_MM, -FIRST_ROW_PAPER_MM);
        if (parts.size() > 2) {
            up(out, first, List.of(0.0, high), -ElevationArt.CUT_MM, -FIRST_ROW_PAPER_MM - NEXT_ROW_PAPER_MM);
        }
    }

    /**
     * The courses of the last wall, else how high fittings are on all of them, else how high the last is if it is not as high
     * there as at its left.
     */
    private void right(Drawn out, OfWall last) {
        var top = last.wall.tops().wall();
        var courses = courses(last.wall);
        var isOther = Math.abs(top.getLast().y() - top.getFirst().y()) > SAME_MM;
        var fittings = stops(
                top.getLast().y(),
                walls.stream().flatMap(w -> w.fittings.stream()).sorted());
        var parts = courses.size() > 2 ? courses : fittings;
        if (parts.size() > 2 || isOther) {
            var stops = parts.size() > 2 ? parts : List.of(0.0, top.getLast().y());
            up(out, last, stops, last.wall.lengthMm() + ElevationArt.CUT_MM, FIRST_ROW_PAPER_MM);
        }
    }

    private void up(Drawn out, OfWall of, List<Double> stops, double beside, double paperMm) {
        var from =
                stops.stream().map(at -> of.frame.paper(new Point(beside, at))).toList();
        drawn(out, from, new Point(paperMm, 0), texts(stops));
    }

    /** The heights at which courses of what covers a wall end. */
    private static List<Double> courses(WallElevation wall) {
        return stops(
                wall.tops().wall().stream().mapToDouble(Point::y).max().orElse(0),
                wall.covered().stream()
                        .filter(c -> (c.surface().surface() instanceof Surface.WallSide
                                        || c.surface().surface() instanceof Surface.OuterSide)
                                && c.surface().finish().isPresent())
                        .flatMap(c -> c.surface().outline().stream())
                        .map(Outline::bounds)
                        .flatMap(b -> Stream.of(b.minY(), b.maxY())));
    }

    /** Where something begins or ends, from 0 to all of it. */
    private static List<Double> stops(double all, Stream<Double> within) {
        var out = new TreeSet<Double>();
        out.add(0.0);
        out.add(all);
        within.filter(at -> at > SAME_MM && at < all - SAME_MM).forEach(at -> {
            if (out.floor(at) == null || at - out.floor(at) > SAME_MM) {
                out.add(at);
            }
        });
        return List.copyOf(out);
    }

    /** What parts measure, shown so that they add up. */
    private List<String> texts(List<Double> stops) {
        var parts = new ArrayList<Length>();
        for (var i = 0; i + 1 < stops.size(); i++) {
            parts.add(RoundedParts.part(stops.get(i + 1) - stops.get(i)));
        }
        return RoundedParts.of(parts, view.shownIn());
    }

    private void drawn(Drawn out, List<Point> from, Point away, List<String> texts) {
        var row = new ArrayList<Mark>();
        var stops = from.stream().map(p -> p.plus(away)).toList();
        out.figures.addAll(
                new DimensionArt(walls.getFirst().frame, pens).row(row, from, stops, texts, List.copyOf(out.figures)));
        row.forEach(m -> out.marks.add(m instanceof Mark.Text figure ? figure.in(pens.figureInk()) : m));
    }
}
