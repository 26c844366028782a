package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.History;
import honeylamp.edit.SchemeEdits;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Schemes;
import honeylamp.plan.View.Arranged;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

class SchemesFileTest {
    private static final SchemeId A = new SchemeId(1);

    /** Scheme A has one piece less and one moved; it is laid open, and a view is marked against the plan as drawn. */
    private static Plan withScheme() {
        var drawn = SailclothYard.plan();
        var storey = TestPlans.storey(drawn);
        var inA = SchemeEdits.add(drawn, "Two desks", Optional.of(storey)).orThrow();
        var gone = drawn.storeys().getFirst().furnishings().get(3).id();
        var changed = inA.withStorey(storey, s -> s.with(s.elements().only(e -> !e.id().equals(gone))));
        var view = drawn.presentation().views().getFirst().id();
        return SchemeEdits.show(changed, view, new Arranged(Optional.of(A), Optional.of(Schemes.AS_DRAWN)));
    }

    private static PlanJson.Read read(String json) {
        return PlanJson.read(json.getBytes(StandardCharsets.UTF_8), "it");
    }

    private static String json(Plan plan) {
        return new String(PlanJson.bytes(PlanJson.write(plan)), StandardCharsets.UTF_8);
    }

    @Test
    void schemesComeBackFromAFileLaidOpenOrNot() {
        var laid = LaidPlan.of(withScheme().opening(Schemes.AS_DRAWN));
        var storey = laid.all().getFirst();
        var room = storey.geometry().rooms().getFirst().mark().orElseThrow().id();
        var ofRoom = SchemeEdits.addOfRoom(laid, "", storey.id(), room).orThrow();
        for (var plan : new Plan[] {withScheme(), withScheme().opening(Schemes.AS_DRAWN), ofRoom}) {
            assertThat(read(json(plan)))
                    .isInstanceOfSatisfying(
                            PlanJson.Read.Good.class,
                            good -> assertThat(good.plan()).isEqualTo(plan));
        }
    }

    @Test
    void aFileHoldsOnlyWhatDiffers() {
        var drawn = SailclothYard.plan();
        var more = json(withScheme()).length() - json(drawn).length();
        assertThat(more).isPositive().isLessThan(json(drawn).length() / 20);
    }

    @Test
    void filesFromBeforeThereWereSchemesHaveNone() {
        var tree = PlanJson.write(SailclothYard.plan());
        ((ObjectNode) tree.path("plan")).remove("schemes");
        tree.path("plan").path("presentation").path("views").forEach(v -> ((ObjectNode) v).remove("arranged"));
        assertThat(PlanJson.read(PlanJson.bytes(tree), "it"))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Good.class,
                        good -> assertThat(good.plan()).isEqualTo(SailclothYard.plan()));
    }

    @Test
    void schemesThatDoNotHangTogetherAreRefusedInASentence() {
        var json = json(withScheme());
        assertThat(wrong(json.replace("\"open\" : \"h1\"", "\"open\" : \"h7\"")))
                .contains("the scheme h7 is laid open, but not there");
        assertThat(wrong(json.replace("\"name\" : \"Two desks\"", "\"name\" : \" \"")))
                .contains("a scheme needs a name");
        assertThat(wrong(json.replace("\"as\" : \"h1\"", "\"as\" : \"h9\"")))
                .contains("asks for h9, which is not there");
    }

    private static String wrong(String json) {
        return read(json) instanceof PlanJson.Read.Bad(var problem) ? problem.sentence() : "good";
    }

    /** A kill while schemes are changed loses at most the last action. */
    @Test
    void aJournalTellsChangesOfSchemesAsItTellsOthers() {
        var before = SailclothYard.plan();
        var after = withScheme();
        var change = PlanChange.between(before, after);
        assertThat(PlanChange.applied(PlanJson.write(before).path("plan"), change))
                .isEqualTo(PlanJson.write(after).path("plan"));
        assertThat(History.of(before).then(after, "New scheme").undo().now()).isEqualTo(before);
    }
}
