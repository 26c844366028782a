package honeylamp.store;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Linework.Form;
import honeylamp.store.PictureImport.RefusedException;
import honeylamp.underlay.DrawnLines;
import honeylamp.underlay.DrawnLines.Drawn;
import honeylamp.underlay.DrawnLines.Layer;
import honeylamp.underlay.DrawnLines.Path;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Gathers what a drawing draws, in pixels of its picture, while it is read. */
final class GatheredLines {
    /** What is filled more faintly is a wash or a shade, and hides nothing. */
    static final double LEAST_OPACITY = 0.5;

    private static final double CHORD_PX = 0.05;
    private static final int MOST_HALVINGS = 8;

    /** Pairs of a line's sides and edges of what is seen that are looked at, at most. */
    private static final long MOST_PAIRS = 200_000;

    private final Map<Layer, Integer> layers = new LinkedHashMap<>();
    private final List<Drawn> all = new ArrayList<>();
    private final Rectangle2D sheet;
    private int points;

    /** For a picture so large; what lies off it is not gathered. */
    GatheredLines(double widthPx, double heightPx) {
        sheet = new Rectangle2D.Double(0, 0, widthPx, heightPx);
    }

    /**
     * Something that is drawn.
     *
     * @param widthPx the width of the pen; 0 for hairlines and for what is filled
     * @param clip within which it is seen, in pixels
     */
    void add(String layer, int rgb, Form form, double widthPx, Path2D shape, Optional<Area> clip)
            throws RefusedException {
        var box = shape.getBounds2D();
        if (box.getMaxX() < 0
                || box.getMaxY() < 0
                || box.getMinX() > sheet.getWidth()
                || box.getMinY() > sheet.getHeight()) {
            return;
        }
        // a line that runs level has a box without an inside, which lies in nothing
        box.setRect(
                box.getX() - CHORD_PX,
                box.getY() - CHORD_PX,
                box.getWidth() + 2 * CHORD_PX,
                box.getHeight() + 2 * CHORD_PX);
        var cuts = clip.isPresent() && !clip.get().contains(box);
        if (cuts && !clip.get().intersects(box)) {
            return;
        }
        var isFill = form == Form.FILLS;
        var paths = paths(cuts && isFill ? within(shape, clip.get()) : shape);
        if (cuts && !isFill) {
            paths = within(paths, clip.get());
        }
        var evenOdd = shape.getWindingRule() == Path2D.WIND_EVEN_ODD && !cuts;
        if (!paths.isEmpty()) {
            var colour = "#" + HexFormat.of().toHexDigits(rgb & 0xffffff, 6);
            var number = layers.computeIfAbsent(new Layer(layer, colour, form), _ -> layers.size());
            all.add(new Drawn(number, widthPx, evenOdd, paths));
        }
    }

    private static Shape within(Shape fill, Area clip) {
        var out = new Area(fill);
        out.intersect(clip);
        return out;
    }

    /** Lines cut where they leave what is seen. */
    private List<Path> within(List<Path> paths, Area clip) throws RefusedException {
        var edges = paths(clip).stream().flatMap(Path::sides).toList();
        var out = new ArrayList<Path>();
        for (var path : paths) {
            var sides = path.sides().toList();
            if ((long) sides.size() * edges.size() > MOST_PAIRS) {
                out.add(path); // cutting it takes too long
                continue;
            }
            for (var side : sides) {
                seen(side, edges, clip).forEach(s -> out.add(new Path(List.of(s.a(), s.b()), false)));
            }
        }
        return out;
    }

    private static Stream<Segment> seen(Segment side, List<Segment> edges, Area clip) {
        var cuts = Stream.concat(
                        Stream.of(0.0, side.length()),
                        edges.stream()
                                .map(side::crossing)
                                .flatMap(Optional::stream)
                                .map(side::along))
                .sorted()
                .toList();
        return IntStream.range(1, cuts.size())
                .filter(i -> cuts.get(i) - cuts.get(i - 1) > CHORD_PX)
                .mapToObj(i -> new Segment(side.at(cuts.get(i - 1)), side.at(cuts.get(i))))
                .filter(s -> clip.contains(s.middle().x(), s.middle().y()));
    }

    private List<Path> paths(Shape shape) throws RefusedException {
        var out = new ArrayList<Path>();
        var at = new ArrayList<Point>();
        var to = new double[6];
        for (var i = new FlatteningPathIterator(shape.getPathIterator(null), CHORD_PX, MOST_HALVINGS);
                !i.isDone();
                i.next()) {
            switch (i.currentSegment(to)) {
                case PathIterator.SEG_CLOSE -> end(out, at, true);
                case PathIterator.SEG_MOVETO -> {
                    end(out, at, false);
                    at.add(point(to));
                }
                default -> at.add(point(to));
            }
            points++;
            if (points > DrawnLines.MOST_POINTS) {
                throw new RefusedException("The drawing has too many lines", "Read it as a picture.");
            }
        }
        end(out, at, false);
        return out;
    }

    private static Point point(double[] to) {
        return new Point(to[0], to[1]);
    }

    /** A path that goes on after it was closed begins where it began. */
    private static void end(List<Path> out, List<Point> at, boolean closed) {
        if (at.size() > 1) {
            out.add(new Path(at, closed));
        }
        var first = closed && !at.isEmpty() ? at.getFirst() : null;
        at.clear();
        if (first != null) {
            at.add(first);
        }
    }

    DrawnLines lines() {
        return new DrawnLines(List.copyOf(layers.keySet()), all);
    }
}
