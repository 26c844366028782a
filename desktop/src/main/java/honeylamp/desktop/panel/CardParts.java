package honeylamp.desktop.panel;

import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import java.util.function.Function;
import javafx.scene.Node;

/** What the cards of all kinds have in common: typed lengths that edit the plan, and deleting. */
record CardParts(WorkspaceModel model) {
    Plan plan() {
        return model.now().plan();
    }

    ElementId.StoreyId at() {
        return model.now().storey();
    }

    /** A length above nothing. */
    LengthField length(String name, String id, Length value, Function<Length, Plan> change, String action) {
        return new LengthField(name, id, value, plan().units(), v -> edit(change, v, action), model::complain);
    }

    /** A length that may be nothing. */
    LengthField distance(String name, String id, Length value, Function<Length, Plan> change, String action) {
        return new LengthField(
                name,
                id,
                value,
                plan().units(),
                LengthReader::notNegative,
                v -> edit(change, v, action),
                model::complain);
    }

    /** A length that may lie on either side of nothing. */
    LengthField place(String name, String id, Length value, Function<Length, Plan> change, String action) {
        return new LengthField(
                name, id, value, plan().units(), LengthReader::signed, v -> edit(change, v, action), model::complain);
    }

    /** Applies an edit whose numbers may be impossible; then the sentence says so and nothing changes. */
    private void edit(Function<Length, Plan> change, Length value, String action) {
        try {
            model.edit(change.apply(value), action);
        } catch (IllegalArgumentException e) {
            model.complain("That cannot be: " + e.getMessage() + ".");
        }
    }

    Node delete() {
        return Widgets.button(
                "Delete", "card-delete", "Delete does it too; Ctrl+Z brings it back", model::deletePicked);
    }
}
