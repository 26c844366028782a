package honeylamp.edit;

import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.KnownLength;
import honeylamp.plan.Underlay.Lock;
import honeylamp.plan.Underlay.Sight;
import honeylamp.units.Length;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Bringing in pictures to trace and making them true. */
public final class UnderlayEdits {
    /** A new picture is first taken to be so wide, until a known length says better. */
    private static final double FIRST_WIDTH_MM = 15_000;

    private static final double FIRST_FADE = 0.35;

    private UnderlayEdits() {}

    /** Adds a picture, centred on a point, at a guessed scale. */
    public static Added<UnderlayId> add(
            Plan plan, StoreyId storey, String asset, String name, int widthPx, int heightPx, Point centre) {
        var id = new UnderlayId(plan.nextNumber());
        var scale = FIRST_WIDTH_MM / widthPx;
        var at = Position.ofMm(centre.x() - widthPx * scale / 2, centre.y() + heightPx * scale / 2);
        var underlay = new Underlay(
                id,
                asset,
                name,
                widthPx,
                heightPx,
                at,
                scale,
                0,
                FIRST_FADE,
                Lock.LOCKED,
                Sight.SHOWN,
                Optional.empty());
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.withUnderlays(Lists.plus(s.underlays(), underlay))), id);
    }

    /**
     * Gives a picture its scale from a known length between two marks. The first mark stays where it is in
     * the plan, so that work begun there keeps its place.
     */
    public static Plan scale(Plan plan, StoreyId storey, UnderlayId id, KnownLength known) {
        return change(plan, storey, id, u -> {
            var anchor = u.placing().apply(known.firstPx());
            var scale = known.mmPerPixel();
            var moved = u.placed(Position.ORIGIN, scale, u.turnDeg()).placing().apply(known.firstPx());
            return u.placed(Position.of(anchor.minus(moved)), scale, u.turnDeg())
                    .with(known);
        });
    }

    /** Turns a picture so that a line between two of its pixels runs level, about the first of them. */
    public static Plan level(Plan plan, StoreyId storey, UnderlayId id, Point firstPx, Point secondPx) {
        return change(plan, storey, id, u -> {
            var a = u.placing().apply(firstPx);
            var b = u.placing().apply(secondPx);
            var slope = b.minus(a).angleDeg();
            var nearest = 90 * Math.rint(slope / 90); // level or plumb, whichever is nearer
            var turn = u.turnDeg() + nearest - slope;
            var moved =
                    u.placed(Position.ORIGIN, u.mmPerPixel(), turn).placing().apply(firstPx);
            return u.placed(Position.of(a.minus(moved)), u.mmPerPixel(), turn);
        });
    }

    /** Moves a picture by a shift, unless it is locked. */
    public static Plan move(Plan plan, StoreyId storey, UnderlayId id, Length dx, Length dy) {
        return change(
                plan,
                storey,
                id,
                u -> u.lock() == Lock.LOCKED ? u : u.placed(u.at().moved(dx, dy), u.mmPerPixel(), u.turnDeg()));
    }

    /** Fades a picture: 0 in full, 1 gone. */
    public static Plan fade(Plan plan, StoreyId storey, UnderlayId id, double fade) {
        return change(plan, storey, id, u -> u.faded(fade));
    }

    /** Locks or frees a picture. */
    public static Plan lock(Plan plan, StoreyId storey, UnderlayId id, Lock lock) {
        return change(plan, storey, id, u -> u.with(lock));
    }

    /** Shows or hides all pictures of a storey. */
    public static Plan showAll(Plan plan, StoreyId storey, Sight sight) {
        return plan.withStorey(
                storey, s -> s.withUnderlays(Lists.changed(s.underlays(), _ -> true, u -> u.with(sight))));
    }

    private static Plan change(Plan plan, StoreyId storey, UnderlayId id, UnaryOperator<Underlay> change) {
        return plan.withStorey(
                storey, s -> s.withUnderlays(Lists.changed(s.underlays(), u -> u.id().equals(id), change)));
    }
}
