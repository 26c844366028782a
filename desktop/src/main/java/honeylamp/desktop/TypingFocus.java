package honeylamp.desktop;

import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextField;

/**
 * Sees to it that typing goes where the person looks: who points at the plan types into the measure line, whatever
 * field of card or tray had the keyboard before. What was typed there is taken first, as Enter would.
 */
final class TypingFocus {
    private final Scene scene;
    private final Runnable focusPlan;
    private String begun = "";

    TypingFocus(Scene scene, Runnable focusPlan) {
        this.scene = scene;
        this.focusPlan = focusPlan;
        scene.focusOwnerProperty().subscribe(owner -> begun = owner instanceof TextField f ? f.getText() : "");
    }

    /** The mouse moved over the plan. */
    void pointed() {
        if (scene.getFocusOwner() instanceof TextField field && isAside(field)) {
            var changed = !field.getText().equals(begun);
            focusPlan.run();
            if (changed) {
                field.fireEvent(new ActionEvent(field, field));
            }
        }
    }

    /**
     * Escape in a field of card or tray: the text is as it was, and the plan has the keys.
     *
     * @return whether there was such a field
     */
    boolean escaped() {
        if (scene.getFocusOwner() instanceof TextField field && isAside(field)) {
            field.setText(begun);
            focusPlan.run();
            return true;
        }
        return false;
    }

    /** Whether a field belongs to card or tray, not to the measure line or to what lies in front. */
    private static boolean isAside(TextField field) {
        for (Node node = field; node != null; node = node.getParent()) {
            if ("card".equals(node.getId()) || "tray".equals(node.getId())) {
                return true;
            }
        }
        return false;
    }
}
