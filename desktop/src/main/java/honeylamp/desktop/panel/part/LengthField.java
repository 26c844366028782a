package honeylamp.desktop.panel.part;

import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

/** A named length that can be typed in any unit; Enter takes it, a bad one is marked and explained. */
public final class LengthField extends FieldRow {
    private static final PseudoClass ECHO = PseudoClass.getPseudoClass("echo");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    public LengthField(
            String name, String id, Length value, UnitSystem units, Consumer<Length> take, Consumer<String> say) {
        this(name, id, value, units, LengthReader::positive, take, say);
    }

    public LengthField(
            String name,
            String id,
            Length value,
            UnitSystem units,
            BiFunction<String, UnitSystem, LengthReading> read,
            Consumer<Length> take,
            Consumer<String> say) {
        var label = new Label(name);
        var shown = LengthText.rounded(value, units);
        var field = new TextField(shown);
        super(label, field, new Label(units.isMetric() ? units.sign() : ""));
        field.setId(id);
        field.setAccessibleText(name);
        Tips.on(field, LengthText.exact(value, units));
        field.setOnAction(_ -> {
            if (field.getText().equals(shown)) {
                field.pseudoClassStateChanged(WRONG, false);
                return; // untouched: the length behind the rounded text stays as it is
            }
            switch (read.apply(field.getText(), units)) {
                case LengthReading.Good(var length) -> {
                    field.pseudoClassStateChanged(WRONG, false);
                    take.accept(length);
                }
                case LengthReading.Bad(var sentence) -> {
                    field.pseudoClassStateChanged(WRONG, true);
                    say.accept(sentence);
                }
            }
        });
        field.textProperty().subscribe((_, typed) -> {
            var echo = typed.equals(shown) || typed.isBlank()
                    ? ""
                    : read.apply(typed, units) instanceof LengthReading.Good(var length)
                            ? "= " + LengthText.exact(length, units)
                            : "";
            label.setText(echo.isEmpty() ? name : echo); // in full, so that it cannot be misread
            label.pseudoClassStateChanged(ECHO, !echo.isEmpty());
        });
    }
}
