package honeylamp.derive.lighting;

import honeylamp.plan.Emission;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How much light goes which way, alike all around an axis.
 *
 * <p>A beam of an angle β up to 180° is taken as I(θ) = I₀ cosᵐ θ with cosᵐ(β/2) = ½, so that there is half as much light
 * at β/2 as in the middle, and I₀ = Φ (m + 1) / 2π for all of the light Φ; a wider one has the same light everywhere within
 * its angle, I = Φ / 2π (1 − cos β/2). A measured curve is read between its points.
 *
 * @see "CIE 97:2005 and DiLaura et al., The Lighting Handbook, IES, 10th ed., 2011, for power-of-cosine distributions"
 */
public final class Beam {
    private static final double PER_LUMENS = 1000;
    private static final double HALF_TURN_DEG = 180;

    private final double middle;
    private final double power;
    private final double widest;
    private final List<Integer> curve;
    private final double lumen;

    /** The power of the cosine at even steps of √(1 − cos), in which the narrowest beam is still smooth. */
    private final double[] powers;

    private final double forward;

    /** A pixel asks for millions of powers; read between so many of them they are wrong by less than 0.02 %. */
    private static final int STEPS = 2_048;

    private Beam(double middle, double power, double widest, List<Integer> curve, double lumen) {
        this.middle = middle;
        this.power = power;
        this.widest = widest;
        this.curve = curve;
        this.lumen = lumen;
        this.powers = power == 0
                ? new double[0]
                : IntStream.rangeClosed(0, STEPS + 1)
                        .mapToDouble(i -> (double) i / STEPS)
                        .map(t -> Math.pow(Math.max(0, 1 - t * t), power))
                        .toArray();
        this.forward = front();
    }

    /** The beam of a share of a light. */
    public static Beam of(Emission light, double share) {
        var lumen = light.lumen() * share;
        if (!light.curve().isEmpty()) {
            return new Beam(0, 0, -1, light.curve(), lumen);
        }
        var half = Math.cos(Math.toRadians(light.beamDeg() / 2));
        if (light.beamDeg() >= HALF_TURN_DEG) {
            return new Beam(lumen / (2 * Math.PI * (1 - half)), 0, half, List.of(), lumen);
        }
        var power = Math.log(0.5) / Math.log(half);
        return new Beam(lumen * (power + 1) / (2 * Math.PI), power, 0, List.of(), lumen);
    }

    /**
     * The intensity in a direction.
     *
     * @param cos of the angle to the axis
     * @return candela
     */
    public double candela(double cos) {
        if (!curve.isEmpty()) {
            return lumen / PER_LUMENS * onCurve(Math.toDegrees(Math.acos(Math.clamp(cos, -1, 1))));
        }
        if (cos < widest - 1e-12 || power > 0 && cos <= 0) {
            return 0;
        }
        return power == 0 ? middle : middle * powerOf(cos);
    }

    private double powerOf(double cos) {
        var at = Math.sqrt(Math.max(0, 1 - cos)) * STEPS;
        var before = (int) at;
        var part = at - before;
        return powers[before] * (1 - part) + powers[before + 1] * part;
    }

    /** All of its light. */
    public double lumen() {
        return lumen;
    }

    private double onCurve(double deg) {
        var step = HALF_TURN_DEG / (curve.size() - 1);
        var at = Math.min(curve.size() - 2, (int) (deg / step));
        var part = deg / step - at;
        return curve.get(at) * (1 - part) + curve.get(at + 1) * part;
    }

    /** The share of its light that goes to the front half of its axis. */
    public double forward() {
        return forward;
    }

    /** By adding up rings of half a degree. */
    private double front() {
        var front = 0.0;
        var all = 0.0;
        for (var i = 0; i < 360; i++) {
            var deg = (i + 0.5) / 2;
            var ring = candela(Math.cos(Math.toRadians(deg))) * Math.sin(Math.toRadians(deg));
            all += ring;
            if (deg < 90) {
                front += ring;
            }
        }
        return all == 0 ? 0 : front / all;
    }
}
