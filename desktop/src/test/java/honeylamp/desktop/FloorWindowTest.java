package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.listing.FloorSteps;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What floors are built up of, and how high they come, by the cards. */
class FloorWindowTest {
    private static RoomMark room(WindowDriver w, String name) throws Exception {
        return w.plan().storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static void pick(WindowDriver w, ElementId id) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.settle();
    }

    private static List<Double> steps(WindowDriver w) throws Exception {
        return FloorSteps.on(WindowDriver.onScreen(() -> w.model().shown().storey())).stream()
                .map(FloorSteps.Step::byMm)
                .toList();
    }

    @Test
    void layersOfTwoFloorsAreTypedAndTheDoorBetweenThemHasAStep() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            pick(w, room(w, "Bathroom").id());
            var before = w.plan();
            w.press("floor-layer-add");
            w.fill("floor-layer-0", "9 cm");
            assertThat(room(w, "Bathroom").fit().floorLayers())
                    .containsExactly(new BuildUpLayer("Screed", Length.ofMm(90)));
            w.press("floor-layer-add");
            w.fill("floor-layer-name-1", "Cork");
            assertThat(room(w, "Bathroom").fit().floorLayers())
                    .containsExactly(
                            new BuildUpLayer("Screed", Length.ofMm(90)), new BuildUpLayer("Cork", Length.ofMm(12.5)));
            w.press("floor-layer-boards-1");
            w.fill("floor-layer-board-width-1", "60 cm");
            w.fill("floor-layer-board-length-1", "1 mm");
            assertThat(w.message()).contains("no board has such a side").contains("50 mm to 12000 mm");
            assertThat(room(w, "Bathroom").fit().floorLayers().getLast().board())
                    .contains(new BuildUpLayer.Board(Length.ofMm(600), Length.ofMm(2500)));
            w.press("floor-layer-gone-1");
            w.fill("floor-layer-0", "thick");
            assertThat(w.message()).contains("A number is missing");
            w.fill("floor-thickness", "10");
            pick(w, room(w, "Entrance").id());
            w.fill("raw-floor", "8 cm");
            assertThat(steps(w)).contains(20.0);
            for (var i = 0; i < 9; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void aRegionIsRaisedAndItsEdgesAreTiled() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            w.press("finish-square-tile");
            w.press("tool-own-region");
            var bath = room(w, "Living room").at();
            w.show(bath.x().mm(), bath.y().mm(), 3000);
            w.click(bath.x().mm() - 300, bath.y().mm() - 300);
            w.move(bath.x().mm() + 300, bath.y().mm() + 300);
            w.write("900 mm");
            w.key(KeyCode.TAB);
            w.write("800 mm");
            w.key(KeyCode.ENTER);
            var region = w.plan().storeys().getFirst().regions().getLast();
            assertThat(region.on()).isEqualTo(new Region.Floors());
            w.press("tool-pick-and-move");
            pick(w, region.id());
            w.fill("region-raised", "12 cm");
            assertThat(w.plan().storeys().getFirst().regions().getLast().raised())
                    .isEqualTo(Length.ofMm(120));
            assertThat(steps(w)).containsExactly(120.0, 120.0, 120.0, 120.0);
            MenuButton edges = w.node("finish-region-edge");
            WindowDriver.onScreen(() -> {
                edges.getItems().get(1).fire();
                return null;
            });
            w.settle();
            assertThat(w.plan().storeys().getFirst().coverings())
                    .anyMatch(c -> c.surface().equals(new Surface.Edge(region.id(), 1)));
            w.press("card-delete");
            assertThat(w.plan().storeys().getFirst().coverings())
                    .noneMatch(c -> c.surface().equals(new Surface.Edge(region.id(), 1)));
        }
    }

    @Test
    void aFloorGetsABorderAThresholdIsLaidByAClickAndThePlinthIsTyped() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            var before = w.plan();
            var living = room(w, "Living room");
            pick(w, living.id());
            w.press("floor-course-more");
            w.fill("floor-course-1-width", "12 cm");
            assertThat(room(w, "Living room").floor().courses())
                    .singleElement()
                    .satisfies(c -> assertThat(c.height()).isEqualTo(Length.ofMm(120)));
            w.fill("plinth-height", "10 cm");
            assertThat(room(w, "Living room").fit().plinth()).isEqualTo(Length.ofMm(100));
            w.press("finish-slate");
            var door = WindowDriver.onScreen(() -> w.model().geometry()).cuts().stream()
                    .filter(c -> c.opening().kind().label().contains("Door"))
                    .filter(c -> c.opening().sill().equals(Length.ZERO))
                    .findFirst()
                    .orElseThrow();
            var at = door.middle().middle();
            w.show(at.x(), at.y(), 2500);
            w.click(at.x(), at.y());
            assertThat(w.plan().storeys().getFirst().coverings())
                    .anyMatch(c -> c.surface()
                                    .equals(new Surface.Threshold(door.opening().id()))
                            && c.finish().material().equals("slate"));
            for (var i = 0; i < 4; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }
}
