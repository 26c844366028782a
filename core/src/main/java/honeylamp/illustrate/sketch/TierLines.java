package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.SlantedSides;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Side;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The lines of dimension tiers where a view draws them: to be taken up and put nearer or farther. */
public final class TierLines {
    private TierLines() {}

    /**
     * A tier.
     *
     * @param index its place on its side, 0 for the innermost
     * @param fromBuildingMm how far its line lies from what is built, in paper mm
     */
    public record Line(Side side, int index, double fromBuildingMm) {
        /** How much farther than usual it lies in a view, in whole tenths of a mm, no nearer than the view draws it. */
        public double awayMm(LaidView view) {
            var usual = view.look().drafting().dimensions().tierMm(index);
            return Math.rint((Math.max(TierPlaces.NEAREST_MM, fromBuildingMm) - usual) * 10) / 10;
        }
    }

    /** Every tier with several parts that is seen, as a sum anybody can do again. */
    public static List<String> sums(LaidView view) {
        var seen = TierPlaces.seen(view);
        var onSides = seen.stream()
                .flatMap(s -> s.tiers().stream())
                .filter(t -> t.texts().size() > 1)
                .map(t -> t.side().label() + ", " + t.kind().label().toLowerCase(Locale.ROOT) + ": " + t.sum());
        var slanted = seen.isEmpty()
                ? Stream.<String>empty()
                : SlantedSides.of(
                                view.storey().geometry(),
                                view.shownIn(),
                                view.view().tiers())
                        .stream()
                        .flatMap(List::stream)
                        .filter(t -> t.texts().size() > 1)
                        .map(t -> "Slanted, " + t.kind().label().toLowerCase(Locale.ROOT) + ": " + t.sum());
        return Stream.concat(onSides, slanted).toList();
    }

    /** The tier whose line is nearest to a point of the plan, if it is within reach. */
    public static Optional<Line> at(LaidView view, PaperFrame frame, Point p, double reachMm) {
        var onPaper = frame.paper(p);
        return TierPlaces.of(view, frame).stream()
                .filter(t -> segment(t, frame).distance(onPaper) <= reachMm / frame.scale())
                .min(Comparator.comparingDouble(t -> segment(t, frame).distance(onPaper)))
                .map(TierLines::line);
    }

    /** How far outward of the building one has come on a side, in paper mm, from one point of the plan to another. */
    public static double outwardMm(Side side, PaperFrame frame, Point from, Point to) {
        return to.minus(from).dot(side.outward()) / frame.scale();
    }

    /** The tier as it now lies in a view. */
    public static Optional<Line> now(LaidView view, PaperFrame frame, Side side, int index) {
        return placed(view, frame, side, index).map(TierLines::line);
    }

    /** The line of a tier as one that is held. */
    public static List<Mark> held(LaidView view, PaperFrame frame, Side side, int index, double penMm) {
        return placed(view, frame, side, index)
                .map(t -> segment(t, frame))
                .<List<Mark>>map(s -> List.of(new Mark.Stroke(
                        Figure.line(s.a(), s.b()), Pen.butt(2 * penMm), Ink.of(ScreenColours.HONEY.argb()))))
                .orElse(List.of());
    }

    private static Optional<TierPlaces.Placed> placed(LaidView view, PaperFrame frame, Side side, int index) {
        return TierPlaces.of(view, frame).stream()
                .filter(t -> t.tier().side() == side && t.index() == index)
                .findFirst();
    }

    private static Line line(TierPlaces.Placed placed) {
        return new Line(placed.tier().side(), placed.index(), placed.fromBuildingMm());
    }

    private static Segment segment(TierPlaces.Placed placed, PaperFrame frame) {
        var stops = placed.tier().stopsMm();
        return placed.tier().side().alongX()
                ? new Segment(
                        new Point(frame.paper(new Point(stops.getFirst(), 0)).x(), placed.line()),
                        new Point(frame.paper(new Point(stops.getLast(), 0)).x(), placed.line()))
                : new Segment(
                        new Point(
                                placed.line(),
                                frame.paper(new Point(0, stops.getFirst())).y()),
                        new Point(
                                placed.line(),
                                frame.paper(new Point(0, stops.getLast())).y()));
    }
}
