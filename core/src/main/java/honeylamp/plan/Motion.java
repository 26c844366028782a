package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.units.Length;
import java.util.function.UnaryOperator;

/**
 * A motion of what stands on a storey: shifting, turning, mirroring.
 *
 * @param places where it takes a place
 * @param sense whether it exchanges left and right
 * @param turnDeg how far it turns, counter-clockwise; one that mirrors exchanges east and west first
 */
public record Motion(UnaryOperator<Position> places, Sense sense, double turnDeg) {
    /** By two lengths, exactly. */
    public static Motion by(Length across, Length up) {
        return new Motion(p -> p.moved(across, up), Sense.AS_DRAWN, 0);
    }

    /** About a point, counter-clockwise. */
    public static Motion turn(Point about, double deg) {
        var turn = Affine.move(-about.x(), -about.y()).then(Affine.turn(deg)).then(Affine.move(about.x(), about.y()));
        return new Motion(p -> Position.of(turn.apply(p.point())), Sense.AS_DRAWN, deg);
    }

    /**
     * To the other side of a line.
     *
     * @throws IllegalArgumentException if the line has no direction
     */
    public static Motion mirror(Segment axis) {
        var along = axis.unit();
        return new Motion(
                p -> {
                    var foot = axis.a().plus(along.times(axis.along(p.point())));
                    return Position.of(foot.plus(foot.minus(p.point())));
                },
                Sense.MIRRORED,
                2 * along.angleDeg() - 180);
    }

    /**
     * As a transform does, which must mirror and turn as is said. One that scales takes places along; what has a made size
     * keeps it.
     */
    public static Motion of(Affine way, Sense sense, double turnDeg) {
        return new Motion(p -> Position.of(way.apply(p.point())), sense, turnDeg);
    }

    /** Whether left and right are exchanged. */
    public boolean mirrors() {
        return sense == Sense.MIRRORED;
    }

    /** Where a place comes to lie. */
    public Position of(Position place) {
        return places.apply(place);
    }

    /** The angle of something that stood at an angle, in degrees. */
    public double turned(double deg) {
        return mirrors() ? turnDeg - deg : deg + turnDeg;
    }
}
