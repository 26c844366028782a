package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How cast shade ends, and what shade there is right below the edges of pieces.
 *
 * @param softness from 0 for hard edges to 1; at a half as a plan usually has them
 * @param contact strength of the shade below the edges of pieces, from 0 to 1
 * @param reach how far from the edges of pieces that reaches
 */
@RecordBuilder
public record ShadeEdge(double softness, double contact, Length reach) implements ShadeEdgeBuilder.With {
    /** It reaches no farther. */
    public static final Length MOST_REACH = Length.ofMm(300);

    /** Half as soft as can be, and a hand's breadth below edges. */
    public static final ShadeEdge USUAL = new ShadeEdge(0.5, 0.5, Length.ofMm(45));

    /** Half the angle the light is wide for usual edges, in degrees; the sun's is 0.27, but a plan wants softer shade. */
    private static final double USUAL_HALF_DEG = 3.2;

    private static final double LEAST_HALF_DEG = 0.27;

    /** A low light that were wider than it is high would throw shade without end. */
    private static final double OF_ALTITUDE = 0.54;

    /** Refuses strengths outside 0 to 1 and a reach of nothing. */
    public ShadeEdge {
        Checks.within("softness of shade", softness, 0, 1);
        Checks.within("contact shade", contact, 0, 1);
        Checks.within("reach of contact shade", reach.mm(), 1, MOST_REACH.mm());
    }

    /** Half the angle under which a light is seen, in degrees. */
    public double halfDeg(Light light) {
        var half = LEAST_HALF_DEG + (USUAL_HALF_DEG - LEAST_HALF_DEG) * softness / USUAL.softness;
        return Math.min(half, OF_ALTITUDE * light.altitudeDeg());
    }
}
