package honeylamp.derive.listing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** How high finished floors lie above the raw floor of their storey, and where one steps up or down between them. */
public final class FloorSteps {
    /** Two floors that differ by less are level, in mm. */
    public static final double LEVEL_MM = 0.5;

    /** So far beside a line a point lies on the floor there, in mm. */
    private static final double BESIDE_MM = 20;

    private FloorSteps() {}

    /**
     * A line along which the floor steps.
     *
     * @param line with the higher floor to its left, in plan mm
     * @param byMm above 0
     * @param around the region at whose edge it is, if it is at one
     */
    public record Step(Segment line, double byMm, Optional<RegionId> around) {}

    /**
     * A step at an edge of a region that lies higher or lower than the floor of its room.
     *
     * @param number of the edge, from 1
     * @param lower where its foot lies above the floor of the room, less than 0 if below
     */
    record RegionEdge(RegionId region, int number, Step step, Length lower) {}

    /** How high the top of a room's floor lies above the raw floor of its storey; empty if nobody said. */
    public static Optional<Length> top(RoomMark room) {
        var fit = room.fit();
        return fit.floorLayers().isEmpty() && fit.rawFloor().equals(Length.ZERO)
                ? Optional.empty()
                : Optional.of(fit.rawFloor().plus(thickness(room)));
    }

    /** All that lies on the raw floor of a room: its layers, and its covering as thick as its pieces are said to be. */
    public static Length thickness(RoomMark room) {
        return room.fit().floorLayers().stream().map(BuildUpLayer::thickness).reduce(covering(room), Length::plus);
    }

    /** The covering, if it is known how thick it is, and the layers below it, from the top down. */
    public static List<BuildUpLayer> layers(RoomMark room) {
        var out = new ArrayList<>(room.fit().floorLayers());
        var covering = covering(room);
        if (covering.compareTo(Length.ZERO) > 0) {
            out.addFirst(new BuildUpLayer("Covering", covering));
        }
        return List.copyOf(out);
    }

    /** The thickness of the covering; nothing if nobody said. */
    public static Length covering(RoomMark room) {
        return room.floor().laying().map(l -> l.goods().thickness()).orElse(Length.ZERO);
    }

    /** How high the floor lies above the plan's zero at a point: what is raised there counts, and what lies on the raw floor. */
    public static Length level(LaidStorey storey, Point at) {
        var room = storey.geometry().roomAt(at);
        var top = room.flatMap(Room::mark).flatMap(FloorSteps::top).orElse(Length.ZERO);
        return storey.storey().regions().stream()
                .filter(Region::steps)
                .filter(r -> room.stream()
                        .flatMap(there -> RegionPlaces.level(there, r).stream())
                        .anyMatch(part -> part.contains(at)))
                .map(Region::raised)
                .reduce(storey.storey().level().plus(top), Length::plus);
    }

    /** Where the floors of a storey step: in openings down to the floor, along edges of rooms, around regions. */
    public static List<Step> on(LaidStorey storey) {
        var out = new ArrayList<Step>();
        var geometry = storey.geometry();
        var said = new RoomsAt(geometry.rooms(), m -> top(m).isPresent());
        if (said.isEmpty() && storey.storey().regions().stream().noneMatch(Region::steps)) {
            return out;
        }
        for (var cut : geometry.cuts()) {
            if (cut.level() == OpeningCut.Level.CUT && cut.opening().sill().mm() < LEVEL_MM) {
                between(said, cut.middle(), cut.thicknessMm() / 2 + BESIDE_MM).ifPresent(out::add);
            }
        }
        for (var boundary : geometry.storey().boundaries()) {
            between(said, new Segment(boundary.from().point(), boundary.to().point()), BESIDE_MM)
                    .ifPresent(out::add);
        }
        for (var room : geometry.rooms()) {
            around(storey, room).forEach(edge -> out.add(edge.step));
        }
        return out;
    }

    private static Optional<Step> between(RoomsAt said, Segment line, double besideMm) {
        var away = line.unit().left().times(besideMm);
        var left = said.at(line.middle().plus(away)).flatMap(FloorSteps::top);
        var right = said.at(line.middle().minus(away)).flatMap(FloorSteps::top);
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        var by = left.get().minus(right.get()).mm();
        return Math.abs(by) < LEVEL_MM
                ? Optional.empty()
                : Optional.of(new Step(by > 0 ? line : line.reversed(), Math.abs(by), Optional.empty()));
    }

    /** The edges of the raised and sunken regions in a room that no wall stands along. */
    static List<RegionEdge> around(LaidStorey storey, Room room) {
        var out = new ArrayList<RegionEdge>();
        for (var region : storey.storey().regions()) {
            if (region.steps()) {
                RegionPlaces.level(room, region).forEach(part -> edges(out, room, region, part));
            }
        }
        return out;
    }

    private static void edges(List<RegionEdge> out, Room room, Region region, Outline part) {
        part.rings()
                .flatMap(ring -> ring.edges().stream())
                .filter(edge -> room.outline()
                        .contains(edge.middle().minus(edge.unit().left().times(BESIDE_MM))))
                .forEach(edge -> out.add(new RegionEdge(
                        region.id(),
                        number(region, edge),
                        new Step(
                                region.raised().mm() > 0 ? edge : edge.reversed(),
                                Math.abs(region.raised().mm()),
                                Optional.of(region.id())),
                        region.raised().compareTo(Length.ZERO) < 0 ? region.raised() : Length.ZERO)));
    }

    /** The edge of a region on which a part of its outline lies. */
    private static int number(Region region, Segment edge) {
        var corners = region.corners();
        return IntStream.range(0, corners.size())
                .boxed()
                .min(Comparator.comparingDouble(i -> new Segment(
                                corners.get(i).point(),
                                corners.get((i + 1) % corners.size()).point())
                        .distance(edge.middle())))
                .map(i -> i + 1)
                .orElse(1);
    }
}
