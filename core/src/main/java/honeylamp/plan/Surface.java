package honeylamp.plan;

import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.GroundId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Swing;
import java.util.Optional;
import java.util.function.Function;

/**
 * A part of the building that can be covered: which it is, not where. Its place, its frame and its outline are derived.
 * It is known by what it is a part of, so that it stays the same surface wherever that is moved, turned or mirrored to.
 */
public sealed interface Surface {
    /** What it is a part of. */
    ElementId host();

    /** The same surface where all is mirrored: what lay on the left lies on the right. */
    default Surface mirrored() {
        return this;
    }

    /**
     * The same part of a twin of what it is a part of.
     *
     * @param twins gives the twin of a wall, an opening, a fixed part or a room; empty for what has none
     * @return empty if its host has no twin
     */
    Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins);

    /** A part of one side of a wall. */
    sealed interface OnWall extends Surface {
        WallId wall();

        /** The side, seen along the wall from its first end. */
        Swing side();

        /** The room whose stretch of the side is meant; empty means the whole side. */
        Optional<RoomId> room();

        /** The same part of another side. */
        OnWall on(WallId otherWall, Swing otherSide, Optional<RoomId> otherRoom);

        @Override
        default ElementId host() {
            return wall();
        }

        @Override
        default Surface mirrored() {
            return on(wall(), side().flipped(), room());
        }

        @Override
        default Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            var there = room().flatMap(twins::apply).map(RoomId.class::cast);
            return twins.apply(wall()).map(w -> on((WallId) w, side(), there));
        }
    }

    /** A part of a room. */
    sealed interface OfRoom extends Surface {
        RoomId room();

        /** The same part of another room. */
        OfRoom of(RoomId other);

        @Override
        default ElementId host() {
            return room();
        }

        @Override
        default Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(room()).map(r -> of((RoomId) r));
        }
    }

    /** A step of a stair, counted from its foot, from 1. */
    sealed interface OfStair extends Surface {
        StructureId stair();

        int number();

        /** The same part of another stair. */
        OfStair of(StructureId other);

        @Override
        default ElementId host() {
            return stair();
        }

        @Override
        default Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(stair()).map(x -> of((StructureId) x));
        }
    }

    /** The floor of a room. */
    record Floor(RoomId room) implements OfRoom {
        @Override
        public Floor of(RoomId other) {
            return new Floor(other);
        }
    }

    /** The ceiling of a room. */
    record Ceiling(RoomId room) implements OfRoom {
        @Override
        public Ceiling of(RoomId other) {
            return new Ceiling(other);
        }
    }

    /** All wall sides of a room that are not covered by themselves. */
    record Walls(RoomId room) implements OfRoom {
        @Override
        public Walls of(RoomId other) {
            return new Walls(other);
        }
    }

    /** A side of a wall between two corners of a room. */
    record WallSide(WallId wall, Swing side, Optional<RoomId> room) implements OnWall {
        @Override
        public WallSide on(WallId otherWall, Swing otherSide, Optional<RoomId> otherRoom) {
            return new WallSide(otherWall, otherSide, otherRoom);
        }
    }

    /** All of a side of a wall that looks outside, whatever rooms lie on the same side farther along. */
    record OuterSide(WallId wall, Swing side) implements OnWall {
        @Override
        public Optional<RoomId> room() {
            return Optional.empty();
        }

        @Override
        public OuterSide on(WallId otherWall, Swing otherSide, Optional<RoomId> otherRoom) {
            return new OuterSide(otherWall, otherSide);
        }
    }

    /** The strip along the foot of a wall side. */
    record Plinth(WallId wall, Swing side, Optional<RoomId> room) implements OnWall {
        @Override
        public Plinth on(WallId otherWall, Swing otherSide, Optional<RoomId> otherRoom) {
            return new Plinth(otherWall, otherSide, otherRoom);
        }
    }

    /** The faces of a wall within an opening: jambs and head, and the sill if it lies above the floor. */
    record Reveal(OpeningId opening) implements Surface {
        @Override
        public ElementId host() {
            return opening;
        }

        @Override
        public Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(opening).map(o -> new Reveal((OpeningId) o));
        }
    }

    /** The floor within an opening, between the rooms it joins. */
    record Threshold(OpeningId opening) implements Surface {
        @Override
        public ElementId host() {
            return opening;
        }

        @Override
        public Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(opening).map(o -> new Threshold((OpeningId) o));
        }
    }

    /** The top of what has a counter: units of a kitchen, a run of them, an island. */
    record Counter(FurnishingId piece) implements Surface {
        @Override
        public ElementId host() {
            return piece;
        }

        @Override
        public Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(piece).map(p -> new Counter((FurnishingId) p));
        }
    }

    /** Ground around the building. */
    record Site(GroundId ground) implements Surface {
        @Override
        public ElementId host() {
            return ground;
        }

        @Override
        public Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(ground).map(g -> new Site((GroundId) g));
        }
    }

    /** A part of a surface that a person outlined. */
    record OwnRegion(RegionId region) implements Surface {
        @Override
        public ElementId host() {
            return region;
        }

        @Override
        public Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(region).map(r -> new OwnRegion((RegionId) r));
        }
    }

    /**
     * An upright face at the edge of a region that lies higher or lower than the floor around it, such as a shower tray.
     *
     * @param number of the edge: that from the first corner to the second is 1
     */
    record Edge(RegionId region, int number) implements Surface {
        @Override
        public ElementId host() {
            return region;
        }

        @Override
        public Optional<Surface> twin(Function<ElementId, Optional<ElementId>> twins) {
            return twins.apply(region).map(r -> new Edge((RegionId) r, number));
        }
    }

    /** The upright face of a step. */
    record Riser(StructureId stair, int number) implements OfStair {
        @Override
        public Riser of(StructureId other) {
            return new Riser(other, number);
        }
    }

    /** The face of a step that is trodden on. */
    record Tread(StructureId stair, int number) implements OfStair {
        @Override
        public Tread of(StructureId other) {
            return new Tread(other, number);
        }
    }
}
