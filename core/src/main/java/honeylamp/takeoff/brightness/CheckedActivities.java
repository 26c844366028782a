package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.InTheWay;
import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.ActivityPlaces.Placed;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Fitting;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.takeoff.brightness.ActivityCheck.Seat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is wrong with the light at the activities of a storey, with all it follows from: after a change of fittings alone, only
 * marks that one of those lights, or that are in a room with one, are looked at again.
 */
public final class CheckedActivities {
    private final LaidStorey storey;
    private final List<Placed> marks;
    private final InTheWay way;
    private final Lit lit;
    private final Map<Room, RoomLight> rooms;
    private final Map<Placed, List<Snag>> atMarks;
    private final Map<Seat, Optional<Snag>> onSeats;

    private CheckedActivities(
            LaidStorey storey,
            List<Placed> marks,
            InTheWay way,
            Lit lit,
            Map<Room, RoomLight> rooms,
            Map<Placed, List<Snag>> atMarks,
            Map<Seat, Optional<Snag>> onSeats) {
        this.storey = storey;
        this.marks = marks;
        this.way = way;
        this.lit = lit;
        this.rooms = rooms;
        this.atMarks = atMarks;
        this.onSeats = onSeats;
    }

    /**
     * Checks a storey; the same whatever was known before.
     *
     * @param before what was found of it last
     */
    public static CheckedActivities of(LaidStorey storey, Optional<CheckedActivities> before) {
        return before.filter(b -> differInFittingsAlone(b.storey, storey))
                .map(b -> b.after(storey))
                .orElseGet(() -> anew(storey));
    }

    /** What is wrong, mark by mark, and then seat by seat. */
    public List<Snag> snags() {
        return Stream.concat(
                        atMarks.values().stream().flatMap(List::stream),
                        onSeats.values().stream().flatMap(Optional::stream))
                .toList();
    }

    /** What light and what is wanted of it follow from, but for fittings. */
    private static boolean differInFittingsAlone(LaidStorey was, LaidStorey is) {
        var a = was.plan().drawn();
        var b = is.plan().drawn();
        return was.geometry().network() == is.geometry().network()
                && was.geometry().cuts() == is.geometry().cuts()
                && was.geometry().rooms() == is.geometry().rooms()
                && a.lighting().equals(b.lighting())
                && a.units() == b.units()
                && a.wallTypes().equals(b.wallTypes())
                && a.schemes().equals(b.schemes())
                && a.repeats().equals(b.repeats())
                && bare(was).equals(bare(is));
    }

    private static Object bare(LaidStorey storey) {
        return storey.storey().with(Fitting.class, List.of());
    }

    private static CheckedActivities anew(LaidStorey storey) {
        var geometry = storey.geometry();
        var marks = ActivityPlaces.on(geometry.storey());
        var lamps = marks.isEmpty() ? List.<LampPoint>of() : LampPoint.on(geometry, _ -> true);
        if (lamps.isEmpty()) {
            var nothing = new InTheWay(List.of(), List.of());
            return new CheckedActivities(
                    storey, List.of(), nothing, Lit.of(lamps, nothing), Map.of(), Map.of(), Map.of());
        }
        var way = InTheWay.of(geometry);
        return found(storey, marks, way, Lit.of(lamps, way), Changed.EVERYWHERE, Optional.empty());
    }

    private CheckedActivities after(LaidStorey now) {
        if (marks.isEmpty()) {
            return anew(now); // there was no lamp, or nothing is done
        }
        var geometry = now.geometry();
        var shining = lit.with(LampPoint.on(geometry, _ -> true), way);
        if (shining.lamps().isEmpty()) {
            return anew(now);
        }
        return found(now, marks, way, shining, Changed.between(geometry, lit, shining), Optional.of(this));
    }

    /** What shines otherwise than before, and the rooms it is in. */
    private record Changed(boolean isEverywhere, List<Lit.Seen> lamps, Set<Room> rooms) {
        static final Changed EVERYWHERE = new Changed(true, List.of(), Set.of());

        static Changed between(StoreyGeometry geometry, Lit was, Lit is) {
            var before = byFitting(was);
            var now = byFitting(is);
            var lamps = new ArrayList<Lit.Seen>();
            before.forEach((fitting, points) -> {
                if (!isAlike(points, now.get(fitting))) {
                    lamps.addAll(points);
                }
            });
            now.forEach((fitting, points) -> {
                if (!isAlike(points, before.get(fitting))) {
                    lamps.addAll(points);
                }
            });
            Set<Room> rooms = Collections.newSetFromMap(new IdentityHashMap<>());
            lamps.forEach(l -> geometry.roomAt(l.lamp().at()).ifPresent(rooms::add));
            return new Changed(false, lamps, rooms);
        }

        private static Map<Fitting, List<Lit.Seen>> byFitting(Lit lit) {
            Map<Fitting, List<Lit.Seen>> out = new IdentityHashMap<>();
            lit.lamps()
                    .forEach(s -> out.computeIfAbsent(s.lamp().placed().fitting(), _ -> new ArrayList<>())
                            .add(s));
            return out;
        }

        private static boolean isAlike(List<Lit.Seen> some, @Nullable List<Lit.Seen> others) {
            if (others == null || some.size() != others.size()) {
                return false;
            }
            for (var i = 0; i < some.size(); i++) {
                var a = some.get(i).lamp();
                var b = others.get(i).lamp();
                if (!a.at().equals(b.at())
                        || a.heightMm() != b.heightMm()
                        || !a.aim().equals(b.aim())) {
                    return false;
                }
            }
            return true;
        }

        boolean touches(Placed mark, Optional<Room> room) {
            return isEverywhere
                    || room.filter(rooms::contains).isPresent()
                    || lamps.stream().anyMatch(l -> SpotLight.straight(mark, l) > 0);
        }
    }

    private static CheckedActivities found(
            LaidStorey storey,
            List<Placed> marks,
            InTheWay way,
            Lit lit,
            Changed changed,
            Optional<CheckedActivities> before) {
        var geometry = storey.geometry();
        var rules = storey.plan().drawn().lighting();
        var rooms = rooms(storey, marks, way, lit, changed, before);
        Function<Placed, Optional<Room>> roomOf = mark -> geometry.roomAt(mark.at());
        var check = new ActivityCheck(
                geometry, rules, lit, mark -> roomOf.apply(mark).map(rooms::get).filter(r -> r.lumen() > 0));
        var known = before.map(b -> b.atMarks).orElse(Map.of());
        Map<Placed, List<Snag>> atMarks = new LinkedHashMap<>();
        for (var mark : marks) {
            var isTouched = changed.touches(mark, roomOf.apply(mark));
            atMarks.put(mark, isTouched ? check.light(mark) : known.getOrDefault(mark, List.of()));
        }
        Map<Seat, Optional<Snag>> onSeats = new LinkedHashMap<>();
        var seats = before.map(b -> List.copyOf(b.onSeats.keySet())).orElseGet(() -> ActivityCheck.seats(marks, rules));
        for (var seat : seats) {
            var isTouched = changed.touches(seat.more(), roomOf.apply(seat.more()));
            var last = before.flatMap(b -> b.onSeats.getOrDefault(seat, Optional.empty()));
            onSeats.put(seat, isTouched ? check.onSeat(seat) : last);
        }
        return new CheckedActivities(storey, marks, way, lit, rooms, atMarks, onSeats);
    }

    private static Map<Room, RoomLight> rooms(
            LaidStorey storey,
            List<Placed> marks,
            InTheWay way,
            Lit lit,
            Changed changed,
            Optional<CheckedActivities> before) {
        var rules = storey.plan().drawn().lighting();
        var day = rules.skyLux() == 0 ? Optional.<InTheWay>empty() : Optional.of(way);
        Map<Room, RoomLight> out =
                new IdentityHashMap<>(before.map(b -> b.rooms).orElse(Map.of()));
        for (var room : changed.isEverywhere() ? storey.geometry().rooms() : changed.rooms()) {
            if (room.counts() != CountsAs.OUTDOOR) {
                var within = lit.lamps().stream()
                        .map(Lit.Seen::lamp)
                        .filter(l -> room.outline().contains(l.at()))
                        .toList();
                out.put(room, RoomLight.of(storey, room, within, RoomLight.wanted(marks, room, rules), rules, day));
            }
        }
        return out;
    }
}
