package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FreeMarkId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * Something drawn on the plan that says something about it and is no part of it: nothing is caught by it, cut by it or
 * measured to it.
 *
 * @param points of a line and an arrow the two ends, of a section where it begins and ends, of a box and a cloud the four
 *     corners in order, of a circle its middle and a point on it, of one drawn by hand the points its line runs through
 * @param word written at both ends of a section; empty for all others
 */
@RecordBuilder
public record FreeMark(FreeMarkId id, Shape shape, List<Position> points, Line line, String word)
        implements Element, FreeMarkBuilder.With {
    /** What it is. */
    public enum Shape {
        LINE("Line", 2, 2),
        ARROW("Arrow", 2, 2),
        BOX("Box", 4, 4),
        CLOUD("Cloud", 4, 4),
        CIRCLE("Circle", 2, 2),
        FREEHAND("By hand", 2, MOST_POINTS),
        /** Where a section is looked at: a line with a letter and a head at each end. */
        SECTION("Section", 2, 2);

        private final String label;
        private final int least;
        private final int most;

        Shape(String label, int least, int most) {
            this.label = label;
            this.least = least;
            this.most = most;
        }

        /** The word people see. */
        public String label() {
            return label;
        }

        /** Whether it has four sides. */
        public boolean isFourSided() {
            return this == BOX || this == CLOUD;
        }
    }

    /** How its line is drawn. */
    public enum Line {
        FULL("Full line"),
        DASHED("Dashed line");

        private final String label;

        Line(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** The other of the two. */
        public Line other() {
            return this == FULL ? DASHED : FULL;
        }
    }

    /** A line by hand has no more points than this. */
    public static final int MOST_POINTS = 2000;

    /** Words at sections are no longer than this. */
    public static final int LONGEST_WORD = 4;

    private static final int CHORDS = 48;

    /** Freezes the points; refuses too few and too many, all of them on one spot, and words too long. */
    public FreeMark {
        points = List.copyOf(points);
        if (points.size() < shape.least || points.size() > shape.most) {
            throw new IllegalArgumentException("a mark of shape " + shape + " has " + points.size() + " points");
        }
        if (isOneSpot(points)) {
            throw new IllegalArgumentException("mark " + id.text() + " is one spot");
        }
        if (word.length() > LONGEST_WORD) {
            throw new IllegalArgumentException("the word at a section has " + word.length() + " letters, at most 4");
        }
    }

    /** Of a circle, in plan mm. */
    public double radiusMm() {
        return points.get(0).point().distance(points.get(1).point());
    }

    /** The straight lines it runs along, in plan mm; a circle along many short ones. */
    public List<Segment> lines() {
        var run = new ArrayList<Point>();
        if (shape == Shape.CIRCLE) {
            var middle = points.getFirst().point();
            for (var i = 0; i <= CHORDS; i++) {
                run.add(middle.plus(Point.direction(360.0 * i / CHORDS).times(radiusMm())));
            }
        } else {
            points.forEach(p -> run.add(p.point()));
            if (shape.isFourSided()) {
                run.add(run.getFirst());
            }
        }
        var out = new ArrayList<Segment>();
        for (var i = 1; i < run.size(); i++) {
            if (run.get(i).distance(run.get(i - 1)) > 0) {
                out.add(new Segment(run.get(i - 1), run.get(i)));
            }
        }
        return out;
    }

    /** Made so small that it would be one spot it stays as it was. */
    @Override
    public FreeMark moved(Motion motion) {
        var there = points.stream().map(motion::of).toList();
        return isOneSpot(there) ? this : withPoints(there);
    }

    private static boolean isOneSpot(List<Position> points) {
        return points.stream().distinct().count() < 2;
    }

    @Override
    public FreeMark under(ElementId.Key key) {
        return withId(new FreeMarkId(key));
    }

    @Override
    public List<Position> places() {
        return points;
    }
}
