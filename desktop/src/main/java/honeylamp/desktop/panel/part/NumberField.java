package honeylamp.desktop.panel.part;

import honeylamp.units.Figures;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.scene.control.Label;

/** A named number within bounds, taken by Enter or on leaving the field. */
public final class NumberField extends FieldRow {
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
        super(
                new Label(name),
                new WordField(
                        name,
                        id,
                        Figures.text(value),
                        text -> bounds.read(text)
                                .ifPresentOrElse(take::accept, () -> complain.accept(bounds.sentence(text)))),
                new Label(unit));
    }
}
