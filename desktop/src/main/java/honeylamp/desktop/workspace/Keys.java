package honeylamp.desktop.workspace;

import java.util.Locale;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A key, pressed with Control or Shift or alone. */
public record Keys(KeyCode code, Control control, Shift shift) {
    /** Takes back. */
    public static final Keys UNDO = control(KeyCode.Z);

    /** Pastes what was copied. */
    public static final Keys PASTE = control(KeyCode.V);

    /** Makes another like what is picked. */
    public static final Keys DUPLICATE = control(KeyCode.D);

    /** Keeps what is picked together. */
    public static final Keys KEEP_TOGETHER = control(KeyCode.B);

    /** Lets go of each other what is kept together. */
    public static final Keys LET_GO = controlShift(KeyCode.B);

    /** The next usual width. */
    public static final Keys NEXT_WIDTH = alone(KeyCode.W);

    /** Lays the next arrangement open. */
    public static final Keys NEXT_SCHEME = alone(KeyCode.K);

    /** The storey above. */
    public static final Keys STOREY_UP = alone(KeyCode.PAGE_UP);

    /** The storey below. */
    public static final Keys STOREY_DOWN = alone(KeyCode.PAGE_DOWN);

    /** The next tool of the stage, or the next field. */
    public static final Keys NEXT_TOOL = new Keys(KeyCode.TAB, Control.FREE, Shift.FREE);

    /** What is said where something can be taken back. */
    public static final String BRINGS_IT_BACK = UNDO.text() + " brings it back";

    /** Whether Control is held. */
    public enum Control {
        HELD,
        /** It must not be. */
        FREE
    }

    /** Whether Shift is held. */
    public enum Shift {
        HELD,
        /** It must not be. */
        FREE,
        /** It makes no difference. */
        EITHER
    }

    public static Keys alone(KeyCode code) {
        return new Keys(code, Control.FREE, Shift.EITHER);
    }

    /** A key with neither Control nor Shift, where Shift asks for something else. */
    public static Keys unshifted(KeyCode code) {
        return new Keys(code, Control.FREE, Shift.FREE);
    }

    /** A key with Shift. */
    public static Keys shift(KeyCode code) {
        return new Keys(code, Control.FREE, Shift.HELD);
    }

    /** A key with Control. */
    public static Keys control(KeyCode code) {
        return new Keys(code, Control.HELD, Shift.FREE);
    }

    /** A key with Control and Shift. */
    public static Keys controlShift(KeyCode code) {
        return new Keys(code, Control.HELD, Shift.HELD);
    }

    /** A key with Control, whether Shift is held or not: signs that need Shift on some keyboards. */
    public static Keys controlSign(KeyCode code) {
        return new Keys(code, Control.HELD, Shift.EITHER);
    }

    /** Whether these keys were pressed. */
    public boolean matches(KeyEvent e) {
        return e.getCode() == code
                && e.isControlDown() == (control == Control.HELD)
                && (shift == Shift.EITHER || e.isShiftDown() == (shift == Shift.HELD));
    }

    /** Their names as they stand on the keys, e.g. {@code Ctrl+Shift+S}. */
    public String text() {
        return (control == Control.HELD ? "Ctrl+" : "") + (shift == Shift.HELD ? "Shift+" : "") + name();
    }

    private String name() {
        return switch (code) {
            case EQUALS -> "=";
            case PLUS, ADD -> "+";
            case MINUS, SUBTRACT -> "\u2212";
            case ESCAPE -> "Esc";
            case BACK_SPACE -> "Backspace";
            case PAGE_UP -> "Page up";
            case PAGE_DOWN -> "Page down";
            default -> {
                var name = code.getName();
                yield name.length() < 2
                        ? name
                        : name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
            }
        };
    }
}
