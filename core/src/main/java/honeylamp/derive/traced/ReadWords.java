package honeylamp.derive.traced;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.lettering.RoomWords;
import honeylamp.lettering.Written;
import honeylamp.plan.Underlay;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a picture says of its rooms, where it lies in the plan.
 *
 * @param names of rooms
 * @param areas of rooms
 */
public record ReadWords(List<Name> names, List<Area> areas) {
    /** Nothing was read. */
    public static final ReadWords NONE = new ReadWords(List.of(), List.of());

    /** A name and where it stands, in plan mm. */
    public record Name(String name, Point at) {}

    /** An area in m² and where it stands, in plan mm. */
    public record Area(double m2, Point at) {}

    /** Freezes the lists. */
    public ReadWords {
        names = List.copyOf(names);
        areas = List.copyOf(areas);
    }

    /**
     * What rows of words say where their picture lies.
     *
     * @param usual names rooms usually go by
     */
    public static ReadWords of(List<Written> rows, Underlay underlay, List<String> usual) {
        return new ReadWords(
                rows.stream()
                        .flatMap(w -> RoomWords.name(w, usual).map(n -> new Name(n, at(w, underlay))).stream())
                        .toList(),
                rows.stream()
                        .flatMap(w -> RoomWords.areaM2(w).map(a -> new Area(a, at(w, underlay))).stream())
                        .toList());
    }

    private static Point at(Written written, Underlay underlay) {
        return underlay.plan(written.line().middle());
    }

    /** The same, all of it moved. */
    public ReadWords moved(Point by) {
        return new ReadWords(
                names.stream().map(n -> new Name(n.name, n.at.plus(by))).toList(),
                areas.stream().map(a -> new Area(a.m2, a.at.plus(by))).toList());
    }

    /** The name nearest to a point, within so many mm of it. */
    public Optional<Name> nameAt(Point at, double reachMm) {
        return names.stream()
                .filter(n -> n.at.distance(at) <= reachMm)
                .min(Comparator.comparingDouble(n -> n.at.distance(at)));
    }

    /** All but one name. */
    public ReadWords without(Name gone) {
        return new ReadWords(names.stream().filter(n -> !n.equals(gone)).toList(), areas);
    }

    /** The first name within a room. */
    public Optional<String> nameIn(Outline room) {
        return names.stream().filter(n -> room.contains(n.at)).map(Name::name).findFirst();
    }

    /** The first area within a room, in m². */
    public Optional<Double> areaIn(Outline room) {
        return areas.stream().filter(a -> room.contains(a.at)).map(Area::m2).findFirst();
    }
}
