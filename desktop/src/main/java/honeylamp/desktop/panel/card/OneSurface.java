package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Outline;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Plan;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/**
 * The surface that fields are about, and how its finish is changed.
 *
 * @param id leads the ids of its fields
 * @param action what laying another finish is called
 * @param surface its straight stretches, each in a frame of its own in which the finish is laid
 * @param seed of what chance lays
 * @param put the plan with another finish there
 */
record OneSurface(
        WorkspaceModel model,
        CardFields parts,
        String id,
        Place place,
        String action,
        List<List<Outline>> surface,
        long seed,
        Function<Optional<Finish>, Plan> put) {
    /** The plan with another finish there becomes the plan. */
    void lay(Finish finish, String action) {
        model.edit(put.apply(Optional.of(finish)), action);
    }

    /** The same with another laying, if it can be. */
    void lay(Outcome<Laying> laying, Finish finish, String action) {
        model.edit(laying.map(l -> put.apply(Optional.of(finish.withLaying(Optional.of(l))))), action);
    }

    /** The plan with pieces laid otherwise there, if they can be. */
    Outcome<Plan> sized(Finish finish, Outcome<Laying> laying) {
        return laying.map(l -> put.apply(Optional.of(finish.withLaying(Optional.of(l)))));
    }

    /** The largest of its stretches. */
    List<Outline> largest() {
        return surface.stream()
                .max(Comparator.comparingDouble(
                        s -> s.stream().mapToDouble(Outline::area).sum()))
                .orElse(List.of());
    }

    /** Nodes beside each other, as many as there is room for. */
    static FlowPane row(Node... nodes) {
        return new FlowPane(6, 6, nodes);
    }
}
