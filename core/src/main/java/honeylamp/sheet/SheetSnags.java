package honeylamp.sheet;

import honeylamp.catalogue.Scales;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Point;
import honeylamp.plan.View;
import honeylamp.takeoff.fit.FitCheck;
import honeylamp.takeoff.fit.SeatCheck;
import honeylamp.takeoff.key.InAir;
import honeylamp.takeoff.key.OffWall;
import honeylamp.takeoff.lighting.FittingCheck;
import honeylamp.takeoff.way.WaySnags;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** What is probably wrong with a storey's sheet, and with the storey on it. */
public final class SheetSnags {
    private SheetSnags() {}

    /** All that is probably wrong with a storey: what is built, what stands in it, and its sheet. */
    public static List<Snag> all(LaidStorey storey, Length gapReach) {
        return all(storey, gapReach, () -> true).orElseThrow();
    }

    /**
     * All that is probably wrong with a storey, unless nobody waits for it any more.
     *
     * @param wanted asked now and then
     * @return empty if it was not wanted to the end
     */
    public static Optional<List<Snag>> all(LaidStorey storey, Length gapReach, BooleanSupplier wanted) {
        return all(storey, gapReach, wanted, new KnownChecks());
    }

    /**
     * The same, sooner by what is known of the plan before.
     *
     * @param known what was found last, and then what is found now
     */
    public static Optional<List<Snag>> all(
            LaidStorey storey, Length gapReach, BooleanSupplier wanted, KnownChecks known) {
        var built = Snags.of(storey, gapReach, wanted);
        if (built.isEmpty()) {
            return Optional.empty();
        }
        List<Supplier<List<Snag>>> searches = List.of(
                () -> OffWall.of(storey),
                () -> InAir.of(storey),
                () -> tight(storey, built.get()),
                () -> SeatCheck.of(storey),
                () -> FittingCheck.of(storey),
                () -> known.activities(storey),
                () -> WaySnags.of(storey, wanted),
                () -> of(storey),
                () -> storey.plan().pages().stream()
                        .flatMap(page -> RoomWords.snags(page, storey.id()).stream())
                        .toList());
        var out = new ArrayList<>(built.get());
        for (var search : searches) {
            if (!wanted.getAsBoolean()) {
                return Optional.empty();
            }
            out.addAll(search.get());
        }
        return wanted.getAsBoolean() ? Optional.of(List.copyOf(out)) : Optional.empty();
    }

    /** What is too tight; nothing of pieces that stand in walls, which have to be moved anyway. */
    private static List<Snag> tight(LaidStorey storey, List<Snag> built) {
        var inWalls = built.stream()
                .filter(s -> s.kind() == Snag.Kind.PIECE_IN_WALL)
                .flatMap(s -> s.about().stream())
                .collect(Collectors.toSet());
        return FitCheck.of(storey).stream()
                .filter(s -> !inWalls.contains(s.about().getFirst()))
                .toList();
    }

    /** A plan that does not fit its page: at a scale that was asked for, or at the smallest there is. */
    static List<Snag> of(LaidStorey storey) {
        return storey.plan().pages().stream()
                .flatMap(page -> page.views().stream()
                        .filter(v -> v.storey().id().equals(storey.id()))
                        .flatMap(v -> of(page, v).stream()))
                .toList();
    }

    private static List<Snag> of(LaidPage page, LaidView view) {
        if (SheetComposer.fits(page, view.view().id())) {
            return List.of();
        }
        var scale = SheetComposer.frame(page, view.view().id()).scale();
        var plan = page.plan();
        var todo = !view.view().nudge().equals(View.Nudge.NONE)
                ? "Put it back in the middle, or nearer to it."
                : view.view().scale().isPresent()
                        ? "Let the sheet choose the scale, or take larger paper."
                        : "Take larger paper, or look for something that lies far off.";
        var middle = view.storey().geometry().shellBounds().map(b -> b.centre()).orElse(Point.ORIGIN);
        return List.of(new Snag(
                Snag.Kind.OFF_SHEET,
                middle,
                List.of(),
                "At " + Scales.said(scale, plan.units()) + " the plan leaves its "
                        + (page.views().size() > 1 ? "share of " + page.name() : "sheet")
                        + " of "
                        + page.page().sheet().paper().label() + ". " + todo));
    }
}
