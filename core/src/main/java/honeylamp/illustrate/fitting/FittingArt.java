package honeylamp.illustrate.fitting;

import honeylamp.derive.listing.GroupsElsewhere;
import honeylamp.derive.listing.LightGroup;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Mount;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Lights, switches and outlets where they are; how large they are drawn does not depend on the scale. */
public final class FittingArt {
    private final PaperFrame frame;
    private final Pens pens;

    /** Draws on a paper with the pens of a look. */
    public FittingArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /** The symbols of fittings. */
    public List<Mark> symbols(List<Placed> placed) {
        return placed.stream().flatMap(p -> symbol(p).stream()).toList();
    }

    /** The symbol of one fitting. */
    public List<Mark> symbol(Placed placed) {
        var front = front(placed);
        var pen = new FittingPen(
                pens, placed.fitting().works(), frame.paper(placed.at()), new Point(-front.y(), front.x()), front);
        var fitting = placed.fitting();
        FittingSymbols.draw(
                kind(placed), pen, Math.max(LEAST_LONG_MM, fitting.length().mm() / frame.scale()));
        return pen.marks();
    }

    /** What lights along a line is drawn at least so long, in paper mm. */
    private static final double LEAST_LONG_MM = 4;

    private static FittingKind kind(Placed placed) {
        return placed.fitting().kind();
    }

    /** The way its front looks on paper; what is not on a wall stands upright. */
    private static Point front(Placed placed) {
        var deg = placed.isOnWall() ? placed.facingDeg() : placed.facingDeg() + 90;
        var way = Point.direction(deg);
        return new Point(way.x(), -way.y());
    }

    /** The middle of a symbol on paper: where links begin and end. */
    public Point middle(Placed placed) {
        var away = placed.isOnWall() ? FittingSymbols.middleMm(kind(placed)) : 0;
        return frame.paper(placed.at()).plus(front(placed).times(away));
    }

    /** What a symbol takes of the paper. */
    public Box box(Placed placed) {
        var middle = middle(placed);
        var r = FittingSymbols.REACH_MM;
        return new Box(middle.x() - r, middle.y() - r, middle.x() + r, middle.y() + r);
    }

    /**
     * Tags and the numbers of groups and circuits beside the symbols, clear of all of them and of where links begin; one for each row.
     *
     * @param tags empty words where there is none
     * @param elsewhere groups whose lights are on other storeys
     */
    public List<Mark> numbers(List<Placed> placed, Function<Fitting, String> tags, GroupsElsewhere elsewhere) {
        var taken = new ArrayList<Box>();
        Map<Alike, Box> known = new HashMap<>();
        placed.forEach(p -> taken.add(known.computeIfAbsent(
                        Alike.of(p), _ -> symbolBox(p).moved(frame.paper(p.at()).times(-1)))
                .moved(frame.paper(p.at()))));
        LinkEnds.of(LightGroup.of(placed), this).stream()
                .flatMap(LinkEnds::beginnings)
                .forEach(taken::add);
        var numbers = new FittingNumbers(pens, new BoxIndex(taken.size(), taken::get));
        return placed.stream()
                .filter(p -> p.nth() == 0)
                .flatMap(p -> FittingNumbers.text(p.fitting(), tags.apply(p.fitting()), elsewhere).stream()
                        .map(words -> numbers.written(p, words, middle(p), front(p))))
                .toList();
    }

    /** What symbols have in common that take as much of the paper around their places. */
    private record Alike(FittingKind kind, boolean isOnWall, double facingDeg, Length length, Works works) {
        static Alike of(Placed placed) {
            var fitting = placed.fitting();
            return new Alike(fitting.kind(), placed.isOnWall(), placed.facingDeg(), fitting.length(), fitting.works());
        }
    }

    /** What the lines of a symbol take, a little less than what is kept clear for it. */
    private Box symbolBox(Placed placed) {
        var marks = symbol(placed);
        return marks.stream()
                .map(m -> switch (m) {
                    case Mark.Fill fill -> fill.path().bounds();
                    case Mark.Stroke stroke -> stroke.path().bounds();
                    case Mark.Text _, Mark.Haloed _, Mark.Shaded _, Mark.Image _, Mark.Picture _, Mark.Clip _ ->
                        box(placed);
                })
                .reduce(Box::union)
                .orElseGet(() -> box(placed));
    }

    /** The symbol of a kind by itself, as legends and catalogues show it, with its middle at a point of the paper. */
    public static List<Mark> sample(FittingKind kind, Point at, Pens pens, double longMm) {
        var down = kind.mount() == Mount.WALL ? 1.2 : 0;
        var pen = new FittingPen(pens, Works.NEW, at.plus(new Point(0, down)), new Point(1, 0), new Point(0, -1));
        FittingSymbols.draw(kind, pen, longMm);
        return pen.marks();
    }
}
