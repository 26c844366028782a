package honeylamp.desktop.panel;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import javafx.beans.binding.Bindings;
import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;

/** Name of the plan, files, undo, finding, the lamp, and the progress of long work. */
public final class TopBar extends HBox {
    private final WorkspaceModel model;
    private final Label name = new Label();
    private final Label unsaved = new Label();
    private final HBox working = new HBox(8);
    private final WindowActions window;
    private final Button undo;
    private final Button redo;

    /** A bar on a model. */
    public TopBar(WorkspaceModel model, WindowActions window, LampDial lamp) {
        super(8);
        this.model = model;
        getStyleClass().add("top-bar");
        var brand = new Label("Honey Lamp");
        brand.getStyleClass().add("brand");
        name.getStyleClass().add("plan-name");
        unsaved.getStyleClass().add("quiet");
        this.window = window;
        undo = button("undo", "Undo");
        redo = button("redo", "Redo");
        working.setAlignment(Pos.CENTER);
        working.managedProperty().bind(Bindings.isNotEmpty(working.getChildren()));
        getChildren()
                .addAll(
                        brand,
                        name,
                        unsaved,
                        Widgets.spring(),
                        working,
                        button("new", "New"),
                        button("open", "Open"),
                        button("save", "Save"),
                        undo,
                        redo,
                        button("find", "Find"),
                        lamp);
        model.state().subscribe(_ -> update());
    }

    /** A button of a command, under a shorter name. */
    private Button button(String command, String label) {
        var asked = window.commands().of(command);
        return Widgets.button(label, command, asked.tip(), asked.action());
    }

    private void update() {
        var now = model.now();
        name.setText(now.plan().name());
        unsaved.setText(now.unsaved() ? "not saved yet" : "");
        undo.setDisable(now.history().undoable().isEmpty());
        redo.setDisable(now.history().redoable().isEmpty());
        now.history().undoable().ifPresent(a -> told(undo, "Undo: " + a));
        now.history().redoable().ifPresent(a -> told(redo, "Redo: " + a));
    }

    private void told(Button button, String words) {
        button.getTooltip().setText(window.commands().of(button.getId()).tip(words));
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
