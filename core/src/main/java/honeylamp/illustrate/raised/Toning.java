package honeylamp.illustrate.raised;

import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Light;
import honeylamp.plan.Oklch;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;

/** How light a facet is by the way it looks: one light, and the sky from above. */
final class Toning {
    private static final double ALL = 0.82;
    private static final double FROM_ABOVE = 0.08;
    private static final double FROM_RIGHT = 0.04;
    private static final double CEILING = 0.94;
    private static final double CEILING_LOOKS = -0.9;
    private static final double FROM_LIGHT = 0.15;

    /** The usual light of a plan, from the upper left of its sheet, comes from before and from the left here. */
    private static final double USUAL_FROM_DEG = 320;

    private static final double BEFORE_DEG = 180 + 18;

    /** As if light came from everywhere: colours stay what they are. */
    static final Toning NONE = new Toning(SpacePoint.UP, SpacePoint.UP, 0);

    private final SpacePoint light;
    private final SpacePoint right;
    private final double strength;

    private Toning(SpacePoint light, SpacePoint right, double strength) {
        this.strength = strength;
        this.light = light;
        this.right = right;
    }

    /**
     * Under a light. The sun of a day and hour stands where it stands; any other light comes along with who looks, so that
     * the walls one sees are lit.
     */
    static Toning of(Light light, Eye eye) {
        var turn = Math.toRadians(eye.turnDeg());
        var right = new SpacePoint(Math.cos(turn), -Math.sin(turn), 0);
        return new Toning(towardsLight(light, eye), right, 1);
    }

    /** Towards the light, at length one. */
    static SpacePoint towardsLight(Light light, Eye eye) {
        var from = light.sun().isPresent()
                ? light.fromDeg()
                : light.fromDeg() - USUAL_FROM_DEG + BEFORE_DEG + eye.turnDeg();
        return towards(from, light.altitudeDeg());
    }

    /** Towards what casts shadows: for who stands inside it stays where it is when they turn. */
    static SpacePoint sun(Light light, Raised subject) {
        return subject instanceof Raised.Inside
                ? towards(light.fromDeg(), light.altitudeDeg())
                : towardsLight(light, subject.eye());
    }

    private static SpacePoint towards(double fromDeg, double altitudeDeg) {
        var altitude = Math.toRadians(altitudeDeg);
        var clockwise = Math.toRadians(fromDeg);
        return new SpacePoint(
                Math.sin(clockwise) * Math.cos(altitude), Math.cos(clockwise) * Math.cos(altitude), Math.sin(altitude));
    }

    /** The share of a facet's own lightness that is seen; ceilings get back what floors throw up. */
    double share(SpacePoint normal) {
        return 1 - strength * (1 - lit(normal));
    }

    private double lit(SpacePoint normal) {
        if (normal.z() < CEILING_LOOKS) {
            return CEILING;
        }
        return Math.min(
                1,
                ALL
                        + FROM_ABOVE * normal.z()
                        + FROM_RIGHT * normal.dot(right)
                        + FROM_LIGHT * Math.max(0, normal.dot(light)));
    }

    /** A colour as it is seen on a facet. */
    Oklch seen(Oklch own, SpacePoint normal) {
        return own.lighter(own.lightness() * (share(normal) - 1));
    }
}
