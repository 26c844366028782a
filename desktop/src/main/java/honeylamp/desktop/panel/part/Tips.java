package honeylamp.desktop.panel.part;

import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * Words on what a control does, shown where the pointer rests on it and told to screen readers. Each is a window of its own:
 * it is made when the pointer first comes to its control, as few ever are.
 */
public final class Tips {
    private Tips() {}

    /** Gives a control its words. */
    public static void on(Control control, String words) {
        control.setAccessibleHelp(words);
        control.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> {
            if (control.getTooltip() == null) {
                control.setTooltip(new Tooltip(control.getAccessibleHelp()));
            }
        });
    }

    /** Gives a control that has words others. */
    public static void change(Control control, String words) {
        control.setAccessibleHelp(words);
        if (control.getTooltip() != null) {
            control.getTooltip().setText(words);
        }
    }
}
