package honeylamp.derive.openings;

import honeylamp.derive.walls.WallNetwork;
import honeylamp.plan.Opening;
import honeylamp.plan.Wall;

/**
 * How far an opening lies from what bounds its stretch of wall, measured along the drawn line from face to
 * jamb, as a tape would on the nearer side.
 *
 * @param stretchFromMm where the free stretch begins, from the host's first end
 * @param stretchToMm where it ends
 */
public record ClearDistances(double stretchFromMm, double stretchToMm) {
    /** The free stretch between the walls that meet a wall, around a point so many mm from its first end. */
    public static ClearDistances around(WallNetwork network, Wall wall, double alongMm) {
        return Stretches.at(Stretches.betweenWalls(network, wall), alongMm);
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

    /** Its middle, from the host's first end, in mm. */
    public double middleMm() {
        return (stretchFromMm + stretchToMm) / 2;
    }

    /** Whether a place along the wall lies in it, ends included. */
    public boolean holds(double alongMm) {
        return alongMm >= stretchFromMm && alongMm <= stretchToMm;
    }

    /** How far a place along the wall lies outside it, in mm. */
    public double beyondMm(double alongMm) {
        return Math.max(0, Math.max(stretchFromMm - alongMm, alongMm - stretchToMm));
    }

    /** Where an opening so wide begins if it is to lie in this stretch as near as can be to a wanted place. */
    public double nearestFromMm(double wantedFromMm, double widthMm) {
        return Math.clamp(wantedFromMm, stretchFromMm, Math.max(stretchFromMm, stretchToMm - widthMm));
    }
}
