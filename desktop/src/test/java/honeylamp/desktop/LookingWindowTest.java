package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.WindowStyle.Room;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.geometry.Point;
import honeylamp.plan.LineRole;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;
import org.junit.jupiter.api.Test;

/** Zooming and moving the view by all hands there are, the small map, and settings found by word. */
class LookingWindowTest {
    private static Viewport view(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().now().viewport());
    }

    @Test
    void spaceHeldTakesHoldOfThePlanAndAPressOfItAloneIsAPress() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.move(5000, 3000);
            var plan = w.plan();
            var before = view(w);
            w.focusPlan();
            w.robot.press(KeyCode.SPACE);
            w.dragBy(MouseButton.PRIMARY, 120, 40);
            w.robot.release(KeyCode.SPACE);
            w.settle();
            assertThat(w.plan()).isSameAs(plan); // nothing was dragged along
            var panned = before.panned(120, 40).centre();
            assertThat(view(w).centre().distance(panned)).isLessThan(1e-6);
            assertThat(WindowDriver.<Boolean>onScreen(
                            () -> w.model().now().selection().isEmpty()))
                    .isTrue();
            var sofa = plan.storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            w.move(sofa.at().point().x(), sofa.at().point().y());
            w.key(KeyCode.SPACE);
            assertThat(WindowDriver.<Object>onScreen(
                            () -> w.model().now().selection().iterator().next()))
                    .isEqualTo(sofa.id());
        }
    }

    private static void fire(WindowDriver w, ScrollEvent e) throws Exception {
        WindowDriver.onScreen(() -> {
            w.window().plan().fireEvent(e);
            return null;
        });
        w.settle();
    }

    private static ScrollEvent scroll(EventType<ScrollEvent> type, double dx, double dy) {
        return new ScrollEvent(
                type,
                300,
                300,
                300,
                300,
                false,
                false,
                false,
                false,
                false,
                false,
                dx,
                dy,
                dx,
                dy,
                ScrollEvent.HorizontalTextScrollUnits.NONE,
                0,
                ScrollEvent.VerticalTextScrollUnits.NONE,
                0,
                0,
                null);
    }

    @Test
    void twoFingersMoveThePlanAPinchZoomsAndTheWheelStillDoes() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var before = view(w);
            fire(w, scroll(ScrollEvent.SCROLL_STARTED, 0, 0));
            fire(w, scroll(ScrollEvent.SCROLL, 0, 30));
            fire(w, scroll(ScrollEvent.SCROLL_FINISHED, 0, 0));
            assertThat(view(w)).isEqualTo(before.panned(0, 30));
            fire(w, scroll(ScrollEvent.SCROLL, 25, 0));
            assertThat(view(w)).isEqualTo(before.panned(0, 30).panned(25, 0));
            fire(w, scroll(ScrollEvent.SCROLL, 0, 40));
            assertThat(view(w).pxPerMm()).isGreaterThan(before.pxPerMm());
            var scale = view(w).pxPerMm();
            WindowDriver.onScreen(() -> {
                w.window()
                        .plan()
                        .fireEvent(new ZoomEvent(
                                ZoomEvent.ZOOM,
                                300,
                                300,
                                300,
                                300,
                                false,
                                false,
                                false,
                                false,
                                false,
                                false,
                                1.5,
                                1.5,
                                null));
                return null;
            });
            assertThat(view(w).pxPerMm()).isCloseTo(1.5 * scale, within(1e-9));
        }
    }

    @Test
    void theRoomPointedAtFillsTheDrawingByOneKey() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.show(3000, 2000, 20_000);
            w.move(4500, 2000);
            w.focusPlan();
            w.key(KeyCode.E);
            var now = view(w);
            // the right room: from the partition's face at 2,550 to the outer wall's at 5,850
            assertThat(now.centre().x()).isCloseTo(4200, within(1.0));
            double pane = WindowDriver.onScreen(() -> w.window().plan().getWidth());
            assertThat(3300 * now.pxPerMm()).isBetween(0.6 * pane, 0.95 * pane);
        }
    }

    @Test
    void farInASmallMapShowsThePartAndAPressOnItGoesThere() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            Node map = w.node("small-map");
            assertThat(WindowDriver.<Boolean>onScreen(map::isVisible)).isFalse();
            w.show(3000, 2000, 2500);
            assertThat(WindowDriver.<Boolean>onScreen(map::isVisible)).isTrue();
            w.press("small-map"); // its middle is the middle of the sheet
            var sheet = WindowDriver.onScreen(() -> {
                var toPlan = w.model().now().frame().toPaper().inverse();
                return toPlan.apply(new Point(210, 148.5));
            });
            assertThat(view(w).centre().distance(sheet)).isLessThan(150);
        }
    }

    private static void find(WindowDriver w, String words) throws Exception {
        w.key(KeyCode.CONTROL, KeyCode.K);
        w.write(words);
        w.key(KeyCode.ENTER);
    }

    @Test
    void settingsAreFoundByWord() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            find(w, "dark room");
            assertThat(WindowDriver.<Room>onScreen(
                            () -> w.window().style().get().room()))
                    .isEqualTo(Room.DARK);
            find(w, "letter portrait");
            var sheet = WindowDriver.firstPage(w.plan()).page().sheet();
            assertThat(sheet.paper()).isEqualTo(Paper.LETTER);
            assertThat(sheet.way()).isEqualTo(Way.PORTRAIT);
            find(w, "feet and inches");
            assertThat(w.plan().units()).isEqualTo(UnitSystem.FEET_INCHES);
            find(w, "pen of cut wall");
            assertThat(WindowDriver.onScreen(() -> w.model().now().stage())).isEqualTo(WorkStage.LOOK);
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().choices().presenting().line()))
                    .isEqualTo(LineRole.CUT_WALL);
        }
    }

    @Test
    void thePointerSaysTheNextStepUnlessThatIsSwitchedOff() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("stage-walls");
            w.show(3000, 2000, 10_000);
            Label next = w.node("next-step");
            w.move(1000, 1000);
            assertThat(WindowDriver.<Boolean>onScreen(next::isVisible)).isFalse(); // nothing is under way
            w.click(0, 0);
            w.move(2000, 0);
            assertThat(WindowDriver.<Boolean>onScreen(next::isVisible)).isTrue();
            assertThat(WindowDriver.<String>onScreen(next::getText)).startsWith("Click or type");
            w.key(KeyCode.J);
            assertThat(WindowDriver.<Boolean>onScreen(next::isVisible)).isFalse();
        }
    }

    @Test
    void theSecondButtonPicksWhatLiesThereAndTheMenuNamesIt() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var sofa = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            var at = sofa.at().point();
            w.show(at.x(), at.y(), 9000);
            w.clickSecond(at.x(), at.y());
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).containsExactly(sofa.id());
            var heading =
                    WindowDriver.onScreen(() -> w.robot.lookup("#menu-about .label").queryAllAs(Label.class).stream()
                            .map(Label::getText)
                            .toList());
            assertThat(heading).contains("Piece: Sofa, Living room");
        }
    }

    @Test
    void unitsOfAPlanChangeWhatIsShownAndNoLength() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            var walls = w.plan().storeys().getFirst().walls();
            w.press("desk-storey");
            w.press("units-m");
            assertThat(w.plan().units()).isEqualTo(UnitSystem.M);
            assertThat(w.plan().storeys().getFirst().walls()).isEqualTo(walls);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().units()).isEqualTo(UnitSystem.MM);
        }
    }

    @Test
    void aFieldOfTheCardEchoesWhatIsTypedInFull() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            WindowDriver.onScreen(() -> {
                w.model().use(Tool.PICK_WALLS);
                return null;
            });
            w.show(3000, 2000, 9000);
            w.click(2500, 1000);
            Node field = w.node("wall-length");
            WindowDriver.onScreen(() -> {
                field.requestFocus();
                ((javafx.scene.control.TextField) field).clear();
                return null;
            });
            w.write("3.65 m + 20 cm");
            var name = (Labeled) WindowDriver.onScreen(() -> field.getParent().lookup(".field-name"));
            assertThat(WindowDriver.<String>onScreen(name::getText)).isEqualTo("= 3850 mm");
            w.key(KeyCode.ESCAPE);
            assertThat(WindowDriver.<String>onScreen(name::getText)).isEqualTo("Length");
        }
    }
}
