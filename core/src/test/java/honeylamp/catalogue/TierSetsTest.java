package honeylamp.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Annotation;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs.Usual;
import honeylamp.plan.View;
import org.junit.jupiter.api.Test;

/** Dimensions chosen by the name of their set. */
class TierSetsTest {
    /** A sofa of 1.8 m², a stool of 0.16, a rug of 4 that lies flat, and a wardrobe, which is fitted. */
    private static final Plan ROOM = furnished();

    private static Plan furnished() {
        var plan = TestPlans.with(TestPlans.clearRectangle(5000, 4000), "sofa", 2000, 900, 800, 1500, 1250, 0);
        plan = TestPlans.with(plan, "armchair", 400, 400, 450, 4000, 1000, 0);
        plan = TestPlans.with(plan, "rug", 2000, 2000, 10, 1500, 2600, 0);
        return TestPlans.with(plan, "wardrobe", 1200, 600, 2000, 4000, 3500, 0);
    }

    private static TierSet set(String name) {
        return TierSets.all().stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static View chosen(Plan plan, String name) {
        return TestPlans.view(TierSets.chosen(plan, TestPlans.view(plan).view().id(), Reach.ALL, set(name)))
                .view();
    }

    @Test
    void aFurnitureLayoutMeasuresWhatIsLargeAndStandsLoose() {
        var view = chosen(ROOM, "Furniture layout");
        var sofa = ROOM.storeys().getFirst().furnishings().getFirst().id();
        assertThat(view.annotation().distances()).containsExactly(sofa);
        assertThat(set("Furniture layout").is(view.tiers(), view.annotation())).isTrue();
        assertThat(set("Overall only").is(view.tiers(), view.annotation())).isFalse();
    }

    @Test
    void whoChosePiecesKeepsThem() {
        var stool = ROOM.storeys().getFirst().furnishings().get(1).id();
        var own = ViewEdits.annotation(ROOM, TestPlans.view(ROOM).view().id(), Reach.ALL, a -> a.measuring(stool));
        assertThat(chosen(own, "Furniture layout").annotation().distances()).containsExactly(stool);
        assertThat(chosen(own, "None").annotation().distances()).isEmpty();
    }

    @Test
    void tilesAreMeasuredByTheirSetAndNoOther() {
        var view = chosen(ROOM, "Tiles");
        assertThat(view.annotation().tiles()).isEqualTo(Annotation.Tiles.MEASURED);
        assertThat(view.tiers().rows()).isEmpty();
        for (var other : TierSets.all()) {
            assertThat(other.is(view.tiers(), view.annotation()))
                    .isEqualTo(other.name().equals("Tiles"));
        }
        assertThat(chosen(ROOM, "Room sizes").annotation().tiles()).isEqualTo(Annotation.Tiles.NONE);
        assertThat(chosen(ROOM, "Room sizes").annotation().pairs().usual()).isEqualTo(Usual.ALL);
    }
}
