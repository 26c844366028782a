package honeylamp.derive.listing;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Ground;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/** What can be covered at a point of the plan: what is pointed at first, then what stands round it and lies above it. */
public final class SurfacesAt {
    private SurfacesAt() {}

    /** How a surface lies. */
    public enum Lies {
        FLOOR,
        WALL,
        CEILING,
        COUNTER,
        OUTSIDE
    }

    /**
     * Surfaces that are covered together.
     *
     * @param surfaces of a room that has a mark, or of what is no part of a room
     * @param of makes the surface of a room that nobody spoke of yet; empty if {@code surfaces} says it
     * @param room in which it lies; empty for a reveal or a stair
     * @param called what it is, such as "the floor"
     * @param outline seen from above, in plan mm; none of what stands upright
     * @param lines seen from above, of what stands upright
     */
    public record Target(
            List<Surface> surfaces,
            Optional<Function<RoomId, Surface>> of,
            Optional<Room> room,
            Lies lies,
            String called,
            List<Outline> outline,
            List<Segment> lines) {}

    /**
     * What lies at a point.
     *
     * @param reachMm so near to the face of a wall means the wall
     */
    public static List<Target> at(LaidStorey storey, Point at, double reachMm) {
        var out = new ArrayList<Target>();
        regions(storey, at, out);
        stairs(storey, at, out);
        reveals(storey, at, out);
        var room = storey.geometry().roomAt(at);
        room.ifPresentOrElse(r -> inRoom(storey, r, at, reachMm, out), () -> outside(storey, at, reachMm, out));
        if (out.isEmpty()) {
            grounds(storey, at, out);
        }
        return out;
    }

    private static void grounds(LaidStorey storey, Point at, List<Target> out) {
        for (var ground : storey.storey().grounds().reversed()) {
            if (ground.use() != Ground.Use.PLOT && ground.ring().contains(at)) {
                out.add(alone(
                        List.of(new Surface.Site(ground.id())),
                        Lies.OUTSIDE,
                        "the ground",
                        SiteAreas.seen(storey.geometry(), ground)));
                return;
            }
        }
    }

    private static void regions(LaidStorey storey, Point at, List<Target> out) {
        for (var region : storey.storey().regions().reversed()) {
            if (region.on() instanceof Region.Floors) {
                var parts = RegionPlaces.level(storey.geometry(), region);
                if (parts.stream().anyMatch(o -> o.contains(at))) {
                    out.add(alone(List.of(new Surface.OwnRegion(region.id())), Lies.FLOOR, "the own region", parts));
                }
            }
        }
    }

    private static void stairs(LaidStorey storey, Point at, List<Target> out) {
        for (var stair : storey.fixedParts().stairs()) {
            var treads = stair.steps().treads();
            if (stair.seen() == FixedParts.End.FOOT
                    && treads.stream().anyMatch(t -> t.outline().contains(at))) {
                var id = stair.part().id();
                var outline = treads.stream().map(t -> Outline.of(t.outline())).toList();
                out.add(alone(each(treads.size(), n -> new Surface.Tread(id, n)), Lies.FLOOR, "the treads", outline));
                out.add(alone(
                        each(stair.steps().risers().size(), n -> new Surface.Riser(id, n)),
                        Lies.WALL,
                        "the risers",
                        outline));
            }
        }
    }

    private static List<Surface> each(int many, Function<Integer, Surface> surface) {
        return IntStream.rangeClosed(1, many).boxed().map(surface).toList();
    }

    private static void reveals(LaidStorey storey, Point at, List<Target> out) {
        for (var cut : storey.geometry().cuts()) {
            if (cut.ring().contains(at)) {
                Surfaces.threshold(storey, cut)
                        .ifPresent(found -> out.add(alone(
                                List.of(found.surface()),
                                Lies.FLOOR,
                                "the threshold",
                                List.of(Outline.of(cut.ring())))));
                out.add(alone(
                        List.of(new Surface.Reveal(cut.opening().id())),
                        Lies.WALL,
                        "the reveal",
                        List.of(Outline.of(cut.ring()))));
            }
        }
    }

    private static Target alone(List<Surface> surfaces, Lies lies, String called, List<Outline> outline) {
        return new Target(surfaces, Optional.empty(), Optional.empty(), lies, called, outline, List.of());
    }

    private static void inRoom(LaidStorey storey, Room room, Point at, double reachMm, List<Target> out) {
        var sides = WallSides.of(storey.geometry(), room);
        var floor = target(room, Surface.Floor::new, Lies.FLOOR, "the floor", List.of(room.outline()), List.of());
        var near = sides.stream()
                .min(Comparator.comparingDouble(s -> distance(s, at)))
                .filter(s -> distance(s, at) <= reachMm);
        near.ifPresent(s -> out.add(side(room, s)));
        near.filter(_ -> room.mark().filter(m -> m.fit().plinth().mm() > 0).isPresent())
                .ifPresent(s -> out.add(plinth(room, s)));
        out.add(floor);
        if (near.isEmpty()) {
            sides.stream().min(Comparator.comparingDouble(s -> distance(s, at))).ifPresent(s -> out.add(side(room, s)));
        }
        out.add(target(
                room,
                Surface.Walls::new,
                Lies.WALL,
                "all walls",
                List.of(),
                sides.stream().flatMap(s -> s.faces().stream()).toList()));
        out.add(target(room, Surface.Ceiling::new, Lies.CEILING, "the ceiling", List.of(room.outline()), List.of()));
    }

    private static void outside(LaidStorey storey, Point at, double reachMm, List<Target> out) {
        OuterFaces.near(storey, at, reachMm)
                .ifPresent(near -> out.add(new Target(
                        List.of(near.surface()),
                        Optional.empty(),
                        Optional.empty(),
                        Lies.WALL,
                        "the outer face to the " + near.towards(),
                        List.of(),
                        near.lines())));
    }

    private static double distance(WallSides.WallSide side, Point at) {
        return side.faces().stream().mapToDouble(f -> f.distance(at)).min().orElse(Double.POSITIVE_INFINITY);
    }

    private static Target side(Room room, WallSides.WallSide side) {
        return target(
                room,
                id -> new Surface.WallSide(side.wall(), side.side(), Optional.of(id)),
                Lies.WALL,
                "the wall in the " + side.towards(),
                List.of(),
                side.faces());
    }

    private static Target plinth(Room room, WallSides.WallSide side) {
        return target(
                room,
                id -> new Surface.Plinth(side.wall(), side.side(), Optional.of(id)),
                Lies.WALL,
                "the plinth in the " + side.towards(),
                List.of(),
                side.faces());
    }

    private static Target target(
            Room room,
            Function<RoomId, Surface> of,
            Lies lies,
            String called,
            List<Outline> outline,
            List<Segment> lines) {
        var id = room.mark().map(RoomMark::id);
        return new Target(
                id.map(of).map(List::of).orElse(List.of()),
                id.isPresent() ? Optional.empty() : Optional.of(of),
                Optional.of(room),
                lies,
                called,
                outline,
                lines);
    }
}
