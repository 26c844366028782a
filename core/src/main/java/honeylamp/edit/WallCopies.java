package honeylamp.edit;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;

/** Walls parallel to others: copies at a distance, and divisions of what lies between two. */
public final class WallCopies {
    private WallCopies() {}

    /** A plan with several new walls. */
    public record Several(Plan plan, List<WallId> ids) {}

    /** What is equal when a space is divided. */
    public enum Spacing {
        /** From wall centre to wall centre. */
        CENTRES,
        /** What is left free between the faces. */
        CLEAR_WIDTHS
    }

    /**
     * Copies of a wall beside it, each so far from the one before, face to like face.
     *
     * @param distance to the left seen from the wall's first end; negative to the right
     * @return refused if the distance or the count is nothing, or the next arc has no radius left
     */
    public static Outcome<Several> parallel(Plan plan, StoreyId storey, WallId id, Length distance, int count) {
        if (count < 1 || count > 200 || distance.equals(Length.ZERO)) {
            return Outcome.refused("copies need a distance, and a count from 1 to 200");
        }
        var wall = wall(plan, storey, id);
        var now = plan;
        var ids = new ArrayList<WallId>();
        for (var i = 1; i <= count; i++) {
            var line = wall.line().shiftedLeft(i * distance.mm());
            var copyId = new WallId(now.nextNumber());
            var from = Position.of(line.a());
            var to = Position.of(line.b());
            var sagitta = Length.ofMm(
                    wall.sagitta().mm() * line.chord().length() / wall.chord().length());
            var whyNot = Wall.whyNot(from, to, sagitta);
            if (whyNot.isPresent()) {
                return Outcome.refused(whyNot.get());
            }
            var copy = wall.with(c -> c.id(copyId).from(from).to(to).sagitta(sagitta));
            now = now.numbersTaken(1).withStorey(storey, s -> s.with(Wall.class, Lists.plus(s.walls(), copy)));
            ids.add(copyId);
        }
        return Outcome.done(new Several(now, List.copyOf(ids)));
    }

    /**
     * A wall of another type against a face of a wall, all along it.
     *
     * @param left whether against the left face, seen from the wall's first end
     */
    public static Outcome<Added<WallId>> along(Plan plan, StoreyId storey, WallId id, boolean left, WallTypeId type) {
        var wall = wall(plan, storey, id);
        var thickness = plan.wallType(wall.type()).thickness().mm();
        var share = wall.body().leftShare();
        var face = wall.line().shiftedLeft(thickness * (left ? share : share - 1));
        var sagitta = wall.sagitta().mm() * face.chord().length() / wall.chord().length();
        return WallEdits.addArc(
                plan,
                storey,
                Position.of(face.a()),
                Position.of(face.b()),
                Length.ofMm(sagitta),
                left ? BodySide.LEFT : BodySide.RIGHT,
                type);
    }

    /**
     * Divides what lies between two parallel walls into equal parts by new walls.
     *
     * @param parts how many, from 2 to 100
     * @return refused if the walls do not run the same way or there is no room
     */
    public static Outcome<Several> divide(
            Plan plan, StoreyId storey, WallId one, WallId other, int parts, Spacing spacing, WallTypeId type) {
        if (parts < 2 || parts > 100) {
            return Outcome.refused("a space is divided into 2 to 100 parts");
        }
        var first = WallShaping.face(plan, wall(plan, storey, one), WallShaping.Face.MIDDLE);
        var far = WallShaping.face(plan, wall(plan, storey, other), WallShaping.Face.MIDDLE);
        if (Math.abs(first.unit().cross(far.unit())) > Math.sin(Math.toRadians(0.5))) {
            return Outcome.refused("the walls do not run the same way");
        }
        var apart = first.offset(far.middle());
        var thickness = plan.wallType(type).thickness().mm();
        var centres =
                centres(Math.abs(apart), half(plan, storey, one), half(plan, storey, other), thickness, parts, spacing);
        if (centres.isEmpty()) {
            return Outcome.refused("there is no room for " + (parts - 1) + " walls of "
                    + Length.ofMm(thickness).mmText() + " mm");
        }
        var now = plan;
        var ids = new ArrayList<WallId>();
        for (var centre : centres) {
            var line = between(first, far, Math.signum(apart) * centre);
            var added = WallEdits.add(now, storey, Position.of(line.a()), Position.of(line.b()), BodySide.CENTRE, type)
                    .orThrow();
            now = added.plan();
            ids.add(added.id());
        }
        return Outcome.done(new Several(now, List.copyOf(ids)));
    }

    private static double half(Plan plan, StoreyId storey, WallId id) {
        return plan.wallType(wall(plan, storey, id).type()).thickness().mm() / 2;
    }

    /** How far the middles of the new walls lie from the middle of the first, in mm; none if there is no room. */
    private static List<Double> centres(
            double apart, double firstHalf, double lastHalf, double thickness, int parts, Spacing spacing) {
        var out = new ArrayList<Double>();
        var clear = (apart - firstHalf - lastHalf - (parts - 1) * thickness) / parts;
        if (clear <= 0) {
            return List.of();
        }
        for (var i = 1; i < parts; i++) {
            out.add(
                    switch (spacing) {
                        case CENTRES -> apart * i / parts;
                        case CLEAR_WIDTHS -> firstHalf + i * clear + (i - 0.5) * thickness;
                    });
        }
        return out;
    }

    /** A line parallel to the first, over the stretch that both walls share, or the first's if they share none. */
    private static Segment between(Segment first, Segment far, double leftMm) {
        var a = first.along(far.a());
        var b = first.along(far.b());
        var from = Math.max(0, Math.min(a, b));
        var to = Math.min(first.length(), Math.max(a, b));
        var stretch = to - from > 1 ? first.part(from, to) : first;
        return stretch.shiftedLeft(leftMm);
    }

    private static Wall wall(Plan plan, StoreyId storey, WallId id) {
        return plan.storey(storey).wall(id).orElseThrow(() -> new NoSuchElementException("no wall " + id.text()));
    }
}
