package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;
import static honeylamp.desktop.workspace.Keys.control;
import static honeylamp.desktop.workspace.Keys.controlShift;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.List;
import javafx.scene.input.KeyCode;

/** Commands of hands on the keyboard. */
final class HandCommands {
    private static final double STEP_PX = 12;
    private static final double FINE_STEP_PX = 1;

    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    HandCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        nudges();
        into.add(
                "next-part",
                "Next part of the window",
                "Takes the keyboard to the next part",
                Place.HANDS,
                window::nextPart,
                alone(KeyCode.F6));
        into.drawing("enter", "Enter", "Does what the measure line says", window::enterFromPlan, alone(KeyCode.ENTER));
        into.drawing(
                "next-field",
                "Next field or tool",
                "A field of the measure line while something is under way, else the next tool of the stage",
                window::nextFieldOrTool,
                Keys.NEXT_TOOL);
        into.drawing(
                "press",
                "Press",
                "Presses where the pointer is, and drags while held",
                window::pressHere,
                alone(KeyCode.SPACE));
        steer("left", -1, 0, KeyCode.LEFT, KeyCode.KP_LEFT);
        steer("right", 1, 0, KeyCode.RIGHT, KeyCode.KP_RIGHT);
        steer("up", 0, -1, KeyCode.UP, KeyCode.KP_UP);
        steer("down", 0, 1, KeyCode.DOWN, KeyCode.KP_DOWN);
    }

    /** Arrows with Control move what is picked. */
    private void nudges() {
        nudge("left", -1, 0, KeyCode.LEFT);
        nudge("right", 1, 0, KeyCode.RIGHT);
        nudge("up", 0, 1, KeyCode.UP);
        nudge("down", 0, -1, KeyCode.DOWN);
    }

    private void nudge(String way, int across, int up, KeyCode key) {
        for (var small : List.of(false, true)) {
            into.add(new Command(
                    "nudge-" + way + (small ? "-fine" : ""),
                    "Nudge " + way,
                    small ? "What is picked, by 1 mm or 1/16 in" : "What is picked, by 10 mm or 1/2 in",
                    Place.HANDS,
                    List.of(small ? controlShift(key) : control(key)),
                    Where.OUTSIDE_TEXT,
                    CommandList::isPicked,
                    () -> model.picked().nudge(across, up, small)));
        }
    }

    private void steer(String way, int across, int down, KeyCode key, KeyCode pad) {
        for (var shift : List.of(Keys.Shift.FREE, Keys.Shift.HELD)) {
            var fine = shift == Keys.Shift.HELD;
            var step = fine ? FINE_STEP_PX : STEP_PX;
            into.drawing(
                    "pointer-" + way + (fine ? "-fine" : ""),
                    "Pointer " + way,
                    "Moves the pointer by " + (fine ? "one pixel" : "a step"),
                    () -> window.steer(across * step, down * step),
                    new Keys(key, Keys.Control.FREE, shift),
                    new Keys(pad, Keys.Control.FREE, shift));
        }
    }
}
