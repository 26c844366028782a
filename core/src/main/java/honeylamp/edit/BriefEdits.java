package honeylamp.edit;

import honeylamp.plan.Brief;
import honeylamp.plan.Brief.WantedPiece;
import honeylamp.plan.Brief.WantedRoom;
import honeylamp.plan.Minimums;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.function.UnaryOperator;

/** Writing down what a client wants. */
public final class BriefEdits {
    private BriefEdits() {}

    /** Wants rooms of a use; what was wanted of the same use is replaced. */
    public static Plan want(Plan plan, WantedRoom room) {
        var out = new ArrayList<>(plan.brief().rooms());
        var at = indexOf(out, room.use());
        if (at < 0) {
            out.add(room);
        } else {
            out.set(at, room);
        }
        return plan.withBrief(plan.brief().withRooms(out));
    }

    private static int indexOf(ArrayList<WantedRoom> rooms, String use) {
        return rooms.stream().map(WantedRoom::use).toList().indexOf(use);
    }

    /** No longer wants rooms of a use. */
    public static Plan wantNoRoom(Plan plan, String use) {
        return plan.withBrief(plan.brief()
                .withRooms(Lists.without(plan.brief().rooms(), r -> r.use().equals(use))));
    }

    /** Wants pieces of a kind; what was wanted of the same kind is replaced. */
    public static Plan want(Plan plan, WantedPiece piece) {
        var rest = Lists.without(plan.brief().pieces(), p -> p.kind().equals(piece.kind()));
        return plan.withBrief(plan.brief().withPieces(Lists.plus(rest, piece)));
    }

    /** No longer wants pieces of a kind. */
    public static Plan wantNoPiece(Plan plan, String kind) {
        return plan.withBrief(plan.brief()
                .withPieces(Lists.without(plan.brief().pieces(), p -> p.kind().equals(kind))));
    }

    /** Wants something shown on the sheets, or no longer. */
    public static Plan toggle(Plan plan, Brief.Content content) {
        return plan.withBrief(plan.brief().toggling(content));
    }

    /** Sets the least sizes of things. */
    public static Plan minimums(Plan plan, UnaryOperator<Minimums> change) {
        Brief brief = plan.brief();
        return plan.withBrief(brief.withMinimums(change.apply(brief.minimums())));
    }
}
