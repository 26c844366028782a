package honeylamp.derive;

import honeylamp.plan.Opening;
import honeylamp.plan.Wall;

/**
 * How far an opening lies from the cross walls at both ends of its stretch, measured along the wall
 * from face to jamb, as a tape would on the nearer side.
 *
 * @param stretchFromMm where the free stretch begins, from the host's first end
 * @param stretchToMm where it ends
 */
public record ClearDistances(double stretchFromMm, double stretchToMm) {
    /** The free stretch of a wall around a point so many mm from its first end. */
    public static ClearDistances around(WallNetwork network, Wall wall, double alongMm) {
        var line = wall.line();
        var from = 0.0;
        var to = line.length();
        for (var piece : network.of(wall.id())) {
            var start = line.along(piece.line().a());
            var end = line.along(piece.line().b());
            if (alongMm >= start - 1 && alongMm <= end + 1) {
                from = Math.max(
                        line.along(piece.corners().startLeft()),
                        line.along(piece.corners().startRight()));
                to = Math.min(
                        line.along(piece.corners().endLeft()),
                        line.along(piece.corners().endRight()));
            }
        }
        return new ClearDistances(Math.max(0, from), Math.min(line.length(), to));
    }

    /** From the beginning of the stretch to the opening's first jamb, in mm. */
    public double beforeMm(Opening opening) {
        return opening.offset().mm() - stretchFromMm;
    }

    /** From the opening's second jamb to the end of the stretch, in mm. */
    public double afterMm(Opening opening) {
        return stretchToMm - opening.end().mm();
    }

    /** The length of the stretch, in mm. */
    public double lengthMm() {
        return Math.max(0, stretchToMm - stretchFromMm);
    }
}
