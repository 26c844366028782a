package honeylamp.edit;

import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoomMark.Standing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Keeps names, floors and settings of rooms through edits of walls, by one rule: as many marks as can be keep a space
 * that shares ground with their old room, and of several the one that shares the most. So a room whose walls move
 * keeps its mark; a room that is split keeps it in the larger part, and the smaller part becomes a room without name
 * on the same floor; of rooms that are merged the mark of the larger speaks for both, and the other waits where it is
 * until a wall parts them again.
 */
final class RoomKeeping {
    /** Less shared ground than this is rounding, in mm². */
    private static final double LEAST_SHARED_MM2 = 100;

    private RoomKeeping() {}

    private record Share(RoomMark mark, Room space, double sharedMm2) {}

    /**
     * The plan with its marks where the rule puts them.
     *
     * @param before the storey before the edit
     * @param after the same storey after it, derived from {@code plan}
     */
    static Plan kept(Plan plan, StoreyGeometry before, StoreyGeometry after) {
        var old = before.rooms().stream().filter(r -> r.mark().isPresent()).toList();
        var unchanged = unchanged(old, after.rooms());
        var shares = shares(old, after.rooms(), unchanged);
        var speaks = matched(shares);
        Set<RoomId> given = new HashSet<>();
        speaks.values().forEach(m -> given.add(m.id()));
        var now = plan;
        for (var share : shares) {
            if (given.add(share.mark.id())) { // its room went into one that another mark speaks for
                now = change(now, before.storey().id(), share.mark.withStanding(Standing.WAITING));
            }
        }
        for (var entry : speaks.entrySet()) {
            now = change(now, before.storey().id(), inside(entry.getKey(), entry.getValue()));
        }
        return split(now, before.storey().id(), after.rooms(), shares, speaks, unchanged);
    }

    /** Spaces that are rooms just as before; nothing happens to their marks. */
    private static Set<Outline> unchanged(List<Room> old, List<Room> spaces) {
        Set<Outline> before = new HashSet<>();
        old.forEach(r -> before.add(r.outline()));
        Set<Outline> out = new HashSet<>();
        spaces.stream().map(Room::outline).filter(before::contains).forEach(out::add);
        return out;
    }

    /** What marks and changed spaces share, the largest first; ties by number. */
    private static List<Share> shares(List<Room> old, List<Room> spaces, Set<Outline> unchanged) {
        var out = new ArrayList<Share>();
        for (var room : old) {
            if (unchanged.contains(room.outline())) {
                continue;
            }
            var box = room.outline().bounds();
            for (var space : spaces) {
                if (!unchanged.contains(space.outline())
                        && space.outline().bounds().meets(box)) {
                    var shared = Regions.intersection(List.of(room.outline()), List.of(space.outline())).stream()
                            .mapToDouble(Outline::area)
                            .sum();
                    if (shared > LEAST_SHARED_MM2) {
                        out.add(new Share(room.mark().orElseThrow(), space, shared));
                    }
                }
            }
        }
        out.sort(Comparator.comparingDouble(Share::sharedMm2)
                .reversed()
                .thenComparingInt(s -> s.mark.id().number()));
        return out;
    }

    /** As many marks as can be get a space of their own, those with the largest share choosing first. */
    private static Map<Room, RoomMark> matched(List<Share> shares) {
        Map<Room, RoomMark> speaks = new IdentityHashMap<>();
        var marks = shares.stream().map(Share::mark).distinct().toList();
        for (var mark : marks) {
            give(mark, shares, speaks, Collections.newSetFromMap(new IdentityHashMap<>()));
        }
        return speaks;
    }

    /** Gives a mark the best space that is free, or whose mark can go to another. */
    private static boolean give(RoomMark mark, List<Share> shares, Map<Room, RoomMark> speaks, Set<Room> asked) {
        for (var share : shares) {
            if (share.mark == mark && asked.add(share.space)) {
                var other = speaks.get(share.space);
                if (other == null || give(other, shares, speaks, asked)) {
                    speaks.put(share.space, mark);
                    return true;
                }
            }
        }
        return false;
    }

    private static RoomMark inside(Room space, RoomMark mark) {
        var live = mark.withStanding(Standing.LIVE);
        return space.outline().contains(mark.at().point())
                ? live
                : live.withAt(Position.of(LabelSpot.freest(space.outline()).centre()));
    }

    /** Parts of split rooms that no mark speaks for lie on the floor of the room they were part of. */
    private static Plan split(
            Plan plan,
            StoreyId storey,
            List<Room> spaces,
            List<Share> shares,
            Map<Room, RoomMark> speaks,
            Set<Outline> unchanged) {
        var now = plan;
        for (var space : spaces) {
            var taken = speaks.containsKey(space)
                    || unchanged.contains(space.outline())
                    || space.mark()
                            .filter(m -> m.standing() == Standing.WAITING)
                            .isPresent();
            if (taken) {
                continue;
            }
            var from = shares.stream().filter(s -> s.space == space).findFirst();
            if (from.isPresent()) {
                var at = Position.of(LabelSpot.freest(space.outline()).centre());
                now = RoomEdits.mark(now, storey, at, "", from.get().mark.floor())
                        .plan();
            }
        }
        return woken(now, storey, spaces);
    }

    /** A mark that waited and now lies alone in a space speaks for it. */
    private static Plan woken(Plan plan, StoreyId storey, List<Room> spaces) {
        var now = plan;
        for (var space : spaces) {
            var here = now.storey(storey).rooms().stream()
                    .filter(m -> space.outline().contains(m.at().point()))
                    .toList();
            if (!here.isEmpty() && here.stream().allMatch(m -> m.standing() == Standing.WAITING)) {
                now = change(now, storey, here.getFirst().withStanding(Standing.LIVE));
            }
        }
        return now;
    }

    private static Plan change(Plan plan, StoreyId storey, RoomMark mark) {
        return plan.withStorey(
                storey,
                s -> s.with(
                        RoomMark.class,
                        Lists.changed(s.rooms(), m -> m.id().equals(mark.id()) && !m.equals(mark), _ -> mark)));
    }
}
