package honeylamp.desktop.panel;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.desktop.workspace.WindowStyle.Room;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.PlanEdits;
import honeylamp.units.Words;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Name of the plan, files, undo, finding, the lamp, and the progress of long work. */
public final class TopBar extends VBox {
    private final WorkspaceModel model;
    private final TextField name = new TextField();
    private final Label unsaved = new Label();
    private final HBox working = new HBox(GAP_PX);
    private final HBox first = new HBox(GAP_PX);
    private final HBox asked = new HBox(GAP_PX);
    private final WindowActions window;
    private static final int LEAST_COLUMNS = 9;
    private static final int MOST_COLUMNS = 18;

    /** A column is as wide as the widest letter; a letter takes this of it. */
    private static final double LETTER_COLUMNS = 0.68;

    private static final double GAP_PX = 8;

    private final Button brand;
    private String named = "";
    private final Button undo;
    private final Button redo;

    /** A bar on a model. */
    public TopBar(WorkspaceModel model, WindowActions window, LampDial lamp) {
        super(0);
        this.model = model;
        this.window = window;
        getStyleClass().add("top-bar");
        brand = button("start", "Honey Lamp");
        brand.getStyleClass().add("brand");
        brand.setMinWidth(USE_PREF_SIZE);
        name.setId("plan-name");
        name.getStyleClass().add("plan-name");
        name.setPromptText("Name this plan");
        name.setAccessibleText("Name of the plan");
        name.setOnAction(_ -> {
            rename();
            window.focusPlan();
        });
        name.focusedProperty().subscribe(has -> {
            if (!has) {
                rename();
            }
        });
        unsaved.getStyleClass().add("quiet");
        undo = button("undo", "Undo");
        redo = button("redo", "Redo");
        working.setAlignment(Pos.CENTER);
        working.managedProperty().bind(Bindings.isNotEmpty(working.getChildren()));
        asked.getStyleClass().add("top-row");
        asked.getChildren()
                .addAll(
                        Widgets.spring(),
                        working,
                        button("new", "New"),
                        button("open", "Open"),
                        button("save", "Save"),
                        undo,
                        redo,
                        button("find", "Find"),
                        style(),
                        lamp);
        HBox.setHgrow(asked, Priority.ALWAYS);
        first.getStyleClass().add("top-row");
        unsaved.setMinWidth(USE_PREF_SIZE); // whole or not at all
        first.getChildren().addAll(brand, name, unsaved, asked);
        for (var row : List.of(first, asked)) {
            row.getChildren().stream()
                    .filter(Region.class::isInstance)
                    .map(Region.class::cast)
                    .filter(n -> n != asked && n != unsaved)
                    .forEach(n -> n.setMinWidth(USE_PREF_SIZE));
        }
        getChildren().add(first);
        var arranged = new Later(this::arrange);
        widthProperty().subscribe(arranged::ask);
        first.needsLayoutProperty().subscribe(_ -> arranged.ask());
        model.state().subscribe(_ -> update());
    }

    /** What is asked for takes a row of its own where it has no room beside the name. */
    private void arrange() {
        var room = getWidth() - getInsets().getLeft() - getInsets().getRight();
        var names = brand.prefWidth(-1) + name.prefWidth(-1) + asked.prefWidth(-1) + 3 * GAP_PX;
        var kept = unsaved.prefWidth(-1) + GAP_PX;
        var there = room <= 0 || names <= room ? first : this;
        unsaved.setVisible(there == this || names + kept <= room); // the title bar says it too
        unsaved.setManaged(unsaved.isVisible());
        if (asked.getParent() != there) {
            first.getChildren().remove(asked);
            getChildren().remove(asked);
            there.getChildren().add(asked);
        }
    }

    /** A button of a command, under a shorter name. */
    private Button button(String command, String label) {
        var known = window.commands().of(command);
        return Widgets.button(label, command, known.tip(), known.action());
    }

    /** Light and dark, and the size of all words. */
    private MenuButton style() {
        var rooms = List.of(Room.values());
        var sizes = IntStream.iterate(WindowStyle.LEAST_PERCENT, p -> p <= WindowStyle.MOST_PERCENT, p -> p + 25)
                .boxed()
                .toList();
        var words = Stream.concat(
                        rooms.stream().map(Room::label), sizes.stream().map(p -> Words.of("Words at %d %%", p)))
                .toList();
        return Widgets.menu(
                "Window",
                "window-style",
                "Light or dark, and the size of the words",
                words,
                index -> window.style(
                        index < rooms.size()
                                ? window.style().withRoom(rooms.get(index))
                                : window.style().withTextPercent(sizes.get(index - rooms.size()))));
    }

    /** What was typed is the plan's name; nothing is no name. */
    private void rename() {
        if (!name.getText().equals(named)) {
            model.edit(PlanEdits.named(model.now().plan(), name.getText()), "Name plan");
        }
    }

    /** The plan, its file, and whether it is saved, as for the title bar of the window. */
    public static String title(Workspace now) {
        var plan = now.plan().name().isBlank()
                ? "A plan without a name"
                : now.plan().name();
        return plan + " \u2013 " + kept(now) + " \u2013 Honey Lamp";
    }

    /** The file it is in, and whether what is shown is in it. */
    private static String kept(Workspace now) {
        var file = now.file().map(f -> String.valueOf(f.getFileName()));
        return now.unsaved()
                ? file.map(f -> f + ", not saved yet").orElse("not saved yet")
                : file.map(f -> f + ", saved").orElse("in no file yet");
    }

    private void update() {
        var now = model.now();
        if (!now.plan().name().equals(named)) {
            named = now.plan().name();
            name.setText(named);
        }
        name.setPrefColumnCount((int) Math.clamp(name.getLength() * LETTER_COLUMNS, LEAST_COLUMNS, MOST_COLUMNS));
        unsaved.setText(kept(now));
        undo.setDisable(now.history().undoable().isEmpty());
        redo.setDisable(now.history().redoable().isEmpty());
        now.history().undoable().ifPresent(a -> told(undo, "Undo: " + a));
        now.history().redoable().ifPresent(a -> told(redo, "Redo: " + a));
    }

    private void told(Button button, String words) {
        Tips.change(button, window.commands().of(button.getId()).tip(words));
    }

    /** Shows how far a piece of work has come, with a way to end it. */
    public void follow(Task<?> work) {
        var bar = new ProgressBar();
        bar.setId("progress");
        bar.progressProperty().bind(work.progressProperty());
        var title = new Label();
        title.textProperty().bind(work.titleProperty());
        var end = Widgets.button("Cancel", "cancel-work", "End this work; nothing is written", work::cancel);
        var row = new HBox(8, title, bar, end);
        row.setAlignment(Pos.CENTER);
        working.getChildren().add(row);
        // not isDone: the state is told just before the call has returned
        work.stateProperty().subscribe(state -> {
            switch (state) {
                case SUCCEEDED, FAILED, CANCELLED -> working.getChildren().remove(row);
                case READY, SCHEDULED, RUNNING -> {}
            }
        });
    }
}
