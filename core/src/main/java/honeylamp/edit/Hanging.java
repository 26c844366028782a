package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Lets pieces that hang from a ceiling follow it: when the ceiling rises or sinks, when the piece is made longer, when it
 * comes to another room. A piece hangs if its top is at the ceiling, no wall is behind it and nothing below it. A height
 * above the floor that somebody types stays as typed.
 */
public final class Hanging {
    /** A top so near to the ceiling is at it. */
    private static final double AT_CEILING_MM = 5;

    private Hanging() {}

    /** Whether a piece hangs from the ceiling of a storey. */
    public static boolean hangs(StoreyGeometry geometry, Furnishing piece) {
        return piece.bottom().mm() > 0
                && Math.abs(geometry.clearHeightAt(piece.at().point()).mm()
                                - piece.top().mm())
                        <= AT_CEILING_MM
                && Leaning.base(geometry.storey(), piece).isEmpty()
                && Leaning.gaps(geometry.network(), piece).isEmpty();
    }

    /** The plan after an edit, what hung before it hanging still. */
    static Plan kept(StoreyGeometry before, Plan plan, StoreyGeometry after) {
        var ceilings = Stream.concat(
                        Stream.of(before.storey().height()),
                        before.storey().rooms().stream().flatMap(m -> m.fit().height().stream()))
                .mapToDouble(Length::mm)
                .distinct()
                .toArray();
        Map<FurnishingId, Furnishing> was = new HashMap<>();
        before.storey().furnishings().stream()
                .filter(f -> f.bottom().mm() > 0)
                .filter(f -> Arrays.stream(ceilings)
                        .anyMatch(mm -> Math.abs(mm - f.top().mm()) <= AT_CEILING_MM))
                .forEach(f -> was.put(f.id(), f));
        if (was.isEmpty()) {
            return plan;
        }
        // where no ceiling has changed only what was taken up can hang otherwise: rooms are dear to find for all
        var mayAll = !after.storey().height().equals(before.storey().height())
                || after.storey().rooms() != before.storey().rooms();
        var pieces = after.storey().furnishings().stream()
                .map(f -> {
                    var old = was.get(f.id());
                    return old != null && (mayAll || f != old) && old.bottom().equals(f.bottom()) && hangs(before, old)
                            ? hung(after, f)
                            : f;
                })
                .toList();
        return pieces.equals(after.storey().furnishings())
                ? plan
                : plan.withStorey(after.storey().id(), s -> s.with(Furnishing.class, pieces));
    }

    private static Furnishing hung(StoreyGeometry geometry, Furnishing piece) {
        var ceiling = geometry.clearHeightAt(piece.at().point());
        return Math.abs(ceiling.mm() - piece.top().mm()) <= AT_CEILING_MM
                ? piece
                : piece.withBottom(Length.max(Length.ZERO, ceiling.minus(piece.height())));
    }
}
