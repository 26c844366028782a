package honeylamp.derive.listing;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * What of a room's area is low, in mm²: under slopes of the roof and under sloping ceilings.
 *
 * @param below1500 lower than 1.5 m
 * @param below2000 lower than 2.0 m, but not than 1.5 m
 */
public record Headroom(double below1500, double below2000) {
    /** Lower than this one does not stand: in mm. */
    public static final double LOW_MM = 1500;

    /** Lower than this it is no full height: in mm. */
    public static final double FULL_MM = 2000;

    /** What the first is called in a plan in such units. */
    public static String belowLow(UnitSystem units) {
        return "Lower than " + (units.isMetric() ? "1.5 m" : rounded(LOW_MM, units));
    }

    /** What the second is called. */
    public static String belowFull(UnitSystem units) {
        return units.isMetric()
                ? "1.5 to 2.0 m high"
                : rounded(LOW_MM, units) + " to " + rounded(FULL_MM, units) + " high";
    }

    private static String rounded(double mm, UnitSystem units) {
        return LengthText.rounded(Length.ofMm(mm), units);
    }

    /** Nothing is low. */
    public static final Headroom FULL = new Headroom(0, 0);

    private static final double LEAST_MM2 = 100;

    /** What is low in a room. */
    public static Headroom of(LaidStorey storey, Room room) {
        return of(storey, room::equals);
    }

    /** What is low on a storey. */
    public static Headroom of(LaidStorey storey) {
        return of(storey, _ -> true);
    }

    /** What is low in some rooms of a storey. */
    public static Headroom of(LaidStorey storey, Predicate<Room> which) {
        return byRoom(storey, which).values().stream().reduce(FULL, Headroom::plus);
    }

    /** The same room by room, in the order of the rooms. */
    public static Map<Room, Headroom> byRoom(LaidStorey storey, Predicate<Room> which) {
        var low = slopes(storey, LOW_MM);
        var notFull = slopes(storey, FULL_MM);
        var out = new LinkedHashMap<Room, Headroom>();
        storey.geometry().rooms().stream().filter(which).forEach(room -> {
            var below = lower(storey, room, low, LOW_MM);
            out.put(room, new Headroom(below, Math.max(0, lower(storey, room, notFull, FULL_MM) - below)));
        });
        return out;
    }

    /** Where the roof is lower than a height, but in dormers. */
    private static List<Outline> slopes(LaidStorey storey, double mm) {
        var dormers = dormers(storey);
        return storey.roof().stream()
                .flatMap(roof -> roof.slopes().stream())
                .flatMap(s -> s.lowerThan(mm).stream())
                .flatMap(o -> Regions.difference(List.of(o), dormers).stream())
                .toList();
    }

    /** Both together. */
    public Headroom plus(Headroom other) {
        return new Headroom(below1500 + other.below1500, below2000 + other.below2000);
    }

    /** Whether nothing is low. */
    public boolean isFull() {
        return below1500 + below2000 < LEAST_MM2;
    }

    private static double lower(LaidStorey storey, Room room, List<Outline> slopes, double mm) {
        var box = room.outline().bounds();
        var low = new ArrayList<>(
                slopes.stream().filter(o -> o.bounds().meets(box)).toList());
        for (var part : storey.storey().structures()) {
            if (part.is(Structure.Kind.SLOPING_CEILING)) {
                low.addAll(under(storey, room, part, mm));
            }
        }
        return low.isEmpty()
                ? 0
                : Regions.intersection(Regions.union(low), List.of(room.outline())).stream()
                        .mapToDouble(Outline::area)
                        .sum();
    }

    /** Where dormers raise the roof. */
    public static List<Outline> dormers(LaidStorey storey) {
        return storey.storey().structures().stream()
                .filter(s -> s.is(Structure.Kind.DORMER))
                .map(s -> Outline.of(s.footprint()))
                .toList();
    }

    /** What lies lower than a height under a ceiling that rises from its low side to the height of the room. */
    private static List<Outline> under(LaidStorey storey, Room room, Structure part, double mm) {
        var clear = room.mark()
                .flatMap(m -> m.fit().height())
                .orElse(storey.storey().height())
                .mm();
        var front = part.height().mm();
        var depth = part.depth().mm();
        var reaches = front >= mm ? 0 : clear <= mm ? depth : depth * (mm - front) / (clear - front);
        if (reaches <= 0) {
            return List.of();
        }
        var half = part.width().mm() / 2;
        var strip = new Box(-half, -depth / 2, half, -depth / 2 + reaches);
        Affine placing = part.placing();
        return List.of(Outline.of(strip.ring().through(placing)));
    }
}
