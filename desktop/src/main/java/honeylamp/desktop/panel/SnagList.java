package honeylamp.desktop.panel;

import honeylamp.derive.Snag;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.View;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Mending;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The counter of snags; opened, it lists them, and each can be shown. */
public final class SnagList extends Button {
    private static final PseudoClass CLEAN = PseudoClass.getPseudoClass("clean");
    private static final double CLOSE_PX_PER_MM = 0.25;

    private final WorkspaceModel model;
    private final PlanPane plan;
    private final ContextMenu menu = new ContextMenu();

    /** A counter on a model; "Show" moves the plan pane. */
    public SnagList(WorkspaceModel model, PlanPane plan) {
        this.model = model;
        this.plan = plan;
        setId("snags");
        getStyleClass().add("snags");
        menu.getStyleClass().add("snag-menu");
        setOnAction(_ -> open());
        model.state().subscribe(_ -> update());
        plan.addEventFilter(javafx.scene.input.MouseEvent.MOUSE_PRESSED, _ -> menu.hide());
    }

    private void update() {
        var count = model.snags().size();
        setText(count == 0 ? "No snags" : count == 1 ? "1 snag" : count + " snags");
        pseudoClassStateChanged(CLEAN, count == 0);
    }

    private void open() {
        menu.getItems().clear();
        for (var snag : model.snags()) {
            menu.getItems().add(item(snag));
        }
        if (menu.getItems().isEmpty()) {
            menu.getItems().add(new CustomMenuItem(new Label("Nothing is wrong with this plan.")));
        }
        menu.show(this, Side.TOP, 0, -4);
    }

    private CustomMenuItem item(Snag snag) {
        var kind = Widgets.heading(snag.kind().label());
        var sentence = Widgets.quiet(snag.sentence());
        sentence.setMaxWidth(360);
        var box = new VBox(4, kind, sentence);
        Mending.of(model.now().plan(), model.geometry(), snag)
                .ifPresent(mend -> box.getChildren()
                        .add(Widgets.button(mend.words(), "mend", "Mends this snag; Ctrl+Z brings it back", () -> {
                            menu.hide();
                            model.edit(mend.plan(), "Mend: " + snag.kind().label());
                            plan.requestFocus();
                        })));
        var item = new CustomMenuItem(box);
        item.setOnAction(_ -> show(snag));
        return item;
    }

    private void show(Snag snag) {
        model.show(new View(snag.where(), Math.max(model.now().view().pxPerMm(), CLOSE_PX_PER_MM)));
        model.pick(Set.copyOf(snag.about()));
        model.say(snag.sentence());
        plan.requestFocus();
    }
}
