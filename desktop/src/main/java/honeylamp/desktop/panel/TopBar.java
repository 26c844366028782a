package honeylamp.desktop.panel;

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
    private final Button undo;
    private final Button redo;

    /** A bar on a model. */
    public TopBar(WorkspaceModel model, Commands commands, LampDial lamp) {
        super(8);
        this.model = model;
        getStyleClass().add("top-bar");
        var brand = new Label("Honey Lamp");
        brand.getStyleClass().add("brand");
        name.getStyleClass().add("plan-name");
        unsaved.getStyleClass().add("quiet");
        undo = Widgets.button("Undo", "undo", "Take the last action back (Ctrl+Z)", model::undo);
        redo = Widgets.button("Redo", "redo", "Do it again (Ctrl+Y)", model::redo);
        working.setAlignment(Pos.CENTER);
        working.managedProperty().bind(Bindings.isNotEmpty(working.getChildren()));
        getChildren()
                .addAll(
                        brand,
                        name,
                        unsaved,
                        Widgets.spring(),
                        working,
                        Widgets.button("New", "new", "An empty plan (Ctrl+N)", commands::newPlan),
                        Widgets.button("Open", "open", "Open a plan (Ctrl+O)", commands::openPlan),
                        Widgets.button("Save", "save", "Save the plan (Ctrl+S)", commands::savePlan),
                        undo,
                        redo,
                        Widgets.button("Find", "find", "Any command, piece, room or finish (Ctrl+K)", commands::find),
                        lamp);
        model.state().subscribe(_ -> update());
    }

    private void update() {
        var now = model.now();
        name.setText(now.plan().name());
        unsaved.setText(now.unsaved() ? "not saved yet" : "");
        undo.setDisable(now.history().undoable().isEmpty());
        redo.setDisable(now.history().redoable().isEmpty());
        now.history().undoable().ifPresent(a -> undo.getTooltip().setText("Undo: " + a + " (Ctrl+Z)"));
        now.history().redoable().ifPresent(a -> redo.getTooltip().setText("Redo: " + a + " (Ctrl+Y)"));
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
