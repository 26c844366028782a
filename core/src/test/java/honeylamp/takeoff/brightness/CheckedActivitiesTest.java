package honeylamp.takeoff.brightness;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.Lamplit;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.Deletion;
import honeylamp.edit.FittingEdits;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is found at activities after an edit, begun with what was found before it, is what is found anew. */
class CheckedActivitiesTest {
    private static final Plan FLAT = Lamplit.sailclothYard();
    private static final StoreyId AT = FLAT.storeys().getFirst().id();

    private final GeometryCache cache = new GeometryCache();

    private LaidStorey laid(Plan plan) {
        return LaidPlan.of(plan).derivedBy(cache).on(AT);
    }

    private static Fitting changed(Random random, Fitting f) {
        return switch (random.nextInt(4)) {
            case 0 -> f.withGroups(List.of(1 + random.nextInt(4)));
            case 1 -> f.withWorks(f.works() == Works.REMOVED ? Works.NEW : Works.REMOVED);
            case 2 ->
                switch (f.on()) {
                    case Fitting.WallSide on ->
                        f.withOn(new Fitting.WallSide(
                                on.wall(), on.side(), on.along().plus(Length.ofMm(random.nextInt(600))), on.height()));
                    case Fitting.Ceiling on ->
                        f.withOn(new Fitting.Ceiling(
                                on.at()
                                        .moved(
                                                Length.ofMm(random.nextInt(1600) - 800),
                                                Length.ofMm(random.nextInt(1600) - 800)),
                                on.height()));
                    case Fitting.Floor _,
                            Fitting.Piece _,
                            Fitting.InRoom _,
                            Fitting.AlongWall _,
                            Fitting.AlongPiece _,
                            Fitting.Ring _ -> f;
                };
            default ->
                f.emission().isEmpty()
                        ? f
                        : f.withEmission(f.emission()
                                .map(e -> new Emission(
                                        1 + e.lumen() / (1 + random.nextInt(9)),
                                        e.watt(),
                                        e.beamDeg(),
                                        e.kelvin(),
                                        e.dimming(),
                                        e.curve())));
        };
    }

    private static Plan edited(Random random, Plan plan) {
        var fittings = plan.storey(AT).fittings();
        var one = fittings.isEmpty()
                ? Optional.<Fitting>empty()
                : Optional.of(fittings.get(random.nextInt(fittings.size())));
        return switch (random.nextInt(12)) {
            case 0, 1, 2 -> one.map(f -> Deletion.of(plan, AT, Set.of(f.id()))).orElse(plan);
            case 3 ->
                FittingEdits.addAll(
                        plan, AT, FLAT.storey(AT).fittings().stream().limit(20).toList());
            case 4 ->
                plan.withLighting(
                        plan.lighting().with(new LightingRules.Target(Doing.READING, 100 + random.nextInt(900))));
            case 5 -> {
                var pieces = plan.storey(AT).furnishings();
                var piece = pieces.get(random.nextInt(pieces.size()));
                yield plan.withStorey(
                        AT,
                        s -> s.change(
                                Furnishing.class,
                                piece.id(),
                                p -> p.withAt(p.at().moved(Length.ofMm(100), Length.ofMm(-100)))));
            }
            default ->
                one.map(f -> FittingEdits.change(plan, AT, f.id(), x -> changed(random, x)))
                        .orElse(plan);
        };
    }

    @Test
    void goingOnIsTheSameAsBeginningAnew() {
        var random = new Random(19);
        var plan = FLAT;
        var known = CheckedActivities.of(laid(plan), Optional.empty());
        var kinds = new ArrayList<Object>();
        for (var i = 0; i < 160; i++) {
            plan = i % 40 == 39 ? FLAT : edited(random, plan);
            var storey = laid(plan);
            known = CheckedActivities.of(storey, Optional.of(known));
            assertThat(known.snags()).as("edit " + i).isEqualTo(ActivityCheck.of(laid(plan)));
            known.snags().forEach(s -> kinds.add(s.kind()));
        }
        assertThat(Set.copyOf(kinds)).hasSizeGreaterThan(1);
    }
}
