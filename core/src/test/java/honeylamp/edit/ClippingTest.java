package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What is copied, and where it is pasted. */
class ClippingTest {
    private static final Plan EMPTY = NewPlan.in(UnitSystem.MM);
    private static final ElementId.StoreyId AT = EMPTY.storeys().getFirst().id();

    private static Added<ElementId.FurnishingId> piece(Plan plan, String key) {
        return FurnishingEdits.add(
                plan, AT, key, Length.ofMm(1000), Length.ofMm(600), Length.ofMm(400), Position.ofMm(2000, 1000), 0);
    }

    @Test
    void aTableCutFromItsRugComesBackToIt() {
        var rug = piece(EMPTY, "rug");
        var table = piece(rug.plan(), "low-table");
        var copied = Clipping.of(table.plan(), AT, Set.of(table.id()));
        assertThat(copied.standsIn(table.plan().storey(AT))).isTrue();
        var cut = Deletion.of(table.plan(), AT, Set.of(table.id()));
        assertThat(copied.standsIn(cut.storey(AT))).isFalse(); // the rug at the same place is no table
    }

    /** A lawn, a room edge, a setting-out line, a note and a dimension, all by their first corner at (1,000, 2,000). */
    private static Plan loose() {
        var from = Position.ofMm(1000, 2000);
        var to = Position.ofMm(4000, 2500);
        var corners = List.of(from, Position.ofMm(3000, 2000), Position.ofMm(3000, 5000));
        var plan = GroundEdits.add(EMPTY, AT, Ground.Use.LAWN, corners).plan();
        plan = RoomEdits.bound(plan, AT, from, to).orThrow().plan();
        plan = SettingOutEdits.add(plan, AT, new Segment(from.point(), to.point()))
                .orThrow()
                .plan();
        plan = NoteEdits.add(plan, AT, from, "old well").plan();
        return NoteEdits.measure(plan, AT, from, to, Length.ofMm(300)).orThrow().plan();
    }

    private static Set<ElementId> ids(Plan plan) {
        return plan.storey(AT).elements().all().map(Element::id).collect(Collectors.toSet());
    }

    @Test
    void whateverStandsByItselfIsCopiedMirroredAndDeleted() {
        var plan = loose();
        var all = ids(plan);
        assertThat(all).hasSize(5);
        var pasted = Clipping.of(plan, AT, all).into(plan, AT, Length.ofMm(7000), Length.ofMm(-500));
        assertThat(pasted.ids()).hasSize(5).doesNotContainAnyElementsOf(all);
        assertThat(ids(pasted.plan())).hasSize(10);
        assertThat(pasted.plan().nextNumber()).isEqualTo(plan.nextNumber() + 5);
        var copies = pasted.plan().storey(AT).elements().only(e -> pasted.ids().contains(e.id()));
        assertThat(copies.all())
                .allSatisfy(e -> assertThat(e.places().getFirst()).isEqualTo(Position.ofMm(8000, 1500)));

        var axis = PickedEdits.plumb(new Point(10_000, 0));
        var mirrored = PickedEdits.mirror(pasted.plan(), AT, pasted.ids(), axis).orThrow();
        assertThat(mirrored.storey(AT)
                        .elements()
                        .only(e -> pasted.ids().contains(e.id()))
                        .all())
                .allSatisfy(e -> assertThat(e.places().getFirst()).isEqualTo(Position.ofMm(12_000, 1500)));
        assertThat(mirrored.storey(AT).elements().only(e -> all.contains(e.id())))
                .isEqualTo(plan.storey(AT).elements());
        assertThat(PickedEdits.mirror(mirrored, AT, pasted.ids(), axis).orThrow())
                .isEqualTo(pasted.plan());
        assertThat(Deletion.of(mirrored, AT, pasted.ids()).storey(AT).elements())
                .isEqualTo(plan.storey(AT).elements());
    }
}
