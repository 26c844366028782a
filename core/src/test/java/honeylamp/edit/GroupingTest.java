package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.plan.ElementId;
import honeylamp.plan.Group;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A table, two chairs and a note in one room. */
class GroupingTest {
    private final Plan plan = furnished();
    private final Storey storey = plan.storeys().getFirst();
    private final List<ElementId> pieces =
            storey.furnishings().stream().<ElementId>map(f -> f.id()).toList();
    private final ElementId note = storey.notes().getFirst().id();

    private static Plan furnished() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var at = TestPlans.storey(plan);
        for (var x : List.of(2000, 3000, 4000)) {
            var size = Length.ofMm(800);
            plan = FurnishingEdits.add(plan, at, "armchair", size, size, size, Position.ofMm(x, 2000), 0)
                    .plan();
        }
        return NoteEdits.add(plan, at, Position.ofMm(3000, 3000), "Tea").plan();
    }

    private Set<ElementId> whole(Plan of, ElementId... picked) {
        return Grouping.whole(of, of.storeys().getFirst(), Set.of(picked));
    }

    private Plan together(Plan of, ElementId... picked) {
        return Grouping.together(of, of.storeys().getFirst(), Set.of(picked)).orThrow();
    }

    @Test
    void whoPicksOnePicksAllOfAnyKind() {
        var kept = together(plan, pieces.get(0), pieces.get(1), note);
        assertThat(whole(kept, pieces.get(0))).containsExactlyInAnyOrder(pieces.get(0), pieces.get(1), note);
        assertThat(whole(kept, pieces.get(2))).containsExactly(pieces.get(2));
        var more = together(kept, pieces.get(2), note); // what was together stays so
        assertThat(more.groups()).hasSize(1);
        assertThat(whole(more, pieces.get(2))).hasSize(4);
        assertThat(Grouping.apart(more, Set.of(note)).groups()).isEmpty();
        assertThat(Grouping.together(plan, storey, Set.of(note)).refusal()).isPresent();
    }

    @Test
    void whatIsDeletedLeavesItsGroupAndOneAloneIsNone() {
        var completing = new Completing(new GeometryCache());
        var kept = together(plan, pieces.get(0), pieces.get(1), note);
        var two = completing.of(kept, Deletion.of(kept, storey.id(), Set.of(note)));
        assertThat(two.groups())
                .containsExactly(
                        new Group(List.of(pieces.get(0).number(), pieces.get(1).number())));
        var one = completing.of(two, Deletion.of(two, storey.id(), Set.of(pieces.get(0))));
        assertThat(one.groups()).isEmpty();
    }

    @Test
    void copiesOfAGroupAreAGroupOfTheirOwn() {
        var kept = together(plan, pieces.get(0), note);
        var pasted = Clipping.of(kept, storey.id(), Set.of(pieces.get(0), note, pieces.get(2)))
                .into(kept, storey.id(), Length.ofMm(500), Length.ZERO);
        assertThat(pasted.plan().groups()).hasSize(2);
        assertThat(pasted.ids()).hasSize(3);
        var fresh = new HashSet<>(pasted.ids());
        fresh.removeIf(id -> pasted.plan().groups().getLast().numbers().stream().noneMatch(n -> n == id.number()));
        assertThat(whole(pasted.plan(), fresh.iterator().next()))
                .isEqualTo(fresh)
                .hasSize(2);
        var part = Clipping.of(kept, storey.id(), Set.of(note)).into(kept, storey.id(), Length.ZERO, Length.ZERO);
        assertThat(part.plan().groups()).hasSize(1);
    }

    @Test
    void groupsAreKeptInTheFile(@TempDir Path folder) throws Exception {
        var kept = together(plan, pieces.get(0), note);
        var file = folder.resolve("together.honeylamp");
        PlanFile.save(PlanDocument.of(kept), new byte[0], file);
        assertThat(PlanFile.open(file))
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Good.class,
                        o -> assertThat(o.document().plan().groups()).isEqualTo(kept.groups()));
    }
}
