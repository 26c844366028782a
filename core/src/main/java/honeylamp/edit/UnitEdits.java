package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.storeys.UnitContents;
import honeylamp.derive.storeys.UnitCopies;
import honeylamp.geometry.Box;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Repeats;
import honeylamp.plan.Sense;
import honeylamp.plan.Unit;
import honeylamp.plan.UnitCopy;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Making units of rooms, and letting them stand in more places. */
public final class UnitEdits {
    private UnitEdits() {}

    /**
     * Makes a unit of rooms; they stay where they are. Walls that go on beyond its rooms are parted there.
     * Refused if none of the rooms has walls around it, or a wall cannot be parted.
     */
    public static Outcome<Added<UnitId>> make(Plan drawn, StoreyGeometry before, Set<RoomId> rooms, String name) {
        return parted(drawn, before, UnitContents.of(before, rooms, Set.of()))
                .then(plan -> madeOf(plan, before, rooms, name));
    }

    private static Outcome<Added<UnitId>> madeOf(Plan plan, StoreyGeometry before, Set<RoomId> rooms, String name) {
        var geometry = StoreyGeometry.of(plan, plan.storey(before.storey().id()));
        var contents = UnitContents.of(geometry, rooms, Set.of());
        if (contents.walls().isEmpty()) {
            return Outcome.refused("a unit needs a room with walls around it");
        }
        var id = new UnitId(plan.nextNumber());
        var unit = new Unit(
                id,
                name.strip(),
                geometry.storey().id(),
                origin(contents.walls()),
                rooms.stream().sorted(Comparator.comparingInt(RoomId::number)).toList(),
                contents.walls().stream().map(Wall::id).toList());
        var repeats = plan.repeats();
        return Outcome.done(new Added<>(
                plan.numbersTaken(1).withRepeats(repeats.withUnits(Lists.plus(repeats.units(), unit))), id));
    }

    private static Outcome<Plan> parted(Plan drawn, StoreyGeometry geometry, UnitContents contents) {
        var storey = geometry.storey().id();
        var plan = Outcome.done(drawn);
        for (var wall : contents.walls()) {
            var stretch = contents.along(geometry, wall);
            if (stretch.toMm() < wall.line().length() - Wall.SHORTEST_MM) {
                plan = plan.then(p -> splitAt(p, storey, wall, stretch.toMm()));
            }
            if (stretch.fromMm() > Wall.SHORTEST_MM) {
                plan = plan.then(p -> splitAt(p, storey, wall, stretch.fromMm()));
            }
        }
        return plan;
    }

    private static Outcome<Plan> splitAt(Plan plan, StoreyId storey, Wall wall, double atMm) {
        return WallShaping.split(plan, storey, wall.id(), Length.ofMm(atMm)).map(Added::plan);
    }

    /** The middle of the walls, to the whole mm. */
    private static Position origin(List<Wall> walls) {
        var points = walls.stream()
                .flatMap(w -> List.of(w.from().point(), w.to().point()).stream())
                .toList();
        var middle = Box.around(points).centre();
        return Position.ofMm(Math.rint(middle.x()), Math.rint(middle.y()));
    }

    /** Lets a unit stand in another place too. */
    public static Added<UnitCopyId> place(
            Plan plan, UnitId unit, StoreyId storey, Position at, double turnDeg, Sense sense) {
        var id = new UnitCopyId(plan.nextNumber());
        var copy = new UnitCopy(id, unit, storey, at, turnDeg, sense);
        var repeats = plan.repeats();
        return new Added<>(
                plan.numbersTaken(1).withRepeats(repeats.withCopies(Lists.plus(repeats.copies(), copy))), id);
    }

    /** Moves, turns or mirrors a copy. */
    public static Plan change(Plan plan, UnitCopyId id, UnaryOperator<UnitCopy> change) {
        var repeats = plan.repeats();
        return plan.withRepeats(repeats.withCopies(Lists.changed(repeats.copies(), c -> c.id().equals(id), change)));
    }

    /** Gives a unit another name. */
    public static Plan name(Plan plan, UnitId id, String name) {
        var repeats = plan.repeats();
        return plan.withRepeats(
                repeats.withUnits(Lists.changed(repeats.units(), u -> u.id().equals(id), u -> u.named(name.strip()))));
    }

    /** A copy becomes rooms of its own, which no longer change with the unit. */
    public static Plan release(Plan plan, UnitCopies.Laid laid) {
        var first = plan.nextNumber();
        var drawn = plan.withStorey(laid.copy().storey(), s -> UnitCopies.asDrawn(s, laid, first));
        return drawn.numbersTaken(first)
                .withRepeats(without(plan.repeats(), Set.of(laid.copy().id())));
    }

    /** Repeats less what is deleted; the copies of a unit go with it. */
    static Repeats without(Repeats repeats, Set<ElementId> gone) {
        if (repeats.units().isEmpty()) {
            return repeats;
        }
        return repeats.withCopies(
                        Lists.without(repeats.copies(), c -> gone.contains(c.id()) || gone.contains(c.unit())))
                .withUnits(Lists.without(repeats.units(), u -> gone.contains(u.id())));
    }

    /** Repeats less what stands on a storey that goes. */
    static Repeats without(Repeats repeats, StoreyId storey) {
        var gone = new HashSet<ElementId>();
        repeats.units().stream().filter(u -> u.storey().equals(storey)).forEach(u -> gone.add(u.id()));
        repeats.copies().stream().filter(c -> c.storey().equals(storey)).forEach(c -> gone.add(c.id()));
        return without(repeats, gone);
    }
}
