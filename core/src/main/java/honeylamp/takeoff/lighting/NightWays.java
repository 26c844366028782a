package honeylamp.takeoff.lighting;

import honeylamp.catalogue.RoomUses;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Structure;
import honeylamp.takeoff.way.Ways;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The ways that people walk in the dark, each walked as one walks it. */
public final class NightWays {
    private NightWays() {}

    /**
     * A way that is walked at night.
     *
     * @param words whence and whither
     */
    public record Named(String words, LitWalk walk) {}

    /**
     * Those of a storey, found by themselves: from where one comes in to each bedroom and to the kitchen,
     * from the car to the kitchen, from each bed to a bath and to the kitchen.
     */
    public static List<Named> of(Ways ways) {
        var storey = ways.storey();
        var out = new ArrayList<Named>();
        var bedrooms = rooms(storey, "bedroom");
        var kitchens = rooms(storey, "kitchen");
        var baths = rooms(storey, "bath");
        ways.entrances().stream().findFirst().ifPresent(in -> {
            bedrooms.forEach(room -> add(out, ways, "From the door to " + room.name(), in, bed(storey, room)));
            kitchens.forEach(room -> add(out, ways, "From the door to " + room.name(), in, middle(room)));
        });
        var cars = bays(storey);
        if (!cars.isEmpty()) {
            kitchens.forEach(room -> fromCar(ways, cars.getFirst(), middle(room))
                    .ifPresent(walk -> out.add(new Named("From the car to " + room.name(), walk))));
        }
        for (var bedroom : bedrooms) {
            var bed = bed(storey, bedroom);
            baths.stream()
                    .min(Comparator.comparingDouble(b -> middle(b).distance(bed)))
                    .ifPresent(bath ->
                            add(out, ways, "From bed in " + bedroom.name() + " to " + bath.name(), bed, middle(bath)));
            kitchens.forEach(
                    room -> add(out, ways, "From bed in " + bedroom.name() + " to " + room.name(), bed, middle(room)));
        }
        return out;
    }

    private static void add(List<Named> out, Ways ways, String words, Point from, Point to) {
        ways.between(from, to).ifPresent(way -> out.add(new Named(words, LitWalk.along(ways.storey(), way.line()))));
    }

    /** Where cars stand. */
    private static List<Point> bays(LaidStorey storey) {
        return storey.geometry().storey().structures().stream()
                .filter(s -> s.form() instanceof Structure.ParkingBay)
                .map(s -> s.at().point())
                .toList();
    }

    /** In a garage from beside the car; else over the ground to the nearest door of those one comes in by. */
    private static Optional<LitWalk> fromCar(Ways ways, Point car, Point to) {
        var garage = ways.storey().geometry().roomAt(car);
        if (garage.isPresent()) {
            return ways.between(middle(garage.get()), to).map(way -> LitWalk.along(ways.storey(), way.line()));
        }
        return ways.entrances().stream()
                .min(Comparator.comparingDouble(car::distance))
                .flatMap(door -> ways.between(door, to))
                .map(way -> LitWalk.along(
                        ways.storey(),
                        Stream.concat(Stream.of(car), way.line().stream()).toList()));
    }

    private static List<Room> rooms(LaidStorey storey, String use) {
        return storey.geometry().rooms().stream()
                .filter(r -> r.mark().filter(m -> RoomUses.isOf(m, use)).isPresent())
                .toList();
    }

    private static Point middle(Room room) {
        return Regions.inside(room.outline());
    }

    /** Beside the pillow end of a bed, or the middle of its room. */
    static Point bed(LaidStorey storey, Room room) {
        return storey.geometry().furnishingsIn(room).stream()
                .filter(f -> f.kind().contains("bed") && !f.kind().startsWith("bedside"))
                .findFirst()
                .map(f -> f.placing()
                        .apply(new Point(
                                f.width().mm() / 2 + BESIDE_BED_MM, f.depth().mm() / 4)))
                .filter(room.outline()::contains)
                .orElseGet(() -> middle(room));
    }

    private static final double BESIDE_BED_MM = 250;
}
