package honeylamp.desktop.panel.part;

import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Words of several lines: taken when the focus leaves them or by Ctrl+Enter, put back by Esc. */
public final class WordsArea extends TextArea {
    private static final int ROWS = 4;

    /** Shows words, and gives on what they become. */
    public WordsArea(String id, String name, String words, Consumer<String> take) {
        super(words);
        setId(id);
        setAccessibleText(name);
        setPrefRowCount(ROWS);
        setWrapText(true);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                setText(words);
            } else if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
                e.consume();
                take.accept(getText());
            }
        });
        focusedProperty().subscribe((was, is) -> {
            if (was && !is && !getText().strip().equals(words)) {
                Platform.runLater(
                        () -> { // the focus has moved on by then, and what holds them may be gone
                            if (getScene() != null) {
                                take.accept(getText());
                            }
                        });
            }
        });
    }
}
