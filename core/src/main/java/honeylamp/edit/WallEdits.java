package honeylamp.edit;

import honeylamp.geometry.Curve;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Drawing and correcting walls. Neighbours that share a joint follow; openings stay in their wall. */
public final class WallEdits {
    private static final double ON_LINE_MM = 1;

    /** A wall whose length changes by less was moved as a whole, and its openings with it. */
    private static final double RIGID_MM = 1e-5;

    private WallEdits() {}

    /** Which end of a wall moves when its length is typed. */
    public enum End {
        /** The first end moves. */
        FROM,
        /** The second end moves. */
        TO,
        /** Both ends move by half. */
        BOTH
    }

    /** Adds a wall as high as the rule of its type says; refused if its ends lie on one spot. */
    public static Outcome<Added<WallId>> add(
            Plan plan, StoreyId storey, Position from, Position to, BodySide body, WallTypeId type) {
        return addArc(plan, storey, from, to, Length.ZERO, body, type);
    }

    /**
     * Adds a curved wall that rises so far left of its chord, negative to the right; refused if it would be nearly a
     * whole circle.
     */
    public static Outcome<Added<WallId>> addArc(
            Plan plan, StoreyId storey, Position from, Position to, Length sagitta, BodySide body, WallTypeId type) {
        var whyNot = Wall.whyNot(from, to, sagitta);
        if (whyNot.isPresent()) {
            return Outcome.refused(whyNot.get());
        }
        var id = new WallId(plan.nextNumber());
        var height = plan.wallType(type).heightRule().in(plan.storey(storey).height());
        var wall = new Wall(id, from, to, body, type, height, sagitta, Wall.Works.EXISTING);
        return Outcome.done(new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Wall.class, Lists.plus(s.walls(), wall))), id));
    }

    /** Bends a wall to another rise above its chord, zero makes it straight; refused as by {@link #addArc}. */
    public static Outcome<Plan> bend(Plan plan, StoreyId storey, WallId id, Length sagitta) {
        var wall = wall(plan, storey, id);
        return Wall.whyNot(wall.from(), wall.to(), sagitta)
                .map(Outcome::<Plan>refused)
                .orElseGet(() -> Outcome.done(change(plan, storey, List.of(id), w -> w.withSagitta(sagitta))));
    }

    /**
     * Moves a corner: every wall end at {@code old} goes along, ends standing on those walls follow their
     * line, openings keep their place as far as the wall allows. Refused if a wall would shrink to nothing.
     */
    public static Outcome<Plan> moveCorner(Plan plan, StoreyId storey, Position old, Position target) {
        return moved(plan, storey, Map.of(old, target));
    }

    /** Moves a wall by a shift; neighbours at its ends stretch. */
    public static Outcome<Plan> moveWall(Plan plan, StoreyId storey, WallId id, Length dx, Length dy) {
        var wall = wall(plan, storey, id);
        Map<Position, Position> moves = new HashMap<>();
        moves.put(wall.from(), wall.from().moved(dx, dy));
        moves.put(wall.to(), wall.to().moved(dx, dy));
        return moved(plan, storey, moves);
    }

    /** Gives a wall a length by moving one of its ends along its line. */
    public static Outcome<Plan> setLength(Plan plan, StoreyId storey, WallId id, Length length, End moving) {
        var wall = wall(plan, storey, id);
        if (moving == End.BOTH) {
            return WallShaping.grow(
                    plan, storey, id, length.minus(wall.length()).half());
        }
        var fixed = moving == End.TO ? wall.from() : wall.to();
        var loose = moving == End.TO ? wall.to() : wall.from();
        var unit = new Segment(fixed.point(), loose.point()).unit();
        return moveCorner(
                plan,
                storey,
                loose,
                fixed.moved(Length.ofMm(unit.x() * length.mm()), Length.ofMm(unit.y() * length.mm())));
    }

    /** Changes the type of walls. */
    public static Plan setType(Plan plan, StoreyId storey, List<WallId> ids, WallTypeId type) {
        return change(plan, storey, ids, w -> w.withType(type));
    }

    /** Changes on which side of the drawn line the bodies lie. */
    public static Plan setBody(Plan plan, StoreyId storey, List<WallId> ids, BodySide body) {
        return plan.withStorey(
                storey,
                s -> s.with(
                        Wall.class,
                        Lists.changed(
                                s.walls(), w -> ids.contains(w.id()) && w.body() != body, w -> w.withBody(body))));
    }

    /** Says what becomes of walls in the building works. */
    public static Plan setWorks(Plan plan, StoreyId storey, List<WallId> ids, Wall.Works works) {
        return change(plan, storey, ids, w -> w.withWorks(works));
    }

    /** Says of all walls of a storey that were not there before what becomes of them in the building works. */
    public static Plan setWorksOfAdded(Plan before, Plan plan, StoreyId storey, Wall.Works works) {
        var old = before.storey(storey).walls().stream().map(Wall::id).collect(Collectors.toSet());
        var added = plan.storey(storey).walls().stream()
                .map(Wall::id)
                .filter(id -> !old.contains(id))
                .toList();
        return setWorks(plan, storey, added, works);
    }

    /** Changes the height of walls. */
    public static Plan setHeight(Plan plan, StoreyId storey, List<WallId> ids, Length height) {
        return change(plan, storey, ids, w -> w.withHeight(height));
    }

    private static Plan change(Plan plan, StoreyId storey, List<WallId> ids, UnaryOperator<Wall> change) {
        return plan.withStorey(
                storey, s -> s.with(Wall.class, Lists.changed(s.walls(), w -> ids.contains(w.id()), change)));
    }

    private static Wall wall(Plan plan, StoreyId storey, WallId id) {
        return plan.storey(storey).wall(id).orElseThrow(() -> new NoSuchElementException("no wall " + id.text()));
    }

    static Outcome<Plan> moved(Plan plan, StoreyId storeyId, Map<Position, Position> moves) {
        var storey = plan.storey(storeyId);
        Map<WallId, Wall> walls = new HashMap<>();
        for (var wall : storey.walls()) {
            if (moves.containsKey(wall.from()) || moves.containsKey(wall.to())) {
                var from = moves.getOrDefault(wall.from(), wall.from());
                var to = moves.getOrDefault(wall.to(), wall.to());
                var whyNot = wall.whyNotBetween(from, to);
                if (whyNot.isPresent()) {
                    return Outcome.refused(whyNot.get());
                }
                walls.put(wall.id(), wall.between(from, to));
            }
        }
        var whyNot = followers(storey, walls, moves);
        if (whyNot.isPresent()) {
            return Outcome.refused(whyNot.get());
        }
        var moved =
                storey.walls().stream().map(w -> walls.getOrDefault(w.id(), w)).toList();
        return Outcome.done(plan.withStorey(
                storeyId, s -> s.with(Wall.class, moved).with(Opening.class, carried(storey, walls))));
    }

    /** Ends that stood on the line of a wall that moved are put back onto it; the reason if one cannot be. */
    private static Optional<String> followers(Storey storey, Map<WallId, Wall> walls, Map<Position, Position> moves) {
        for (var before : storey.walls()) {
            var after = walls.getOrDefault(before.id(), before);
            if (after.equals(before)) {
                continue;
            }
            var host = before.line();
            var reach = host.bounds().grown(ON_LINE_MM);
            for (var other : storey.walls()) {
                if (other.id().equals(before.id())
                        || !reach.contains(other.from().point())
                                && !reach.contains(other.to().point())) {
                    continue;
                }
                var now = walls.getOrDefault(other.id(), other);
                var from = moves.containsKey(other.from())
                        ? now.from()
                        : onto(host, after, other.from(), now.line().reversed(), now.from());
                var to = moves.containsKey(other.to()) ? now.to() : onto(host, after, other.to(), now.line(), now.to());
                var whyNot = now.whyNotBetween(from, to);
                if (whyNot.isPresent()) {
                    return whyNot;
                }
                walls.put(other.id(), now.between(from, to));
            }
        }
        return Optional.empty();
    }

    private static Position onto(Curve host, Wall after, Position end, Curve line, Position fallback) {
        var p = end.point();
        var along = host.along(p);
        var standsOn = host.distance(p) <= ON_LINE_MM && along > ON_LINE_MM && along < host.length() - ON_LINE_MM;
        if (!standsOn) {
            return fallback;
        }
        var target = line.carriedCrossings(after.line()).stream()
                .min(Comparator.comparingDouble(p::distance))
                .orElse(p);
        return Position.of(after.line().nearest(target));
    }

    /** Openings go along with a wall moved as a whole; else they keep their spot in the plan as far as it allows. */
    private static List<Opening> carried(Storey storey, Map<WallId, Wall> walls) {
        var out = new ArrayList<Opening>();
        for (var opening : storey.openings()) {
            var after = walls.get(opening.host());
            if (after == null) {
                out.add(opening);
                continue;
            }
            var before = storey.wall(opening.host()).orElseThrow();
            if (after.equals(before)) {
                out.add(opening);
                continue;
            }
            var jamb = before.line().at(opening.offset().mm());
            var room = Math.max(0, after.line().length() - opening.width().mm());
            var stays = after.from().equals(before.from())
                            && Math.abs(after.line()
                                            .unitAt(0)
                                            .cross(before.line().unitAt(0)))
                                    < 1e-9
                    || Math.abs(after.line().length() - before.line().length()) < RIGID_MM;
            var along = stays ? opening.offset().mm() : after.line().along(jamb);
            out.add(opening.withOffset(Length.ofMm(Math.clamp(along, 0, room))));
        }
        return List.copyOf(out);
    }
}
