package honeylamp.edit;

import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Widths and reveals that openings can have: what their wall has room for, said when they are typed. */
public final class OpeningLimits {
    private OpeningLimits() {}

    /**
     * Gives openings another width; their centres stay as far as their walls allow.
     *
     * @param geometry the storey before
     * @return refused if an opening would find no room in its wall; the reason names the most
     */
    public static Outcome<Plan> setWidth(
            Plan plan, StoreyId storey, StoreyGeometry geometry, Set<OpeningId> ids, Length width) {
        var out = plan;
        for (var id : ids) {
            out = OpeningEdits.setWidth(out, storey, id, width);
        }
        out = Settling.settled(geometry, out);
        var before = geometry.places().homeless().stream().map(Opening::id).collect(Collectors.toUnmodifiableSet());
        for (var homeless : StoreyGeometry.of(out, out.storey(storey)).places().homeless()) {
            if (ids.contains(homeless.id())) {
                return Outcome.refused("its wall has room for " + most(plan, geometry, homeless));
            }
            if (!before.contains(homeless.id())) {
                return Outcome.refused(
                        "the " + homeless.kind().label().toLowerCase(Locale.ROOT) + " beside it would find no room");
            }
        }
        return Outcome.done(out);
    }

    private static String most(Plan plan, StoreyGeometry geometry, Opening opening) {
        var most = geometry.storey()
                .wall(opening.host())
                .map(w -> OpeningPlaces.widestMm(
                        geometry.network(), w, opening, geometry.places().placed()))
                .orElse(0.0);
        return most < opening.width().mm() && most > 0
                ? "at most " + atMost(most, plan.units())
                : "less than that beside the others";
    }

    /**
     * Sets a window's frame so deep behind the outer face of its wall; refused if it would stand out of the
     * inner face, with the most there can be.
     */
    public static Outcome<Plan> setReveal(
            Plan plan, StoreyId storey, StoreyGeometry geometry, OpeningId id, Length reveal) {
        var thickness = geometry.cutOrClosed(id).map(OpeningCut::thicknessMm);
        var most = thickness.map(t -> Math.max(0, t - FrameSizes.WINDOW_DEPTH_MM));
        if (most.filter(m -> reveal.mm() > m).isPresent()) {
            return Outcome.refused("a wall of "
                    + LengthText.roundedWithUnit(Length.ofMm(thickness.get()), plan.units())
                    + " has room for a reveal of at most "
                    + atMost(most.get(), plan.units()));
        }
        return Outcome.done(OpeningEdits.build(plan, storey, id, m -> m.withReveal(reveal)));
    }

    /** A limit as it can be typed: what is shown is rounded, and must not be refused in its turn. */
    private static String atMost(double mm, UnitSystem units) {
        var shown = Math.floor(mm);
        while (shown > 0 && readMm(shown, units) > mm) {
            shown--;
        }
        return LengthText.roundedWithUnit(Length.ofMm(shown), units);
    }

    private static double readMm(double mm, UnitSystem units) {
        return LengthReader.notNegative(LengthText.rounded(Length.ofMm(mm), units), units)
                        instanceof LengthReading.Good(var length)
                ? length.mm()
                : 0;
    }
}
