package honeylamp.sheet;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What something that is dragged on a page catches with its edges or its middle: setting-out lines, margins, the middle of
 * the page, the edges and middles of other things, and else the steps of the page.
 *
 * @param shift from where it is dragged to where it goes, in paper mm
 * @param lines along which it lies now, in paper mm
 * @param words what was caught; empty if nothing was
 */
public record PageCatch(Point shift, List<Segment> lines, String words) {
    /** Something to catch, across or up. */
    private record Target(double at, String word, Rank rank) {}

    /** Of what is as near, the first is caught. */
    private enum Rank {
        LINE,
        MARGIN,
        MIDDLE,
        THING
    }

    private record Found(double by, Target target) {}

    /** Freezes the lines. */
    public PageCatch {
        lines = List.copyOf(lines);
    }

    /**
     * What is caught.
     *
     * @param moved where it is dragged to, in paper mm
     * @param others what else lies on the page, in paper mm
     * @param reachMm how near is caught, in paper mm
     */
    public static PageCatch of(Box moved, List<Box> others, Arrangement arrangement, Sheet sheet, double reachMm) {
        var across = nearest(
                List.of(moved.minX(), moved.centre().x(), moved.maxX()), across(others, arrangement, sheet), reachMm);
        var up = nearest(
                List.of(moved.minY(), moved.centre().y(), moved.maxY()), up(others, arrangement, sheet), reachMm);
        var step = arrangement.stepMm();
        var lines = new ArrayList<Segment>();
        across.ifPresent(
                f -> lines.add(new Segment(new Point(f.target.at, 0), new Point(f.target.at, sheet.heightMm()))));
        up.ifPresent(f -> lines.add(new Segment(new Point(0, f.target.at), new Point(sheet.widthMm(), f.target.at))));
        var words = Stream.concat(across.stream(), up.stream())
                .map(f -> f.target.word)
                .distinct()
                .collect(Collectors.joining(", "));
        var isStepped = step > 0 && (across.isEmpty() || up.isEmpty());
        return new PageCatch(
                new Point(
                        across.map(Found::by).orElse(toStep(moved.minX(), step)),
                        up.map(Found::by).orElse(toStep(moved.minY(), step))),
                lines,
                words.isEmpty() && isStepped ? "step" : words);
    }

    /** Nothing caught. */
    public static PageCatch nothing() {
        return new PageCatch(Point.ORIGIN, List.of(), "");
    }

    private static double toStep(double at, double step) {
        return step > 0 ? Math.rint(at / step) * step - at : 0;
    }

    private static List<Target> across(List<Box> others, Arrangement arrangement, Sheet sheet) {
        var margins = sheet.margins();
        return targets(
                lines(arrangement, Run.DOWN),
                margins.bindingMm(),
                sheet.widthMm() - margins.othersMm(),
                sheet.widthMm() / 2,
                others.stream()
                        .flatMap(b -> Stream.of(b.minX(), b.centre().x(), b.maxX()))
                        .toList());
    }

    private static List<Target> up(List<Box> others, Arrangement arrangement, Sheet sheet) {
        var margin = sheet.margins().othersMm();
        return targets(
                lines(arrangement, Run.ACROSS),
                margin,
                sheet.heightMm() - margin,
                sheet.heightMm() / 2,
                others.stream()
                        .flatMap(b -> Stream.of(b.minY(), b.centre().y(), b.maxY()))
                        .toList());
    }

    private static List<Double> lines(Arrangement arrangement, Run run) {
        return arrangement.lines().stream()
                .filter(l -> l.run() == run)
                .map(Arrangement.Line::mm)
                .toList();
    }

    private static List<Target> targets(
            List<Double> lines, double first, double last, double middle, List<Double> things) {
        var out = new ArrayList<Target>();
        lines.forEach(mm -> out.add(new Target(mm, "setting-out line", Rank.LINE)));
        out.add(new Target(first, "margin", Rank.MARGIN));
        out.add(new Target(last, "margin", Rank.MARGIN));
        out.add(new Target(middle, "middle of the page", Rank.MIDDLE));
        things.forEach(mm -> out.add(new Target(mm, "along", Rank.THING)));
        return out;
    }

    private static Optional<Found> nearest(List<Double> own, List<Target> targets, double reachMm) {
        return own.stream()
                .flatMap(at -> targets.stream().map(t -> new Found(t.at - at, t)))
                .filter(f -> Math.abs(f.by) <= reachMm)
                .min(Comparator.comparingDouble((Found f) -> Math.abs(f.by)).thenComparing(f -> f.target.rank));
    }
}
