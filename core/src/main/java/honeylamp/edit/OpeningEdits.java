package honeylamp.edit;

import honeylamp.derive.ClearDistances;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Kind;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.function.UnaryOperator;

/** Putting openings into walls and correcting them. */
public final class OpeningEdits {
    private static final Length DOOR_HEAD = Length.ofMm(2010);
    private static final Length WINDOW_SILL = Length.ofMm(900);
    private static final Length WINDOW_HEAD = Length.ofMm(2100);

    private OpeningEdits() {}

    /** The usual width of a kind. */
    public static Length usualWidth(Kind kind) {
        return switch (kind) {
            case DOOR -> Length.ofMm(885);
            case PAIR_DOOR -> Length.ofMm(1500);
            case WINDOW -> Length.ofMm(1200);
            case PLAIN -> Length.ofMm(1000);
        };
    }

    /** Puts an opening into a wall, with the usual heights of its kind. */
    public static Added<OpeningId> add(
            Plan plan, StoreyId storey, Kind kind, WallId host, Length offset, Length width, Hand hand, Swing swing) {
        var id = new OpeningId(plan.nextNumber());
        var window = kind == Kind.WINDOW;
        var opening = new Opening(
                id,
                kind,
                host,
                offset,
                width,
                window ? WINDOW_SILL : Length.ZERO,
                window ? WINDOW_HEAD : DOOR_HEAD,
                hand,
                swing);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.withOpenings(Lists.plus(s.openings(), opening))), id);
    }

    /**
     * The offset that centres an opening at a point of its wall, kept within the free stretch.
     *
     * @param centreMm where the centre should lie, from the host's first end
     */
    public static Length offsetWithin(ClearDistances stretch, double centreMm, Length width) {
        var least = stretch.stretchFromMm();
        var most = Math.max(least, stretch.stretchToMm() - width.mm());
        return Length.ofMm(Math.max(0, Math.clamp(centreMm - width.mm() / 2, least, most)));
    }

    /** Moves an opening so that it lies so far from the beginning of its free stretch. */
    public static Plan setBefore(Plan plan, StoreyId storey, OpeningId id, ClearDistances stretch, Length before) {
        return change(plan, storey, id, o -> o.at(Length.ofMm(stretch.stretchFromMm() + before.mm())));
    }

    /** Moves an opening so that it lies so far from the end of its free stretch. */
    public static Plan setAfter(Plan plan, StoreyId storey, OpeningId id, ClearDistances stretch, Length after) {
        return change(
                plan,
                storey,
                id,
                o -> o.at(Length.ofMm(Math.max(
                        0, stretch.stretchToMm() - after.mm() - o.width().mm()))));
    }

    /** Moves an opening to an offset from its host's first end. */
    public static Plan moveTo(Plan plan, StoreyId storey, OpeningId id, Length offset) {
        return change(plan, storey, id, o -> o.at(offset));
    }

    /** Changes the width; the centre stays, as far as the wall's first end allows. */
    public static Plan setWidth(Plan plan, StoreyId storey, OpeningId id, Length width) {
        return change(plan, storey, id, o -> {
            var centre = o.offset().mm() + o.width().mm() / 2;
            return o.sized(Length.ofMm(Math.max(0, centre - width.mm() / 2)), width);
        });
    }

    /** Changes sill and head. */
    public static Plan setHeights(Plan plan, StoreyId storey, OpeningId id, Length sill, Length head) {
        return change(plan, storey, id, o -> o.withHeights(sill, head));
    }

    /** Hangs the leaf at the other jamb. */
    public static Plan flipHand(Plan plan, StoreyId storey, OpeningId id) {
        return change(plan, storey, id, o -> o.hung(o.hand().flipped(), o.swing()));
    }

    /** Lets the leaf open to the other side. */
    public static Plan flipSwing(Plan plan, StoreyId storey, OpeningId id) {
        return change(plan, storey, id, o -> o.hung(o.hand(), o.swing().flipped()));
    }

    private static Plan change(Plan plan, StoreyId storey, OpeningId id, UnaryOperator<Opening> change) {
        return plan.withStorey(
                storey, s -> s.withOpenings(Lists.changed(s.openings(), o -> o.id().equals(id), change)));
    }
}
