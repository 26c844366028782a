package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.Tool;
import javafx.scene.shape.SVGPath;

/** Line icons of the tools, as the tools say they look. */
public final class ToolIcons {
    private ToolIcons() {}

    public static SVGPath of(Tool tool) {
        var icon = new SVGPath();
        icon.getStyleClass().add("tool-icon");
        icon.setContent(tool.icon());
        return icon;
    }
}
