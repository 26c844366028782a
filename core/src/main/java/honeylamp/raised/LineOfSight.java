package honeylamp.raised;

import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import java.util.Optional;

/**
 * What lies behind a point of a picture, from the eye on.
 *
 * @param along away from the eye; need not be of length one
 * @param least what is nearer, in lengths of along from the start, is not seen
 * @param most what is farther is not asked for
 */
record LineOfSight(SpacePoint from, SpacePoint along, double least, double most) {
    /** A plane that is looked along at a sharper angle, as its sine, has no one place at a point of the picture. */
    private static final double LEAST_STEEP = 0.02;

    /** Where it meets a plane; empty if it runs along it or meets it out of reach. */
    Optional<SpacePoint> meets(Flat flat) {
        var into = flat.normal().dot(along);
        if (!(Math.abs(into) > LEAST_STEEP * along.length())) {
            return Optional.empty();
        }
        var far = flat.normal().dot(flat.origin().minus(from)) / into;
        return far >= least && far <= most ? Optional.of(from.plus(along.times(far))) : Optional.empty();
    }
}
