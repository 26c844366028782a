package honeylamp.takeoff.lighting;

import honeylamp.derive.rooms.Room;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.plan.Emission;
import honeylamp.units.Length;
import java.util.Optional;

/**
 * How many lights a room is spread with, and how far apart: so near that their beams overlap at work height, and no farther
 * than one and a half times the height over that, the usual limit for even light.
 *
 * @param across in each row
 * @param rows of them
 * @param spacingMm the most that was wanted between two
 * @param beamMm as wide is the beam of one at work height; as wide as the room if it shines all around
 */
public record EvenLayout(int across, int rows, double spacingMm, double beamMm) {
    /** Work height: a table or a counter, about. */
    public static final double WORK_HEIGHT_MM = 850;

    /** Farther apart than so many times their height over the work the light is not even. */
    private static final double MOST_TO_HEIGHT = 1.5;

    /** Wider beams reach as far as light goes. */
    private static final double WIDEST_BEAM_DEG = 150;

    private static final int MOST = 20;

    /**
     * What is proposed for a room.
     *
     * @param turnDeg how the rows run
     * @param mountedMm the height of the lights above the floor
     * @param overlap so much of its width each beam covers of the next at least
     */
    public static EvenLayout of(Room room, double turnDeg, Emission emission, double mountedMm, double overlap) {
        var box = room.outline().through(Affine.turn(-turnDeg)).bounds();
        return of(box, emission, mountedMm, overlap);
    }

    static EvenLayout of(Box box, Emission emission, double mountedMm, double overlap) {
        var over = Math.max(500, mountedMm - WORK_HEIGHT_MM);
        var beam = emission.beamDeg() > WIDEST_BEAM_DEG
                ? Double.POSITIVE_INFINITY
                : 2 * over * Math.tan(Math.toRadians(emission.beamDeg() / 2));
        var spacing = Math.min(beam * (1 - overlap), MOST_TO_HEIGHT * over);
        return new EvenLayout(
                number(box.width(), spacing),
                number(box.height(), spacing),
                spacing,
                Math.min(beam, Math.max(box.width(), box.height())));
    }

    private static int number(double length, double spacing) {
        return Math.clamp((int) Math.ceil(length / spacing - 1e-9), 1, MOST);
    }

    /** How many of a length apart by the spacing at most. */
    public int along(double lengthMm) {
        return number(lengthMm, spacingMm);
    }

    /** How much of a beam the next one covers where they are so far apart, from 0; empty if it shines all around. */
    public static Optional<Double> overlap(Emission emission, double mountedMm, double apartMm) {
        if (emission.beamDeg() > WIDEST_BEAM_DEG) {
            return Optional.empty();
        }
        var beam = 2 * Math.max(500, mountedMm - WORK_HEIGHT_MM) * Math.tan(Math.toRadians(emission.beamDeg() / 2));
        return Optional.of(Math.max(0, 1 - apartMm / beam));
    }

    /** So far from a wall of a height lights are put that wash it: a share of that. */
    public static Length washerAway(Length wallHeight, double share) {
        return Length.ofMm(Math.rint(wallHeight.mm() * share));
    }
}
