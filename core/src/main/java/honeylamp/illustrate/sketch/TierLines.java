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
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Side;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The lines of dimension tiers where a view draws them: to be taken up and put nearer or farther. */
public final class TierLines {
    private TierLines() {}

    /** Where a tier runs. */
    public sealed interface Along {
        /** Away from the building, at length one. */
        Point outward();

        /** Along one of the four sides. */
        record OfSide(Side side) implements Along {
            @Override
            public Point outward() {
                return side.outward();
            }
        }

        /** Along the face of a wall that looks to none of the four sides. */
        record OfFace(WallId wall, Point outward) implements Along {}
    }

    /**
     * A tier.
     *
     * @param index its place there, 0 for the innermost
     * @param fromBuildingMm how far its line lies from what is built, in paper mm
     */
    public record Line(Along along, int index, double fromBuildingMm) {
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
        return drawn(view, frame)
                .filter(d -> d.on.distance(onPaper) <= reachMm / frame.scale())
                .min(Comparator.comparingDouble(d -> d.on.distance(onPaper)))
                .map(Drawn::line);
    }

    /** How far outward of the building one has come beside a tier, in paper mm, from one point of the plan to another. */
    public static double outwardMm(Along along, PaperFrame frame, Point from, Point to) {
        return to.minus(from).dot(along.outward()) / frame.scale();
    }

    /** The tier as it now lies in a view. */
    public static Optional<Line> now(LaidView view, PaperFrame frame, Along along, int index) {
        return drawn(view, frame, along, index).map(Drawn::line);
    }

    /** The line of a tier as one that is held. */
    public static List<Mark> held(LaidView view, PaperFrame frame, Along along, int index, double penMm) {
        return drawn(view, frame, along, index)
                .<List<Mark>>map(d -> List.of(new Mark.Stroke(
                        Figure.line(d.on.a(), d.on.b()), Pen.butt(2 * penMm), Ink.of(ScreenColours.HONEY.argb()))))
                .orElse(List.of());
    }

    /** A tier and where its line is drawn, in paper mm. */
    private record Drawn(Line line, Segment on) {}

    private static Optional<Drawn> drawn(LaidView view, PaperFrame frame, Along along, int index) {
        return drawn(view, frame)
                .filter(d -> d.line.along.equals(along) && d.line.index == index)
                .findFirst();
    }

    private static Stream<Drawn> drawn(LaidView view, PaperFrame frame) {
        var onSides = TierPlaces.of(view, frame).stream()
                .map(t -> new Drawn(
                        new Line(new Along.OfSide(t.tier().side()), t.index(), t.fromBuildingMm()), segment(t, frame)));
        var alongFaces = TierPlaces.alongFaces(view, frame).stream()
                .map(t -> new Drawn(
                        new Line(new Along.OfFace(t.tier().along(), t.tier().outward()), t.index(), t.fromFaceMm()),
                        t.line()));
        return Stream.concat(onSides, alongFaces);
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
