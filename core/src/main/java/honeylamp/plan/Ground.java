package honeylamp.plan;

import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.GroundId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * An outline on the ground around the building: the plot itself, or a surface of its site. Never counted
 * with the areas of the building.
 *
 * @param corners around the outline, three or more
 * @param setback of a plot, how far buildings keep from its boundary; zero of any other
 */
@RecordBuilder
public record Ground(GroundId id, Use use, List<Position> corners, Length setback)
        implements Element, Outlined, GroundBuilder.With {
    /** What ground is used for. */
    public enum Use {
        /** The whole plot, within its boundary. */
        PLOT,
        /** Where cars drive and stand. */
        DRIVE,
        /** A paved yard. */
        YARD,
        TERRACE,
        PATH,
        /** Grass. */
        LAWN,
        /** Beds and shrubs. */
        PLANTING,
        /** Shrubs grown into one mass. */
        HEDGE,
        /** Water to swim in, with a kerb around it. */
        POOL
    }

    /** Freezes the corners; refuses fewer than three, and setbacks less than nothing. */
    public Ground {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException("ground " + id.text() + " has " + corners.size() + " corners, needs 3");
        }
        Checks.notNegative("setback", setback);
    }

    /** The outline in plan mm, counter-clockwise. */
    @Override
    public Ring ring() {
        return new Ring(corners.stream().map(Position::point).toList()).counterClockwise();
    }

    /** The ground used in another way; only a plot has a setback. */
    public Ground used(Use other) {
        return with(copy -> copy.use(other).setback(other == Use.PLOT ? setback : Length.ZERO));
    }

    @Override
    public Ground moved(Motion motion) {
        return withCorners(corners.stream().map(motion::of).toList());
    }

    @Override
    public Ground around(List<Position> other) {
        return withCorners(other);
    }

    @Override
    public Ground under(ElementId.Key key) {
        return withId(new GroundId(key));
    }

    @Override
    public List<Position> places() {
        return corners;
    }
}
