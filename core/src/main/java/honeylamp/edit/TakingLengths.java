package honeylamp.edit;

import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.lettering.WrittenLength;
import honeylamp.lettering.WrittenLength.Agreement;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.KnownLength;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import java.util.List;

/** Takes lengths that are written on a picture as its known lengths. */
public final class TakingLengths {
    /** Ends nearer than this to those of a known length mark the same length, in px of the picture. */
    private static final double SAME_PX = 4;

    private TakingLengths() {}

    /** Adds lengths and gives the picture its scale. Those that disagree are only compared; those already known stay. */
    public static Plan take(Plan plan, StoreyId storey, UnderlayId id, List<WrittenLength> lengths, TracedWork traced) {
        var out = plan;
        for (var length : lengths) {
            var underlay =
                    out.storey(storey).elements().find(Underlay.class, id).orElseThrow();
            if (underlay.knownLengths().stream().noneMatch(k -> isSame(k, length))) {
                var trust = length.agreement() == Agreement.DISAGREES ? Trust.LEFT_OUT : Trust.COUNTED;
                out = UnderlayEdits.addKnown(
                        out,
                        storey,
                        id,
                        new KnownLength(length.firstPx(), length.secondPx(), length.length(), trust),
                        traced);
            }
        }
        return out;
    }

    private static boolean isSame(KnownLength known, WrittenLength length) {
        return known.firstPx().distance(length.firstPx()) < SAME_PX
                        && known.secondPx().distance(length.secondPx()) < SAME_PX
                || known.firstPx().distance(length.secondPx()) < SAME_PX
                        && known.secondPx().distance(length.firstPx()) < SAME_PX;
    }
}
