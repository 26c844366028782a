package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.MinimumSets.MinimumSet;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.RoomMark;
import honeylamp.units.AreaText;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The rooms of the storey, units of rooms, and the brief. */
record RoomTray(WorkspaceModel model, WindowActions window, UnitTray units, BriefTray brief)
        implements Content<RoomTray.Part> {
    RoomTray(WorkspaceModel model, WindowActions window, Library<MinimumSet> sets) {
        this(model, window, new UnitTray(model, window), new BriefTray(model, sets));
    }

    /** A room as it is listed. */
    record Row(Optional<RoomId> id, String name, String area) {}

    /** What is shown. */
    record Part(List<Row> rooms, UnitTray.Part units, BriefTray.Part brief) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                model.shown().geometry().rooms().stream()
                        // a room of a copy is listed where it is drawn
                        .filter(r -> r.mark()
                                .map(RoomMark::id)
                                .filter(ElementId::isCopied)
                                .isEmpty())
                        .map(r -> new Row(
                                r.mark().map(RoomMark::id),
                                r.name().isBlank() ? "(no name)" : r.name(),
                                AreaText.rounded(r.areaMm2(), now.plan().units())))
                        .toList(),
                units.part(now),
                brief.part(now));
    }

    @Override
    public List<Node> nodes(Part part) {
        var list = new VBox(4);
        for (var room : part.rooms()) {
            var area = new Label(room.area());
            area.getStyleClass().add("quiet");
            var button = new Button("", new VBox(0, new Label(room.name()), area));
            button.getStyleClass().add("list-row");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setAccessibleText(room.name());
            button.setOnAction(_ -> room.id().ifPresent(id -> model.pick(Set.of(id))));
            list.getChildren().add(button);
        }
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(Widgets.quiet("Rooms appear by themselves when walls close. Draw walls first."));
        }
        return List.of(
                list,
                Widgets.button(
                        "Schedules", "show-schedules", "Doors, windows and rooms as tables", window::toggleSchedules),
                Widgets.section("Units", units.nodes(part.units()).toArray(Node[]::new)),
                Widgets.section("Brief", brief.nodes(part.brief()).toArray(Node[]::new)));
    }
}
