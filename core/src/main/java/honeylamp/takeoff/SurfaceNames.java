package honeylamp.takeoff;

import honeylamp.derive.listing.OuterFaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.Unit;
import java.util.Optional;

/** What surfaces are called. */
final class SurfaceNames {
    private SurfaceNames() {}

    /** The name of the room that sees a surface; nothing if none does, or it has no name. */
    static String room(LaidStorey storey, Surface surface) {
        return switch (surface) {
            case Surface.OfRoom of -> named(storey, Optional.of(of.room()));
            case Surface.OnWall on -> named(storey, on.room());
            case Surface.OwnRegion(var id) -> around(storey, id);
            case Surface.Edge(var id, var _) -> around(storey, id);
            case Surface.Counter(var piece) ->
                storey.storey()
                        .elements()
                        .find(Furnishing.class, piece)
                        .flatMap(p -> storey.geometry().roomAt(p.at().point()))
                        .map(Room::name)
                        .orElse("");
            case Surface.Reveal _, Surface.Threshold _, Surface.Site _, Surface.OfStair _ -> "";
        };
    }

    private static String around(LaidStorey storey, RegionId id) {
        return storey.storey()
                .elements()
                .find(Region.class, id)
                .filter(r -> r.on() instanceof Region.Level)
                .flatMap(r -> storey.geometry().roomAt(r.ring().bounds().centre()))
                .map(Room::name)
                .orElse("");
    }

    private static String named(LaidStorey storey, Optional<RoomId> room) {
        return room.flatMap(r -> storey.storey().elements().find(RoomMark.class, r))
                .map(RoomMark::name)
                .orElse("");
    }

    /** Which part it is: floor, ceiling, wall by the way it looks, and so on. */
    static String part(LaidStorey storey, Surface surface) {
        return switch (surface) {
            case Surface.Floor _ -> "floor";
            case Surface.Ceiling _ -> "ceiling";
            case Surface.Walls _ -> "walls";
            case Surface.WallSide side -> towards(storey, side) + " wall";
            case Surface.OuterSide(var wall, var side) -> "outer " + OuterFaces.towards(storey, wall, side) + " face";
            case Surface.Plinth plinth -> towards(storey, plinth) + " plinth";
            case Surface.Reveal _ -> "reveal";
            case Surface.OwnRegion _ -> "own region";
            case Surface.Threshold _ -> "threshold";
            case Surface.Counter _ -> "counter";
            case Surface.Site _ -> "ground outside";
            case Surface.Edge(var id, var number) ->
                "edge " + number + " of a "
                        + (storey.storey()
                                        .elements()
                                        .find(Region.class, id)
                                        .filter(Region::isNiche)
                                        .isPresent()
                                ? "niche"
                                : "region");
            case Surface.Riser(var _, var number) -> "riser " + number;
            case Surface.Tread(var _, var number) -> "tread " + number;
        };
    }

    /** The unit a surface is a part of, drawn or copied; empty words if it is of none. */
    static String unit(LaidStorey storey, Surface surface) {
        var repeats = storey.plan().drawn().repeats();
        var host = surface instanceof Surface.OnWall on && on.room().isPresent()
                ? on.room().get()
                : surface.host();
        return switch (host.key()) {
            case Key.Copied(var copy, var _) ->
                repeats.copies().stream()
                        .filter(c -> c.id().equals(copy))
                        .flatMap(c -> repeats.units().stream().filter(u -> u.id().equals(c.unit())))
                        .map(Unit::name)
                        .findFirst()
                        .orElse("");
            case Key.Drawn _ ->
                repeats.units().stream()
                        .filter(u -> host instanceof RoomId room && u.rooms().contains(room)
                                || host instanceof WallId wall && u.walls().contains(wall))
                        .map(Unit::name)
                        .findFirst()
                        .orElse("");
            case Key.With _ -> "";
        };
    }

    /** What kind of part it is: floor, walls, ceiling and so on. */
    static String kind(Surface surface) {
        return switch (surface) {
            case Surface.Floor _, Surface.Tread _ -> "floor";
            case Surface.Ceiling _ -> "ceiling";
            case Surface.Walls _, Surface.WallSide _, Surface.OuterSide _ -> "walls";
            case Surface.Plinth _ -> "plinth";
            case Surface.Reveal _ -> "reveals";
            case Surface.Threshold _ -> "threshold";
            case Surface.Counter _ -> "counters";
            case Surface.Site _ -> "ground";
            case Surface.Edge _, Surface.Riser _ -> "steps";
            case Surface.OwnRegion _ -> "own region";
        };
    }

    private static String towards(LaidStorey storey, Surface.OnWall side) {
        return storey.geometry().rooms().stream()
                .filter(r -> r.mark().map(RoomMark::id).equals(side.room()))
                .flatMap(r -> WallSides.of(storey.geometry(), r).stream())
                .filter(s -> s.wall().equals(side.wall()) && s.side() == side.side())
                .map(WallSides.WallSide::towards)
                .findFirst()
                .orElse("");
    }
}
