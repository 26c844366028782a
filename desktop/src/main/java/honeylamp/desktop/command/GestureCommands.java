package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.List;
import javafx.scene.input.KeyCode;

/** Commands about what is under way, and what is drawn next. */
final class GestureCommands {
    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    GestureCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        gestures();
        next();
    }

    private void gestures() {
        into.add(new Command(
                "paste",
                "Paste",
                "What was copied; in the Underlay stage the picture on the clipboard",
                Place.PICKED,
                List.of(Keys.PASTE),
                Where.OUTSIDE_TEXT,
                _ -> true,
                () -> {
                    // where pictures are worked on a picture is meant, whatever was copied of a plan before
                    if (model.now().stage() == WorkStage.UNDERLAY
                            || !model.picked().paste()) {
                        window.pastePicture();
                    }
                }));
        into.plain(
                "escape",
                "Let go",
                "Drops what is under way, then what is picked, then takes up the tool that picks",
                Place.GESTURE,
                model::escape,
                KeyCode.ESCAPE);
        into.plain(
                "turn",
                "Turn",
                "Turns a piece; hangs a leaf at the other jamb",
                Place.GESTURE,
                () -> model.key(Gesture.Key.TURN),
                KeyCode.R);
        into.plain(
                "flip",
                "Other side",
                "Changes the side, hand or shape of what is put in",
                Place.GESTURE,
                () -> model.key(Gesture.Key.FLIP),
                KeyCode.F);
        into.plain(
                "close",
                "Close",
                "Closes a chain of walls; centres an opening; takes up the finish that lies there",
                Place.GESTURE,
                () -> model.key(Gesture.Key.CLOSE),
                KeyCode.C);
        into.plain(
                "next-catch",
                "Next catch",
                "Catches the next thing within reach; goes on to another surface",
                Place.GESTURE,
                () -> model.key(Gesture.Key.NEXT),
                KeyCode.N);
        into.add(new Command(
                "measured",
                "Put in what was measured",
                "The length measured last, into the field of the measure line",
                Place.GESTURE,
                List.of(alone(KeyCode.EQUALS)),
                Where.OUTSIDE_TEXT,
                w -> w.measured().isPresent(),
                () -> model.now().measured().ifPresent(window::putLength)));
        into.add(new Command(
                "half-measured",
                "Put in half of it",
                "Half of the length measured last",
                Place.GESTURE,
                List.of(alone(KeyCode.H)),
                Where.OUTSIDE_TEXT,
                w -> w.measured().isPresent(),
                () -> model.now().measured().ifPresent(l -> window.putLength(l.half()))));
    }

    private void next() {
        into.choice(
                "next-type",
                "Next type",
                "The next wall type, or the next kind of opening",
                NextChoice::type,
                _ -> true,
                KeyCode.T);
        into.choice(
                "next-width",
                "Next width",
                "The next usual width of an opening",
                NextChoice::width,
                w -> w.stage() == WorkStage.OPENINGS,
                Keys.NEXT_WIDTH.code());
        into.choice(
                "next-face",
                "Next drawn face",
                "Outer face, centre or inner face is drawn",
                NextChoice::face,
                _ -> true,
                KeyCode.D);
        into.choice(
                "square",
                "Square or free",
                "Walls at right angles, or at any",
                NextChoice::angle,
                _ -> true,
                KeyCode.Q);
    }
}
