package honeylamp.illustrate.ground;

import honeylamp.derive.listing.FloorSteps.Step;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Rounding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Draws where floors step: a line, and on its lower side a point towards the higher floor with the height. */
public record StepArt(PaperFrame frame, Pens pens) {
    private static final double POINT_PAPER_MM = 1.5;
    private static final double BESIDE_PAPER_MM = 0.5;
    private static final double AIR_PAPER_MM = 0.4;

    /** From the line to words on the higher floor. */
    private static final double HIGHER_PAPER_MM = 0.8;

    /** Shorter steps are lines without words. */
    private static final double LEAST_WORDS_PAPER_MM = 7;

    /** Where along a step its height is written, as shares of its length: the middle first. */
    private static final double[] PLACES = {0.5, 0.25, 0.75, 0.1, 0.9};

    /**
     * Heights as they are written.
     *
     * @param without steps whose height found no place; one of those around a region stands for all of them
     */
    public record Heights(List<Mark> marks, List<Step> without) {}

    /** The lines of steps. */
    public List<Mark> lines(List<Step> steps) {
        return steps.stream()
                .<Mark>map(step -> new Mark.Stroke(
                        frame.paper(Figure.line(step.line().a(), step.line().b())), pens.leaf(), pens.ink()))
                .toList();
    }

    /**
     * How high steps are; of those around a region the longest with a free place says it.
     *
     * @param free whether words may cover a rectangle of the plan: the strictest first
     */
    public Heights heights(List<Step> steps, Rounding rounding, List<Predicate<Outline>> free) {
        var out = new ArrayList<Mark>();
        var without = new ArrayList<Step>();
        for (var of : said(steps)) {
            free.stream()
                    .flatMap(isFree -> of.stream()
                            .flatMap(step -> places(step, LengthText.built(rounding.shown(Length.ofMm(step.byMm())))))
                            .filter(place -> isFree.test(place.covered())))
                    .findFirst()
                    .ifPresentOrElse(place -> place.writeOn(out), () -> without.add(of.getFirst()));
        }
        return new Heights(List.copyOf(out), List.copyOf(without));
    }

    /** Steps of which one says how high it is, the longest first: each by itself, or all around a region. */
    private List<List<Step>> said(List<Step> steps) {
        var groups = new LinkedHashMap<Object, List<Step>>();
        steps.stream()
                .filter(s -> s.line().length() / frame.scale() >= LEAST_WORDS_PAPER_MM)
                .sorted(Comparator.comparingDouble(s -> -s.line().length()))
                .forEach(s -> groups.computeIfAbsent(
                                s.around().<Object>map(r -> r).orElse(s.line()), _ -> new ArrayList<>())
                        .add(s));
        return List.copyOf(groups.values());
    }

    /** Beside the point on the lower floor, anywhere along the step; else on the higher floor, clear of what swings below. */
    private Stream<Place> places(Step step, String words) {
        return Arrays.stream(Side.values())
                .flatMap(side -> Arrays.stream(PLACES).mapToObj(share -> place(step, words, share, side)));
    }

    private enum Side {
        LOWER,
        HIGHER
    }

    /** A height with its point, in paper mm. */
    private final class Place {
        private final Ring point;
        private final Mark.Text text;

        Place(Ring point, Mark.Text text) {
            this.point = point;
            this.text = text;
        }

        void writeOn(List<Mark> out) {
            out.add(new Mark.Fill(Figure.ring(point), pens.ink()));
            out.add(text);
        }

        /** By the words, in plan mm: leaves may swing over the point. */
        Outline covered() {
            var box = text.ring().bounds().grown(AIR_PAPER_MM);
            return Outline.of(
                    new Ring(box.ring().corners().stream().map(frame::plan).toList()).counterClockwise());
        }
    }

    private Place place(Step step, String words, double share, Side side) {
        var on = step.line().at(share * step.line().length());
        var middle = frame.paper(on);
        var up = frame.paper(on.plus(step.line().unit().left().times(frame.planMm(1))))
                .minus(middle);
        var along = up.left();
        var foot = middle.minus(up.times(BESIDE_PAPER_MM + POINT_PAPER_MM));
        var point = new Ring(List.of(
                middle.minus(up.times(BESIDE_PAPER_MM)),
                foot.plus(along.times(POINT_PAPER_MM / 2)),
                foot.minus(along.times(POINT_PAPER_MM / 2))));
        var cap = pens.cap(TextRole.DIMENSION);
        // where the step runs level: beside the point, or over the line; where it runs up the page: behind the point
        var isLevel = Math.abs(along.x()) >= Math.abs(along.y());
        if (side == Side.LOWER) {
            return isLevel
                    ? new Place(
                            point,
                            text(words, foot.plus(new Point(POINT_PAPER_MM, up.y() < 0 ? 0.2 : cap)), Mark.Align.LEFT))
                    : new Place(
                            point,
                            text(words, foot.minus(up.times(0.6)).plus(new Point(0, cap / 2)), away(up.times(-1))));
        }
        var beyond = middle.plus(up.times(HIGHER_PAPER_MM));
        return isLevel
                ? new Place(point, text(words, beyond.plus(new Point(0, up.y() < 0 ? 0 : cap)), Mark.Align.MIDDLE))
                : new Place(point, text(words, beyond.plus(new Point(0, cap / 2)), away(up)));
    }

    /** How words are set that run away from a line: the way says whither. */
    private static Mark.Align away(Point way) {
        return way.x() > 0 ? Mark.Align.LEFT : Mark.Align.RIGHT;
    }

    private Mark.Text text(String words, Point at, Mark.Align align) {
        return new Mark.Text(
                words,
                at,
                pens.cap(TextRole.DIMENSION),
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                align,
                0,
                pens.dimensionInk());
    }
}
