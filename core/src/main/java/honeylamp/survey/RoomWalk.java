package honeylamp.survey;

import honeylamp.edit.Outcome;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Words;
import java.util.List;

/** Closes a room that was walked wall after wall: what is missing to its start is spread by the compass rule. */
public final class RoomWalk {
    /** A gap up to this share of the walk is an error; more is a missing wall. */
    private static final double MOST_SHARE = 0.03;

    private static final double LEAST_ERROR_MM = 0.5;
    private static final List<String> WINDS =
            List.of("east", "north-east", "north", "north-west", "west", "south-west", "south", "south-east");

    private RoomWalk() {}

    /** What came of closing. */
    public sealed interface Result {
        /** The plan with its corners moved, and the closing error in words. */
        record Closed(Plan plan, String words) implements Result {}

        /** The end lies too far from the start. */
        record TooFar(double errorMm, double lengthMm) implements Result {}
    }

    /**
     * Closes a walk.
     *
     * @param corners in order, the first where it began, the last where it came out
     */
    public static Result close(Plan plan, StoreyId storey, List<Position> corners) {
        var error = error(corners);
        var length = walked(corners);
        if (!comesBack(corners)) {
            return new Result.TooFar(error.length(), length);
        }
        var closed = Outcome.done(plan);
        var walked = 0.0;
        for (var i = 1; i < corners.size(); i++) {
            walked += corners.get(i).point().distance(corners.get(i - 1).point());
            var last = i == corners.size() - 1;
            var target = last
                    ? corners.getFirst()
                    : Position.of(corners.get(i).point().minus(error.times(walked / length)));
            if (!target.equals(corners.get(i))) {
                var from = corners.get(i);
                closed = closed.then(p -> WallEdits.moveCorner(p, storey, from, target));
            }
        }
        return switch (closed) {
            case Outcome.Done<Plan>(var done) -> new Result.Closed(done, words(error, length, corners.size() - 1));
            case Outcome.Refused<Plan> _ -> new Result.TooFar(error.length(), length);
        };
    }

    /** Whether a walk has come so near its start that what is missing is an error, not a wall. */
    public static boolean comesBack(List<Position> corners) {
        return error(corners).length() <= MOST_SHARE * walked(corners);
    }

    private static Point error(List<Position> corners) {
        return corners.getLast().point().minus(corners.getFirst().point());
    }

    private static double walked(List<Position> corners) {
        var length = 0.0;
        for (var i = 1; i < corners.size(); i++) {
            length += corners.get(i).point().distance(corners.get(i - 1).point());
        }
        return length;
    }

    private static String words(Point error, double length, int walls) {
        return error.length() < LEAST_ERROR_MM
                ? "The walk closes without an error."
                : Words.of(
                        "Closing error %.0f mm in %.2f m (1:%.0f), spread over %d walls by the compass rule.",
                        error.length(), length / 1000, length / error.length(), walls);
    }

    /** The direction nearest to an angle, as a wind. */
    public static String compass(double deg) {
        return WINDS.get(Math.floorMod((int) Math.rint(deg / 45), WINDS.size()));
    }

    /** The turn from one way to another, between -180 and 180 degrees, positive to the left. */
    public static double turnShown(double fromDeg, double toDeg) {
        var turn = toDeg - fromDeg;
        return turn - 360 * Math.rint(turn / 360);
    }
}
