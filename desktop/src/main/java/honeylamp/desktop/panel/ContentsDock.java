package honeylamp.desktop.panel;

import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices.Docked;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.takeoff.Contents;
import honeylamp.takeoff.Contents.Entry;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** Everything that stands on the storey, in a list below the drawing; found by word, picked and shown by a press. */
public final class ContentsDock extends VBox {
    private static final double ROWS = 5.4;
    private static final double CLOSE_PX_PER_MM = 0.12;

    private final WorkspaceModel model;
    private final TextField words = new TextField();
    private final Label count = Widgets.quiet("");
    private final ListView<Entry> list = new ListView<>();
    private @Nullable Storey shown;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("contents").factory());
    private int listing;
    private List<Entry> all = List.of();

    /** A list on a model, hidden until it is asked for. */
    public ContentsDock(WorkspaceModel model, WindowActions window) {
        this.model = model;
        setId("contents-dock");
        setMinHeight(USE_PREF_SIZE); // the drawing gives way, not the list
        getStyleClass().add("snag-dock");
        words.setId("contents-words");
        words.setPromptText("Find by word, for example sofa living");
        words.setAccessibleText("Find in the contents");
        words.setPrefColumnCount(20);
        words.setMinWidth(60);
        words.textProperty().subscribe(_ -> filter());
        words.setOnAction(_ -> {
            if (!list.getItems().isEmpty()) {
                show(list.getItems().getFirst());
            }
        });
        list.setId("contents-list");
        list.setAccessibleText("Contents");
        list.setCellFactory(_ -> new Row());
        list.prefHeightProperty().bind(list.fixedCellSizeProperty().multiply(ROWS));
        list.setMinHeight(USE_PREF_SIZE);
        list.setOnKeyPressed(e -> {
            var chosen = list.getSelectionModel().getSelectedItem();
            if (e.getCode() == KeyCode.ENTER && chosen != null) {
                show(chosen);
                e.consume();
            }
        });
        var close = Widgets.button("Close", "contents-close", "Puts the list away", () -> {
            model.chooseWithin(model.now().choices().withDocked(Docked.NOTHING));
            window.focusPlan();
        });
        close.getStyleClass().add("small");
        close.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(Widgets.row(Widgets.heading("Contents"), words, count, Widgets.spring(), close), list);
        model.state().subscribe(_ -> update());
    }

    private void update() {
        var now = model.now();
        var open = now.choices().round().docked() == Docked.CONTENTS;
        if (open && !isVisible()) {
            shown = null;
        }
        setVisible(open);
        setManaged(open);
        if (open && shown != now.currentStorey()) {
            list(now.plan(), now.currentStorey());
        }
    }

    /** Lists a storey aside: of a large plan that takes longer than a frame. */
    private void list(Plan plan, Storey storey) {
        shown = storey;
        var geometry = model.geometry();
        listing++;
        worker.execute(() -> {
            var entries = Contents.of(plan, geometry);
            Platform.runLater(() -> {
                listing--;
                if (shown == storey) {
                    all = entries;
                    filter();
                }
            });
        });
    }

    /** Whether the list is still being made. */
    public boolean busy() {
        return listing > 0;
    }

    private void filter() {
        var found = all.stream()
                .filter(e -> FinderWords.fits(words.getText(), e.kind() + " " + e.name()))
                .toList();
        list.getItems().setAll(found);
        count.setText(found.size() == all.size() ? all.size() + " things" : found.size() + " of " + all.size());
    }

    /** Picks a thing with the tool that takes up its kind, and brings it into view if it is not. */
    private void show(Entry entry) {
        model.act(new Intent.TakeUp(tool(entry.id())), new Intent.Pick(Set.of(entry.id())));
        Picking.bounds(model.geometry(), Set.of(entry.id()))
                .ifPresent(box -> model.show(new Viewport(
                        box.centre(), Math.max(model.now().viewport().pxPerMm(), CLOSE_PX_PER_MM))));
    }

    private Tool tool(ElementId id) {
        return switch (id) {
            case ElementId.WallId _, ElementId.SettingOutId _ -> Tool.PICK_WALLS;
            case ElementId.OpeningId _ -> Tool.PICK_OPENINGS;
            case ElementId.RoomId _, ElementId.BoundaryId _ -> Tool.NAME_ROOMS;
            case ElementId.StructureId _ -> Tool.PICK_PARTS;
            case ElementId.FurnishingId _ -> Tool.PICK_PIECES;
            case ElementId.GroundId _ -> Tool.PICK_SITE;
            case ElementId.RegionId _ -> Tool.PICK_REGIONS;
            case ElementId.FittingId _, ElementId.ActivityId _ -> Tool.PICK_FITTINGS;
            case ElementId.DimensionId _, ElementId.RoundDimensionId _ -> Tool.PICK_DIMENSIONS;
            case ElementId.NoteId _, ElementId.FreeMarkId _ -> Tool.PICK_LABELS;
            case ElementId.UnderlayId _ -> Tool.PICK_PICTURE;
            case ElementId.StoreyId _,
                    ElementId.WallTypeId _,
                    ElementId.CoveringId _,
                    ElementId.UnitId _,
                    ElementId.UnitCopyId _,
                    ElementId.LookId _,
                    ElementId.ViewId _,
                    ElementId.PageId _,
                    ElementId.SchemeId _ -> model.now().tool();
        };
    }

    /** What a thing is and its name, in one line. */
    private final class Row extends ListCell<Entry> {
        Row() {
            setPrefWidth(0);
            setOnMouseClicked(_ -> {
                if (getItem() != null) {
                    show(getItem());
                }
            });
        }

        @Override
        protected void updateItem(Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            setText(null);
            if (empty || entry == null) {
                setGraphic(null);
                return;
            }
            var kind = new Label(entry.kind());
            kind.getStyleClass().add("contents-kind");
            kind.setMinWidth(Region.USE_PREF_SIZE);
            setGraphic(Widgets.row(kind, new Label(entry.name())));
        }
    }
}
