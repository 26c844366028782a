package honeylamp.sheet;

import honeylamp.catalogue.OffWall;
import honeylamp.derive.Snag;
import honeylamp.derive.Snags;
import honeylamp.derive.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;

/** What is probably wrong with a storey's sheet, and with the storey on it. */
public final class SheetSnags {
    private SheetSnags() {}

    /** All that is probably wrong with a storey: what is built, what stands in it, and its sheet. */
    public static List<Snag> all(Plan plan, StoreyGeometry geometry, Length gapReach) {
        return all(plan, geometry, gapReach, () -> true).orElseThrow();
    }

    /**
     * All that is probably wrong with a storey, unless nobody waits for it any more.
     *
     * @param wanted asked now and then
     * @return empty if it was not wanted to the end
     */
    public static Optional<List<Snag>> all(
            Plan plan, StoreyGeometry geometry, Length gapReach, BooleanSupplier wanted) {
        return Snags.of(geometry, plan, gapReach, wanted)
                .filter(_ -> wanted.getAsBoolean())
                .map(built -> Stream.of(built, OffWall.of(plan, geometry), of(plan, geometry))
                        .flatMap(List::stream)
                        .toList());
    }

    /** A plan that does not fit its page: at a scale that was asked for, or at the smallest there is. */
    static List<Snag> of(Plan plan, StoreyGeometry geometry) {
        if (SheetComposer.fits(plan, geometry)) {
            return List.of();
        }
        var scale = (int) Math.rint(SheetComposer.frame(plan, geometry).scale());
        var todo = plan.sheet().scale().isPresent()
                ? "Let the sheet choose the scale, or take larger paper."
                : "Take larger paper, or look for something that lies far off.";
        var middle = geometry.shellBounds().map(b -> b.centre()).orElse(Point.ORIGIN);
        return List.of(new Snag(
                Snag.Kind.OFF_SHEET,
                middle,
                List.of(),
                "At " + Scales.words(scale, plan.units()) + " the plan leaves its sheet of "
                        + plan.sheet().paper() + ". " + todo));
    }
}
