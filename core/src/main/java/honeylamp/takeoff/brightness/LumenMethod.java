package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.Beam;
import honeylamp.plan.Emission;
import honeylamp.units.Checks;

/**
 * The mean light of a room by the lumen method: E = Φ · u · m / A, with the utilisation u from the proportions of the room,
 * its beams and what its surfaces give back.
 *
 * <p>Of what does not fall straight on work height, and of what is given back from there, the room returns
 * Φ₁ / A (1 − ρ) to each part of its surfaces A of mean reflectance ρ, Φ₁ being what is given back first: the interreflection
 * of a hollow sphere.
 *
 * @see "W. E. Sumpner, The diffusion of light, Phil. Mag. 35, 1893; EN 12665 for the terms"
 */
public final class LumenMethod {
    private LumenMethod() {}

    /**
     * A room as the method sees it.
     *
     * @param areaM2 of its floor
     * @param perimeterM around it
     * @param lampM the height of its lamps above work height, at least 0.3
     */
    public record Proportions(double areaM2, double perimeterM, double lampM) {
        private static final double LEAST_LAMP_M = 0.3;

        /** Refuses rooms of no size. */
        public Proportions {
            Checks.positive("area of a room", areaM2);
            Checks.positive("length around a room", perimeterM);
            lampM = Math.max(LEAST_LAMP_M, lampM);
        }

        /** The room index: for a rectangle a · b / h (a + b). */
        public double index() {
            return 2 * areaM2 / (lampM * perimeterM);
        }

        double wallsM2() {
            return perimeterM * lampM;
        }
    }

    /**
     * What falls on work height of each lumen of a lamp: the utilisation.
     *
     * @param downwards the share of the light that goes down
     */
    public static double utilisation(Proportions room, Emission light, double downwards, Reflectances back) {
        var straight = straight(room, Beam.of(light, 1), downwards);
        return straight + givenBack(room, straight, downwards, back);
    }

    /** The share of a lamp's light that falls straight on work height. */
    static double straight(Proportions room, Beam beam, double downwards) {
        var front = beam.lumen() == 0 ? 0 : beam.forward();
        return front == 0 ? 0 : downwards * Math.min(1, DirectShare.of(beam, room.index()) / front);
    }

    /** The share that comes back to work height from surfaces. */
    static double givenBack(Proportions room, double straight, double downwards, Reflectances back) {
        var first = straight * back.floor() + (downwards - straight) * back.walls() + (1 - downwards) * back.ceiling();
        return room.areaM2 * returned(room, first, back);
    }

    /** What falls on each square metre of a room that gives back so much at first. */
    private static double returned(Proportions room, double first, Reflectances back) {
        var all = 2 * room.areaM2 + room.wallsM2();
        var mean = (room.areaM2 * (back.floor() + back.ceiling()) + room.wallsM2() * back.walls()) / all;
        return first / (all * (1 - mean));
    }

    /** The mean light on work height, in lux. */
    public static double lux(Proportions room, double lumen, double utilisation, double maintenance) {
        return lumen * utilisation * maintenance / room.areaM2;
    }
}
