package honeylamp.illustrate.words;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.TextRole;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;

/**
 * Where the figures of a row of dimensions lie, in paper mm: above their line where the gap has room; those of end gaps
 * beyond the end, others in a second row on the outer side, on a leader if they had to give way to each other.
 */
final class RowFigures {
    /** A line of figures keeps so much from the line it belongs to. */
    static final double LIFT_MM = 0.9;

    /** Beside a figure, so that no tick strikes it. */
    private static final double TICK_AIR_MM = 1.1;

    /** From an end of the row to the figure beyond it. */
    private static final double BEYOND_MM = 1.5;

    /** Between figures of the second row. */
    private static final double APART_MM = 1.0;

    /** Between the two rows of figures, or between witness lines and the second row. */
    private static final double ROWS_APART_MM = 0.8;

    /** Steps in which a figure is moved along its gap. */
    private static final double ASIDE_MM = 1.0;

    /** Figures beyond an end lie no more than so much farther out. */
    private static final double FARTHEST_MM = 14;

    /** Around a figure that was moved. */
    private static final double AROUND_MM = 0.4;

    private final double cap;
    private final Pens pens;
    private final Typeface face;

    RowFigures(Pens pens) {
        this.pens = pens;
        this.cap = pens.cap(TextRole.DIMENSION);
        this.face = pens.face(TextRole.DIMENSION, Typeface.REGULAR);
    }

    /**
     * A figure.
     *
     * @param leader from its gap to it, if it lies elsewhere than usual: up through its gap, then aside
     */
    record Placed(Mark.Text text, List<Segment> leader) {
        /** What it covers, in a box that is not turned. */
        Box box() {
            return text.ring().bounds();
        }
    }

    /** A gap as one reads it: from its first stop, so wide, and what it says. */
    private record Gap(Point from, Point to, String text, double width) {
        double length() {
            return from.distance(to);
        }

        Point middle() {
            return from.towards(to, 0.5);
        }
    }

    /**
     * The figures of a row, in the order of its gaps as one reads them.
     *
     * @param stops on one line, one more than texts
     * @param outward away from what is measured
     */
    List<Placed> of(List<String> texts, List<Point> stops, Point outward) {
        return of(texts, stops, outward, List.of());
    }

    /**
     * The same, clear of other figures.
     *
     * @param taken what others cover: figures give way to it along their gaps, and those beyond an end to the second row
     */
    List<Placed> of(List<String> texts, List<Point> stops, Point outward, List<Box> taken) {
        var gaps = read(texts, stops);
        var along = gaps.getFirst().to.minus(gaps.getFirst().from).unit();
        var up = along.left().times(-1); // y is down on paper, so left of a line is below it
        var turn = Math.toDegrees(Math.atan2(along.y(), along.x()));
        var isUpOutward = outward.dot(up) >= 0;
        var secondUp = isUpOutward
                ? LIFT_MM + cap + ROWS_APART_MM
                : -(pens.dimensions().pastMm() + ROWS_APART_MM + cap);
        var out = new ArrayList<Placed>();
        var second = new ArrayList<Gap>();
        for (var i = 0; i < gaps.size(); i++) {
            var gap = gaps.get(i);
            if (gap.width + 2 * TICK_AIR_MM <= gap.length()) {
                out.add(within(gap, along, up.times(LIFT_MM), turn, taken));
            } else {
                var beyond = i == 0
                        ? beyond(gap, gap.from, along.times(-1), up.times(LIFT_MM), turn, taken)
                        : i == gaps.size() - 1
                                ? beyond(gap, gap.to, along, up.times(LIFT_MM), turn, taken)
                                : Optional.<Placed>empty();
                beyond.ifPresentOrElse(out::add, () -> second.add(gap));
            }
        }
        var origin = gaps.getFirst().from;
        var places = apart(second, origin, along);
        for (var i = 0; i < second.size(); i++) {
            var gap = second.get(i);
            var at = origin.plus(along.times(places.get(i))).plus(up.times(secondUp));
            var known =
                    Stream.concat(taken.stream(), out.stream().map(Placed::box)).toList();
            out.add(aside(
                    FARTHEST_MM, known, aside -> inSecondRow(gap, at.plus(along.times(aside)), up, secondUp, turn)));
        }
        return out;
    }

    private Placed inSecondRow(Gap gap, Point at, Point up, double secondUp, double turn) {
        var near = at.plus(up.times(secondUp > 0 ? -ROWS_APART_MM / 4 : cap + ROWS_APART_MM / 4));
        var bend = gap.middle().plus(up.times(secondUp > 0 ? secondUp - ROWS_APART_MM * 3 / 4 : 0));
        return new Placed(
                text(gap, at, turn),
                secondUp > 0
                        ? List.of(new Segment(gap.middle(), bend), new Segment(bend, near))
                        : List.of(new Segment(gap.middle(), near)));
    }

    /** Over the middle of its gap, or as near to that as it is free, if it is free anywhere along it. */
    private Placed within(Gap gap, Point along, Point lift, double turn, List<Box> taken) {
        var room = gap.length() / 2 - gap.width / 2 - TICK_AIR_MM;
        return aside(
                room,
                taken,
                aside -> new Placed(
                        text(gap, gap.middle().plus(along.times(aside)).plus(lift), turn), List.of()));
    }

    /** A figure where it lies best, or moved aside to the nearest place that is free; if none is, where it lies best. */
    private static Placed aside(double most, List<Box> taken, DoubleFunction<Placed> at) {
        for (var aside = 0.0; Math.abs(aside) <= most; aside = aside > 0 ? -aside : -aside + ASIDE_MM) {
            var placed = at.apply(aside);
            if (taken.stream().noneMatch(placed.box().grown(AROUND_MM)::meets)) {
                return placed;
            }
        }
        return at.apply(0);
    }

    /** Beyond an end of the row, on the line drawn on if it must lie farther out; none if it is free nowhere near. */
    private Optional<Placed> beyond(Gap gap, Point end, Point out, Point lift, double turn, List<Box> taken) {
        for (var farther = 0.0; farther <= FARTHEST_MM; farther += ASIDE_MM) {
            var at = end.plus(out.times(BEYOND_MM + farther + gap.width / 2)).plus(lift);
            var line = new Segment(end, end.plus(out.times(BEYOND_MM + farther + gap.width)));
            var placed = new Placed(text(gap, at, turn), farther == 0 ? List.of() : List.of(line));
            if (taken.stream().noneMatch(placed.box().grown(AROUND_MM)::meets)) {
                return Optional.of(placed);
            }
        }
        return Optional.empty();
    }

    /** The gaps left to right, or upward on the page where the row stands upright. */
    private List<Gap> read(List<String> texts, List<Point> stops) {
        var out = new ArrayList<Gap>();
        var a = stops.getFirst();
        var b = stops.getLast();
        var isBackward = Math.abs(a.x() - b.x()) < 1e-9 ? b.y() > a.y() : b.x() < a.x();
        for (var i = 0; i < texts.size(); i++) {
            var at = isBackward ? texts.size() - 1 - i : i;
            var from = stops.get(isBackward ? at + 1 : at);
            var to = stops.get(isBackward ? at : at + 1);
            var text = LengthText.built(texts.get(at));
            out.add(new Gap(from, to, text, face.widthMm(text, cap, 0)));
        }
        return out;
    }

    /** Where the middles of figures lie along their row: over their gaps, and aside as little as can be. */
    private static List<Double> apart(List<Gap> gaps, Point origin, Point along) {
        var groups = new ArrayList<List<Integer>>();
        for (var i = 0; i < gaps.size(); i++) {
            var group = new ArrayList<>(List.of(i));
            while (!groups.isEmpty()
                    && end(gaps, groups.getLast(), origin, along) > start(gaps, group, origin, along)) {
                group.addAll(0, groups.removeLast());
            }
            groups.add(group);
        }
        var out = new ArrayList<Double>();
        for (var group : groups) {
            var x = start(gaps, group, origin, along);
            for (var i : group) {
                out.add(x + (gaps.get(i).width + APART_MM) / 2);
                x += gaps.get(i).width + APART_MM;
            }
        }
        return out;
    }

    /** Where a group of figures side by side begins if it lies about the middle of its gaps. */
    private static double start(List<Gap> gaps, List<Integer> group, Point origin, Point along) {
        var middle = group.stream()
                .mapToDouble(i -> gaps.get(i).middle().minus(origin).dot(along))
                .average()
                .orElse(0);
        return middle - wide(gaps, group) / 2;
    }

    private static double end(List<Gap> gaps, List<Integer> group, Point origin, Point along) {
        return start(gaps, group, origin, along) + wide(gaps, group);
    }

    private static double wide(List<Gap> gaps, List<Integer> group) {
        return group.stream().mapToDouble(i -> gaps.get(i).width + APART_MM).sum();
    }

    private Mark.Text text(Gap gap, Point at, double turnDeg) {
        return new Mark.Text(gap.text, at, cap, face, 0, Mark.Align.MIDDLE, turnDeg, pens.ink());
    }
}
