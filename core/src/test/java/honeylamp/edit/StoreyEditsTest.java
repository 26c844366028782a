package honeylamp.edit;

import static honeylamp.TestPlans.opening;
import static honeylamp.TestPlans.storey;
import static honeylamp.TestPlans.wallId;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Storeys: copying, ordering, levels. */
class StoreyEditsTest {
    private static Plan room() {
        return opening(TestPlans.clearRectangle(5000, 4000), 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    @Test
    void aCopiedStoreyStandsOnTopWithWallsAndOpeningsOfItsOwn() {
        var plan = room();
        var added = StoreyEdits.copyOnTop(plan, storey(plan), "Upper storey");
        var below = added.plan().storeys().getFirst();
        var above = added.plan().storey(added.id());
        assertThat(above.level()).isEqualTo(below.level().plus(below.height()));
        assertThat(above.walls()).hasSize(4);
        assertThat(above.openings()).hasSize(1);
        var ids = new HashSet<ElementId>();
        added.plan().storeys().forEach(s -> {
            s.walls().stream().map(Wall::id).forEach(ids::add);
            s.openings().stream().map(Opening::id).forEach(ids::add);
        });
        assertThat(ids).hasSize(10);
        // the same rooms, derived apart
        assertThat(StoreyGeometry.of(added.plan(), above).netAreaMm2())
                .isEqualTo(StoreyGeometry.of(added.plan(), below).netAreaMm2());
    }

    @Test
    void aCopyOnTopHasTheNamesFloorsBoundariesAndNotesToo() {
        var demo = SailclothYard.plan();
        var noted = NoteEdits.add(demo, storey(demo), Position.ofMm(1000, 1000), "A word")
                .plan();
        var added = StoreyEdits.copyOnTop(noted, storey(noted), "Upper storey");
        var below = added.plan().storeys().getFirst();
        var above = added.plan().storey(added.id());
        assertThat(above.rooms())
                .map(r -> r.name())
                .isEqualTo(below.rooms().stream().map(r -> r.name()).toList());
        assertThat(above.rooms())
                .map(r -> r.floor())
                .isEqualTo(below.rooms().stream().map(r -> r.floor()).toList());
        assertThat(above.notes())
                .map(n -> n.text())
                .isEqualTo(below.notes().stream().map(n -> n.text()).toList());
        assertThat(above.boundaries()).hasSameSizeAs(below.boundaries());
        var ids = new HashSet<ElementId>();
        added.plan()
                .storeys()
                .forEach(s -> s.rooms().forEach(r -> assertThat(ids.add(r.id())).isTrue()));
    }

    @Test
    void pickedWallsAreCopiedToSeveralStoreysInPlace() {
        var plan = room();
        var one = StoreyEdits.addOnTop(plan, "First");
        var two = StoreyEdits.addOnTop(one.plan(), "Second");
        var copied = StoreyEdits.copied(
                two.plan(), storey(plan), Set.of(wallId(plan, 0), wallId(plan, 1)), List.of(one.id(), two.id()));
        for (var id : List.of(one.id(), two.id())) {
            var walls = copied.storey(id).walls();
            assertThat(walls).hasSize(2);
            assertThat(walls.getFirst().from())
                    .isEqualTo(plan.storeys().getFirst().walls().getFirst().from());
            assertThat(copied.storey(id).openings()).hasSize(1);
        }
        assertThat(copied.storeys().getFirst()).isEqualTo(plan.storeys().getFirst());
    }

    /** Ground 2,600 high at 0; above it, after 300 of floor, 2,400 high at 2,900. */
    @Test
    void storeysThatExchangePlacesKeepTheFloorBetweenThem() {
        var plan = room();
        var ground = storey(plan);
        plan = StoreyEdits.levels(plan, ground, l -> l.withHeight(mm(2600)));
        var added = StoreyEdits.addOnTop(plan, "Attic");
        plan = StoreyEdits.levels(
                added.plan(), added.id(), l -> l.withHeight(mm(2400)).withLevel(mm(2900)));
        var raised = StoreyEdits.raise(plan, ground).orThrow();
        assertThat(raised.storeys()).extracting(Storey::name).containsExactly("Attic", "Ground storey");
        assertThat(raised.storeys()).extracting(Storey::level).containsExactly(mm(0), mm(2700));
        assertThat(StoreyEdits.lower(raised, ground).orThrow()).isEqualTo(plan);
        assertThat(StoreyEdits.raise(raised, ground).refusal().orElseThrow()).contains("above");
        assertThat(StoreyEdits.lower(raised, added.id()).refusal().orElseThrow())
                .contains("below");
    }

    @Test
    void theLastStoreyCannotGo() {
        var plan = room();
        assertThat(StoreyEdits.remove(plan, storey(plan)).refusal().orElseThrow())
                .contains("needs a storey");
        var added = StoreyEdits.addOnTop(plan, "Attic");
        assertThat(StoreyEdits.remove(added.plan(), added.id()).orThrow().storeys())
                .hasSize(1);
        assertThat(StoreyEdits.name(plan, storey(plan), " Shop ")
                        .storeys()
                        .getFirst()
                        .name())
                .isEqualTo("Shop");
    }

    /** At 1:50 the shell of 5,600 by 4,600 is 112 by 92 on paper; shifted by 1,000 it lies 20 farther right. */
    @Test
    void aGhostShowsTheWallsShifted() {
        var plan = room();
        var geometry = TestPlans.geometry(plan);
        var frame = PaperFrame.atOrigin(50);
        var still = filled(Sketches.ghost(frame, geometry, mm(0), mm(0), 0.5));
        var moved = filled(Sketches.ghost(frame, geometry, mm(1000), mm(0), 0.5));
        assertThat(moved.minX() - still.minX()).isBetween(19.99, 20.01);
        assertThat(still.width()).isBetween(112.0, 113.0);
    }

    private static Box filled(List<Mark> marks) {
        return ((Mark.Fill) marks.getFirst()).path().bounds();
    }
}
