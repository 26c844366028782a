package honeylamp.takeoff;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.Counters;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Finishing;
import honeylamp.edit.Outcome;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** What is typed over a row of the list of finishes, as its card would take it. */
public final class FinishTyping {
    private FinishTyping() {}

    /** Why a surface has its finish; refused of a course or a border, which have no reason of their own. */
    public static Outcome<Plan> why(LaidPlan plan, Row row, String text) {
        return changed(plan, row, finish -> Outcome.done(finish.withReason(text.strip())));
    }

    /** Another finish by its name, laid as is usual with it, for the same reason; refused if nothing is called so. */
    public static Outcome<Plan> finish(LaidPlan plan, Row row, String name) {
        return changed(
                plan,
                row,
                finish -> named(name)
                        .map(m -> Outcome.done(finish.with(copy ->
                                copy.material(m.key()).laying(Optional.empty()).tone(Optional.empty()))))
                        .orElseGet(() -> Outcome.refused(
                                "no finish is called \"" + name.strip() + "\"",
                                "Type its name as the catalogue has it, such as " + like(name) + ".")));
    }

    private static Optional<Material> named(String name) {
        return Materials.all().stream()
                .filter(m -> m.label().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** The first that begins alike, or the first of all. */
    private static String like(String name) {
        var wanted = name.strip().toLowerCase(Locale.ROOT);
        for (var letters = wanted.length(); letters > 0; letters--) {
            var start = wanted.substring(0, letters);
            var found = Materials.all().stream()
                    .filter(m -> m.label().toLowerCase(Locale.ROOT).startsWith(start))
                    .findFirst();
            if (found.isPresent()) {
                return found.get().label();
            }
        }
        return Materials.all().getFirst().label();
    }

    private static Outcome<Plan> changed(LaidPlan plan, Row row, Function<Finish, Outcome<Finish>> change) {
        var about = about(plan, row);
        if (about.isEmpty()) {
            return Outcome.refused("that surface is not there any more");
        }
        var surface = about.get().surface();
        var drawn = plan.drawn().storey(row.storey());
        var own = Surfaces.finish(drawn, surface);
        if (own.isEmpty()
                || !own.get()
                        .material()
                        .equals(about.get().finish().orElseThrow().material())) {
            return Outcome.refused(
                    "it is a course, a border or in a copy of a unit", "Change it on the card of what it belongs to.");
        }
        return switch (change.apply(own.get())) {
            case Outcome.Done<Finish>(var finish) ->
                Outcome.done(Finishing.lay(plan.drawn(), row.storey(), List.of(surface), finish));
            case Outcome.Refused<Finish>(var why, var instead) -> Outcome.refused(why, instead);
        };
    }

    /** The surface a row is about: its host may have several. Nothing is counted for that. */
    private static Optional<Surfaces.Found> about(LaidPlan plan, Row row) {
        var storey = plan.on(row.storey());
        return Counters.withSurfaces(storey).stream()
                .filter(f -> f.surface().host().equals(row.about())
                        && says(row, SurfaceNames.room(storey, f.surface()))
                        && says(row, SurfaceNames.part(storey, f.surface()))
                        && f.finish()
                                .flatMap(Materials::of)
                                .filter(m -> says(row, m.label()))
                                .isPresent())
                .findFirst();
    }

    private static boolean says(Row row, String words) {
        return row.cells().contains(new Cell.Words(words));
    }
}
