package honeylamp.edit;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;

/** Taking walls apart and putting them together; openings stay where they are in the plan. */
public final class WallShaping {
    /** Walls within this many degrees of one line are on one line. */
    private static final double STRAIGHT_DEG = 0.5;

    private static final double SAME_MM = 1;

    private WallShaping() {}

    /**
     * Splits a wall at a distance from its first end; the second part is a new wall. Refused if a part
     * would be shorter than a millimetre, or an opening lies across.
     */
    public static Outcome<Added<WallId>> split(Plan plan, StoreyId storey, WallId id, Length at) {
        var wall = wall(plan, storey, id);
        var line = wall.line();
        if (at.mm() < Wall.SHORTEST_MM || at.mm() > line.length() - Wall.SHORTEST_MM) {
            return Outcome.refused("the wall can only be split between its ends");
        }
        for (var opening : plan.storey(storey).openingsIn(id)) {
            if (opening.offset().compareTo(at) < 0 && opening.end().compareTo(at) > 0) {
                return Outcome.refused(
                        "an opening (" + opening.kind().label() + ") lies across",
                        "Move it first, or split beside it.");
            }
        }
        var cut = Position.of(line.at(at.mm()));
        var second = new WallId(plan.nextNumber());
        var first = arc(wall, wall.from(), cut, line.part(0, at.mm()));
        var rest = arc(wall, cut, wall.to(), line.part(at.mm(), line.length())).withId(second);
        return Outcome.done(new Added<>(
                plan.numbersTaken(1)
                        .withStorey(
                                storey,
                                s -> s.with(
                                                Wall.class,
                                                Lists.plus(
                                                        Lists.changed(s.walls(), w -> w.id().equals(id), _ -> first),
                                                        rest))
                                        .with(
                                                Opening.class,
                                                Lists.changed(
                                                        s.openings(),
                                                        o -> o.host().equals(id)
                                                                && o.offset().compareTo(at) >= 0,
                                                        o -> o.in(
                                                                second,
                                                                o.offset().minus(at))))),
                second));
    }

    /** A wall like another between two ends, curved as a part of its line. */
    private static Wall arc(Wall like, Position from, Position to, Curve part) {
        var sagitta = like.isCurved() ? Arc.sagitta(from.point(), part.middle(), to.point()) : 0;
        return like.with(copy -> copy.from(from).to(to).sagitta(Length.ofMm(sagitta)));
    }

    /**
     * Joins two walls that meet end to end on one line and are of one type into the first; refused if they
     * do not.
     */
    public static Outcome<Plan> join(Plan plan, StoreyId storey, WallId one, WallId other) {
        var first = wall(plan, storey, one);
        var second = wall(plan, storey, other);
        if (!first.type().equals(second.type())) {
            return Outcome.refused("walls of different types are not joined", "Give them one type first.");
        }
        if (first.works() != second.works()) {
            return Outcome.refused(
                    "one of the walls stays or is new, the other is not", "Say the same of both in the works first.");
        }
        var now = plan;
        if (first.from().equals(second.from()) || first.from().equals(second.to())) {
            now = turnedRound(now, storey, first);
            first = first.reversed();
        }
        if (first.to().equals(second.to())) {
            now = turnedRound(now, storey, second);
            second = second.reversed();
        }
        if (!first.to().equals(second.from())) {
            return Outcome.refused("the walls do not meet end to end");
        }
        if (first.body() != second.body() || !onOneLine(first, second)) {
            return Outcome.refused("the walls do not lie on one line");
        }
        return Outcome.done(joined(now, storey, first, second));
    }

    private static boolean onOneLine(Wall first, Wall second) {
        var before = first.line();
        var after = second.line();
        var turn = Math.abs(before.unitAt(before.length()).cross(after.unitAt(0)));
        var straightOn = turn < Math.sin(Math.toRadians(STRAIGHT_DEG))
                && before.unitAt(before.length()).dot(after.unitAt(0)) > 0;
        if (!straightOn || first.isCurved() != second.isCurved()) {
            return false;
        }
        return !(before instanceof Arc a && after instanceof Arc b)
                || a.centre().distance(b.centre()) < SAME_MM && a.sweep() * b.sweep() > 0;
    }

    private static Plan joined(Plan plan, StoreyId storey, Wall first, Wall second) {
        var length = first.length();
        var middle = first.line().length() + second.line().length();
        var on = first.isCurved() ? first.line().at(middle / 2) : first.to().point();
        var sagitta = first.isCurved()
                ? Arc.sagitta(first.from().point(), on, second.to().point())
                : 0;
        var whole = first.with(copy -> copy.to(second.to()).sagitta(Length.ofMm(sagitta)));
        return plan.withStorey(
                storey,
                s -> s.with(
                                Opening.class,
                                Lists.changed(
                                        s.openings(),
                                        o -> o.host().equals(second.id()),
                                        o -> o.in(first.id(), length.plus(o.offset()))))
                        .with(
                                Wall.class,
                                Lists.changed(
                                        Lists.without(s.walls(), w -> w.id().equals(second.id())),
                                        w -> w.id().equals(first.id()),
                                        _ -> whole)));
    }

    /** The same wall drawn the other way, its openings where they were. */
    static Plan turnedRound(Plan plan, StoreyId storey, Wall wall) {
        return plan.withStorey(
                storey,
                s -> s.change(Wall.class, wall.id(), Wall::reversed)
                        .with(
                                Opening.class,
                                Lists.changed(
                                        s.openings(),
                                        o -> o.host().equals(wall.id()),
                                        o -> o.reversed(wall.length()))));
    }

    /** Puts the body on the other side of the drawn line; a centred one stays. */
    public static Plan reverseFace(Plan plan, StoreyId storey, Set<ElementId> walls) {
        return plan.withStorey(
                storey,
                s -> s.with(
                        Wall.class,
                        Lists.changed(
                                s.walls(),
                                w -> walls.contains(w.id()),
                                w -> w.withBody(w.body().flipped()))));
    }

    /**
     * Grows a straight wall by a length at each end; negative shrinks it. Refused if it is curved or nothing
     * would be left.
     */
    public static Outcome<Plan> grow(Plan plan, StoreyId storey, WallId id, Length each) {
        var wall = wall(plan, storey, id);
        if (wall.isCurved()) {
            return Outcome.refused("an arc is grown by its ends, not by a length");
        }
        if (wall.length().mm() + 2 * each.mm() < Wall.SHORTEST_MM) {
            return Outcome.refused("nothing would be left of the wall");
        }
        var by = wall.chord().unit().times(each.mm());
        Map<Position, Position> moves = new HashMap<>();
        moves.put(wall.from(), wall.from().moved(Length.ofMm(-by.x()), Length.ofMm(-by.y())));
        moves.put(wall.to(), wall.to().moved(Length.ofMm(by.x()), Length.ofMm(by.y())));
        return WallEdits.moved(plan, storey, moves);
    }

    /** A face of a wall that others can be aligned by. */
    public enum Face {
        /** The left face, seen from the first end. */
        LEFT,
        /** The middle of the thickness. */
        MIDDLE,
        /** The right face. */
        RIGHT
    }

    /**
     * Moves a wall square to itself until one of its faces lies on the line of another's; neighbours stretch.
     * Refused if the walls do not run the same way.
     */
    public static Outcome<Plan> align(Plan plan, StoreyId storey, WallId id, Face own, WallId to, Face theirs) {
        var wall = wall(plan, storey, id);
        var other = wall(plan, storey, to);
        var target = face(plan, other, theirs);
        var mine = face(plan, wall, own);
        if (Math.abs(mine.unit().cross(target.unit())) > Math.sin(Math.toRadians(STRAIGHT_DEG))) {
            return Outcome.refused("the walls do not run the same way");
        }
        var shift = target.unit().left().times(-target.offset(mine.middle()));
        return WallEdits.moveWall(plan, storey, id, Length.ofMm(shift.x()), Length.ofMm(shift.y()));
    }

    /** A face of a straight wall, its middle line with {@link Face#MIDDLE}. */
    public static Segment face(Plan plan, Wall wall, Face face) {
        var thickness = plan.wallType(wall.type()).thickness().mm();
        var left = thickness * wall.body().leftShare();
        return wall.chord()
                .shiftedLeft(
                        switch (face) {
                            case LEFT -> left;
                            case MIDDLE -> left - thickness / 2;
                            case RIGHT -> left - thickness;
                        });
    }

    /** The walls that make one chain with a wall: joined end to end where no third wall meets. */
    public static List<WallId> chain(Plan plan, StoreyId storey, WallId id) {
        var walls = plan.storey(storey).walls();
        var out = new ArrayList<WallId>(List.of(id));
        for (var from : List.of(true, false)) {
            var now = wall(plan, storey, id);
            var end = from ? now.from() : now.to();
            for (var next = only(walls, now, end);
                    next.isPresent() && !out.contains(next.get().id());
                    next = only(walls, now, end)) {
                now = next.get();
                out.add(now.id());
                end = now.from().equals(end) ? now.to() : now.from();
            }
        }
        return out;
    }

    private static Optional<Wall> only(List<Wall> walls, Wall wall, Position end) {
        var meeting = walls.stream()
                .filter(w -> !w.id().equals(wall.id()) && (w.from().equals(end) || w.to().equals(end)))
                .toList();
        return meeting.size() == 1 ? Optional.of(meeting.getFirst()) : Optional.empty();
    }

    private static Wall wall(Plan plan, StoreyId storey, WallId id) {
        return plan.storey(storey).wall(id).orElseThrow(() -> new NoSuchElementException("no wall " + id.text()));
    }
}
