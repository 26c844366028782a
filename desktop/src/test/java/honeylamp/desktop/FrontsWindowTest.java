package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.listing.OuterFaces;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import honeylamp.units.Length;
import java.util.Set;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Walls from the front by the cards: a room unrolled, an outer face, how deep is seen. */
class FrontsWindowTest {
    private static void pick(WindowDriver w, ElementId id) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.settle();
    }

    private static View last(WindowDriver w) throws Exception {
        return w.plan().presentation().views().getLast();
    }

    @Test
    void aRoomIsUnrolledAndItsDepthIsTyped() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            var before = w.plan();
            pick(
                    w,
                    w.plan().storeys().getFirst().rooms().stream()
                            .filter(r -> r.name().equals("Bathroom"))
                            .findFirst()
                            .orElseThrow()
                            .id());
            w.press("elevations-unrolled");
            assertThat(last(w).subject()).isInstanceOf(View.Subject.Unrolled.class);
            assertThat(last(w).name()).isEqualTo("Bathroom, unrolled");
            w.press("stage-sheet");
            w.fill("front-depth", "40 cm");
            assertThat(((View.Subject.Front) last(w).subject()).depth()).isEqualTo(Length.ofMm(400));
            w.fill("front-depth", "-3");
            assertThat(w.message()).isNotBlank();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void anOuterFaceIsCoveredAndDrawnFromOutside() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            var storey = WindowDriver.onScreen(() -> w.model().shown().storey());
            var wall = w.plan().storeys().getFirst().walls().stream()
                    .filter(x -> OuterFaces.looksOut(storey, x.id(), Swing.RIGHT))
                    .findFirst()
                    .orElseThrow();
            pick(w, wall.id());
            MenuButton finish = w.node("finish-outer-right");
            WindowDriver.onScreen(() -> {
                finish.getItems().get(3).fire();
                return null;
            });
            w.settle();
            assertThat(w.plan().storeys().getFirst().coverings())
                    .anyMatch(c -> c.surface().equals(new Surface.OuterSide(wall.id(), Swing.RIGHT)));
            w.press("outer-right-front");
            w.picture();
            assertThat(last(w).subject()).isInstanceOf(View.Subject.OuterFace.class);
            assertThat(last(w).name()).startsWith("Outer face to the ");
        }
    }
}
