package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.store.PlanDocument;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Several things of any kind at once: in line, at equal gaps, nudged, before and behind, alike. */
class ArrangingWindowTest {
    private static Set<ElementId> pick(WindowDriver w, String... kinds) throws Exception {
        var ids = w.plan().storeys().getFirst().furnishings().stream()
                .filter(f -> List.of(kinds).contains(f.kind()))
                .map(Furnishing::id)
                .collect(Collectors.<ElementId>toSet());
        WindowDriver.onScreen(() -> {
            w.model().use(Tool.PICK_PIECES);
            w.model().pick(ids);
            return null;
        });
        w.settle();
        return ids;
    }

    private static List<Furnishing> of(Plan plan, Set<ElementId> ids) {
        return plan.storeys().getFirst().furnishings().stream()
                .filter(f -> ids.contains(f.id()))
                .toList();
    }

    @Test
    void piecesComeIntoLineByTheCardAndUndoBringsThemBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var before = w.plan();
            var ids = pick(w, "bedside-table", "low-table");
            w.press("line-centre");
            var xs = of(w.plan(), ids).stream().map(f -> f.at().x().mm()).toList();
            assertThat(xs).hasSizeGreaterThan(1).allSatisfy(x -> assertThat(x).isCloseTo(xs.getFirst(), within(1.0)));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
            pick(w, "bedside-table", "low-table");
            w.press("mirror-plumb"); // of any kinds, not of walls only
            assertThat(w.plan()).isNotEqualTo(before);
        }
    }

    @Test
    void controlAndArrowsNudgeByTenMillimetresOrOne() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var ids = pick(w, "sofa");
            var before = of(w.plan(), ids).getFirst().at();
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.RIGHT);
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.UP);
            var after = of(w.plan(), ids).getFirst().at();
            assertThat(after.x().mm() - before.x().mm()).isEqualTo(10);
            assertThat(after.y().mm() - before.y().mm()).isEqualTo(1);
        }
    }

    @Test
    void whatIsKeptTogetherIsPickedAndDraggedAsOneUntilItIsLetGo() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var ids = pick(w, "sofa", "low-table");
            w.press("keep-together");
            assertThat(w.plan().groups()).hasSize(1);
            var sofa = of(w.plan(), ids).stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            var at = sofa.at().point();
            var before = of(w.plan(), ids);
            w.show(at.x(), at.y(), 9000);
            w.focusPlan();
            w.key(KeyCode.ESCAPE);
            w.drag(at.x(), at.y(), at.x() + 300, at.y());
            var after = of(w.plan(), ids);
            for (var i = 0; i < before.size(); i++) {
                assertThat(after.get(i).at().x().mm() - before.get(i).at().x().mm())
                        .isCloseTo(300, within(30.0));
            }
            var picked =
                    WindowDriver.<Set<ElementId>>onScreen(() -> w.model().now().selection());
            assertThat(picked).isEqualTo(ids);
            w.click(at.x() + 300, at.y()); // one of what is picked: alone
            assertThat(WindowDriver.<Set<ElementId>>onScreen(
                            () -> w.model().now().selection()))
                    .containsExactly(sofa.id());
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.B);
            assertThat(w.plan().groups()).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().groups()).hasSize(1);
        }
    }

    @Test
    void allOfAKindArePickedByOneKey() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var chair = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("armchair"))
                    .findFirst()
                    .orElseThrow();
            pick(w, "sofa");
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(chair.id()));
                return null;
            });
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.A);
            var picked =
                    WindowDriver.<Set<ElementId>>onScreen(() -> w.model().now().selection());
            assertThat(picked).hasSizeGreaterThan(1);
            assertThat(of(w.plan(), picked))
                    .hasSize(picked.size())
                    .allMatch(f -> f.kind().equals("armchair"));
        }
    }

    @Test
    void aWallIsMadeLikeTheOneClickedNextSeenBeforeTheClick() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            WindowDriver.onScreen(() -> {
                w.model().use(Tool.PICK_WALLS);
                return null;
            });
            w.show(3000, 2000, 9000);
            w.click(2500, 1500); // the partition
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
            w.move(1000, 1000); // over a floor: nothing of its kind
            w.click(1000, 1000);
            assertThat(w.message()).contains("Nothing of that kind");
            w.move(6000, 2000);
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.model().sketch().isEmpty()))
                    .isFalse();
            w.click(6000, 2000); // an outer wall
            var walls = w.plan().storeys().getFirst().walls();
            assertThat(walls.getLast().type()).isEqualTo(walls.getFirst().type());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(TestWalls.house());
        }
    }

    @Test
    void whatLiesOverOthersIsChosenFromTheMenu() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var ids = pick(w, "sofa");
            w.window().actions().commands();
            w.clickSecond(3900, 3600);
            w.robot.clickOn("Lay before others");
            w.settle();
            assertThat(w.plan().storeys().getFirst().furnishings().getLast().id())
                    .isEqualTo(ids.iterator().next());
        }
    }
}
