package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.look.TryMend;
import honeylamp.edit.WallEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Where typing goes, what is shown before Enter, and what is picked together: in the real window. */
class TypingWindowTest {
    private static String focused(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> {
            var owner = w.window().scene().getFocusOwner();
            return owner == null || owner.getId() == null ? "" : owner.getId();
        });
    }

    @Test
    void whoPointsAtThePlanTypesIntoTheMeasureLine() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.show(12_000, 3000, 14_000);
            w.click(7450, 4100);
            w.fill("wall-height", "2.5 m");
            w.press("tool-draw-walls");
            w.click(16_000, 2000);
            TextField field = w.node("wall-height");
            if (field != null) {
                WindowDriver.onScreen(() -> {
                    field.requestFocus();
                    return null;
                });
            }
            w.move(17_000, 2000);
            w.move(17_500, 2000);
            assertThat(focused(w)).isEqualTo("plan");
            w.write("3 m");
            assertThat(focused(w)).isEqualTo("measure-0");
            w.key(KeyCode.ENTER);
            assertThat(w.plan().storeys().getFirst().walls().getLast().chord().length())
                    .isEqualTo(3000);
        }
    }

    @Test
    void theEchoSaysOfEveryFieldWhatEnterTakes() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("tool-draw-walls");
            w.click(16_000, 2000);
            w.move(17_000, 2000);
            Label echo = w.node("echo");
            w.write("6 m/2");
            w.key(KeyCode.TAB);
            w.write("30");
            assertThat(echo.getText()).startsWith("= 3").endsWith("30.00\u00b0");
            w.key(KeyCode.ENTER);
            assertThat(echo.getText()).isEmpty();
            var drawn = w.plan().storeys().getFirst().walls().getLast().chord();
            assertThat(drawn.length()).isCloseTo(3000, within(1e-3));
            assertThat(drawn.b().minus(drawn.a()).angleDeg()).isCloseTo(30, within(1e-3));
            w.move(17_000, 6000);
            w.write("-4"); // a wall has no negative length: nothing is echoed, nothing is taken
            assertThat(echo.getText()).isEmpty();
            var before = w.plan();
            w.key(KeyCode.ENTER);
            assertThat(w.message()).isNotEmpty();
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void theEchoEndsBeforeTheSnagsInTheNarrowestWindow() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.resize(900, 600);
            w.press("stage-walls");
            w.press("tool-draw-walls");
            w.click(16_000, 2000);
            w.move(17_000, 2000);
            w.write("12345.5;-23456.5");
            w.settle();
            Label echo = w.node("echo");
            Node line = w.node("measure-line");
            assertThat(echo.getText()).isEqualTo("= 12345.5 mm; -23456.5 mm");
            assertThat(echo.localToScene(echo.getBoundsInLocal()).getMaxX())
                    .isLessThanOrEqualTo(
                            line.localToScene(line.getBoundsInLocal()).getMaxX());
        }
    }

    @Test
    void whatWasTypedInTheCardIsTakenWhenThePointerLeavesIt() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.click(7450, 4100);
            TextField field = w.node("wall-height");
            WindowDriver.onScreen(() -> {
                field.requestFocus();
                field.setText("2.1 m");
                return null;
            });
            w.settle();
            w.move(9000, 3000);
            w.move(9300, 3200);
            assertThat(w.plan().storeys().getFirst().walls())
                    .filteredOn(x -> x.height().mm() == 2100)
                    .hasSize(1);
            assertThat(focused(w)).isEqualTo("plan");
        }
    }

    @Test
    void anUntouchedFieldRoundsNothingAndEscapeBringsItsTextBack() throws Exception {
        var plan = NewPlan.in(UnitSystem.FEET_INCHES);
        var storey = plan.storeys().getFirst().id();
        // 1/64 in more than is shown
        plan = WallEdits.add(
                        plan,
                        storey,
                        Position.ofMm(0, 0),
                        Position.ofMm(4000 + 25.4 / 64, 0),
                        BodySide.LEFT,
                        plan.wallTypes().getFirst().id())
                .orThrow()
                .plan();
        try (var w = WindowDriver.with(PlanDocument.of(plan))) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            WindowDriver.onScreen(() -> {
                w.model()
                        .pick(Set.of(w.model()
                                .now()
                                .currentStorey()
                                .walls()
                                .getFirst()
                                .id()));
                return null;
            });
            w.settle();
            TextField field = w.node("wall-length");
            var shown = WindowDriver.<String>onScreen(field::getText);
            WindowDriver.onScreen(() -> {
                field.requestFocus();
                return null;
            });
            w.key(KeyCode.ENTER);
            assertThat(w.plan()).isEqualTo(plan);
            TextField again = w.node("wall-length");
            WindowDriver.onScreen(() -> {
                again.requestFocus();
                again.setText("nonsense");
                return null;
            });
            w.key(KeyCode.ESCAPE);
            TextField back = w.node("wall-length");
            assertThat(WindowDriver.<String>onScreen(back::getText)).isEqualTo(shown);
            assertThat(w.plan()).isEqualTo(plan);
            assertThat(focused(w)).isEqualTo("plan");
        }
    }

    @Test
    void typedNumbersShowBeforeEnter() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("stage-walls");
            w.click(1000, 1000);
            w.move(3000, 1000);
            var pointed = WindowDriver.onScreen(() -> w.model().sketch());
            w.write("5");
            var first = WindowDriver.onScreen(() -> w.model().sketch());
            w.write(" m");
            var typed = WindowDriver.onScreen(() -> w.model().sketch());
            assertThat(first).isNotEqualTo(pointed);
            assertThat(typed).isNotEqualTo(first).isNotEqualTo(pointed).isNotEmpty();
            assertThat(w.plan().storeys().getFirst().walls()).isEmpty();
            w.key(KeyCode.ESCAPE);
            assertThat(WindowDriver.onScreen(() -> w.model().sketch())).isEqualTo(pointed);
        }
    }

    @Test
    void severalPickedThingsAreDraggedTogetherAndAClickPicksOne() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.press("tool-pick-and-move");
            var pieces = w.plan().storeys().getFirst().furnishings();
            var geometry = StoreyGeometry.of(w.plan(), w.plan().storeys().getFirst());
            var free = pieces.stream()
                    .filter(f -> Picking.at(geometry, f.at().point(), 0, Furnishing.class::isInstance)
                            .getFirst()
                            .equals(f.id()))
                    .toList(); // nothing lies over its middle
            var a = free.get(0);
            var b = free.get(1);
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.<ElementId>of(a.id(), b.id()));
                return null;
            });
            w.settle();
            var at = a.at().point();
            w.drag(at.x(), at.y(), at.x() + 150, at.y() + 80);
            var after = w.plan().storeys().getFirst().furnishings();
            var movedA = after.get(pieces.indexOf(a)).at().point().minus(at);
            var movedB = after.get(pieces.indexOf(b)).at().point().minus(b.at().point());
            assertThat(movedA.x()).isBetween(100.0, 200.0);
            assertThat(movedB.distance(movedA)).isLessThan(1e-3);
            assertThat(after).filteredOn(f -> !pieces.contains(f)).hasSize(2);
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).hasSize(2);
            var now = after.get(pieces.indexOf(a)).at().point();
            w.click(now.x(), now.y());
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).containsExactly(a.id());
        }
    }

    @Test
    void undoingANewWallTypeLeavesTheWallsStageWhole() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("wall-type-card");
            w.press("type-new");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.show(16_000, 2000, 9000);
            w.click(16_000, 2000);
            w.move(18_000, 2000);
            w.write("1 m");
            w.key(KeyCode.ENTER);
            assertThat(w.plan().storeys().getFirst().walls().getLast().chord().length())
                    .isEqualTo(1000);
        }
    }

    @Test
    void snagsOfOtherStoreysCountAndAMendIsShownBeforeItIsMade() throws Exception {
        var plan = QuillbackLane.plan();
        var upper = plan.storeys().getLast();
        var wall = upper.walls().getFirst();
        var doubled = WallEdits.add(plan, upper.id(), wall.from(), wall.to(), wall.body(), wall.type())
                .orThrow()
                .plan();
        try (var w = WindowDriver.with(PlanDocument.of(doubled))) {
            Button counter = w.node("snags");
            assertThat(WindowDriver.<String>onScreen(counter::getText)).contains(" + ");
            assertThat(WindowDriver.<String>onScreen(counter::getAccessibleText))
                    .contains("on other storeys");
            WindowDriver.onScreen(() -> {
                w.model().goTo(upper.id());
                return null;
            });
            w.settle();
            var before = WindowDriver.onScreen(() -> w.model().sketch());
            w.press("snags");
            var mend = w.robot.lookup("#mend").queryButton();
            WindowDriver.onScreen(() -> {
                mend.requestFocus();
                return null;
            });
            w.settle();
            assertThat(w.plan()).isEqualTo(doubled);
            w.key(KeyCode.ESCAPE);
            assertThat(WindowDriver.onScreen(() -> w.model().sketch())).isEqualTo(before);
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.model().now().gesture() instanceof TryMend))
                    .isFalse();
        }
    }
}
