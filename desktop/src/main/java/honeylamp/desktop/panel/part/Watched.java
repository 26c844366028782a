package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.function.Function;
import javafx.scene.layout.Pane;
import javafx.util.Subscription;
import org.jspecify.annotations.Nullable;

/** Keeps a pane in step with a small record of the workspace: what it shows is made anew when the record has changed. */
public final class Watched {
    private final Pane pane;
    private final Function<Workspace, Content.Made<?>> wanted;
    private Content.@Nullable Made<?> shown;

    private Watched(Pane pane, Function<Workspace, Content.Made<?>> wanted) {
        this.pane = pane;
        this.wanted = wanted;
    }

    /** Shows in a pane what is wanted of a model's workspace, now and whenever that changes, until nobody watches. */
    public static Subscription in(Pane pane, WorkspaceModel model, Function<Workspace, Content.Made<?>> wanted) {
        var watched = new Watched(pane, wanted);
        return model.state().subscribe(watched::update);
    }

    private void update(Workspace now) {
        var next = wanted.apply(now);
        if (next.equals(shown) || Widgets.sliding(pane)) {
            return; // the slider under the hand stays; the rest follows with the next change
        }
        shown = next;
        Widgets.rebuilt(pane, next.nodes());
    }
}
