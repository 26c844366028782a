package honeylamp.desktop.panel;

import honeylamp.desktop.command.Command;
import honeylamp.desktop.command.CommandTable;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Point;
import honeylamp.takeoff.Contents;
import java.util.Set;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;

/**
 * What can be done here and now: what the table of commands has for what is picked, and the tools of the stage. It
 * opens by a click of the second button, which pans when it is dragged, or by the keyboard's key for menus.
 */
public final class PlanMenu {
    private final WorkspaceModel model;
    private final CommandTable commands;
    private final ContextMenu menu = new ContextMenu();

    /** A menu of a drawing. */
    public PlanMenu(WorkspaceModel model, CommandTable commands, PlanPane plan) {
        this.model = model;
        this.commands = commands;
        menu.setId("plan-menu");
        plan.addEventFilter(MouseEvent.MOUSE_PRESSED, _ -> menu.hide());
        plan.addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.getButton() == MouseButton.SECONDARY && e.isStillSincePress()) {
                pick(plan.at(e.getX(), e.getY()));
                fill();
                menu.show(plan, e.getScreenX(), e.getScreenY());
            }
        });
        plan.setOnContextMenuRequested(e -> {
            if (e.isKeyboardTrigger()) {
                fill();
                var middle = plan.localToScreen(plan.getWidth() / 2, plan.getHeight() / 2);
                menu.show(plan, middle.getX(), middle.getY());
            }
        });
    }

    /** What lies under the pointer is what the menu is about; what is picked already stays so. */
    private void pick(Point p) {
        model.lyingAt(p).filter(id -> !model.now().selection().contains(id)).ifPresent(id -> model.pick(Set.of(id)));
    }

    /** What is picked, by its name. */
    private String about() {
        var picked = model.now().selection();
        if (picked.size() > 1) {
            return picked.size() + " things picked";
        }
        return picked.stream()
                .findFirst()
                .flatMap(id -> Contents.of(model.now().plan(), model.geometry(), id))
                .map(e -> e.kind() + (e.name().isBlank() ? "" : ": " + e.name()))
                .orElse("");
    }

    private void fill() {
        var items = menu.getItems();
        items.clear();
        var about = about();
        if (!about.isEmpty()) {
            var heading = item("about", about, "", () -> {});
            heading.setDisable(true);
            heading.getStyleClass().add("menu-heading");
            items.add(heading);
            items.add(new SeparatorMenuItem());
        }
        commands.all().stream()
                .filter(c -> c.place() == Command.Place.PICKED && commands.isPossible(c))
                .forEach(c -> items.add(item(c.id(), c.words(), c.keyText(), c.action())));
        if (model.now().selection().isEmpty()) {
            items.add(new SeparatorMenuItem());
            for (var tool : model.now().stage().tools()) {
                items.add(item("take-" + tool.id(), tool.label(), keys(tool), () -> model.use(tool)));
            }
        }
    }

    private static String keys(Tool tool) {
        return tool.keys().map(k -> k.text()).orElse("");
    }

    private static MenuItem item(String id, String words, String keys, Runnable action) {
        var shown = new Label(keys);
        shown.getStyleClass().add("quiet");
        var name = new Label(words);
        name.setMinWidth(130);
        var item = new MenuItem("", new HBox(12, name, shown));
        item.setId("menu-" + id);
        item.setOnAction(_ -> action.run());
        return item;
    }
}
