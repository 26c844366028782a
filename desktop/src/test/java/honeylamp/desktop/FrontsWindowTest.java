package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.listing.InFront;
import honeylamp.derive.listing.OuterFaces;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.pick.MoveInFront;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Workspace.Fit;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Opening;
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

    private static void pickBathroom(WindowDriver w) throws Exception {
        pick(
                w,
                w.plan().storeys().getFirst().rooms().stream()
                        .filter(r -> r.name().equals("Bathroom"))
                        .findFirst()
                        .orElseThrow()
                        .id());
    }

    @Test
    void aRoomIsUnrolledAndItsDepthIsTyped() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            var before = w.plan();
            pickBathroom(w);
            w.show(7600, 600, 3000); // near to another room
            w.press("elevations-unrolled");
            assertThat(w.model().now().sight().fit().filling())
                    .as("no part of a plan is one of walls from the front")
                    .isEqualTo(Fit.Filling.SHEET);
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

    /** From the front a window is picked by a press, typed on its card, and taken away; the wall above it too. */
    @Test
    void whatOneSeesFromTheFrontIsPickedThere() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            pickBathroom(w);
            w.press("elevations-unrolled");
            w.press("stage-openings");
            assertThat(w.model().now().showsUnderlay())
                    .as("the picture to trace lies below plans only")
                    .isFalse();
            var there = WindowDriver.onScreen(() -> InFront.of(w.model().shown().view()));
            var window = w.plan().storeys().getFirst().openings().stream()
                    .filter(o -> o.kind().isWindow())
                    .filter(o -> !there.of(Set.of(o.id())).isEmpty())
                    .findFirst()
                    .orElseThrow();
            var box = there.of(Set.of(window.id())).getFirst();
            assertThat(box.minY()).isEqualTo(window.sill().mm());
            assertThat(box.width()).isCloseTo(window.width().mm(), within(1e-6));
            w.click(box.centre().x(), box.maxY() - 40);
            assertThat(w.model().now().selection()).containsExactly(window.id());
            w.fill("opening-sill", "1300");
            assertThat(w.plan()
                            .storeys()
                            .getFirst()
                            .opening(window.id())
                            .orElseThrow()
                            .sill())
                    .isEqualTo(Length.ofMm(1300));
            w.click(box.centre().x(), 2450); // the wall above it
            assertThat(w.model().now().selection()).singleElement().isInstanceOf(ElementId.WallId.class);
            w.click(box.centre().x(), box.maxY() - 40);
            w.key(KeyCode.DELETE);
            assertThat(w.plan().storeys().getFirst().opening(window.id())).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getFirst().opening(window.id())).isPresent();
        }
    }

    /** A window is dragged along its wall and up, dropped by Esc, moved by typed lengths and by arrows, and undone. */
    @Test
    void whatOneSeesFromTheFrontIsMovedThere() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            pickBathroom(w);
            w.press("elevations-unrolled");
            w.press("stage-openings");
            var before = w.plan();
            var there = WindowDriver.onScreen(() -> InFront.of(w.model().shown().view()));
            var window = before.storeys().getFirst().openings().stream()
                    .filter(o ->
                            o.kind().isWindow() && !there.of(Set.of(o.id())).isEmpty())
                    .findFirst()
                    .orElseThrow();
            var box = there.of(Set.of(window.id())).getFirst();
            var x = box.centre().x();
            w.drag(x, box.maxY() - 40, x + 500, box.maxY() + 160);
            var moved = opening(w, window);
            assertThat(Math.abs(moved.offset().mm() - window.offset().mm())).isBetween(400.0, 600.0);
            assertThat(moved.sill().mm() - window.sill().mm()).isBetween(120.0, 280.0);
            assertThat(moved.head().minus(moved.sill())).isEqualTo(window.head().minus(window.sill()));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
            w.click(x, box.maxY() - 40);
            assertThat(w.plan()).as("a press is no drag").isEqualTo(before);
            held(w, new Point(x, box.maxY() - 40), new Point(x + 300, box.maxY() - 40));
            assertThat(w.model().now().gesture()).isInstanceOf(MoveInFront.class);
            assertThat(WindowDriver.onScreen(
                            () -> w.model().readout().fields().getFirst().name()))
                    .isEqualTo("From left");
            w.key(KeyCode.ESCAPE);
            assertThat(w.model().now().gesture()).isNotInstanceOf(MoveInFront.class);
            assertThat(w.plan()).isEqualTo(before);
            w.focusPlan();
            w.write("120");
            w.key(KeyCode.ENTER);
            assertThat(Math.abs(
                            opening(w, window).offset().mm() - window.offset().mm()))
                    .isCloseTo(120, within(1e-6));
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.UP);
            assertThat(opening(w, window).sill()).isEqualTo(window.sill().plus(Length.ofMm(10)));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    private static void held(WindowDriver w, Point from, Point to) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().act(new Intent.Point(Intent.Point.Act.PRESSED, Pointer.at(from)));
            w.model().act(new Intent.Point(Intent.Point.Act.DRAGGED, Pointer.at(to)));
            return null;
        });
        w.settle();
    }

    private static Opening opening(WindowDriver w, Opening of) throws Exception {
        return w.plan().storeys().getFirst().opening(of.id()).orElseThrow();
    }

    /** A switch is pressed where it is seen on its wall, dragged along it and up, typed, and taken away. */
    @Test
    void aSwitchIsDraggedOnItsWallFromTheFront() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-lighting");
            w.press("propose-lights");
            w.press("stage-rooms");
            pickBathroom(w);
            w.press("elevations-unrolled");
            w.press("stage-lighting");
            w.key(KeyCode.ESCAPE); // nothing is put in by the press
            w.press("tool-pick-and-move");
            var before = w.plan();
            var there = WindowDriver.onScreen(() -> InFront.of(w.model().shown().view()));
            var button = before.storeys().getFirst().fittings().stream()
                    .filter(f -> f.kind().isSwitch()
                            && f.on() instanceof Fitting.WallSide
                            && !there.of(Set.of(f.id())).isEmpty())
                    .findFirst()
                    .orElseThrow();
            var at = there.of(Set.of(button.id())).getFirst().centre();
            w.click(at.x(), at.y());
            assertThat(w.model().now().selection()).containsExactly(button.id());
            w.drag(at.x(), at.y(), at.x(), at.y() + 500);
            assertThat(height(w, button)).isBetween(1350.0, 1750.0);
            w.fill("fitting-height", "900");
            assertThat(height(w, button)).isEqualTo(900);
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.UP);
            assertThat(height(w, button)).isEqualTo(910);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
            w.press("lighting-show-switches");
            w.press("evening");
            w.picture();
            assertThat(last(w).light().evening()).isPresent();
        }
    }

    private static double height(WindowDriver w, Fitting of) throws Exception {
        return w.plan().storeys().getFirst().fittings().stream()
                .filter(f -> f.id().equals(of.id()))
                .findFirst()
                .flatMap(Fitting::height)
                .orElseThrow()
                .mm();
    }
}
