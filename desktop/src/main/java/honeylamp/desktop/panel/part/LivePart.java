package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.WorkspaceModel;
import javafx.beans.binding.Bindings;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

/** A part of a panel that is made anew by itself, without the rest of the panel, for as long as it is shown. */
final class LivePart extends VBox {
    private Subscription watching = Subscription.EMPTY;

    /** A part on a model. */
    LivePart(WorkspaceModel model, Content<?> content) {
        managedProperty().bind(Bindings.isNotEmpty(getChildren())); // what is empty takes no room
        sceneProperty().subscribe(scene -> {
            watching.unsubscribe();
            watching = scene == null ? Subscription.EMPTY : Watched.in(this, model, content::of);
        });
    }
}
