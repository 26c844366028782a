package honeylamp.desktop.workspace;

import honeylamp.plan.Showing.Kind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The stages of the trail, in the order people work. */
public enum WorkStage {
    UNDERLAY("Underlay", Keys.control(KeyCode.DIGIT1), Traced.SHOWN),
    WALLS("Walls", Keys.control(KeyCode.DIGIT2), Traced.SHOWN),
    OPENINGS("Openings", Keys.control(KeyCode.DIGIT3), Traced.SHOWN),
    FIXED("Fixed parts", Keys.controlShift(KeyCode.DIGIT3), Traced.SHOWN),
    ROOMS("Rooms", Keys.control(KeyCode.DIGIT4), Traced.HIDDEN),
    FINISHES("Finishes", Keys.control(KeyCode.DIGIT5), Traced.HIDDEN),
    FURNISH("Furnish", Keys.control(KeyCode.DIGIT6), Traced.HIDDEN),
    SITE("Site", Keys.controlShift(KeyCode.DIGIT6), Traced.HIDDEN),
    DIMENSIONS("Dimensions", Keys.control(KeyCode.DIGIT7), Traced.HIDDEN),
    LABELS("Labels", Keys.control(KeyCode.DIGIT8), Traced.HIDDEN),
    LIGHTING("Lighting", Keys.controlShift(KeyCode.DIGIT8), Traced.HIDDEN),
    LOOK("Look", Keys.control(KeyCode.DIGIT9), Traced.HIDDEN),
    SHEET("Sheet", Keys.control(KeyCode.DIGIT0), Traced.HIDDEN);

    /** Whether pictures to trace are seen while the stage is active. */
    private enum Traced {
        SHOWN,
        HIDDEN
    }

    private final String label;
    private final Optional<Keys> keys;
    private final Traced traced;

    WorkStage(String label, Keys keys, Traced traced) {
        this.label = label;
        this.keys = Optional.of(keys);
        this.traced = traced;
    }

    /** The name people see. */
    public String label() {
        return label;
    }

    /** The tools; the first is the one a stage begins with. */
    public List<Tool> tools() {
        return Tool.in(this);
    }

    /** The keys that go to the stage; a stage can do without. */
    public Optional<Keys> keys() {
        return keys;
    }

    /** The tool of this place among the stage's, from 1 to 10, that keys ask for. */
    public Optional<Tool> toolOf(KeyEvent pressed) {
        return !pressed.isAltDown() || pressed.isControlDown()
                ? Optional.empty()
                : tools().stream()
                        .filter(t ->
                                placeKey(t).filter(k -> k == pressed.getCode()).isPresent())
                        .findFirst();
    }

    /** The digit that, with Alt, takes a tool of the stage up. */
    public Optional<KeyCode> placeKey(Tool tool) {
        var place = tools().indexOf(tool);
        return place < 0 || place > 9 ? Optional.empty() : Optional.of(KeyCode.valueOf("DIGIT" + (place + 1) % 10));
    }

    /** The stage these keys go to. */
    public static Optional<WorkStage> of(KeyEvent pressed) {
        return Arrays.stream(values())
                .filter(s -> s.keys.filter(k -> k.matches(pressed)).isPresent())
                .findFirst();
    }

    /** The kind of things it works on, to be shown and hidden, faded and locked; empty if it works on no one kind. */
    public Optional<Kind> kind() {
        return switch (this) {
            case WALLS -> Optional.of(Kind.WALLS);
            case OPENINGS -> Optional.of(Kind.OPENINGS);
            case FIXED -> Optional.of(Kind.FIXED_PARTS);
            case ROOMS -> Optional.of(Kind.ROOM_NAMES);
            case FINISHES -> Optional.of(Kind.FINISHES);
            case FURNISH -> Optional.of(Kind.FURNITURE);
            case SITE -> Optional.of(Kind.GROUND);
            case DIMENSIONS -> Optional.of(Kind.DIMENSIONS);
            case LABELS -> Optional.of(Kind.NOTES);
            case LIGHTING -> Optional.of(Kind.FITTINGS);
            case UNDERLAY, LOOK, SHEET -> Optional.empty();
        };
    }

    /** Whether pictures to trace are shown while this stage is active. */
    public boolean showsUnderlay() {
        return traced == Traced.SHOWN;
    }
}
