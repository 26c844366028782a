package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Deletion;
import honeylamp.edit.PickedEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class PlanChangeTest {
    private static Plan read(tools.jackson.databind.JsonNode plan) {
        var root = PlanJson.write(SailclothYard.plan());
        root.set("plan", plan);
        return ((PlanJson.Read.Good) PlanJson.read(PlanJson.compact(root), "test")).plan();
    }

    private static Plan replayed(Plan from, Plan to) {
        var change = PlanJson.tree(PlanJson.compact(PlanChange.between(from, to)));
        return read(PlanChange.applied(PlanJson.tree(from), change));
    }

    /** Pieces moved and deleted, lists turned round, storeys named, copied and dropped, in any mixture. */
    private static Plan other(Plan plan, Random random) {
        var out = plan;
        for (var step = random.nextInt(5); step >= 0; step--) {
            var storey = out.storeys().get(random.nextInt(out.storeys().size()));
            var some = new HashSet<ElementId>();
            storey.walls().stream().filter(_ -> random.nextInt(4) == 0).forEach(w -> some.add(w.id()));
            storey.furnishings().stream().filter(_ -> random.nextInt(4) == 0).forEach(f -> some.add(f.id()));
            out = switch (random.nextInt(6)) {
                case 0 ->
                    PickedEdits.move(out, storey.id(), some, Length.ofMm(random.nextInt(99)), Length.ofMm(5))
                            .orThrow();
                case 1 -> Deletion.of(out, storey.id(), some);
                case 2 ->
                    out.withStorey(
                            storey.id(),
                            s -> s.with(Furnishing.class, s.furnishings().reversed()));
                case 3 -> out.withStorey(storey.id(), s -> s.withName("floor " + random.nextInt(9)));
                case 4 -> out.withStoreys(new ArrayList<>(out.storeys()).reversed());
                default -> out.withName("n" + random.nextInt(9)).numbersTaken(random.nextInt(4));
            };
        }
        return out;
    }

    @Property(tries = 60, seed = "20261126")
    void aChangeMadeToTheOldPlanGivesTheNew(@ForAll long seed) {
        var random = new Random(seed);
        var from = random.nextBoolean() ? SailclothYard.plan() : QuillbackLane.plan();
        var to = other(from, random);
        assertThat(replayed(from, to)).isEqualTo(to);
        assertThat(replayed(to, from)).isEqualTo(from);
    }

    @Test
    void anotherPlanAltogetherIsAChangeToo() {
        var from = NewPlan.in(UnitSystem.FEET_INCHES);
        assertThat(replayed(from, QuillbackLane.plan())).isEqualTo(QuillbackLane.plan());
    }

    @Test
    void aChangeWithinOneStoreySaysNothingOfTheOthers() {
        var from = QuillbackLane.plan();
        Storey upper = from.storeys().getLast();
        var to = from.withStorey(upper.id(), s -> s.withName("Attic"));
        assertThat(PlanChange.between(from, to))
                .hasToString("{\"storeys\":{\"runs\":[[0,1],{\"of\":1,\"change\":{\"name\":{\"value\":\"Attic\"}}}]}}");
        assertThat(PlanChange.between(from, from)).isEmpty();
    }
}
