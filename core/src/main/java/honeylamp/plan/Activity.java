package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The mark of what is done at a place, and where one faces.
 *
 * @param at in plan mm; with a piece in that one's own frame, from its centre
 * @param facingDeg counter-clockwise from east; with a piece in that one's own frame
 * @param piece it goes with; empty if it has a place of its own
 */
@RecordBuilder
public record Activity(ActivityId id, Doing doing, Position at, double facingDeg, Optional<FurnishingId> piece)
        implements Element, ActivityBuilder.With {
    /** Refuses a direction that is no number. */
    public Activity {
        Checks.finite("facing of an activity", facingDeg);
    }

    /** One with a place of its own. */
    public Activity(ActivityId id, Doing doing, Position at, double facingDeg) {
        this(id, doing, at, facingDeg, Optional.empty());
    }

    /** The same with the twin of its piece; empty if that has none. */
    public Optional<Activity> twin(Function<ElementId, Optional<ElementId>> twins) {
        return piece.isEmpty()
                ? Optional.of(this)
                : twins.apply(piece.get()).map(f -> withPiece(Optional.of((FurnishingId) f)));
    }

    /** The same facing another way, from 0 up to 360 degrees. */
    public Activity facing(double deg) {
        return withFacingDeg(((deg % 360) + 360) % 360);
    }

    @Override
    public Activity moved(Motion motion) {
        if (piece.isPresent()) {
            return this;
        }
        var ahead = motion.of(
                        Position.of(at.point().plus(Point.direction(facingDeg).times(1000))))
                .point()
                .minus(motion.of(at).point());
        return withAt(motion.of(at)).facing(Math.rint(ahead.angleDeg() * 1000) / 1000);
    }

    @Override
    public Activity under(ElementId.Key key) {
        return withId(new ActivityId(key));
    }

    @Override
    public List<Position> places() {
        return piece.isPresent() ? List.of() : List.of(at);
    }
}
