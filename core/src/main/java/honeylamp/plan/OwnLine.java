package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A line of an own piece, from corner to corner, in the frame of the piece: x to the right from its left edge, y to the
 * back from its front edge.
 *
 * @param corners two or more
 */
@RecordBuilder
public record OwnLine(List<Corner> corners, Ends ends) implements OwnLineBuilder.With {
    /** More corners than this no line has. */
    public static final int MOST_CORNERS = 2000;

    /** Whether a line closes. */
    public enum Ends {
        OPEN,
        JOINED
    }

    /**
     * A corner.
     *
     * @param rounded the radius it is rounded by; less where its sides are too short, none where one of them is bowed
     * @param bow how far the side from here to the next corner rises to its left over the straight; less than 0 to its
     *     right
     */
    @RecordBuilder
    public record Corner(Position at, Length rounded, Length bow) implements OwnLineCornerBuilder.With {
        /** Refuses a radius below zero. */
        public Corner {
            Checks.notNegative("radius of a corner", rounded);
        }

        /** A sharp corner between straight sides. */
        public static Corner at(Position at) {
            return new Corner(at, Length.ZERO, Length.ZERO);
        }
    }

    /** Freezes the corners; refuses fewer than two, and lines without an end. */
    public OwnLine {
        corners = List.copyOf(corners);
        Checks.within("corners of a line", corners.size(), 2, MOST_CORNERS);
    }

    /** Straight sides around these corners. */
    public static OwnLine around(List<Position> corners) {
        return new OwnLine(corners.stream().map(Corner::at).toList(), Ends.JOINED);
    }

    /** A circle: two half circles. */
    public static OwnLine circle(Position centre, Length radius) {
        return new OwnLine(
                List.of(
                        new Corner(centre.moved(radius.negated(), Length.ZERO), Length.ZERO, radius.negated()),
                        new Corner(centre.moved(radius, Length.ZERO), Length.ZERO, radius.negated())),
                Ends.JOINED);
    }

    public boolean isClosed() {
        return ends == Ends.JOINED;
    }

    /** Whether it is round: two bowed sides and no straight one. Such a line keeps its size where others grow. */
    public boolean isRound() {
        return isClosed() && corners.size() == 2;
    }
}
