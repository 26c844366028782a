package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What switches what, once lights and switches are pasted. */
class PastedGroupsTest {
    private static final Plan EMPTY = NewPlan.in(UnitSystem.MM);
    private static final ElementId.StoreyId AT = EMPTY.storeys().getFirst().id();

    private static Plan with(Plan plan, FittingKind kind, Integer... groups) {
        var x = 1000 * (1 + plan.storey(AT).fittings().size());
        return TestPlans.fitted(plan, kind, new Fitting.Ceiling(Position.ofMm(x, 1000), Optional.empty()), groups);
    }

    /** A cord for two lights and for a third, and one whose light is elsewhere. */
    private static Plan lit() {
        var plan = with(EMPTY, FittingKind.PULL_CORD, 1, 4);
        plan = with(plan, FittingKind.CEILING_LIGHT, 1);
        plan = with(plan, FittingKind.CEILING_LIGHT, 1);
        plan = with(plan, FittingKind.CEILING_LIGHT, 4);
        return with(plan, FittingKind.PULL_CORD, 7);
    }

    private static final Plan LIT = lit();

    private static Set<ElementId> first(int count) {
        return LIT.storey(AT).fittings().stream().limit(count).map(Fitting::id).collect(Collectors.toSet());
    }

    private static List<List<Integer>> pasted(Plan onto, Set<ElementId> picked) {
        var out = Clipping.of(LIT, AT, picked).into(onto, AT, Length.ofMm(9000), Length.ZERO);
        return out.plan().storey(AT).fittings().stream()
                .filter(f -> out.ids().contains(f.id()))
                .map(Fitting::groups)
                .toList();
    }

    @Test
    void lightsThatComeWithTheirSwitchAreSwitchedByItAlone() {
        // 7 is the highest in use; the light of group 4 stayed behind, and its switch's copy goes on switching it
        assertThat(pasted(LIT, first(3))).containsExactly(List.of(8, 4), List.of(8), List.of(8));
        assertThat(pasted(LIT, first(4))).containsExactly(List.of(8, 9), List.of(8), List.of(8), List.of(9));
    }

    @Test
    void aLightAloneStaysWithItsSwitch() {
        var second = LIT.storey(AT).fittings().get(1).id();
        assertThat(pasted(LIT, Set.of(second))).containsExactly(List.of(1));
    }

    @Test
    void whatWasCutComesBackAsItWas() {
        var cut = Deletion.of(LIT, AT, first(4));
        assertThat(pasted(cut, first(4))).containsExactly(List.of(1, 4), List.of(1), List.of(1), List.of(4));
    }

    @Test
    void eachOfManyCopiesHasAGroupOfItsOwnWhileThereAreNumbers() {
        var copied = Clipping.of(LIT, AT, first(3));
        var plan = LIT;
        for (var i = 1; i <= 1000; i++) {
            plan = copied.into(plan, AT, Length.ofMm(i), Length.ZERO).plan();
        }
        var groups = plan.storey(AT).fittings().stream()
                .filter(f -> f.kind().isSwitch())
                .map(f -> f.groups().getFirst())
                .collect(Collectors.toSet());
        // 1, 7 and those from 8 to 999
        assertThat(groups).hasSize(994).allMatch(g -> g <= Fitting.MOST_NUMBER);
    }
}
