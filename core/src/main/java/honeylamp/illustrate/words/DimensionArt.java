package honeylamp.illustrate.words;

import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.derive.tiers.RoundedParts;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Dimension;
import honeylamp.plan.Dimension.Figures;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Draws dimension tiers and single dimensions, with gaps, ticks and heights in paper mm. */
public final class DimensionArt {
    static final double TEXT_LIFT_MM = RowFigures.LIFT_MM;

    /** A line that takes smaller steps along an axis does not run along it. */
    private static final double NO_STEP = 1e-12;

    /** Around words no witness line crosses. */
    private static final double WORD_AIR_MM = 0.4;

    private static final String MINUS = "\u2212";

    /** Shorter than this no dimension is drawn. */
    private static final double NOTHING_MM = 0.01;

    /** From a witness line to the running figure at it. */
    private static final double RUNNING_AIR_MM = 0.6;

    /** Stumps of witness lines shorter than this are left out. */
    private static final double SHORTEST_MM = 0.5;

    private final PaperFrame frame;
    private final Pens pens;
    private final DimensionStyle style;
    private final DimensionPen pen;

    /** Draws with pens on paper, in the style of their look. */
    public DimensionArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
        this.style = pens.dimensions();
        this.pen = new DimensionPen(pens);
    }

    /**
     * A row of dimensions as it lies on paper.
     *
     * @param from where witness lines leave what is measured, one for each stop
     */
    private record Row(List<Point> from, List<Point> stops, List<RowFigures.Placed> figures) {}

    /**
     * The tiers of a view that are seen; they stay clear of what lies outside the walls, and no witness line crosses it.
     *
     * @param others where other words are read, in paper mm: no witness line crosses them, and figures keep off them
     */
    public List<Mark> tiers(LaidView view, List<SideTiers> sides, List<Box> others) {
        var furniture = TierPlaces.furnitureOutside(view, frame, sides);
        var rows = rows(view, sides, joined(others, furniture));
        var out = new ArrayList<Mark>();
        var known = new Drawn();
        var words = new ArrayList<>(others);
        rows.forEach(row -> words.addAll(boxes(row.figures)));
        rows.forEach(row -> drawn(out, row, words, furniture, known));
        return out;
    }

    /**
     * What the figures of tiers cover, in paper mm.
     *
     * @param others where other words are read, in paper mm
     */
    public List<Box> figures(LaidView view, List<SideTiers> sides, List<Box> others) {
        var off = new ArrayList<>(others);
        off.addAll(TierPlaces.furnitureOutside(view, frame, sides));
        return rows(view, sides, off).stream()
                .flatMap(r -> boxes(r.figures).stream())
                .toList();
    }

    /**
     * The rows of all tiers.
     *
     * @param others what figures keep off, in paper mm
     */
    private List<Row> rows(LaidView view, List<SideTiers> sides, List<Box> others) {
        var outside = Stream.concat(
                        TierPlaces.keptClear(view.storey().geometry()).stream(), TierPlaces.grown(view).stream())
                .map(frame::paper)
                .toList();
        var rows = new ArrayList<Row>();
        var words = new ArrayList<>(others);
        for (var placed : TierPlaces.slanted(view, frame)) {
            rows.add(new Row(placed.from(), placed.stops(), placed.figures()));
            words.addAll(boxes(placed.figures()));
        }
        for (var placed : TierPlaces.of(view, frame, sides)) {
            var row = row(placed.tier(), placed.line(), outside, words);
            words.addAll(boxes(row.figures));
            rows.add(row);
        }
        return rows;
    }

    /**
     * One row of dimensions, with as many numbers as there are gaps between its stops.
     *
     * @param from where witness lines leave what is measured, one for each stop, on paper
     * @param stops on the line of the dimensions, on paper
     */
    public void row(List<Mark> out, List<Point> from, List<Point> stops, List<String> texts) {
        row(out, from, stops, texts, List.of());
    }

    /**
     * The same, its numbers clear of others.
     *
     * @param taken what others cover, in paper mm
     * @return what its numbers cover
     */
    public List<Box> row(List<Mark> out, List<Point> from, List<Point> stops, List<String> texts, List<Box> taken) {
        var row = placed(from, stops, texts, taken);
        var figures = boxes(row.figures);
        drawn(out, row, joined(taken, figures), List.of(), new Drawn());
        return figures;
    }

    /** A dimension that lies on what it measures, its figure above it, so far along it as a share says. */
    void across(List<Mark> out, Point a, Point b, String text, double share) {
        across(out, a, b, text, share, List.of(new Segment(a, b)));
    }

    /**
     * The same, of whose line only parts are seen.
     *
     * @param seen the parts, on paper
     */
    void across(List<Mark> out, Point a, Point b, String text, double share, List<Segment> seen) {
        var isBackward = DimensionPen.isUpsideDown(b.minus(a));
        var from = isBackward ? b : a;
        var to = isBackward ? a : b;
        var lines = Figure.builder();
        seen.forEach(part -> lines.line(part.a(), part.b()));
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
        pen.ends(out, List.of(a, b));
        pen.number(out, LengthText.built(text), from, to, isBackward ? 1 - share : share);
    }

    /**
     * A row that lies on what it measures.
     *
     * @param seen the parts of its line that are seen, on paper
     */
    void onFloor(List<Mark> out, List<Point> stops, List<RowFigures.Placed> figures, List<Segment> seen) {
        var lines = Figure.builder();
        seen.forEach(l -> lines.line(l.a(), l.b()));
        figures.stream().flatMap(f -> f.leader().stream()).forEach(l -> lines.line(l.a(), l.b()));
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
        pen.ends(out, stops);
        figures.forEach(f -> out.add(f.text()));
    }

    private Row placed(List<Point> from, List<Point> stops, List<String> texts, List<Box> taken) {
        var outward = stops.getFirst().minus(from.getFirst());
        return new Row(from, stops, new RowFigures(pens).of(texts, stops, outward, taken));
    }

    /**
     * Draws a row.
     *
     * @param words what no line crosses
     * @param furniture what witness lines do not cross either; the line that carries the figures is drawn whole
     * @param known witness lines drawn before, so that none is drawn twice
     */
    private void drawn(List<Mark> out, Row row, List<Box> words, List<Box> furniture, Drawn known) {
        var lines = Figure.builder();
        var off = joined(words, furniture);
        for (var i = 0; i < row.stops.size(); i++) {
            pen.witness(row.from.get(i), row.stops.get(i))
                    .flatMap(known::beyond)
                    .ifPresent(line -> around(line, off).forEach(part -> lines.line(part.a(), part.b())));
        }
        around(new Segment(row.stops.getFirst(), row.stops.getLast()), words)
                .forEach(part -> lines.line(part.a(), part.b()));
        row.figures.stream().flatMap(f -> f.leader().stream()).forEach(l -> lines.line(l.a(), l.b()));
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
        pen.ends(out, row.stops);
        row.figures.forEach(f -> out.add(f.text()));
    }

    private static List<Box> joined(List<Box> a, List<Box> b) {
        return Stream.concat(a.stream(), b.stream()).toList();
    }

    /** Witness lines that are drawn, the innermost rows first: those of outer rows on the same line begin where they end. */
    private static final class Drawn {
        /** A line upright or level, to a thousandth of a millimetre, and its way along. */
        private record OnLine(long across, long wayX, long wayY) {
            static OnLine of(Segment line) {
                var way = line.unit();
                return new OnLine(
                        Math.round(1000 * way.left().dot(line.a())),
                        Math.round(1000 * way.x()),
                        Math.round(1000 * way.y()));
            }
        }

        private final Map<OnLine, Double> reached = new HashMap<>();

        /** What of a line is not drawn yet. */
        Optional<Segment> beyond(Segment line) {
            var unit = line.unit();
            var from = unit.dot(line.a());
            var to = unit.dot(line.b());
            var on = OnLine.of(line);
            var start = Math.max(from, reached.getOrDefault(on, from));
            reached.merge(on, to, Math::max);
            return to - start < SHORTEST_MM
                    ? Optional.empty()
                    : Optional.of(new Segment(line.a().plus(unit.times(start - from)), line.b()));
        }
    }

    /** What of a line lies outside boxes. */
    static List<Segment> around(Segment line, List<Box> words) {
        var length = line.length();
        var unit = line.unit();
        var covered = new ArrayList<double[]>();
        for (var word : words) {
            var box = word.grown(WORD_AIR_MM);
            var across = within(line.a().x(), unit.x(), box.minX(), box.maxX());
            var down = within(line.a().y(), unit.y(), box.minY(), box.maxY());
            var from = Math.max(across[0], down[0]);
            var to = Math.min(across[1], down[1]);
            if (from < to && to > 0 && from < length) {
                covered.add(new double[] {from, to});
            }
        }
        covered.sort(Comparator.comparingDouble(c -> c[0]));
        var out = new ArrayList<Segment>();
        var from = 0.0;
        for (var c : covered) {
            if (c[0] > from + SHORTEST_MM && from < length) {
                out.add(new Segment(
                        line.a().plus(unit.times(from)), line.a().plus(unit.times(Math.min(c[0], length)))));
            }
            from = Math.max(from, c[1]);
        }
        if (from < length - SHORTEST_MM) {
            out.add(new Segment(line.a().plus(unit.times(from)), line.b()));
        }
        return out;
    }

    /** From where to where along a line one coordinate lies between two limits; nowhere is from more to less. */
    private static double[] within(double start, double step, double low, double high) {
        if (Math.abs(step) < NO_STEP) {
            return start > low && start < high
                    ? new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY}
                    : new double[] {1, 0};
        }
        var a = (low - start) / step;
        var b = (high - start) / step;
        return new double[] {Math.min(a, b), Math.max(a, b)};
    }

    private Row row(Tier tier, double line, List<Box> outside, List<Box> taken) {
        var from = new ArrayList<Point>();
        var stops = new ArrayList<Point>();
        for (var i = 0; i < tier.stopsMm().size(); i++) {
            var building = tier.side().alongX()
                    ? frame.paper(
                            new Point(tier.stopsMm().get(i), tier.witnessMm().get(i)))
                    : frame.paper(
                            new Point(tier.witnessMm().get(i), tier.stopsMm().get(i)));
            var stop = tier.side().alongX() ? new Point(building.x(), line) : new Point(line, building.y());
            from.add(past(outside, building, stop));
            stops.add(stop);
        }
        return placed(from, stops, tier.texts(), taken);
    }

    /** Where a witness line leaves the last thing it would cross on its way out, or where it begins. */
    private static Point past(List<Box> outside, Point building, Point stop) {
        var start = building;
        var way = stop.minus(building);
        for (var box : outside) {
            var line = new Box(
                    Math.min(building.x(), stop.x()),
                    Math.min(building.y(), stop.y()),
                    Math.max(building.x(), stop.x()),
                    Math.max(building.y(), stop.y()));
            if (box.meets(line)) {
                var exit = Math.abs(way.x()) > Math.abs(way.y())
                        ? new Point(way.x() > 0 ? box.maxX() : box.minX(), building.y())
                        : new Point(building.x(), way.y() > 0 ? box.maxY() : box.minY());
                start = exit.distance(stop) < start.distance(stop) ? exit : start;
            }
        }
        return start;
    }

    /** Dimensions between points, and chains of them. */
    public List<Mark> singles(List<Dimension> dimensions, ShownIn in) {
        var out = new ArrayList<Mark>();
        for (var dimension : dimensions) {
            var from = dimension.measured().stream().map(frame::paper).toList();
            var stops = dimension.feet().stream().map(frame::paper).toList();
            if (stops.getFirst().distance(stops.getLast()) < NOTHING_MM) {
                continue;
            }
            var lengths = lengths(dimension);
            if (dimension.figures() == Figures.FROM_FIRST) {
                drawn(out, new Row(from, stops, List.of()), List.of(), List.of(), new Drawn());
                running(out, dimension, stops, in);
            } else {
                var figures = new RowFigures(pens).of(RoundedParts.of(lengths, in), stops, outward(dimension));
                drawn(out, new Row(from, stops, figures), boxes(figures), List.of(), new Drawn());
            }
        }
        return out;
    }

    private static List<Box> boxes(List<RowFigures.Placed> figures) {
        return figures.stream().map(RowFigures.Placed::box).toList();
    }

    private static List<Length> lengths(Dimension dimension) {
        var feet = dimension.feet();
        var out = new ArrayList<Length>();
        for (var i = 1; i < feet.size(); i++) {
            out.add(RoundedParts.part(feet.get(i).distance(feet.get(i - 1))));
        }
        return out;
    }

    /** Away from what is measured, on paper. */
    private Point outward(Dimension dimension) {
        var way = dimension.line().unit();
        var left = dimension.offset().mm() < 0 ? way.left().times(-1) : way.left();
        return new Point(left.x(), -left.y()); // y is down on paper
    }

    /** How far each stop is from the first, written across the line at its stop. */
    private void running(List<Mark> out, Dimension dimension, List<Point> stops, ShownIn in) {
        var outward = outward(dimension);
        var reading = DimensionPen.isUpsideDown(outward) ? outward.times(-1) : outward;
        var turn = Math.toDegrees(Math.atan2(reading.y(), reading.x()));
        var align = outward.dot(reading) > 0 ? Mark.Align.LEFT : Mark.Align.RIGHT;
        var cap = pens.cap(TextRole.DIMENSION);
        var down = reading.left(); // y is down on paper, so left of a line of words is below it
        var far = dimension.fromFirstMm();
        for (var i = 0; i < stops.size(); i++) {
            var text = LengthText.built(
                    (far.get(i) < -NOTHING_MM ? MINUS : "") + in.one(RoundedParts.part(Math.abs(far.get(i)))));
            var at = stops.get(i)
                    .plus(outward.times(style.pastMm() + RUNNING_AIR_MM))
                    .plus(down.times(cap / 2));
            out.add(new Mark.Text(
                    text, at, cap, pens.face(TextRole.DIMENSION, Typeface.REGULAR), 0, align, turn, pens.ink()));
        }
    }
}
