package honeylamp.desktop.picture;

import honeylamp.desktop.gesture.Pointer.Keys;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/** Which modifier keys are down, followed from key events, since pointer events do not always say. */
public final class HeldKeys {
    private boolean shift;
    private boolean alt;
    private boolean control;

    /** Follows the keys of a scene. */
    public void follow(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> set(e, true));
        scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> set(e, false));
    }

    private void set(KeyEvent event, boolean down) {
        switch (event.getCode()) {
            case SHIFT -> shift = down;
            case ALT -> alt = down;
            case CONTROL -> control = down;
            default -> {}
        }
    }

    Keys now() {
        return new Keys(shift, alt, control);
    }

    Keys with(MouseEvent event) {
        return new Keys(shift || event.isShiftDown(), alt || event.isAltDown(), control || event.isControlDown());
    }
}
