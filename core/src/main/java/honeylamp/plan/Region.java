package honeylamp.plan;

import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Swing;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A part of a floor, a ceiling or a side of a wall that is covered by itself: a field of tiles, a mat well, a splash-back.
 *
 * @param corners around it, three or more: plan mm on a floor or ceiling; on a wall along its line from its first end,
 *     and up from the floor
 * @param raised so much higher than the floor around it one on a floor lies, less than 0 if lower; so far out of its wall
 *     one on a wall stands, less than 0 if it is let in as a niche; nothing on ceilings
 */
@RecordBuilder
public record Region(RegionId id, On on, List<Position> corners, Length raised)
        implements Element, Outlined, RegionBuilder.With {
    /** So much of a wall is left behind a niche in it. */
    public static final Length BEHIND_NICHE = Length.ofMm(15);

    /** Farther a wall is not built out. */
    public static final Length FARTHEST_OUT = Length.ofMm(2_000);

    /** What a region lies on. */
    public sealed interface On {}

    /** Floors or ceilings: those of whatever rooms the region reaches over. */
    public sealed interface Level extends On {}

    /** The floors of a storey. */
    public record Floors() implements Level {}

    /** The ceilings of a storey. */
    public record Ceilings() implements Level {}

    /**
     * A side of a wall.
     *
     * @param side seen along the wall from its first end
     */
    public record Upright(WallId wall, Swing side) implements On {
        /** The same side of another wall. */
        public Upright of(WallId other) {
            return new Upright(other, side);
        }

        /** The other side. */
        public Upright flipped() {
            return new Upright(wall, side.flipped());
        }
    }

    /** Freezes the corners; refuses fewer than three. */
    public Region {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException("region " + id.text() + " has " + corners.size() + " corners, needs 3");
        }
    }

    /** A region that lies level with what is around it. */
    public Region(RegionId id, On on, List<Position> corners) {
        this(id, on, corners, Length.ZERO);
    }

    /** Whether its edges are steps of a floor. */
    public boolean steps() {
        return on instanceof Floors && !raised.equals(Length.ZERO);
    }

    /** Whether it is a niche in a wall, or stands out of one. */
    public boolean isDeep() {
        return on instanceof Upright && !raised.equals(Length.ZERO);
    }

    /** Whether it is let into a wall. */
    public boolean isNiche() {
        return isDeep() && raised.compareTo(Length.ZERO) < 0;
    }

    /** Its outline in the measure of its corners, counter-clockwise. */
    @Override
    public Ring ring() {
        return new Ring(corners.stream().map(Position::point).toList()).counterClockwise();
    }

    /** The wall it lies on; none of a region on a floor or ceiling. */
    public Optional<WallId> wall() {
        return on instanceof Upright(var wall, var _) ? Optional.of(wall) : Optional.empty();
    }

    /** What it goes along with: its wall, or nothing but itself. */
    public ElementId carrier() {
        return on instanceof Upright(var wall, var _) ? wall : id;
    }

    /** The same region on the twin of its wall; empty if that has none. */
    public Optional<Region> twin(Function<ElementId, Optional<ElementId>> twins) {
        return switch (on) {
            case Level _ -> Optional.of(this);
            case Upright upright -> twins.apply(upright.wall()).map(wall -> withOn(upright.of((WallId) wall)));
        };
    }

    /** The same region of a wall of this length that runs the other way. */
    public Region measuredBack(Length wall) {
        var back = corners.stream()
                .map(c -> new Position(wall.minus(c.x()), c.y()))
                .toList();
        return switch (on) {
            case Level _ -> this;
            case Upright upright -> new Region(id, upright.flipped(), back, raised);
        };
    }

    /** One on a wall goes with that, and changes sides where it is mirrored. */
    @Override
    public Region moved(Motion motion) {
        return switch (on) {
            case Level _ -> withCorners(corners.stream().map(motion::of).toList());
            case Upright upright -> motion.mirrors() ? withOn(upright.flipped()) : this;
        };
    }

    @Override
    public Region around(List<Position> other) {
        return withCorners(other);
    }

    @Override
    public Region under(ElementId.Key key) {
        return withId(new RegionId(key));
    }

    @Override
    public List<Position> places() {
        return switch (on) {
            case Level _ -> corners;
            case Upright _ -> List.of();
        };
    }
}
