package honeylamp.plan;

import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Swing;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A light, a switch or an outlet, or an even row of lights that are alike. It goes with what it is fixed to.
 *
 * @param turnDeg of what lies on a ceiling or stands on a floor, counter-clockwise; of rows in a room the way they run
 * @param length of a track or a strip; of other kinds it means nothing
 * @param emission the light it gives; empty if it is no light
 * @param groups of a light the group it is switched with, of a switch those that it switches, from 1; none if nobody said
 * @param circuit it hangs on, from 1; 0 if nobody said
 * @param works what becomes of it in the building works
 */
@RecordBuilder
public record Fitting(
        FittingId id,
        FittingKind kind,
        On on,
        double turnDeg,
        Length length,
        Optional<Emission> emission,
        List<Integer> groups,
        int circuit,
        Wall.Works works,
        Buying buying)
        implements Element, FittingBuilder.With {
    /** More groups and circuits no house has. */
    public static final int MOST_NUMBER = 999;

    /** More lights are in no row. */
    public static final int MOST_IN_ROW = 60;

    /** A switch has at most so many rockers. */
    public static final int MOST_GROUPS = 8;

    /** What a fitting is fixed to, and where. */
    public sealed interface On {
        /** What it goes with; empty if it has a place of its own. */
        default Optional<ElementId> host() {
            return Optional.empty();
        }

        /** The same where a motion takes it; what hangs in something else is at most mirrored. */
        default On moved(Motion motion) {
            return this;
        }

        /** The same on the twin of what it goes with; empty if that has none. */
        default Optional<On> twin(Function<ElementId, Optional<ElementId>> twins) {
            return Optional.of(this);
        }

        /** So far beside it on the same thing; empty if there is no such place. */
        default Optional<On> beside(Length along) {
            return Optional.empty();
        }

        /** The places it is held by. */
        default List<Position> places() {
            return List.of();
        }
    }

    /**
     * The ceiling over a place.
     *
     * @param height above the floor, if it hangs lower than the ceiling
     */
    public record Ceiling(Position at, Optional<Length> height) implements On {
        @Override
        public On moved(Motion motion) {
            return new Ceiling(motion.of(at), height);
        }

        @Override
        public List<Position> places() {
            return List.of(at);
        }
    }

    /** The floor, or so high above it. */
    public record Floor(Position at, Length height) implements On {
        /** Refuses what stands below the floor. */
        public Floor {
            Checks.notNegative("height of a fitting", height);
        }

        @Override
        public On moved(Motion motion) {
            return new Floor(motion.of(at), height);
        }

        @Override
        public List<Position> places() {
            return List.of(at);
        }
    }

    /**
     * A side of a wall.
     *
     * @param side seen along the wall from its first end
     * @param along from the wall's first end
     * @param height above the floor
     */
    public record WallSide(WallId wall, Swing side, Length along, Length height) implements On {
        /** Refuses what is fixed below the floor. */
        public WallSide {
            Checks.notNegative("height of a fitting", height);
        }

        /** On a side of a wall of this length that runs the other way. */
        public WallSide measuredBack(Length wallLength) {
            return new WallSide(wall, side.flipped(), wallLength.minus(along), height);
        }

        @Override
        public Optional<ElementId> host() {
            return Optional.of(wall);
        }

        @Override
        public On moved(Motion motion) {
            return motion.mirrors() ? new WallSide(wall, side.flipped(), along, height) : this;
        }

        @Override
        public Optional<On> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(wall).map(w -> new WallSide((WallId) w, side, along, height));
        }

        @Override
        public Optional<On> beside(Length more) {
            return Optional.of(new WallSide(wall, side, along.plus(more), height));
        }
    }

    /**
     * A piece: on it, over it or under it.
     *
     * @param at in the piece's own frame, from its centre
     * @param above its top; less than 0 below that
     */
    public record Piece(FurnishingId piece, Position at, Length above) implements On {
        @Override
        public Optional<ElementId> host() {
            return Optional.of(piece);
        }

        @Override
        public Optional<On> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(piece).map(f -> new Piece((FurnishingId) f, at, above));
        }

        @Override
        public Optional<On> beside(Length along) {
            return Optional.of(new Piece(piece, at.moved(along, Length.ZERO), above));
        }
    }

    /** Several that are alike, evenly spread over what they go with: so many along a length, half a space at its ends. */
    public sealed interface Row extends On {}

    /**
     * Rows over the ceiling of a room.
     *
     * @param across so many in each row
     * @param rows so many of them
     */
    public record InRoom(RoomId room, int across, int rows, Optional<Length> height) implements Row {
        /** Refuses rows of none. */
        public InRoom {
            Checks.within("fittings in a row", across, 1, MOST_IN_ROW);
            Checks.within("rows of fittings", rows, 1, MOST_IN_ROW);
        }

        @Override
        public Optional<ElementId> host() {
            return Optional.of(room);
        }

        @Override
        public Optional<On> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(room).map(r -> new InRoom((RoomId) r, across, rows, height));
        }
    }

    /**
     * A row along a side of a wall, on the ceiling before it or on the wall itself.
     *
     * @param room whose stretch of the side is meant
     * @param count so many
     * @param away from the wall; 0 on it
     * @param height above the floor; empty at the ceiling
     */
    public record AlongWall(
            WallId wall, Swing side, Optional<RoomId> room, int count, Length away, Optional<Length> height)
            implements Row {
        /** Refuses a row of none, and one behind the wall. */
        public AlongWall {
            Checks.within("fittings in a row", count, 1, MOST_IN_ROW);
            Checks.notNegative("distance from the wall", away);
        }

        @Override
        public Optional<ElementId> host() {
            return Optional.of(wall);
        }

        @Override
        public On moved(Motion motion) {
            return motion.mirrors() ? new AlongWall(wall, side.flipped(), room, count, away, height) : this;
        }

        @Override
        public Optional<On> twin(Function<ElementId, Optional<ElementId>> twins) {
            var there = room.flatMap(twins::apply).map(RoomId.class::cast);
            return twins.apply(wall).map(w -> new AlongWall((WallId) w, side, there, count, away, height));
        }
    }

    /**
     * A row along a piece, as over a counter, a table or a sofa.
     *
     * @param before its middle towards its front
     * @param above its top; less than 0 below that
     */
    public record AlongPiece(FurnishingId piece, int count, Length before, Length above) implements Row {
        /** Refuses a row of none. */
        public AlongPiece {
            Checks.within("fittings in a row", count, 1, MOST_IN_ROW);
        }

        @Override
        public Optional<ElementId> host() {
            return Optional.of(piece);
        }

        @Override
        public Optional<On> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(piece).map(f -> new AlongPiece((FurnishingId) f, count, before, above));
        }
    }

    /** A ring on the ceiling. */
    public record Ring(Position at, Length radius, int count, Optional<Length> height) implements Row {
        /** Refuses rings of none, and without a width. */
        public Ring {
            Checks.positive("radius of a ring", radius);
            Checks.within("fittings in a ring", count, 1, MOST_IN_ROW);
        }

        @Override
        public On moved(Motion motion) {
            return new Ring(motion.of(at), radius, count, height);
        }

        @Override
        public List<Position> places() {
            return List.of(at);
        }
    }

    /** Freezes the groups; refuses turns that are no number, numbers out of bounds, and light of what is no light. */
    public Fitting {
        groups = List.copyOf(groups);
        Checks.finite("turn of a fitting", turnDeg);
        Checks.positive("length of a fitting", length);
        Checks.within("groups of a fitting", groups.size(), 0, kind.isLight() ? 1 : MOST_GROUPS);
        groups.forEach(g -> Checks.within("group of a fitting", g, 1, MOST_NUMBER));
        Checks.within("circuit of a fitting", circuit, 0, MOST_NUMBER);
        if (kind.isLight() != emission.isPresent()) {
            throw new IllegalArgumentException(kind.label() + (kind.isLight() ? " gives no light" : " gives light"));
        }
    }

    /**
     * Its height: above the floor, or of what goes with a piece above its top.
     *
     * @return empty if it is at the ceiling
     */
    public Optional<Length> height() {
        return switch (on) {
            case Ceiling c -> c.height();
            case Floor f -> Optional.of(f.height());
            case WallSide w -> Optional.of(w.height());
            case Piece p -> Optional.of(p.above());
            case InRoom r -> r.height();
            case AlongWall w -> w.height();
            case AlongPiece p -> Optional.of(p.above());
            case Ring r -> r.height();
        };
    }

    /** The same at another height, measured as {@link #height} is; nothing puts it to the ceiling if it can be there. */
    public Fitting atHeight(Optional<Length> height) {
        return withOn(
                switch (on) {
                    case Ceiling c -> new Ceiling(c.at(), height);
                    case Floor f -> new Floor(f.at(), height.orElse(f.height()));
                    case WallSide w -> new WallSide(w.wall(), w.side(), w.along(), height.orElse(w.height()));
                    case Piece p -> new Piece(p.piece(), p.at(), height.orElse(p.above()));
                    case InRoom r -> new InRoom(r.room(), r.across(), r.rows(), height);
                    case AlongWall w -> new AlongWall(w.wall(), w.side(), w.room(), w.count(), w.away(), height);
                    case AlongPiece p -> new AlongPiece(p.piece(), p.count(), p.before(), height.orElse(p.above()));
                    case Ring r -> new Ring(r.at(), r.radius(), r.count(), height);
                });
    }

    /** Whether its height is measured from the top of a piece. */
    public boolean isMeasuredFromPiece() {
        return on instanceof Piece || on instanceof AlongPiece;
    }

    /** Whether it can be at the ceiling. */
    public boolean canBeAtCeiling() {
        return on instanceof Ceiling || on instanceof InRoom || on instanceof AlongWall || on instanceof Ring;
    }

    /** The group a light is switched with. */
    public Optional<Integer> group() {
        return kind.isLight() ? groups.stream().findFirst() : Optional.empty();
    }

    /** Whether it is there when the works are done. */
    public boolean stands() {
        return works != Wall.Works.REMOVED;
    }

    /** The same fitting on the twin of what it goes with; empty if that has none. */
    public Optional<Fitting> twin(Function<ElementId, Optional<ElementId>> twins) {
        return on.twin(twins).map(this::withOn);
    }

    @Override
    public Fitting moved(Motion motion) {
        var isTurned = on instanceof InRoom || !on.places().isEmpty();
        var turned = isTurned ? motion.turned(turnDeg) : motion.mirrors() ? -turnDeg : turnDeg;
        return with(copy -> copy.on(on.moved(motion)).turnDeg(((turned % 360) + 360) % 360));
    }

    @Override
    public Fitting under(ElementId.Key key) {
        return withId(new FittingId(key));
    }

    @Override
    public List<Position> places() {
        return on.places();
    }
}
