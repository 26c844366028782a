package honeylamp.edit;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId.CoveringId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.Surface.OfRoom;
import honeylamp.plan.Surface.OnWall;
import honeylamp.plan.Surface.WallSide;
import honeylamp.plan.Surface.Walls;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Covers surfaces, and keeps their finishes through edits of the walls and rooms they belong to. */
public final class Coverings {
    /** So near to the line of a wall is on it. */
    private static final double ON_MM = 1;

    private Coverings() {}

    /**
     * Covers a surface, or uncovers it. What covers all walls of a room covers those too that had a finish of their own;
     * these go back to it when they are uncovered.
     */
    public static Plan cover(Plan plan, StoreyId storey, Surface surface, Optional<Finish> finish) {
        var all = new ArrayList<>(plan.storey(storey).coverings());
        var before = Surfaces.covering(plan.storey(storey), surface);
        all.removeIf(c -> c.surface().equals(surface) || isOneOf(c, surface));
        if (finish.isEmpty()) {
            return all.size() == plan.storey(storey).coverings().size()
                    ? plan
                    : plan.withStorey(storey, s -> s.with(Covering.class, List.copyOf(all)));
        }
        all.add(before.map(c -> c.withFinish(finish.get()))
                .orElseGet(() -> new Covering(new CoveringId(plan.nextNumber()), surface, finish.get())));
        var numbered = before.isPresent() ? plan : plan.numbersTaken(1);
        return numbered.withStorey(storey, s -> s.with(Covering.class, List.copyOf(all)));
    }

    private static boolean isOneOf(Covering covering, Surface surface) {
        return surface instanceof Walls(var room)
                && covering.surface() instanceof WallSide(var _, var _, var of)
                && of.equals(Optional.of(room));
    }

    /** Whether an edit touched what coverings hang on. */
    static boolean mayDiffer(Storey was, Storey now) {
        return !now.coverings().isEmpty()
                && (now.walls() != was.walls()
                        || now.rooms() != was.rooms()
                        || now.openings() != was.openings()
                        || now.structures() != was.structures()
                        || now.regions() != was.regions()
                        || now.coverings() != was.coverings()
                        || now.furnishings() != was.furnishings() && coversCounters(now));
    }

    private static boolean coversCounters(Storey storey) {
        return storey.coverings().stream().anyMatch(c -> c.surface() instanceof Surface.Counter);
    }

    /**
     * The plan after an edit, its coverings on the surfaces they were on. A wall that was parted keeps its finishes on all
     * its parts; walls that were joined keep those of both as far as they agree; a wall drawn the other way keeps them on
     * the same sides; a room that splits off keeps those of the room it was part of; what is gone takes its own along.
     *
     * @param was the storey before the edit, and what is built on it
     * @param now what is built on it after the edit
     */
    static Plan kept(StoreyGeometry was, Plan plan, StoreyGeometry now) {
        var storey = plan.storey(was.storey().id());
        Map<Surface, Covering> out = new LinkedHashMap<>();
        var number = plan.nextNumber();
        for (var covering : storey.coverings()) {
            var isAsBefore = was.storey().coverings().contains(covering);
            for (var surface : heirs(covering.surface(), was, storey, now, isAsBefore)) {
                var isNew = out.values().stream().anyMatch(c -> c.id().equals(covering.id()));
                var id = isNew ? new CoveringId(number) : covering.id();
                if (out.putIfAbsent(surface, new Covering(id, surface, covering.finish())) == null && isNew) {
                    number++;
                }
            }
        }
        var all = List.copyOf(out.values());
        return all.equals(storey.coverings())
                ? plan
                : plan.numbersTaken(number - plan.nextNumber())
                        .withStorey(storey.id(), s -> s.with(Covering.class, all));
    }

    /** The surfaces that take a covering over, its own first if it is still there. */
    private static List<Surface> heirs(
            Surface surface, StoreyGeometry was, Storey storey, StoreyGeometry now, boolean isAsBefore) {
        var out = new ArrayList<Surface>();
        switch (surface) {
            case OnWall side -> {
                var sides = onWalls(side, was.storey(), storey, isAsBefore).stream()
                        .map(s -> inItsRoom(s, storey, now))
                        .toList();
                out.addAll(sides);
                side.room()
                        .ifPresent(room -> newRooms(room, was, storey)
                                .forEach(r -> sides.stream()
                                        .map(s -> s.on(s.wall(), s.side(), Optional.of(r)))
                                        .filter(s -> sees(now, s))
                                        .forEach(out::add)));
            }
            case OfRoom of -> {
                out.add(of);
                newRooms(of.room(), was, storey).forEach(r -> out.add(of.of(r)));
            }
            case Surface.Reveal _,
                    Surface.Threshold _,
                    Surface.Site _,
                    Surface.Counter _,
                    Surface.OfStair _,
                    Surface.OwnRegion _,
                    Surface.Edge _ -> out.add(surface);
        }
        out.removeIf(s -> storey.elements().find(s.host()).isEmpty());
        return out;
    }

    /** A side whose room has gone from it, as when walls are moved away and their room is marked anew. */
    private static OnWall inItsRoom(OnWall side, Storey storey, StoreyGeometry now) {
        var isThere = side.room().isEmpty()
                || now.rooms().stream().anyMatch(r -> r.mark().map(RoomMark::id).equals(side.room()))
                || side.room()
                        .flatMap(r -> storey.elements().find(RoomMark.class, r))
                        .filter(m -> m.standing() == RoomMark.Standing.WAITING)
                        .isPresent();
        if (isThere) {
            return side;
        }
        return now.rooms().stream()
                .flatMap(r -> r.mark().stream())
                .map(m -> side.on(side.wall(), side.side(), Optional.of(m.id())))
                .filter(s -> sees(now, s))
                .findFirst()
                .orElse(side);
    }

    /**
     * The sides on which what lay on one lies after an edit: of the same wall, of its parts, of one that took it in.
     *
     * @param isAsBefore whether the edit left what lies there alone, so that a wall drawn the other way changes its side
     */
    static List<OnWall> onWalls(OnWall side, Storey was, Storey storey, boolean isAsBefore) {
        var before = was.wall(side.wall());
        var after = storey.wall(side.wall());
        if (before.isEmpty()) {
            return List.of(side);
        }
        var out = new ArrayList<OnWall>();
        after.ifPresent(w -> out.add(isAsBefore && isTurned(before.get(), w) ? turned(side, w) : side));
        for (var wall : storey.walls()) {
            var isNew = was.wall(wall.id()).isEmpty();
            if (!wall.id().equals(side.wall()) && (isNew || after.isEmpty()) && liesOn(wall, before.get(), isNew)) {
                var there = side.on(wall.id(), side.side(), side.room());
                out.add(sense(before.get(), wall) < 0 ? turned(there, wall) : there);
            }
        }
        return out;
    }

    private static OnWall turned(OnWall side, Wall wall) {
        return side.on(wall.id(), side.side().flipped(), side.room());
    }

    /** Whether a wall is the same, drawn from its other end. */
    private static boolean isTurned(Wall before, Wall after) {
        return sense(before, after) < 0
                && (before.from().equals(after.to()) || before.to().equals(after.from()));
    }

    /** Above nothing if two walls run the same way, below if against each other. */
    private static double sense(Wall a, Wall b) {
        var one = a.to().point().minus(a.from().point());
        var other = b.to().point().minus(b.from().point());
        return one.x() * other.x() + one.y() * other.y();
    }

    /** Whether a new wall lies on an old one's line, or a longer one has taken it in. */
    private static boolean liesOn(Wall wall, Wall old, boolean isNew) {
        Point middle = isNew
                ? wall.line().at(wall.line().length() / 2)
                : old.line().at(old.line().length() / 2);
        var line = isNew ? old.line() : wall.line();
        return line.distance(middle) <= ON_MM
                && line.distance(isNew ? wall.from().point() : old.from().point()) <= ON_MM
                && line.distance(isNew ? wall.to().point() : old.to().point()) <= ON_MM;
    }

    /** The rooms that have come where this one was. */
    private static List<RoomId> newRooms(RoomId room, StoreyGeometry was, Storey storey) {
        return storey.rooms().stream()
                .filter(m ->
                        was.storey().elements().find(RoomMark.class, m.id()).isEmpty())
                .filter(m -> was.roomAt(m.at().point())
                        .flatMap(r -> r.mark())
                        .filter(r -> r.id().equals(room))
                        .isPresent())
                .map(RoomMark::id)
                .toList();
    }

    /** Whether a room sees a side of a wall. */
    private static boolean sees(StoreyGeometry now, OnWall side) {
        return now.rooms().stream()
                .filter(r -> r.mark().map(RoomMark::id).equals(side.room()))
                .flatMap(r -> WallSides.of(now, r).stream())
                .anyMatch(s -> s.wall().equals(side.wall()) && s.side() == side.side());
    }
}
