package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.desktop.gesture.look.TryMend;
import honeylamp.desktop.workspace.SnagSearch;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.Plan;
import honeylamp.store.PlanDocument;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** The counter of snags while they are looked for. */
class SnagsWindowTest {
    private final Queue<Runnable> search = new ConcurrentLinkedQueue<>();

    private void searchOn() {
        while (!search.isEmpty()) {
            search.remove().run();
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void says(WindowDriver w, String text) throws Exception {
        Button counter = w.node("snags");
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> WindowDriver.<String>onScreen(counter::getText).equals(text));
    }

    private static boolean offers(WindowDriver w, String id) throws Exception {
        return WindowDriver.onScreen(() -> w.robot
                .lookup("#" + id)
                .tryQuery()
                .filter(n -> n.getScene() != null)
                .isPresent());
    }

    @Test
    void theListDocksBelowTheDrawingOneLineEachGroupedByKind() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.twoShortEnds()))) {
            w.press("stage-walls");
            double before = WindowDriver.onScreen(() -> w.window().plan().getHeight());
            w.press("snags");
            w.settle();
            Node dock = w.node("snag-dock");
            WindowDriver.onScreen(() -> {
                var plan = w.window().plan();
                var drawing = plan.localToScene(plan.getLayoutBounds());
                var list = dock.localToScene(dock.getLayoutBounds());
                assertThat(list.getMinY()).isGreaterThanOrEqualTo(drawing.getMaxY() - 0.5); // beside it, never over it
                assertThat(drawing.getHeight()).isLessThan(before);
                return null;
            });
            var words = WindowDriver.onScreen(() -> w.robot.lookup(".snag-kind").queryAllAs(Label.class).stream()
                    .map(Label::getText)
                    .toList());
            assertThat(words).containsExactly("End short of a wall \u00b7 2");
            var heights = WindowDriver.onScreen(() -> w.robot.lookup(".snag-words").queryAll().stream()
                    .map(n -> n.getLayoutBounds().getHeight())
                    .toList());
            assertThat(heights).hasSize(2).allSatisfy(h -> assertThat(h).isLessThan(28));
            w.press("snags-close");
            assertThat(WindowDriver.<Double>onScreen(() -> w.window().plan().getHeight()))
                    .isEqualTo(before);
        }
    }

    @Test
    void mendingAllSaysWhatItDidAndPicksWhatItMended() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.twoShortEnds()))) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.press("snags");
            w.press("mend-all-short_end");
            WaitForAsyncUtils.waitFor(
                    20, TimeUnit.SECONDS, () -> w.message().startsWith("Mended 2 of end short of a wall"));
            assertThat(WindowDriver.<Integer>onScreen(
                            () -> w.model().now().selection().size()))
                    .isEqualTo(2);
            says(w, "No snags"); // that the rooms have no names yet is no snag while walls are drawn
            w.press("stage-rooms");
            says(w, "3 snags");
        }
    }

    @Test
    void snagsOfAllStoreysSayWhichAndLeadThere() throws Exception {
        var plan = QuillbackLane.plan();
        var upper = plan.storeys().getLast();
        var wall = upper.walls().getFirst();
        var doubled = WallEdits.add(plan, upper.id(), wall.from(), wall.to(), wall.body(), wall.type())
                .orThrow()
                .plan();
        try (var w = WindowDriver.with(PlanDocument.of(doubled))) {
            w.press("snags");
            var storeys = WindowDriver.onScreen(() -> w.robot.lookup(".snag-storey").queryAllAs(Label.class).stream()
                    .map(Label::getText)
                    .toList());
            assertThat(storeys).contains(upper.name());
            WindowDriver.onScreen(() -> {
                ListView<?> list = (ListView<?>) w.window().scene().lookup("#snag-list");
                list.requestFocus();
                list.getSelectionModel().select(1);
                return null;
            });
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.<Object>onScreen(() -> w.model().now().storey()))
                    .isEqualTo(upper.id());
        }
    }

    @Test
    void aLongSearchIsToldCanBeEndedAndTakenUpAgain() throws Exception {
        var threads = new SnagSearch.Threads(search::add, Platform::runLater);
        try (var w = WindowDriver.with(DemoDocument.made(), threads)) {
            says(w, "Looking for snags\u2026");
            searchOn();
            says(w, "No snags");

            var room = w.plan().storeys().getFirst().rooms().getFirst();
            WindowDriver.onScreen(() -> {
                var now = w.model().now();
                w.model().edit(RoomEdits.change(now.plan(), now.storey(), room.id(), r -> r.withName("")), "Name room");
                return null;
            });
            says(w, "Looking for snags\u2026"); // the name is gone meanwhile
            assertThat(w.plan().storeys().getFirst().rooms().getFirst().name()).isEmpty();
            w.press("snags");
            assertThat(offers(w, "snags-stop")).isTrue();
            w.robot.clickOn("#snags-stop");
            says(w, "Snags not looked for");
            searchOn(); // comes too late
            says(w, "Snags not looked for");
            assertThat(offers(w, "snags-again")).isTrue();
            w.robot.clickOn("#snags-again");
            assertThat(offers(w, "snags-stop")).isTrue();
            assertThat(offers(w, "gap-reach")).isFalse();
            searchOn();
            says(w, "1 snag"); // a room without a name
            assertThat(offers(w, "gap-reach")).isTrue(); // the list came by itself
        }
    }

    @Test
    void mendAllIsShownOnThePlanBeforeItIsDone() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.twoShortEnds()))) {
            w.press("stage-walls");
            w.press("snags");
            w.settle();
            w.move(3000, 2000); // a pointer left on the button would try the mend too
            var before = w.plan();
            System.gc(); // the button still answers when memory was cleared up
            w.settle();
            w.until(
                    () -> { // the list may be filled anew while mends are worked out
                        var tries = w.model().now().gesture() instanceof TryMend;
                        if (!tries) {
                            w.robot.lookup("#mend-all-short_end").queryButton().requestFocus();
                        }
                        return tries;
                    });
            Plan shown = WindowDriver.onScreen(
                    () -> w.model().now().gesture() instanceof TryMend tried ? tried.mended() : before);
            assertThat(shown.storeys().getFirst().walls())
                    .filteredOn(wall -> wall.to().point().y() > 3700
                            && wall.from().point().y() == 0
                            && wall.from().point().x() > 0
                            && wall.from().point().x() < 6000)
                    .hasSize(2); // both partitions reach the upper wall
            assertThat(w.plan()).isSameAs(before);
            w.focusPlan();
            w.until(() -> !(w.model().now().gesture() instanceof TryMend));
        }
    }
}
