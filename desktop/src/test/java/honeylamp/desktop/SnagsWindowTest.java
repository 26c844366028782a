package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.DemoFiles;
import honeylamp.desktop.workspace.SnagSearch;
import honeylamp.edit.RoomEdits;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.control.Button;
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
    void aLongSearchIsToldCanBeEndedAndTakenUpAgain() throws Exception {
        var threads = new SnagSearch.Threads(search::add, Platform::runLater);
        try (var w = WindowDriver.with(DemoFiles.document(), threads)) {
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
}
