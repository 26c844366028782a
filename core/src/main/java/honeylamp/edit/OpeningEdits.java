package honeylamp.edit;

import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.pointing.OpeningPlacing;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Build;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Putting openings into walls and correcting them. */
public final class OpeningEdits {
    private OpeningEdits() {}

    /** Puts an opening into a wall, with the usual heights of its kind. */
    public static Added<OpeningId> add(
            Plan plan,
            StoreyId storey,
            OpeningKind kind,
            WallId host,
            Length offset,
            Length width,
            Hand hand,
            Swing swing) {
        var usual = kind.usual(plan.units());
        var opening = new Opening(
                new OpeningId(plan.nextNumber()), kind, host, offset, width, usual.sill(), usual.head(), hand, swing);
        return add(plan, storey, opening);
    }

    /** Puts an opening into the wall it names, under a new id. */
    public static Added<OpeningId> add(Plan plan, StoreyId storey, Opening like) {
        var id = new OpeningId(plan.nextNumber());
        var opening = like.withId(id);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Opening.class, Lists.plus(s.openings(), opening))),
                id);
    }

    /** Says what becomes of openings in the building works; those that go are closed up. */
    public static Plan setWorks(Plan plan, StoreyId storey, Set<OpeningId> ids, Wall.Works works) {
        var out = plan;
        for (var id : ids) {
            out = out.withStorey(storey, s -> s.change(Opening.class, id, o -> o.withWorks(works)));
        }
        return out;
    }

    /** A plan with openings put in, and their ids. */
    public record Put(Plan plan, Set<OpeningId> ids) {}

    /**
     * Puts in both halves of a window round a corner; the first is given, the other is as wide and as high. Refused if no
     * single wall goes on round the corner.
     */
    public static Outcome<Put> addCorner(Plan plan, StoreyId storey, StoreyGeometry geometry, Opening half) {
        var wall = geometry.storey().wall(half.host()).orElseThrow();
        var corner = half.offset().equals(Length.ZERO) ? wall.from() : wall.to();
        var beyond = OpeningPlacing.beyond(geometry, wall, corner);
        if (beyond.isEmpty()) {
            return Outcome.refused("no single wall goes on round this corner");
        }
        var other = beyond.get();
        var runsOn = wall.from().equals(corner) != other.from().equals(corner);
        var offset = other.from().equals(corner)
                ? Length.ZERO
                : Length.max(Length.ZERO, other.length().minus(half.width()));
        var first = add(plan, storey, half);
        var second = add(
                first.plan(),
                storey,
                half.in(other.id(), offset)
                        .hung(half.hand(), runsOn ? half.swing() : half.swing().flipped()));
        return Outcome.done(new Put(second.plan(), Set.of(first.id(), second.id())));
    }

    /**
     * Puts several like openings into one stretch of wall, with equal gaps that stay equal. Refused if they are
     * too many for the stretch, or others stand in it.
     */
    public static Outcome<Put> addRow(Plan plan, StoreyId storey, StoreyGeometry geometry, Opening like, int count) {
        if (count < 1 || count > Keeping.MOST) {
            return Outcome.refused("a row holds up to " + Keeping.MOST + " openings");
        }
        var wall = geometry.storey().wall(like.host()).orElseThrow();
        var stretch = ClearDistances.around(geometry.network(), wall, like.middleMm());
        var inTheWay = geometry.places().placed().stream()
                .anyMatch(o -> o.host().equals(wall.id()) && stretch.holds(o.middleMm()));
        if (inTheWay) {
            return Outcome.refused("other openings stand in this stretch of wall");
        }
        if (count * like.width().mm() > stretch.lengthMm()) {
            return Outcome.refused("together they are wider than this stretch of wall");
        }
        var now = plan;
        var ids = new HashSet<OpeningId>();
        for (var i = 1; i <= count; i++) {
            var added = add(now, storey, like.withKeeping(Keeping.evenly(i, count, Between.WALLS)));
            now = added.plan();
            ids.add(added.id());
        }
        return Outcome.done(new Put(Settling.settled(geometry, now), Set.copyOf(ids)));
    }

    /**
     * The same opening in the wall across the room it looks into, opposite; it opens the same way into the room.
     * Refused if no wall lies opposite, or it has no room for the copy.
     */
    public static Outcome<Added<OpeningId>> copyOpposite(
            Plan plan, StoreyId storey, StoreyGeometry geometry, OpeningId id) {
        var standing = geometry.cutOrClosed(id);
        if (standing.isEmpty()) {
            return Outcome.refused("this opening has no room in its own wall yet");
        }
        var cut = standing.get();
        var opening = cut.opening();
        var from = cut.middle().middle();
        var into = cut.unit().left().times(opening.swing().sign());
        var opposite = Opposite.of(geometry, cut.host(), from, into);
        if (opposite.isEmpty()) {
            return Outcome.refused("no wall lies opposite");
        }
        var hit = opposite.get();
        var wall = hit.wall();
        var offset = wall.line().along(hit.at()) - opening.width().mm() / 2;
        if (offset < 0 || offset + opening.width().mm() > wall.line().length()) {
            return Outcome.refused("the wall opposite is too short for it there");
        }
        var swing = wall.line().offset(from) > 0 ? Swing.LEFT : Swing.RIGHT;
        var sameWay = wall.line().unitAt(offset).dot(cut.unit()) > 0;
        var hand = sameWay ? opening.hand() : opening.hand().flipped();
        var copy = opening.in(wall.id(), Length.ofMm(offset)).hung(hand, swing).withKeeping(Keeping.AS_PUT);
        return Outcome.done(add(plan, storey, copy));
    }

    /** Moves an opening so far from the beginning of its free stretch; it keeps that distance. */
    public static Plan setBefore(Plan plan, StoreyId storey, OpeningId id, ClearDistances stretch, Length before) {
        var offset = Length.ofMm(stretch.stretchFromMm() + before.mm());
        return change(plan, storey, id, o -> o.withOffset(offset).withKeeping(Keeping.fromFirst(before)));
    }

    /** Moves an opening so far from the end of its free stretch; it keeps that distance. */
    public static Plan setAfter(Plan plan, StoreyId storey, OpeningId id, ClearDistances stretch, Length after) {
        return change(plan, storey, id, o -> {
            var offset = stretch.stretchToMm() - after.mm() - o.width().mm();
            return o.withOffset(Length.ofMm(Math.max(0, offset))).withKeeping(Keeping.fromSecond(after));
        });
    }

    /** Moves an opening to an offset from its host's first end, where it stays. */
    public static Plan moveTo(Plan plan, StoreyId storey, OpeningId id, Length offset) {
        return change(plan, storey, id, o -> o.withOffset(offset).withKeeping(Keeping.AS_PUT));
    }

    /** Moves an opening to another place in its wall, keeping there to what it was caught by. */
    public static Plan put(Plan plan, StoreyId storey, Opening placed) {
        return change(
                plan, storey, placed.id(), o -> o.withOffset(placed.offset()).withKeeping(placed.keeping()));
    }

    /** Lets an opening keep to something from now on. */
    public static Plan keep(Plan plan, StoreyId storey, OpeningId id, Keeping keeping) {
        return change(plan, storey, id, o -> o.withKeeping(keeping));
    }

    /** Centres openings between what bounds them, and keeps them centred. */
    public static Plan centre(
            Plan plan, StoreyId storey, StoreyGeometry geometry, Set<OpeningId> ids, Between between) {
        var out = plan;
        for (var id : ids) {
            out = keep(out, storey, id, Keeping.centred(between));
        }
        return Settling.settled(geometry, out);
    }

    /**
     * Puts several openings of one wall into a row with equal gaps between the walls that meet it, and keeps them so;
     * their order stays. Refused if they do not lie in one stretch of one wall, or the stretch is too short.
     */
    public static Outcome<Plan> spaceEvenly(Plan plan, StoreyId storey, StoreyGeometry geometry, Set<OpeningId> ids) {
        var row = new ArrayList<Opening>();
        geometry.places().placed().stream().filter(o -> ids.contains(o.id())).forEach(row::add);
        row.sort(Comparator.comparing(Opening::offset));
        if (row.size() < 2) {
            return Outcome.refused("equal gaps need two openings or more", "Pick them with Shift.");
        }
        var wall = geometry.storey().wall(row.getFirst().host()).orElseThrow();
        if (!row.stream().allMatch(o -> o.host().equals(wall.id()))) {
            return Outcome.refused("the openings do not lie in one wall");
        }
        var stretch =
                ClearDistances.around(geometry.network(), wall, row.getFirst().middleMm());
        if (!row.stream().allMatch(o -> stretch.holds(o.middleMm()))) {
            return Outcome.refused("another wall stands between the openings");
        }
        if (row.stream().mapToDouble(o -> o.width().mm()).sum() > stretch.lengthMm()) {
            return Outcome.refused("together the openings are wider than the stretch of wall");
        }
        var out = plan;
        for (var i = 0; i < row.size(); i++) {
            out = keep(out, storey, row.get(i).id(), Keeping.evenly(i + 1, row.size(), Between.WALLS));
        }
        return Outcome.done(Settling.settled(geometry, out));
    }

    /** Changes the width; the centre stays, as far as the wall's first end allows. */
    public static Plan setWidth(Plan plan, StoreyId storey, OpeningId id, Length width) {
        return change(plan, storey, id, o -> o.sized(Length.ofMm(Math.max(0, o.middleMm() - width.mm() / 2)), width));
    }

    /** Makes an opening another kind; it keeps its width, and its heights unless it becomes or was a window. */
    public static Plan setKind(Plan plan, StoreyId storey, OpeningId id, OpeningKind kind) {
        var usual = kind.usual(plan.units());
        return change(
                plan,
                storey,
                id,
                o -> o.kind().isWindow() == kind.isWindow()
                        ? o.withKind(kind)
                        : o.withKind(kind).withHeights(usual.sill(), usual.head()));
    }

    /** Makes an opening in another way. */
    public static Plan build(Plan plan, StoreyId storey, OpeningId id, UnaryOperator<Build> change) {
        return change(plan, storey, id, o -> o.withBuild(change.apply(o.build())));
    }

    /** Changes sill and head; refused if the head would not lie above the sill. */
    public static Outcome<Plan> setHeights(Plan plan, StoreyId storey, OpeningId id, Length sill, Length head) {
        if (!Opening.areHeights(sill, head)) {
            return Outcome.refused("the head must lie above the sill");
        }
        return Outcome.done(change(plan, storey, id, o -> o.withHeights(sill, head)));
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
        return plan.withStorey(storey, s -> s.change(Opening.class, id, change));
    }
}
