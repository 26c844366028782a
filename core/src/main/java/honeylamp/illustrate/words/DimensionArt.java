package honeylamp.illustrate.words;

import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.derive.tiers.RoundedParts;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Dimension;
import honeylamp.plan.Dimension.Figures;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.DimensionStyle.Ends;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.TextRole;
import honeylamp.plan.Wall;
import honeylamp.units.AngleText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Draws dimension tiers and single dimensions, with gaps, ticks and heights in paper mm. */
public final class DimensionArt {
    private static final double RADIUS_LINE_MM = 18;
    static final double TEXT_LIFT_MM = RowFigures.LIFT_MM;

    /** Around words no witness line crosses. */
    private static final double WORD_AIR_MM = 0.4;

    /** Before the length of an arc (ISO 129-1). */
    private static final String ARC = "\u2312";

    private static final String THIN = "\u2009";

    private static final String MINUS = "\u2212";

    /** Shorter than this no dimension is drawn. */
    private static final double NOTHING_MM = 0.01;

    /** From a witness line to the running figure at it. */
    private static final double RUNNING_AIR_MM = 0.6;

    /** Stumps of witness lines shorter than this are left out. */
    private static final double SHORTEST_MM = 0.5;

    private static final double ARROW_SLENDER = 0.16;

    /** Where arrows have no room a dot of so much of their length ends a line. */
    private static final double DOT_FOR_ARROW = 0.4;

    /** So many times their length arrows need. */
    private static final double ROOM_FOR_ARROWS = 3;

    private final PaperFrame frame;
    private final Pens pens;
    private final DimensionStyle style;

    /** Draws with pens on paper, in the style of their look. */
    public DimensionArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
        this.style = pens.dimensions();
    }

    /**
     * A row of dimensions as it lies on paper.
     *
     * @param from where witness lines leave what is measured, one for each stop
     */
    private record Row(List<Point> from, List<Point> stops, List<RowFigures.Placed> figures) {}

    /** The tiers of a view that are seen; they stay clear of what lies outside the walls, and no witness line crosses it. */
    public List<Mark> tiers(LaidView view, List<SideTiers> sides) {
        var outside = TierPlaces.keptClear(view.storey().geometry()).stream()
                .map(frame::paper)
                .toList();
        var slanted = TierPlaces.slanted(view, frame).stream().map(p -> new Row(p.from(), p.stops(), p.figures()));
        var rows = Stream.concat(
                        TierPlaces.of(view, frame, sides).stream()
                                .map(placed -> row(placed.tier(), placed.line(), outside)),
                        slanted)
                .toList();
        var words = rows.stream()
                .flatMap(r -> r.figures.stream())
                .map(RowFigures.Placed::box)
                .toList();
        var out = new ArrayList<Mark>();
        var known = new Drawn();
        rows.forEach(row -> drawn(out, row, words, known));
        return out;
    }

    /**
     * One row of dimensions, with as many numbers as there are gaps between its stops.
     *
     * @param from where witness lines leave what is measured, one for each stop, on paper
     * @param stops on the line of the dimensions, on paper
     */
    public void row(List<Mark> out, List<Point> from, List<Point> stops, List<String> texts) {
        var row = row(from, stops, texts);
        drawn(out, row, boxes(row.figures), new Drawn());
    }

    /** A dimension that lies on what it measures, its figure above it, so far along it as a share says. */
    void across(List<Mark> out, Point a, Point b, String text, double share) {
        var isBackward = isUpsideDown(b.minus(a));
        var from = isBackward ? b : a;
        var to = isBackward ? a : b;
        out.add(new Mark.Stroke(Figure.line(a, b), pens.dimension(), pens.dimensionInk()));
        ends(out, List.of(a, b));
        number(out, LengthText.built(text), from, to, isBackward ? 1 - share : share);
    }

    private Row row(List<Point> from, List<Point> stops, List<String> texts) {
        var outward = stops.getFirst().minus(from.getFirst());
        return new Row(from, stops, new RowFigures(pens).of(texts, stops, outward));
    }

    /**
     * Draws a row.
     *
     * @param words what no witness line crosses
     * @param known witness lines drawn before, so that none is drawn twice
     */
    private void drawn(List<Mark> out, Row row, List<Box> words, Drawn known) {
        var lines = Figure.builder();
        for (var i = 0; i < row.stops.size(); i++) {
            witness(row.from.get(i), row.stops.get(i))
                    .flatMap(known::beyond)
                    .ifPresent(line -> around(line, words).forEach(part -> lines.line(part.a(), part.b())));
        }
        lines.line(row.stops.getFirst(), row.stops.getLast());
        row.figures.forEach(f -> f.leader().ifPresent(l -> lines.line(l.a(), l.b())));
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
        ends(out, row.stops);
        row.figures.forEach(f -> out.add(f.text()));
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

    /** What of an upright or level line lies outside boxes. */
    static List<Segment> around(Segment line, List<Box> words) {
        var length = line.length();
        var unit = line.unit();
        var covered = new ArrayList<double[]>();
        for (var word : words) {
            var box = word.grown(WORD_AIR_MM);
            var ends = List.of(new Point(box.minX(), box.minY()), new Point(box.maxX(), box.maxY()));
            var crosses = unit.y() == 0
                    ? box.minY() < line.a().y() && line.a().y() < box.maxY()
                    : box.minX() < line.a().x() && line.a().x() < box.maxX();
            if (crosses) {
                var p = ends.get(0).minus(line.a()).dot(unit);
                var q = ends.get(1).minus(line.a()).dot(unit);
                covered.add(new double[] {Math.min(p, q), Math.max(p, q)});
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

    /** What ends the line of a dimension at each stop; arrows where they have room, else dots. */
    private void ends(List<Mark> out, List<Point> stops) {
        var drawn = Figure.builder();
        switch (style.ends()) {
            case TICKS -> {
                stops.forEach(stop -> tick(drawn, stop));
                out.add(new Mark.Stroke(drawn.build(), pens.tick(), pens.dimensionInk()));
            }
            case ARROWS -> {
                for (var i = 1; i < stops.size(); i++) {
                    var a = stops.get(i - 1);
                    var b = stops.get(i);
                    if (a.distance(b) >= ROOM_FOR_ARROWS * style.endMm()) {
                        arrow(drawn, a, b);
                        arrow(drawn, b, a);
                    } else {
                        var radius = DOT_FOR_ARROW / 2 * style.endMm();
                        drawn.path(Figure.circle(a, radius)).path(Figure.circle(b, radius));
                    }
                }
                out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
            }
            case DOTS -> {
                stops.forEach(stop -> drawn.path(Figure.circle(stop, style.endMm() / 2)));
                out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
            }
        }
    }

    /** A slender head whose tip is at a stop. */
    private void arrow(Figure.Builder heads, Point tip, Point from) {
        var back = from.minus(tip).unit();
        var base = tip.plus(back.times(style.endMm()));
        var half = back.left().times(style.endMm() * ARROW_SLENDER);
        heads.ring(Ring.of(tip, base.plus(half), base.minus(half)).counterClockwise());
    }

    private Row row(Tier tier, double line, List<Box> outside) {
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
        return row(from, stops, tier.texts());
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

    /** From a little off what is measured to a little past the line; none where the two all but touch. */
    private Optional<Segment> witness(Point building, Point stop) {
        var way = stop.minus(building);
        if (way.length() <= style.offMm()) {
            return Optional.empty();
        }
        var unit = way.unit();
        return Optional.of(
                new Segment(building.plus(unit.times(style.offMm())), stop.plus(unit.times(style.pastMm()))));
    }

    /** A short stroke at 45 degrees, rising to the right on the page. */
    private void tick(Figure.Builder ticks, Point at) {
        var half = style.endMm() / 2 * Math.sqrt(0.5);
        ticks.line(new Point(at.x() - half, at.y() + half), new Point(at.x() + half, at.y() - half));
    }

    private void number(List<Mark> out, String text, Point a, Point b, double share) {
        var along = b.minus(a).unit();
        var up = along.left().times(-1); // y is down on paper, so left of the line is below it
        var at = a.towards(b, share).plus(up.times(RowFigures.LIFT_MM));
        var turn = Math.toDegrees(Math.atan2(along.y(), along.x()));
        out.add(new Mark.Text(
                text,
                at,
                pens.cap(TextRole.DIMENSION),
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                turn,
                pens.ink()));
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
                drawn(out, new Row(from, stops, List.of()), List.of(), new Drawn());
                running(out, dimension, stops, in);
            } else {
                var figures = new RowFigures(pens).of(RoundedParts.of(lengths, in), stops, outward(dimension));
                drawn(out, new Row(from, stops, figures), boxes(figures), new Drawn());
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
        var reading = isUpsideDown(outward) ? outward.times(-1) : outward;
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

    /** Whether words that run this way would be read from the left or from above. */
    private static boolean isUpsideDown(Point way) {
        return way.x() < -1e-9 || Math.abs(way.x()) <= 1e-9 && way.y() > 0;
    }

    /** Angles, and radii, diameters and lengths of curved lines. */
    public List<Mark> rounds(List<RoundDimension> dimensions, ShownIn in) {
        var out = new ArrayList<Mark>();
        for (var dimension : dimensions) {
            switch (dimension.measures()) {
                case ANGLE -> {
                    legs(out, dimension);
                    bent(out, dimension, AngleText.shown(dimension.value()));
                }
                case ARC_LENGTH -> {
                    witnesses(out, dimension);
                    bent(out, dimension, LengthText.built(ARC + THIN + in.one(Length.ofMm(dimension.value()))));
                }
                case RADIUS -> spoke(out, dimension, "R ", in);
                case DIAMETER -> spoke(out, dimension, "\u00d8 ", in);
            }
        }
        return out;
    }

    /** Along an arc, with its figure outside its middle. */
    private void bent(List<Mark> out, RoundDimension dimension, String text) {
        var arc = (Arc) dimension.line();
        var centre = frame.paper(arc.centre());
        var radius = arc.radius() / frame.scale();
        var from = frame.paper(arc.a()).minus(centre).angleDeg();
        var path = Figure.builder()
                .arc(centre, radius, from, -Math.toDegrees(arc.sweep())) // y is down on paper
                .build();
        out.add(new Mark.Stroke(path, pens.dimension(), pens.dimensionInk()));
        ends(out, List.of(frame.paper(arc.a()), frame.paper(arc.b())));
        var middle = frame.paper(arc.at(arc.length() / 2));
        var outward = middle.minus(centre).unit();
        var along = isUpsideDown(outward.left()) ? outward.left().times(-1) : outward.left();
        var up = along.left().times(-1);
        var lift = up.dot(outward) > 0 ? RowFigures.LIFT_MM : RowFigures.LIFT_MM + pens.cap(TextRole.DIMENSION);
        out.add(new Mark.Text(
                text,
                middle.plus(outward.times(lift)),
                pens.cap(TextRole.DIMENSION),
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                Math.toDegrees(Math.atan2(along.y(), along.x())),
                pens.ink()));
    }

    /** From the corner to a little past the arc: along walls they are not seen, beyond them they show what is measured. */
    private void legs(List<Mark> out, RoundDimension dimension) {
        var corner = frame.paper(dimension.middle().point());
        var lines = Figure.builder();
        for (var end : List.of(dimension.line().a(), dimension.line().b())) {
            var tip = frame.paper(end);
            lines.line(corner, tip.plus(tip.minus(corner).unit().times(style.pastMm())));
        }
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
    }

    private void witnesses(List<Mark> out, RoundDimension dimension) {
        var of = dimension.arc();
        var drawn = dimension.line();
        var lines = Figure.builder();
        witness(frame.paper(of.a()), frame.paper(drawn.a())).ifPresent(l -> lines.line(l.a(), l.b()));
        witness(frame.paper(of.b()), frame.paper(drawn.b())).ifPresent(l -> lines.line(l.a(), l.b()));
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
    }

    /** From the middle of the circle, or from its far side, to the curved line; of a long radius only its last part. */
    private void spoke(List<Mark> out, RoundDimension dimension, String sign, ShownIn in) {
        var line = (Segment) dimension.line();
        var shown = Math.min(line.length(), RADIUS_LINE_MM * frame.scale());
        var isWhole = dimension.measures() == RoundDimension.Measures.DIAMETER;
        var a = frame.paper(line.b());
        var b = frame.paper(isWhole ? line.a() : line.at(line.length() - shown));
        out.add(new Mark.Stroke(Figure.line(a, b), pens.dimension(), pens.dimensionInk()));
        radiusEnd(out, a, b);
        if (isWhole) {
            radiusEnd(out, b, a);
        }
        var flip = isUpsideDown(b.minus(a));
        var text = LengthText.built(sign + in.one(Length.ofMm(dimension.value())));
        number(out, text, flip ? b : a, flip ? a : b, 0.5);
    }

    /** What ends the line of a radius at its wall. */
    private void radiusEnd(List<Mark> out, Point tip, Point from) {
        var drawn = Figure.builder();
        if (style.ends() == Ends.ARROWS) {
            arrow(drawn, tip, from);
            out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
        } else {
            ends(out, List.of(tip));
        }
    }

    /** The circle an arc is part of, to a millimetre: told once, however many walls run along it. */
    private record Circle(long x, long y, long radius) {
        static Circle of(Arc arc) {
            return new Circle(
                    Math.round(arc.centre().x()), Math.round(arc.centre().y()), Math.round(arc.radius()));
        }
    }

    /**
     * The radius of every curved wall's drawn line, with a line from its centre side and an arrow at the wall.
     *
     * @param others dimensions of curved lines: what they tell is not told again
     */
    public List<Mark> radii(List<Wall> walls, List<RoundDimension> others, ShownIn in) {
        var out = new ArrayList<Mark>();
        Set<Circle> told = new HashSet<>();
        others.stream()
                .filter(d -> d.measures() != RoundDimension.Measures.ANGLE)
                .forEach(d -> told.add(Circle.of(d.arc())));
        for (var wall : walls) {
            if (wall.line() instanceof Arc arc && told.add(Circle.of(arc))) {
                var tip = arc.middle();
                var inward = arc.centre().minus(tip).unit();
                var length = Math.min(arc.radius(), RADIUS_LINE_MM * frame.scale());
                var a = frame.paper(tip);
                var b = frame.paper(tip.plus(inward.times(length)));
                out.add(new Mark.Stroke(Figure.builder().line(a, b).build(), pens.dimension(), pens.dimensionInk()));
                radiusEnd(out, a, b);
                var flip = b.x() < a.x() - 1e-9 || Math.abs(b.x() - a.x()) < 1e-9 && b.y() > a.y();
                var text = LengthText.built("R " + in.one(Length.ofMm(arc.radius())));
                number(out, text, flip ? b : a, flip ? a : b, 0.5);
            }
        }
        return out;
    }
}
