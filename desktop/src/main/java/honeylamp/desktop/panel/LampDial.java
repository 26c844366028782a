package honeylamp.desktop.panel;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.paper.Lamp;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

/** How much of the presentation is lit. */
public final class LampDial extends HBox {
    private final Map<Lamp, ToggleButton> settings = new EnumMap<>(Lamp.class);

    /** A dial on a model. */
    public LampDial(WorkspaceModel model) {
        getStyleClass().add("lamp-dial");
        setId("lamp");
        setAccessibleText("Lamp");
        for (var lamp : Lamp.values()) {
            var tip = switch (lamp) {
                case DRAFT -> "Thin measured lines (L changes the lamp)";
                case COLOUR -> "Finishes and furniture, no shade (L)";
                case LIT -> "Everything as it will print (L)";
            };
            var toggle = Widgets.toggle(
                    lamp.label(),
                    "lamp-" + lamp.label().toLowerCase(java.util.Locale.ROOT),
                    tip,
                    false,
                    () -> model.light(lamp));
            settings.put(lamp, toggle);
            getChildren().add(toggle);
        }
        model.state().subscribe(now -> settings.forEach((lamp, toggle) -> toggle.setSelected(lamp == now.lamp())));
    }
}
