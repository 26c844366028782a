package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.workspace.Tool;
import honeylamp.geometry.Point;
import honeylamp.plan.Brief;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing;
import honeylamp.plan.Surface;
import honeylamp.store.PlanDocument;
import javafx.event.Event;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TablePosition;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/**
 * Rooms in the real window. The house is 6,000 by 4,000 between centres of walls 300 thick; a partition 100 thick at
 * 2,500 leaves 2,300 by 3,700 in the west and 3,300 by 3,700 in the east.
 */
class RoomsWindowTest {
    private static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(TestWalls.house()));
        w.show(3000, 2000, 8000);
        return w;
    }

    private static Room at(Plan plan, double x, double y) {
        return StoreyGeometry.of(plan, plan.storeys().getFirst())
                .roomAt(new Point(x, y))
                .orElseThrow();
    }

    private static void name(WindowDriver w, double x, double y, String name) throws Exception {
        w.press("stage-rooms");
        w.click(x, y);
        w.fill("room-name", name);
    }

    private static void choose(WindowDriver w, String menu, int index) throws Exception {
        WindowDriver.onScreen(() -> {
            var button = (MenuButton) w.window().scene().lookup("#" + menu);
            button.getItems().get(index).fire();
            return null;
        });
        w.settle();
    }

    @Test
    void namesAndFloorsStayThroughMovesSplitsAndMerges() throws Exception {
        try (var w = house()) {
            name(w, 1200, 2000, "Larder");
            name(w, 4500, 2000, "Tea room");
            w.press("stage-finishes");
            w.press("finish-square-tile");
            w.click(1200, 2000);
            // the partition is dragged over the Larder's middle, to 1,000
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.click(2500, 1500);
            w.drag(2500, 1500, 1000, 1500);
            assertThat(at(w.plan(), 500, 2000).name()).isEqualTo("Larder");
            assertThat(at(w.plan(), 4500, 2000).name()).isEqualTo("Tea room");
            // deleted, the larger speaks for both
            w.key(KeyCode.DELETE);
            assertThat(at(w.plan(), 500, 2000).name()).isEqualTo("Tea room");
            // drawn again, the Larder is back, tiled as before
            w.press("tool-draw-walls");
            w.click(2000, 0);
            w.click(2000, 4000);
            w.key(KeyCode.ESCAPE);
            var larder = at(w.plan(), 500, 2000);
            assertThat(larder.name()).isEqualTo("Larder");
            assertThat(larder.mark().map(RoomMark::floor).orElseThrow().material())
                    .isEqualTo("square-tile");
            assertThat(at(w.plan(), 4500, 2000).name()).isEqualTo("Tea room");
        }
    }

    @Test
    void theCardSaysUseNumberHeightAndSurfaces() throws Exception {
        try (var w = house()) {
            w.press("stage-rooms");
            w.click(4500, 2000);
            choose(w, "room-use", 3); // a bedroom
            w.press("name-guest-room");
            w.fill("room-number", "0.3");
            w.fill("room-height", "2.45 m");
            choose(w, "finish-ceiling", 1);
            choose(w, "finish-walls", 2);
            choose(w, "room-counts", 3);
            var room = at(w.plan(), 4500, 2000);
            var fit = room.mark().orElseThrow().fit();
            assertThat(room.name()).isEqualTo("Guest room");
            assertThat(fit.use()).isEqualTo("bedroom");
            assertThat(fit.number()).isEqualTo("0.3");
            assertThat(fit.height().orElseThrow().mm()).isEqualTo(2450);
            var storey = w.plan().storeys().getFirst();
            var id = room.mark().orElseThrow().id();
            assertThat(Surfaces.finish(storey, new Surface.Ceiling(id))
                            .orElseThrow()
                            .material())
                    .isEqualTo("lime-white");
            assertThat(Surfaces.finish(storey, new Surface.Walls(id))
                            .orElseThrow()
                            .material())
                    .isEqualTo("lime-sand");
            assertThat(fit.counts()).isEqualTo(CountsAs.LOW_HEADROOM);
            // one rectangle: 3,300 by 3,700
            w.press("room-working");
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.window().scene().getRoot().lookupAll(".label").stream()
                            .anyMatch(n -> n instanceof Label l && l.getText().contains("3300 \u00d7 3700")
                                    || n instanceof Label k && k.getText().contains("3700 \u00d7 3300"))))
                    .isTrue();
        }
    }

    @Test
    void theBriefIsTickedOffAsThePlanGetsWhatIsWanted() throws Exception {
        try (var w = house()) {
            w.press("stage-rooms");
            choose(w, "brief-room", 3); // a bedroom of 8 m² at least
            assertThat(WindowDriver.onScreen(() ->
                            w.model().shown().briefCheck().rooms().getFirst().isMet()))
                    .isFalse();
            w.click(4500, 2000);
            choose(w, "room-use", 3); // 12.21 m²
            assertThat(WindowDriver.onScreen(() ->
                            w.model().shown().briefCheck().rooms().getFirst().isMet()))
                    .isTrue();
            w.press("stage-rooms");
            w.click(1200, 2000);
            choose(w, "room-use", 3); // 2,300 wide where 2,400 are wanted
            var check = WindowDriver.onScreen(
                    () -> w.model().shown().briefCheck().rooms().getFirst());
            assertThat(check.isMet()).isFalse();
            assertThat(check.shortfall()).contains("2300").contains("2400");
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.model().shown().snags().stream()
                            .anyMatch(s -> s.sentence().contains("the brief wants"))))
                    .isTrue();
            var contents = WindowDriver.onScreen(() -> w.model().shown().briefCheck().contents().stream()
                    .filter(c -> !c.isMet())
                    .map(c -> c.wanted() + ": " + c.shortfall())
                    .toList());
            assertThat(contents).contains("PIECES: no pieces yet").noneMatch(c -> c.startsWith("DIMENSIONS"));
            w.press("brief-content-pieces"); // nobody asked for furniture
            assertThat(w.plan().brief().contents())
                    .doesNotContain(Brief.Content.PIECES)
                    .hasSize(4);
            w.fill("brief-side-bedroom", "2.25 m"); // the narrower one will do
            assertThat(WindowDriver.onScreen(() ->
                            w.model().shown().briefCheck().rooms().getFirst().isMet()))
                    .isTrue();
            w.fill("brief-area-bedroom", "100 sq ft"); // 9.29 m\u00b2; the narrower one has 8.51
            assertThat(WindowDriver.onScreen(() ->
                            w.model().shown().briefCheck().rooms().getFirst().shortfall()))
                    .contains("8.51 m\u00b2 of 9.29 m\u00b2");
            choose(w, "brief-room", 3); // one more, as large
            assertThat(w.plan().brief().rooms().getFirst().count()).isEqualTo(2);
            assertThat(w.plan().brief().rooms().getFirst().leastAreaM2()).isCloseTo(9.290304, within(1e-9));
            w.press("brief-drop-bedroom");
            assertThat(w.plan().brief().rooms()).isEmpty();
            w.fill("least-door", "800");
            assertThat(w.plan().brief().minimums().clearDoor().mm()).isEqualTo(800);
            WindowDriver.onScreen(() -> {
                w.model().use(Tool.PICK_OPENINGS);
                return null;
            });
            // the door of 900 leaves 790 clear
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.model().shown().snags().stream()
                            .anyMatch(s -> s.sentence().contains("790"))))
                    .isTrue();
        }
    }

    private static TableCell<?, ?> cell(WindowDriver w, int row, String column) throws Exception {
        return WindowDriver.onScreen(() -> w.window().scene().getRoot().lookupAll(".table-cell").stream()
                .filter(n -> n instanceof TableCell<?, ?> c
                        && c.getTableRow() != null
                        && c.getTableRow().isVisible()
                        && c.getTableRow().getIndex() == row
                        && c.getTableColumn() != null
                        && c.getTableColumn().getId().equals("schedule-column-" + column))
                .map(n -> (TableCell<?, ?>) n)
                .findFirst()
                .orElseThrow());
    }

    /** What a cell tells when its text was typed over; the headless toolkit does not open the cell's own field. */
    static void type(WindowDriver w, int row, String column, String text) throws Exception {
        WindowDriver.onScreen(() -> {
            typed((TableView<?>) w.window().scene().lookup("#schedule-table"), row, column, text);
            return null;
        });
        w.settle();
    }

    private static <R> void typed(TableView<R> table, int row, String id, String text) {
        for (var column : table.getColumns()) {
            if (column.getId().equals("schedule-column-" + id)) {
                told(table, row, column, text);
            }
        }
    }

    @SuppressWarnings("unchecked") // every column of a schedule shows words
    private static <R> void told(TableView<R> table, int row, TableColumn<R, ?> column, String text) {
        var words = (TableColumn<R, String>) column;
        Event.fireEvent(
                words,
                new TableColumn.CellEditEvent<>(
                        table, new TablePosition<>(table, row, words), TableColumn.<R, String>editCommitEvent(), text));
    }

    @Test
    void schedulesPickAndEditInBothDirections() throws Exception {
        try (var w = house()) {
            name(w, 1200, 2000, "Larder");
            name(w, 4500, 2000, "Tea room");
            w.press("show-schedules");
            w.robot.clickOn(cell(w, 0, "tag"));
            w.settle();
            var door = w.plan().storeys().getFirst().openings().getFirst();
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).containsExactly(door.id());
            type(w, 0, "width", "1.01 m");
            assertThat(w.plan()
                            .storeys()
                            .getFirst()
                            .openings()
                            .getFirst()
                            .width()
                            .mm())
                    .isEqualTo(1010);
            type(w, 0, "head", "0");
            assertThat(w.message()).isNotEmpty();
            assertThat(w.plan()
                            .storeys()
                            .getFirst()
                            .openings()
                            .getFirst()
                            .head()
                            .mm())
                    .isEqualTo(2010);
            w.press("schedule-rooms");
            type(w, 1, "name", "Larder 2");
            assertThat(at(w.plan(), 1200, 2000).name()).isEqualTo("Larder 2");
            type(w, 1, "number", "0.2");
            assertThat(at(w.plan(), 1200, 2000).mark().orElseThrow().fit().number())
                    .isEqualTo("0.2");
            // what is picked on the plan is picked in the table
            w.press("stage-rooms");
            w.click(4500, 2000);
            TableView<?> table = w.node("schedule-table");
            assertThat(WindowDriver.<Integer>onScreen(
                            () -> table.getSelectionModel().getSelectedIndex()))
                    .isZero();
            w.press("schedule-tags");
            assertThat(w.plan().presentation().views())
                    .allMatch(v -> v.showing().shows(Showing.Kind.TAGS));
            w.press("schedule-close");
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.node("schedules").isVisible()))
                    .isFalse();
        }
    }
}
