package honeylamp.desktop;

import java.util.Set;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;

/**
 * Sees to it that typing goes where the person looks: who points at the plan types into the measure line, whatever
 * field of card or tray had the keyboard before. What was typed there is taken first, as Enter would.
 */
final class TypingFocus {
    private static final Set<String> ASIDE = Set.of("card", "tray", "plan-name", "snag-dock", "contents-dock");

    private final Scene scene;
    private final Runnable focusPlan;
    private String begun = "";

    TypingFocus(Scene scene, Runnable focusPlan) {
        this.scene = scene;
        this.focusPlan = focusPlan;
        scene.focusOwnerProperty().subscribe(owner -> begun = owner instanceof TextInputControl f ? f.getText() : "");
    }

    /** The mouse moved over the plan; who writes several lines of words goes on writing them. */
    void pointed() {
        if (scene.getFocusOwner() instanceof TextField) {
            taken();
        }
    }

    /** What was typed into a field of card or tray is taken, as when the plan is saved or left. */
    void taken() {
        if (scene.getFocusOwner() instanceof TextInputControl field && isAside(field)) {
            var changed = !field.getText().equals(begun);
            focusPlan.run(); // an area of words and a line of words are taken by leaving them
            if (changed && field instanceof TextField line) {
                line.fireEvent(new ActionEvent(line, line));
            }
        }
    }

    /**
     * Escape in a field of card or tray: the text is as it was, and the plan has the keys.
     *
     * @return whether there was such a field
     */
    boolean escaped() {
        if (scene.getFocusOwner() instanceof TextInputControl field && isAside(field)) {
            field.setText(begun);
            focusPlan.run();
            return true;
        }
        return false;
    }

    /** Whether a field belongs to card or tray or the name of the plan, not to the measure line or to what lies in front. */
    private static boolean isAside(TextInputControl field) {
        for (Node node = field; node != null; node = node.getParent()) {
            if (ASIDE.contains(String.valueOf(node.getId()))) {
                return true;
            }
        }
        return false;
    }
}
