package honeylamp.desktop.panel.part;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** A named whole number from 1 up to a limit. */
public final class CountField extends HBox {
    private final TextField field;
    private final int first;
    private final int most;
    private final Consumer<String> say;

    public CountField(String name, String id, int first, int most, Consumer<String> say) {
        super(6);
        this.first = first;
        this.most = most;
        this.say = say;
        getStyleClass().add("field-row");
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        field = new TextField(Integer.toString(first));
        field.setId(id);
        field.setAccessibleText(name);
        label.setLabelFor(field);
        var unit = new Label("");
        unit.getStyleClass().add("unit");
        getChildren().addAll(label, Widgets.spring(), field, unit);
    }

    /** The number typed; the one it began with, after a complaint, if what is typed is none. */
    public int count() {
        var text = field.getText().strip();
        if (text.matches("[0-9]{1,4}") && Integer.parseInt(text) >= 1 && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        say.accept("\"" + text + "\" is no count; type a whole number from 1 to " + most + ".");
        field.setText(Integer.toString(first));
        return first;
    }
}
