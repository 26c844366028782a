package honeylamp.desktop.panel;

import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.WallEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Wall;
import honeylamp.units.LengthText;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** A wall as typed values. */
record WallCard(WorkspaceModel model, CardParts parts) {
    List<Node> of(Wall wall) {
        var id = wall.id();
        return List.of(
                Widgets.heading("Wall"),
                parts.length(
                        "Length",
                        "wall-length",
                        wall.length(),
                        v -> WallEdits.setLength(parts.plan(), parts.at(), id, v, WallEdits.End.TO),
                        "Set wall length"),
                parts.length(
                        "Height",
                        "wall-height",
                        wall.height(),
                        v -> WallEdits.setHeight(parts.plan(), parts.at(), List.of(id), v),
                        "Set wall height"),
                types(List.of(id), wall.type()),
                Widgets.section("Body beside the drawn line", sides(wall)),
                parts.delete());
    }

    private Node sides(Wall wall) {
        var box = Widgets.row();
        for (var side : Wall.BodySide.values()) {
            var label = switch (side) {
                case LEFT -> "Left";
                case CENTRE -> "Centre";
                case RIGHT -> "Right";
            };
            box.getChildren()
                    .add(Widgets.toggle(
                            label,
                            "body-" + label,
                            "Seen from its first end",
                            side == wall.body(),
                            () -> model.edit(
                                    WallEdits.setBody(parts.plan(), parts.at(), List.of(wall.id()), side),
                                    "Shift wall body")));
        }
        return box;
    }

    /** The wall types to choose from, for these walls. */
    Node types(List<ElementId.WallId> ids, ElementId.@Nullable WallTypeId now) {
        var box = new VBox(4);
        for (var type : parts.plan().wallTypes()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            type.name() + "   "
                                    + LengthText.shown(
                                            type.thickness(), parts.plan().units()),
                            "card-type-" + type.id().number(),
                            "Change the type",
                            type.id().equals(now),
                            () -> model.edit(
                                    WallEdits.setType(parts.plan(), parts.at(), ids, type.id()), "Change wall type")));
        }
        return Widgets.section("Type", box);
    }
}
