package honeylamp.underlay;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Linework;
import honeylamp.plan.Linework.Form;
import honeylamp.plan.Linework.Use;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a drawing is drawn with, in pixels of its picture: x right, y down.
 *
 * @param layers what tells lines apart, in the order they were first drawn
 * @param all the lowest first
 */
public record DrawnLines(List<Layer> layers, List<Drawn> all) {
    /** A drawing of more points is taken as a picture only. */
    public static final int MOST_POINTS = 400_000;

    /** A drawing of fewer paths is a picture with a frame. */
    public static final int LEAST = 12;

    /** Freezes the lists. */
    public DrawnLines {
        layers = List.copyOf(layers);
        all = List.copyOf(all);
    }

    /**
     * Lines of one layer and colour, or areas filled with it.
     *
     * @param colour as {@code #rrggbb}
     */
    public record Layer(String name, String colour, Form form) {}

    /**
     * Something drawn at once.
     *
     * @param layer the number of its layer
     * @param widthPx the width of its pen; 0 for hairlines and for what is filled
     * @param evenOdd whether what is filled has a hole wherever it lies over itself
     */
    public record Drawn(int layer, double widthPx, boolean evenOdd, List<Path> paths) {
        /** Freezes the list. */
        public Drawn {
            paths = List.copyOf(paths);
        }
    }

    /** Points one after another; curves are chords. */
    public record Path(List<Point> points, boolean isClosed) {
        /** Freezes the list. */
        public Path {
            points = List.copyOf(points);
        }

        /** Its sides. */
        public Stream<Segment> sides() {
            var last = points.size() - 1;
            var open = IntStream.range(0, last).mapToObj(i -> new Segment(points.get(i), points.get(i + 1)));
            return isClosed && last > 0
                    ? Stream.concat(open, Stream.of(new Segment(points.get(last), points.getFirst())))
                    : open;
        }
    }

    /** What a plan holds of them: broken lines are not read at first. */
    public Linework linework(String asset) {
        var counts = new int[layers.size()];
        all.forEach(d -> counts[d.layer]++);
        var held = new ArrayList<Linework.Layer>();
        for (var i = 0; i < counts.length; i++) {
            var layer = layers.get(i);
            held.add(new Linework.Layer(
                    layer.name,
                    layer.colour,
                    layer.form,
                    counts[i],
                    layer.form == Form.BROKEN_LINES ? Use.LEFT_OUT : Use.READ));
        }
        return new Linework(asset, held);
    }

    /** Those that are to be read. */
    public DrawnLines read(Linework linework) {
        return new DrawnLines(
                layers,
                all.stream()
                        .filter(d -> d.layer < linework.layers().size() && linework.reads(d.layer))
                        .toList());
    }

    /** All sides of all paths that are longer than nothing. */
    public Stream<Segment> sides() {
        return all.stream().flatMap(d -> d.paths.stream()).flatMap(Path::sides).filter(s -> s.length() > 0);
    }
}
