package honeylamp.desktop.panel.part;

import honeylamp.units.Figures;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** A named number within bounds, taken by Enter or on leaving the field. */
public final class NumberField extends HBox {
    /**
     * A number.
     *
     * @param bounds what may be typed
     * @param unit stands behind it, perhaps nothing
     */
    public NumberField(
            String name,
            String id,
            double value,
            Figures bounds,
            String unit,
            DoubleConsumer take,
            Consumer<String> complain) {
        super(6);
        getStyleClass().add("field-row");
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        TextField field = new WordField(
                name,
                id,
                Figures.text(value),
                text -> bounds.read(text).ifPresentOrElse(take::accept, () -> complain.accept(bounds.sentence(text))));
        label.setLabelFor(field);
        var behind = new Label(unit);
        behind.getStyleClass().addAll("quiet", "unit");
        getChildren().addAll(label, Widgets.spring(), field, behind);
    }
}
