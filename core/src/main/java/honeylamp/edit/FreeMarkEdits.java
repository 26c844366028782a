package honeylamp.edit;

import honeylamp.geometry.Point;
import honeylamp.geometry.Thinning;
import honeylamp.plan.ElementId.FreeMarkId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.List;

/** Drawing free marks and changing them. */
public final class FreeMarkEdits {
    private static final String ONE_SPOT = "it would be one spot";

    private FreeMarkEdits() {}

    /**
     * A mark from one point to another: of a box and a cloud two opposite corners, of a circle its middle and a point on
     * it; refused if both are one, or if a box would have no width or no height. A section takes the next free letter.
     */
    public static Outcome<Added<FreeMarkId>> add(
            Plan plan, StoreyId storey, Shape shape, Line line, Position from, Position to) {
        var isFlat = from.x().equals(to.x()) || from.y().equals(to.y());
        if (from.equals(to)) {
            return Outcome.refused(ONE_SPOT);
        }
        if (shape.isFourSided() && isFlat) {
            return Outcome.refused("it would have no width or no height");
        }
        var points = shape.isFourSided()
                ? List.of(from, new Position(to.x(), from.y()), to, new Position(from.x(), to.y()))
                : List.of(from, to);
        var word = shape == Shape.SECTION ? freeLetter(plan) : "";
        return Outcome.done(add(plan, storey, shape, line, points, word));
    }

    /**
     * A line drawn by hand, without the points that its line runs past within so many mm; refused if it never leaves one
     * spot, or is too long.
     */
    public static Outcome<Added<FreeMarkId>> add(
            Plan plan, StoreyId storey, Line line, List<Point> run, double withinMm) {
        var points = Thinning.of(run, withinMm).stream().map(Position::of).toList();
        return points.size() > FreeMark.MOST_POINTS
                ? Outcome.refused("a line by hand has at most " + FreeMark.MOST_POINTS + " bends", "Draw it in parts.")
                : points.stream().distinct().count() < 2
                        ? Outcome.refused(ONE_SPOT)
                        : Outcome.done(add(plan, storey, Shape.FREEHAND, line, points, ""));
    }

    private static Added<FreeMarkId> add(
            Plan plan, StoreyId storey, Shape shape, Line line, List<Position> points, String word) {
        var id = new FreeMarkId(plan.nextNumber());
        var mark = new FreeMark(id, shape, points, line, word);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(FreeMark.class, Lists.plus(s.freeMarks(), mark))),
                id);
    }

    /** The first letter that no section of the plan has; none once all are taken. */
    private static String freeLetter(Plan plan) {
        for (var letter = 'A'; letter <= 'Z'; letter++) {
            var word = String.valueOf(letter);
            if (plan.storeys().stream()
                    .flatMap(s -> s.freeMarks().stream())
                    .noneMatch(m -> m.word().equals(word))) {
                return word;
            }
        }
        return "";
    }

    /**
     * Puts one of the points of a mark elsewhere: the opposite corner of a box stays, and its sides stay square; the middle
     * of a circle takes the whole along. Refused if it would be one spot or have no width.
     */
    public static Outcome<Plan> put(Plan plan, StoreyId storey, FreeMarkId id, int point, Position at) {
        var mark = plan.storey(storey).elements().find(FreeMark.class, id).orElseThrow();
        var points = switch (mark.shape()) {
            case LINE, ARROW, FREEHAND, SECTION -> replaced(mark.points(), point, at);
            case CIRCLE ->
                point == 0
                        ? List.of(at, Position.of(mark.points().get(1).point().plus(by(mark, point, at))))
                        : replaced(mark.points(), point, at);
            case BOX, CLOUD -> cornered(mark.points(), point, at);
        };
        var sides = points.stream().distinct().count();
        return sides < 2 || mark.shape().isFourSided() && sides < 4
                ? Outcome.refused(ONE_SPOT)
                : Outcome.done(change(plan, storey, mark.withPoints(points)));
    }

    private static Point by(FreeMark mark, int point, Position at) {
        return at.point().minus(mark.points().get(point).point());
    }

    private static List<Position> replaced(List<Position> points, int point, Position at) {
        var out = new ArrayList<>(points);
        out.set(point, at);
        return out;
    }

    /** A corner of a box where it should be, the one across from it where it was. */
    private static List<Position> cornered(List<Position> points, int corner, Position at) {
        var stays = points.get((corner + 2) % 4).point();
        var along = points.get((corner + 1) % 4).point().minus(stays).unit();
        var diagonal = at.point().minus(stays);
        var out = new ArrayList<>(points);
        out.set(corner, at);
        out.set((corner + 1) % 4, Position.of(stays.plus(along.times(along.dot(diagonal)))));
        out.set(
                (corner + 3) % 4,
                Position.of(stays.plus(along.left().times(along.left().dot(diagonal)))));
        return out;
    }

    /** Draws the line of a mark otherwise. */
    public static Plan line(Plan plan, StoreyId storey, FreeMarkId id, Line line) {
        return plan.withStorey(storey, s -> s.change(FreeMark.class, id, m -> m.withLine(line)));
    }

    /** Writes another word at a section; refused if it is too long. */
    public static Outcome<Plan> name(Plan plan, StoreyId storey, FreeMarkId id, String word) {
        return word.strip().length() > FreeMark.LONGEST_WORD
                ? Outcome.refused("a section has at most " + FreeMark.LONGEST_WORD + " letters")
                : Outcome.done(plan.withStorey(
                        storey, s -> s.change(FreeMark.class, id, m -> m.withWord(word.strip()))));
    }

    private static Plan change(Plan plan, StoreyId storey, FreeMark mark) {
        return plan.withStorey(storey, s -> s.change(FreeMark.class, mark.id(), _ -> mark));
    }
}
