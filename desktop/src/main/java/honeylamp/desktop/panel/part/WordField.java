package honeylamp.desktop.panel.part;

import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A line of words, taken by Enter or on leaving the field; Esc puts back what was there. */
public final class WordField extends TextField {
    private final Consumer<String> take;
    private String taken;

    /**
     * A field of words.
     *
     * @param name for those who hear the window
     * @param take the words without spaces around them
     */
    public WordField(String name, String id, String value, Consumer<String> take) {
        super(value);
        this.take = take;
        taken = value;
        setId(id);
        setAccessibleText(name);
        setOnAction(_ -> take());
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                setText(taken);
            }
        });
        focusedProperty().subscribe((was, is) -> {
            if (was && !is && !getText().equals(taken)) {
                Platform.runLater(this::takeOnLeaving); // the focus has moved on by then, and the card may change
            }
        });
    }

    /** The same, its name to be read in it while it is empty. */
    public WordField hinted() {
        setPromptText(getAccessibleText());
        return this;
    }

    private void takeOnLeaving() {
        if (getScene() != null && !getText().equals(taken)) { // else Enter has taken it, and the card was made anew
            take();
        }
    }

    private void take() {
        taken = getText();
        take.accept(taken.strip());
    }
}
